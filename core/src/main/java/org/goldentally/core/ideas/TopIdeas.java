package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.unit.UnitKind;

/**
 * Tops that cloth makes: the traditional blocks in the ways to dress them, set in the usual ways, in sizes that a ruler
 * cuts, as large as the cloth allows or about as large as wished. They come in an order that changes block, dressing and
 * setting from one to the next, so that the first ten are ten different quilts; the same cloth and wish give the same list.
 */
public final class TopIdeas {

    /** As many as anyone looks through (our own limit). */
    public static final int MOST = 200;

    /** Cells are looked for that meet a size up to so many inches or centimetres (our own limit). */
    private static final int LARGEST_CELL = 20;

    /** Sizes in which a block is tried. */
    private static final int SIZES_OF_A_BLOCK = 2;

    /** So many are looked through for good ones, before those that use little, and those that buy something, come to be shown. */
    private static final int WINDOW = 120;

    /** So many neighbours are of different blocks, where so many blocks make good ones. */
    private static final int APART = 10;

    private final TopWish wish;
    private final List<IdeaSketch> sketches;
    private final int justSo;
    private final List<String> leftOut;

    /** Sketches by their place among {@link #sketches}, in the order in which they are shown; grows as it is asked for. */
    private final List<Integer> order = new ArrayList<>();

    private final List<Integer> againOnes = new ArrayList<>();
    private final List<Integer> otherOnes = new ArrayList<>();
    private final List<Integer> smallOnes = new ArrayList<>();
    private final List<Integer> buyingOnes = new ArrayList<>();
    private int lookedThrough;

    /** @param justSo how many of them, in front, meet a wished size to the inch */
    private TopIdeas(TopWish wish, List<IdeaSketch> sketches, int justSo, List<String> leftOut) {
        this.wish = wish;
        this.sketches = sketches;
        this.justSo = justSo;
        this.leftOut = List.copyOf(leftOut);
    }

    /**
     * For fabric at hand; without any, for fabric that is still to be bought. Where no quilt has all that is asked for, words
     * are left out until some have, and are said.
     */
    public static TopIdeas of(List<ShelfCloth> cloths, TopWish wish) {
        List<Dressing> dressings = Dressings.of(cloths);
        Map<Block, Set<IdeaSketch>> all = new LinkedHashMap<>();
        blocksInTurn().forEach(block -> all.put(block, allSketches(block, dressings, cloths, wish)));
        Described described = new Described();
        List<String> leftOut = new ArrayList<>();
        TopWish asked = wish.asking(heard(
                wish.words(),
                heard ->
                        all.values().stream().flatMap(Set::stream).anyMatch(sketch -> described.isAsked(sketch, heard)),
                leftOut));
        List<Map<Rank, List<IdeaSketch>>> ofBlocks = new ArrayList<>();
        all.forEach((block, sketches) -> {
            Set<IdeaSketch> wanted = sketches.stream()
                    .filter(sketch -> described.isAsked(sketch, asked.words()))
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            if (!wanted.isEmpty()) {
                ofBlocks.add(ranked(wanted, asked, precutSizes(block, cloths, asked), ofBlocks.size()));
            }
        });
        // What meets a wished size to the inch, or seems to use most, comes before what comes near it, whatever the
        // block.
        Set<IdeaSketch> inOrder = new LinkedHashSet<>();
        inOrder.addAll(inTurn(ofBlocks, EnumSet.of(Rank.JUST_SO)));
        int justSo = inOrder.size();
        inOrder.addAll(inTurn(ofBlocks, EnumSet.range(Rank.MUCH_OF_ALL_AND_PRECUTS, Rank.MOST)));
        inOrder.addAll(inTurn(ofBlocks, EnumSet.allOf(Rank.class)));
        return new TopIdeas(asked, inOrder.stream().limit(MOST).toList(), justSo, leftOut);
    }

    /**
     * As much of what was said as some sketch has: words that none has go first, then the number of fabrics, then the last word.
     *
     * @param isMet whether some sketch has all of it
     */
    private static WishedWords heard(WishedWords said, Predicate<WishedWords> isMet, List<String> leftOut) {
        WishedWords heard = said;
        for (String word : said.words()) {
            if (!isMet.test(new WishedWords(Optional.empty(), Optional.empty(), List.of(word)))) {
                leftOut.add(word);
                heard = heard.without(word);
            }
        }
        if (heard.fabrics().isPresent() && !isMet.test(heard)) {
            leftOut.add(heard.fabrics().get() + " fabrics");
            heard = heard.withoutFabrics();
        }
        while (!heard.words().isEmpty() && !isMet.test(heard)) {
            String last = heard.words().getLast();
            leftOut.add(last);
            heard = heard.without(last);
        }
        return heard;
    }

    /** What was asked for and no quilt here has, in small letters and the singular; mostly nothing. */
    public List<String> leftOut() {
        return leftOut;
    }

    List<IdeaSketch> sketches() {
        return sketches;
    }

    /** How many there are. */
    public int count() {
        return sketches.size();
    }

    /**
     * Some of them, worked out in the order of their {@link TopIdea.Worth}: of each {@value #WINDOW} those that use most first,
     * in other blocks than the {@value #APART} before. Ones that turn out to be impossible are left out.
     */
    public synchronized List<TopIdea> workedOut(int from, int count) {
        Map<Integer, TopIdea> known = new HashMap<>();
        while (order.size() < from + count && lookedThrough < sketches.size()) {
            lookThroughNext(known);
        }
        return order.subList(Math.min(from, order.size()), Math.min(from + count, order.size())).stream()
                .flatMap(each -> Optional.ofNullable(known.get(each)).or(() -> workedOut(sketches.get(each))).stream())
                .toList();
    }

    private void lookThroughNext(Map<Integer, TopIdea> known) {
        int next = lookedThrough++;
        if (!isOfANewBlock(next)) {
            againOnes.add(next);
        } else if (new FittedTop(sketches.get(next), wish).surelyBuys()) {
            buyingOnes.add(next);
        } else {
            workedOut(sketches.get(next)).ifPresent(idea -> {
                known.put(next, idea);
                List<Integer> where = switch (idea.worth()) {
                    case USES_MOST -> order;
                    case IS_A_QUILT -> otherOnes;
                    case IS_SMALL -> smallOnes;
                    case BUYS -> buyingOnes;
                };
                where.add(next);
            });
        }
        if (lookedThrough == justSo || lookedThrough % WINDOW == 0 || lookedThrough == sketches.size()) {
            List.of(otherOnes, smallOnes, againOnes, buyingOnes).forEach(this::show);
        }
    }

    private boolean isOfANewBlock(int next) {
        String name = sketches.get(next).block().name();
        return order.subList(Math.max(0, order.size() - APART), order.size()).stream()
                .noneMatch(each -> sketches.get(each).block().name().equals(name));
    }

    private void show(List<Integer> waiting) {
        order.addAll(waiting);
        waiting.clear();
    }

    /** The one of this key, worked out anew; empty where the cloth makes no such thing any more. */
    public Optional<TopIdea> find(String key) {
        return sketches.stream()
                .filter(sketch -> sketch.key().equals(key))
                .findFirst()
                .flatMap(this::workedOut);
    }

    private Optional<TopIdea> workedOut(IdeaSketch sketch) {
        try {
            return Optional.of(new FittedTop(sketch, wish).idea());
        } catch (RefusedException impossible) {
            // A top that cannot be made is no idea: sizes that no ruler shows, sides longer than any bed.
            return Optional.empty();
        }
    }

    /** Blocks with triangles first; neighbours of the shelf, which look alike, apart from each other. */
    private static List<Block> blocksInTurn() {
        List<Block> mixed = new ArrayList<>(Strides.over(TraditionalBlocks.ALL));
        mixed.sort(Comparator.comparing(TopIdeas::hasTriangles).reversed());
        return mixed;
    }

    private static boolean hasTriangles(Block block) {
        return TraditionalBlocks.withSmaller(block).stream()
                .flatMap(each -> each.parts().stream())
                .map(part -> part.unit().kind())
                .anyMatch(
                        kind -> kind != UnitKind.PLAIN && kind != UnitKind.BLOCK && kind != UnitKind.STRIP_SET_SEGMENT);
    }

    /** Of these ranks one of each block, then a second of each, in other cloths and another setting. */
    private static List<IdeaSketch> inTurn(List<Map<Rank, List<IdeaSketch>>> ofBlocks, Set<Rank> ranks) {
        List<List<IdeaSketch>> ranked = ofBlocks.stream()
                .map(block -> block.entrySet().stream()
                        .filter(rank -> ranks.contains(rank.getKey()))
                        .flatMap(rank -> rank.getValue().stream())
                        .toList())
                .toList();
        List<IdeaSketch> all = new ArrayList<>();
        int longest = ranked.stream().mapToInt(List::size).max().orElse(0);
        for (int round = 0; round < longest && all.size() < MOST; round++) {
            for (List<IdeaSketch> block : ranked) {
                if (round < block.size()) {
                    all.add(block.get(round));
                }
            }
        }
        return all;
    }

    /**
     * A block's sketches: those that meet a wished size to the inch first, then those that seem to use most of what lies there,
     * then those that its precuts give whole, then those whose prints are large enough, then the rest.
     *
     * @param turn how far on each of these begins, so that neighbours on the wall differ in setting and dressing
     */
    private static Map<Rank, List<IdeaSketch>> ranked(
            Set<IdeaSketch> sketches, TopWish wish, List<Length> ofPrecuts, int turn) {
        Map<Rank, List<IdeaSketch>> ranks = new EnumMap<>(Rank.class);
        Map<Block, Measured> measured = new HashMap<>();
        for (IdeaSketch sketch : sketches) {
            Map<String, Double> areas = measured.computeIfAbsent(
                            sketch.block(), any -> new Measured(sketch, sketch.letterArea()))
                    .areasOf(sketch);
            Rank rank = rank(sketch, wish, ofPrecuts, areas);
            ranks.computeIfAbsent(rank, any -> new ArrayList<>()).add(sketch);
        }
        ranks.values().forEach(rank -> Collections.rotate(rank, -(turn % rank.size())));
        return ranks;
    }

    private static Rank rank(IdeaSketch sketch, TopWish wish, List<Length> ofPrecuts, Map<String, Double> areas) {
        if (!sketch.hasPrintsLargeEnough(areas)) {
            return Rank.SMALL_PRINTS;
        }
        if (isJustSo(sketch, wish)) {
            return Rank.JUST_SO;
        }
        boolean ofPrecut = ofPrecuts.contains(sketch.unit());
        FittedTop.Use use = new FittedTop(sketch, wish, areas).seemsToUse();
        if (use.most()) {
            return use.rest()
                    ? ofPrecut ? Rank.MUCH_OF_ALL_AND_PRECUTS : Rank.MUCH_OF_ALL
                    : ofPrecut ? Rank.MOST_OF_PRECUTS : Rank.MOST;
        }
        return ofPrecut ? Rank.OF_PRECUTS : Rank.ANY;
    }

    private enum Rank {
        JUST_SO,
        MUCH_OF_ALL_AND_PRECUTS,
        MUCH_OF_ALL,
        MOST_OF_PRECUTS,
        MOST,
        OF_PRECUTS,
        ANY,
        SMALL_PRINTS
    }

    /** Whether so many whole blocks, with the border there is, are as wide and as high as wished. */
    private static boolean isJustSo(IdeaSketch sketch, TopWish wish) {
        return wish.size()
                .filter(size -> new FittedTop(sketch, wish).isJust(size))
                .isPresent();
    }

    /** A block's areas in one size, which tell them in any other. */
    private record Measured(IdeaSketch sketch, Map<String, Double> areas) {
        Map<String, Double> areasOf(IdeaSketch other) {
            return other.letterArea(sketch, areas);
        }
    }

    private static Set<IdeaSketch> allSketches(
            Block block, List<Dressing> dressings, List<ShelfCloth> cloths, TopWish wish) {
        Set<IdeaSketch> found = new LinkedHashSet<>();
        List<Length> units = units(block, cloths, wish);
        int turn = 0;
        for (int variant = 0; variant < units.size(); variant++) {
            int place = variant;
            for (Lay lay : Lay.values()) {
                for (Dressing dressing : dressings) {
                    // Sizes, and borders or none, take turns over the dressings and settings.
                    Length unit = units.get(place++ % units.size());
                    Length border = border(
                            block, unit, turn++ % 2 == 0 && dressing.accent().isPresent(), wish);
                    Block lettered = dressing.letteredFor(block);
                    List<String> letters = letters(lettered);
                    IdeaSketch sketch = new IdeaSketch(wish.system(), lettered, letters, dressing, lay, unit, border);
                    if (dressing.suits(lettered, letters) && isPossible(sketch)) {
                        found.add(sketch);
                    }
                }
            }
        }
        return found;
    }

    private static boolean isPossible(IdeaSketch sketch) {
        if (sketch.lay() != Lay.STRAIGHT && sketch.dressing().between().isEmpty()) {
            return false;
        }
        boolean square = sketch.block().across() == sketch.block().down();
        return switch (sketch.lay()) {
            case ON_POINT -> square;
            case ALTERNATE -> square && sketch.block().columns().size() > 1;
            case STRAIGHT, SASHED -> true;
        };
    }

    /** A third of a block, or as wished. */
    private static Length border(Block block, Length unit, boolean wanted, TopWish wish) {
        Length third = unit.times(Math.max(block.across(), block.down())).dividedBy(3);
        Length half = wish.system().one().dividedBy(2);
        Length usual = half.times(Math.max(2, third.wholeTimes(half)));
        return wish.border()
                .orElseGet(
                        () -> wanted ? borderThatMeets(block, unit, usual, wish).orElse(usual) : Length.ZERO);
    }

    /** About as wide as usual, so that whole blocks within it make just the wished size. */
    private static Optional<Length> borderThatMeets(Block block, Length unit, Length usual, TopWish wish) {
        Length half = wish.system().one().dividedBy(2);
        return wish.size()
                .flatMap(size -> LongStream.rangeClosed(2, usual.times(2).wholeTimes(half))
                        .mapToObj(half::times)
                        .filter(border -> meets(block, unit, size.within(border)))
                        .min(Comparator.comparing(border -> border.apartFrom(usual))));
    }

    /** Whether whole blocks of such cells, edge to edge, are just so large. */
    private static boolean meets(Block block, Length unit, TopWish.Size size) {
        return isWholeTimes(size.width(), unit.times(block.across()))
                && isWholeTimes(size.height(), unit.times(block.down()));
    }

    private static boolean isWholeTimes(Length side, Length block) {
        return side.isPositive() && side.equals(block.times(side.wholeTimes(block)));
    }

    /** Its cloths, in the order of their letters. */
    private static List<String> letters(Block block) {
        Set<String> letters = new TreeSet<>();
        for (Block each : TraditionalBlocks.withSmaller(block)) {
            each.parts().forEach(part -> letters.addAll(part.unit().cloths()));
        }
        return List.copyOf(letters);
    }

    /** Sizes of a cell that the precuts at hand give, then ones that a ruler cuts; the block as wished, or about as usual. */
    private static List<Length> units(Block block, List<ShelfCloth> cloths, TopWish wish) {
        int across = Math.max(block.across(), block.down());
        if (wish.block().isPresent()) {
            return List.of(wish.block().get().dividedBy(across));
        }
        Optional<Length> fitting = cellOfSoMany(block, wish);
        if (fitting.isPresent()) {
            return List.of(fitting.get());
        }
        List<Length> marks = new ArrayList<>();
        for (int half = 2; half <= 40; half++) {
            if (half % 2 == 0 || half <= 5) {
                marks.add(wish.system().one().times(half).dividedBy(2));
            }
        }
        Length usual = usualBlock(block, wish.system());
        Stream<Length> round = marks.stream()
                .sorted(Comparator.comparing(mark -> mark.times(across).apartFrom(usual)))
                .limit(SIZES_OF_A_BLOCK);
        return Stream.of(precutSizes(block, cloths, wish).stream(), cellsThatMeet(block, wish).stream(), round)
                .flatMap(sizes -> sizes)
                .distinct()
                .toList();
    }

    /**
     * Cells of which whole blocks make just the wished size, the most usual first: of halves, or else of quarters of an inch
     * or of millimetres, as rulers have them.
     */
    private static List<Length> cellsThatMeet(Block block, TopWish wish) {
        Length usual = usualBlock(block, wish.system());
        return IntStream.of(2, wish.system() == MeasureSystem.INCH ? 4 : 10)
                .mapToObj(part -> IntStream.rangeClosed(part, LARGEST_CELL * part)
                        .mapToObj(count -> wish.system().one().times(count).dividedBy(part))
                        .filter(cell -> wish.size()
                                .filter(size -> meets(block, cell, size))
                                .isPresent())
                        .sorted(Comparator.comparing(cell -> cell.times(Math.max(block.across(), block.down()))
                                .apartFrom(usual)))
                        .limit(SIZES_OF_A_BLOCK)
                        .toList())
                .filter(cells -> !cells.isEmpty())
                .findFirst()
                .orElse(List.of());
    }

    /** Where both a number of blocks and a size are wished, the cell with which so many come near the size. */
    private static Optional<Length> cellOfSoMany(Block block, TopWish wish) {
        if (wish.width().isEmpty() || wish.words().blocks().isEmpty()) {
            return Optional.empty();
        }
        FittedTop.Count rows = FittedTop.inRows(wish.words().blocks().get());
        Length wide = wish.width().get().dividedBy(rows.across()).dividedBy(block.across());
        Length high = wish.height().orElseThrow().dividedBy(rows.down()).dividedBy(block.down());
        Grid marks = wish.system() == MeasureSystem.INCH ? Grid.HALF_INCH : Grid.HALF_CENTIMETRE;
        return Optional.of(Length.min(wide, high).roundedDownTo(marks)).filter(Length::isPositive);
    }

    private static List<Length> precutSizes(Block block, List<ShelfCloth> cloths, TopWish wish) {
        return wish.block().isPresent()
                ? List.of()
                : PrecutSizes.in(wish.system()).of(block, cloths, usualBlock(block, wish.system()));
    }

    private static Length usualBlock(Block block, MeasureSystem system) {
        boolean inches = system == MeasureSystem.INCH;
        boolean single = Math.max(block.across(), block.down()) == 1;
        return system.one().times(single ? inches ? 6 : 15 : inches ? 9 : 24);
    }

    /** What sketches are described by; many are described alike. */
    private static final class Described {

        private final Map<String, List<String>> tokens = new HashMap<>();
        private final Map<String, String> units = new HashMap<>();

        boolean isAsked(IdeaSketch sketch, WishedWords asked) {
            boolean ofSoMany = asked.fabrics()
                    .filter(count -> sketch.dressing().fabricsInAll(sketch.letters()) != count)
                    .isEmpty();
            return ofSoMany && (asked.words().isEmpty() || asked.areAmong(tokens(sketch)));
        }

        private List<String> tokens(IdeaSketch sketch) {
            String made = units.computeIfAbsent(
                    sketch.block().name(), name -> String.join(", ", TraditionalBlocks.unitsUsed(sketch.block())));
            return tokens.computeIfAbsent(
                    sketch.block().name() + " | " + made + " | "
                            + sketch.dressing().says() + " | " + sketch.lay().says()
                            + (sketch.border().isZero() ? "" : " | border"),
                    WishedWords::tokens);
        }
    }
}

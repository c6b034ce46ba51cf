package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.TraditionalBlocks;
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

    /** Sizes in which a block is tried. */
    private static final int SIZES_OF_A_BLOCK = 2;

    private final TopWish wish;
    private final List<IdeaSketch> sketches;

    private TopIdeas(TopWish wish, List<IdeaSketch> sketches) {
        this.wish = wish;
        this.sketches = sketches;
    }

    /** For cloth at hand; without any, for cloth that is still to be bought. */
    public static TopIdeas of(List<ShelfCloth> cloths, TopWish wish) {
        List<Dressing> dressings = Dressings.of(cloths);
        List<List<IdeaSketch>> ofBlocks = new ArrayList<>();
        for (Block block : blocksInTurn()) {
            List<IdeaSketch> ofBlock = sketches(block, dressings, cloths, wish);
            if (!ofBlock.isEmpty()) {
                ofBlocks.add(ofBlock);
            }
        }
        return new TopIdeas(wish, inTurn(ofBlocks));
    }

    /** How many there are. */
    public int count() {
        return sketches.size();
    }

    /** Some of them, worked out. */
    public List<TopIdea> workedOut(int from, int count) {
        return sketches.subList(Math.min(from, sketches.size()), Math.min(from + count, sketches.size())).stream()
                .flatMap(sketch -> workedOut(sketch).stream())
                .toList();
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

    /** One of each block, then a second of each, in other cloths and another setting. */
    private static List<IdeaSketch> inTurn(List<List<IdeaSketch>> ofBlocks) {
        List<IdeaSketch> all = new ArrayList<>();
        int longest = ofBlocks.stream().mapToInt(List::size).max().orElse(0);
        for (int round = 0; round < longest && all.size() < MOST; round++) {
            for (int i = 0; i < ofBlocks.size() && all.size() < MOST; i++) {
                List<IdeaSketch> ofBlock = ofBlocks.get(i);
                if (round < ofBlock.size()) {
                    all.add(ofBlock.get((round + i) % ofBlock.size()));
                }
            }
        }
        return List.copyOf(all);
    }

    private static List<IdeaSketch> sketches(
            Block block, List<Dressing> dressings, List<ShelfCloth> cloths, TopWish wish) {
        List<String> letters = letters(block);
        List<IdeaSketch> found = new ArrayList<>();
        List<Length> units = units(block, cloths, wish);
        for (int variant = 0; variant < units.size(); variant++) {
            int turn = variant;
            for (Lay lay : Lay.values()) {
                for (Dressing dressing : dressings) {
                    // Sizes, and borders or none, take turns over the dressings and settings.
                    Length unit = units.get(turn % units.size());
                    Length border = border(
                            block, unit, turn % 2 == 0 && dressing.accent().isPresent(), wish);
                    turn++;
                    IdeaSketch sketch = new IdeaSketch(wish.system(), block, letters, dressing, lay, unit, border);
                    if (dressing.suits(block, letters) && isPossible(sketch) && isAsked(sketch, wish)) {
                        found.add(sketch);
                    }
                }
            }
        }
        return found.stream().distinct().toList();
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
        return wish.border().orElse(wanted ? usual : Length.ZERO);
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
        boolean inches = wish.system() == MeasureSystem.INCH;
        long usual = across == 1 ? inches ? 6 : 15 : inches ? 9 : 24;
        List<Length> marks = new ArrayList<>();
        for (int half = 2; half <= 40; half++) {
            if (half % 2 == 0 || half <= 5) {
                marks.add(wish.system().one().times(half).dividedBy(2));
            }
        }
        Length wanted = wish.system().one().times(usual);
        List<Length> ofPrecuts = PrecutSizes.in(wish.system()).of(block, cloths, wanted);
        Stream<Length> round = marks.stream()
                .sorted(Comparator.comparing(mark -> mark.times(across).apartFrom(wanted)))
                .limit(SIZES_OF_A_BLOCK);
        return Stream.concat(ofPrecuts.stream(), round).distinct().toList();
    }

    private static boolean isAsked(IdeaSketch sketch, TopWish wish) {
        return wish.isMetBy(sketch.block().name() + " | "
                + String.join(", ", TraditionalBlocks.unitsUsed(sketch.block())) + " | "
                + sketch.dressing().says() + " | " + sketch.lay().says()
                + (sketch.border().isZero() ? "" : " | border"));
    }
}

package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.plans.PlanCosts;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.TopTally;

/**
 * Gives a sketch its size: about as large as wished, or as large as its cloth allows. What the cloth allows is first
 * guessed from areas, then counted by the tally, and made smaller by a row as often as something would have to be bought.
 */
final class FittedTop {

    /** So much more fabric than its finished area a top of large pieces takes, for a first guess that is never too small. */
    private static final double WITH_SEAMS = 1.15;

    /** A quilt is a fifth longer than wide, where nothing else is wished. */
    private static final double LONGER = 1.2;

    private static final int FEWEST_BLOCKS = 2;

    /** A border that leaves out this much of the top is left out itself. */
    private static final double SMALL = 0.5;

    /** A strip of binding is about as wide. */
    private static final Length BINDING = Length.inches(2, 1, 2);

    /** What uses so much by areas is worth looking at first. */
    private static final double MOST = 0.7;

    /** Of the other fabric border, binding and sashing take about as much (our own estimate). */
    private static final double MUCH = 0.4;

    /** Areas here are not exact; what is short by less than this is worked out. */
    private static final double SURELY = 0.999;

    private final IdeaSketch sketch;
    private final TopWish wish;
    private final Map<String, Double> letterArea;

    FittedTop(IdeaSketch sketch, TopWish wish) {
        this(sketch, wish, sketch.letterArea());
    }

    /** @param letterArea how much of a block each of its cloths is, in square inches */
    FittedTop(IdeaSketch sketch, TopWish wish, Map<String, Double> letterArea) {
        this.sketch = sketch;
        this.wish = wish;
        this.letterArea = letterArea;
    }

    /** How many blocks there are across and down. */
    record Count(int across, int down) {

        /** One row less on the longer side. */
        Count smaller() {
            return down >= across ? new Count(across, down - 1) : new Count(across - 1, down);
        }
    }

    TopIdea idea() {
        Optional<Count> wished = wished();
        return wished.isPresent() || hasNoCloth() ? counted(wished.orElseGet(this::largest)) : withOrWithoutBorder();
    }

    /** Half a yard for a border never makes four blocks of a top for which there is fabric for eighty. */
    private TopIdea withOrWithoutBorder() {
        TopIdea bordered = largestFromCloth();
        Count most = largest();
        if (wish.border().isPresent()) {
            return bordered;
        }
        if (sketch.border().isZero() || blocks(bordered) >= SMALL * most.across * most.down) {
            return bordered.buysSomething() || bordered.share().isMost() ? bordered : withWiderBorder(bordered);
        }
        TopIdea plain = new FittedTop(sketch.withBorder(Length.ZERO), wish).largestFromCloth();
        return !plain.buysSomething() && blocks(bordered) < SMALL * blocks(plain)
                ? plain.withKey(sketch.key())
                : bordered;
    }

    /** A wider border uses up a length that little is cut of, as far as nothing has to be bought for it. */
    private TopIdea withWiderBorder(TopIdea idea) {
        List<ShelfCloth> toUse = sketch.dressing().toUse();
        if (sketch.dressing().accent().filter(toUse::contains).isEmpty()) {
            return idea;
        }
        Length half = wish.system().one().dividedBy(2);
        Length block = Length.min(sketch.blockWidth(), sketch.blockHeight());
        Count count = new Count(
                idea.design().setting().across(), idea.design().setting().down());
        for (Length wide : List.of(block.times(2).dividedBy(3), block.dividedBy(2))) {
            Length width = half.times(wide.wholeTimes(half));
            if (width.isLongerThan(sketch.border())) {
                TopIdea wider = new FittedTop(sketch.withBorder(width), wish).counted(count);
                if (!wider.buysSomething()) {
                    return wider.withKey(sketch.key());
                }
            }
        }
        return idea;
    }

    private static int blocks(TopIdea idea) {
        return idea.design().setting().across() * idea.design().setting().down();
    }

    /** The largest that buys nothing; where even the smallest buys something, that one. */
    private TopIdea largestFromCloth() {
        List<Count> smallerAndSmaller = new ArrayList<>();
        Count count = largest();
        while (count.across >= FEWEST_BLOCKS && count.down >= FEWEST_BLOCKS) {
            smallerAndSmaller.add(count);
            count = count.smaller();
        }
        // Where even the smallest buys something, which is soon counted, nobody looks for the largest that does not.
        TopIdea smallest = counted(smallerAndSmaller.getLast());
        if (smallest.buysSomething() || smallerAndSmaller.size() == 1) {
            return smallest;
        }
        TopIdea first = counted(smallerAndSmaller.getFirst());
        return first.buysSomething() ? largestOf(smallerAndSmaller, smallest) : first;
    }

    /** Halves the choice again and again: smaller tops buy no more, but for a strip now and then. */
    private TopIdea largestOf(List<Count> smallerAndSmaller, TopIdea smallest) {
        TopIdea best = smallest;
        int buys = 0;
        int buysNothing = smallerAndSmaller.size() - 1;
        while (buysNothing - buys > 1) {
            int middle = (buys + buysNothing) / 2;
            TopIdea smaller = counted(smallerAndSmaller.get(middle));
            if (smaller.buysSomething()) {
                buys = middle;
            } else {
                buysNothing = middle;
                best = smaller;
            }
        }
        return best;
    }

    private boolean hasNoCloth() {
        return sketch.dressing().all().stream().allMatch(cloth -> cloth.pieces().isEmpty());
    }

    /**
     * Whether even the smallest, or what is wished, has more finished area of some fabric than there is of it, so that it buys
     * whatever way it is made (geometry). Sashing, borders and seams only add to that. Most of what buys is told by this,
     * without being worked out.
     */
    boolean surelyBuys() {
        Count count = wished().orElse(new Count(FEWEST_BLOCKS, FEWEST_BLOCKS));
        int places = count.across * count.down;
        int blocks = sketch.lay() == Lay.ALTERNATE ? places / 2 : places;
        return areasOfHeaps().entrySet().stream()
                .anyMatch(heap -> areaOf(heap.getKey()) < SURELY * heap.getValue() * blocks);
    }

    /**
     * What by areas it uses up of what should be used and of the rest, as far as the fabric goes, which also gives border and
     * binding (our own estimate).
     *
     * @param most whether it seems to be most of what should be used
     * @param rest whether it seems to be much of the other fabric, if there is any
     */
    record Use(boolean most, boolean rest) {}

    Use seemsToUse() {
        Dressing dressing = sketch.dressing();
        double around = around(largest());
        double blocks = Double.MAX_VALUE;
        double toUse = 0;
        double rest = 0;
        for (Map.Entry<List<ShelfCloth>, Double> heap : wanted().entrySet()) {
            boolean givesBorder =
                    dressing.accent().filter(heap.getKey()::contains).isPresent();
            double there = areaOf(heap.getKey()) - (givesBorder ? around : 0);
            blocks = Math.min(blocks, heap.getValue() == 0 ? blocks : there / heap.getValue());
            boolean isToUse = dressing.toUse().contains(heap.getKey().getFirst());
            toUse += isToUse ? heap.getValue() : 0;
            rest += isToUse ? 0 : heap.getValue();
        }
        boolean isOfToUse = dressing.accent().filter(dressing.toUse()::contains).isPresent();
        double others = areaOf(dressing.all().stream()
                .filter(cloth -> !dressing.toUse().contains(cloth))
                .toList());
        return new Use(
                toUse * blocks + (isOfToUse ? around : 0) >= MOST * areaOf(dressing.toUse()),
                rest * blocks + (isOfToUse ? 0 : around) >= MUCH * others);
    }

    /** The area of a plain border and of the binding around so many blocks, in square inches. */
    private double around(Count count) {
        Length width = IdeaDesign.side(sketch, sketch.blockWidth(), count.across);
        Length height = IdeaDesign.side(sketch, sketch.blockHeight(), count.down);
        return width.plus(height).times(2).times(sketch.border().plus(BINDING)).toDoubleSquareInches();
    }

    /** Odd units are one more pair each, unless the fabric is short for it. */
    private TopIdea counted(Count count) {
        IdeaDesign made = new IdeaDesign(sketch, letterArea, count.across, count.down);
        TopIdea inPairs = counted(made, made.oddOnesInPairs());
        return inPairs.buysSomething() && hasOddOnes(inPairs) ? counted(made, made.design()) : inPairs;
    }

    private static boolean hasOddOnes(TopIdea idea) {
        return idea.tally().making().sets().stream()
                .anyMatch(set -> set.spare() > 0
                        && (set instanceof MadeSet.Halves || set.method().id() == MethodId.TWO_AT_A_TIME));
    }

    private TopIdea counted(IdeaDesign made, QuiltDesign design) {
        QuiltTop top = QuiltTop.of(design);
        Map<String, List<ShelfPieces>> pieces = new LinkedHashMap<>();
        made.keys().forEach((cloth, key) -> pieces.put(key, cloth.pieces()));
        TopTally tally = TopTally.of(top, pieces, ClothLedger::of);
        return new TopIdea(
                sketch.key(),
                sketch.block().name(),
                says(),
                wish.words().name(sketch.block().name()),
                design,
                tally,
                PlanCosts.of(tally),
                share(made, tally));
    }

    private TopIdea.Share share(IdeaDesign made, TopTally tally) {
        List<ShelfCloth> toUse = sketch.dressing().toUse();
        Set<String> keys = new HashSet<>();
        made.keys().entrySet().stream()
                .filter(cloth -> toUse.contains(cloth.getKey()))
                .forEach(cloth -> keys.add(cloth.getValue()));
        Area used = tally.ledgers().stream()
                .filter(ledger -> keys.contains(ledger.cloth()))
                .map(ClothLedger::used)
                .reduce(Area.ZERO, Area::plus);
        return new TopIdea.Share(used, toUse.stream().map(ShelfCloth::area).reduce(Area.ZERO, Area::plus));
    }

    private String says() {
        return sketch.dressing().says() + ", " + sketch.lay().says();
    }

    /** As many blocks as are wished, or as come nearest to the wished size. */
    private Optional<Count> wished() {
        if (wish.words().blocks().isPresent()) {
            return wish.words().blocks().map(FittedTop::inRows);
        }
        return wish.size().map(size -> nearest(size.within(sketch.border())));
    }

    private Count nearest(TopWish.Size blocks) {
        return new Count(nearest(blocks.width(), sketch.blockWidth()), nearest(blocks.height(), sketch.blockHeight()));
    }

    /** Whether whole blocks make just this size, with the border. */
    boolean isJust(TopWish.Size size) {
        TopWish.Size blocks = size.within(sketch.border());
        Count count = nearest(blocks);
        return IdeaDesign.side(sketch, sketch.blockWidth(), count.across).equals(blocks.width())
                && IdeaDesign.side(sketch, sketch.blockHeight(), count.down).equals(blocks.height());
    }

    /** Rows and columns that make just so many, as near to a quilt's shape as can be: 16 is 4 × 4, 20 is 4 × 5. */
    static Count inRows(int blocks) {
        Count best = new Count(1, blocks);
        for (int across = 1; across * across <= blocks; across++) {
            if (blocks % across == 0) {
                best = new Count(across, blocks / across);
            }
        }
        return best;
    }

    private int nearest(Length side, Length block) {
        int best = 1;
        for (int count = 1; count <= IdeaDesign.mostBlocks(side, block); count++) {
            Length off = IdeaDesign.side(sketch, block, count).apartFrom(side);
            if (off.isShorterThan(IdeaDesign.side(sketch, block, best).apartFrom(side))) {
                best = count;
            }
        }
        return best;
    }

    private Count largest() {
        double blocks = hasNoCloth() ? Double.MAX_VALUE : blocksOfCloth();
        double side = Math.sqrt(Math.min(blocks, 1e6) / LONGER);
        int mostAcross = IdeaDesign.mostInBed(sketch, sketch.blockWidth(), IdeaDesign.USUAL_WIDTH, hasNoCloth());
        int mostDown = IdeaDesign.mostInBed(sketch, sketch.blockHeight(), IdeaDesign.USUAL_HEIGHT, hasNoCloth());
        double oblong =
                Math.sqrt((double) sketch.block().down() / sketch.block().across());
        int across =
                Math.clamp((long) Math.floor(side * oblong + 0.5), FEWEST_BLOCKS, Math.max(FEWEST_BLOCKS, mostAcross));
        int down = Math.clamp(
                (long) Math.floor(Math.min(blocks, 1e6) / across),
                FEWEST_BLOCKS,
                Math.max(FEWEST_BLOCKS, Math.min(mostDown, 2 * across + 1)));
        return new Count(across, down);
    }

    /** For how many blocks each heap has cloth, by area; the least of them. */
    private double blocksOfCloth() {
        return wanted().entrySet().stream()
                .mapToDouble(heap -> heap.getValue() == 0
                        ? Double.MAX_VALUE
                        : areaOf(heap.getKey()) / (heap.getValue() * WITH_SEAMS))
                .min()
                .orElse(0);
    }

    /** The finished area that a block and what lies beside it show of each heap. */
    private Map<List<ShelfCloth>, Double> wanted() {
        Map<List<ShelfCloth>, Double> wanted = areasOfHeaps();
        double block =
                letterArea.values().stream().mapToDouble(Double::doubleValue).sum();
        double beside = switch (sketch.lay()) {
            case STRAIGHT -> 0;
            case SASHED -> 0.5 * block;
            case ALTERNATE, ON_POINT -> block;
        };
        sketch.dressing().between().filter(any -> beside > 0).ifPresent(cloth -> {
            List<ShelfCloth> ground = sketch.dressing().ground();
            wanted.merge(ground.equals(List.of(cloth)) ? ground : List.of(cloth), beside, Double::sum);
        });
        return wanted;
    }

    /** The finished area that a block shows of each heap, told apart by which list it is: comparing fabrics takes longer. */
    private Map<List<ShelfCloth>, Double> areasOfHeaps() {
        Map<List<ShelfCloth>, Double> areas = new IdentityHashMap<>();
        for (String letter : sketch.letters()) {
            areas.merge(
                    sketch.dressing().of(letter, sketch.letters()), letterArea.getOrDefault(letter, 0.0), Double::sum);
        }
        return areas;
    }

    private static double areaOf(List<ShelfCloth> heap) {
        return heap.stream()
                .mapToDouble(cloth -> cloth.area().toDoubleSquareInches())
                .sum();
    }
}

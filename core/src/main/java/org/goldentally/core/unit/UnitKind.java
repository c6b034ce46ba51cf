package org.goldentally.core.unit;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.PatchworkUnit.CornerFlipUnit;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.PiecedHalfUnit;
import org.goldentally.core.unit.PatchworkUnit.PlainPatch;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.SplitQuarterUnit;
import org.goldentally.core.unit.PatchworkUnit.StripSetSegment;
import org.goldentally.core.unit.PatchworkUnit.StripSetTriangleUnit;

/** The kinds of units to choose from: to ask a piece of cloth for, or to put into a block or a row of units. */
public enum UnitKind {
    HALF_SQUARE("half-square triangle", "finished side", Proportion.SQUARE, Use.ANYWHERE),
    HOURGLASS("hourglass", "finished side", Proportion.SQUARE, Use.ANYWHERE),
    SPLIT_QUARTER("split quarter", "finished side", Proportion.SQUARE, Use.ANYWHERE),
    FLYING_GOOSE("flying goose", "finished width (twice its height)", Proportion.TWICE_AS_WIDE, Use.ANYWHERE),
    QUARTER_TRIANGLE("loose quarter triangle", "finished long side", Proportion.ANY, Use.BY_ITSELF),
    STRIP_SET_TRIANGLE("strip-set triangle square", "finished side", Proportion.SQUARE, Use.ANYWHERE),
    CORNER_FLIP("corner flip", "finished width", Proportion.ANY, Use.ANYWHERE),
    PIECED_HALF("pieced half", "finished side", Proportion.SQUARE, Use.ANYWHERE),
    SIDE_SETTING_TRIANGLE("side setting triangle", "finished side of the block", Proportion.ANY, Use.BY_ITSELF),
    CORNER_SETTING_TRIANGLE("corner setting triangle", "finished side of the block", Proportion.ANY, Use.BY_ITSELF),
    PLAIN("plain piece", "finished width", Proportion.ANY, Use.ANYWHERE),
    STRIP("strip", "finished width", Proportion.ANY, Use.BY_ITSELF),
    STRIP_SET_SEGMENT("strip-set segment", "finished width of a strip", Proportion.ANY, Use.ANYWHERE),
    /** A smaller block inside this one. */
    BLOCK("smaller block", "", Proportion.ANY, Use.IN_BLOCKS);

    /** How wide a unit is for its height. */
    private enum Proportion {
        SQUARE,
        TWICE_AS_WIDE,
        ANY
    }

    private enum Use {
        BY_ITSELF,
        IN_BLOCKS,
        ANYWHERE
    }

    private final String label;
    private final String sizeLabel;
    private final Proportion proportion;
    private final Use use;

    UnitKind(String label, String sizeLabel, Proportion proportion, Use use) {
        this.label = label;
        this.sizeLabel = sizeLabel;
        this.proportion = proportion;
        this.use = use;
    }

    /** {@code half-square triangle}. */
    public String label() {
        return label;
    }

    /** What the size typed is of. */
    public String sizeLabel() {
        return sizeLabel;
    }

    /** Whether a piece of cloth can be asked how many it gives. */
    public boolean standsAlone() {
        return use != Use.IN_BLOCKS;
    }

    /** Whether it can be put into a cell of a block, or into a row of units. */
    public boolean goesIntoBlocks() {
        return use != Use.BY_ITSELF;
    }

    /** What it has a number of. */
    public Optional<Countable> counted() {
        return switch (this) {
            case HOURGLASS -> Optional.of(Countable.HOURGLASS_CLOTHS);
            case CORNER_FLIP -> Optional.of(Countable.FLIPPED_CORNERS);
            case PIECED_HALF -> Optional.of(Countable.HALF_ROWS);
            case STRIP_SET_SEGMENT -> Optional.of(Countable.SET_STRIPS);
            case HALF_SQUARE,
                    SPLIT_QUARTER,
                    FLYING_GOOSE,
                    QUARTER_TRIANGLE,
                    STRIP_SET_TRIANGLE,
                    SIDE_SETTING_TRIANGLE,
                    CORNER_SETTING_TRIANGLE,
                    PLAIN,
                    STRIP,
                    BLOCK -> Optional.empty();
        };
    }

    /** What is counted in a block too: the cloths of an hourglass are seen there from its dressing. */
    public Optional<Countable> countedInBlocks() {
        return this == HOURGLASS ? Optional.empty() : counted();
    }

    /** How many of what is counted there usually are; 0 where nothing is. */
    public int usualCount() {
        return countedInBlocks().map(Countable::usual).orElse(0);
    }

    /** A count that it can have: the usual one where it is none. */
    public int withinCounts(int count) {
        return countedInBlocks()
                .map(each -> each.allows(count) ? count : each.usual())
                .orElse(count);
    }

    /** Whether its height is typed as well as its width. */
    public boolean hasHeight() {
        return this == CORNER_FLIP || this == PLAIN;
    }

    /** Whether the size of a corner is typed. */
    public boolean hasCorner() {
        return this == CORNER_FLIP;
    }

    /** Whether it can fill a box of this size. */
    public boolean fits(Length width, Length height) {
        return switch (proportion) {
            case SQUARE -> width.equals(height);
            case TWICE_AS_WIDE -> width.equals(height.times(2));
            case ANY -> true;
        };
    }

    /** Which boxes it does fill: for a refusal. */
    public String wants() {
        return switch (proportion) {
            case SQUARE -> "a square cell";
            case TWICE_AS_WIDE -> "a cell twice as wide as high";
            case ANY -> "any cell";
        };
    }

    /** Whether it can be as long as one likes in a row of units. */
    public boolean isOfAnyLength() {
        return this == PLAIN || this == STRIP_SET_SEGMENT || this == CORNER_FLIP;
    }

    /**
     * How long a unit of this kind is in a row so wide, as it stands there: a goose pointing out of the row takes twice
     * the row's width, one flying along it half.
     */
    public Length lengthInRow(Length rowWidth, int quarterTurns) {
        return proportion == Proportion.TWICE_AS_WIDE
                ? quarterTurns % 2 == 0 ? rowWidth.times(2) : rowWidth.dividedBy(2)
                : rowWidth;
    }

    /** How many patches it is drawn with; each can have its own cloth. */
    public int patches(int count) {
        return this == BLOCK
                ? 0
                : UnitDrawing.of(unit(
                                Length.inches(proportion == Proportion.TWICE_AS_WIDE ? 2 : 1),
                                Length.inches(1),
                                count,
                                1,
                                2,
                                List.of()))
                        .size();
    }

    /**
     * The unit of this kind that fills a box.
     *
     * @param count flipped corners, rows of a pieced half, or strips of a segment
     * @param cloths of an hourglass: they decide whether it is one of two, three or four cloths
     */
    public PatchworkUnit unit(
            Length width, Length height, int count, int cornerPart, int cornerOf, List<String> cloths) {
        return switch (this) {
            case HALF_SQUARE -> new HalfSquareTriangleUnit(width);
            case HOURGLASS -> new QuarterSquareTriangleUnit(width, clothsOfHourglass(cloths));
            case SPLIT_QUARTER -> new SplitQuarterUnit(width);
            case FLYING_GOOSE -> new FlyingGeeseUnit(width);
            case CORNER_FLIP ->
                new CornerFlipUnit(
                        width,
                        height,
                        Length.min(width, height).times(cornerPart).dividedBy(cornerOf),
                        withinCounts(count));
            case STRIP_SET_SEGMENT ->
                new StripSetSegment(height.dividedBy(withinCounts(count)), width, withinCounts(count));
            case STRIP_SET_TRIANGLE -> new StripSetTriangleUnit(width);
            case PIECED_HALF -> new PiecedHalfUnit(width, withinCounts(count));
            case PLAIN -> new PlainPatch(width, height);
            case QUARTER_TRIANGLE, SIDE_SETTING_TRIANGLE, CORNER_SETTING_TRIANGLE, STRIP, BLOCK ->
                throw new IllegalStateException(label + " fills no cell");
        };
    }

    /** Quarters opposite each other of the same cloth make it one of two cloths, or of three. */
    private static int clothsOfHourglass(List<String> cloths) {
        if (cloths.size() < 4) {
            return 2;
        }
        boolean upright = cloths.get(0).equals(cloths.get(2));
        boolean across = cloths.get(1).equals(cloths.get(3));
        return upright && across ? 2 : upright || across ? 3 : 4;
    }
}

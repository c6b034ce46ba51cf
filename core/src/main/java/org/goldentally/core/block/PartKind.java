package org.goldentally.core.block;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.measure.Length;
import org.goldentally.core.piecing.Countable;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PatchworkUnit.CornerFlipUnit;
import org.goldentally.core.piecing.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.piecing.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.piecing.PatchworkUnit.PiecedHalfUnit;
import org.goldentally.core.piecing.PatchworkUnit.PlainPatch;
import org.goldentally.core.piecing.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.piecing.PatchworkUnit.SplitQuarterUnit;
import org.goldentally.core.piecing.PatchworkUnit.StripSetSegment;
import org.goldentally.core.piecing.PatchworkUnit.StripSetTriangleUnit;
import org.goldentally.core.piecing.UnitDrawing;

/** What can be put into a cell of a block, or into a row of units. */
public enum PartKind {
    HALF_SQUARE("half-square triangle", Proportion.SQUARE),
    HOURGLASS("hourglass", Proportion.SQUARE),
    SPLIT_QUARTER("split quarter", Proportion.SQUARE),
    FLYING_GOOSE("flying goose", Proportion.TWICE_AS_WIDE),
    CORNER_FLIP("corner flip", Proportion.ANY, Countable.FLIPPED_CORNERS),
    STRIP_SET_SEGMENT("strip-set segment", Proportion.ANY, Countable.SET_STRIPS),
    STRIP_SET_TRIANGLE("strip-set triangle square", Proportion.SQUARE),
    PIECED_HALF("pieced half", Proportion.SQUARE, Countable.HALF_ROWS),
    PLAIN("plain piece", Proportion.ANY),
    /** A smaller block inside this one. */
    BLOCK("smaller block", Proportion.ANY);

    /** How wide a unit is for its height. */
    private enum Proportion {
        SQUARE,
        TWICE_AS_WIDE,
        ANY
    }

    private final String label;
    private final Proportion proportion;
    private final Optional<Countable> counted;

    PartKind(String label, Proportion proportion) {
        this(label, proportion, Optional.empty());
    }

    PartKind(String label, Proportion proportion, Countable counted) {
        this(label, proportion, Optional.of(counted));
    }

    PartKind(String label, Proportion proportion, Optional<Countable> counted) {
        this.label = label;
        this.proportion = proportion;
        this.counted = counted;
    }

    public String label() {
        return label;
    }

    /** What it has a number of, that is chosen; the cloths of an hourglass are seen from its dressing. */
    public Optional<Countable> counted() {
        return counted;
    }

    public int usualCount() {
        return counted.map(Countable::usual).orElse(0);
    }

    int withinCounts(int count) {
        return counted.map(each -> each.allows(count) ? count : each.usual()).orElse(count);
    }

    /** Whether it can fill a box of this size. */
    boolean fits(Length width, Length height) {
        return switch (proportion) {
            case SQUARE -> width.equals(height);
            case TWICE_AS_WIDE -> width.equals(height.times(2));
            case ANY -> true;
        };
    }

    /** Which boxes it does fill: for a refusal. */
    String wants() {
        return switch (proportion) {
            case SQUARE -> "a square cell";
            case TWICE_AS_WIDE -> "a cell twice as wide as high";
            case ANY -> "any cell";
        };
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
    PatchworkUnit unit(Length width, Length height, int count, int cornerPart, int cornerOf, List<String> cloths) {
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
            case BLOCK -> throw new IllegalStateException("a smaller block is no unit");
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

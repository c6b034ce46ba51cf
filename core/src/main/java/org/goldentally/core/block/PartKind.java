package org.goldentally.core.block;

import java.util.List;
import org.goldentally.core.measure.Length;
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
    HALF_SQUARE("half-square triangle", Proportion.SQUARE, 0, 0, 0),
    HOURGLASS("hourglass", Proportion.SQUARE, 0, 0, 0),
    SPLIT_QUARTER("split quarter", Proportion.SQUARE, 0, 0, 0),
    FLYING_GOOSE("flying goose", Proportion.TWICE_AS_WIDE, 0, 0, 0),
    CORNER_FLIP("corner flip", Proportion.ANY, 1, 4, 1),
    STRIP_SET_SEGMENT("strip-set segment", Proportion.ANY, 2, 4, 2),
    STRIP_SET_TRIANGLE("strip-set triangle square", Proportion.SQUARE, 0, 0, 0),
    PIECED_HALF("pieced half", Proportion.SQUARE, 2, 8, 3),
    PLAIN("plain piece", Proportion.ANY, 0, 0, 0),
    /** A smaller block inside this one. */
    BLOCK("smaller block", Proportion.ANY, 0, 0, 0);

    /** How wide a unit is for its height. */
    private enum Proportion {
        SQUARE,
        TWICE_AS_WIDE,
        ANY
    }

    private final String label;
    private final Proportion proportion;
    private final int leastCount;
    private final int mostCount;
    private final int usualCount;

    PartKind(String label, Proportion proportion, int leastCount, int mostCount, int usualCount) {
        this.label = label;
        this.proportion = proportion;
        this.leastCount = leastCount;
        this.mostCount = mostCount;
        this.usualCount = usualCount;
    }

    public String label() {
        return label;
    }

    public int usualCount() {
        return usualCount;
    }

    /** The counts to choose from: flipped corners, strips, rows; empty where there is nothing to count. */
    public List<Integer> counts() {
        return usualCount == 0
                ? List.of()
                : java.util.stream.IntStream.rangeClosed(leastCount, mostCount)
                        .boxed()
                        .toList();
    }

    int withinCounts(int count) {
        return count < leastCount || count > mostCount ? usualCount : count;
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

package org.goldentally.core.method;

import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;

/** The sizes of one unit from the machine to the quilt; raw is what there is before trimming. */
public record UnitSizes(
        Length rawWidth,
        Length rawHeight,
        Length trimmedWidth,
        Length trimmedHeight,
        Length finishedWidth,
        Length finishedHeight) {

    /** A square unit. */
    public static UnitSizes square(Length raw, Length trimmed, Length finished) {
        return new UnitSizes(raw, raw, trimmed, trimmed, finished, finished);
    }

    /** A unit that comes off the machine at its exact size, or a piece that is cut to it. */
    public static UnitSizes untrimmed(Length width, Length height, Length finishedWidth, Length finishedHeight) {
        return new UnitSizes(width, height, width, height, finishedWidth, finishedHeight);
    }

    /** What trimming one unit takes away. */
    public Area trimmedAway() {
        return rawWidth.times(rawHeight).minus(trimmedWidth.times(trimmedHeight));
    }

    /** Whether there is anything to trim away. */
    public boolean needsTrimming() {
        return rawWidth.isLongerThan(trimmedWidth) || rawHeight.isLongerThan(trimmedHeight);
    }
}

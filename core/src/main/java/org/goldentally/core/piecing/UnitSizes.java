package org.goldentally.core.piecing;

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

    /** Whether there is anything to trim away. */
    public boolean needsTrimming() {
        return rawWidth.isLongerThan(trimmedWidth) || rawHeight.isLongerThan(trimmedHeight);
    }
}

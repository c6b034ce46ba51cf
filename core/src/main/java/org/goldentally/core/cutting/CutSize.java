package org.goldentally.core.cutting;

import org.goldentally.core.measure.Length;

/**
 * The cut size of a piece, before anything is sewn: {@code 2 1/2 × 4 1/2 in}.
 *
 * @param turnable whether it may lie turned by a right angle; false for directional prints and pieces on the grain
 */
public record CutSize(Length width, Length height, boolean turnable) {

    public CutSize {
        if (!width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException("a cut piece has a width and a height, not " + width + " x " + height);
        }
    }

    /** A square of that side. */
    public static CutSize square(Length side) {
        return new CutSize(side, side, true);
    }

    /** A rectangle that may lie either way on the cloth. */
    public static CutSize rectangle(Length width, Length height) {
        return new CutSize(width, height, true);
    }

    /** Whether both sides are the same, so that turning changes nothing. */
    public boolean isSquare() {
        return width.equals(height);
    }

    CutSize transposed() {
        return new CutSize(height, width, turnable);
    }
}

package org.goldentally.core.tally;

import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;

/**
 * Equal pieces to be cut of one cloth: 15 squares of ink, cut 9 3/4 in, for the half-square triangles.
 *
 * @param cloth its key in the quilt
 * @param name {@code square}, {@code rectangle}, {@code strip}
 * @param use key of the plan they are for, or keys, {@link #USES_APART}
 * @param useLabel the same in words
 */
public record ClothCut(String cloth, CutSize size, String name, long count, String use, String useLabel) {

    /** What stands between the keys of several uses. */
    public static final String USES_APART = " | ";

    ClothCut of(long other) {
        return new ClothCut(cloth, size, name, other, use, useLabel);
    }

    /** The same size for another use as well. */
    ClothCut and(ClothCut other) {
        String uses = use.equals(other.use) ? use : use + USES_APART + other.use;
        return new ClothCut(cloth, size, name, count + other.count, uses, useLabel);
    }

    ClothCut unturned() {
        CutSize upright = new CutSize(size.width(), size.height(), false);
        return new ClothCut(cloth, size.isSquare() ? size : upright, name, count, use, useLabel);
    }

    public Length longerSide() {
        return Length.max(size.width(), size.height());
    }

    public Length shorterSide() {
        return Length.min(size.width(), size.height());
    }

    public Area area() {
        return size.width().times(size.height()).times(count);
    }
}

package org.goldentally.core.tally;

import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.measure.Area;

/**
 * Equal pieces to be cut of one cloth: 15 squares of ink, cut 9 3/4 in, for the half-square triangles.
 *
 * @param cloth its key in the quilt
 * @param name {@code square}, {@code rectangle}, {@code strip}
 * @param use key of the plan they are for
 * @param useLabel the same in words
 */
public record ClothCut(String cloth, CutSize size, String name, long count, String use, String useLabel) {

    ClothCut of(long other) {
        return new ClothCut(cloth, size, name, other, use, useLabel);
    }

    public Area area() {
        return size.width().times(size.height()).times(count);
    }
}

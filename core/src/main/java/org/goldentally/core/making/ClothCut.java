package org.goldentally.core.making;

import java.util.List;
import java.util.stream.Stream;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;

/**
 * Equal pieces to be cut of one cloth: 15 squares of ink, cut 9 3/4 in, for the half-square triangles.
 *
 * @param cloth its key in the quilt
 * @param name {@code square}, {@code rectangle}, {@code strip}
 * @param uses what they are for
 * @param useLabel the same in words
 */
public record ClothCut(String cloth, CutSize size, String name, long count, List<Use> uses, String useLabel) {

    public ClothCut {
        uses = List.copyOf(uses);
    }

    /** Pieces for one use. */
    public ClothCut(String cloth, CutSize size, String name, long count, Use use, String useLabel) {
        this(cloth, size, name, count, List.of(use), useLabel);
    }

    /** Another number of the same pieces. */
    public ClothCut of(long other) {
        return new ClothCut(cloth, size, name, other, uses, useLabel);
    }

    /** The same size for another use as well. */
    public ClothCut and(ClothCut other) {
        List<Use> both =
                Stream.concat(uses.stream(), other.uses.stream()).distinct().toList();
        return new ClothCut(cloth, size, name, count + other.count, both, useLabel);
    }

    /** The same pieces with their grain as it is; a square lies either way. */
    public ClothCut unturned() {
        CutSize upright = new CutSize(size.width(), size.height(), false);
        return new ClothCut(cloth, size.isSquare() ? size : upright, name, count, uses, useLabel);
    }

    /** The longer side of a piece, as cut. */
    public Length longerSide() {
        return Length.max(size.width(), size.height());
    }

    /** The shorter side of a piece, as cut. */
    public Length shorterSide() {
        return Length.min(size.width(), size.height());
    }

    /** Of all pieces together, as cut. */
    public Area area() {
        return size.width().times(size.height()).times(count);
    }
}

package org.goldentally.core.making;

import java.util.List;
import java.util.stream.Stream;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.PatchworkUnit.CornerSettingTriangle;

/**
 * Equal pieces to be cut of one cloth: 15 squares of ink, cut 9 3/4 in, for the half-square triangles.
 *
 * @param cloth its key in the quilt
 * @param name {@code square}, {@code rectangle}, {@code strip}
 * @param uses what they are for
 * @param useLabel the same in words
 * @param again how they are cut once more before they are sewn
 */
public record ClothCut(
        String cloth, CutSize size, String name, long count, List<Use> uses, String useLabel, CutAgain again) {

    public ClothCut {
        uses = List.copyOf(uses);
    }

    /** Pieces that are cut again only where they are for triangles. */
    public ClothCut(String cloth, CutSize size, String name, long count, List<Use> uses, String useLabel) {
        this(cloth, size, name, count, uses, useLabel, ofTriangles(uses));
    }

    /** A square for setting triangles or loose quarters gives four, one for the corners of a top two. */
    private static CutAgain ofTriangles(List<Use> uses) {
        return uses.stream()
                .map(use -> use instanceof Use.ForUnits(UnitsKey units)
                                && units.unit().isTriangle()
                        ? units.unit() instanceof CornerSettingTriangle ? CutAgain.ONCE : CutAgain.TWICE
                        : CutAgain.NOT)
                .reduce(CutAgain::and)
                .orElse(CutAgain.NOT);
    }

    /** Pieces for one use. */
    public ClothCut(String cloth, CutSize size, String name, long count, Use use, String useLabel) {
        this(cloth, size, name, count, List.of(use), useLabel);
    }

    /** Another number of the same pieces. */
    public ClothCut of(long other) {
        return new ClothCut(cloth, size, name, other, uses, useLabel, again);
    }

    /** The same size for another use as well. */
    public ClothCut and(ClothCut other) {
        List<Use> both =
                Stream.concat(uses.stream(), other.uses.stream()).distinct().toList();
        return new ClothCut(cloth, size, name, count + other.count, both, useLabel, again.and(other.again));
    }

    /** The same pieces with their grain as it is; a square lies either way. */
    public ClothCut unturned() {
        CutSize upright = new CutSize(size.width(), size.height(), false);
        return new ClothCut(cloth, size.isSquare() ? size : upright, name, count, uses, useLabel, again);
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

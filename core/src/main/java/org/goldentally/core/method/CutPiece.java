package org.goldentally.core.method;

import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;

/**
 * A piece that a set takes: cloth A, 1 square cut 10 in.
 *
 * @param role which cloth of the unit
 * @param clothLabel what that cloth is called at the table: {@code print}, {@code background}
 * @param name {@code square}, {@code rectangle}, {@code strip}
 * @param size its cut size
 * @param perSet how many one set takes
 */
public record CutPiece(ClothRole role, String clothLabel, String name, CutSize size, int perSet) {

    /** {@code squares(ClothRole.A, "print", inches(5), 1)}. */
    public static CutPiece squares(ClothRole role, String clothLabel, Length cutSide, int perSet) {
        return new CutPiece(role, clothLabel, "square", CutSize.square(cutSide), perSet);
    }

    /** Rectangles, so many for one set. */
    public static CutPiece rectangles(
            ClothRole role, String clothLabel, String name, Length cutWidth, Length cutHeight, int perSet) {
        return new CutPiece(role, clothLabel, name, CutSize.rectangle(cutWidth, cutHeight), perSet);
    }

    /** What is said first of it: the side of a square, the width of a strip. */
    public Length shorterSide() {
        return Length.min(size.width(), size.height());
    }
}

package org.goldentally.core.cloth;

import org.goldentally.core.measure.MeasureSystem;

/**
 * What one typed line says: {@code 42 squares 10 in marigold prints} is 42 pieces of the cloth "marigold prints".
 *
 * @param clothName empty where none was typed
 */
public record ShelfLine(int count, ClothPiece piece, String clothName) {

    /** The line as understood, said back: {@code 42 squares, 10 in – marigold prints}. */
    public String describe(MeasureSystem system) {
        String what = piece.describe(count, system);
        return clothName.isEmpty() ? what : what + " – " + clothName;
    }
}

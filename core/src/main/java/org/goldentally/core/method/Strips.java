package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.measure.Length;

/** How strips lie on a piece of cloth. */
final class Strips {

    private Strips() {}

    /** Strips of yardage go across it, from selvage to selvage; on any other piece along its longer side. */
    static Length lengthOn(ClothPiece piece) {
        return piece.form() == PieceForm.YARDAGE ? piece.width() : Length.max(piece.width(), piece.length());
    }
}

package org.goldentally.app.drawing;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;

/** How large a piece of cloth is, in inches, to be drawn. */
public record PieceOutline(PieceForm form, double width, double length) {

    /** How a piece of cloth is drawn. */
    public static PieceOutline of(ClothPiece piece) {
        return new PieceOutline(
                piece.form(), piece.width().toDoubleInches(), piece.length().toDoubleInches());
    }
}

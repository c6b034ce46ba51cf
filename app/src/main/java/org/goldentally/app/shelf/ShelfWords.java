package org.goldentally.app.shelf;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;

/** A line of the shelf in the words that one would type for it, so that it can be corrected in place. */
final class ShelfWords {

    private ShelfWords() {}

    /** {@code 2 squares 10 in autumn 3}, {@code 3 fat quarters teal measured 18 x 20}. */
    static String typed(ShelfLine line, MeasureSystem system) {
        LengthWriter writer = system.writer();
        ClothPiece piece = line.piece();
        String sides = writer.write(piece.width()) + " x " + writer.writeWithUnit(piece.length());
        String form = piece.form().name(line.count());
        String words = switch (piece.form()) {
            case SQUARE ->
                piece.width().equals(piece.length())
                        ? form + " " + writer.writeWithUnit(piece.width())
                        : form + " measured " + sides;
            case STRIP -> form + " " + sides;
            case FAT_QUARTER, FAT_EIGHTH -> form + " measured " + sides;
            case SCRAP -> form + " " + sides;
            case YARDAGE ->
                form + " " + writer.writeWithUnit(piece.width()) + " wide " + writer.writeWithUnit(piece.length())
                        + " long";
        };
        return line.count() + " " + words + " " + line.clothName()
                + (piece.edge() == ClothPiece.Edge.PINKED ? " pinked" : "");
    }
}

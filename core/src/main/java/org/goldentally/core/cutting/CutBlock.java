package org.goldentally.core.cutting;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;

/**
 * Equal cut pieces lying side by side in equal strips: so many across, so many along. A long piece of cloth can give
 * thousands of pieces; they are held as a few blocks, and counted without being listed.
 */
public record CutBlock(Length x, Length y, Length pieceWidth, Length pieceHeight, long across, long along) {

    /** Pieces in the block: across times along. */
    public long count() {
        return across * along;
    }

    /** All pieces of it together. */
    public Rectangle outline() {
        return new Rectangle(x, y, pieceWidth.times(across), pieceHeight.times(along));
    }

    /** What the pieces take of the cloth. */
    public Area area() {
        return pieceWidth.times(pieceHeight).times(count());
    }

    /** Every piece at its place, strip by strip. */
    List<Rectangle> pieces() {
        List<Rectangle> pieces = new ArrayList<>();
        for (long row = 0; row < along; row++) {
            for (long column = 0; column < across; column++) {
                pieces.add(new Rectangle(
                        x.plus(pieceWidth.times(column)), y.plus(pieceHeight.times(row)), pieceWidth, pieceHeight));
            }
        }
        return pieces;
    }

    CutBlock transposed() {
        return new CutBlock(y, x, pieceHeight, pieceWidth, along, across);
    }
}

package org.goldentally.core.cutting;

import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.measure.Length;

/**
 * Whether cuts come so close to the edge of a piece that one a little short would not do.
 *
 * <p>Room is asked for wherever an edge has still to be cut true, once for each such edge (common practice, no source):
 *
 * <ul>
 *   <li>both edges of a pinked piece, along each side;
 *   <li>the far end of a length; what squaring up its first end costs is counted where it is cut;
 *   <li>one edge of a fat quarter, fat eighth or scrap along each side, since shops cut and tear them;
 *   <li>one edge of a square or strip that is cut down;
 *   <li>one selvage where a strip is cut into pieces that reach across.
 * </ul>
 *
 * None is asked for where a strip runs from selvage to selvage, or a precut with straight edges is used as it comes. A
 * 9 7/8 in square from a pinked one of 10 in is tight, a strip across 40 in cloth is not.
 */
public final class TightFit {

    private TightFit() {}

    /**
     * Whether cuts come too close to an edge.
     *
     * @param room what each edge needs that has still to be cut true; exactly so much is enough
     */
    public static boolean of(ClothPiece piece, List<CutBlock> blocks, Length room) {
        if (blocks.isEmpty()) {
            return false;
        }
        return isTight(piece, blocks, room, true) || isTight(piece, blocks, room, false);
    }

    /** @param across whether it is looked at from the left to the right, or from the top to the bottom */
    private static boolean isTight(ClothPiece piece, List<CutBlock> blocks, Length room, boolean across) {
        Length side = across ? piece.width() : piece.length();
        Length reach = Length.ZERO;
        for (CutBlock block : blocks) {
            Length one = across ? block.pieceWidth() : block.pieceHeight();
            Length end = across
                    ? block.x().plus(block.pieceWidth().times(block.across()))
                    : block.y().plus(block.pieceHeight().times(block.along()));
            if (!(one.equals(side) && isAsItComes(piece, across))) {
                reach = Length.max(reach, end);
            }
        }
        return reach.isPositive() && side.minus(reach).isShorterThan(room.times(edgesToCutTrue(piece)));
    }

    /** Whether a piece as long as the whole side needs no cut there. */
    private static boolean isAsItComes(ClothPiece piece, boolean across) {
        if (piece.edge() == ClothPiece.Edge.PINKED) {
            return false;
        }
        return switch (piece.form()) {
            case SQUARE, STRIP, CUT -> true;
            case YARDAGE -> across;
            case FAT_QUARTER, FAT_EIGHTH, SCRAP -> false;
        };
    }

    private static long edgesToCutTrue(ClothPiece piece) {
        return piece.edge() == ClothPiece.Edge.PINKED && piece.form() != PieceForm.YARDAGE ? 2 : 1;
    }
}

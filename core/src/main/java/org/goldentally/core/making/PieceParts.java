package org.goldentally.core.making;

import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.method.CutPiece;

/**
 * Parts of cut pieces that go into any unit that wants them: a square of teal cut 4 in gives two triangles.
 *
 * @param cloth key of the cloth in the quilt
 * @param size the piece that is cut
 * @param name {@code square}, {@code strip}
 * @param perPiece parts that one piece gives; 1 where the piece itself is the part
 */
record PieceParts(String cloth, CutSize size, String name, int perPiece) {

    static PieceParts of(String cloth, CutPiece cut, int perPiece) {
        return new PieceParts(cloth, cut.size(), cut.name(), perPiece);
    }

    /** Half a piece makes nothing: pieces round up. */
    long piecesFor(long parts) {
        return Math.ceilDiv(parts, perPiece);
    }

    /** Cheap: a plan asks a hundred thousand times, and a cloth has few sizes. */
    @Override
    public int hashCode() {
        return cloth.hashCode() * 31 + perPiece;
    }
}

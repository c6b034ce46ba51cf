package org.goldentally.core.making;

/**
 * Pieces of one cloth and size that are cut into loose parts, shared by all units that want them: 3 squares of oat give 6
 * triangles, of which 5 are used.
 *
 * @param pieces what is cut of the cloth
 * @param perPiece parts that one piece gives: 1 whole, 2 halves, 4 quarters
 * @param used parts that the units take
 */
public record LooseParts(ClothCut pieces, int perPiece, long used) {

    /** Parts that the pieces give. */
    public long made() {
        return pieces.count() * perPiece;
    }

    /** Parts that no unit takes. */
    public long spare() {
        return made() - used;
    }
}

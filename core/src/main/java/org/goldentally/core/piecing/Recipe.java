package org.goldentally.core.piecing;

import java.util.List;

/**
 * What one set of a method takes and gives: eight at a time takes a square of each of two cloths and gives 8 units.
 *
 * @param setName what one run of the method uses: {@code pair}, {@code ring}, {@code strip set}
 * @param cuts the pieces cut for one set
 * @param unitsPerSet units (not triangles) that one set gives
 * @param hands of these, how many are left-hand and right-hand, where they differ
 */
public record Recipe(
        String setName,
        List<CutPiece> cuts,
        int unitsPerSet,
        Hands hands,
        UnitSizes sizes,
        Sewing sewing,
        List<Working> workings) {

    public Recipe {
        cuts = List.copyOf(cuts);
        workings = List.copyOf(workings);
        if (unitsPerSet < 0) {
            throw new IllegalArgumentException("a set cannot give " + unitsPerSet + " units");
        }
    }
}

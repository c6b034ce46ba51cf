package org.goldentally.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The cases are common practice, no source: where an edge has still to be cut true, a piece a little short fails. */
class TightFitTest {

    @ParameterizedTest(name = "{3} of {1} × {2} in from {0}: tight {4}")
    @CsvSource({
        // A strip from selvage to selvage asks for no room across; the far end of the length does.
        "1 yd 40 wide, 40, 2 1/2, 4, false",
        "1/4 yd 40 wide, 40, 8 7/8, 1, false",
        "1/4 yd 40 wide, 40, 8 15/16, 1, true",
        "1/4 yd 40 wide, 40, 9, 1, true",
        // Pieces that reach from selvage to selvage do.
        "1 yd 40 wide, 8, 8, 5, true",
        "1 yd 40 wide, 7 7/8, 8, 5, false",
        // Both pinked edges are cut true: 1/4 in, and exactly so much is enough.
        "10 in square pinked, 9 7/8, 9 7/8, 1, true",
        "10 in square pinked, 9 3/4, 9 3/4, 1, false",
        "10 in square pinked, 10, 10, 1, true",
        // A precut used as it comes needs no cut; cut down by a sliver it does.
        "10 in square, 10, 10, 1, false",
        "10 in square, 9 15/16, 9 15/16, 1, true",
        "10 in square, 9 7/8, 9 7/8, 1, false",
        "10 in square, 5, 10, 2, true",
        "1 strip 2 1/2 x 40, 40, 2 1/2, 1, false",
        "1 strip 2 1/2 x 40, 2 1/2, 2 1/2, 15, false",
        "1 strip 2 1/2 x 40, 2 1/2, 2 1/2, 16, true",
        // Fat quarters and scraps come as the shop tore them.
        "fat quarter, 20, 9, 1, true",
        "scrap 9 x 13, 9, 5, 1, true",
        "scrap 9 x 13, 8 7/8, 5, 1, false"
    })
    void roomIsAskedForWhereAnEdgeHasStillToBeCutTrue(
            String cloth, String width, String height, long count, boolean tight) {
        ClothPiece piece = ShelfLineReader.read("cloth", cloth, MeasureSystem.INCH)
                .orThrow()
                .piece();
        CutSize size = new CutSize(read(width), read(height), false);
        PieceLayout layout = PieceLayout.of(piece, size, count);
        assertThat(layout.count()).isEqualTo(count);
        assertThat(TightFit.of(piece, layout.blocks(), Length.inches(0, 1, 8))).isEqualTo(tight);
    }

    private static Length read(String text) {
        return LengthReader.readPositive("size", text, MeasureSystem.INCH).orThrow();
    }
}

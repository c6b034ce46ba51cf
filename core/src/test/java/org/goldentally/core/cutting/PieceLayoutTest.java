package org.goldentally.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PieceLayoutTest {

    @ParameterizedTest(name = "{0} × {1} eighths of fabric give {4} of {2} × {3}")
    @CsvSource({
        "80, 80, 80, 80, 1", // a 10 in square is a 10 in square
        "80, 80, 81, 81, 0", // an eighth short
        "80, 80, 40, 40, 4",
        "80, 80, 23, 23, 9", // 2 7/8 in: three each way
        "336, 576, 80, 80, 28", // 2 yd of 42 in: four across, seven down
        "160, 144, 36, 20, 32", // 4 1/2 × 2 1/2 in from a fat quarter, turned: four rows of eight
        "80, 80, 36, 20, 8", // 4 1/2 × 2 1/2 from 10 in: four rows of two
    })
    void countsByHand(int width, int length, int cutWidth, int cutHeight, int pieces) {
        assertThat(layout(width, length, cutWidth, cutHeight, Long.MAX_VALUE).cuts())
                .hasSize(pieces);
    }

    @ParameterizedTest(name = "{0} × {1} eighths of fabric into {2} × {2}: {3} cuts")
    @CsvSource({
        "80, 80, 80, 0", // it is one already
        "80, 80, 64, 2", // one side, then the other
        "80, 80, 40, 3", // across, then both strips
        "80, 80, 32, 5", // the rest below, the rest beside, between the strips, both strips
        "336, 576, 80, 35", // seven strips, each cut off and cut four times
    })
    void straightCutsAreCountedByHand(int width, int length, int side, int cuts) {
        assertThat(layout(width, length, side, side, Long.MAX_VALUE).straightCuts())
                .isEqualTo(cuts);
    }

    @Test
    void onlyAsManyStripsAreCutAsAreNeeded() {
        PieceLayout layout = layout(336, 576, 80, 80, 6);
        assertThat(layout.cuts()).hasSize(6);
        assertThat(layout.leftovers())
                .extracting(rectangle -> MeasureSystem.INCH.writer().write(rectangle.width()) + " x "
                        + MeasureSystem.INCH.writer().write(rectangle.height()))
                .containsExactly("2 x 10", "22 x 10", "42 x 52");
    }

    @Tries(300)
    void whatIsCutAndKeptAndTrimmedIsThePieceAndNothingOverlaps(Chance chance) {
        int width = chance.between(4, 200);
        int length = chance.between(4, 200);
        int cutWidth = chance.between(12, 100);
        int cutHeight = chance.between(12, 100);
        int atMost = chance.between(0, 40);
        PieceLayout layout = layout(width, length, cutWidth, cutHeight, atMost);
        assertThat(layout.cutArea().plus(layout.leftoverArea()).plus(layout.trimmingsArea()))
                .isEqualTo(layout.piece().area());
        assertThat(layout.cuts()).hasSizeLessThanOrEqualTo(atMost);
        List<Rectangle> all = new ArrayList<>(layout.cuts());
        all.addAll(layout.leftovers());
        all.addAll(layout.trimmings());
        for (int i = 0; i < all.size(); i++) {
            Rectangle one = all.get(i);
            assertThat(one.x().isNegative() || one.y().isNegative()).isFalse();
            assertThat(layout.piece().width().isAtLeast(one.x().plus(one.width())))
                    .isTrue();
            assertThat(layout.piece().length().isAtLeast(one.y().plus(one.height())))
                    .isTrue();
            for (Rectangle other : all.subList(i + 1, all.size())) {
                assertThat(apart(one, other)).as("%s and %s", one, other).isTrue();
            }
        }
    }

    @Tries(200)
    void aLargerPieceNeverGivesFewer(Chance chance) {
        int width = chance.between(8, 300);
        int length = chance.between(8, 300);
        int cutWidth = chance.between(12, 60);
        int cutHeight = chance.between(12, 60);
        CutSize size = CutSize.rectangle(eighths(cutWidth), eighths(cutHeight));
        assertThat(PieceLayout.capacity(piece(width + 1, length), size))
                .isGreaterThanOrEqualTo(PieceLayout.capacity(piece(width, length), size));
    }

    private static boolean apart(Rectangle a, Rectangle b) {
        return b.x().isAtLeast(a.x().plus(a.width()))
                || a.x().isAtLeast(b.x().plus(b.width()))
                || b.y().isAtLeast(a.y().plus(a.height()))
                || a.y().isAtLeast(b.y().plus(b.height()));
    }

    private static PieceLayout layout(int width, int length, int cutWidth, int cutHeight, long atMost) {
        return PieceLayout.of(piece(width, length), CutSize.rectangle(eighths(cutWidth), eighths(cutHeight)), atMost);
    }

    private static ClothPiece piece(int width, int length) {
        return new ClothPiece(PieceForm.SCRAP, eighths(width), eighths(length), ClothPiece.Edge.STRAIGHT);
    }

    private static Length eighths(int count) {
        return Length.inches(0, count, 8);
    }
}

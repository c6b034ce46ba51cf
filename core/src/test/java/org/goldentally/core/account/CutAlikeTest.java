package org.goldentally.core.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.Use;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.junit.jupiter.api.Test;

/** Which cloths are laid on one another, counted by hand. */
class CutAlikeTest {

    private static final ClothPiece SQUARE = ClothPiece.square(Length.inches(10));
    private static final ClothPiece YARD =
            new ClothPiece(PieceForm.YARDAGE, Length.inches(40), Length.inches(36), ClothPiece.Edge.STRAIGHT);

    /** Two squares of 5 in from a square of 10 in each; oat is cut three times. */
    @Test
    void whatIsCutOtherwiseHasASheetOfItsOwn() {
        Map<String, Integer> counts = new LinkedHashMap<>();
        counts.put("red", 2);
        counts.put("oat", 3);
        counts.put("teal", 2);
        List<CutAlike> alike = CutAlike.of(counts.entrySet().stream()
                .map(cloth -> ledger(cloth.getKey(), cloth.getValue(), SQUARE, 1))
                .toList());
        assertThat(alike)
                .extracting(
                        each -> each.cloths().stream().map(ClothLedger::cloth).toList())
                .containsExactly(List.of("red", "teal"), List.of("oat"));
    }

    @Test
    void theyLieOnOneAnotherToSoManyLayers() {
        CutAlike five = alike(5, 4, SQUARE, 1);
        assertThat(five.stacks(4)).containsExactly(List.of("c0", "c1", "c2", "c3"), List.of("c4"));
        assertThat(five.stacks(1)).hasSize(5);
        assertThat(five.passes(SQUARE, 1, 4)).isEqualTo(2);
        // Two squares of each: two cloths a stack, and three stacks.
        CutAlike pairs = alike(5, 8, SQUARE, 2);
        assertThat(pairs.stacks(4)).containsExactly(List.of("c0", "c1"), List.of("c2", "c3"), List.of("c4"));
        assertThat(pairs.passes(SQUARE, 2, 4)).isEqualTo(3);
        // Six squares of each: more than fit, so each cloth by itself, twice.
        CutAlike many = alike(2, 24, SQUARE, 6);
        assertThat(many.stacks(4)).hasSize(2);
        assertThat(many.passes(SQUARE, 6, 4)).isEqualTo(4);
        // A length lies folded.
        CutAlike lengths = alike(3, 4, YARD, 1);
        assertThat(lengths.stacks(4)).containsExactly(List.of("c0", "c1"), List.of("c2"));
        assertThat(lengths.passes(YARD, 1, 4)).isEqualTo(2);
        assertThat(lengths.passes(YARD, 1, 1)).isEqualTo(3);
    }

    /** Two prints are to be bought and cut alike; one is cut into, and still lies in the stack. */
    @Test
    void whatIsCutIntoStaysInItsStack() {
        ClothLedger red = toBuy("red");
        ClothLedger teal = toBuy("teal");
        String step = SheetSteps.of(red).getLast().getFirst().id().toString();
        ClothLedger cut = red.boughtWhereCut(Set.of(step));
        assertThat(cut.toBuy()).isEmpty();
        assertThat(CutAlike.of(List.of(cut, teal)))
                .singleElement()
                .satisfies(both -> assertThat(both.stacks(4)).containsExactly(List.of("red", "teal")));
    }

    private static ClothLedger toBuy(String cloth) {
        CuttingRequest request = ledger(cloth, 4, SQUARE, 1).request();
        return ClothLedger.of(new CuttingRequest(
                cloth,
                request.cuts(),
                List.of(),
                request.widthToBuy(),
                request.system(),
                request.choice(),
                request.squaringUp()));
    }

    private static CutAlike alike(int cloths, int count, ClothPiece piece, int pieces) {
        List<CutAlike> alike = CutAlike.of(java.util.stream.IntStream.range(0, cloths)
                .mapToObj(i -> ledger("c" + i, count, piece, pieces))
                .toList());
        assertThat(alike).hasSize(1);
        return alike.getFirst();
    }

    /** So many squares of 5 in from so many pieces of cloth. */
    private static ClothLedger ledger(String cloth, int count, ClothPiece piece, int pieces) {
        ClothCut cut = new ClothCut(
                cloth, CutSize.square(Length.inches(5)), "square", count, Use.Finish.BINDING, "half-square triangles");
        return ClothLedger.of(new CuttingRequest(
                cloth,
                List.of(cut),
                List.of(new ShelfPieces("s", pieces, piece)),
                Length.inches(40),
                MeasureSystem.INCH,
                CuttingChoice.PLAIN,
                Length.inches(0, 1, 2)));
    }
}

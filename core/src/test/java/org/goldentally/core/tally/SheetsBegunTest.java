package org.goldentally.core.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.SheetSteps;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.BorderDesign.Join;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A quilt that is being cut keeps its sheets, whatever better ones there are now. */
class SheetsBegunTest {

    private static final Map<String, List<ShelfPieces>> SHELF = Map.of(
            "b",
            List.of(
                    new ShelfPieces("squares", 6, ClothPiece.square(Length.inches(10))),
                    new ShelfPieces(
                            "length",
                            1,
                            new ClothPiece(
                                    PieceForm.YARDAGE,
                                    Length.inches(44),
                                    Length.inches(20),
                                    ClothPiece.Edge.STRAIGHT))));

    /** With a border of 48 and 24 in, of which all was one run, and long ones along the fabric: in every style. */
    @ParameterizedTest
    @EnumSource(CuttingStyle.class)
    void whatIsTickedOnFormerSheetsIsFound(CuttingStyle style) {
        QuiltTop top = top(style);
        TopTally now = TopTally.of(top, SHELF, ClothLedger::of);
        TopTally former = TopTally.byFormerRules(top, SHELF, ClothLedger::of);
        Set<String> onlyFormer = ids(former);
        onlyFormer.removeAll(ids(now));
        assertThat(onlyFormer).as("sheets are laid out otherwise").isNotEmpty();
        assertThat(ids(SheetsBegun.of(now, onlyFormer, () -> former))).containsAll(onlyFormer);
    }

    @Test
    void whatIsNotBegunOrStandsOnTheNewSheetsTooGetsThose() {
        QuiltTop top = top(CuttingStyle.PLAIN);
        TopTally now = TopTally.of(top, SHELF, ClothLedger::of);
        AtomicInteger asked = new AtomicInteger();
        for (Set<String> ticked : List.of(Set.<String>of(), ids(now))) {
            assertThat(SheetsBegun.of(now, ticked, () -> {
                        asked.incrementAndGet();
                        return now;
                    }))
                    .isSameAs(now);
        }
        assertThat(asked).hasValue(0);
        assertThat(SheetsBegun.of(
                        now, Set.of("of no sheet"), () -> TopTally.byFormerRules(top, SHELF, ClothLedger::of)))
                .isSameAs(now);
    }

    private static QuiltTop top(CuttingStyle style) {
        return Tops.of(6, 3, "8", "ohio-star")
                .border(BorderDesign.plain("2", "b", Corners.BUTTED))
                .border(BorderDesign.plain("3", "c", Corners.BUTTED).joined(Join.ALONG_LENGTH))
                .plan(PlanDesign.USUAL.withCutting(List.of(new CuttingChoice("", style, 1))))
                .top();
    }

    private static Set<String> ids(TopTally tally) {
        Set<String> ids = new HashSet<>();
        tally.ledgers().stream()
                .flatMap(ledger -> SheetSteps.of(ledger).stream())
                .flatMap(List::stream)
                .forEach(step -> ids.add(step.id().toString()));
        return ids;
    }
}

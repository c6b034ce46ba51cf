package org.goldentally.core.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.account.StyleChoices;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.BorderDesign.Join;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.design.PlanDesign.ExtraUnits;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the quilter chooses beyond the methods: how borders are joined, extra units, the style of cutting. */
class TallyChoicesTest {

    /**
     * Four sides of 60 1/2 in = 242 in, from cloth 40 in wide, strips cut 3 1/2 in (worked by hand). Straight joins lose
     * 1/2 in: 7 strips. Diagonal ones lose 3 1/2 in: 7 strips give 259 in. Along the length: 4 pieces of 60 1/2 in.
     */
    @ParameterizedTest
    @CsvSource({"STRAIGHT, 7, 40, 3 1/2", "DIAGONAL, 7, 40, 3 1/2", "ALONG_LENGTH, 4, 3 1/2, 61 1/2"})
    void bordersAreJoinedAsChosen(Join join, int strips, String width, String height) {
        TopTally tally = tally(Tops.of(5, 5, "12", "ohio-star")
                .border(BorderDesign.plain("3", "b", Corners.UNITS).joined(join)));
        ClothCut cut = tally.strips().stream()
                .filter(strip -> strip.label().startsWith("border"))
                .findFirst()
                .orElseThrow()
                .cuts()
                .getFirst();
        assertThat(cut.count()).isEqualTo(strips);
        assertThat(cut.size().width()).hasToString(width + " in");
        assertThat(cut.size().height()).hasToString(height + " in");
        assertThat(cut.size().turnable()).isEqualTo(join != Join.ALONG_LENGTH);
    }

    /** Twelve sides of 36 1/2 in at 6 1/2 in: a diagonal join takes 6 in more than a straight one, and a strip more. */
    @Test
    void diagonalJoinsTakeTheWidthOfTheStripEach() {
        Tops top = Tops.of(7, 7, "12", "ohio-star");
        long straight = strips(top.border(BorderDesign.plain("8", "b", Corners.UNITS)));
        // 4 x 85 1/2 = 342: straight (342 - 1/2) / 39 1/2 = 8.6, 9 strips; diagonal (342 - 8 1/2) / 31 1/2 = 10.6, 11.
        assertThat(straight).isEqualTo(9);
        long diagonal = strips(Tops.of(7, 7, "12", "ohio-star")
                .border(BorderDesign.plain("8", "b", Corners.UNITS).joined(Join.DIAGONAL)));
        assertThat(diagonal).isEqualTo(11);
    }

    /** Strips of a set are as long as the narrowest of its fabrics is wide, so that each can be cut of it (geometry). */
    @ParameterizedTest
    @CsvSource({"36, 54, 36", "54, 54, 54", "36, , 36", "54, , 40"})
    void stripsAreAsLongAsTheNarrowestOfTheirFabricsIsWide(String one, String other, String strip) {
        Map<String, List<ShelfPieces>> shelf = new HashMap<>();
        shelf.put("a", yards(one));
        shelf.put("b", other == null ? List.of() : yards(other));
        TopTally tally = TopTally.of(
                Tops.of(4, 4, "8", "pinwheel")
                        .choose("half-square", "strip-tube")
                        .top(),
                shelf);
        assertThat(tally.making().cuts())
                .filteredOn(cut -> cut.name().equals("strip"))
                .isNotEmpty()
                .allSatisfy(cut -> assertThat(cut.longerSide()).hasToString(strip + " in"));
        assertThat(tally.ledgers()).allSatisfy(ledger -> {
            assertThat(ledger.tooLarge()).isEmpty();
            assertThat(ledger.isEnough()).isEqualTo(!shelf.get(ledger.cloth()).isEmpty());
        });
    }

    private static List<ShelfPieces> yards(String wide) {
        Length width = Length.inches(Integer.parseInt(wide));
        return List.of(new ShelfPieces(
                wide, 1, new ClothPiece(PieceForm.YARDAGE, width, Length.inches(144), ClothPiece.Edge.STRAIGHT)));
    }

    private static long strips(Tops top) {
        return tally(top).strips().stream()
                .filter(strip -> strip.label().startsWith("border"))
                .findFirst()
                .orElseThrow()
                .stripsCut();
    }

    /** 80 units needed eight at a time are 10 pairs; 5 % more are 84, 11 pairs; 9 more are 89, 12 pairs. */
    @ParameterizedTest
    @CsvSource({"'', 0, 10", "5 %, 4, 11", "9, 9, 12", "0, 0, 10", "a few, 0, 10"})
    void extraUnitsAreMadeForMishaps(String typed, long extra, long sets) {
        Tops top = Tops.of(4, 5, "8", "pinwheel")
                .choose("half-square", "eight-at-a-time")
                .plan(extras(new ExtraUnits("", typed)));
        UnitPlan plan = tally(top).choices().getFirst().chosen();
        assertThat(plan.extra()).isEqualTo(extra);
        assertThat(plan.sets()).isEqualTo(sets);
        assertThat(plan.spare()).isEqualTo(sets * 8 - 80);
        assertThat(ReadDesign.of(top.design()).work().problems()).hasSize(typed.equals("a few") ? 1 : 0);
    }

    @Test
    void aMethodThatIsNotKnownIsSaidAndTheUnitsAreMadeAsIsUsual() {
        TopTally usual = tally(Tops.of(4, 5, "8", "pinwheel"));
        TopTally unknown = tally(Tops.of(4, 5, "8", "pinwheel").choose("half-square", "by magic"));
        UnitPlan taken = unknown.choices().getFirst().chosen();
        assertThat(taken.method()).isEqualTo(usual.choices().getFirst().chosen().method());
        assertThat(taken.cuts()).isEqualTo(usual.choices().getFirst().chosen().cuts());
        assertThat(unknown.choices().getFirst().byQuilter()).isFalse();
        assertThat(unknown.problems())
                .extracting(problem -> problem.where() + ": " + problem.why())
                .containsExactly("Methods: “by magic” is no method we know");
        assertThat(usual.problems()).isEmpty();
    }

    @Test
    void whatIsTypedForAGroupComesBeforeWhatIsTypedForAll() {
        Tops top = Tops.of(4, 5, "8", "pinwheel")
                .plan(extras(new ExtraUnits("", "50 %"), new ExtraUnits("half-square:a,b", "1")));
        assertThat(tally(top).choices().getFirst().chosen().extra()).isEqualTo(1);
    }

    @Test
    void aClothIsCutAsChosenForItElseAsForAll() {
        PlanDesign plan = PlanDesign.USUAL.withCutting(
                List.of(new CuttingChoice("", CuttingStyle.TIDY, 1), new CuttingChoice("b", CuttingStyle.THRIFTY, 2)));
        TopTally tally = tally(Tops.of(4, 5, "8", "pinwheel").plan(plan));
        assertThat(tally.ledgers())
                .extracting(ledger -> ledger.cloth() + " " + ledger.choice().style())
                .containsExactly("a TIDY", "b THRIFTY");
    }

    @Test
    void moreTroubleNeverBuysMore() {
        TopTally tally = tally(Tops.of(4, 5, "9", "ohio-star").border(BorderDesign.plain("3", "b", Corners.UNITS)));
        for (ClothLedger ledger : tally.ledgers()) {
            CuttingRequest request = new CuttingRequest(
                    ledger.cloth(),
                    ledger.cuts(),
                    List.of(),
                    Length.inches(40),
                    tally.top().design().system(),
                    CuttingChoice.PLAIN,
                    Length.inches(0, 1, 2));
            StyleChoices styles = StyleChoices.of(request, ClothLedger::of);
            List<Length> bought = styles.accounts().values().stream()
                    .map(each -> each.toBuy().orElseThrow().purchase().exact())
                    .toList();
            assertThat(bought).isSortedAccordingTo(java.util.Comparator.reverseOrder());
            assertThat(StyleChoices.proof(styles.accounts().get(CuttingStyle.PLAIN), styles.system()))
                    .isEmpty();
            assertThat(StyleChoices.proof(styles.accounts().get(CuttingStyle.THRIFTY), styles.system()))
                    .isNotEmpty();
        }
    }

    private static PlanDesign extras(ExtraUnits... extras) {
        return PlanDesign.USUAL.withExtras(List.of(extras));
    }

    private static TopTally tally(Tops tops) {
        return TopTally.of(tops.top(), Map.of());
    }
}

package org.goldentally.core.plans;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.PlanDesign.CutSizeChoice;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The bound worked out by hand, and what is said of a plan beside one. */
class PlanProofTest {

    private static final Length WIDTH = Length.inches(40);

    /** Sewing and cuts of a plan and of the bound: percents are rounded up, cuts too, and nothing is said of no bound. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "SEWS_LEAST    | 100 | 100   | Proven: no plan sews less.",
                "SEWS_LEAST    | 100 | 100.5 | Proven: at most 1 % more sewing than the least there can be.",
                "SEWS_LEAST    | 80  | 100   | Proven: at most 25 % more sewing than the least there can be.",
                "SEWS_LEAST    | 0   | 0     | Proven: no plan sews less.",
                "SEWS_LEAST    | 0   | 5     | ''",
                "CUTS_SIMPLEST | 7.2 | 8     | Proven: no plan cuts less.",
                "CUTS_SIMPLEST | 7.2 | 9     | Proven: every plan takes at least 8 cuts.",
                "CUTS_SIMPLEST | 0   | 0     | Proven: no plan cuts less.",
                "CUTS_SIMPLEST | 0   | 3     | ''",
                "BUYS_LEAST    | 0   | 720   | Not proven: by its area the fabric on the shelf would do.",
                "BUYS_LEAST    | 720 | 720   | Proven: no plan buys less.",
                "BUYS_LEAST    | 720 | 1440  | 'Proven: every plan buys at least 1/2 yd in all, this one 1 yd.'",
            })
    void whatIsSaidOfAPlan(Aim aim, double least, double plans, String said) {
        PlanBound bound = new PlanBound(Optional.of(square(least)), least, least, WIDTH);
        PlanCosts costs = new PlanCosts(square(plans), 0, (long) plans, Length.ZERO, 0, Area.ZERO, 0, 0, plans, plans);
        assertThat(bound.proof(aim, costs, MeasureSystem.INCH)).isEqualTo(said);
        assertThat(new PlanBound(Optional.empty(), 0, 0, WIDTH).proof(Aim.BUYS_LEAST, costs, MeasureSystem.INCH))
                .isEmpty();
    }

    private static Area square(double inches) {
        return Length.inches((int) inches).times(Length.inches(1));
    }

    /**
     * Two borders of 4 in finished round 24 × 24 in, both of cloth d: 4 × 112 and 4 × 144 sq in are 1,024, or 25.6 in of 40, so
     * 27 in are bought at least (sold by the eighth of a yard).
     */
    @Test
    void bordersOfOneClothAddUp() {
        assertThat(bound(bordered(), Map.of()).minus(bound(plain(), Map.of())))
                .isEqualTo(WIDTH.times(Length.inches(27)));
    }

    /** No side of it can be cut of squares of 10 in, however many they are; of a yard of cloth all of it can. */
    @Test
    void longPiecesDoNotComeOfShortOnes() {
        Area nothing = bound(plain(), Map.of());
        assertThat(bound(bordered(), shelf(ClothPiece.square(Length.inches(10)), 40))
                        .minus(nothing))
                .isEqualTo(WIDTH.times(Length.inches(27)));
        ClothPiece yard = new ClothPiece(PieceForm.YARDAGE, WIDTH, Length.inches(36), ClothPiece.Edge.STRAIGHT);
        assertThat(bound(bordered(), shelf(yard, 1))).isEqualTo(nothing);
        // The shortest side has 24 in, so what is 25 in long may be of use, for all that the area tells.
        assertThat(bound(bordered(), shelf(ClothPiece.square(Length.inches(25)), 40)))
                .isEqualTo(nothing);
    }

    /**
     * Three strips of 2 1/2 in bind 24 × 24 in: 300 sq in of brick, so 9 in are bought. From leftovers nobody knows how much
     * is bought at least, so it is nothing.
     */
    @Test
    void aBindingFromLeftoversIsNotCounted() {
        Tops tops = Tops.of(2, 2, "12", "pinwheel").boundIn("e");
        QuiltDesign bound = tops.design();
        QuiltDesign fromLeftovers = bound.withFinishing(bound.finishing().boundFromLeftovers(true));
        assertThat(bound(QuiltTop.of(bound), Map.of()).minus(bound(QuiltTop.of(fromLeftovers), Map.of())))
                .isEqualTo(WIDTH.times(Length.inches(9)));
    }

    /** Loose triangles are sewn one by one: once they are chosen by hand, every plan sews more than one that is free. */
    @Test
    void aWayChosenByHandIsTheOnlyOne() {
        Tops tops = Tops.of(2, 2, "12", "pinwheel");
        double free = bound(tops.top()).sewingMinutes();
        double chosen =
                bound(tops.choose("half-square", "loose-triangles").top()).sewingMinutes();
        assertThat(chosen).isGreaterThan(free);
    }

    /** A cut size chosen by hand is in every plan, though a smaller one takes less cloth. */
    @Test
    void aCutSizeChosenByHandStays() {
        QuiltDesign design = plain().design();
        CutSizeChoice byHand = new CutSizeChoice("half-square", "two-at-a-time", "8", true);
        BestPlans plans = new BestPlans(
                QuiltTop.of(design.withPlan(design.plan().withCutSizes(List.of(byHand)))),
                Map.of(),
                ClothLedger::of,
                BestPlans.Going.TO_THE_END);
        for (Aim aim : Aim.values()) {
            assertThat(plans.best(aim).design().plan().cutSizes()).containsExactly(byHand);
        }
    }

    /** One that a plan chose before is open again: squares of 8 in for units of 6 take too much. */
    @Test
    void aCutSizeThatAPlanChoseMayGoAgain() {
        QuiltDesign design = plain().design();
        CutSizeChoice before = new CutSizeChoice("half-square:a,b", "two-at-a-time", "8", false);
        BestPlans plans = new BestPlans(
                QuiltTop.of(design.withPlan(design.plan().withCutSizes(List.of(before)))),
                Map.of("a", squares(8, 7), "b", squares(8, 7)),
                ClothLedger::of,
                BestPlans.Going.TO_THE_END);
        BestPlans.Tried simplest = plans.best(Aim.CUTS_SIMPLEST);
        assertThat(simplest.design().plan().cutSizes()).doesNotContain(before);
        assertThat(simplest.costs().cuts()).isZero();
    }

    private static List<ShelfPieces> squares(int count, int side) {
        return List.of(new ShelfPieces("some", count, ClothPiece.square(Length.inches(side))));
    }

    private static Map<String, List<ShelfPieces>> shelf(ClothPiece piece, int count) {
        return Map.of("d", List.of(new ShelfPieces("some", count, piece)));
    }

    private static QuiltTop plain() {
        return Tops.of(2, 2, "12", "pinwheel").top();
    }

    private static QuiltTop bordered() {
        BorderDesign border = BorderDesign.plain("4", "d", BorderDesign.Corners.BUTTED);
        return Tops.of(2, 2, "12", "pinwheel").border(border).border(border).top();
    }

    private static Area bound(QuiltTop top, Map<String, List<ShelfPieces>> shelf) {
        return new BestPlans(top, shelf, ClothLedger::of, BestPlans.Going.TO_THE_END)
                .bound()
                .bought()
                .orElseThrow();
    }

    private static PlanBound bound(QuiltTop top) {
        return new BestPlans(top, Map.of(), ClothLedger::of, BestPlans.Going.TO_THE_END).bound();
    }

    /** What falls beside the pieces, of all cloths together, and what trimming takes off every unit. */
    @Test
    void trimmingsOfAllClothsAddUp() {
        TopTally tally = TopTally.of(plain(), Map.of());
        Area beside = tally.ledgers().stream().map(ClothLedger::trimmed).reduce(Area.ZERO, Area::plus);
        Area trimmed = tally.choices().stream()
                .map(choice -> choice.chosen())
                .filter(plan -> plan.recipe().sizes().needsTrimming())
                .map(plan -> plan.recipe().sizes().trimmedAway().times(plan.needed()))
                .reduce(Area.ZERO, Area::plus);
        assertThat(tally.ledgers())
                .hasSizeGreaterThan(1)
                .allMatch(ledger -> !ledger.trimmed().isZero());
        assertThat(PlanCosts.of(tally).trimmings()).isEqualTo(beside.plus(trimmed));
    }
}

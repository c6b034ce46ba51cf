package org.goldentally.core.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.design.PlanDesign.CutSizeChoice;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Cut sizes of the quilter's own, for pinwheels of 8 in: half-square triangles of 4 in, trimmed 4 1/2. */
class OwnCutSizesTest {

    private static final String TWO = "two-at-a-time";

    /** F + 7/8, F + 1 and F + 1 1/2 are the schools' own figures (common practice, no source); the rest as typed. */
    @ParameterizedTest
    @CsvSource({
        "two-at-a-time, exact, 4 7/8",
        "two-at-a-time, roomy, 5 1/2",
        "two-at-a-time, 5 1/4, 5 1/4",
        "two-at-a-time, Raw 5, 5 3/8",
        "eight-at-a-time, 10, 10",
        "eight-at-a-time, raw 4 5/8, 10",
        "four-at-a-time, 7 1/4, 7 1/4"
    })
    void itIsCutAsTheQuilterSays(String method, String typed, String cut) {
        TopTally tally = tally(method, typed, "");
        assertThat(tally.problems()).isEmpty();
        assertThat(way(tally).recipe().sizesToCut()).containsExactly(length(cut));
        assertThat(tally.making().cuts()).allMatch(each -> each.size().equals(CutSize.square(length(cut))));
    }

    /** What cannot be is refused with the way out, and cut by the school of the quilt. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "two-at-a-time | 4 3/4 | cut 4 7/8 in or more",
                "eight-at-a-time | 9 1/2 | cut 9 3/4 in or more",
                "two-at-a-time | 60 | cut 4 7/8 in or a little more",
                "two-at-a-time | 5 1/16 | cut 5 1/8 in, or choose a ruler with finer marks",
                "two-at-a-time | raw 4 1/4 | say raw 4 1/2 or a little more",
                "two-at-a-time | large | type it like 4 7/8 or 4.875"
            })
    void whatIsTooSmallIsRefusedWithTheLeastSize(String method, String typed, String fix) {
        TopTally tally = tally(method, typed, "");
        assertThat(tally.problems()).extracting(Problem::fix).containsExactly(fix);
        assertThat(way(tally).recipe().sizesToCut())
                .isEqualTo(way(tally(method, "trim", "")).recipe().sizesToCut());
    }

    /** A size belongs to the way of making: 10 in for eight at a time says nothing of two at a time. */
    @Test
    void anotherWayHasItsOwnSize() {
        QuiltDesign design = design(TWO, "", "");
        design = design.withPlan(
                design.plan().withCutSizes(List.of(new CutSizeChoice("half-square", "eight-at-a-time", "10", true))));
        TopTally tally = TopTally.of(QuiltTop.of(design), Map.of());
        assertThat(tally.problems()).isEmpty();
        assertThat(way(tally).recipe().sizesToCut()).containsExactly(Length.inches(5));
    }

    /** Squares cut 5 1/4 give raw 5 1/4 − 1/4 √2 = 4.896 (geometry), 0.396 over 4 1/2; seven go across 40 in. */
    @Test
    void whatFollowsStandsBesideIt() {
        Map<String, List<ShelfPieces>> shelf =
                Map.of("a", squares(Length.inches(10)), "b", squares(Length.inches(5, 3, 8)));
        CutSizeFacts facts = CutSizeFacts.of(way(tally(TWO, "5 1/4", "")), shelf, MeasureSystem.INCH)
                .orElseThrow();
        assertThat(facts.cut().least()).isEqualTo(Length.inches(4, 7, 8));
        CutSizeFacts.ToTrim trim = facts.toTrim().orElseThrow();
        assertThat(trim.width().toDoubleInches()).isBetween(0.3964, 0.3965);
        assertThat(trim.little()).isFalse();
        assertThat(facts.ofStrip()).isEqualTo(14);
        assertThat(facts.asItComes()).containsExactly(Length.inches(5, 3, 8));
        assertThat(facts.tightIn()).containsExactly(Length.inches(5, 3, 8));
        assertThat(CutSizeFacts.of(way(tally(TWO, "exact", "")), shelf, MeasureSystem.INCH)
                        .orElseThrow()
                        .toTrim()
                        .orElseThrow()
                        .little())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6 1/2 | ",
                "3 1/2, 6 1/2 by 1/2 | ",
                "3 1/2; 4 | 4 1/2 in is more than your largest square ruler, 4 in",
                "6 1/2 by 1/3 | marks every “1/3” are on no ruler that is known here",
                "big | “big” cannot be read as a length"
            })
    void rulersThatCannotTrimAreNamed(String rulers, String why) {
        List<Problem> problems = tally(TWO, "", rulers).problems();
        if (why == null) {
            assertThat(problems).isEmpty();
        } else {
            assertThat(problems).extracting(Problem::why).containsExactly(why);
        }
    }

    private static UnitPlan way(TopTally tally) {
        return tally.choices().getFirst().chosen();
    }

    private static TopTally tally(String method, String typed, String rulers) {
        return TopTally.of(QuiltTop.of(design(method, typed, rulers)), Map.of());
    }

    private static QuiltDesign design(String method, String typed, String rulers) {
        QuiltDesign design = Tops.of(4, 3, "8", "pinwheel").top().design();
        return design.withMethods(List.of(new MethodChoice("half-square", method)))
                .withPlan(design.plan()
                        .withCutSizes(
                                typed.isEmpty()
                                        ? List.of()
                                        : List.of(new CutSizeChoice("half-square", method, typed, true)))
                        .withRulers(rulers));
    }

    private static List<ShelfPieces> squares(Length side) {
        return List.of(new ShelfPieces("s", 6, new ClothPiece(PieceForm.SQUARE, side, side, ClothPiece.Edge.STRAIGHT)));
    }

    private static Length length(String typed) {
        return org.goldentally.core.measure.LengthReader.readPositive("", typed, MeasureSystem.INCH)
                .orThrow();
    }
}

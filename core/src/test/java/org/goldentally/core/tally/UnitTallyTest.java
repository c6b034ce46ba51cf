package org.goldentally.core.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.Methods;
import org.goldentally.core.piecing.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.piecing.SewingSettings;
import org.junit.jupiter.api.Test;

class UnitTallyTest {

    private static final SewingSettings TRIM = SewingSettings.usual(MeasureSystem.INCH);

    @Test
    void eightAtATimeFromTenInchSquaresUsesAWholeSquareOfEachClothAPair() {
        UnitTally tally = tally("eight-at-a-time", 4, 190, "42 squares 10 in", "2 yd 42 wide");
        assertThat(tally.sets()).isEqualTo(24);
        assertThat(tally.spare()).isEqualTo(2);
        ClothTally print = tally.cloths().get(ClothRole.A);
        assertThat(print.available()).isEqualTo(42);
        assertThat(print.used().getFirst().untouched()).isEqualTo(18);
        assertThat(print.warnings())
                .singleElement()
                .satisfies(warning -> assertThat(warning.why())
                        .startsWith("tight fit: the plan comes within 1/8 in of the edge of the square, 10 in"));
        assertThat(tally.cloths().get(ClothRole.B).available()).isEqualTo(28);
        assertThat(tally.isEnough()).isTrue();
    }

    @Test
    void aSquareThatIsTooSmallSaysByHowMuch() {
        UnitTally tally = tally("eight-at-a-time", 5, 16, "42 squares 10 in", "2 yd 42 wide");
        assertThat(tally.isPossible()).isFalse();
        assertThat(tally.obstacles())
                .singleElement()
                .satisfies(problem -> assertThat(problem.why())
                        .isEqualTo(
                                "eight at a time needs a square cut 12 in; the largest piece of print is 10 in on its short"
                                        + " side, 2 in too small"));
    }

    @Test
    void scrapsGoBeforePrecutsAndYardageLast() {
        ClothTally cloth = ClothTally.of(
                "oat",
                CutSize.square(Length.inches(5)),
                7,
                List.of(pieces("1 yd 40 wide"), pieces("2 squares 10 in"), pieces("scrap 9 x 13")),
                MeasureSystem.INCH);
        assertThat(cloth.used()).extracting(use -> use.cutCount()).containsExactly(2L, 5L, 0L);
        assertThat(cloth.used().get(2).untouched()).isEqualTo(1);
    }

    @Property(tries = 100)
    void whatIsTakenIsCutOrLeftOrTrimmedExactly(
            @ForAll @IntRange(min = 1, max = 300) int units,
            @ForAll @IntRange(min = 4, max = 60) int finishedEighths,
            @ForAll @IntRange(min = 0, max = 2) int method) {
        UnitTally tally = UnitTally.of(
                new HalfSquareTriangleUnit(Length.inches(0, finishedEighths, 8)),
                units,
                Methods.FROM_PAIRS.get(method),
                TRIM,
                Map.of(
                        ClothRole.A, List.of(pieces("42 squares 10 in"), pieces("3 fat quarters")),
                        ClothRole.B, List.of(pieces("2 yd 42 wide"))),
                Map.of());
        assertThat(tally.sets() * tally.recipe().unitsPerSet() - tally.spare()).isEqualTo(units);
        assertThat(tally.spare()).isBetween(0L, (long) tally.recipe().unitsPerSet() - 1);
        for (ClothTally cloth : tally.cloths().values()) {
            long cut = 0;
            for (PiecesUsed use : cloth.used()) {
                Area accounted = use.cutArea().plus(use.leftoverArea()).plus(use.trimmingsArea());
                assertThat(accounted).isEqualTo(use.taken());
                assertThat(use.touched() + use.untouched())
                        .isEqualTo(use.pieces().count());
                cut += use.cutCount();
            }
            assertThat(cut).isEqualTo(Math.min(cloth.needed(), cloth.available()));
        }
    }

    private static UnitTally tally(String method, int finished, long units, String print, String background) {
        return UnitTally.of(
                new HalfSquareTriangleUnit(Length.inches(finished)),
                units,
                Methods.byKey(method).orElseThrow(),
                TRIM,
                Map.of(ClothRole.A, List.of(pieces(print)), ClothRole.B, List.of(pieces(background))),
                Map.of());
    }

    private static ShelfPieces pieces(String line) {
        var read = ShelfLineReader.read("test", line, MeasureSystem.INCH).orThrow();
        return new ShelfPieces(line, read.count(), read.piece());
    }
}

package org.goldentally.core.method;

import static org.assertj.core.api.Assertions.assertThat;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Working;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Cut sizes of the schools: common practice, no source; the constants behind them are checked as geometry elsewhere. */
class HalfSquareMethodsTest {

    @ParameterizedTest(name = "{0}, {1}: {2} finished is cut {3}")
    @CsvSource({
        "two-at-a-time,EXACT,2,2 7/8",
        "two-at-a-time,EXACT,4,4 7/8",
        "two-at-a-time,TRIM,3,4",
        "two-at-a-time,ROOMY,3,4 1/2",
        "four-at-a-time,TRIM,6,9 7/8",
        "four-at-a-time,EXACT,6,9 3/4",
        "eight-at-a-time,EXACT,4,9 3/4",
        "eight-at-a-time,TRIM,4,10",
        "eight-at-a-time,ROOMY,4,11",
        "two-at-a-time,EXACT,3 1/3,4 1/4",
    })
    void isCutAsTheSchoolsSay(String method, Allowance allowance, String finished, String cut) {
        Recipe recipe = recipe(method, allowance, finished, MeasureSystem.INCH);
        assertThat(recipe.cuts())
                .allSatisfy(piece -> assertThat(piece.size().width()).isEqualTo(inches(cut)));
    }

    @ParameterizedTest(name = "{0} of 10 cm finished is cut {1} cm")
    @CsvSource({"two-at-a-time,13", "four-at-a-time,18.5", "eight-at-a-time,26"})
    void metricConstantsAreDerivedFromTheMetricSeam(String method, String cut) {
        // 10 + 0.75 × (2 + √2) = 12.56, and 0.3 room: 12.86; (11.5 + 0.3) × √2 + 1.5 = 18.19; 2 × 12.86 = 25.72.
        Recipe recipe = recipe(method, Allowance.TRIM, "10", MeasureSystem.CENTIMETRE);
        assertThat(MeasureSystem.CENTIMETRE
                        .writer()
                        .write(recipe.cuts().getFirst().size().width()))
                .isEqualTo(cut);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Cut square|4 finished + 1/4 seam × (2 + √2) = 4.854; with 0.125 room (trim school) 4.979; rounded up to the next 1/8 in: 5 in",
                "Raw size, before trimming|5 cut − 1/4 seam × √2 = 4.646",
                "Trimmed size|4 finished + 2 × 1/4 seam = 4 1/2 in",
                "Widest seam|(5 cut − 4 1/2 trimmed) ÷ √2 = 0.354; with a wider seam the unit is smaller than its trimmed size"
            })
    void explainsEachFigureInOneLine(String what, String how) {
        assertThat(recipe("two-at-a-time", Allowance.TRIM, "4", MeasureSystem.INCH)
                        .workings())
                .contains(new Working(what, how));
    }

    private static Recipe recipe(String method, Allowance allowance, String finished, MeasureSystem system) {
        Length size = LengthReader.readPositive("size", finished, system).orThrow();
        return Methods.byKey(method)
                .orElseThrow()
                .recipe(
                        new HalfSquareTriangleUnit(size),
                        SewingSettings.usual(system).with(allowance),
                        ClothPiece.square(Length.inches(10)));
    }

    private static Length inches(String text) {
        return LengthReader.readPositive("size", text, MeasureSystem.INCH).orThrow();
    }
}

package org.goldentally.core.habits;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SewingSettingsTest {

    private static final SewingSettings INCHES = SewingSettings.usual(MeasureSystem.INCH);

    /** Common practice, no source; 3 mm for an eighth is our own choice. */
    @ParameterizedTest
    @CsvSource({
        "EXACT, 0 in, 0 in, 0 in, 0 cm, 0 cm",
        "TRIM, 1/8 in, 1/4 in, 1/8 in, 0.3 cm, 0.6 cm",
        "ROOMY, 5/8 in, 3/4 in, 5/8 in, 1.5 cm, 1.8 cm"
    })
    void schoolsLeaveRoomByTheSeamsThatCanWander(
            Allowance school, String one, String two, String loose, String oneMetric, String twoMetric) {
        assertThat(inches(school.roomForOneSeam(MeasureSystem.INCH))).isEqualTo(one);
        assertThat(inches(school.roomForTwoSeams(MeasureSystem.INCH))).isEqualTo(two);
        assertThat(inches(school.roomForLooseTriangle(MeasureSystem.INCH))).isEqualTo(loose);
        assertThat(centimetres(school.roomForOneSeam(MeasureSystem.CENTIMETRE))).isEqualTo(oneMetric);
        assertThat(centimetres(school.roomForTwoSeams(MeasureSystem.CENTIMETRE)))
                .isEqualTo(twoMetric);
        assertThat(centimetres(school.roomForLooseTriangle(MeasureSystem.CENTIMETRE)))
                .isEqualTo(oneMetric);
    }

    @Test
    void bothSeamsComeBetweenFinishedAndUnfinished() {
        assertThat(inches(INCHES.unfinished(Length.inches(4)))).isEqualTo("4 1/2 in");
        assertThat(inches(INCHES.finished(Length.inches(4, 1, 2)))).isEqualTo("4 in");
        SewingSettings metric = SewingSettings.usual(MeasureSystem.CENTIMETRE);
        assertThat(centimetres(metric.unfinished(Length.centimetres(10, 0, 1)))).isEqualTo("11.5 cm");
        assertThat(metric.grid()).isEqualTo(MeasureSystem.CENTIMETRE.usualGrid());
    }

    @Test
    void someUnitsAreCutOtherwise() {
        Length finished = Length.inches(3);
        SewingSettings roomy = INCHES.cutting(new OwnCut.BySchool(Allowance.ROOMY), finished);
        assertThat(roomy.allowance()).isEqualTo(Allowance.ROOMY);
        assertThat(roomy.ownCut()).isEmpty();
        SewingSettings cut = INCHES.cutting(new OwnCut.Cut(Length.inches(5)), finished);
        assertThat(cut.ownCut()).isEqualTo(Optional.of(Length.inches(5)));
        assertThat(cut.ownRoom()).isEmpty();
        assertThat(cut.allowance()).isEqualTo(Allowance.TRIM);
        SewingSettings raw = INCHES.cutting(new OwnCut.Raw(Length.inches(4)), finished);
        assertThat(raw.ownRoom().map(SewingSettingsTest::inches)).contains("1/2 in");
        assertThat(raw.ownCut()).isEmpty();
        assertThat(cut.with(Allowance.EXACT).ownCut()).isEmpty();
    }

    @Test
    void whatNobodySewsByIsRefusedAllAtOnce() {
        assertThat(INCHES.problems()).isEmpty();
        assertThat(with(SewingSettings.WIDEST_SEAM, Grid.EIGHTH_INCH)).isEmpty();
        assertThat(with(Length.ZERO, Grid.EIGHTH_INCH))
                .containsExactly(
                        new Problem("Seam", "a seam of 0 in holds nothing together", "the usual seam is 1/4 in"));
        assertThat(with(Length.inches(1, 1, 8), Grid.MILLIMETRE))
                .containsExactly(
                        new Problem(
                                "Seam",
                                "a seam of 1 1/8 in is wider than any patchwork seam",
                                "the usual seam is 1/4 in"),
                        new Problem(
                                "Ruler",
                                "a ruler with marks every 0.1 cm does not go with in",
                                "choose 1/16 in or 1/8 in or 1/4 in or 1/2 in"));
    }

    @Test
    void habitsAreSaidInWords() {
        assertThat(Habits.Marking.NOTHING.label()).isEqualTo("draw nothing");
        assertThat(Habits.Pressing.OPEN.label()).isEqualTo("open");
        assertThat(Habits.Pressing.OPEN.instruction())
                .isEqualTo("Press the seam open; sew such seams with a shorter stitch.");
        assertThat(Allowance.ROOMY.label()).isEqualTo("roomy");
    }

    private static List<Problem> with(Length seam, Grid grid) {
        return new SewingSettings(MeasureSystem.INCH, seam, grid, Allowance.TRIM).problems();
    }

    private static String inches(Length length) {
        return MeasureSystem.INCH.writer().writeWithUnit(length);
    }

    private static String centimetres(Length length) {
        return MeasureSystem.CENTIMETRE.writer().writeWithUnit(length);
    }
}

package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PaceInWordsTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 3, 2);
    private static final Pace TIMED =
            new Pace(Map.of(Batch.Kind.UNITS, 3.4), Map.of(Batch.Kind.UNITS, 5.0), Map.of(Batch.Kind.UNITS, 7));
    private static final Pace UNTIMED = new Pace(Map.of(), Map.of(), Map.of());

    private static PaceInWords left(double usualMinutes, double slowMinutes, long without) {
        return new PaceInWords(TIMED, new Pace.Estimate(usualMinutes, slowMinutes, without));
    }

    @Test
    void nothingIsClaimedBeforeAnythingWasTimed() {
        PaceInWords words = new PaceInWords(UNTIMED, new Pace.Estimate(0, 0, 12));
        assertThat(words.paces()).isEmpty();
        assertThat(words.left()).isEqualTo("No pace yet: it is told from the time between one set and the next.");
        assertThat(words.schedule(3, Optional.of(TODAY), TODAY)).isEmpty();
    }

    @Test
    void whatIsLeftIsSaidAsItIsUsuallyAndSlowly() {
        assertThat(left(90, 90, 0).paces()).containsExactly("units: about 3 min a set, from 7 timed");
        assertThat(left(90, 94.5, 0).left()).isEqualTo("Left of what has a pace: 1.5 h");
        assertThat(left(90, 120, 1).left())
                .isEqualTo("Left of what has a pace: 1.5 h, or 2.0 h if it goes slowly;"
                        + " 1 set of other work has no pace yet");
        assertThat(left(30, 30, 4).left())
                .isEqualTo("Left of what has a pace: 30 min; 4 sets of other work have no pace yet");
    }

    /** Two hours at two hours a week are a week, three a week and a half: ten and a half days, so eleven (counting). */
    @Test
    void theScheduleSaysTheDayAndTheHoursAWeek() {
        PaceInWords words = left(120, 180, 0);
        assertThat(words.schedule(2, Optional.empty(), TODAY))
                .isEqualTo("At 2.0 h a week it is done about 2026-03-09, at the latest 2026-03-13.");
        assertThat(words.schedule(0, Optional.of(TODAY.plusDays(13)), TODAY))
                .isEqualTo("To be done by 2026-03-15 takes about 1.0 h a week, 1.5 if it goes slowly.");
        assertThat(words.schedule(0, Optional.of(TODAY.minusDays(1)), TODAY)).isEqualTo("2026-03-01 is past.");
        assertThat(words.schedule(0, Optional.empty(), TODAY)).isEmpty();
    }

    @Test
    void littleTimeIsSaidInMinutes() {
        assertThat(PaceInWords.minutes(0.4)).isEqualTo("under a minute");
        assertThat(PaceInWords.minutes(1)).isEqualTo("1 min");
        assertThat(PaceInWords.hours(0.5)).isEqualTo("30 min");
        assertThat(PaceInWords.hours(1)).isEqualTo("1.0 h");
    }
}

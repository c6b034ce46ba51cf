package org.goldentally.core.yields;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.stream.Collectors;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.junit.jupiter.api.Test;

class SameAreaTest {

    /** 800 × 9 = 7,200; ÷ 12 1/4 = 587.8; ÷ 16 = 450; ÷ 36 = 200; ÷ 121 = 59.5 (by hand). */
    @Test
    void unitsOfOtherSizesCoverAsMuch() {
        Map<String, Long> rows = rows(SameArea.asMuchAs(800, new HalfSquareTriangleUnit(Length.inches(3))));
        assertThat(rows)
                .containsEntry("3 in", 800L)
                .containsEntry("3 1/2 in", 588L)
                .containsEntry("4 in", 450L)
                .containsEntry("6 in", 200L)
                .containsEntry("11 in", 60L)
                .doesNotContainKey("6 1/2 in");
    }

    /** A top of 60 × 72 in is 4,320; 2 1/4 in is no usual size, but it was asked: ÷ 5 1/16 = 853.3 (by hand). */
    @Test
    void aTopIsCoveredByTheSizeThatIsAsked() {
        Map<String, Long> rows = rows(new SameArea(
                new HalfSquareTriangleUnit(Length.inches(2, 1, 4)),
                Length.inches(60).times(Length.inches(72))));
        assertThat(rows).containsEntry("2 1/4 in", 854L).containsEntry("4 in", 270L);
    }

    /** Geese are as wide as two are high: 24 of 3 × 6 in are 432, as many as 54 of 2 × 4 in. */
    @Test
    void oblongUnitsAreCountedByTheirOwnArea() {
        assertThat(rows(SameArea.asMuchAs(24, new FlyingGeeseUnit(Length.inches(6))))
                        .values())
                .contains(24L, 54L);
    }

    private static Map<String, Long> rows(SameArea same) {
        return same.rows(MeasureSystem.INCH).stream()
                .collect(Collectors.toMap(row -> row.namedSize().toString(), SameArea.Row::units));
    }
}

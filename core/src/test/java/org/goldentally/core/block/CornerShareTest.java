package org.goldentally.core.block;

import static org.assertj.core.api.Assertions.assertThat;

import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CornerShareTest {

    @ParameterizedTest
    @CsvSource({"2/3, 2, 3", "two thirds, 2, 3", "half, 1, 2", "75 %, 75, 100", "1/1, 1, 1", "' 1 / 4 ', 1, 4"})
    void sharesAreReadAsTheyAreSaid(String typed, int part, int of) {
        assertThat(CornerShare.read(typed)).contains(new CornerShare(part, of));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "some", "0/2", "3/2", "1/0", "120 %", "2 3"})
    void whatIsNoShareOfASideIsNotTakenForAHalf(String typed) {
        assertThat(CornerShare.read(typed)).isEmpty();
    }

    @Test
    void aShareThatCannotBeReadIsNamedAtItsPlaceAndLeftBlank() {
        UnitDesign unit = new UnitDesign(UnitKind.CORNER_FLIP, 1, "a bit", "", 0, false, java.util.List.of("a", "b"));
        Figure figure = Figure.of(
                unit,
                Length.inches(4),
                Length.inches(4),
                "border 1",
                any -> java.util.Optional.empty(),
                MeasureSystem.INCH);
        assertThat(figure.units()).isEmpty();
        assertThat(figure.flaws())
                .singleElement()
                .satisfies(flaw -> assertThat(flaw.why()).isEqualTo("“a bit” is no share of a side"));
    }
}

package org.goldentally.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadAndWriteLengthTest {

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\0',
            value = {
                "4 7/8|4 7/8",
                "4⅞|4 7/8",
                "4 ⅞|4 7/8",
                "⅞|7/8",
                "4.875|4 7/8",
                "4,875|4 7/8",
                "4-7/8|4 7/8",
                "4 7/8\"|4 7/8",
                "4 7/8 in|4 7/8",
                "4 7/8″|4 7/8",
                "  4   7 / 8  inches |4 7/8",
                ".5|1/2",
                "10/3|3 1/3",
                "3 1/3|3 1/3",
                "1 1/2 yd|54",
                "5 ft|60",
                "25.4 mm|1",
                "2.54 cm|1",
                "4 14/16|4 7/8"
            })
    void readsLengthsAsQuiltersWriteThem(String typed, String inches) {
        Reading<Length> reading = LengthReader.readPositive("Size", typed, MeasureSystem.INCH);
        assertThat(LengthWriter.INCHES.write(reading.orThrow())).isEqualTo(inches);
    }

    @ParameterizedTest(name = "{0} in centimetres is {1}")
    @CsvSource({"12.5,12.5", "12.5 cm,12.5", "125 mm,12.5", "'12,5',12.5", "1 in,2.54", "0.75,0.75"})
    void readsCentimetres(String typed, String centimetres) {
        Length length = LengthReader.readPositive("Size", typed, MeasureSystem.CENTIMETRE)
                .orThrow();
        assertThat(LengthWriter.CENTIMETRES.write(length)).isEqualTo(centimetres);
    }

    @ParameterizedTest(name = "{0} is refused: {1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\0',
            value = {
                "abc|“abc” cannot be read as a length",
                "4 7|“4 7” cannot be read as a length",
                "1/0|“1/0” divides by nothing",
                "0|“0” is no size at all",
                "-4|“-4” is less than nothing",
                "4 furlongs|“furlongs” in “4 furlongs” is no unit of length we know",
                "5000|“5000” is longer than a whole bolt of fabric (100 yd)",
                "99999999999|“99999999999” cannot be read as a length",
                "4 7/8; drop table|“4 7/8; drop table” cannot be read as a length"
            })
    void refusesWhatItCannotRead(String typed, String why) {
        assertThat(problem(typed).why()).isEqualTo(why);
        assertThat(problem(typed).where()).isEqualTo("Block size");
    }

    @Test
    void aRefusalGivesAnExample() {
        assertThat(problem("wide").fix()).isEqualTo("type it like 4 7/8 or 4.875");
        assertThat(problem(" ").why()).isEqualTo("nothing is typed here");
    }

    @Test
    void aLengthThatNoRulerShowsIsCutOffBelow() {
        assertThat(LengthWriter.INCHES.write(Length.inches(6).timesRootTwo())).isEqualTo("just over 8 3/8");
        assertThat(LengthWriter.CENTIMETRES.write(Length.inches(1, 1, 3))).isEqualTo("just over 3.3");
    }

    @Test
    void storedTextIsReadBackExactly() {
        Length third = Length.centimetres(10, 1, 3);
        String stored = LengthWriter.writeExact(third);
        assertThat(LengthReader.read("stored", stored, MeasureSystem.INCH).orThrow())
                .isEqualTo(third);
    }

    private static Problem problem(String typed) {
        Reading<Length> reading = LengthReader.readPositive("Block size", typed, MeasureSystem.INCH);
        assertThat(reading).isInstanceOf(Reading.Refused.class);
        return ((Reading.Refused<Length>) reading).problem();
    }
}

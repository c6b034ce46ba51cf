package org.goldentally.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShelfLineReaderTest {

    @ParameterizedTest(name = "{0} is understood as {1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\0',
            value = {
                "42 squares 10 in marigold prints|42 squares, 10 in – marigold prints",
                "42 10 in squares of marigold|42 squares, 10 in – marigold",
                "2 yd oat 42 wide|1 length, 72 in (2 yd), 42 in wide – oat",
                "1 1/2 yd oat 42 in wide|1 length, 54 in (1 1/2 yd), 42 in wide – oat",
                "1½ yards oat|1 length, 54 in (1 1/2 yd), 40 in wide – oat",
                "3 fat quarters teal|3 fat quarters, 20 × 18 in – teal",
                "fat quarter teal measured 17 1/2 x 20|1 fat quarter, 17 1/2 × 20 in – teal",
                "3 fat quarters 16 x 20 teal|3 fat quarters, 16 × 20 in – teal",
                "2 fat eighths plum|2 fat eighths, 20 × 9 in – plum",
                "scrap 9 x 13 brick|1 scrap, 9 × 13 in – brick",
                "9 x 13 brick|1 scrap, 9 × 13 in – brick",
                "40 strips 2 1/2 in assorted pinked|40 strips, 2 1/2 in wide, 40 in long, pinked – assorted",
                "2 1/2 strip 42|1 strip, 2 1/2 in wide, 42 in long",
                "40 2 1/2 in strips red 43 long|40 strips, 2 1/2 in wide, 43 in long – red",
                "10 in square|1 square, 10 in",
                "10 square|1 square, 10 in",
                "44 squares 5 in mixed measured 4 7/8|44 squares, 4 7/8 in – mixed",
                "2 yd oat 42 wide measured 71 1/2|1 length, 71 1/2 in, 42 in wide – oat",
                "40 strips 2 1/2 in mixed measured 2 3/8|40 strips, 2 3/8 in wide, 40 in long – mixed",
                "10 squares 10 in pinked measured 9 7/8 x 10 plum|10 squares, 9 7/8 × 10 in, pinked – plum",
                "1/2 yd 40 wide|1 length, 18 in (1/2 yd), 40 in wide",
                "1.5 m linen 110 cm wide|1 length, just over 59 in, just over 43 1/4 in wide – linen"
            })
    void understandsWhatIsSaidAloud(String typed, String understood) {
        assertThat(ShelfLineReader.read("Shelf line", typed, MeasureSystem.INCH)
                        .orThrow()
                        .describe(MeasureSystem.INCH))
                .isEqualTo(understood);
    }

    @ParameterizedTest(name = "{0} in centimetres is understood as {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1.5 m linen 110 cm wide|1 length, 150 cm (1.5 m), 110 cm wide – linen",
                "3 fat quarters teal|3 fat quarters, 51 × 50 cm – teal",
                "42 squares 25 cm|42 squares, 25 cm"
            })
    void understandsCentimetres(String typed, String understood) {
        assertThat(ShelfLineReader.read("Shelf line", typed, MeasureSystem.CENTIMETRE)
                        .orThrow()
                        .describe(MeasureSystem.CENTIMETRE))
                .isEqualTo(understood);
    }

    @ParameterizedTest(name = "{0} is refused: {1}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\0',
            value = {
                "lots of marigold|“lots of marigold” does not say what form the fabric has",
                "42 squares marigold|“42 squares marigold” does not say how large the squares are",
                "strips red|“strips red” does not say how wide the strips are",
                "scrap brick|“scrap brick” does not say how large the piece is",
                "0 squares 10 in oat|“0 squares 10 in oat” counts no pieces",
                "1000000000 squares 10 in oat|1000000000 pieces are more than any shelf holds",
                "2 squares 10 in|“2 squares 10 in” does not say which fabric it is",
                "fat quarter teal measured 17|“fat quarter teal measured 17” gives the measure of one side only",
                "scrap 200 x 140 sail|a piece 140 in across both ways is wider than any fabric",
                "3 fat quarters 7 teal|“3 fat quarters 7 teal” has a number too many: “7”",
                "400 yd oat|“400 yards” is longer than a whole bolt of fabric (100 yd)"
            })
    void refusesWithTheReason(String typed, String why) {
        Reading<ShelfLine> reading = ShelfLineReader.readForShelf("Shelf line", typed, MeasureSystem.INCH);
        assertThat(reading).isInstanceOf(Reading.Refused.class);
        assertThat(((Reading.Refused<ShelfLine>) reading).problem().why()).isEqualTo(why.replace("yards", "yd"));
    }

    /** The way out of a refusal is one to take: packs are counted by what is in one of them. */
    @Test
    void packsWithoutTheirSizeAreAskedForIt() {
        assertThat(fix("3 packs of 10 in squares autumn")).isEqualTo("say how many are in one: “3 packs of 42 …”");
        assertThat(fix("a pack of 10 in squares autumn")).isEqualTo("count them, and say it first: “12 …”");
    }

    private static String fix(String typed) {
        return ShelfLineReader.readForShelf("Shelf line", typed, MeasureSystem.INCH)
                        instanceof Reading.Refused<ShelfLine> refused
                ? refused.problem().fix()
                : "";
    }
}

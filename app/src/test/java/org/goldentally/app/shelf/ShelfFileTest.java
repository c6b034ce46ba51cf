package org.goldentally.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A shelf as a table that somebody typed: what is said counts, what is not is as usual, what is wrong is named. */
class ShelfFileTest {

    private static final String HEADING =
            "cloth,count,form,width,length,unit,edge,colour,lightness,directional,kind,price,pack\n";

    private static List<ShelfLots.ReadLot> read(String line) {
        return ShelfFile.read(HEADING + line, MeasureSystem.INCH);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "oat,3,square,10,10,,,,,,,,|3 squares, 10 in – oat",
                "oat,3,Squares,10,10,IN,pinked,,,,,,|3 squares, 10 in, pinked – oat",
                "oat,1,strip,110,6.5,cm,,,,,,,|1 strip, 6.5 cm wide, 110 cm long – oat",
            })
    void aLineIsReadAsItIsMeant(String line, String understood) {
        ShelfLots.ReadLot lot = read(line).getFirst();
        assertThat(lot.line().describe(lot.system())).isEqualTo(understood);
    }

    @Test
    void whatIsSaidOfAClothCountsAndTheRestStaysAsItIsKnown() {
        ClothFacts known = new ClothFacts("#112233", "40", true, "linen", "9 a yard", true);
        ClothFacts said = read("oat,3,square,10,10,,,#AABBCC,55,no,cotton,12 a yard,")
                .getFirst()
                .said()
                .apply(known);
        assertThat(said).isEqualTo(new ClothFacts("#aabbcc", "55", false, "cotton", "12 a yard", false));
        assertThat(read("oat,3,square,10,10,,,,,,,,").getFirst().said().apply(known))
                .isEqualTo(known);
        assertThat(read("oat,3,square,10,10,,,,,true,,,")
                        .getFirst()
                        .said()
                        .apply(known)
                        .directional())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                ",3,square,10,10,,,,,,,,|cloth|needs a name",
                "oat,0,square,10,10,,,,,,,,|count|“0” is no count",
                "oat,some,square,10,10,,,,,,,,|count|“some” is no count",
                "oat,99999,square,10,10,,,,,,,,|count|“99999” is no count",
                "oat,3,blob,10,10,,,,,,,,|form|“blob” is no form of fabric",
                "oat,3,square,wide,10,,,,,,,,|width|",
                "oat,3,square,10,-1,,,,,,,,|length|",
                "oat,3,square,10,10,ell,,,,,,,|unit|“ell” is no unit",
                "oat,3,square,10,10,,,blue,,,,,|colour|“blue” is no colour",
                "oat,3,square,10,10,,,,dark,,,,|lightness|“dark” is no lightness",
                "oat,3,square,10,10,,,,,,,dear,|price|",
                "oat,3,square,10,10,,,,12345678901,,,,|lightness|longer than 10 letters",
            })
    void whatIsWrongIsNamedByItsLineAndColumn(String line, String column, String why) {
        assertThatThrownBy(() -> read("oat,3,square,10,10,,,,,,,,\n" + line))
                .isInstanceOfSatisfying(RefusedException.class, refused -> {
                    Problem problem = refused.problems().getFirst();
                    assertThat(problem.where().toLowerCase()).contains("line 3").contains(column);
                    assertThat(problem.why()).contains(why == null ? "" : why);
                    assertThat(problem.fix()).isNotBlank();
                });
    }

    @Test
    void aTableWithoutALineIsRefused() {
        assertThatThrownBy(() -> read(""))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("no line below the heading");
    }
}

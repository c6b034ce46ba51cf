package org.goldentally.core.quilt;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.color.ColorSpace;
import java.util.List;
import org.assertj.core.data.Offset;
import org.goldentally.core.cloth.Lightness;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.SettingDesign.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class JudgingTest {

    /** Against the JDK's own colour profile, whose Y of a grey needs no adaptation; colours differ a little by it. */
    @ParameterizedTest(name = "{0}")
    @ValueSource(strings = {"#000000", "#101010", "#777777", "#c0c0c0", "#ffffff", "#22384d", "#f0aa1d", "#b2472f"})
    void lightnessAgreesWithTheColourProfileOfTheJdk(String colour) {
        float[] xyz = ColorSpace.getInstance(ColorSpace.CS_CIEXYZ)
                .fromRGB(Color.decode(colour).getRGBColorComponents(null));
        double luminance = xyz[1];
        double lightness = luminance > 0.008856 ? 116 * Math.cbrt(luminance) - 16 : 903.3 * luminance;
        boolean grey = colour.substring(1, 3).equals(colour.substring(3, 5));
        assertThat(Lightness.of(colour)).isCloseTo(lightness, Offset.offset(grey ? 0.3 : 2.5));
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({"#efe6d0, light", "#f0aa1d, light", "#b2472f, middle", "#22384d, dark"})
    void clothsAreLightMiddleOrDark(String colour, String word) {
        assertThat(Lightness.word(Lightness.of(colour))).isEqualTo(word);
    }

    @Test
    void clothsCloseInValueAreNamedWithTheirDifferenceAndCount() {
        ClothInHand oat = new ClothInHand("a", "oat", "#efe6d0");
        Tops tops = Tops.of(2, 3, "8", "pinwheel").cloths(oat, new ClothInHand("b", "sand", "#d9c8a3"));
        assertThat(Judging.of(tops.top()).closePairs()).singleElement().satisfies(pair -> {
            assertThat(pair.units()).isEqualTo(24);
            assertThat(pair.partIds()).hasSize(6);
            assertThat(pair.difference())
                    .isEqualTo(Lightness.of("#efe6d0") - Lightness.of("#d9c8a3"))
                    .isLessThan(20);
        });
        tops.cloths(oat, new ClothInHand("b", "sand", "#d9c8a3", "30", false, ""));
        assertThat(Judging.of(tops.top()).closePairs()).isEmpty();
    }

    /** Nobody has said what colour a guessed cloth has: it is named as not judged, and no pair with it is called close. */
    @Test
    void aClothWhoseColourIsGuessedIsNotJudgedButNamed() {
        ClothInHand oat = new ClothInHand("a", "oat", "#efe6d0");
        ClothInHand heath = cloth("c", "heath", true);
        Judging judging = Judging.of(Tops.of(2, 3, "8", "pinwheel")
                .cloths(oat, cloth("b", "meadow", true), heath)
                .top());
        assertThat(judging.notJudged()).containsExactly("b");
        assertThat(judging.closePairs()).isEmpty();
        Judging said = Judging.of(Tops.of(2, 3, "8", "pinwheel")
                .cloths(oat, cloth("b", "meadow", false), heath)
                .top());
        assertThat(said.notJudged()).isEmpty();
        assertThat(said.closePairs()).hasSize(1);
    }

    private static ClothInHand cloth(String key, String name, boolean guessed) {
        return new ClothInHand(
                key, name, "#eee5cf", "", false, "", false, "", ClothInHand.StandsFor.ITSELF, guessed, List.of());
    }

    @Test
    void aClothBesideItselfIsMarkedUnlessItIsTheBackground() {
        assertThat(Judging.of(Tops.of(2, 1, "8", "four-patch").top()).sharedCloths())
                .isEmpty();
        QuiltTop turned =
                Tops.of(2, 1, "8", "four-patch").place(0, 1, "", 1, false).top();
        assertThat(Judging.of(turned).sharedCloths())
                .extracting(shared -> shared.cloth() + " " + shared.part().id().text() + " "
                        + shared.other().id().text())
                .containsExactly("b block-0-0 block-0-1");
    }

    @Test
    void blocksOnPointAreNeighboursAlongTheirSides() {
        assertThat(Judging.of(Tops.of(2, 2, "8", "plain-square")
                                .set(Kind.ON_POINT)
                                .top())
                        .sharedCloths())
                .hasSize(4);
    }

    @Test
    void theOneTurnedBlockInARegularTopIsTheOddOne() {
        assertThat(Judging.of(Tops.of(4, 4, "8", "chevron", "pinwheel").top()).oddOnes())
                .isEmpty();
        QuiltTop top = Tops.of(4, 4, "8", "chevron", "pinwheel")
                .place(2, 2, "", 1, false)
                .top();
        assertThat(Judging.of(top).oddOnes())
                .extracting(odd -> odd.part().where() + " should be " + odd.expected())
                .containsExactly("row 3, block 3 should be not turned");
    }

    @Test
    void aPinwheelTurnedByAQuarterLooksTheSameAndIsNotOdd() {
        QuiltTop top = Tops.of(4, 4, "8", "pinwheel").place(2, 2, "", 1, false).top();
        assertThat(Judging.of(top).oddOnes()).isEmpty();
        QuiltTop mirrored =
                Tops.of(4, 4, "8", "pinwheel").place(2, 2, "", 0, true).top();
        assertThat(Judging.of(mirrored).oddOnes()).hasSize(1);
    }

    @Test
    void aRegularPatternOfTurnsIsSeenThroughItsOneMistake() {
        Tops tops = Tops.of(6, 8, "8", "chevron");
        for (int row = 0; row < 8; row++) {
            for (int column = 0; column < 6; column++) {
                tops.place(row, column, "", row == 1 && column == 2 ? 0 : (row + 2 * column) % 4, false);
            }
        }
        assertThat(Judging.of(tops.top()).oddOnes())
                .extracting(odd -> odd.part().id().text() + " " + odd.expected())
                .containsExactly("block-1-2 turned 90°");
    }

    @Test
    void aTopThatMirrorsItselfIsNoMistake() {
        Tops tops = Tops.of(6, 2, "8", "chevron");
        int[] turns = {1, 0, 2, 2, 0, 3};
        for (int row = 0; row < 2; row++) {
            for (int column = 0; column < 6; column++) {
                tops.place(row, column, "", turns[column], false);
            }
        }
        assertThat(Judging.of(tops.top()).oddOnes()).isEmpty();
    }
}

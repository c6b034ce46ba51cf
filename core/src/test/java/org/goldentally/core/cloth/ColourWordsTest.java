package org.goldentally.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import org.goldentally.core.cloth.ColourWords.Swatch;
import org.junit.jupiter.api.Test;

/** The first swatch of a cloth, from the words of its name; lightness is that of CIE 15, of colours of IEC 61966-2-1. */
class ColourWordsTest {

    private static double lightness(String name) {
        return Lightness.of(ColourWords.swatchFor(name).colour());
    }

    @Test
    void aColourThatIsNamedIsKnown() {
        Swatch navy = ColourWords.swatchFor("Navy dots");
        assertThat(navy.guessed()).isFalse();
        assertThat(navy.lightness()).isEmpty();
        assertThat(ColourWords.swatchFor("navy with rose"))
                .as("the first word counts")
                .isEqualTo(navy);
    }

    @Test
    void aColourIsShadedAsItsNameSays() {
        assertThat(lightness("dark teal")).isLessThan(lightness("teal"));
        assertThat(lightness("light teal")).isGreaterThan(lightness("teal"));
        assertThat(lightness("medium teal")).isEqualTo(lightness("teal"));
        assertThat(ColourWords.swatchFor("light teal").guessed()).isFalse();
    }

    /** A heap of darks has no colour; the grey it gets is as dark as is said, to a step of the 256 there are. */
    @Test
    void aValueWithoutAColourIsAGreyOfThatValue() {
        for (String name : new String[] {"heap dark", "heap medium", "heap light"}) {
            Swatch swatch = ColourWords.swatchFor(name);
            assertThat(swatch.guessed()).isTrue();
            double wanted = Double.parseDouble(swatch.lightness());
            assertThat(Lightness.of(swatch.colour())).isBetween(wanted, wanted + 0.5);
            assertThat(swatch.colour().substring(1, 3))
                    .isEqualTo(swatch.colour().substring(3, 5));
        }
    }

    @Test
    void aNameWithoutEitherIsAGuessThatStaysTheSame() {
        Swatch autumn = ColourWords.swatchFor("autumn");
        assertThat(autumn.guessed()).isTrue();
        assertThat(autumn.lightness()).isEmpty();
        assertThat(ColourWords.swatchFor("AUTUMN")).isEqualTo(autumn);
    }
}

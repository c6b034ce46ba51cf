package org.goldentally.core.ideas;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lines as people type them (from memory); numbers are of blocks unless fabrics follow. */
class WishedWordsTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "sixteen | 16 | - | ''",
                "16 sawtooth stars | 16 | - | sawtooth star",
                "twenty-four pinwheels | 24 | - | pinwheel",
                "two dozen churn dashes | 24 | - | churn dash",
                "a dozen bear's paws | 12 | - | bear paw",
                "twelve blocks on point with sashing | 12 | - | point sashing",
                "two colours | - | 2 | ''",
                "stars in 3 colors | - | 3 | star",
                "pinwheels in two fabrics only | - | 2 | pinwheel",
                "nine patch | - | - | 9 patch",
                "nine patches | - | - | 9 patch",
                "four-patch on point | - | - | 4 patch point",
                "one print | - | - | 1 print",
                "hourglass of four cloths | - | - | hourglass 4 cloth",
                "crosses and losses | - | - | cross loss"
            })
    void aLineIsRead(String line, Integer blocks, Integer fabrics, String words) {
        WishedWords read = WishedWords.of(line);
        assertThat(read.blocks()).isEqualTo(Optional.ofNullable(blocks));
        assertThat(read.fabrics()).isEqualTo(Optional.ofNullable(fabrics));
        assertThat(String.join(" ", read.words())).isEqualTo(words);
    }

    @Test
    void wordsAreLookedForInDescriptionsAndNames() {
        WishedWords asked = WishedWords.of("sawtooth stars on point");
        assertThat(asked.areAmong(WishedWords.tokens(
                        "Sawtooth Star | half-square triangle | red, on white | on point, plain squares between")))
                .isTrue();
        assertThat(asked.areAmong(WishedWords.tokens("Sawtooth Star | row on row")))
                .isFalse();
        WishedWords one = WishedWords.of("one print");
        assertThat(one.areAmong(WishedWords.tokens("each block in one print of autumn, on white")))
                .isTrue();
        assertThat(one.areAmong(WishedWords.tokens("light prints of autumn against dark ones, 12 in all")))
                .isFalse();
        assertThat(asked.name("Ohio Star")).isTrue();
        assertThat(asked.name("Pinwheel")).isFalse();
        assertThat(asked.without("point").words()).isEqualTo(List.of("sawtooth", "star"));
    }
}

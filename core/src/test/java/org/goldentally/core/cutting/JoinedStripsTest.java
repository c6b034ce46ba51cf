package org.goldentally.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import org.goldentally.core.measure.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JoinedStripsTest {

    /**
     * Worked by hand: a border with sides 50, 50, 46, 46 in of 40 in cloth, joined straight: five strips, 198 in, for
     * the four together, not 3 + 3 for the pairs. A binding round 63 1/2 in, 254 + 10: (264 − 2 1/2) ÷ 37 1/2 = 6.97.
     */
    @ParameterizedTest(name = "{0} in of strips {1} wide that lose {2} halves: {3}")
    @CsvSource({
        "192, 40, 1, 5",
        "198, 40, 1, 5",
        "199, 40, 1, 6",
        "100, 40, 1, 3",
        "264, 40, 5, 7",
        "40, 40, 1, 1",
        "1, 40, 80, 1",
        "0, 40, 1, 0"
    })
    void stripsAreCountedWithTheirJoins(int length, int width, int lossHalves, long strips) {
        Length loss = Length.inches(0, Math.min(lossHalves, 79), 2);
        assertThat(new JoinedStrips(Length.inches(width), loss).stripsFor(Length.inches(length)))
                .isEqualTo(strips);
    }

    /** Sewn on paper: strips laid end to end, each lapping over the last by what the join takes, until they reach. */
    @Test
    void noFewerStripsReachAndNoMoreAreNeeded() {
        for (int width = 18; width <= 60; width += 7) {
            for (int loss = 0; loss <= 20; loss += 3) {
                for (int length = 1; length < 400; length += 13) {
                    JoinedStrips joined = new JoinedStrips(Length.inches(width), Length.inches(0, loss, 2));
                    int eighths = width * 8;
                    int strips = 1;
                    for (int end = eighths; end < length * 8; end += eighths - loss * 4) {
                        strips++;
                    }
                    assertThat(joined.stripsFor(Length.inches(length))).isEqualTo(strips);
                    assertThat(joined.reach(strips)).isGreaterThanOrEqualTo(Length.inches(length));
                }
            }
        }
    }
}

package org.goldentally.app.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Signs that no letter is, by the tables of Unicode: controls, half surrogates, marks of direction, noncharacters. */
class CleanTextTest {

    @ParameterizedTest
    @ValueSource(
            ints = {
                0x00, 0x1b, 0x7f, 0x85, 0x2028, 0x2029, 0x202a, 0x202e, 0x2066, 0x2069, 0xd800, 0xdfff, 0xfdd0, 0xfdef,
                0xfeff, 0xfffe, 0xffff, 0x1fffe, 0x10ffff
            })
    void whatNoLetterIsIsLeftOut(int sign) {
        String text = "o" + new String(new int[] {sign}, 0, 1) + "at";
        assertThat(CleanText.line(text)).isEqualTo("oat");
        assertThat(CleanText.lines(text)).isEqualTo("oat");
    }

    @ParameterizedTest
    @ValueSource(ints = {0x20, 0x7e, 0xa0, 0xe4, 0x202f, 0x2070, 0xd7ff, 0xe000, 0xfdcf, 0xfdf0, 0xfffd, 0x1f9f5})
    void lettersAndSignsOfAnyAlphabetStay(int sign) {
        String text = "o" + new String(Character.toChars(sign)) + "at";
        assertThat(CleanText.line(text)).isEqualTo(text);
    }

    @Test
    void aBreakIsASpaceInOneLineAndStaysInSeveral() {
        assertThat(CleanText.line("oat\tand\r\nink\u0000")).isEqualTo("oat and  ink");
        assertThat(CleanText.lines("oat\tand\r\nink\u0000")).isEqualTo("oat\tand\r\nink");
    }
}

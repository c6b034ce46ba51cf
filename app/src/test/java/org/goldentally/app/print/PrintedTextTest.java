package org.goldentally.app.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.junit.jupiter.api.Test;

/** Words as they are printed, in one of the fonts that every reader of PDF has. */
class PrintedTextTest {

    private final PrintedText text = new PrintedText(new PDType1Font(FontName.HELVETICA));

    @Test
    void fractionsAreSetAsOneSignWhereTheFontHasIt() {
        assertThat(text.printable("4 1/2 in and 3/4")).isEqualTo("4½ in and ¾");
        assertThat(text.printable("3/16 and 11/2 and 1/2/3")).isEqualTo("3/16 and 11/2 and 1/2/3");
    }

    @Test
    void whatTheFontLacksIsMarked() {
        assertThat(text.printable("oat\u4e00ink")).isEqualTo("oat?ink");
        assertThat(text.printable("oat\nink")).isEqualTo("oat ink");
    }

    @Test
    void linesAreNoWiderThanTheirRoomAndLoseNothing() {
        String words = "Lay the two squares right sides together, the lighter one on top, edges even.";
        for (float room : new float[] {20, 60, 200, 5000}) {
            List<String> lines = text.lines(words, 10, room);
            assertThat(lines)
                    .allSatisfy(line -> assertThat(text.width(line, 10)).isLessThanOrEqualTo(room));
            assertThat(String.join("", lines).replace(" ", "")).isEqualTo(words.replace(" ", ""));
        }
        assertThat(text.lines(words, 10, 5000)).containsExactly(words);
        assertThat(text.lines("", 10, 50)).isEmpty();
    }
}

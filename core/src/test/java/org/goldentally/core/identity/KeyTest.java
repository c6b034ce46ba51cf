package org.goldentally.core.identity;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.TopPart;
import org.junit.jupiter.api.Test;

class KeyTest {

    @Test
    void aKeyIsItsCodeAndItsFieldsInOrder() {
        assertThat(Key.of("goose").with(Length.inches(3, 7, 8)).text()).isEqualTo("goose(31/8)");
        assertThat(Key.of("half").withMinted(List.of("a", "b")).with(2).text()).isEqualTo("half([a,b],2)");
        assertThat(Key.of("blocks").with(TopPart.Kind.HALF_BLOCK).text()).isEqualTo("blocks(half-block)");
        assertThat(Key.of("rows").text()).isEqualTo("rows");
        assertThat(Key.of("edge")
                        .with(Length.inches(3).timesRootTwo().plus(Length.inches(0, 1, 2)))
                        .text())
                .isEqualTo("edge((1+6r)/2)");
    }

    /** The digest is stored with every tick: were it ever another, all would be lost. */
    @Test
    void theDigestOfAKeyIsTheSameForEver() {
        Key key = Key.of("cutting-step").withMinted("oat").with(Length.inches(4, 7, 8));
        assertThat(key.digest()).hasToString(DIGEST);
        assertThat(key.digest().version()).isEqualTo(8);
        assertThat(key.digest().variant()).isEqualTo(2);
    }

    private static final String DIGEST = "14fdf08e-9e3c-8014-afd5-58fb2378c0b4";

    /** Keys of fabrics are whatever was typed or minted, also with the marks that the codec itself writes. */
    @Tries(500)
    void differentFieldsNeverMakeTheSameText(Chance chance) {
        Map<String, Object> seen = new HashMap<>();
        for (int i = 0; i < 20; i++) {
            List<String> names = chance.list(
                    1,
                    3,
                    () -> String.join(
                            "",
                            chance.list(
                                    0,
                                    3,
                                    () -> "a,()[]\\"
                                            .substring(chance.between(0, 6))
                                            .substring(0, 1))));
            Object before = seen.put(Key.of("k").withMinted(names).text(), names);
            assertThat(before == null || before.equals(names))
                    .as("%s and %s", before, names)
                    .isTrue();
        }
    }

    @Test
    void aLongKeyIsShortenedToItsCodeAndADigest() {
        Key key = Key.of("chain").withMinted("x".repeat(400));
        assertThat(key.shortText()).startsWith("chain#").hasSize("chain#".length() + 36);
        assertThat(Key.of("chain").withMinted("x").shortText()).isEqualTo("chain(x)");
    }
}

package org.goldentally.app.quilts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.Random;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class PackedTextTest {

    private static final String DESIGN = new JsonMapper().writeValueAsString(QuiltDesign.first(MeasureSystem.INCH));

    @Test
    void aDesignAfterAnEditTakesNextToNoRoomBesideTheOneBefore() {
        String after = DESIGN.replace("\"across\":4", "\"across\":17");
        assertThat(after).isNotEqualTo(DESIGN);
        byte[] packed = PackedText.pack(after, DESIGN);
        assertThat(packed.length).isLessThan(100);
        assertThat(PackedText.unpack(packed, DESIGN)).isEqualTo(after);
        assertThat(PackedText.isPackedFrom(packed, after)).isTrue();
        assertThat(PackedText.isPackedFrom(packed, DESIGN)).isFalse();
        assertThat(PackedText.pack(DESIGN, "").length).isLessThan(DESIGN.length() / 2);
    }

    @Test
    void anyTextComesBackAsItWas() {
        Random chance = new Random(3);
        String like = "";
        for (int n = 0; n < 200; n++) {
            StringBuilder text = new StringBuilder();
            for (int signs = chance.nextInt(n * 400 + 1); signs > 0; signs--) {
                text.appendCodePoint(chance.nextInt(20) == 0 ? 0x1f9f5 : 'a' + chance.nextInt(6));
            }
            assertThat(PackedText.unpack(PackedText.pack(text.toString(), like), like))
                    .isEqualTo(text.toString());
            like = text.toString();
        }
    }

    @Test
    void whatIsCutOffIsNotTakenForTheWhole() {
        byte[] packed = PackedText.pack(DESIGN, "");
        assertThatThrownBy(() -> PackedText.unpack(Arrays.copyOf(packed, packed.length / 2), ""))
                .isInstanceOf(IllegalStateException.class);
    }
}

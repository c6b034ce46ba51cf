package org.goldentally.app.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

class EverythingFilesTest {

    /** Two fabrics that change ids become each other; one after the other they became one. */
    @Test
    void exchangedIdsDoNotBecomeOne() {
        assertThat(EverythingFiles.inIdsOf(
                        Map.of("a", "b", "b", "a"), "{\"cloths\": [\"a\", \"b\", \"c\"], \"name\": \"a \\\"b\\\" a\"}"))
                .isEqualTo("{\"cloths\": [\"b\", \"a\", \"c\"], \"name\": \"a \\\"b\\\" a\"}");
        assertThat(EverythingFiles.inIdsOf(Map.of("a", "x"), "[\"q\\\"\",\"a\",\"ab\"]"))
                .isEqualTo("[\"q\\\"\",\"x\",\"ab\"]");
    }
}

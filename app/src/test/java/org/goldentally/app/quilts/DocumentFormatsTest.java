package org.goldentally.app.quilts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.goldentally.app.quilts.formats.DocumentFormats;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.problem.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Documents as earlier versions wrote them; the files are never changed, whatever becomes of today's classes. */
class DocumentFormatsTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final Path EXAMPLES = Path.of("src", "test", "resources", "quilt-formats");

    @ParameterizedTest
    @CsvSource({
        "format-1.json, format-1-as-13.json",
        "format-2.json, format-13.json",
        "format-3.json, format-13.json",
        "format-4.json, format-13.json",
        "format-5.json, format-13.json",
        "format-6.json, format-13.json",
        "format-7.json, format-13.json",
        "format-8.json, format-13.json",
        "format-9.json, format-13.json",
        "format-10.json, format-13.json",
        "format-11.json, format-13.json",
        "format-12.json, format-13.json"
    })
    void aDocumentOfEveryFormatBecomesTheSameAsEver(String old, String expected) throws IOException {
        ObjectNode upToDate = DocumentFormats.upToDate(example(old));
        assertThat(upToDate).isEqualTo(example(expected));
        assertThat(new DesignDocuments(JSON).read(upToDate).format()).isEqualTo(QuiltDesign.CURRENT_FORMAT);
    }

    @Test
    void theChainEndsAtTheFormatThatIsWritten() {
        assertThat(DocumentFormats.NEWEST).isEqualTo(QuiltDesign.CURRENT_FORMAT);
    }

    @Test
    void theOldDocumentIsLeftAsItWas() throws IOException {
        ObjectNode old = example("format-2.json");
        DocumentFormats.upToDate(old);
        assertThat(old).isEqualTo(example("format-2.json"));
    }

    /** What cannot be what it should be is left for the reader of today's format, who names its place. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 6, 7, 8, 9, 10, 11})
    void aBrokenDocumentIsBroughtUpToDateAndThenRefusedByItsPlace(int format) throws IOException {
        ObjectNode broken = example("format-" + format + ".json");
        for (String name : List.copyOf(broken.propertyNames())) {
            if (broken.get(name).isArray()) {
                broken.putArray(name).add("nonsense");
            } else if (broken.get(name).isObject()) {
                broken.put(name, "nonsense");
            }
        }
        ObjectNode upToDate = DocumentFormats.upToDate(broken);
        assertThat(upToDate.path("format").asInt()).isEqualTo(DocumentFormats.NEWEST);
        assertThatThrownBy(() -> new DesignDocuments(JSON).read(upToDate)).isInstanceOf(RuntimeException.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"{}", "{\"format\": 0}", "{\"format\": 14}", "{\"format\": \"two\"}"})
    void aFormatThatIsNotKnownIsRefused(String document) {
        assertThatThrownBy(() -> DocumentFormats.upToDate((ObjectNode) JSON.readTree(document)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("are not known here");
    }

    private static ObjectNode example(String name) throws IOException {
        return (ObjectNode) JSON.readTree(Files.readString(EXAMPLES.resolve(name)));
    }
}

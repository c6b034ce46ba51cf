package org.goldentally.app.quilts;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.goldentally.app.quilts.formats.DocumentFormats;
import org.goldentally.core.design.QuiltDesign;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Documents as earlier versions wrote them; the files are never changed, whatever becomes of today's classes. */
class DocumentFormatsTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final Path EXAMPLES = Path.of("src", "test", "resources", "quilt-formats");

    @ParameterizedTest
    @CsvSource({
        "format-1.json, format-1-as-10.json",
        "format-2.json, format-10.json",
        "format-3.json, format-10.json",
        "format-4.json, format-10.json",
        "format-5.json, format-10.json",
        "format-6.json, format-10.json",
        "format-7.json, format-10.json",
        "format-8.json, format-10.json",
        "format-9.json, format-10.json"
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

    private static ObjectNode example(String name) throws IOException {
        return (ObjectNode) JSON.readTree(Files.readString(EXAMPLES.resolve(name)));
    }
}

package org.goldentally.app.quilts;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.goldentally.app.quilts.formats.DocumentFormats;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.SheetSteps;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.sew.Batches;
import org.goldentally.core.tally.SheetsBegun;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Ticks and taps as the version before keys wrote them, for quilts as it stored them. The files are never changed: what was cut
 * or sewn then is found for ever.
 */
class FormerKeysTest {

    private static final JsonMapper JSON = new JsonMapper();
    private static final Path FROZEN = Path.of("src", "test", "resources", "former-keys");

    @ParameterizedTest
    @ValueSource(
            strings = {
                "format-10",
                "geese-at-dusk",
                "harvest-scraps",
                "lantern-street",
                "market-day",
                "windowsill-runner"
            })
    void everyTickAndEveryTapIsFoundAgain(String quilt) throws IOException {
        ObjectNode stored = (ObjectNode) JSON.readTree(Files.readString(FROZEN.resolve(quilt + ".json")));
        QuiltTop top = QuiltTop.of(new DesignDocuments(JSON).read(DocumentFormats.upToDate(stored)));
        Set<String> former =
                Files.readAllLines(FROZEN.resolve(quilt + ".txt")).stream().collect(Collectors.toSet());
        Set<String> ticked = former.stream()
                .filter(line -> line.startsWith("step "))
                .map(line -> line.substring("step ".length()))
                .collect(Collectors.toSet());
        TopTally tally = SheetsBegun.of(
                TopTally.of(top, Map.of(), ClothLedger::of),
                ticked,
                () -> TopTally.byFormerRules(top, Map.of(), ClothLedger::of));
        List<String> found = new ArrayList<>();
        tally.ledgers().stream()
                .flatMap(ledger -> SheetSteps.of(ledger).stream())
                .flatMap(List::stream)
                .forEach(step -> step.inLog().forEach(key -> found.add("step " + key)));
        Batches.of(tally).forEach(batch -> batch.key().inLog().forEach(key -> found.add("batch " + key)));
        assertThat(former).isNotEmpty();
        assertThat(found).containsAll(former);
    }
}

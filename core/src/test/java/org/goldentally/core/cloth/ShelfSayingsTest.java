package org.goldentally.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A corpus of lines as quilters say them; the phrasings are common practice, no source. */
class ShelfSayingsTest {

    record Saying(MeasureSystem system, String typed, String reading) {
        boolean isUnderstood() {
            return !reading.startsWith("!") && !reading.startsWith("?");
        }
    }

    static List<Saying> corpus() {
        try (var file = ShelfSayingsTest.class.getResourceAsStream("/shelf-lines.txt")) {
            return new String(Objects.requireNonNull(file).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split("\\|", 3))
                    .map(line -> new Saying(
                            line[0].equals("in") ? MeasureSystem.INCH : MeasureSystem.CENTIMETRE, line[1], line[2]))
                    .toList();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    @Test
    void theCorpusIsLargeAndAQuarterOfItIsRefusedOrAsked() {
        assertThat(corpus()).hasSizeGreaterThanOrEqualTo(300);
        assertThat(corpus().stream().filter(saying -> !saying.isUnderstood()).count())
                .isGreaterThanOrEqualTo(corpus().size() / 4);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("corpus")
    void isReadAsItIsMeant(Saying saying) {
        Reading<ShelfLine> reading = ShelfLineReader.readForShelf("Shelf line", saying.typed(), saying.system());
        List<String> choices = ShelfLineReader.choices(saying.typed(), saying.system()).stream()
                .map(line -> line.describe(saying.system()))
                .toList();
        switch (reading) {
            case Reading.Understood<ShelfLine> line -> {
                assertThat(line.value().describe(saying.system())).isEqualTo(saying.reading());
                assertThat(choices).isEmpty();
            }
            case Reading.Refused<ShelfLine> refused -> refusedOrAsked(saying, refused.problem(), choices);
        }
    }

    private static void refusedOrAsked(Saying saying, Problem problem, List<String> choices) {
        String expected = saying.reading().substring(1).strip();
        if (saying.reading().startsWith("!")) {
            assertThat(problem.why()).contains(expected);
            assertThat(problem.fix()).isNotBlank();
            assertThat(choices).isEmpty();
        } else {
            assertThat(choices).as(problem.why()).containsExactlyInAnyOrder(expected.split(" \\|\\| "));
        }
    }

    /** What is offered as the words to type, or kept as typed of a pack, is read again as exactly that. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("understoodAndAsked")
    void whatIsSaidBackToBeTypedIsReadAgainAsItIs(Saying saying) {
        Stream<ShelfLine> lines = saying.isUnderstood()
                ? Stream.of(ShelfLineReader.readForShelf("Shelf line", saying.typed(), saying.system())
                        .orThrow())
                : ShelfLineReader.choices(saying.typed(), saying.system()).stream();
        lines.map(line -> new ShelfLine(line.count(), line.piece(), line.clothName()))
                .forEach(line -> assertThat(ShelfLineReader.readForShelf(
                                        "Shelf line", line.asTyped(saying.system()), saying.system())
                                .orThrow())
                        .isEqualTo(line));
    }

    static Stream<Saying> understoodAndAsked() {
        return corpus().stream().filter(saying -> !saying.reading().startsWith("!"));
    }
}

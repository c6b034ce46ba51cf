package org.goldentally.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Reading;
import org.junit.jupiter.api.Test;

/** A second corpus of what people say, written by somebody who did not write the grammar; only its score is looked at. */
class SpokenLinesTest {

    private static final double MOST_REFUSED = 0.05;

    private record Said(MeasureSystem system, String line, String meaning) {
        boolean isClear() {
            return !meaning.startsWith("!") && !meaning.startsWith("?");
        }

        /** What it means, said as plainly as can be, a line each. */
        List<ShelfLine> lots() {
            String plain = meaning.startsWith("?") ? meaning.substring(1) : meaning;
            return Arrays.stream(plain.split(" ; "))
                    .map(lot -> ShelfLineReader.readForShelf(line, lot, system).orThrow())
                    .toList();
        }
    }

    private static List<Said> corpus() {
        try (var file = SpokenLinesTest.class.getResourceAsStream("/shelf-lines-spoken.txt")) {
            return new String(Objects.requireNonNull(file).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split("\\|", 3))
                    .map(line -> new Said(
                            line[0].equals("in") ? MeasureSystem.INCH : MeasureSystem.CENTIMETRE, line[1], line[2]))
                    .toList();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    @Test
    void nothingIsMisreadInSilenceAndFewClearLinesAreRefused() {
        List<String> misread = new ArrayList<>();
        List<String> refused = new ArrayList<>();
        List<Said> corpus = corpus();
        for (Said said : corpus) {
            switch (ShelfLineReader.readLots("Shelf line", said.line, said.system)) {
                case Reading.Understood<List<ShelfLine>> read -> {
                    if (said.meaning.equals("!") || !read.value().equals(said.lots())) {
                        misread.add(said.line + " -> "
                                + read.value().stream()
                                        .map(lot -> lot.describe(said.system))
                                        .toList());
                    }
                }
                case Reading.Refused<List<ShelfLine>> no -> {
                    if (said.isClear()) {
                        refused.add(said.line + " -> " + no.problem().why());
                    }
                }
            }
        }
        long clear = corpus.stream().filter(Said::isClear).count();
        assertThat(misread).as("misread in silence").isEmpty();
        assertThat(refused).as("clear, but refused").hasSizeLessThanOrEqualTo((int) (MOST_REFUSED * clear));
    }

    /** One part that says nothing spoils the line: it is refused as a whole, whatever else is in it. */
    @Test
    void onePartThatSaysNothingSpoilsTheLine() {
        String line = "1 yd oat, ".repeat(11) + "no such thing";
        assertThat(ShelfLineReader.readLots("Shelf line", line, MeasureSystem.INCH))
                .isInstanceOf(Reading.Refused.class);
    }
}

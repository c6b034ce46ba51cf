package org.goldentally.app.keeping;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The copies of everything that the start command has made (scripts/copies.sh); here they are only looked at. */
@Component
class Copies {

    private final String folder;

    Copies(@Value("${golden-tally.copies}") String folder) {
        this.folder = folder;
    }

    /** Whether anybody makes copies: only what the start command started is looked after. */
    boolean areMade() {
        return !folder.isEmpty();
    }

    /** When the newest one was made; empty where there is none yet. */
    Optional<Instant> last() {
        if (!areMade() || !Files.isDirectory(Path.of(folder))) {
            return Optional.empty();
        }
        try (Stream<Path> files = Files.list(Path.of(folder))) {
            return files.filter(file -> file.toString().endsWith(".copy"))
                    .map(file -> file.toFile().lastModified())
                    .max(Comparator.naturalOrder())
                    .map(Instant::ofEpochMilli);
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }
}

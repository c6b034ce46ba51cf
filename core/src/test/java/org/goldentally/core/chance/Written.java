package org.goldentally.core.chance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/**
 * Answers written out in {@code src/test/resources/written}, to be read by people: what the code says must be what stands
 * there. After a change that is meant, {@code mvn test -pl core -Dgoldentally.write=true} writes them anew; read every line
 * that differs. They keep what is right as it is; that it is right is the business of other tests.
 */
public final class Written {

    private Written() {}

    public static void as(String name, List<String> lines) {
        try {
            if (Boolean.getBoolean("goldentally.write")) {
                Path file = Path.of("src/test/resources/written", name);
                Files.createDirectories(file.getParent());
                Files.write(file, lines);
                return;
            }
            try (InputStream in = Written.class.getResourceAsStream("/written/" + name)) {
                assertThat(in).as("%s is not written", name).isNotNull();
                assertThat(lines)
                        .isEqualTo(new String(in.readAllBytes(), StandardCharsets.UTF_8)
                                .lines()
                                .toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

package org.goldentally.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The table of the rules names tests that there are, and every rule in it says what it rests on. */
class RulesTableTest {

    private static final Pattern NAMED = Pattern.compile("\\b([A-Z]\\w+(?:Test|IT))(?:\\.(\\w+))?");
    private static final Pattern KIND =
            Pattern.compile("geometry|practice|ours|from memory|standard|agreement|published|library|dataset|same");

    @Test
    void everyTestThatARuleNamesIsThere() throws IOException {
        Map<String, String> sources = new HashMap<>();
        for (String module : List.of("core", "app", "e2e")) {
            try (Stream<Path> files = Files.walk(Path.of("..", module, "src", "test", "java"))) {
                files.filter(file -> file.toString().endsWith(".java"))
                        .forEach(file ->
                                sources.put(file.getFileName().toString().replace(".java", ""), read(file)));
            }
        }
        List<String> missing = new ArrayList<>();
        Matcher named = NAMED.matcher(read(Path.of("..", "docs", "rules.md")));
        while (named.find()) {
            String source = sources.getOrDefault(named.group(1), "");
            boolean there = named.group(2) == null ? !source.isEmpty() : source.contains(" " + named.group(2));
            if (!there) {
                missing.add(named.group());
            }
        }
        assertThat(missing).isEmpty();
    }

    @Test
    void everyRuleSaysWhatItRestsOn() {
        List<String> unsaid = new ArrayList<>();
        int kind = -1;
        for (String line : read(Path.of("..", "docs", "rules.md")).lines().toList()) {
            List<String> cells = List.of(line.split("\\|", -1));
            if (!line.startsWith("|")) {
                kind = -1;
            } else if (line.contains("| Kind |") || line.contains("| Kind|") || line.endsWith("Kind |")) {
                kind = cells.stream().map(String::strip).toList().indexOf("Kind");
            } else if (kind >= 0
                    && !line.startsWith("|---")
                    && !KIND.matcher(cells.get(kind)).find()) {
                unsaid.add(line);
            }
        }
        assertThat(unsaid).isEmpty();
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}

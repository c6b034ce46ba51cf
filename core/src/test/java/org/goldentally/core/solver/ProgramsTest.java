package org.goldentally.core.solver;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ProgramsTest {

    /** A class with something to set up, as the virtual machine writes it down; others need nobody. */
    private static final Pattern SET_UP = Pattern.compile("Initializing '(org/ojalgo/[^']*)' ");

    /**
     * Where two threads set classes up that need one another, both wait for ever. So nothing of the solver may be left to
     * set up by those who solve after the first: a virtual machine of its own writes down what it sets up, and when.
     */
    @Test
    void whoeverIsHereFirstSetsTheWholeSolverUp(@TempDir Path folder) throws IOException, InterruptedException {
        Path log = folder.resolve("set-up.log");
        Process fresh = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xlog:class+init=info:file=" + log,
                        "-cp",
                        System.getProperty("java.class.path"),
                        SolvedAfresh.class.getName())
                .inheritIO()
                .start();
        assertThat(fresh.waitFor()).isZero();
        List<String> written = Files.readAllLines(log);
        int since = setUp(written, SolvedAfresh.SinceThen.class);
        assertThat(since).isPositive();
        assertThat(ofTheSolver(written.subList(0, since))).hasSizeGreaterThan(50);
        assertThat(ofTheSolver(written.subList(since, written.size()))).isEmpty();
    }

    private static int setUp(List<String> written, Class<?> type) {
        String line = "Initializing '" + type.getName().replace('.', '/') + "'";
        for (int i = 0; i < written.size(); i++) {
            if (written.get(i).contains(line)) {
                return i;
            }
        }
        return -1;
    }

    private static List<String> ofTheSolver(List<String> written) {
        return written.stream()
                .map(SET_UP::matcher)
                .filter(java.util.regex.Matcher::find)
                .map(each -> each.group(1))
                .toList();
    }
}

package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Application and database killed the hard way in the middle of a run of taps: nothing that was confirmed is lost, and
 * nothing counts twice, though every tap is sent again until it is confirmed.
 */
class SurvivalIT {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int TAPS = 60;
    private static final int SHORT_WAIT_MS = 100;
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(60);

    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(2)).build();
    private final Path folder = RunningApplication.newFolder();
    private String database = "";
    private int port;
    private Process application;

    @BeforeEach
    void start() throws IOException {
        database = RunningApplication.throwawayDatabase("start", folder, "" + freePort(), "durable")
                .getLast();
        port = freePort();
        application = startApplication();
    }

    @AfterEach
    void stop() {
        application.destroyForcibly();
        RunningApplication.throwawayDatabase("stop", folder);
    }

    private Process startApplication() throws IOException {
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        GoldenTallyApplication.class.getName(),
                        "--server.port=" + port,
                        "--spring.datasource.url=" + database,
                        "--spring.datasource.username=",
                        "--spring.datasource.password=",
                        "--spring.datasource.hikari.connection-timeout=2000")
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
    }

    @Test
    void nothingConfirmedIsLostAndNothingCountsTwice() throws Exception {
        JsonNode quilt = JSON.readTree(untilAnswered("/api/quilts", "{\"name\":\"Survivor\",\"system\":\"INCH\"}"));
        String sew = "/api/quilts/" + quilt.path("id").asString() + "/sew";
        List<String> confirmed = new ArrayList<>();
        for (int tap = 1; tap <= TAPS; tap++) {
            if (tap == TAPS / 3) {
                kill(() -> application.destroyForcibly(), sew, confirmed);
                application.waitFor();
                application = startApplication();
            } else if (tap == 2 * TAPS / 3) {
                kill(() -> RunningApplication.throwawayDatabase("kill", folder), sew, confirmed);
                restartDatabase();
            }
            confirmed.add(tapUntilConfirmed(sew));
        }
        JsonNode log = JSON.readTree(untilAnswered(sew + "/log", null));
        List<String> kept = new ArrayList<>();
        log.forEach(entry -> kept.add(entry.path("id").asString()));
        assertThat(kept).containsAll(confirmed).doesNotHaveDuplicates();
        assertThat(new HashSet<>(kept)).isEqualTo(new HashSet<>(confirmed));
        JsonNode rows = JSON.readTree(untilAnswered(sew, null)).path("batches");
        int made = 0;
        for (JsonNode batch : rows) {
            made += batch.path("setsMade").asInt();
        }
        assertThat(made).isEqualTo(confirmed.size());
    }

    private interface Blow {
        void strike();
    }

    /** Kills while a tap is on its way; that tap is sent again like any other. */
    private void kill(Blow blow, String sew, List<String> confirmed) throws Exception {
        String id = UUID.randomUUID().toString();
        var underway = http.sendAsync(request(sew + "/log", tap(id)), HttpResponse.BodyHandlers.ofString());
        blow.strike();
        underway.handle((answer, error) -> null).join();
        pending.add(id);
        confirmed.add(id);
    }

    /** Taps whose fate is not known: they go first. */
    private final List<String> pending = new ArrayList<>();

    private String tapUntilConfirmed(String sew) throws Exception {
        while (!pending.isEmpty()) {
            untilAnswered(sew + "/log", tap(pending.getFirst()));
            pending.removeFirst();
        }
        String id = UUID.randomUUID().toString();
        untilAnswered(sew + "/log", tap(id));
        return id;
    }

    private static String tap(String id) {
        return "{\"id\":\"" + id + "\",\"kind\":\"SET_MADE\",\"batch\":\"rows\",\"hand\":\"\",\"text\":\"\"}";
    }

    private void restartDatabase() throws InterruptedException {
        for (int n = 0; n < 50; n++) {
            try {
                RunningApplication.throwawayDatabase("again", folder);
                return;
            } catch (IllegalStateException stillDying) {
                Thread.sleep(SHORT_WAIT_MS * 2L);
            }
        }
        throw new IllegalStateException("the database does not start again");
    }

    private String untilAnswered(String path, String body) throws Exception {
        for (long end = System.nanoTime() + LONGEST_WAIT.toNanos(); System.nanoTime() < end; ) {
            try {
                HttpResponse<String> answer = http.send(request(path, body), HttpResponse.BodyHandlers.ofString());
                if (answer.statusCode() < 300) {
                    return answer.body();
                }
            } catch (IOException notThere) {
                // It is sent again.
            }
            Thread.sleep(SHORT_WAIT_MS);
        }
        throw new IllegalStateException("no answer from " + path);
    }

    private HttpRequest request(String path, String body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .timeout(Duration.ofSeconds(5))
                .header("Content-Type", "application/json");
        return (body == null ? request.GET() : request.POST(HttpRequest.BodyPublishers.ofString(body))).build();
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}

package org.goldentally.app.siege;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Application and database killed the hard way, each and both at once, in the middle of taps, edits and lines of the
 * shelf: nothing that was confirmed is lost, nothing counts twice and nothing is refused, though everything is sent again
 * until it is confirmed. {@code golden-tally siege} does it a hundred times each.
 */
class SurvivalIT {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int ROUNDS = Integer.getInteger("goldentally.kills", 1);

    private final List<String> taps = new ArrayList<>();
    private int lines;
    private int edits;
    private int seconds;

    private enum Victim {
        APPLICATION,
        DATABASE,
        BOTH
    }

    @Test
    void nothingConfirmedIsLostAndNothingCountsTwice() throws Exception {
        try (ApplicationProcess process = new ApplicationProcess()) {
            JsonNode quilt = JSON.readTree(
                    process.untilAnswered("POST", "/api/quilts", "{\"name\":\"Survivor\",\"system\":\"INCH\"}"));
            String path = "/api/quilts/" + quilt.path("id").asString();
            ObjectNode design = (ObjectNode) quilt.path("design");
            for (int round = 0; round < ROUNDS; round++) {
                for (Victim victim : Victim.values()) {
                    round(process, path, design, victim);
                }
            }
            check(process, path);
        }
    }

    /** A tap, an edit and a line that are under way when the blow falls; each is sent again until it is confirmed. */
    private void round(ApplicationProcess process, String path, ObjectNode design, Victim victim) throws Exception {
        String tap = UUID.randomUUID().toString();
        String key = UUID.randomUUID().toString();
        int version = JSON.readTree(process.untilAnswered("GET", path, null))
                .path("version")
                .asInt();
        ((ObjectNode) design.path("setting")).put("across", 1 + (edits + 1) % 30);
        String edit = JSON.createObjectNode()
                .put("version", version)
                .put("edit", UUID.randomUUID().toString())
                .put("name", "Survivor")
                .put("sameStep", false)
                .set("design", design)
                .toString();
        String line = "{\"line\":\"1 square 10 in survivor " + "abcdefghij".charAt(lines / 100 % 10)
                + "abcdefghij".charAt(lines / 10 % 10) + "abcdefghij".charAt(lines % 10) + "\",\"system\":\"INCH\"}";
        List<Runnable> again = List.of(
                () -> answered(process, "POST", path + "/sew/log", tapped(tap), null),
                () -> answered(process, "PUT", path, edit, null),
                () -> answered(process, "POST", "/api/shelf/lines", line, key));
        List<CompletableFuture<Void>> underWay =
                again.stream().map(CompletableFuture::runAsync).toList();
        Thread.sleep(seconds++ % 25);
        if (victim != Victim.DATABASE) {
            process.killApplication();
        }
        if (victim != Victim.APPLICATION) {
            process.killDatabase();
            process.restartDatabase();
        }
        if (victim != Victim.DATABASE) {
            process.startApplication();
        }
        underWay.forEach(CompletableFuture::join);
        // Whether or not the first answer came, a page that lost it sends once more.
        again.forEach(Runnable::run);
        taps.add(tap);
        edits++;
        lines++;
    }

    private static void answered(ApplicationProcess process, String method, String path, String body, String key) {
        for (int n = 0; n < 1_200; n++) {
            try {
                var request = process.request(method, path, body);
                if (key != null) {
                    request = java.net.http.HttpRequest.newBuilder(request, (name, value) -> true)
                            .header("Idempotency-Key", key)
                            .build();
                }
                var answer = process.http().send(request, BodyHandlers.ofString());
                if (answer.statusCode() < 300) {
                    return;
                }
                if (answer.statusCode() < 500) {
                    throw new IllegalStateException("refused: " + answer.body());
                }
                Thread.sleep(50);
            } catch (java.io.IOException notThere) {
                pause();
            } catch (InterruptedException ending) {
                throw new IllegalStateException(ending);
            }
        }
        throw new IllegalStateException("no answer from " + path);
    }

    private static void pause() {
        try {
            Thread.sleep(50);
        } catch (InterruptedException ending) {
            throw new IllegalStateException(ending);
        }
    }

    private static String tapped(String id) {
        return "{\"id\":\"" + id + "\",\"kind\":\"SET_MADE\",\"batch\":\"rows\",\"hand\":\"\",\"text\":\"\"}";
    }

    private void check(ApplicationProcess process, String path) throws Exception {
        List<String> kept = new ArrayList<>();
        JSON.readTree(process.untilAnswered("GET", path + "/sew/log", null))
                .forEach(entry -> kept.add(entry.path("id").asString()));
        assertThat(kept).doesNotHaveDuplicates();
        assertThat(new HashSet<>(kept)).isEqualTo(new HashSet<>(taps));
        JsonNode shelf = JSON.readTree(process.untilAnswered("GET", "/api/shelf", null));
        assertThat(shelf).hasSize(lines);
        shelf.forEach(cloth -> assertThat(cloth.path("lines")).hasSize(1));
        JsonNode steps = JSON.readTree(process.untilAnswered("GET", path + "/steps", null));
        assertThat(steps.path(0).path("number").asInt()).isEqualTo(edits);
        if (ROUNDS > 1) {
            System.out.printf(
                    "SIEGE %d kills: %d taps, %d edits, %d lines confirmed, none lost, twice or refused%n",
                    3 * ROUNDS, taps.size(), edits, lines);
        }
    }
}

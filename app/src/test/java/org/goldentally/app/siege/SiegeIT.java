package org.goldentally.app.siege;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What looks at the clock and at memory: light questions beside heavy ones, taps beside a large shelf, and a long time
 * with many clients. Figures, so they are asked for by {@code golden-tally siege} only.
 */
@EnabledIfSystemProperty(named = "goldentally.siege", matches = "true")
class SiegeIT {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int CLIENTS = 8;
    private static final int CLOTHS = 5_000;
    private static final int MINUTES = Integer.getInteger("goldentally.siege.minutes", 10);

    @Test
    void lightQuestionsBesideHeavyOnes() throws Exception {
        try (ApplicationProcess process = new ApplicationProcess()) {
            ObjectNode design = large(process);
            for (int n = 0; n < 10; n++) {
                process.untilAnswered("POST", "/api/quilts", "{\"name\":\"Light\",\"system\":\"INCH\"}");
            }
            AtomicBoolean goOn = new AtomicBoolean(true);
            AtomicInteger heavy = new AtomicInteger();
            List<Long> light = new ArrayList<>();
            try (ExecutorService clients = Executors.newFixedThreadPool(CLIENTS)) {
                for (int client = 0; client < CLIENTS; client++) {
                    int number = client;
                    clients.submit(() -> {
                        for (int n = 0; goOn.get(); n++) {
                            ObjectNode mine = design.deepCopy();
                            ((ObjectNode) mine.path("setting")).put("across", 10 + number);
                            ((ObjectNode) mine.path("setting")).put("down", 10 + n % 15);
                            status(process, "POST", "/api/plan", question(mine));
                            heavy.incrementAndGet();
                        }
                        return null;
                    });
                }
                Thread.sleep(5_000);
                for (int n = 0; n < 400; n++) {
                    long start = System.nanoTime();
                    assertThat(status(process, "GET", "/api/quilts", null)).isEqualTo(200);
                    light.add((System.nanoTime() - start) / 1_000_000);
                    Thread.sleep(20);
                }
                goOn.set(false);
            }
            long p95 = at95(light);
            System.out.printf(
                    "SIEGE GET quilts beside %d heavy requests: middle %d ms, 95 %% under %d ms (%d heavy answered)%n",
                    CLIENTS, light.get(light.size() / 2), p95, heavy.get());
            assertThat(p95).isLessThan(100);
        }
    }

    @Test
    void tapsBesideALargeShelf() throws Exception {
        try (ApplicationProcess process = new ApplicationProcess()) {
            StringBuilder file = new StringBuilder("cloth,count,form,width,length\n");
            for (int n = 0; n < CLOTHS; n++) {
                file.append("cloth ").append(n).append(",3,square,10,10\n");
            }
            long start = System.nanoTime();
            process.untilAnswered(
                    "POST",
                    "/api/shelf/csv?doubles=ADD",
                    JSON.createObjectNode()
                            .put("text", file.toString())
                            .put("system", "INCH")
                            .toString());
            long csv = (System.nanoTime() - start) / 1_000_000;
            JsonNode shelf = JSON.readTree(process.untilAnswered("GET", "/api/shelf", null));
            JsonNode quilt = JSON.readTree(
                    process.untilAnswered("POST", "/api/quilts", "{\"name\":\"Tap\",\"system\":\"INCH\"}"));
            String path = "/api/quilts/" + quilt.path("id").asString();
            ObjectNode design = dressed((ObjectNode) quilt.path("design"), 12);
            for (int n = 0; n < 12; n++) {
                ((ObjectNode) design.path("cloths").path(n))
                        .put("shelfCloth", shelf.path(n).path("id").asString());
            }
            process.untilAnswered(
                    "PUT",
                    path,
                    JSON.createObjectNode()
                            .put("version", 0)
                            .put("name", "Tap")
                            .put("sameStep", false)
                            .set("design", design)
                            .toString());
            List<Long> taps = new ArrayList<>();
            for (int n = 0; n < 300; n++) {
                start = System.nanoTime();
                process.untilAnswered(
                        "POST",
                        path + "/sew/log",
                        "{\"id\":\"" + UUID.randomUUID()
                                + "\",\"kind\":\"SET_MADE\",\"batch\":\"rows\",\"hand\":\"\",\"text\":\"\"}");
                if (n >= 50) {
                    taps.add((System.nanoTime() - start) / 1_000_000);
                }
            }
            long p95 = at95(taps);
            System.out.printf(
                    "SIEGE tap with %d cloths on the shelf: middle %d ms, 95 %% under %d ms (their file took %d ms)%n",
                    CLOTHS, taps.get(taps.size() / 2), p95, csv);
            assertThat(p95).isLessThan(100);
        }
    }

    @Test
    void aLongTimeWithManyClients() throws Exception {
        try (ApplicationProcess process = new ApplicationProcess()) {
            ObjectNode design = large(process);
            long end = System.nanoTime() + MINUTES * 60_000_000_000L;
            AtomicLong answered = new AtomicLong();
            AtomicInteger wrong = new AtomicInteger();
            List<Long> resident = new ArrayList<>();
            try (ExecutorService clients = Executors.newFixedThreadPool(CLIENTS)) {
                for (int client = 0; client < CLIENTS; client++) {
                    Random chance = new Random(client);
                    clients.submit(() -> {
                        while (System.nanoTime() < end) {
                            wrong.addAndGet(session(process, design, chance, answered));
                        }
                        return null;
                    });
                }
                while (System.nanoTime() < end) {
                    Thread.sleep(Math.min(15_000, MINUTES * 1_500L));
                    resident.add(process.residentMegabytes());
                }
            }
            long early = resident.get(resident.size() / 5);
            long most = Collections.max(resident);
            System.out.printf(
                    "SIEGE %d minutes, %d clients, %d answers: resident %d MB after a fifth of it, %d MB at most, %d MB at"
                            + " the end; %d not answered as meant%n",
                    MINUTES, CLIENTS, answered.get(), early, most, resident.getLast(), wrong.get());
            assertThat(wrong).hasValue(0);
            assertThat(most).isLessThan(600);
        }
    }

    /** A quilt opened, changed a few times, looked at from all sides, tapped and printed. */
    private static int session(ApplicationProcess process, ObjectNode large, Random chance, AtomicLong answered)
            throws Exception {
        int wrong = 0;
        JsonNode quilt =
                JSON.readTree(process.untilAnswered("POST", "/api/quilts", "{\"name\":\"Long\",\"system\":\"INCH\"}"));
        String path = "/api/quilts/" + quilt.path("id").asString();
        for (int edit = 0; edit < 4; edit++) {
            ObjectNode design = chance.nextInt(4) == 0
                    ? large.deepCopy()
                    : dressed((ObjectNode) quilt.path("design").deepCopy(), 4 + chance.nextInt(8));
            ((ObjectNode) design.path("setting")).put("across", 3 + chance.nextInt(9));
            process.untilAnswered(
                    "PUT",
                    path,
                    JSON.createObjectNode()
                            .put("version", edit)
                            .put("name", "Long")
                            .put("sameStep", false)
                            .set("design", design)
                            .toString());
            for (String part : List.of("/top", "/tally", "/cut", "/sew", "/shopping", "/top.svg", "/offers")) {
                wrong += status(process, "GET", path + part, null) == 200 ? 0 : 1;
                answered.incrementAndGet();
            }
        }
        wrong += status(process, "GET", path + "/booklet.pdf", null) == 200 ? 0 : 1;
        wrong += status(process, "DELETE", path, null) == 204 ? 0 : 1;
        return wrong;
    }

    private static long at95(List<Long> times) {
        Collections.sort(times);
        return times.get(times.size() * 95 / 100);
    }

    private static int status(ApplicationProcess process, String method, String path, String body)
            throws IOException, InterruptedException {
        var request = java.net.http.HttpRequest.newBuilder(process.request(method, path, body), (name, value) -> true)
                .timeout(java.time.Duration.ofMinutes(2))
                .build();
        return process.http().send(request, BodyHandlers.ofByteArray()).statusCode();
    }

    private static String question(ObjectNode design) {
        ObjectNode question = JSON.createObjectNode();
        question.putArray("shelf");
        question.set("design", design);
        return question.toString();
    }

    /** 12 by 12 blocks in 24 cloths, each block in cloths of its own. */
    private static ObjectNode large(ApplicationProcess process) throws InterruptedException {
        JsonNode quilt =
                JSON.readTree(process.untilAnswered("POST", "/api/quilts", "{\"name\":\"Large\",\"system\":\"INCH\"}"));
        ObjectNode design = dressed((ObjectNode) quilt.path("design"), 24);
        ((ObjectNode) design.path("setting")).put("across", 12).put("down", 12);
        ((ObjectNode) design.path("blockSize")).put("typed", "6");
        Random chance = new Random(7);
        ArrayNode places = design.putArray("places");
        for (int n = 0; n < 144; n++) {
            ObjectNode place = places.addObject()
                    .put("row", n / 12)
                    .put("column", n % 12)
                    .put("block", "")
                    .put("quarterTurns", 0)
                    .put("mirrored", false);
            ArrayNode exchanges = place.putArray("exchanges");
            for (int cloth = 0; cloth < 4; cloth++) {
                exchanges.addObject().put("from", "c" + cloth).put("to", "c" + chance.nextInt(24));
            }
        }
        return design;
    }

    private static ObjectNode dressed(ObjectNode design, int cloths) {
        ArrayNode inHand = design.putArray("cloths");
        for (int n = 0; n < cloths; n++) {
            inHand.addObject()
                    .put("key", "c" + n)
                    .put("name", "cloth " + n)
                    .put("colour", String.format("#%06x", n * 500_000 + 4_000))
                    .put("lightness", "")
                    .put("background", false)
                    .put("shelfCloth", "")
                    .put("directional", false)
                    .put("pack", "")
                    .put("standsFor", "ITSELF")
                    .put("guessed", false);
        }
        int at = 0;
        for (JsonNode part : design.path("blocks").path(0).path("parts")) {
            ((ObjectNode) part.path("unit"))
                    .putArray("cloths")
                    .add("c" + at % cloths)
                    .add("c" + (at + 1) % cloths);
            at += 2;
        }
        return design;
    }
}

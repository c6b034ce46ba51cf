package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.goldentally.app.Api.JSON;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.goldentally.app.Api.Answer;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.http.HttpMethod;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Quilts put together at random, of every setting and edge: every station and every print answers, whatever is odd. */
@ExtendWith(RunningApplication.class)
class EveryStationIT {

    private static final List<String> PAGES = List.of(
            "/top",
            "/tally",
            "/cut",
            "/sew",
            "/shopping",
            "/offers",
            "/plans",
            "/glance",
            "/kits",
            "/shopping.csv",
            "/cut.pdf",
            "/kits.pdf",
            "/labels.pdf",
            "/templates.pdf?paper=a4",
            "/booklet.pdf?paper=letter&ink=black");

    private final Api api;
    private final RestClient client;

    EveryStationIT(RestClient client) {
        this.api = new Api(client);
        this.client = client;
    }

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 18);
    }

    @ParameterizedTest(name = "seed {0}")
    @MethodSource("seeds")
    void everyPageOfARandomQuiltIsAnswered(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        String system = seed % 4 == 0 ? "CENTIMETRE" : "INCH";
        ObjectNode body = JSON.createObjectNode().put("name", "Seed " + seed).put("system", system);
        JsonNode quilt = api.post("/api/quilts", body);
        String path = "/api/quilts/" + quilt.path("id").asString();
        ObjectNode design = (ObjectNode) quilt.path("design");
        fill(design, random);
        ObjectNode change = JSON.createObjectNode()
                .put("version", 0)
                .put("name", "Seed " + seed)
                .put("sameStep", false);
        change.set("design", design);
        Answer kept = api.ask(HttpMethod.PUT, path, change);
        assertThat(kept.status()).as(kept.json().toString()).isEqualTo(200);
        StringBuilder said = new StringBuilder();
        for (String page : PAGES) {
            String answer = answer(path + page);
            if (!page.contains(".")) {
                said.append(answer);
            }
        }
        for (JsonNode batch : api.get(path + "/sew").path("batches")) {
            String card = client.get()
                    .uri(path + "/sew/card?batch={batch}", batch.path("key").asString())
                    .retrieve()
                    .body(String.class);
            said.append(card);
        }
        // A quilter who measures in one system is told nothing in the other.
        String other = system.equals("INCH") ? "\\d ?cm\\b" : "\\d ?(in|yd)\\b(?! (one|the|all)\\b)";
        assertThat(said.toString().replaceAll("\"\\w*([kK]ey|use|id|batch)\":\"[^\"]*\"|\"uses\":\\[\".*?\"]", ""))
                .as(system)
                .doesNotContainPattern(other);
    }

    private String answer(String path) {
        return client.get().uri(path).exchange((request, response) -> {
            String body = new String(response.getBody().readAllBytes(), StandardCharsets.UTF_8);
            if (!response.getStatusCode().is2xxSuccessful()) {
                throw new AssertionError(path + " is refused: " + body);
            }
            return body;
        });
    }

    private static void fill(ObjectNode design, SplittableRandom random) {
        design.withArray("cloths")
                .add(Api.cloth("a", "oat", "#ede4cc"))
                .add(Api.cloth("b", "ink", "#22374f"))
                .add(Api.cloth("c", "brick", "#b2472f"));
        String[] dressed = {"a", "b"};
        if (random.nextInt(5) > 0) {
            Api.dress(design, dressed);
        }
        ((ObjectNode) design.path("blockSize"))
                .put("typed", of(random, "6 in", "7 1/2 in", "12 in", "10/3 in", "25 cm", "9.3 in"));
        ((ObjectNode) design.path("setting"))
                .put("kind", of(random, "STRAIGHT", "HALF_DROP", "ON_POINT"))
                .put("across", random.nextInt(1, 7))
                .put("down", random.nextInt(1, 7))
                .put("cloth", of(random, "", "a", "c"))
                .put("between", of(random, "SAME", "PLAIN", "OPEN"))
                .put("halves", of(random, "BLOCK", "PLAIN"));
        if (random.nextInt(3) == 0
                && !design.path("setting").path("kind").asString().equals("HALF_DROP")) {
            boolean straight = design.path("setting").path("kind").asString().equals("STRAIGHT");
            ((ObjectNode) design.path("sashing"))
                    .put("width", of(random, "1 in", "1 1/4 in", "3 cm"))
                    .put("between", straight ? of(random, "BOTH", "ROWS", "COLUMNS") : "BOTH");
        }
        ArrayNode borders = design.withArray("borders");
        for (int border = random.nextInt(3); border > 0; border--) {
            ObjectNode plain = borders.addObject()
                    .put("kind", "PLAIN")
                    .put("width", of(random, "2 1/2 in", "1/2 in", "6 in", "7.7 cm"))
                    .put("cloth", of(random, "", "b", "c"))
                    .put("corners", of(random, "BUTTED", "MITRED"))
                    .put("join", of(random, "STRAIGHT", "DIAGONAL", "ALONG_LENGTH"))
                    .put("unitLength", "")
                    .put("mirrorAtMiddle", false);
            plain.putArray("units");
            plain.putArray("corner");
        }
        ((ObjectNode) design.path("finishing"))
                .put("bindingCloth", of(random, "", "a", "b"))
                .put("bindingStrip", of(random, "2 1/2 in", "2 3/16 in", "6 cm"))
                .put("backingCloth", of(random, "", "a", "c"))
                .put("backingWidth", of(random, "40 in", "108 in", "110 cm"))
                .put("overhang", of(random, "4 in", "3 1/8 in", "10 cm"))
                .put("scrappyBinding", random.nextInt(4) == 0);
        ((ObjectNode) design.path("plan"))
                .putArray("kits")
                .addObject()
                .put("name", "")
                .put("count", random.nextInt(1, 9))
                .putArray("cloths")
                .addObject()
                .put("from", "a")
                .put("to", of(random, "", "ink", "moss"));
        ((ObjectNode) design.path("plan")).put("squaringUp", of(random, "", "0", "1 in", "1.5 cm"));
    }

    private static String of(SplittableRandom random, String... values) {
        return values[random.nextInt(values.length)];
    }
}

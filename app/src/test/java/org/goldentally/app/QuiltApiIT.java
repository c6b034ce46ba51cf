package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Quilts over HTTP: kept, refused with reasons, and safe with two writers. */
@ExtendWith(RunningApplication.class)
class QuiltApiIT {

    private static final JsonMapper JSON = new JsonMapper();

    private final RestClient client;
    private ObjectNode quilt;

    QuiltApiIT(RestClient client) {
        this.client = client;
    }

    @BeforeEach
    void aNewQuilt() {
        quilt = (ObjectNode) post("/api/quilts", "{\"name\":\"Kitchen throw\",\"system\":\"INCH\"}")
                .json();
    }

    @Test
    void aQuiltComesBackAsItWasKept() {
        change(design -> design.put("blocksAcross", 7));
        Answer kept = put(quilt);
        assertThat(kept.status()).isEqualTo(200);
        JsonNode read = get("/api/quilts/" + id()).json();
        assertThat(read.path("design")).isEqualTo(quilt.path("design"));
        assertThat(read.path("version").asInt()).isEqualTo(quilt.path("version").asInt() + 1);
    }

    @ParameterizedTest(name = "block size {0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "0|“0” is no size at all",
                "-8|“-8” is less than nothing",
                "eight|“eight” cannot be read as a length",
                "400 ft|“400 ft” is longer than a whole bolt of cloth (100 yd)",
                "200 in|the top would be 800 in on this side, longer than any bed",
            })
    void badSizesAreRefusedWithTheirPlaceAndNothingIsLost(String typed, String why) {
        change(design -> ((ObjectNode) design.path("blockSize")).put("typed", typed));
        Answer refused = put(quilt);
        assertThat(refused.status()).isEqualTo(422);
        JsonNode problem = refused.json().path("problems").path(0);
        assertThat(problem.path("why").asString()).isEqualTo(why);
        assertThat(problem.path("where").asString()).isIn("Block size, finished", "Blocks across");
        assertThat(problem.path("fix").asString()).isNotBlank();
        assertThat(get("/api/quilts/" + id()).json().path("version").asInt()).isZero();
    }

    @Test
    void absurdCountsAreRefused() {
        change(design -> design.put("blocksAcross", 1_000_000_000));
        assertThat(put(quilt).json().path("problems").path(0).path("why").asString())
                .isEqualTo("1000000000 blocks in a row are more than we can plan");
        change(design -> design.put("blocksAcross", 3).put("seam", "0"));
        assertThat(put(quilt).json().path("problems").path(0).path("why").asString())
                .isEqualTo("a seam of 0 in holds nothing together");
    }

    @ParameterizedTest(name = "{0} is answered {1} at {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"name\":\"x\",\"system\":\"INCH\",\"colour\":1}|400|colour",
                "{\"name\":\"x\",\"system\":\"ELL\"}|400|system",
                "{\"name\":\"  \",\"system\":\"INCH\"}|422|name",
                "{\"name\":\"x\"|400|Request",
                "[]|400|Request",
            })
    void malformedRequestsNameThePlace(String body, int status, String where) {
        Answer answer = post("/api/quilts", body);
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.json().path("problems").path(0).path("where").asString())
                .isEqualTo(where);
    }

    @Test
    void unknownAddressesAndQuiltsAreSaidToBeMissing() {
        assertThat(get("/api/quilts/00000000-0000-0000-0000-0000000000ff").status())
                .isEqualTo(404);
        assertThat(get("/api/quilts/marigold").status()).isEqualTo(400);
        assertThat(get("/api/nothing").status()).isEqualTo(404);
    }

    @Test
    void ofTwoWritersTheSecondIsToldAndTheFirstIsKept() {
        change(design -> design.put("blocksAcross", 9));
        ObjectNode second = quilt.deepCopy();
        ((ObjectNode) second.path("design")).put("blocksAcross", 3);
        assertThat(put(quilt).status()).isEqualTo(200);
        Answer conflict = put(second);
        assertThat(conflict.status()).isEqualTo(409);
        assertThat(conflict.json().path("problems").path(0).path("fix").asString())
                .contains("keep yours, or take theirs");
        assertThat(get("/api/quilts/" + id())
                        .json()
                        .path("design")
                        .path("blocksAcross")
                        .asInt())
                .isEqualTo(9);
    }

    @Test
    void ofManyWritersAtOnceExactlyOneGetsThrough() throws Exception {
        List<Callable<Integer>> writers = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            ObjectNode mine = quilt.deepCopy();
            ((ObjectNode) mine.path("design")).put("blocksAcross", i + 1);
            writers.add(() -> put(mine).status());
        }
        try (var threads = Executors.newFixedThreadPool(8)) {
            List<Integer> statuses = new ArrayList<>();
            for (Future<Integer> done : threads.invokeAll(writers)) {
                statuses.add(done.get());
            }
            assertThat(statuses).containsOnly(200, 409).containsOnlyOnce(200);
        }
    }

    @Test
    void theStatelessTallyAnswersAsTheScreenDoes() {
        String question = "{\"design\":" + quilt.path("design") + ",\"printLines\":[\"42 squares 10 in\"],"
                + "\"backgroundLines\":[\"2 yd 42 wide\"]}";
        JsonNode tally = post("/api/tally", question).json();
        assertThat(tally.path("unitsNeeded").asInt()).isEqualTo(80);
        JsonNode eight = tally.path("methods").path(2);
        assertThat(eight.path("cutSize").asString()).isEqualTo("10");
        assertThat(eight.path("trimmedSize").asString()).isEqualTo("4 1/2");
        assertThat(eight.path("sets").asInt()).isEqualTo(10);
        assertThat(eight.path("cloths")
                        .path(0)
                        .path("pieces")
                        .path(0)
                        .path("untouched")
                        .asInt())
                .isEqualTo(32);
        assertThat(tally.path("allowances")
                        .path(2)
                        .path("method")
                        .path("possible")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void aWrongLineInTheStatelessTallyIsNamed() {
        String question = "{\"design\":" + quilt.path("design")
                + ",\"printLines\":[\"10 in square\",\"lots\"],\"backgroundLines\":[]}";
        Answer answer = post("/api/tally", question);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("problems").path(0).path("where").asString())
                .isEqualTo("Print, line 2");
    }

    private String id() {
        return quilt.path("id").asString();
    }

    private void change(java.util.function.Consumer<ObjectNode> change) {
        change.accept((ObjectNode) quilt.path("design"));
    }

    private record Answer(int status, JsonNode json) {}

    private Answer put(ObjectNode changed) {
        ObjectNode body = changed.deepCopy();
        body.remove("id");
        return answer(client.put()
                .uri("/api/quilts/" + id())
                .contentType(MediaType.APPLICATION_JSON)
                .body(body.toString())
                .retrieve()
                .toEntity(String.class));
    }

    private Answer post(String path, String body) {
        return answer(client.post()
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .body(body)
                .retrieve()
                .toEntity(String.class));
    }

    private Answer get(String path) {
        return answer(client.get().uri(path).retrieve().toEntity(String.class));
    }

    private static Answer answer(ResponseEntity<String> response) {
        return new Answer(
                response.getStatusCode().value(),
                JSON.readTree(response.getBody() == null ? "null" : response.getBody()));
    }
}

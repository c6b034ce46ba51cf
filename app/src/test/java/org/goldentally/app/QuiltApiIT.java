package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.goldentally.app.Api.Answer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Quilts over HTTP: kept step by step, refused with reasons, and safe with two writers. */
@ExtendWith(RunningApplication.class)
class QuiltApiIT {

    private static final JsonMapper JSON = new JsonMapper();

    private final Api api;
    private ObjectNode quilt;

    QuiltApiIT(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aNewQuilt() {
        quilt = (ObjectNode) api.ask(HttpMethod.POST, "/api/quilts", "{\"name\":\"Kitchen throw\",\"system\":\"INCH\"}")
                .json();
    }

    @Test
    void aQuiltComesBackAsItWasKept() {
        change(design -> setting(design).put("across", 7));
        Answer kept = put(quilt);
        assertThat(kept.status()).isEqualTo(200);
        JsonNode read = api.ask("/api/quilts/" + id()).json();
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
                "400 ft|“400 ft” is longer than a whole bolt of fabric (100 yd)",
                "200 in|the top would be 800 in on this side, longer than any bed",
            })
    void aSizeThatCannotBeWorkedOutIsKeptAsTypedAndSaidWhereItIsAskedFor(String typed, String why) {
        change(design -> ((ObjectNode) design.path("blockSize")).put("typed", typed));
        assertThat(put(quilt).status()).isEqualTo(200);
        JsonNode kept = api.ask("/api/quilts/" + id()).json();
        assertThat(kept.path("design").path("blockSize").path("typed").asString())
                .isEqualTo(typed);
        JsonNode lastThatWorks = api.ask("/api/quilts/" + id() + "/top").json();
        assertThat(lastThatWorks.path("sizes").path(2).path("finishedWidth").asString())
                .isEqualTo("32");
        Answer refused =
                api.ask(HttpMethod.POST, "/api/top", quilt.path("design").toString());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(api.ask("/api/quilts/" + id() + "/tally").status()).isEqualTo(422);
        for (JsonNode problem : List.of(
                refused.json().path("problems").path(0),
                lastThatWorks.path("refused").path(0))) {
            assertThat(problem.path("why").asString()).isEqualTo(why);
            assertThat(problem.path("where").asString()).isIn("Block size, finished", "Blocks across");
            assertThat(problem.path("fix").asString()).isNotBlank();
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"format\":2}|format is 2; it goes from 13 to 13",
                "{\"blocks\":[{\"key\":\"a\",\"name\":\"\",\"columns\":[1],\"rows\":[1],\"parts\":[]},"
                        + "{\"key\":\"a\",\"name\":\"\",\"columns\":[1],\"rows\":[1],\"parts\":[]}]}|blocks has two entries of the same key",
                "{\"closeInValue\":1000}|closeInValue is 1000; it goes from 0 to 100",
                "{\"cloths\":[{\"key\":\"a\",\"name\":\"x\",\"colour\":\"red\",\"lightness\":\"\","
                        + "\"background\":false,\"shelfCloth\":\"\",\"directional\":false,\"pack\":\"\","
                        + "\"standsFor\":\"ITSELF\"}]}|colour is not written like #aabbcc",
            })
    void aDocumentOfAnotherShapeIsRefusedWithItsFieldAndNothingChanges(String part, String why) {
        change(design -> design.setAll((ObjectNode) JSON.readTree(part)));
        Answer refused = put(quilt);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("problems").path(0).path("why").asString())
                .isEqualTo(why);
        assertThat(api.ask("/api/quilts/" + id()).json().path("version").asInt())
                .isZero();
    }

    @Test
    void everyStepCanBeUndoneAndDoneAgainAndANewOneEndsThat() {
        for (int across = 5; across <= 7; across++) {
            int wanted = across;
            change(design -> setting(design).put("across", wanted));
            quilt = (ObjectNode) put(quilt).json();
        }
        assertThat(quilt.path("canRedo").asBoolean()).isFalse();
        assertThat(step("undo")).isEqualTo(6);
        assertThat(step("undo")).isEqualTo(5);
        assertThat(step("undo")).isEqualTo(4);
        assertThat(quilt.path("canUndo").asBoolean()).isFalse();
        assertThat(step("undo")).isEqualTo(4);
        assertThat(step("redo")).isEqualTo(5);
        change(design -> setting(design).put("across", 11));
        quilt = (ObjectNode) put(quilt).json();
        assertThat(quilt.path("canRedo").asBoolean()).isFalse();
        assertThat(step("redo")).isEqualTo(11);
        assertThat(step("undo")).isEqualTo(5);
    }

    @Test
    void typingOnIsTheSameStep() {
        change(design -> setting(design).put("across", 1));
        quilt = (ObjectNode) put(quilt).json();
        change(design -> setting(design).put("across", 12));
        quilt = (ObjectNode) put(quilt, true).json();
        assertThat(step("undo")).isEqualTo(4);
        assertThat(step("redo")).isEqualTo(12);
    }

    @Test
    void aCopyIsAQuiltOfItsOwn() {
        JsonNode copy =
                api.ask(HttpMethod.POST, "/api/quilts/" + id() + "/copy", "").json();
        assertThat(copy.path("name").asString()).isEqualTo("Copy of Kitchen throw");
        assertThat(copy.path("design")).isEqualTo(quilt.path("design"));
        assertThat(copy.path("id").asString()).isNotEqualTo(id());
    }

    @Test
    void absurdCountsAreSaidAndNotTried() {
        change(design -> setting(design).put("across", 1_000_000_000));
        assertThat(top().path("problems").path(0).path("why").asString())
                .isEqualTo("1000000000 blocks in a row are more than we can plan");
        change(design -> {
            setting(design).put("across", 3);
            design.put("seam", "0");
        });
        assertThat(top().path("problems").path(0).path("why").asString())
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
        Answer answer = api.ask(HttpMethod.POST, "/api/quilts", body);
        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.json().path("problems").path(0).path("where").asString())
                .isEqualTo(where);
    }

    @Test
    void unknownAddressesAndQuiltsAreSaidToBeMissing() {
        assertThat(api.ask("/api/quilts/00000000-0000-0000-0000-0000000000ff").status())
                .isEqualTo(404);
        assertThat(api.ask("/api/quilts/marigold").status()).isEqualTo(400);
        assertThat(api.ask("/api/nothing").status()).isEqualTo(404);
    }

    @Test
    void ofTwoWritersTheSecondIsToldAndTheFirstIsKept() {
        change(design -> setting(design).put("across", 9));
        ObjectNode second = quilt.deepCopy();
        setting((ObjectNode) second.path("design")).put("across", 3);
        assertThat(put(quilt).status()).isEqualTo(200);
        Answer conflict = put(second);
        assertThat(conflict.status()).isEqualTo(409);
        assertThat(conflict.json().path("problems").path(0).path("fix").asString())
                .contains("keep yours, or take theirs");
        assertThat(api.ask("/api/quilts/" + id())
                        .json()
                        .path("design")
                        .path("setting")
                        .path("across")
                        .asInt())
                .isEqualTo(9);
    }

    @Test
    void ofManyWritersAtOnceExactlyOneGetsThrough() throws Exception {
        List<Callable<Integer>> writers = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            ObjectNode mine = quilt.deepCopy();
            setting((ObjectNode) mine.path("design")).put("across", i + 1);
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

    private static ObjectNode setting(ObjectNode design) {
        return (ObjectNode) design.path("setting");
    }

    /** Goes a step and gives how many blocks across the quilt then has. */
    private int step(String which) {
        quilt = (ObjectNode) api.ask(
                        HttpMethod.POST,
                        "/api/quilts/" + id() + "/" + which,
                        "{\"version\":" + quilt.path("version") + "}")
                .json();
        return quilt.path("design").path("setting").path("across").asInt();
    }

    private JsonNode top() {
        return api.ask(HttpMethod.POST, "/api/top", quilt.path("design").toString())
                .json();
    }

    private String id() {
        return quilt.path("id").asString();
    }

    private void change(java.util.function.Consumer<ObjectNode> change) {
        change.accept((ObjectNode) quilt.path("design"));
    }

    private Answer put(ObjectNode changed) {
        return put(changed, false);
    }

    private Answer put(ObjectNode changed, boolean sameStep) {
        ObjectNode body = changed.deepCopy();
        body.remove(List.of("id", "canUndo", "canRedo", "undoes", "redoes"));
        body.put("sameStep", sameStep);
        return api.ask(HttpMethod.PUT, "/api/quilts/" + id(), body);
    }
}

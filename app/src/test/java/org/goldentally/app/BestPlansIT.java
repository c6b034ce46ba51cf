package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Plans for the shelf and own cut sizes over HTTP, on the quilt with a pieced border that everyone can take. */
@ExtendWith(RunningApplication.class)
class BestPlansIT {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int MOST_ASKED = 100;

    private final Api api;
    private String quilt = "";

    BestPlansIT(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aQuilt() {
        quilt = "/api/quilts/"
                + api.post("/api/our-quilts/lantern-street/take", "").path("id").asString();
        // Four blocks of it are planned sooner.
        change(design -> ((ObjectNode) design.path("setting")).put("across", 2).put("down", 2));
    }

    /** Asked until the answer is there; each time it says how far it is. */
    private JsonNode answer() {
        for (int i = 0; i < MOST_ASKED; i++) {
            JsonNode plans = api.get(quilt + "/plans");
            assertThat(plans.path("percent").asInt()).isBetween(0, 100);
            if (plans.path("answer").isObject()) {
                assertThat(plans.path("percent").asInt()).isEqualTo(100);
                return plans.path("answer");
            }
        }
        throw new AssertionError("no answer");
    }

    @Test
    void plansSayHowFarTheyAreFromTheBestAndAreTakenAsShown() {
        JsonNode answer = answer();
        JsonNode buys = answer.path("plans").path(0);
        assertThat(buys.path("proof").asString()).startsWith("Proven: every plan buys at least ");
        assertThat(answer.path("stopped").asBoolean()).isFalse();
        JsonNode stored = api.get(quilt);
        JsonNode taken = api.post(
                quilt + "/plans/take",
                JSON.createObjectNode()
                        .put("version", stored.path("version").asInt())
                        .put("key", buys.path("key").asString()));
        assertThat(taken.path("version").asInt())
                .isGreaterThan(stored.path("version").asInt());
        JsonNode after = answer().path("plans").path(0);
        assertThat(after.path("same").asBoolean()).isTrue();
        assertThat(after.path("buys")).isEqualTo(buys.path("buys"));
        assertThat(after.path("cuts")).isEqualTo(buys.path("cuts"));
        assertThat(api.ask(
                                HttpMethod.POST,
                                quilt + "/plans/take",
                                JSON.createObjectNode()
                                        .put("version", taken.path("version").asInt())
                                        .put("key", "nothing"))
                        .status())
                .isEqualTo(404);
    }

    /** However soon it is stopped there is an answer, and it can be taken. */
    @Test
    void aSearchThatIsStoppedGivesTheBestSoFar() {
        api.post(quilt + "/plans/stop", "");
        JsonNode answer = answer();
        assertThat(answer.path("plans")).isNotEmpty();
        api.post(quilt + "/plans/again", "");
        assertThat(answer().path("stopped").asBoolean()).isFalse();
    }

    @Test
    void anOwnCutSizeIsKeptWithWhatFollowsAndRefusedWhereItIsTooSmall() {
        JsonNode group = group();
        JsonNode way = chosen(group);
        cut(group, way, "5");
        JsonNode own = chosen(group()).path("cutSize");
        assertThat(own.path("typed").asString()).isEqualTo("5");
        assertThat(own.path("cut").asString()).isEqualTo("5 in");
        // 5 in less two seams of 1/4 √2 is 4.293 in, 0.793 in over 3 1/2 (geometry).
        assertThat(own.path("follows").toString()).contains("raw 4.293 in, to trim 0.793 in");
        cut(group, way, "4");
        JsonNode tally = api.get(quilt + "/tally");
        assertThat(tally.path("notices").toString())
                .contains("4 in is less than it needs")
                .contains("cut 4 1/4 in or more");
        assertThat(chosen(group()).path("cutSize").path("typed").asString()).isEqualTo("4");
    }

    /** The hourglasses of the border, 3 in finished. */
    private JsonNode group() {
        for (JsonNode group : api.get(quilt + "/tally").path("groups")) {
            if (group.path("allKey").asString().startsWith("hourglass")) {
                return group;
            }
        }
        throw new AssertionError("no hourglasses");
    }

    private static JsonNode chosen(JsonNode group) {
        for (JsonNode way : group.path("ways")) {
            if (way.path("chosen").asBoolean()) {
                return way;
            }
        }
        throw new AssertionError("no way is chosen");
    }

    private void cut(JsonNode group, JsonNode way, String typed) {
        ObjectNode size = JSON.createObjectNode();
        size.put("units", group.path("choiceKey").asString())
                .put("method", way.path("key").asString())
                .put("typed", typed)
                .put("byHand", true);
        change(design -> ((ObjectNode) design.path("plan")).putArray("cutSizes").add(size));
    }

    private void change(Consumer<JsonNode> what) {
        JsonNode stored = api.get(quilt);
        what.accept(stored.path("design"));
        ObjectNode change = JSON.createObjectNode();
        change.put("version", stored.path("version").asInt())
                .put("name", "Cut otherwise")
                .put("sameStep", false)
                .set("design", stored.path("design"));
        api.put(quilt, change);
    }
}

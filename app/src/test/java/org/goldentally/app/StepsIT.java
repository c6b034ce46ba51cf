package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.goldentally.app.Api.JSON;

import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import org.goldentally.app.Api.Answer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Steps of a design by name: undo says what it takes back, one is taken out of the middle, a repeated change is made once. */
@ExtendWith(RunningApplication.class)
class StepsIT {

    private final Api api;
    private ObjectNode quilt;

    StepsIT(RestClient client) {
        api = new Api(client);
        quilt = JSON.createObjectNode();
    }

    @BeforeEach
    void startAQuilt() {
        quilt = (ObjectNode) api.post("/api/quilts", "{\"name\":\"Steps\",\"system\":\"INCH\"}");
    }

    @Test
    void everyStepSaysWhatItChanged() {
        change(design -> setting(design).put("across", 6));
        assertThat(quilt.path("undoes").asString()).isEqualTo("6 × 5 blocks");
        change(design -> border(design, "4"));
        assertThat(quilt.path("undoes").asString()).isEqualTo("border 4 in added");
        change(design -> ((ObjectNode) design.path("borders").path(0)).put("width", "4 1/2"));
        assertThat(quilt.path("undoes").asString()).isEqualTo("border 4 1/2 in");
        change(design -> design.withArray("cloths").add(Api.cloth("a", "oat", "#ede4cc")));
        assertThat(quilt.path("undoes").asString()).isEqualTo("fabric oat added");
        change(design -> design.put("allowance", "ROOMY").put("seam", "3/8"));
        assertThat(names())
                .containsExactly(
                        "seam 3/8 in, room to trim: roomy",
                        "fabric oat added",
                        "border 4 1/2 in",
                        "border 4 in added",
                        "6 × 5 blocks",
                        "the start");
        quilt = (ObjectNode) post("undo");
        assertThat(quilt.path("redoes").asString()).isEqualTo("seam 3/8 in, room to trim: roomy");
        quilt = (ObjectNode) post("steps/1/go-to");
        assertThat(quilt.path("design").path("borders")).isEmpty();
        assertThat(quilt.path("undoes").asString()).isEqualTo("6 × 5 blocks");
        assertThat(quilt.path("redoes").asString()).isEqualTo("border 4 in added");
    }

    @Test
    void anEarlierStepIsTakenOutAndLaterOnesStay() {
        change(design -> border(design, "4"));
        change(design -> setting(design).put("across", 6));
        change(design -> border(design, "2"));
        quilt = (ObjectNode) post("steps/1/take-out");
        assertThat(quilt.path("design").path("setting").path("across").asInt()).isEqualTo(6);
        assertThat(quilt.path("design").path("borders").path(0).path("width").asString())
                .isEqualTo("2");
        assertThat(quilt.path("design").path("borders")).hasSize(1);
        assertThat(quilt.path("undoes").asString()).isEqualTo("taken out: border 4 in added");
        quilt = (ObjectNode) post("undo");
        assertThat(quilt.path("design").path("borders")).hasSize(2);
    }

    @Test
    void aStepThatLaterOnesDependOnIsNotTakenOut() {
        change(design -> design.withArray("cloths").add(Api.cloth("a", "oat", "#ede4cc")));
        change(design -> Api.dress(design, "a"));
        assertThat(why("steps/1/take-out")).isEqualTo("a later step uses oat");
        change(design -> setting(design).put("across", 6));
        change(design -> setting(design).put("across", 7));
        assertThat(why("steps/3/take-out")).isEqualTo("“7 × 5 blocks” went on from it");
        assertThat(api.get(path()).path("design")).isEqualTo(quilt.path("design"));
    }

    @Test
    void aChangeWhoseAnswerWasLostIsMadeOnce() {
        ObjectNode body = body(design -> setting(design).put("across", 9))
                .put("edit", UUID.randomUUID().toString());
        Answer first = api.ask(HttpMethod.PUT, path(), body);
        Answer again = api.ask(HttpMethod.PUT, path(), body);
        assertThat(first.status()).isEqualTo(200);
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.json()).isEqualTo(first.json());
        assertThat(names()).hasSize(2);
        body.put("edit", UUID.randomUUID().toString());
        assertThat(api.ask(HttpMethod.PUT, path(), body).status()).isEqualTo(409);
    }

    @Test
    void aDeletedQuiltComesBackWithItsSteps() {
        change(design -> setting(design).put("across", 6));
        String id = quilt.path("id").asString();
        api.ask(HttpMethod.DELETE, path(), "");
        assertThat(api.get("/api/quilts").findValuesAsString("id")).doesNotContain(id);
        assertThat(api.ask(path()).status()).isEqualTo(404);
        assertThat(api.get("/api/quilts/deleted").findValuesAsString("id")).contains(id);
        quilt = (ObjectNode) api.post(path() + "/bring-back", "");
        assertThat(api.get("/api/quilts").findValuesAsString("id")).contains(id);
        assertThat(names()).containsExactly("6 × 5 blocks", "the start");
        assertThat(api.ask(HttpMethod.POST, path() + "/bring-back", "").status())
                .as("what is back already is back")
                .isEqualTo(200);
    }

    /** Far enough that several steps are kept whole between those kept as changes, and to and fro over them. */
    @Test
    void everyOneOfManyStepsComesBackAsItWas() {
        for (int n = 1; n <= 45; n++) {
            int across = n;
            change(design -> setting(design).put("across", across));
        }
        for (int step : new int[] {1, 44, 20, 19, 21, 40, 39, 0, 45}) {
            quilt = (ObjectNode) post("steps/" + step + "/go-to");
            assertThat(quilt.path("design").path("setting").path("across").asInt())
                    .as("step " + step)
                    .isEqualTo(step == 0 ? 4 : step);
        }
    }

    private static ObjectNode setting(ObjectNode design) {
        return (ObjectNode) design.path("setting");
    }

    private static void border(ObjectNode design, String width) {
        ObjectNode border = design.withArray("borders").addObject();
        border.put("kind", "PLAIN").put("width", width).put("cloth", "").put("unitLength", "");
        border.put("mirrorAtMiddle", false).put("corners", "BUTTED").put("join", "STRAIGHT");
        border.putArray("units");
        border.putArray("corner");
    }

    private String path() {
        return "/api/quilts/" + quilt.path("id").asString();
    }

    private ObjectNode body(Consumer<ObjectNode> change) {
        ObjectNode body = quilt.deepCopy();
        body.remove(List.of("id", "canUndo", "canRedo", "undoes", "redoes"));
        change.accept((ObjectNode) body.path("design"));
        return body.put("sameStep", false);
    }

    private void change(Consumer<ObjectNode> change) {
        Answer answer = api.ask(HttpMethod.PUT, path(), body(change));
        assertThat(answer.status()).isEqualTo(200);
        quilt = (ObjectNode) answer.json();
    }

    private JsonNode post(String what) {
        Answer answer = api.ask(
                HttpMethod.POST,
                path() + "/" + what,
                "{\"version\":" + quilt.path("version").asInt() + "}");
        assertThat(answer.status()).as(answer.json().toString()).isEqualTo(200);
        return answer.json();
    }

    private String why(String what) {
        Answer answer = api.ask(
                HttpMethod.POST,
                path() + "/" + what,
                "{\"version\":" + quilt.path("version").asInt() + "}");
        assertThat(answer.status()).isEqualTo(422);
        return answer.json().path("problems").path(0).path("why").asString();
    }

    private List<String> names() {
        return api.get(path() + "/steps").findValuesAsString("what");
    }
}

package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.goldentally.app.Api.JSON;

import java.util.List;
import org.goldentally.app.Api.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is sent and cannot be used: every wrong field is named, what may be left out is filled in, nothing is ignored. */
@ExtendWith(RunningApplication.class)
class RefusalsIT {

    private final Api api;
    private final RestClient client;

    RefusalsIT(RestClient client) {
        this.api = new Api(client);
        this.client = client;
    }

    private ObjectNode design() {
        String quilt = "{\"name\":\"Refused\",\"system\":\"INCH\"}";
        return (ObjectNode) api.post("/api/quilts", quilt).path("design");
    }

    @Test
    void everyWrongFieldIsNamedAtOnceAndWhatIsAllowedIsSaid() {
        ObjectNode design = design();
        design.put("system", "CUBITS").put("closeInValue", "many").put("colour", "red");
        design.putNull("cloths");
        ((ObjectNode) design.path("setting")).put("across", "four");
        Answer answer = api.ask(HttpMethod.POST, "/api/top", design);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().path("problems"))
                .extracting(problem -> problem.path("where").asString() + ": "
                        + problem.path("why").asString())
                .containsExactlyInAnyOrder(
                        "system: “CUBITS” is not known here",
                        "closeInValue: what stands here is no whole number",
                        "cloths: this is missing",
                        "setting.across: what stands here is no whole number",
                        "colour: there is no field “colour” here");
        assertThat(answer.json().path("problems").findValuesAsString("fix")).contains("choose one of INCH, CENTIMETRE");
    }

    @Test
    void whatMayBeLeftOutIsFilledIn() {
        ObjectNode design = design();
        JsonNode whole = api.ask(HttpMethod.POST, "/api/top", design).json();
        design.remove(List.of("cloths", "places", "sashing", "borders", "closeInValue", "methods", "plan"));
        ((ObjectNode) design.path("setting")).remove(List.of("halves", "between", "betweenBlock"));
        design.path("blocks")
                .path(0)
                .path("parts")
                .forEach(part -> ((ObjectNode) part.path("unit"))
                        .remove(List.of("count", "corner", "block", "mirrored", "cloths")));
        Answer answer = api.ask(HttpMethod.POST, "/api/top", design);
        assertThat(answer.status()).as(answer.json().toString()).isEqualTo(200);
        assertThat(answer.json()).isEqualTo(whole);
        assertThat(api.ask(
                                HttpMethod.POST,
                                "/api/tally",
                                JSON.createObjectNode().set("design", design))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void unknownClothsAndMethodsOfAStatelessQuestionAreRefused() {
        ObjectNode question = JSON.createObjectNode();
        ObjectNode design = design();
        design.withArray("cloths").add(Api.cloth("a", "oat", "#ede4cc"));
        design.withArray("methods").addObject().put("units", "half-square").put("method", "nine-at-a-time");
        question.set("design", design);
        question.withArray("shelf")
                .add(Api.lines("a", "", "2 yd"))
                .add(Api.lines("a", "", "1 yd"))
                .add(Api.lines("b", "", "1 yd"));
        for (String path : List.of("/api/tally", "/api/plan")) {
            Answer answer = api.ask(HttpMethod.POST, path, question);
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.json().path("problems").findValuesAsString("why"))
                    .containsExactly(
                            "the fabric “a” is there twice",
                            "the design has no fabric “b”",
                            "there is no method “nine-at-a-time”");
        }
    }

    /** A chain joins many cloths: all its squares are named, and each counts for its own cloth. */
    @Test
    void aChainCountsTheSquaresOfEveryCloth() {
        ObjectNode design = design();
        design.withArray("cloths").add(Api.cloth("a", "oat", "#ede4cc")).add(Api.cloth("b", "ink", "#22374f"));
        Api.dress(design, "a", "b");
        design.withArray("methods").addObject().put("units", "half-square").put("method", "closed-ring");
        JsonNode tally = api.ask(
                        HttpMethod.POST, "/api/tally", JSON.createObjectNode().set("design", design))
                .json();
        JsonNode ring = tally.path("sets").path(0);
        assertThat(ring.path("sewn").asString()).as(tally.toString()).isEqualTo("1 ring");
        long units = tally.path("totals").path("units").asLong();
        assertThat(ring.path("cloths").size()).isEqualTo(Math.min(units, 40));
        assertThat(tally.path("groups").path(0).path("ways").findValuesAsString("key"))
                .contains("two-at-a-time", "open-chain", "closed-ring");
    }

    @Test
    void anUnknownAddressIsAPageWithTheWayHomeAndAnUnknownQuestionIsJson() {
        for (String path : List.of("/", "/start", "/quilts", "/cloth", "/words", "/yields", "/yields/chart")) {
            int status = client.get()
                    .uri(path)
                    .exchange((request, response) -> response.getStatusCode().value());
            assertThat(status).as(path).isEqualTo(200);
        }
        for (String path : List.of("/nowhere", "/quilts/a/b/c", "/yields/chart/more", "/a/b")) {
            String page = client.get()
                    .uri(path)
                    .exchange(
                            (request, response) -> "" + response.getStatusCode().value() + " "
                                    + response.getHeaders().getContentType());
            assertThat(page).as(path).startsWith("404 text/html");
        }
        assertThat(api.ask("/api/nowhere").status()).isEqualTo(404);
        assertThat(api.ask("/api/nowhere").json().path("title").asString()).isNotBlank();
        int asset = client.get()
                .uri("/assets/none.js")
                .exchange((request, response) -> response.getStatusCode().value());
        assertThat(asset).isEqualTo(404);
    }
}

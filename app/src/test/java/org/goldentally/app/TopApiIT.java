package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The top over HTTP: its picture, counts and problems, its drawings, and the shelf of blocks. */
@ExtendWith(RunningApplication.class)
class TopApiIT {

    private static final JsonMapper JSON = new JsonMapper();

    private final Api api;
    private ObjectNode quilt;
    private ObjectNode design;

    TopApiIT(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aQuiltOfPinwheels() {
        quilt = (ObjectNode) api.post("/api/quilts", "{\"name\":\"A <b>bold</b> throw\",\"system\":\"INCH\"}");
        design = (ObjectNode) quilt.path("design");
        design.putArray("cloths")
                .add(Api.cloth("a", "oat & flax", "#efe6d0"))
                .add(Api.cloth("b", "<script>alert(1)</script>", "#22384d"));
        Api.dress(design, "b", "a");
    }

    @Test
    void theStatelessAnswerIsTheOneOnTheScreen() {
        JsonNode sent = api.post("/api/top", design.toString());
        ObjectNode body = JSON.createObjectNode();
        body.put("version", 0).put("name", "Throw").put("sameStep", false).set("design", design);
        api.client()
                .put()
                .uri("/api/quilts/" + quilt.path("id").asString())
                .contentType(MediaType.APPLICATION_JSON)
                .body(body.toString())
                .retrieve()
                .toBodilessEntity();
        assertThat(api.get("/api/quilts/" + quilt.path("id").asString() + "/top"))
                .isEqualTo(sent);
        assertThat(sent.path("sizes").path(2).path("finishedWidth").asString()).isEqualTo("32");
        assertThat(sent.path("count").path("units").asInt()).isEqualTo(80);
        assertThat(sent.path("count").path("trianglesInUnits").asInt()).isEqualTo(160);
        assertThat(sent.path("count").path("rows").path(0).path("parts")).hasSize(20);
        assertThat(sent.path("picture").path("shapes")).hasSize(1);
        assertThat(sent.path("picture").path("parts")).hasSize(20);
        assertThat(sent.path("finishing").path("behind").asString()).isEqualTo("40 × 48");
    }

    /** A guessed colour is called neither light nor dark, until the quilter says how light it is. */
    @Test
    void theValueOfAGuessedColourIsNotSaid() {
        ObjectNode guessed = (ObjectNode) design.path("cloths").path(1);
        guessed.put("guessed", true);
        assertThat(api.post("/api/top", design.toString()).path("cloths").findValuesAsString("word"))
                .containsExactly("light", "colour only guessed");
        guessed.put("lightness", "20");
        assertThat(api.post("/api/top", design.toString()).path("cloths").findValuesAsString("word"))
                .containsExactly("light", "dark");
    }

    @Test
    void problemsNameTheirPartOfThePicture() {
        ((ObjectNode) design.path("setting")).putArray("blocks").add("gone");
        JsonNode top = api.post("/api/top", design.toString());
        Set<String> parts = new HashSet<>();
        top.path("picture")
                .path("parts")
                .forEach(part -> parts.add(part.path("id").asString()));
        List<String> named = new ArrayList<>();
        top.path("problems").forEach(problem -> named.add(problem.path("partId").asString()));
        assertThat(parts).containsAll(named);
        assertThat(named).hasSize(20);
        assertThat(top.path("problems").path(0).path("why").asString()).isEqualTo("no block stands here");
        assertThat(top.path("count").path("blank").asString()).isEqualTo("1280 sq in");
    }

    @Test
    void layoutsNearAWantedSizeAreOffered() {
        ObjectNode wanted = JSON.createObjectNode();
        wanted.set("design", design);
        JsonNode layouts = api.post(
                "/api/top/near", wanted.put("width", "40").put("height", "48").toString());
        assertThat(layouts.path(0).path("across").asInt()).isEqualTo(5);
        assertThat(layouts.path(0).path("exact").asBoolean()).isTrue();
        JsonNode refused = api.post("/api/top/near", wanted.put("width", "wide").toString());
        assertThat(refused.path("problems").path(0).path("where").asString()).isEqualTo("Wanted width");
    }

    @Test
    void drawingsAreSvgOfTrueSizeInWhichNamesDoNoHarm() throws Exception {
        ObjectNode body = JSON.createObjectNode();
        body.put("version", 0)
                .put("name", quilt.path("name").asString())
                .put("sameStep", false)
                .set("design", design);
        api.client()
                .put()
                .uri("/api/quilts/" + quilt.path("id").asString())
                .contentType(MediaType.APPLICATION_JSON)
                .body(body.toString())
                .retrieve()
                .toBodilessEntity();
        String address = "/api/quilts/" + quilt.path("id").asString();
        for (String drawing : List.of("/top.svg", "/blocks/pinwheel.svg")) {
            ResponseEntity<String> answer =
                    api.client().get().uri(address + drawing).retrieve().toEntity(String.class);
            assertThat(answer.getHeaders().getContentType()).hasToString("image/svg+xml");
            Document svg = DocumentBuilderFactory.newDefaultInstance()
                    .newDocumentBuilder()
                    .parse(new InputSource(new StringReader(answer.getBody())));
            assertThat(svg.getElementsByTagName("script").getLength()).isZero();
            boolean top = drawing.startsWith("/top");
            assertThat(svg.getDocumentElement().getAttribute("width")).isEqualTo(top ? "32in" : "8in");
            assertThat(svg.getElementsByTagName("polygon").getLength()).isEqualTo(top ? 160 : 8);
            assertThat(answer.getBody()).contains("&lt;script&gt;");
        }
        assertThat(api.client()
                        .get()
                        .uri(address + "/blocks/none.svg")
                        .retrieve()
                        .toEntity(String.class)
                        .getStatusCode()
                        .value())
                .isEqualTo(404);
    }

    @Test
    void ownBlocksAreKeptReplacedAndForgotten() {
        ObjectNode block = (ObjectNode) design.path("blocks").path(0).deepCopy();
        block.put("name", "Tin roof");
        String body = "{\"blocks\":[" + block + "]}";
        String id = api.post("/api/blocks/own", body).path("ownId").asString();
        assertThat(api.post("/api/blocks/own", body).path("ownId").asString()).isEqualTo(id);
        List<JsonNode> own = new ArrayList<>();
        api.get("/api/blocks/own").forEach(kept -> {
            if (kept.path("name").asString().equals("Tin roof")) {
                own.add(kept.path("blocks").path(0));
            }
        });
        assertThat(own).containsExactly(block);
        block.put("name", " ");
        assertThat(api.post("/api/blocks/own", "{\"blocks\":[" + block + "]}")
                        .path("problems")
                        .path(0)
                        .path("fix")
                        .asString())
                .isEqualTo("type a name for it first");
        api.client().delete().uri("/api/blocks/own/" + id).retrieve().toBodilessEntity();
        assertThat(api.get("/api/blocks/own").findValuesAsString("ownId")).doesNotContain(id);
        assertThat(api.get("/api/blocks/own/forgotten").findValuesAsString("ownId"))
                .contains(id);
        api.post("/api/blocks/own/" + id + "/bring-back", "");
        assertThat(api.get("/api/blocks/own").findValuesAsString("ownId")).contains(id);
        api.client().delete().uri("/api/blocks/own/" + id).retrieve().toBodilessEntity();
        String other = api.post("/api/blocks/own", body).path("ownId").asString();
        assertThat(other).isNotEqualTo(id);
        Api.Answer taken = api.ask(HttpMethod.POST, "/api/blocks/own/" + id + "/bring-back", "");
        assertThat(taken.status()).isEqualTo(422);
        assertThat(taken.json().toString()).contains("another block of this name is kept by now");
        api.client().delete().uri("/api/blocks/own/" + other).retrieve().toBodilessEntity();
    }

    @Test
    void theShelfOfBlocksIsSearched() {
        assertThat(api.get("/api/blocks")).hasSizeGreaterThanOrEqualTo(30);
        JsonNode found = api.get("/api/blocks?find=star+within");
        assertThat(found).hasSize(1);
        assertThat(found.path(0).path("blocks")).hasSize(2);
        assertThat(api.get("/api/blocks/units")).hasSize(9);
    }

    @Test
    void theTallyOfADocumentAndAShelfAddsUpForEveryCloth() {
        ObjectNode question = JSON.createObjectNode();
        question.set("design", design);
        question.putArray("shelf")
                .add(Api.lines("a", "", "1 yd 42 wide"))
                .add(Api.lines("b", "", "6 squares 10 in", "1 fat quarter"));
        JsonNode tally = api.post("/api/tally", question.toString());
        assertThat(tally.path("totals").path("units").asInt()).isEqualTo(80);
        JsonNode group = tally.path("groups").path(0);
        List<String> ways = new ArrayList<>();
        group.path("ways").forEach(way -> ways.add(way.path("key").asString() + " " + way.path("sets")));
        assertThat(ways).contains("two-at-a-time 40", "four-at-a-time 20", "eight-at-a-time 10");
        JsonNode dark = tally.path("cloths").path(1);
        assertThat(dark.path("workings").path(0).path("how").asString())
                .contains("taken = ")
                .contains("trimmed away");
        double bands = 0;
        for (JsonNode band : dark.path("bands")) {
            bands += band.path("percent").asDouble();
        }
        assertThat(bands).isCloseTo(100, org.assertj.core.data.Offset.offset(1e-6));

        ((ObjectNode) question.path("shelf").path(1))
                .putArray("lines")
                .add("10 in square")
                .add("lots");
        assertThat(api.post("/api/tally", question.toString())
                        .path("problems")
                        .path(0)
                        .path("where")
                        .asString())
                .isEqualTo("b, line 2");
    }
}

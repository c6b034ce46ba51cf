package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Quilt files: what goes out comes in again, and nothing hostile does. */
@ExtendWith(RunningApplication.class)
class QuiltFileIT {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int MUTATIONS = 150;

    private final RestClient client;
    private ObjectNode file = JSON.createObjectNode();

    QuiltFileIT(RestClient client) {
        this.client = client;
    }

    /** A quilt with cloth of the shelf and a log, as its file. */
    @BeforeEach
    void aFile() {
        String name = "filed " + letters();
        post(
                "/api/shelf/lines",
                JSON.createObjectNode().put("line", "3 fat quarters " + name).put("system", "INCH"));
        String cloth = "";
        for (JsonNode each : get("/api/shelf")) {
            cloth = each.path("name").asString().equals(name) ? each.path("id").asString() : cloth;
        }
        JsonNode stored = read(
                post("/api/quilts", JSON.createObjectNode().put("name", "Filed").put("system", "INCH")));
        ObjectNode design = (ObjectNode) stored.path("design");
        design.putArray("cloths")
                .addObject()
                .put("key", "a")
                .put("name", name)
                .put("colour", "#b5482f")
                .put("lightness", "")
                .put("background", false)
                .put("shelfCloth", cloth)
                .put("directional", false)
                .put("pack", "")
                .put("standsFor", "ITSELF");
        ObjectNode change = JSON.createObjectNode()
                .put("version", stored.path("version").asInt())
                .put("name", "Filed")
                .put("sameStep", false);
        change.set("design", design);
        String path = "/api/quilts/" + stored.path("id").asString();
        client.put()
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .body(change.toString())
                .retrieve()
                .toBodilessEntity();
        for (String kind : List.of("SET_MADE", "NOTE", "SET_MADE", "TAKE_BACK")) {
            post(
                    path + "/sew/log",
                    JSON.createObjectNode()
                            .put("id", UUID.randomUUID().toString())
                            .put("kind", kind)
                            .put("batch", "rows")
                            .put("hand", "")
                            .put("text", kind.equals("NOTE") ? "“½ in”, a note" : ""));
        }
        file = (ObjectNode) get(path + "/file");
    }

    @Test
    void whatGoesOutComesInAgainWithNothingLost() {
        assertThat(file.path("log")).hasSize(4);
        assertThat(file.path("shelf")
                        .path(0)
                        .path("pieces")
                        .path(0)
                        .path("width")
                        .asString())
                .isEqualTo("20 in");
        ResponseEntity<String> answer = post("/api/quilt-file", file);
        assertThat(answer.getStatusCode().value()).isEqualTo(201);
        String again = "/api/quilts/" + read(answer).path("id").asString();
        assertThat(get(again + "/file")).isEqualTo(file);
        assertThat(get(again + "/sew").path("batches").toString()).contains("\"setsMade\":1");
    }

    /** On a shelf that knows nothing of it, its cloth comes along. */
    @Test
    void clothThatTheShelfDoesNotKnowComesAlong() {
        String name = "new " + letters();
        ((ObjectNode) file.path("shelf").path(0)).put("name", name);
        ((ObjectNode) file.path("design").path("cloths").path(0)).put("name", name);
        String again =
                "/api/quilts/" + read(post("/api/quilt-file", file)).path("id").asString();
        assertThat(get(again + "/file")).isEqualTo(file);
        assertThat(get("/api/shelf").toString()).contains("3 fat quarters, 20 × 18 in – " + name);
        int lines = get("/api/shelf").toString().split(name, -1).length;
        post("/api/quilt-file", file);
        assertThat(get("/api/shelf").toString().split(name, -1)).as("not twice").hasSize(lines);
    }

    /** By a general validator of JSON Schema. */
    @Test
    void filesAreAsTheirSchemaSays() {
        String text = client.get().uri("/api/quilt-file/schema").retrieve().body(String.class);
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(text, InputFormat.JSON);
        assertThat(schema.validate(file.toString(), InputFormat.JSON)).isEmpty();
        ObjectNode wrong = file.deepCopy();
        wrong.put("goldenTallyQuilt", 7);
        assertThat(schema.validate(wrong.toString(), InputFormat.JSON)).isNotEmpty();
        wrong = file.deepCopy();
        ((ObjectNode) wrong.path("design")).remove("blocks");
        assertThat(schema.validate(wrong.toString(), InputFormat.JSON)).isNotEmpty();
        wrong = file.deepCopy();
        ((ObjectNode) wrong.path("log").path(0)).put("surprise", 1);
        assertThat(schema.validate(wrong.toString(), InputFormat.JSON)).isNotEmpty();
    }

    @Test
    void aFileFromAnOlderVersionIsBroughtUpToDate() {
        ObjectNode older = file.deepCopy();
        ObjectNode design = (ObjectNode) older.path("design");
        design.put("format", 2);
        design.remove("plan");
        ((ObjectNode) design.path("finishing")).remove("scrappyBinding");
        design.path("cloths")
                .forEach(cloth -> ((ObjectNode) cloth).remove(List.of("directional", "pack", "standsFor")));
        String again =
                "/api/quilts/" + read(post("/api/quilt-file", older)).path("id").asString();
        assertThat(get(again + "/file")).isEqualTo(file);
    }

    @Test
    void whatIsHostileIsRefusedWithItsPlaceAndChangesNothing() {
        int quilts = get("/api/quilts").size();
        refused(changed("goldenTallyQuilt", 99), "files of version 99 are not known here");
        refused(changed("log", "none"), "\"log\"");
        ObjectNode design = file.deepCopy();
        ((ObjectNode) design.path("design")).put("format", 14);
        refused(design.toString(), "format 14 are not known here");
        ObjectNode type = file.deepCopy();
        ((ObjectNode) type.path("design").path("setting")).put("across", "many");
        refused(type.toString(), "design.setting.across");
        ObjectNode entry = file.deepCopy();
        ((ObjectNode) entry.path("log").path(1)).put("id", "not-a-name");
        refused(entry.toString(), "log[1]");
        ObjectNode piece = file.deepCopy();
        ((ObjectNode) piece.path("shelf").path(0).path("pieces").path(0)).put("width", "-4 in");
        refused(piece.toString(), "shelf[0].pieces[0].width");
        refused("[".repeat(5_000), "nested too deep");
        refused("{\"goldenTallyQuilt\":1,", "line 1");
        refused("", "Quilt file");
        refused("null", "it is no quilt file");
        refused(file.toString().replace("\"name\"", "\"name\":\"a\",\"name\""), "Quilt file");
        assertThat(get("/api/quilts")).hasSize(quilts);
    }

    @Test
    void aFileFarTooLargeIsRefused() {
        byte[] large = "[1,2,3,4,5,6,7]    ".repeat(2_800_000).getBytes(StandardCharsets.UTF_8);
        assertThat(large).hasSizeGreaterThan(50_000_000);
        ResponseEntity<String> answer = client.post()
                .uri("/api/quilt-file")
                .contentType(MediaType.APPLICATION_JSON)
                .body(large)
                .retrieve()
                .toEntity(String.class);
        assertThat(answer.getStatusCode().value()).isEqualTo(413);
        assertThat(answer.getBody()).contains("it is larger than 8 MB");
    }

    /** What no letter is, is left out where text enters; what only looks like a program is a name like any other. */
    @Test
    void strangeNamesComeInCleanedAndGoOutAndInAgain() {
        ObjectNode strange = file.deepCopy();
        strange.put("name", "<b>\u202eRows & \u0000\"rows\"\r\nforged: line\ufffe");
        ((ObjectNode) strange.path("design").path("blocks").path(0)).put("name", "a\u0000\u001b<b");
        JsonNode quilt = read(post("/api/quilt-file", strange));
        assertThat(quilt.path("name").asString()).isEqualTo("<b>Rows & \"rows\"  forged: line");
        assertThat(quilt.path("design").path("blocks").path(0).path("name").asString())
                .isEqualTo("a<b");
        String path = "/api/quilts/" + quilt.path("id").asString();
        JsonNode again = read(post("/api/quilt-file", (ObjectNode) get(path + "/file")));
        assertThat(again.path("name")).isEqualTo(quilt.path("name"));
        String svg = client.get().uri(path + "/top.svg").retrieve().body(String.class);
        assertThatCode(() -> DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8))))
                .doesNotThrowAnyException();
    }

    /** Letters changed, cut out and doubled at random: a clear answer each time, never a fault of ours. */
    @Test
    void damagedFilesGetAClearAnswer() {
        Random chance = new Random(20_261_123);
        String whole = file.toString();
        int refused = 0;
        for (int n = 0; n < MUTATIONS; n++) {
            int quilts = get("/api/quilts").size();
            ResponseEntity<String> answer = client.post()
                    .uri("/api/quilt-file")
                    .contentType(MediaType.APPLICATION_JSON)
                    .body(damaged(whole, chance))
                    .retrieve()
                    .toEntity(String.class);
            assertThat(answer.getStatusCode().value()).isIn(201, 400, 422);
            if (answer.getStatusCode().value() != 201) {
                refused++;
                assertThat(read(answer).path("problems").path(0).path("where").asString())
                        .isNotEmpty();
                assertThat(get("/api/quilts")).hasSize(quilts);
            }
        }
        assertThat(refused).isGreaterThan(MUTATIONS / 3);
    }

    /** A name of its own, without figures, which a line of the shelf would take for sizes. */
    private static String letters() {
        StringBuilder letters = new StringBuilder();
        UUID.randomUUID().toString().chars().map(sign -> 'a' + sign % 26).forEach(sign -> letters.append((char) sign));
        return letters.toString();
    }

    private static String damaged(String whole, Random chance) {
        StringBuilder text = new StringBuilder(whole);
        int at = chance.nextInt(text.length());
        switch (chance.nextInt(4)) {
            case 0 -> text.setCharAt(at, (char) chance.nextInt(32, 127));
            case 1 -> text.delete(at, Math.min(text.length(), at + 1 + chance.nextInt(40)));
            case 2 -> text.insert(at, text.substring(at, Math.min(text.length(), at + 1 + chance.nextInt(40))));
            default -> text.setLength(at);
        }
        return text.toString();
    }

    private String changed(String field, Object value) {
        ObjectNode changed = file.deepCopy();
        changed.set(field, JSON.valueToTree(value));
        return changed.toString();
    }

    private void refused(String body, String... said) {
        ResponseEntity<String> answer = client.post()
                .uri("/api/quilt-file")
                .contentType(MediaType.APPLICATION_JSON)
                .body(body)
                .retrieve()
                .toEntity(String.class);
        assertThat(answer.getStatusCode().value()).as(answer.getBody()).isEqualTo(422);
        assertThat(answer.getBody()).contains(said);
    }

    private ResponseEntity<String> post(String path, JsonNode body) {
        return client.post()
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .body(body.toString())
                .retrieve()
                .toEntity(String.class);
    }

    private static JsonNode read(ResponseEntity<String> answer) {
        return JSON.readTree(answer.getBody());
    }

    private JsonNode get(String path) {
        return JSON.readTree(
                client.get().uri(path).retrieve().toEntity(String.class).getBody());
    }
}

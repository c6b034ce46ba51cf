package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The bench over HTTP: batches, cards and the log. */
@ExtendWith(RunningApplication.class)
class SewApiIT {

    private static final JsonMapper JSON = new JsonMapper();

    private final Api api;
    private String quilt = "";
    private String units = "";

    SewApiIT(Api api) {
        this.api = api;
    }

    /** Twenty pinwheels of 8 in, marigold on chalk, eight at a time. */
    @BeforeEach
    void aQuilt() {
        JsonNode stored = api.post("/api/quilts", Map.of("name", "At the bench", "system", "INCH"));
        quilt = "/api/quilts/" + stored.path("id").asString();
        ObjectNode design = (ObjectNode) stored.path("design");
        design.putArray("cloths").add(Api.cloth("a", "chalk", "#f3f0e6")).add(Api.cloth("b", "marigold", "#efa91c"));
        Api.dress(design, "a", "b");
        design.putArray("methods").addObject().put("units", "half-square").put("method", "eight-at-a-time");
        keep(stored, design);
        units = api.get(quilt + "/sew").path("batches").path(0).path("key").asString();
    }

    private void keep(JsonNode stored, ObjectNode design) {
        ObjectNode change = JSON.createObjectNode()
                .put("version", stored.path("version").asInt())
                .put("name", "At the bench")
                .put("sameStep", false);
        change.set("design", design);
        api.put(quilt, change);
    }

    @Test
    void aTapCountsOnceHoweverOftenItIsSent() {
        UUID id = UUID.randomUUID();
        for (int n = 0; n < 3; n++) {
            write(id, "SET_MADE", units, "", "");
        }
        UUID spoiled = UUID.randomUUID();
        write(spoiled, "UNIT_SPOILED", units, "", "");
        JsonNode sew = api.get(quilt + "/sew");
        assertThat(sew.path("known")).extracting(JsonNode::asString).containsExactly(id.toString(), spoiled.toString());
        JsonNode batch = sew.path("batches").path(0);
        assertThat(batch.path("setsMade").asInt()).isEqualTo(1);
        assertThat(batch.path("good").asInt()).isEqualTo(7);
        assertThat(batch.path("setsLeft").asInt()).isEqualTo(10);
        assertThat(batch.path("beyondPlan").asInt()).isEqualTo(1);
    }

    /** 80 units are wanted, 10 pairs of eight: nine typed at once, three units of them no good, are one line of the log. */
    @Test
    void aTypedCountIsOneLineAndOneStepBack() {
        Map<String, Object> typed = new java.util.HashMap<>(
                Map.of("id", UUID.randomUUID(), "kind", "SET_MADE", "batch", units, "hand", "", "text", ""));
        typed.put("times", 9);
        typed.put("spoiled", 3);
        JsonNode card = api.post(quilt + "/sew/log", typed);
        assertThat(card.path("log").path(0).path("text").asString())
                .isEqualTo("9 sets made, 72 units, 3 of them spoiled");
        JsonNode batch = api.get(quilt + "/sew").path("batches").path(0);
        assertThat(batch.path("setsMade").asInt()).isEqualTo(9);
        assertThat(batch.path("good").asInt()).isEqualTo(69);
        assertThat(api.get(quilt + "/sew").path("pace").path("paces").toString())
                .doesNotContain("minutes");
        write(UUID.randomUUID(), "TAKE_BACK", units, "", "");
        assertThat(api.get(quilt + "/sew").path("batches").path(0).path("good").asInt())
                .isZero();
        typed.put("id", UUID.randomUUID());
        typed.put("times", 2_001);
        assertThat(api.ask(HttpMethod.POST, quilt + "/sew/log", JSON.valueToTree(typed))
                        .status())
                .isBetween(400, 422);
    }

    /** It waited an hour for an answer, and the one after it did not: they are an hour apart in the log. */
    @Test
    void aTapThatWaitedHasTheTimeAtWhichItWasTapped() {
        Map<String, Object> tap = new java.util.HashMap<>(
                Map.of("id", UUID.randomUUID(), "kind", "SET_MADE", "batch", units, "hand", "", "text", ""));
        tap.put("agoMillis", 3_600_000);
        api.post(quilt + "/sew/log", tap);
        write(UUID.randomUUID(), "SET_MADE", units, "", "");
        JsonNode log = api.get(quilt + "/sew/log");
        assertThat(java.time.Duration.between(
                        java.time.Instant.parse(log.path(0).path("at").asString()),
                        java.time.Instant.parse(log.path(1).path("at").asString())))
                .isGreaterThanOrEqualTo(java.time.Duration.ofHours(1));
        tap.put("agoMillis", -1);
        assertThat(api.ask(HttpMethod.POST, quilt + "/sew/log", JSON.valueToTree(tap))
                        .status())
                .isBetween(400, 422);
    }

    @Test
    void theLastTapIsTakenBackAndStaysInTheLog() {
        write(UUID.randomUUID(), "SET_MADE", units, "", "");
        write(UUID.randomUUID(), "NOTE", units, "", "new needle");
        write(UUID.randomUUID(), "SET_SPOILED", units, "", "");
        UUID back = UUID.randomUUID();
        write(back, "TAKE_BACK", units, "", "");
        JsonNode card = write(back, "TAKE_BACK", units, "", "");
        assertThat(api.get(quilt + "/sew")
                        .path("batches")
                        .path(0)
                        .path("setsMade")
                        .asInt())
                .isEqualTo(1);
        List<String> lines = new ArrayList<>();
        card.path("log")
                .forEach(line -> lines.add(
                        line.path("text").asString() + (line.path("takenBack").asBoolean() ? ", taken back" : "")));
        assertThat(lines).containsExactly("a whole set spoiled, taken back", "new needle", "one set made, 8 units");
        write(UUID.randomUUID(), "TAKE_BACK", units, "", "");
        JsonNode none = write(UUID.randomUUID(), "TAKE_BACK", units, "", "");
        assertThat(none.path("log")).hasSize(3);
        assertThat(api.get(quilt + "/sew/log")).hasSize(5);
    }

    @Test
    void theLogOnlyGrows() {
        write(UUID.randomUUID(), "SET_MADE", units, "", "");
        // Even by the owner of the tables; the application's own user may not try (EverythingIT).
        JdbcClient database = JdbcClient.create(
                RunningApplication.bean(Flyway.class).getConfiguration().getDataSource());
        assertThatThrownBy(() -> database.sql("update bench_log set units = 99").update())
                .hasMessageContaining("the bench log only grows");
        assertThatThrownBy(() -> database.sql("delete from bench_log").update())
                .hasMessageContaining("the bench log only grows");
    }

    /** Pinwheels nest inside; next to each other they take turns, and the rows say which is which. */
    @Test
    void blocksArePressedInTwoWaysSoThatNeighboursNest() {
        JsonNode batches = api.get(quilt + "/sew").path("batches");
        JsonNode block = card(batches.path(1).path("key").asString());
        List<String> names = new ArrayList<>();
        block.path("layouts").forEach(layout -> names.add(layout.path("name").asString()));
        assertThat(names).containsExactly("Pinwheel, pressed in way A", "Pinwheel, pressed in way B");
        assertThat(block.path("layouts").path(0).path("notes").toString())
                .contains("Way A, 10 blocks: ", " in the picture of the rows.");
        List<String> presses = new ArrayList<>();
        block.path("layouts").path(0).path("presses").forEach(press -> presses.add(press.asString()));
        assertThat(presses).hasSize(3);
        assertThat(presses.get(0)).matches("between 1 and 2 towards [12]");
        assertThat(presses.get(1))
                .startsWith("between 3 and 4 towards ")
                .isNotEqualTo(presses.get(0).replace('1', '3').replace('2', '4'));
        assertThat(presses.get(2)).matches("between 2 and 4 towards [24]");
        assertThat(block.path("layouts").path(1).path("notes").toString())
                .containsPattern("Otherwise than in way A: between 2 and 4 towards [24]\\.");
        JsonNode rows = card("rows").path("layouts").path(0);
        List<String> letters = new ArrayList<>();
        rows.path("pieces").forEach(piece -> letters.add(piece.path("way").asString()));
        assertThat(letters).hasSize(20);
        for (int i = 0; i + 1 < letters.size(); i++) {
            if (i % 4 < 3) {
                assertThat(letters.get(i)).isNotEqualTo(letters.get(i + 1));
            }
        }
        assertThat(rows.path("patches")).hasSize(20 * 8);
    }

    @Test
    void aCardHasStepsSizesAndWhereTheUnitSits() {
        JsonNode card = card(units);
        List<String> steps = new ArrayList<>();
        card.path("steps").forEach(step -> steps.add(step.path("title").asString()));
        assertThat(steps).startsWith("Pair", "Mark", "Stitch").endsWith("Press", "Trim");
        assertThat(card.path("checks").path(1).path("size").asString()).isEqualTo("4 1/2 × 4 1/2 in");
        assertThat(card.path("litPieces")).hasSize(4);
        assertThat(card.path("layouts").path(0).path("joins").toString())
                .contains("Row 1: 1 + 2", "8 1/2 × 8 1/2 in unfinished");
        assertThat(card.path("left").path(0).asString()).isEqualTo("Left to do: 10 pairs, 80 units.");
        // The lighter cloth is drawn on top: chalk, the first of the quilt's cloths.
        JsonNode upper = null;
        for (JsonNode shape : card.path("steps").path(0).path("shapes")) {
            upper = shape.path("layer").asInt() > 0 ? shape : upper;
        }
        int role = "ABCD".indexOf(upper.path("cloth").asString());
        assertThat(card.path("roles").path(role).asInt()).isZero();
        assertThat(api.get(quilt + "/sew/card?batch=none").path("status").asInt())
                .isEqualTo(404);
    }

    /**
     * Eight at a time leaves straight edges; four at a time, sewn round the edge and cut across, leaves bias ones, and so
     * does a strip tube; loose triangles are sewn along the bias.
     */
    @ParameterizedTest
    @ValueSource(strings = {"four-at-a-time", "strip-tube", "loose-triangles"})
    void aCardSaysHowToHandleBiasWhereThereIsSome(String method) {
        assertThat(card(units).path("handling").asString()).isEmpty();
        JsonNode stored = api.get(quilt);
        ObjectNode design = (ObjectNode) stored.path("design");
        ((ObjectNode) design.path("methods").path(0)).put("method", method);
        keep(stored, design);
        assertThat(card(units).path("handling").asString()).contains("on the bias and stretch", "without steam");
    }

    @Test
    void aFirstUnitMeasuredSaysWhetherToGoOn() {
        JsonNode good = api.post(quilt + "/sew/first-unit", Map.of("batch", units, "measured", "4 3/4"));
        assertThat(good.path("goOn").asBoolean()).isTrue();
        JsonNode small = api.post(quilt + "/sew/first-unit", Map.of("batch", units, "measured", "4 3/8"));
        assertThat(small.path("goOn").asBoolean()).isFalse();
        assertThat(small.path("advice").asString()).contains("Too small to trim");
        JsonNode words = api.post(quilt + "/sew/first-unit", Map.of("batch", units, "measured", "nearly"));
        assertThat(words.path("problems").path(0).path("where").asString()).isEqualTo("First unit, measured");
    }

    @Test
    void hoursAndDaysThatMakeNoSenseAreRefused() {
        assertThat(api.get(quilt + "/sew?hoursAWeek=999")
                        .path("problems")
                        .path(0)
                        .path("where")
                        .asString())
                .isEqualTo("Hours a week");
        assertThat(api.get(quilt + "/sew?by=soon").path("status").asInt()).isEqualTo(400);
        assertThat(api.get(quilt + "/sew?hoursAWeek=5&by=2030-01-01")
                        .path("pace")
                        .path("rest")
                        .asString())
                .startsWith("No pace yet");
    }

    /** Pinwheels of 8 in, four by five: 32 by 40 in finished; the first border of 3 in makes it 38 by 46 in. */
    @Test
    void aBorderIsTrimmedToTheTopAsItIsByThen() {
        JsonNode stored = api.get(quilt);
        ObjectNode design = (ObjectNode) stored.path("design");
        design.putArray("borders");
        for (String kind : List.of("PLAIN", "PLAIN")) {
            ObjectNode border = design.withArray("borders").addObject();
            border.put("kind", kind)
                    .put("width", "3")
                    .put("cloth", "b")
                    .put("unitLength", "")
                    .put("join", "STRAIGHT");
            border.put("mirrorAtMiddle", false).put("corners", "BUTTED").putArray("units");
            border.putArray("corner");
        }
        keep(stored, design);
        assertThat(card("border 1").path("checks").toString())
                .contains("32 1/2 × 40 1/2 in unfinished expected", "3 1/2 × 41 1/2 to 40 1/2 in");
        assertThat(card("border 2").path("checks").toString()).contains("38 1/2 × 46 1/2 in unfinished expected");
    }

    @Test
    void theBookletHasEverythingWithPageNumbersAndTheQuiltsName() throws IOException {
        byte[] bytes = api.client().get().uri(quilt + "/booklet.pdf").retrieve().body(byte[].class);
        try (PDDocument document = Loader.loadPDF(bytes)) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains(
                            "Shopping list",
                            "Cut chalk and marigold, each like this",
                            "Pinwheel: 20",
                            "Half-square triangle".toLowerCase())
                    .contains(
                            "Rows of the top",
                            "edges even.",
                            "Press: between",
                            "At the bench – page 1 of " + document.getNumberOfPages())
                    .doesNotContain("Drawn:");
        }
    }

    @Test
    void whateverHappensAtTheBenchIsSaidInTheLog() {
        assertThat(write(UUID.randomUUID(), "NOTE", units, "", " ")
                        .path("problems")
                        .path(0)
                        .path("where")
                        .asString())
                .isEqualTo("Note");
        write(UUID.randomUUID(), "MEASURE", units, "", "4 5/8");
        write(UUID.randomUUID(), "UNIT_SPOILED", units, "left", "");
        write(UUID.randomUUID(), "UNIT_SPOILED", units, "", "");
        JsonNode log = write(UUID.randomUUID(), "SET_MADE", units, "", "").path("log");
        List<String> lines = new ArrayList<>();
        log.forEach(line -> lines.add(line.path("text").asString()));
        assertThat(lines)
                .containsExactly(
                        "one set made, 8 units", "one unit spoiled", "one left-hand unit spoiled", "measured 4 5/8");
        String block =
                api.get(quilt + "/sew").path("batches").path(1).path("key").asString();
        assertThat(write(UUID.randomUUID(), "SET_MADE", block, "", "")
                        .path("log")
                        .path(0)
                        .path("text")
                        .asString())
                .isEqualTo("one made");
    }

    @Test
    void whatIsMadeBeyondNeedIsSpareAndTapsOfBeforeStayKnown() {
        for (int i = 0; i < 10; i++) {
            write(UUID.randomUUID(), "SET_MADE", units, "", "");
        }
        assertThat(card(units).path("left").path(0).asString()).isEqualTo("All 80 are made.");
        write(UUID.randomUUID(), "SET_MADE", units, "", "");
        assertThat(card(units).path("left").path(0).asString()).isEqualTo("All 80 are made, and 8 spare.");
        assertThat(api.get(quilt + "/sew").path("tapsElsewhere").asInt()).isZero();
        assertThat(api.get(quilt + "/sew?asOf=2020-01-01T00:00:00Z")
                        .path("batches")
                        .path(0)
                        .path("setsMade")
                        .asInt())
                .isZero();
        JsonNode stored = api.get(quilt);
        ObjectNode design = (ObjectNode) stored.path("design");
        Api.dress(design, "b", "b");
        keep(stored, design);
        assertThat(api.get(quilt + "/sew").path("tapsElsewhere").asInt()).isEqualTo(11);
    }

    /** Squares of one cloth that is there and one that is not, joined in chains; seams pressed open have two heads. */
    @Test
    void chainsAreLaidOutInOrderOnTheScreenAndOnPaper() throws IOException {
        JsonNode stored = api.get(quilt);
        ObjectNode design = (ObjectNode) stored.path("design");
        ((ObjectNode) design.path("methods").path(0)).put("method", "open-chain");
        ((ObjectNode) design.path("plan")).put("pressing", "OPEN");
        Api.dress(design, "a", "gone");
        keep(stored, design);
        JsonNode batches = api.get(quilt + "/sew").path("batches");
        assertThat(batches.path(0).path("title").asString()).startsWith("chain 1 of");
        JsonNode card = card(batches.path(0).path("key").asString());
        assertThat(card.path("chain")).extracting(JsonNode::asInt).startsWith(0, -1, 0, -1);
        assertThat(card.path("steps").path(0).path("text").asString()).doesNotContain("joins the first");
        JsonNode block =
                card("block BLOCK " + design.path("blocks").path(0).path("key").asString());
        List<String> directions = new ArrayList<>();
        block.path("layouts")
                .path(0)
                .path("seams")
                .forEach(seam -> directions.add(seam.path("direction").asString()));
        assertThat(directions).isNotEmpty().containsOnly("OPEN");
        byte[] bytes = api.client().get().uri(quilt + "/booklet.pdf").retrieve().body(byte[].class);
        try (PDDocument document = Loader.loadPDF(bytes)) {
            assertThat(new PDFTextStripper().getText(document).replaceAll("\\s+", " "))
                    .contains("Lay the squares in this order", "1 chalk", "2 not dressed");
        }
    }

    /** Hourglasses are crossed of halves, which are counted as halves. */
    @Test
    void halvesAreCountedAsHalves() {
        quilt = "/api/quilts/"
                + api.post("/api/our-quilts/lantern-street/take", "").path("id").asString();
        List<String> left = new ArrayList<>();
        for (JsonNode batch : api.get(quilt + "/sew").path("batches")) {
            if (batch.path("kind").asString().equals("HALVES")) {
                left.add(card(batch.path("key").asString()).path("left").path(0).asString());
            }
        }
        assertThat(left).contains("Left to do: 18 pairs, 36 halves.", "Left to do: 1 half.");
    }

    private JsonNode write(UUID id, String kind, String batch, String hand, String text) {
        return api.post(
                quilt + "/sew/log",
                Map.of("id", id.toString(), "kind", kind, "batch", batch, "hand", hand, "text", text));
    }

    private JsonNode card(String batch) {
        return JSON.readTree(api.client()
                .get()
                .uri(builder -> builder.path(quilt + "/sew/card")
                        .queryParam("batch", "{batch}")
                        .build(batch))
                .retrieve()
                .body(String.class));
    }
}

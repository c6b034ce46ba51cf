package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is cut leaves the shelf and stays with its quilt; what a quilt keeps no other one counts on. */
@ExtendWith(RunningApplication.class)
class PutAwayIT {

    private static int names;

    private final Api api;
    private final String ink = "put away ink " + ++names;
    private final String oat = "put away oat " + names;

    PutAwayIT(Api api) {
        this.api = api;
    }

    @Test
    void whatIsCutGoesToTheQuiltAndTheRestBackOnTheShelf() throws IOException {
        shelfLine("2 yd " + ink + " 42 wide");
        String quilt = quilt("Put away", 2, 3);
        double before = area(ink);
        assertThat(sheet(quilt, oat).path("pieces").path(0).path("toBuy").asBoolean())
                .isTrue();
        tickAll(quilt);
        putAway(quilt, "[]");

        for (String fabric : List.of(ink, oat)) {
            assertThat(sheet(quilt, fabric).path("pieces")).isEmpty();
            assertThat(sheet(quilt, fabric).path("already")).isNotEmpty();
        }
        try (PDDocument sheets = Loader.loadPDF(
                api.client().get().uri(quilt + "/cut.pdf").retrieve().body(byte[].class))) {
            assertThat(new PDFTextStripper().getText(sheets).replaceAll("\\s+", " "))
                    .contains("Cut and put away: ")
                    .doesNotContain("square up the end");
        }
        assertThat(api.get(quilt + "/cut").path("before")).isEmpty();
        assertThat(api.get(quilt + "/cut").path("spare")).isEmpty();
        for (JsonNode account : api.get(quilt + "/tally").path("cloths")) {
            assertThat(account.path("enough").asBoolean()).isTrue();
        }
        // Half a yard at most is trimmed away; the rest is there, cut or not (our own figure, for this quilt).
        assertThat(area(ink)).isLessThan(before).isGreaterThan(before - 42 * 18);
        assertThat(lines(ink)).anyMatch(line -> line.path("kept").asString().startsWith("cut for Put away"));
        assertThat(lines(oat)).as("what was bought came to the shelf").isNotEmpty();
        for (String fabric : List.of(ink, oat)) {
            JsonNode year = row(fabric);
            assertThat(year.path("left").asDouble())
                    .as("what is not cut, in yards 40 in wide")
                    .isCloseTo(area(fabric, false) / (36 * 40), within(0.05));
            assertThat(year.path("cut").asDouble()).isPositive();
        }
        assertThat(row(ink).path("came").asDouble()).as("2 yd 42 in wide").isEqualTo(2.1);
        JsonNode glance = api.get(quilt + "/glance");
        assertThat(glance.path("cut").asInt())
                .isEqualTo(glance.path("cutSteps").asInt())
                .isPositive();
    }

    @Test
    void takenBackTheFabricIsWholeAndTheTicksStandAgain() {
        shelfLine("2 yd " + ink + " 42 wide");
        shelfLine("2 yd " + oat + " 42 wide");
        String quilt = quilt("Taken back", 2, 2);
        List<String> shelf = said(ink);
        tickAll(quilt);
        int steps = api.get(quilt + "/cut").path("done").asInt();
        putAway(quilt, "[]");
        long act = api.get(quilt + "/cut").path("lastPutAway").path("act").asLong();
        assertThat(said(ink)).isNotEqualTo(shelf);
        api.post("/api/shelf/acts/" + act + "/take-out", "");
        assertThat(said(ink)).isEqualTo(shelf);
        assertThat(api.get(quilt + "/cut").path("done").asInt()).isEqualTo(steps);
        // And by the shelf's own undo and redo.
        putAway(quilt, "[]");
        api.post("/api/shelf/undo", "");
        assertThat(said(ink)).isEqualTo(shelf);
        assertThat(api.get(quilt + "/cut").path("done").asInt()).isEqualTo(steps);
        api.post("/api/shelf/redo", "");
        assertThat(sheet(quilt, ink).path("pieces")).isEmpty();
        assertThat(api.get(quilt + "/cut").path("before")).isEmpty();
    }

    @Test
    void oneRowFewerNamesWhatIsSpareAndSetFreeItIsAnybodys() {
        shelfLine("2 yd " + ink + " 42 wide");
        shelfLine("2 yd " + oat + " 42 wide");
        String quilt = quilt("Half cut", 2, 4);
        tickAll(quilt);
        putAway(quilt, "[]");
        change(quilt, 2, 2);
        JsonNode spare = api.get(quilt + "/cut").path("spare");
        assertThat(spare).isNotEmpty();
        assertThat(sheet(quilt, ink).path("pieces")).as("nothing is cut again").isEmpty();
        String other = quilt("Other", 2, 2);
        assertThat(onHand(other, ink)).doesNotContain("cut piece");
        for (JsonNode each : spare) {
            api.ask(HttpMethod.POST, quilt + "/cut/spare/" + each.path("id").asString() + "/free", "");
        }
        assertThat(api.get(quilt + "/cut").path("spare")).isEmpty();
        assertThat(onHand(other, ink)).contains("cut piece");
    }

    @Test
    void whatIsReallyLeftIsTakenAndNeverMoreThanThereWas() {
        shelfLine("2 yd " + ink + " 42 wide");
        shelfLine("2 yd " + oat + " 42 wide");
        String quilt = quilt("Measured", 2, 2);
        tickAll(quilt);
        String first = sheet(quilt, ink)
                .path("pieces")
                .path(0)
                .path("steps")
                .path(0)
                .path("key")
                .asString();
        String tooMuch =
                "[{\"firstStep\":\"" + first + "\",\"left\":[{\"width\":\"42\",\"length\":\"72\",\"count\":1}]}]";
        Api.Answer refused = putAwayAnswer(quilt, tooMuch);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().toString()).contains("measure what is left again");
        putAway(quilt, tooMuch.replace("72", "20 1/2"));
        assertThat(said(ink)).contains("1 length, 20 1/2 in, 42 in wide – " + ink);
        assertThat(sheet(quilt, oat).path("pieces")).as("only what was named").isNotEmpty();
        assertThat(putAwayAnswer(quilt, tooMuch).status()).as("it is put away").isEqualTo(422);
    }

    /** Four browsers at once, each under a name of its own, and one that names a piece twice: it is put away once. */
    @Test
    void whatIsCutIsPutAwayOnce() {
        shelfLine("5 lengths 42 in wide 36 in long " + ink);
        String quilt = quilt("At once", 2, 2);
        tickAll(quilt);
        String first = sheet(quilt, ink)
                .path("pieces")
                .path(0)
                .path("steps")
                .path(0)
                .path("key")
                .asString();
        String piece = "{\"firstStep\":\"" + first + "\",\"left\":null}";
        assertThat(putAwayAnswer(quilt, "[" + piece + "," + piece + "]").status())
                .isEqualTo(422);
        List<CompletableFuture<Integer>> answers = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            answers.add(CompletableFuture.supplyAsync(
                    () -> putAwayAnswer(quilt, "[" + piece + "]").status()));
        }
        assertThat(answers.stream().map(CompletableFuture::join).toList())
                .containsOnlyOnce(200)
                .containsOnly(200, 422);
        assertThat(lines(ink).getFirst().path("count").asInt()).isEqualTo(4);
    }

    /** Cut again, smaller, and taken back: what was cut first belongs to the quilt still. */
    @Test
    void whatIsCutDownAndTakenBackIsStillTheQuilts() {
        shelfLine("2 yd " + ink + " 42 wide");
        shelfLine("2 yd " + oat + " 42 wide");
        String quilt = quilt("Cut down", 2, 2);
        tickAll(quilt);
        putAway(quilt, "[]");
        resized(quilt, "10");
        tickAll(quilt);
        List<JsonNode> before = lines(ink);
        putAway(quilt, "[]");
        assertThat(lines(ink)).isNotEqualTo(before);
        long act = api.get(quilt + "/cut").path("lastPutAway").path("act").asLong();
        api.post("/api/shelf/acts/" + act + "/take-out", "");
        assertThat(kept(lines(ink))).isEqualTo(kept(before)).anyMatch(each -> each.startsWith("cut for Cut down"));
    }

    private static List<String> kept(List<JsonNode> lines) {
        return lines.stream()
                .map(line ->
                        line.path("kept").asString() + " " + line.path("count").asInt())
                .toList();
    }

    private void resized(String path, String block) {
        ObjectNode design = (ObjectNode) api.get(path).path("design");
        ((ObjectNode) design.path("blockSize")).put("typed", block);
        keep(path, design);
    }

    /** Two quilts from one length: what the first keeps, the second does not count on, is told of, and may take over. */
    @Test
    void whatOneQuiltKeepsNoOtherCountsOn() {
        shelfLine("5/8 yd " + ink + " 42 wide");
        shelfLine("2 yd " + oat + " 42 wide");
        String first = quilt("First", 2, 2);
        String second = quilt("Second", 2, 2);
        assertThat(isEnough(first, ink) && isEnough(second, ink))
                .as("ideas take nothing")
                .isTrue();
        api.ask(HttpMethod.PUT, first + "/kept", "{\"toBeMade\":true}");
        assertThat(api.get(first + "/kept").path("here").toString()).contains(ink, oat);
        assertThat(isEnough(first, ink)).isTrue();
        assertThat(isEnough(second, ink)).isFalse();
        JsonNode elsewhere = api.get(second + "/kept").path("elsewhere").path(0);
        assertThat(elsewhere.path("quilt").asString()).isEqualTo("First");
        assertThat(lines(ink).getFirst().path("kept").asString()).isEqualTo("set aside for First");

        api.ask(
                HttpMethod.POST,
                second + "/kept/take-over",
                "{\"quiltId\":\"" + elsewhere.path("quiltId").asString() + "\"}");
        assertThat(isEnough(second, ink)).isTrue();
        assertThat(isEnough(first, ink)).isFalse();
        api.ask(HttpMethod.DELETE, second, "");
        assertThat(isEnough(first, ink)).as("a deleted quilt keeps nothing").isTrue();
    }

    /** Eight quilts keep pieces of one line at once, past the application's own turns: there are never more kept than there are. */
    @Test
    void nothingIsPromisedTwice() {
        shelfLine("20 squares 10 in " + ink);
        UUID piece = UUID.fromString(lines(ink).getFirst().path("id").asString());
        JdbcClient database = RunningApplication.bean(JdbcClient.class);
        List<CompletableFuture<Integer>> writers = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            UUID quilt = UUID.fromString(quilt("Writer " + i, 1, 1).substring("/api/quilts/".length()));
            writers.add(CompletableFuture.supplyAsync(() -> kept(database, quilt, piece)));
        }
        int kept = writers.stream().mapToInt(CompletableFuture::join).sum();
        assertThat(kept).isEqualTo(6 * 3);
        assertThat(database.sql("select sum(count) from set_aside where piece_id = :piece")
                        .param("piece", piece)
                        .query(Integer.class)
                        .single())
                .isEqualTo(kept);
    }

    /** How many the database lets it keep: three or none. */
    private static int kept(JdbcClient database, UUID quilt, UUID piece) {
        try {
            return 3
                    * database.sql("insert into set_aside (owner_id, quilt_id, piece_id, count)"
                                    + " select owner_id, :quilt, id, 3 from shelf_piece where id = :piece")
                            .param("quilt", quilt)
                            .param("piece", piece)
                            .update();
        } catch (DataIntegrityViolationException none) {
            return 0;
        }
    }

    private void shelfLine(String line) {
        api.post("/api/shelf/lines", Map.of("line", line, "system", "INCH"));
    }

    /** Of the first block in ink and oat; a fabric that is not on the shelf is to be bought. */
    private String quilt(String name, int across, int down) {
        JsonNode quilt = api.post("/api/quilts", Map.of("name", name, "system", "INCH"));
        String path = "/api/quilts/" + quilt.path("id").asString();
        ObjectNode design = (ObjectNode) quilt.path("design");
        design.putArray("cloths")
                .add(Api.cloth("a", ink, "#203040").put("shelfCloth", onShelf(ink)))
                .add(Api.cloth("b", oat, "#f0e0c0").put("shelfCloth", onShelf(oat)));
        Api.dress(design, "a", "b");
        ((ObjectNode) design.path("setting")).put("across", across).put("down", down);
        keep(path, design);
        return path;
    }

    private void change(String path, int across, int down) {
        ObjectNode design = (ObjectNode) api.get(path).path("design");
        ((ObjectNode) design.path("setting")).put("across", across).put("down", down);
        keep(path, design);
    }

    private void keep(String path, ObjectNode design) {
        JsonNode now = api.get(path);
        api.put(
                path,
                Api.JSON
                        .createObjectNode()
                        .put("version", now.path("version").asInt())
                        .put("name", now.path("name").asString())
                        .put("sameStep", false)
                        .set("design", design));
    }

    private void tickAll(String quilt) {
        for (JsonNode cloth : api.get(quilt + "/cut").path("cloths")) {
            for (JsonNode piece : cloth.path("pieces")) {
                for (JsonNode step : piece.path("steps")) {
                    api.ask(
                            HttpMethod.PUT,
                            quilt + "/cut/steps/" + step.path("key").asString(),
                            "");
                }
            }
        }
    }

    private void putAway(String quilt, String pieces) {
        assertThat(putAwayAnswer(quilt, pieces).status()).isEqualTo(200);
    }

    private Api.Answer putAwayAnswer(String quilt, String pieces) {
        int version = api.get(quilt).path("version").asInt();
        return api.ask(
                HttpMethod.POST, quilt + "/cut/put-away", "{\"version\":" + version + ",\"pieces\":" + pieces + "}");
    }

    private JsonNode sheet(String quilt, String fabric) {
        return named(api.get(quilt + "/cut").path("cloths"), fabric);
    }

    private boolean isEnough(String quilt, String fabric) {
        return named(api.get(quilt + "/tally").path("cloths"), fabric)
                .path("enough")
                .asBoolean();
    }

    private String onHand(String quilt, String fabric) {
        return named(api.get(quilt + "/tally").path("cloths"), fabric)
                .path("onHand")
                .asString();
    }

    private static JsonNode named(JsonNode all, String name) {
        for (JsonNode each : all) {
            if (each.path("name").asString().equals(name)) {
                return each;
            }
        }
        throw new AssertionError("no " + name + " in " + all);
    }

    private String onShelf(String fabric) {
        for (JsonNode cloth : api.get("/api/shelf")) {
            if (cloth.path("name").asString().equals(fabric)) {
                return cloth.path("id").asString();
            }
        }
        return "";
    }

    private List<JsonNode> lines(String fabric) {
        List<JsonNode> lines = new ArrayList<>();
        named(api.get("/api/shelf"), fabric).path("lines").forEach(lines::add);
        return lines;
    }

    private List<String> said(String fabric) {
        return lines(fabric).stream()
                .map(line -> line.path("understood").asString())
                .toList();
    }

    /** What came and went of a fabric. */
    private JsonNode row(String fabric) {
        for (JsonNode row : api.get("/api/shelf/year").path("fabrics")) {
            if (row.path("what").asString().equals(fabric)) {
                return row;
            }
        }
        throw new AssertionError("nothing is known of " + fabric);
    }

    private double area(String fabric) {
        return area(fabric, true);
    }

    private double area(String fabric, boolean cutToo) {
        return lines(fabric).stream()
                .filter(line -> cutToo || line.path("kept").asString().isEmpty())
                .mapToDouble(line -> line.path("count").asInt()
                        * line.path("piece").path("width").asDouble()
                        * line.path("piece").path("length").asDouble())
                .sum();
    }
}

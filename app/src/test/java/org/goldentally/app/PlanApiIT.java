package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Plans over HTTP: for a stored quilt, and for a document and a shelf that are only sent along. */
@ExtendWith(RunningApplication.class)
class PlanApiIT {

    private static final JsonMapper JSON = new JsonMapper();

    private final Api api;
    private String quilt = "";
    private ObjectNode design = JSON.createObjectNode();

    PlanApiIT(Api api) {
        this.api = api;
    }

    /** Twenty pinwheels of 8 in, ink on oat, with a border of ink. */
    @BeforeEach
    void aQuilt() {
        JsonNode stored = api.post("/api/quilts", "{\"name\":\"Planned\",\"system\":\"INCH\"}");
        quilt = "/api/quilts/" + stored.path("id").asString();
        design = (ObjectNode) stored.path("design");
        design.putArray("cloths").add(Api.cloth("a", "oat", "#efe6d0")).add(Api.cloth("b", "ink", "#22384d"));
        Api.dress(design, "a", "b");
        ObjectNode border = design.putArray("borders").addObject();
        border.putArray("sideJoins");
        border.putArray("middle");
        border.put("kind", "PLAIN")
                .put("width", "3")
                .put("cloth", "b")
                .put("unitLength", "")
                .put("join", "DIAGONAL");
        border.put("mirrorAtMiddle", false).put("corners", "BUTTED").putArray("units");
        border.putArray("corner");
        border.putArray("sides");
        keep();
    }

    private void keep() {
        JsonNode now = api.get(quilt);
        ObjectNode change = JSON.createObjectNode();
        change.put("version", now.path("version").asInt())
                .put("name", "Planned")
                .put("sameStep", false);
        change.set("design", design);
        api.put(quilt, change.toString());
    }

    /** The same answers as the pages show, in one call. */
    @Test
    void aDocumentAndAShelfAreAnsweredWithEverything() {
        JsonNode plan = api.post(
                "/api/plan", question("1 yd 42 wide", "6 squares 10 in").toString());
        assertThat(plan.path("tally").path("totals").path("units").asInt()).isEqualTo(80);
        assertThat(plan.path("tally").path("cloths")).hasSize(2);
        assertThat(plan.path("cutting").path("cloths").path(0).path("pieces")).isNotEmpty();
        assertThat(plan.path("shopping").path("rows").path(0).path("cost").asString())
                .isNotEmpty();
        assertThat(plan.path("offers").isArray()).isTrue();
        JsonNode ink = plan.path("tally").path("cloths").path(1);
        assertThat(ink.path("toBuy").asString()).endsWith(" yd");
        // The heaps on the sheets are the pieces of the account, each counted once.
        long needed = 0;
        for (JsonNode use : ink.path("uses")) {
            needed += use.path("count").asLong();
        }
        long heaped = 0;
        for (JsonNode label : plan.path("cutting").path("cloths").path(1).path("labels")) {
            heaped += label.path("count").asLong();
        }
        assertThat(heaped).isEqualTo(needed);
    }

    /** 784 blocks of 64 plain pieces, each of a size of its own, in one cloth: 50,176 pieces, cut as thriftily as can be. */
    @Test
    void fiftyThousandPiecesOfOneClothAreStillAPage() {
        ObjectNode block =
                design.putArray("blocks").addObject().put("key", "sizes").put("name", "Sizes");
        ArrayNode columns = block.putArray("columns");
        ArrayNode rows = block.putArray("rows");
        ArrayNode parts = block.putArray("parts");
        for (int line = 0; line < 8; line++) {
            columns.add(2 + 2 * line);
            rows.add(3 + 2 * line);
            for (int column = 0; column < 8; column++) {
                ObjectNode part = parts.addObject().put("column", column).put("row", line);
                part.put("columns", 1).put("rows", 1);
                ObjectNode unit = part.putObject("unit")
                        .put("kind", "PLAIN")
                        .put("count", 0)
                        .put("corner", "1/2");
                unit.put("block", "").put("quarterTurns", 0).put("mirrored", false);
                unit.putArray("cloths").add("a");
            }
        }
        ((ObjectNode) design.path("blockSize")).put("typed", "9").put("height", "10");
        ObjectNode setting = (ObjectNode) design.path("setting");
        setting.put("across", 28).put("down", 28).putArray("blocks").add("sizes");
        ((ObjectNode) design.path("plan"))
                .putArray("cutting")
                .addObject()
                .put("cloth", "a")
                .put("style", "THRIFTY")
                .put("effort", 1);
        JsonNode plan =
                api.post("/api/plan", question("1 yd 42 wide", "1 yd 42 wide").toString());
        JsonNode oat = plan.path("tally").path("cloths").path(0);
        long needed = 0;
        for (JsonNode use : oat.path("uses")) {
            needed += use.path("count").asLong();
        }
        assertThat(needed).isGreaterThanOrEqualTo(28 * 28 * 64);
        assertThat(oat.path("style").asString()).isEqualTo("thrifty");
        assertThat(oat.path("toBuy").asString()).endsWith(" yd");
    }

    /**
     * 8 × 8 blocks of hourglasses and half-squares in six fabrics, cut thriftily, in one call with all its offers, which
     * take more than the work of one question.
     */
    @Test
    void aThousandUnitsInSixFabricsArePlannedInOneCall() {
        List<String> fabrics = List.of("a", "b", "c", "d", "e", "f");
        ArrayNode cloths = design.putArray("cloths");
        fabrics.forEach(fabric -> cloths.add(Api.cloth(fabric, "fabric " + fabric, "#" + fabric.repeat(6))));
        ObjectNode block =
                design.putArray("blocks").addObject().put("key", "field").put("name", "Field");
        ArrayNode columns = block.putArray("columns");
        ArrayNode rows = block.putArray("rows");
        ArrayNode parts = block.putArray("parts");
        for (int row = 0; row < 4; row++) {
            columns.add(1);
            rows.add(1);
            for (int column = 0; column < 4; column++) {
                boolean hourglass = column % 2 == 0;
                ObjectNode unit = parts.addObject()
                        .put("column", column)
                        .put("row", row)
                        .put("columns", 1)
                        .put("rows", 1)
                        .putObject("unit")
                        .put("kind", hourglass ? "HOURGLASS" : "HALF_SQUARE");
                ArrayNode wears = unit.putArray("cloths").add(fabrics.get(row));
                if (hourglass) {
                    wears.add(fabrics.get(row + 1))
                            .add(fabrics.get(row + 2))
                            .add(fabrics.get((row + 3 + column / 2) % 6));
                } else {
                    wears.add(fabrics.get((row + 1 + column % 3) % 6));
                }
            }
        }
        ((ObjectNode) design.path("blockSize")).put("typed", "8");
        ObjectNode setting = (ObjectNode) design.path("setting");
        setting.put("across", 8).put("down", 8).putArray("blocks").add("field");
        ((ObjectNode) design.path("plan"))
                .putArray("cutting")
                .addObject()
                .put("cloth", "")
                .put("style", "THRIFTY");
        JsonNode plan =
                api.post("/api/plan", question("1 yd 42 wide", "1 yd 42 wide").toString());
        assertThat(plan.path("tally").path("totals").path("units").asInt()).isEqualTo(8 * 8 * 16);
        assertThat(plan.path("tally").path("cloths")).hasSize(6);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({"nothing", "scrap 2 x 3", "10000 squares 10 in", "1/8 yd 42 wide"})
    void badShelvesGetAClearAnswer(String line) {
        ObjectNode question = JSON.createObjectNode();
        question.set("design", design);
        question.putArray("shelf")
                .add(Api.lines("b", "10 a yard", line.equals("nothing") ? new String[0] : new String[] {line}));
        JsonNode plan = api.post("/api/plan", question.toString());
        JsonNode ink = plan.path("tally").path("cloths").path(1);
        assertThat(ink.path("name").asString()).isEqualTo("ink");
        assertThat(ink.path("toBuy").asString()).endsWith(" yd");
        boolean manySquares = line.startsWith("10000");
        assertThat(ink.path("untouched").isEmpty()).isEqualTo(!manySquares && !line.startsWith("scrap"));
    }

    @Test
    void aBorderLongerThanAnyClothSaysTheWayOut() {
        ObjectNode border = (ObjectNode) design.path("borders").path(0);
        border.put("width", "45");
        JsonNode joined =
                api.post("/api/plan", question("1 yd 42 wide", "1 yd 42 wide").toString());
        assertThat(joined.path("tally").path("strips").toString()).contains("straight join");
        border.put("join", "ALONG_LENGTH");
        JsonNode plan =
                api.post("/api/plan", question("1 yd 42 wide", "1 yd 42 wide").toString());
        String problems =
                plan.path("tally").path("cloths").path(1).path("problems").toString();
        assertThat(problems).contains("fits no fabric of the usual width").contains("wider fabric");
    }

    @Test
    void aStyleIsSearchedForLongerAndStopped() throws InterruptedException {
        JsonNode styles = api.get(quilt + "/cloths/b/styles");
        assertThat(styles.path("styles")).hasSize(3);
        assertThat(styles.path("styles").path(0).path("chosen").asBoolean()).isTrue();
        JsonNode search = api.post(quilt + "/cloths/b/searches", "{\"style\":\"THRIFTY\"}");
        String path = "/api/searches/" + search.path("id").asString();
        for (int n = 0; n < 100 && !search.path("done").asBoolean(); n++) {
            Thread.sleep(50);
            search = api.get(path);
            if (!search.path("best").isNull() && !search.path("best").isMissingNode()) {
                search = api.post(path + "/stop", "{}");
            }
        }
        assertThat(search.path("done").asBoolean()).isTrue();
        assertThat(search.path("best").path("buys").asString()).endsWith(" yd");
        // The effort finds the same plan again.
        int effort = search.path("best").path("effort").asInt();
        ((ObjectNode) design.path("plan"))
                .putArray("cutting")
                .addObject()
                .put("cloth", "b")
                .put("style", "THRIFTY")
                .put("effort", effort);
        keep();
        assertThat(api.get(quilt + "/tally")
                        .path("cloths")
                        .path(1)
                        .path("toBuy")
                        .asString())
                .isEqualTo(search.path("best").path("buys").asString());
        assertThat(api.get("/api/searches/00000000-0000-0000-0000-000000000009")
                        .path("status")
                        .asInt())
                .isEqualTo(404);
    }

    @Test
    void anOfferIsTakenAsAStepThatCanBeUndone() {
        design.putArray("methods")
                .addObject()
                .put("units", "half-square")
                .put("method", "four-at-a-time")
                .put("byHand", true);
        keep();
        JsonNode offer = api.get(quilt + "/offers").path(0);
        assertThat(offer.path("effect").asString()).contains("less");
        int version = api.get(quilt).path("version").asInt();
        JsonNode taken = api.post(
                quilt + "/offers/take",
                JSON.createObjectNode()
                        .put("version", version)
                        .put("key", offer.path("key").asString())
                        .toString());
        assertThat(taken.path("version").asInt()).isGreaterThan(version);
        assertThat(taken.path("design").equals(design)).isFalse();
        JsonNode undone = api.post(
                quilt + "/undo", "{\"version\":" + taken.path("version").asInt() + "}");
        assertThat(undone.path("design")).isEqualTo(design);
        assertThat(api.post(quilt + "/offers/take", "{\"version\":1,\"key\":\"no such\"}")
                        .path("status")
                        .asInt())
                .isEqualTo(404);
    }

    @Test
    void everyWayOfAGroupSaysWhatItWouldChange() {
        JsonNode ways = api.get(quilt + "/ways?group=half-square:a,b");
        List<String> keys = new ArrayList<>();
        ways.forEach(way -> keys.add(way.path("method").asString()));
        assertThat(keys).contains("two-at-a-time", "eight-at-a-time", "strip-tube");
        ways.forEach(way -> assertThat(way.path("shelfAllows").asBoolean()).isFalse());
    }

    @Test
    void printsAreDealtToScrappyPlaces() {
        for (int print = 0; print < 6; print++) {
            ObjectNode cloth = Api.cloth("p" + print, "dawn " + print, "#" + (2 + print) + "03040");
            ((tools.jackson.databind.node.ArrayNode) design.path("cloths")).add(cloth.put("pack", "dawn"));
        }
        ((ObjectNode) design.path("cloths").path(1)).put("pack", "dawn").put("standsFor", "ANY_PRINT");
        ((ObjectNode) design.path("borders").path(0)).put("cloth", "a");
        keep();
        int version = api.get(quilt).path("version").asInt();
        JsonNode dealt = api.post(quilt + "/deal", "{\"version\":" + version + ",\"seed\":4}");
        assertThat(dealt.path("neighbours").asInt()).isZero();
        assertThat(dealt.path("quilt").path("design").path("places")).hasSize(20);
        assertThat(api.post(quilt + "/deal", "{\"version\":" + version + ",\"seed\":4}")
                        .path("status")
                        .asInt())
                .isEqualTo(409);
    }

    @Test
    void theShelfReachesSoManyBlocks() {
        JsonNode reach = api.get(quilt + "/reach?block=pinwheel");
        assertThat(reach.path("blocks").asInt()).isZero();
        assertThat(reach.path("runsOut").path(0).asString()).contains("more of it would make");
        assertThat(api.get(quilt + "/reach?block=none").path("status").asInt()).isEqualTo(404);
    }

    @Test
    void theShoppingListIsAFileAndASheet() throws IOException {
        String csv = api.client().get().uri(quilt + "/shopping.csv").retrieve().body(String.class);
        assertThat(csv)
                .startsWith(
                        "what,buy,buy unit,exactly,exactly unit,width,length,length unit,price,price for,cost\r\noat,")
                .containsPattern("\r\noat,[0-9.]+,yd,[0-9.]+,in,40,,in,")
                .contains("\r\nbatting,1,piece,,,46,54,in,,,\r\n");
        assertThat(text(quilt + "/shopping.pdf")).contains("Shopping list", "oat", "batting", "Planned – page 1 of 1");
    }

    /**
     * From the typed line to the printed sheet: bases of geese, 4 1/2 wide and 2 1/2 high, lie upright on a print with an
     * up and a down; on cloth without one more fit turned, and some are.
     */
    @Test
    void aDirectionalPrintIsNeverTurned() throws IOException {
        String name = "upright " + java.util.UUID.randomUUID().toString().replaceAll("[^a-z]", "");
        api.post("/api/shelf/lines", "{\"line\":\"40 strips 2 1/2 x 9 1/4 " + name + "\",\"system\":\"INCH\"}");
        api.post("/api/shelf/lines", "{\"line\":\"1 yd " + name + "\",\"system\":\"INCH\"}");
        JsonNode cloth = JSON.nullNode();
        for (JsonNode each : api.get("/api/shelf")) {
            cloth = each.path("name").asString().equals(name) ? each : cloth;
        }
        JsonNode block =
                api.get("/api/blocks?find=dutchman").path(0).path("blocks").path(0);
        design.putArray("blocks").add(block);
        ((ObjectNode) design.path("setting"))
                .putArray("blocks")
                .add(block.path("key").asString());
        ((ObjectNode) design.path("cloths").path(0))
                .put("shelfCloth", cloth.path("id").asString());
        design.path("blocks")
                .path(0)
                .path("parts")
                .forEach(part -> ((ObjectNode) part.path("unit"))
                        .putArray("cloths")
                        .add("a")
                        .add("b")
                        .add("b"));
        design.putArray("borders");
        design.putArray("methods").addObject().put("units", "goose").put("method", "geese-stitch-and-flip");
        for (boolean directional : new boolean[] {false, true}) {
            String facts = "{\"colour\":\"#efe6d0\",\"lightness\":\"\",\"kind\":\"\",\"price\":\"\",\"directional\":"
                    + directional + "}";
            api.ask(HttpMethod.PUT, "/api/shelf/cloths/" + cloth.path("id").asString(), facts);
            for (String style : List.of("PLAIN", "TIDY", "THRIFTY")) {
                ((ObjectNode) design.path("plan"))
                        .putArray("cutting")
                        .addObject()
                        .put("cloth", "")
                        .put("style", style)
                        .put("effort", 1);
                keep();
                List<String> sizes = new ArrayList<>();
                for (JsonNode piece :
                        api.get(quilt + "/cut").path("cloths").path(0).path("pieces")) {
                    piece.path("cuts")
                            .forEach(cut -> sizes.add(cut.path("width").asDouble() + " x "
                                    + cut.path("height").asDouble()));
                }
                assertThat(sizes).as(style).contains("4.5 x 2.5");
                if (directional) {
                    assertThat(sizes).as(style).doesNotContain("2.5 x 4.5");
                }
            }
            assertThat(text(quilt + "/cut.pdf")).contains("Cut " + name);
        }
    }

    @Test
    void cuttingSheetsPrintInTheQuiltsOwnFractions() throws IOException {
        String text = text(quilt + "/cut.pdf");
        assertThat(text)
                .contains("Cut oat", "Cut ink", "Blade care.", "squares cut", "pieces cut)", "page 1 of ")
                .containsPattern("\\d[¼½¾⅛⅜⅝⅞]");
        assertThat(text(quilt + "/cut.pdf")).isEqualTo(text);
        String svg = api.client().get().uri(quilt + "/cut/a/0.svg").retrieve().body(String.class);
        assertThat(svg).startsWith("<svg ").contains("stroke-dasharray", ">A</text>");
        assertThat(api.get(quilt + "/cut/a/7.svg").path("status").asInt()).isEqualTo(404);
    }

    private String text(String path) throws IOException {
        byte[] bytes = api.client().get().uri(path).retrieve().body(byte[].class);
        try (PDDocument document = Loader.loadPDF(bytes)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    private ObjectNode question(String oat, String ink) {
        ObjectNode question = JSON.createObjectNode();
        question.set("design", design);
        question.putArray("shelf").add(Api.lines("a", "10 a yard", oat)).add(Api.lines("b", "10 a yard", ink));
        return question;
    }
}

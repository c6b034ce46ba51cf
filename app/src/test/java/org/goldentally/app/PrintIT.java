package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDMarkedContent;
import org.apache.pdfbox.text.PDFMarkedContentExtractor;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.web.client.RestClient;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;
import org.verapdf.pdfa.results.ValidationResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is on paper, read again with PDFBox: sizes, pages, what a reader is told, true size. */
@ExtendWith(RunningApplication.class)
class PrintIT {

    private static final float A_POINT = 0.01f;

    private final Api api;
    private String quilt = "";

    PrintIT(RestClient client) {
        this.api = new Api(client);
    }

    /** Thirty-five blocks in twenty-one prints of a pack. */
    @BeforeEach
    void aTopFromAPack() {
        quilt = "/api/quilts/"
                + api.post("/api/our-quilts/harvest-scraps/take", "").path("id").asString();
    }

    @Test
    void aPackIsOnFewPagesAndPrintsThatAreCutAlikeShareASheet() throws IOException {
        try (PDDocument booklet = printed("/booklet.pdf")) {
            assertThat(booklet.getNumberOfPages()).isLessThanOrEqualTo(20);
            String text = new PDFTextStripper().getText(booklet).replaceAll("\\s+", " ");
            assertThat(text)
                    .containsPattern("Cut these \\d+ fabrics, each like this")
                    .contains("of each fabric")
                    .contains("Which fabrics go into which block")
                    .containsPattern("oat, harvest \\d+,? .*row 1: 1");
            // The cover tells where everything begins.
            PDFTextStripper first = new PDFTextStripper();
            first.setEndPage(1);
            assertThat(first.getText(booklet))
                    .contains("Shopping list", "harvest 21")
                    .containsPattern("Sew\\s+\\d+");
        }
    }

    /** A block that lies on its side does not fit its place: whoever has paper in hand is told before she cuts. */
    @ParameterizedTest
    @ValueSource(strings = {"/booklet.pdf", "/cut.pdf", "/shopping.pdf"})
    void whatIsOpenIsSaidOnTheFirstPage(String sheet) throws IOException {
        String runner = "/api/quilts/"
                + api.post("/api/our-quilts/windowsill-runner/take", "")
                        .path("id")
                        .asString();
        quilt = runner;
        assertThat(firstPage(sheet)).doesNotContain("Not ready yet");
        ObjectNode stored = (ObjectNode) api.get(runner);
        ObjectNode design = (ObjectNode) stored.path("design");
        design.putArray("places")
                .addObject()
                .put("row", 1)
                .put("column", 4)
                .put("block", "")
                .put("quarterTurns", 1)
                .put("mirrored", false)
                .putArray("exchanges");
        ObjectNode change = stored.objectNode();
        change.put("version", stored.path("version").asInt())
                .put("name", stored.path("name").asString())
                .put("sameStep", false)
                .set("design", design);
        JsonNode changed = api.put(runner, change.toString());
        assertThat(changed.path("design").path("places")).hasSize(1);
        assertThat(firstPage(sheet)).contains("Not ready yet.").contains("Put this right at Top");
    }

    private String firstPage(String sheet) throws IOException {
        try (PDDocument document = printed(sheet)) {
            PDFTextStripper first = new PDFTextStripper();
            first.setEndPage(1);
            return first.getText(document).replaceAll("\\s+", " ");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"/booklet.pdf", "/cut.pdf", "/shopping.pdf", "/labels.pdf", "/templates.pdf"})
    void whatIsReadIsLargeEnough(String sheet) throws IOException {
        try (PDDocument document = printed(sheet)) {
            for (PDPage page : document.getPages()) {
                for (PDMarkedContent content : contents(page)) {
                    boolean drawn = "Figure".equals(content.getTag());
                    assertThat(sizes(content)).allMatch(size -> size >= (drawn ? 8 : 13) - A_POINT);
                }
            }
        }
    }

    /** ISO 32000-1, 14.7 and 14.8: all text is marked, its element known, drawings said in words. */
    @ParameterizedTest
    @ValueSource(strings = {"/booklet.pdf", "/labels.pdf", "/templates.pdf", "/kits.pdf"})
    void everythingIsToldToWhoHasItReadToThem(String sheet) throws IOException {
        try (PDDocument document = printed(sheet)) {
            var catalog = document.getDocumentCatalog();
            assertThat(catalog.getMarkInfo().isMarked()).isTrue();
            assertThat(catalog.getLanguage()).isEqualTo("en");
            assertThat(catalog.getViewerPreferences().displayDocTitle()).isTrue();
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Harvest scraps");
            COSArray numbers = (COSArray) catalog.getStructureTreeRoot()
                    .getParentTree()
                    .getCOSObject()
                    .getDictionaryObject(COSName.NUMS);
            int place = 0;
            for (PDPage page : document.getPages()) {
                assertThat(textOutsideMarks(page)).isZero();
                COSArray elements = (COSArray) numbers.getObject(2 * page.getStructParents() + 1);
                List<PDMarkedContent> marked = contents(page);
                assertThat(elements.size()).as("page %d", place).isGreaterThanOrEqualTo(marked.size());
                for (PDMarkedContent content : marked) {
                    COSDictionary element = (COSDictionary) elements.getObject(content.getMCID());
                    assertThat(element.getNameAsString(COSName.S)).isEqualTo(content.getTag());
                    if ("Figure".equals(content.getTag())) {
                        assertThat(element.getString(COSName.ALT)).isNotBlank();
                    }
                }
                place++;
            }
        }
    }

    /** PDF/UA-1, ISO 14289-1, by a general validator of such documents. */
    @ParameterizedTest
    @ValueSource(strings = {"/booklet.pdf", "/cut.pdf", "/shopping.pdf", "/labels.pdf", "/templates.pdf", "/kits.pdf"})
    void theyKeepTheStandardOfAccessibleDocuments(String sheet) throws Exception {
        VeraGreenfieldFoundryProvider.initialise();
        byte[] bytes = api.client().get().uri(quilt + sheet).retrieve().body(byte[].class);
        try (PDFAParser parser =
                        Foundries.defaultInstance().createParser(new ByteArrayInputStream(bytes), PDFAFlavour.PDFUA_1);
                PDFAValidator validator = Foundries.defaultInstance().createValidator(PDFAFlavour.PDFUA_1, false)) {
            ValidationResult result = validator.validate(parser);
            assertThat(result.getTotalAssertions()).isPositive();
            assertThat(result.getTestAssertions())
                    .filteredOn(check -> check.getStatus() == TestAssertion.Status.FAILED)
                    .extracting(TestAssertion::getMessage)
                    .isEmpty();
            assertThat(result.isCompliant()).isTrue();
        }
    }

    @Test
    void everyCuttingDiagramCarriesTheMeasuresOfItsPiece() throws IOException {
        try (PDDocument document = printed("/cut.pdf")) {
            List<String> diagrams = new ArrayList<>();
            for (PDPage page : document.getPages()) {
                contents(page).stream()
                        .filter(content -> "Figure".equals(content.getTag()))
                        .forEach(content -> diagrams.add(text(content)));
            }
            assertThat(diagrams).isNotEmpty().allMatch(text -> text.split(" in", -1).length > 2, "both measures");
        }
    }

    /** Counted over the sheets on the screen: one for each heap, one for each kind of piece that is left, eight to a page. */
    @Test
    void everyHeapAndEveryRestHasItsLabel() throws IOException {
        int labels = 0;
        for (JsonNode cloth : api.get(quilt + "/cut").path("cloths")) {
            labels += cloth.path("labels").size();
            for (JsonNode piece : cloth.path("pieces")) {
                labels += piece.path("leftovers").size();
            }
        }
        try (PDDocument document = printed("/labels.pdf")) {
            int printed = 0;
            for (PDPage page : document.getPages()) {
                printed += contents(page).stream()
                        .map(PrintIT::text)
                        .filter(text -> text.equals("Harvest scraps") || text.equals("from Harvest scraps"))
                        .count();
            }
            assertThat(printed).isEqualTo(labels).isPositive();
            assertThat(document.getNumberOfPages()).isEqualTo((labels + 7) / 8);
        }
    }

    @ParameterizedTest
    @CsvSource({"letter, 612, 792", "a4, 595.27563, 841.8898", "'', 612, 792"})
    void paperIsAsAskedFor(String paper, float width, float height) throws IOException {
        try (PDDocument document = printed("/shopping.pdf?paper=" + paper)) {
            PDRectangle size = document.getPage(0).getMediaBox();
            assertThat(size.getWidth()).isEqualTo(width);
            assertThat(size.getHeight()).isEqualTo(height);
        }
    }

    @Test
    void blackInkIsNoColourAndWhatIsNotKnownIsRefusedWithTheWayOut() throws IOException {
        assertThat(coloured("/booklet.pdf?ink=black")).isFalse();
        assertThat(coloured("/booklet.pdf")).isTrue();
        assertThat(api.get(quilt + "/cut.pdf?paper=legal").toString()).contains("ask for letter or a4");
        assertThat(api.get(quilt + "/cut.pdf?ink=gold").toString()).contains("ask for colour or black");
    }

    /** Three inches are 216 points on every sheet (ISO 32000-1, 8.3.2.3). */
    @Test
    void theRulerAtTheFootIsInTrueSize() throws IOException {
        try (PDDocument document = printed("/templates.pdf")) {
            for (PDPage page : document.getPages()) {
                assertThat(lines(page)).anyMatch(line -> Math.abs(line[1] - line[0] - 3 * 72) < A_POINT);
            }
        }
    }

    /**
     * Thirty stars of four half-squares, so 240 triangles of 3 in; the mitred border is of strips, which need none (counted
     * by hand).
     */
    @Test
    void templatesAreOfWhatIsNotCutByTheRulerAlone() throws IOException {
        quilt = "/api/quilts/"
                + api.post("/api/our-quilts/lantern-street/take", "").path("id").asString();
        try (PDDocument document = printed("/templates.pdf")) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Triangle, 3 × 3 in finished: 240 of these")
                    .doesNotContain("58 × 2");
        }
    }

    private PDDocument printed(String sheet) throws IOException {
        return Loader.loadPDF(api.client().get().uri(quilt + sheet).retrieve().body(byte[].class));
    }

    private static List<PDMarkedContent> contents(PDPage page) throws IOException {
        PDFMarkedContentExtractor extractor = new PDFMarkedContentExtractor();
        extractor.processPage(page);
        return extractor.getMarkedContents().stream()
                .filter(content -> content.getMCID() >= 0)
                .toList();
    }

    private static List<Float> sizes(PDMarkedContent content) {
        return content.getContents().stream()
                .filter(TextPosition.class::isInstance)
                .map(position -> ((TextPosition) position).getFontSizeInPt())
                .toList();
    }

    private static String text(PDMarkedContent content) {
        return content.getContents().stream()
                .filter(TextPosition.class::isInstance)
                .map(position -> ((TextPosition) position).getUnicode())
                .collect(Collectors.joining());
    }

    private static long textOutsideMarks(PDPage page) throws IOException {
        int depth = 0;
        long outside = 0;
        for (Object token : new PDFStreamParser(page).parse()) {
            if (token instanceof Operator operator) {
                switch (operator.getName()) {
                    case "BDC", "BMC" -> depth++;
                    case "EMC" -> depth--;
                    case "Tj", "TJ" -> outside += depth == 0 ? 1 : 0;
                    default -> {}
                }
            }
        }
        return outside;
    }

    /** Whether any colour is set that is no grey. */
    private boolean coloured(String sheet) throws IOException {
        try (PDDocument document = printed(sheet)) {
            for (PDPage page : document.getPages()) {
                List<Float> numbers = new ArrayList<>();
                for (Object token : new PDFStreamParser(page).parse()) {
                    if (token instanceof COSNumber number) {
                        numbers.add(number.floatValue());
                    } else if (token instanceof Operator operator) {
                        boolean colour =
                                List.of("rg", "RG", "sc", "SC", "scn", "SCN").contains(operator.getName());
                        if (colour && numbers.stream().distinct().count() > 1) {
                            return true;
                        }
                        numbers.clear();
                    }
                }
            }
            return false;
        }
    }

    /** From where to where lying lines go. */
    private static List<float[]> lines(PDPage page) throws IOException {
        List<float[]> lines = new ArrayList<>();
        List<Float> numbers = new ArrayList<>();
        float[] from = {0, 0};
        for (Object token : new PDFStreamParser(page).parse()) {
            if (token instanceof COSNumber number) {
                numbers.add(number.floatValue());
            } else if (token instanceof Operator operator) {
                if (operator.getName().equals("m")) {
                    from = new float[] {numbers.get(0), numbers.get(1)};
                } else if (operator.getName().equals("l") && from[1] == numbers.get(1)) {
                    lines.add(new float[] {from[0], numbers.getFirst()});
                }
                numbers.clear();
            }
        }
        return lines;
    }
}

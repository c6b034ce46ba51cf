package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.goldentally.app.Api.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.HttpMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The stateless answers about yields, for any unit and piece. */
@ExtendWith(RunningApplication.class)
class YieldApiIT {

    private static final JsonMapper JSON = new JsonMapper();

    private final Api api;

    YieldApiIT(Api api) {
        this.api = api;
    }

    @Test
    void everyMethodAnswersWithItsSizesLayoutAndWorking() {
        JsonNode answer = api.ask(HttpMethod.POST, "/api/yields", question("10 in square", "HALF_SQUARE", "4", 2, 20))
                .json();
        assertThat(answer.path("methods")).hasSize(9);
        JsonNode eight = method(answer, "eight-at-a-time");
        assertThat(eight.path("possible").asBoolean()).isTrue();
        JsonNode gives = eight.path("gives");
        assertThat(gives.path("units").asInt()).isEqualTo(8);
        assertThat(gives.path("cutSizes").asString()).isEqualTo("10");
        assertThat(gives.path("trimmedSize").asString()).isEqualTo("4 1/2");
        assertThat(gives.path("largestFinished").asString()).isEqualTo("4");
        assertThat(gives.path("wanted").path("sets").asInt()).isEqualTo(3);
        assertThat(gives.path("wanted").path("spare").asInt()).isEqualTo(4);
        assertThat(gives.path("parts")
                        .path(0)
                        .path("cuts")
                        .path(0)
                        .path("pieceWidth")
                        .asDouble())
                .isEqualTo(10);
        assertThat(gives.path("workings").path(0).path("how").asString())
                .endsWith("rounded up to the next 1/8 in: 10 in");
    }

    @Test
    void whatIsNotPossibleSaysWhyAndWhatIsNearest() {
        JsonNode answer = api.ask(HttpMethod.POST, "/api/yields", question("5 in square", "HALF_SQUARE", "4", 2, 0))
                .json();
        JsonNode refused = method(answer, "eight-at-a-time").path("refused");
        assertThat(refused.path("problem").path("why").asString())
                .isEqualTo("the square is cut 10 in; the piece (square, 5 in) is 5 in too small");
        assertThat(refused.path("nearest").asString()).isEqualTo("1 1/2 in");
        JsonNode tiny = api.ask(HttpMethod.POST, "/api/yields", question("1/2 in square", "PIECED_HALF", "4", 3, 0))
                .json();
        assertThat(tiny.path("methods").path(0).path("refused").path("nearest").asString())
                .isEmpty();
    }

    @ParameterizedTest(name = "{0} of {2} from {1} is answered")
    @CsvSource({
        "HOURGLASS,5 in square,3,4",
        "SPLIT_QUARTER,fat quarter,3,0",
        "QUARTER_TRIANGLE,10 in square,6,0",
        "FLYING_GOOSE,fat eighth,4,0",
        "STRIP_SET_TRIANGLE,1/2 yd 40 wide,3,0",
        "CORNER_FLIP,10 in square,4,3",
        "PIECED_HALF,fat quarter,6,3",
        "SIDE_SETTING_TRIANGLE,1 yd 42 wide,12,0",
        "CORNER_SETTING_TRIANGLE,scrap 12 x 13,12,0",
        "PLAIN,2 1/2 strip 42,2,0",
        "STRIP,1/2 yd 40 wide,2,0",
        "STRIP_SET_SEGMENT,2 1/2 strip 42,2,3",
    })
    void everyUnitIsAnsweredWithItsStepsAndLimits(String kind, String piece, String size, int count) {
        ObjectNode question = question(piece, kind, size, count, 10);
        JsonNode row = api.ask(HttpMethod.POST, "/api/yields", question)
                .json()
                .path("methods")
                .path(0);
        assertThat(row.path("gives").path("units").asInt()).isPositive();
        ObjectNode steps = JSON.createObjectNode();
        steps.set("question", question);
        steps.put("method", row.path("key").asString())
                .put("marking", "NOTHING")
                .put("pressing", "OPEN");
        JsonNode cards = api.ask(HttpMethod.POST, "/api/yields/steps", steps).json();
        assertThat(cards).isNotEmpty().allSatisfy(card -> {
            assertThat(card.path("width").asDouble()).isPositive();
            assertThat(card.path("shapes")).isNotEmpty();
        });
        JsonNode limits =
                api.ask(HttpMethod.POST, "/api/yields/limits", question).json();
        assertThat(limits.path("methods").path(0).path("units")).hasSameSizeAs(limits.path("sizes"));
        int at = -1;
        for (int i = 0; i < limits.path("sizes").size(); i++) {
            at = limits.path("sizes").path(i).asString().equals(size) ? i : at;
        }
        assertThat(limits.path("methods").path(0).path("units").path(at).asInt())
                .isEqualTo(row.path("gives").path("units").asInt());
    }

    @ParameterizedTest(name = "{0}, {1}, {2}: {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "a big heap|3|1/4|“a big heap” does not say what form the fabric has",
                "10 in square|0|1/4|“0” is no size at all",
                "10 in square|much|1/4|“much” cannot be read as a length",
                "10 in square|3|0|a seam of 0 in holds nothing together",
                "10 in square|3|14|a seam of 14 in is wider than any patchwork seam",
                "1000000000 squares 10 in|3|1/4|1000000000 pieces are more than any shelf holds",
                "100 yd 3000 wide|3|1/4|a piece 3000 in across both ways is wider than any fabric",
            })
    void badWordsAreRefusedWithTheReason(String piece, String size, String seam, String why) {
        ObjectNode question = question(piece, "HALF_SQUARE", size, 2, 0);
        ((ObjectNode) question.path("settings")).put("seam", seam);
        Answer answer = api.ask(HttpMethod.POST, "/api/yields", question);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("problems").path(0).path("why").asString())
                .isEqualTo(why);
        assertThat(answer.json().path("problems").path(0).path("fix").asString())
                .isNotBlank();
    }

    @Test
    void aUnitThatCannotBeIsRefusedWithItsLimits() {
        ObjectNode question = question("10 in square", "CORNER_FLIP", "4", 2, 0);
        ((ObjectNode) question.path("unit")).put("corner", "2 1/2");
        assertThat(api.ask(HttpMethod.POST, "/api/yields", question)
                        .json()
                        .path("problems")
                        .path(0)
                        .path("fix")
                        .asString())
                .isEqualTo("2 in is the most for this base");
        assertThat(api.ask(HttpMethod.POST, "/api/yields", question("10 in square", "HOURGLASS", "3", 7, 0))
                        .json()
                        .path("problems")
                        .path(0)
                        .path("fix")
                        .asString())
                .isEqualTo("choose 2 to 4");
    }

    /** The unfinished side of a triangle is not its finished one and two seams, so none is claimed. */
    @Test
    void looseTrianglesClaimNoTrimmedSize() {
        JsonNode answer = api.ask(
                        HttpMethod.POST, "/api/yields", question("1 yd 42 wide", "SIDE_SETTING_TRIANGLE", "12", 0, 0))
                .json();
        assertThat(answer.path("trimmed").asString()).isEmpty();
        assertThat(answer.path("methods").path(0).path("gives").path("cutSizes").asString())
                .isEqualTo("18 3/8");
    }

    @Test
    void theChartAsksForItsSizes() {
        ObjectNode chart = JSON.createObjectNode();
        chart.set("question", question("10 in square", "FLYING_GOOSE", "4", 0, 0));
        chart.putArray("sizes").add("4").add("6");
        JsonNode answer = api.ask(HttpMethod.POST, "/api/yields/chart", chart).json();
        assertThat(answer.path("rows").path(1).path("cuts").toString())
                .isEqualTo("[\"6 1/2 and 3 1/2\",\"7 1/2 and 4\",\"7 3/8 and 4\"]");
        chart.putArray("sizes").add("4").add("long");
        assertThat(api.ask(HttpMethod.POST, "/api/yields/chart", chart)
                        .json()
                        .path("problems")
                        .path(0)
                        .path("where")
                        .asString())
                .isEqualTo("Chart, row 2");
    }

    /** The largest piece that is let in, cut into the smallest units: a short answer all the same. */
    @Test
    void aWholeBoltInSmallUnitsIsAnsweredShortly() {
        ObjectNode question = question("100 yd 120 wide", "PLAIN", "1/4", 0, 0);
        JsonNode part = api.ask(HttpMethod.POST, "/api/yields", question)
                .json()
                .path("methods")
                .path(0)
                .path("gives")
                .path("parts")
                .path(0);
        assertThat(part.path("perPiece").asLong()).isEqualTo(160L * 4800);
        assertThat(part.path("cuts")).hasSize(1);
    }

    @Test
    void centimetresAreAnsweredInCentimetres() {
        ObjectNode question = question("25 cm square", "HOURGLASS", "8", 2, 0);
        ObjectNode settings = (ObjectNode) question.path("settings");
        settings.put("system", "CENTIMETRE").put("seam", "0.75").put("grid", "HALF_CENTIMETRE");
        JsonNode gives = api.ask(HttpMethod.POST, "/api/yields", question)
                .json()
                .path("methods")
                .path(0)
                .path("gives");
        // 8 + 0.75 × (2 + 2√2) = 11.62, with 0.6 room 12.22: cut 12.5; four of them from 25 cm.
        assertThat(gives.path("cutSizes").asString()).isEqualTo("12.5");
        assertThat(gives.path("trimmedSize").asString()).isEqualTo("9.5");
        assertThat(gives.path("units").asInt()).isEqualTo(8);
    }

    private static JsonNode method(JsonNode answer, String key) {
        for (JsonNode row : answer.path("methods")) {
            if (row.path("key").asString().equals(key)) {
                return row;
            }
        }
        throw new AssertionError("no method " + key);
    }

    private static ObjectNode question(String piece, String kind, String size, int count, int wanted) {
        ObjectNode question = JSON.createObjectNode().put("piece", piece).put("wanted", wanted);
        question.putObject("unit")
                .put("kind", kind)
                .put("size", size)
                .put("height", "")
                .put("corner", "1")
                .put("count", count);
        question.putObject("settings")
                .put("system", "INCH")
                .put("seam", "1/4")
                .put("grid", "EIGHTH_INCH")
                .put("allowance", "TRIM");
        return question;
    }
}

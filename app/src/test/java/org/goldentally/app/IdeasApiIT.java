package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Tops that the shelf makes, over HTTP: worked out a few at a time, and taken as quilts. */
@ExtendWith(RunningApplication.class)
class IdeasApiIT {

    private final Api api;

    IdeasApiIT(Api api) {
        this.api = api;
    }

    @Test
    void whatATakenIdeaBuysIsWhatWasSaidBefore() {
        List<String> mine = put("20 squares 10 in dawn, 10 prints, two of each", "1 1/2 yd chalk white 42 wide");
        ObjectNode wish = wish(mine, "55", "65", "pinwheel");
        JsonNode ideas = api.post("/api/ideas", Map.of("wish", wish, "from", 0, "count", 6));
        assertThat(ideas.path("of").asInt()).isGreaterThan(6);
        assertThat(ideas.path("ideas")).hasSize(6);
        boolean somethingBought = false;
        for (JsonNode idea : ideas.path("ideas")) {
            Map<String, Object> taken =
                    Map.of("wish", wish, "key", idea.path("key").asString(), "name", "Taken");
            JsonNode quilt = api.post("/api/ideas/take", taken);
            JsonNode tally = api.get("/api/quilts/" + quilt.path("id").asString() + "/tally");
            List<String> bought = new ArrayList<>();
            for (JsonNode length : tally.path("totals").path("toBuy")) {
                bought.add(length.asString());
            }
            assertThat(bought.isEmpty()).isEqualTo(idea.path("buys").isEmpty());
            somethingBought |= !bought.isEmpty();
            for (JsonNode said : idea.path("buys")) {
                if (!said.asString().endsWith("others")) {
                    assertThat(bought).as(bought.toString()).contains(said.asString());
                }
            }
        }
        assertThat(somethingBought).as("a throw of ten prints buys something").isTrue();
    }

    @Test
    void clothThatIsLeftOutIsInNoIdea() {
        List<String> mine = put("2 yd lichen 42 wide", "2 yd soot black 42 wide");
        JsonNode ideas = api.post("/api/ideas", Map.of("wish", wish(mine, "", "", ""), "from", 0, "count", 3));
        assertThat(ideas.path("ideas")).isNotEmpty();
        for (JsonNode idea : ideas.path("ideas")) {
            assertThat(idea.path("says").asString()).containsAnyOf("lichen", "soot black");
        }
    }

    @Test
    void aWishThatCannotBeReadIsRefusedByItsField() {
        ObjectNode wish = wish(List.of(), "wide", "60", "");
        Api.Answer answer = api.ask(HttpMethod.POST, "/api/ideas", Map.of("wish", wish, "from", 0, "count", 3));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("problems").path(0).path("where").asString())
                .isEqualTo("Width, finished");
    }

    @Test
    void ourQuiltsAreShownAndTaken() {
        JsonNode ours = api.get("/api/our-quilts");
        assertThat(ours).hasSize(5);
        for (JsonNode quilt : ours) {
            JsonNode taken = api.post("/api/our-quilts/" + quilt.path("key").asString() + "/take", "");
            assertThat(taken.path("name").asString())
                    .isEqualTo(quilt.path("name").asString());
            JsonNode top = api.get("/api/quilts/" + taken.path("id").asString() + "/top");
            assertThat(top.path("problems")).isEmpty();
        }
        assertThat(api.ask(HttpMethod.POST, "/api/our-quilts/none/take", "").status())
                .isEqualTo(404);
    }

    /** Puts lines on the shelf, and tells the ids of all cloths that are not of them. */
    private List<String> put(String... lines) {
        List<String> before = ids();
        for (String line : lines) {
            api.post("/api/shelf/lines", Map.of("line", line, "system", "INCH"));
        }
        return before;
    }

    private List<String> ids() {
        List<String> ids = new ArrayList<>();
        for (JsonNode cloth : api.get("/api/shelf")) {
            ids.add(cloth.path("id").asString());
        }
        return ids;
    }

    private static ObjectNode wish(List<String> without, String width, String height, String words) {
        ObjectNode wish = Api.JSON
                .createObjectNode()
                .put("system", "INCH")
                .put("width", width)
                .put("height", height)
                .put("block", "")
                .put("border", "")
                .put("words", words);
        without.forEach(wish.putArray("without")::add);
        return wish;
    }
}

package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.TreeMap;
import org.goldentally.app.Api.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;

/** What is done to the shelf, each act by name, and taken back. */
@ExtendWith(RunningApplication.class)
class ShelfActsIT {

    private final Api api;
    private static int names;

    ShelfActsIT(RestClient client) {
        api = new Api(client);
    }

    @Test
    void aPackIsOneActAndIsTakenBackAsOne() {
        String name = name();
        Map<String, String> before = shelf();
        JsonNode added = add("42 squares 10 in " + name + ", 21 prints, two of each");
        assertThat(added.path("lines")).hasSize(21);
        assertThat(added.path("understood").asString())
                .isEqualTo("42 squares, 10 in – " + name + ", 21 prints, 2 of each");
        assertThat(api.get("/api/shelf/acts").path("undoes").asString())
                .isEqualTo("42 squares 10 in " + name + ", 21 prints, two of each");
        api.post("/api/shelf/undo", "");
        assertThat(shelf()).isEqualTo(before);
        api.post("/api/shelf/redo", "");
        assertThat(shelf().keySet().stream().filter(cloth -> cloth.startsWith(name + " ")))
                .hasSize(21);
    }

    /** Any acts, taken back one by one, lead through the same shelves backwards; done again, forwards. */
    @Test
    void actsAreTakenBackToTheLastThing() {
        SplittableRandom chance = new SplittableRandom(7);
        List<String> cloths = new ArrayList<>();
        List<Map<String, String>> shelves = new ArrayList<>(List.of(shelf()));
        for (int i = 0; i < 40; i++) {
            act(chance, cloths);
            // What changes nothing is no act.
            Map<String, String> now = shelf();
            if (!now.equals(shelves.getLast())) {
                shelves.add(now);
            }
        }
        for (int i = shelves.size() - 2; i >= 0; i--) {
            api.post("/api/shelf/undo", "");
            assertThat(shelf()).isEqualTo(shelves.get(i));
        }
        for (int i = 1; i < shelves.size(); i++) {
            api.post("/api/shelf/redo", "");
            assertThat(shelf()).isEqualTo(shelves.get(i));
        }
    }

    private void act(SplittableRandom chance, List<String> cloths) {
        JsonNode cloth = cloths.isEmpty() ? null : cloth(cloths.get(chance.nextInt(cloths.size())));
        int kind = cloth == null || cloth.isMissingNode() ? 0 : chance.nextInt(4);
        switch (kind) {
            case 0 -> {
                String name = name();
                cloths.add(name);
                add("3 fat quarters " + name);
            }
            case 1 ->
                add((2 + chance.nextInt(9)) + " squares 5 in "
                        + cloth.path("name").asString());
            case 2 ->
                api.ask(
                        HttpMethod.PUT,
                        "/api/shelf/cloths/" + cloth.path("id").asString(),
                        String.format(
                                "{\"colour\":\"#%06x\",\"lightness\":\"%d\",\"directional\":%s,\"kind\":\"\",\"price\":\"\"}",
                                chance.nextInt(1 << 24), chance.nextInt(100), chance.nextBoolean()));
            default -> {
                JsonNode line = cloth.path("lines").path(0);
                api.ask(
                        HttpMethod.PUT,
                        "/api/shelf/lines/" + line.path("id").asString(),
                        "{\"version\":" + line.path("version") + ",\"line\":\"scrap 9 x " + (5 + chance.nextInt(40))
                                + " " + cloth.path("name").asString() + "\"}");
            }
        }
    }

    @Test
    void anEarlierActIsTakenOutWhereNoLaterOneTouchedItsRows() {
        String first = name();
        String second = name();
        add("2 squares 10 in " + first);
        long act = api.get("/api/shelf/acts").path("acts").path(0).path("id").asLong();
        JsonNode line = add("3 squares 10 in " + second).path("lines").path(0);
        long other = api.get("/api/shelf/acts").path("acts").path(0).path("id").asLong();
        api.ask(HttpMethod.DELETE, "/api/shelf/lines/" + line.path("id").asString(), "");
        Answer refused = api.ask(HttpMethod.POST, "/api/shelf/acts/" + other + "/take-out", "");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("problems").path(0).path("why").asString())
                .isEqualTo("“taken away: 3 squares 10 in " + second + "” came later and went on from it");
        api.post("/api/shelf/acts/" + act + "/take-out", "");
        assertThat(shelf()).doesNotContainKeys(first, second);
        api.post("/api/shelf/undo", "");
        assertThat(shelf()).containsKey(second).doesNotContainKey(first);
        assertThat(api.ask(HttpMethod.POST, "/api/shelf/acts/999999999/take-out", "")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void aPriceListThatWasReplacedComesBack() {
        JsonNode none = api.get("/api/shelf/prices").path("entries");
        JsonNode first = prices("cloth,kind,price\nzzy,,11.50 a yard\n,linen,19 a metre\n");
        JsonNode second = prices("cloth,kind,price\n,,12 a yard\n");
        assertThat(api.get("/api/shelf/acts").path("undoes").asString()).isEqualTo("price list of 1 line");
        api.ask(HttpMethod.DELETE, "/api/shelf/prices", "");
        assertThat(api.get("/api/shelf/prices").path("entries")).isEmpty();
        for (JsonNode list : List.of(second, first, none)) {
            api.post("/api/shelf/undo", "");
            assertThat(api.get("/api/shelf/prices").path("entries")).isEqualTo(list);
        }
        for (JsonNode list : List.of(first, second)) {
            api.post("/api/shelf/redo", "");
            assertThat(api.get("/api/shelf/prices").path("entries")).isEqualTo(list);
        }
        api.post("/api/shelf/undo", "");
        api.post("/api/shelf/undo", "");
    }

    private JsonNode prices(String text) {
        return api.put("/api/shelf/prices", Map.of("text", text, "system", "INCH"))
                .path("entries");
    }

    @Test
    void whatChangedNothingIsNoAct() {
        String name = name();
        add("2 squares 10 in " + name);
        JsonNode cloth = cloth(name);
        long acts = api.get("/api/shelf/acts").path("acts").path(0).path("id").asLong();
        api.ask(
                HttpMethod.PUT,
                "/api/shelf/cloths/" + cloth.path("id").asString(),
                "{\"colour\":\"" + cloth.path("colour").asString() + "\",\"lightness\":\"\",\"directional\":false,"
                        + "\"kind\":\"\",\"price\":\"\",\"guessed\":true}");
        assertThat(api.get("/api/shelf/acts").path("acts").path(0).path("id").asLong())
                .isEqualTo(acts);
    }

    @Test
    void aColourThatNobodyChoseIsAGuessUntilItIsPicked() {
        String name = name();
        add("2 squares 10 in " + name);
        assertThat(cloth(name).path("guessed").asBoolean()).isTrue();
        assertThat(cloth(name).path("value").asString()).isEqualTo("colour only guessed");
        add("2 squares 10 in " + name + " teal");
        assertThat(cloth(name + " teal").path("guessed").asBoolean()).isFalse();
        add("2 squares 10 in heap dark " + name);
        assertThat(cloth("heap dark " + name).path("value").asString()).isEqualTo("dark, 25 of 100");
        api.ask(
                HttpMethod.PUT,
                "/api/shelf/cloths/" + cloth(name).path("id").asString(),
                "{\"colour\":\"#123456\",\"lightness\":\"\",\"directional\":false,\"kind\":\"\",\"price\":\"\"}");
        assertThat(cloth(name).path("guessed").asBoolean()).isFalse();
    }

    private JsonNode add(String line) {
        Answer answer = api.ask(HttpMethod.POST, "/api/shelf/lines", "{\"line\":\"" + line + "\",\"system\":\"INCH\"}");
        assertThat(answer.status()).as(answer.json().toString()).isEqualTo(201);
        return answer.json();
    }

    private JsonNode cloth(String name) {
        for (JsonNode cloth : api.get("/api/shelf")) {
            if (cloth.path("name").asString().equals(name)) {
                return cloth;
            }
        }
        return tools.jackson.databind.node.MissingNode.getInstance();
    }

    /** Everything that the shelf shows, without what only counts its changes. */
    private Map<String, String> shelf() {
        Map<String, String> shelf = new TreeMap<>();
        for (JsonNode cloth : api.get("/api/shelf")) {
            shelf.put(cloth.path("name").asString(), cloth.toString().replaceAll("\"version\":\\d+", ""));
        }
        return shelf;
    }

    private static String name() {
        String letters = Integer.toString(++names, 26);
        StringBuilder name = new StringBuilder("zzy");
        letters.chars().forEach(sign -> name.append((char) ('a' + Character.digit(sign, 26))));
        return name.toString();
    }
}

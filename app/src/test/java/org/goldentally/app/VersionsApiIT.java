package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A quilt at a glance, its versions and its kits, over HTTP. */
@ExtendWith(RunningApplication.class)
class VersionsApiIT {

    private final Api api;

    VersionsApiIT(Api api) {
        this.api = api;
    }

    @Test
    void versionsKnowWhatTheyCameFromAndAreCompared() {
        String first = take("market-day");
        JsonNode second = api.post("/api/quilts/" + first + "/version", "");
        JsonNode third = api.post("/api/quilts/" + id(second) + "/version", "");
        assertThat(second.path("name").asString()).isEqualTo("Market day, version 2");
        assertThat(third.path("name").asString()).isEqualTo("Market day, version 3");
        assertThat(listed(id(third)).path("cameFrom").asString()).isEqualTo(first);
        ((ObjectNode) third.path("design").path("borders").path(1)).put("width", "6");
        api.put(
                "/api/quilts/" + id(third),
                Map.of(
                        "version",
                        third.path("version").asInt(),
                        "name",
                        "Market day, wide",
                        "design",
                        third.path("design"),
                        "sameStep",
                        false));
        JsonNode compared = api.get("/api/compare?quilt=" + first + "&quilt=" + id(third));
        assertThat(compared.path("versions").path(0).path("name").asString()).isEqualTo("Market day");
        assertThat(compared.path("versions").path(1).path("name").asString()).isEqualTo("Market day, wide");
        assertThat(compared.path("differ").path(0).path("what").asString()).isEqualTo("Top, finished");
        assertThat(compared.path("differ").path(0).path("values").toString()).contains("52 × 66 in", "56 × 70 in");
        assertThat(compared.path("same")).isNotEmpty();
        assertThat(api.ask("/api/compare?quilt=" + first).status()).isEqualTo(422);
        assertThat(api.ask("/api/compare?quilt=" + first + "&quilt=" + first).status())
                .isEqualTo(422);
    }

    @Test
    void aQuiltIsRenamedPutAwayAndBroughtBack() {
        String id = take("geese-at-dusk");
        assertThat(api.ask(HttpMethod.PUT, "/api/quilts/" + id + "/name", Map.of("name", " Geese at dawn "))
                        .status())
                .isEqualTo(204);
        assertThat(listed(id).path("name").asString()).isEqualTo("Geese at dawn");
        assertThat(api.ask(HttpMethod.PUT, "/api/quilts/" + id + "/name", Map.of("name", " "))
                        .status())
                .isEqualTo(422);
        for (int twice = 0; twice < 2; twice++) {
            api.ask(HttpMethod.PUT, "/api/quilts/" + id + "/archived", "");
            assertThat(listed(id).path("archivedAt").isNull()).isFalse();
        }
        api.ask(HttpMethod.DELETE, "/api/quilts/" + id + "/archived", "");
        assertThat(listed(id).path("archivedAt").isNull()).isTrue();
    }

    /** What the list says is what the stations say. */
    @Test
    void aGlanceAgreesWithTheStations() {
        String quilt = "/api/quilts/" + take("windowsill-runner");
        JsonNode glance = api.get(quilt + "/glance");
        JsonNode tally = api.get(quilt + "/tally");
        JsonNode sew = api.get(quilt + "/sew");
        assertThat(glance.path("buysOfNoCloth")).isEqualTo(tally.path("totals").path("toBuyOfNoCloth"));
        JsonNode bare = api.post("/api/quilts", Map.of("name", "Bare", "system", "INCH"));
        assertThat(api.get("/api/quilts/" + id(bare) + "/glance")
                        .path("notCounted")
                        .toString())
                .contains("fabric for what is not dressed yet");
        assertThat(glance.path("buys")).isEqualTo(tally.path("totals").path("toBuy"));
        assertThat(glance.path("cutSteps")).isEqualTo(api.get(quilt + "/cut").path("steps"));
        assertThat(glance.path("sets")).isEqualTo(sew.path("needed"));
        assertThat(glance.path("picture").path("top"))
                .isEqualTo(api.get(quilt + "/top").path("picture"));
    }

    @Test
    void kitsAreCountedTogetherAndPrinted() {
        String id = take("market-day");
        JsonNode quilt = api.get("/api/quilts/" + id);
        ((ObjectNode) quilt.path("design").path("plan"))
                .putArray("kits")
                .addPOJO(Map.of("name", "", "count", 12, "cloths", List.of()));
        api.put(
                "/api/quilts/" + id,
                Map.of(
                        "version",
                        quilt.path("version").asInt(),
                        "name",
                        "A class",
                        "design",
                        quilt.path("design"),
                        "sameStep",
                        false));
        JsonNode kits = api.get("/api/quilts/" + id + "/kits");
        assertThat(kits.path("count").asInt()).isEqualTo(12);
        assertThat(kits.path("saved").asString()).endsWith(" yd");
        assertThat(kits.path("rows").findValuesAsString("what"))
                .contains("cream", "batting", "backing, fabric not chosen");
        assertThat(kits.path("rows").findValuesAsString("buy")).anyMatch(buy -> buy.startsWith("12 × "));
        assertThat(kits.path("kits")).hasSize(1);
        assertThat(kits.path("kits").path(0).path("heaps")).isNotEmpty();
    }

    private String take(String key) {
        return id(api.post("/api/our-quilts/" + key + "/take", ""));
    }

    private static String id(JsonNode quilt) {
        return quilt.path("id").asString();
    }

    private JsonNode listed(String id) {
        for (JsonNode quilt : api.get("/api/quilts")) {
            if (id(quilt).equals(id)) {
                return quilt;
            }
        }
        throw new AssertionError("not in the list");
    }
}

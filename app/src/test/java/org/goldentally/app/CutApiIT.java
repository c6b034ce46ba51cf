package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.account.SheetSteps;
import org.goldentally.core.design.QuiltDesign;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The cutting sheets over HTTP, and their ticks. */
@ExtendWith(RunningApplication.class)
class CutApiIT {

    private final Api api;
    private UUID quilt = new UUID(0, 0);
    private String cut = "";

    CutApiIT(Api api) {
        this.api = api;
    }

    @BeforeEach
    void aQuilt() {
        quilt = UUID.fromString(
                api.post("/api/our-quilts/market-day/take", "").path("id").asString());
        cut = "/api/quilts/" + quilt + "/cut";
    }

    @Test
    void aStepIsTickedOnceHoweverOftenAndUnticked() {
        String first = steps().getFirst();
        assertThat(done()).isEmpty();
        for (int n = 0; n < 2; n++) {
            assertThat(api.ask(HttpMethod.PUT, cut + "/steps/" + first, "").status())
                    .isEqualTo(204);
        }
        assertThat(done()).containsExactly(first);
        for (int n = 0; n < 2; n++) {
            assertThat(api.ask(HttpMethod.DELETE, cut + "/steps/" + first, "").status())
                    .isEqualTo(204);
            assertThat(done()).isEmpty();
        }
        api.ask(HttpMethod.PUT, cut + "/steps/" + first, "");
        assertThat(done()).containsExactly(first);
    }

    /** Ticks of the version before steps had keys stand under digests of sentences: they count, and are taken back. */
    @Test
    void aTickOfAnEarlierVersionCountsAndIsTakenBack() {
        String first = steps().getFirst();
        QuiltDesign design = RunningApplication.bean(Quilts.class).design(quilt);
        String former = RunningApplication.bean(QuiltTally.class).of(quilt, design).ledgers().stream()
                .flatMap(ledger -> SheetSteps.of(ledger).stream())
                .flatMap(List::stream)
                .filter(step -> step.id().toString().equals(first))
                .findFirst()
                .orElseThrow()
                .inLog()
                .stream()
                .filter(key -> !key.equals(first))
                .findFirst()
                .orElseThrow();
        assertThat(api.ask(HttpMethod.PUT, cut + "/steps/" + former, "").status())
                .isEqualTo(204);
        assertThat(done()).containsExactly(first);
        assertThat(api.ask(HttpMethod.DELETE, cut + "/steps/" + first, "").status())
                .isEqualTo(204);
        assertThat(done()).isEmpty();
    }

    /** Cut, then another size: no sheet has the step any more, and it is told of in the words it had. Back again, it is ticked. */
    @Test
    void whatWasCutForThePlanAsItWasIsToldOf() {
        String first = steps().getFirst();
        String words = api.get(cut).path("cloths").path(0).path("name").asString();
        api.ask(HttpMethod.PUT, cut + "/steps/" + first, "");
        assertThat(api.get(cut).path("before")).isEmpty();
        String typed = resized("17");
        assertThat(done()).isEmpty();
        JsonNode before = api.get(cut).path("before");
        assertThat(before).hasSize(1);
        assertThat(before.path(0).path("what").asString()).startsWith(words + ": ");
        assertThat(api.get("/api/quilts/" + quilt + "/tally").path("notices").toString())
                .contains("1 cut was made for the plan as it was");
        resized(typed);
        assertThat(done()).containsExactly(first);
        assertThat(api.get(cut).path("before")).isEmpty();
        resized("17");
        api.ask(HttpMethod.DELETE, cut + "/steps/" + before.path(0).path("key").asString(), "");
        assertThat(api.get(cut).path("before")).isEmpty();
    }

    /** Gives what was typed before. */
    private String resized(String block) {
        String path = "/api/quilts/" + quilt;
        JsonNode stored = api.get(path);
        ObjectNode design = (ObjectNode) stored.path("design");
        ObjectNode size = (ObjectNode) design.path("blockSize");
        String before = size.path("typed").asString();
        size.put("typed", block);
        ObjectNode change = Api.JSON.createObjectNode();
        change.put("version", stored.path("version").asInt())
                .put("name", "Resized")
                .put("sameStep", false)
                .set("design", design);
        assertThat(api.ask(HttpMethod.PUT, path, change).status()).isEqualTo(200);
        return before;
    }

    @Test
    void everyPieceIsDrawnAndWhatIsNotThereIsNotFound() {
        JsonNode cloth = api.get(cut).path("cloths").path(0);
        String drawing = cut + "/" + cloth.path("key").asString() + "/";
        String svg = api.client().get().uri(drawing + "0.svg").retrieve().body(String.class);
        assertThat(svg).startsWith("<svg").contains("</svg>");
        assertThat(api.ask(drawing + cloth.path("pieces").size() + ".svg").status())
                .isEqualTo(404);
        assertThat(api.ask(cut + "/none/0.svg").status()).isEqualTo(404);
    }

    private List<String> steps() {
        List<String> keys = new ArrayList<>();
        each(step -> keys.add(step.path("key").asString()));
        return keys;
    }

    private List<String> done() {
        List<String> keys = new ArrayList<>();
        each(step -> {
            if (step.path("done").asBoolean()) {
                keys.add(step.path("key").asString());
            }
        });
        return keys;
    }

    private void each(java.util.function.Consumer<JsonNode> of) {
        api.get(cut)
                .path("cloths")
                .forEach(cloth -> cloth.path("pieces")
                        .forEach(piece -> piece.path("steps").forEach(of)));
    }
}

package org.goldentally.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.MediaType;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Measures how long it takes from an edit of a large top to its new picture and ledger, over HTTP, and how smoothly the
 * wall moves; run by {@code ./golden-tally bench http} only.
 */
@ExtendWith(Browser.class)
@EnabledIfSystemProperty(named = "goldentally.bench", matches = "true")
class EditBenchmarkIT {

    private static final int ACROSS = 20;
    private static final int DOWN = 25;
    private static final int EDITS = 400;
    private static final String LETTERS = "abcdefghijkl";

    private final JsonMapper json = new JsonMapper();
    private final Page page;
    private final RestClient client;

    EditBenchmarkIT(Page page) {
        this.page = page;
        this.client = RestClient.create(Browser.address());
    }

    @Test
    void editToLedger() {
        ObjectNode quilt = (ObjectNode) json.readTree(client.post()
                .uri("/api/quilts")
                .contentType(MediaType.APPLICATION_JSON)
                .body("{\"name\":\"Large\",\"system\":\"INCH\"}")
                .retrieve()
                .body(String.class));
        String address = "/api/quilts/" + quilt.path("id").asString();
        ObjectNode body = json.createObjectNode().put("name", "Large").put("sameStep", false);
        body.set("design", large((ObjectNode) quilt.path("design")));
        int version = keptAsThePageSendsIt(address, body);
        List<Double> millis = new ArrayList<>();
        List<Double> kept = new ArrayList<>();
        for (int edit = 0; edit < EDITS; edit++) {
            ObjectNode place = (ObjectNode) body.path("design").path("places").path(edit);
            place.put("quarterTurns", (place.path("quarterTurns").asInt() + 1) % 4);
            String sent = body.put("version", version).toString();
            long start = System.nanoTime();
            String stored = client.put()
                    .uri(address)
                    .contentType(MediaType.APPLICATION_JSON)
                    .body(sent)
                    .retrieve()
                    .body(String.class);
            kept.add((System.nanoTime() - start) / 1e6);
            CompletableFuture.allOf(fetch(address + "/top"), fetch(address + "/tally"))
                    .join();
            millis.add((System.nanoTime() - start) / 1e6);
            version = json.readTree(stored).path("version").asInt();
        }
        tell("edit to picture and ledger, 20 x 25 blocks of 16 units, 12 fabrics", millis);
        tell("of that, edit to picture: until it is kept", kept);

        page.navigate(address.substring(4) + "/top");
        page.locator("[data-part]").first().waitFor();
        Object frames = page.evaluate("""
                async () => {
                  const wall = document.querySelector('[role=application]')
                  const box = wall.getBoundingClientRect()
                  const times = []
                  let last = performance.now()
                  for (let i = 0; i < 90; i++) {
                    const at = { clientX: box.x + box.width / 3, clientY: box.y + box.height / 3, deltaY: i % 30 < 15 ? -100 : 100 }
                    wall.dispatchEvent(new WheelEvent('wheel', { ...at, bubbles: true, cancelable: true }))
                    await new Promise(requestAnimationFrame)
                    times.push(performance.now() - last)
                    last = performance.now()
                  }
                  times.sort((a, b) => a - b)
                  return `median ${times[45].toFixed(0)} ms, 95 % under ${times[85].toFixed(0)} ms`
                }""");
        System.out.println("a step of zooming on the wall, to the next frame: " + frames);
    }

    /** A page sends whole documents; what the benchmark leaves out is filled in once, before anything is timed. */
    private int keptAsThePageSendsIt(String address, ObjectNode body) {
        JsonNode stored = json.readTree(client.put()
                .uri(address)
                .contentType(MediaType.APPLICATION_JSON)
                .body(body.put("version", 0).toString())
                .retrieve()
                .body(String.class));
        body.set("design", stored.path("design"));
        return stored.path("version").asInt();
    }

    private static void tell(String what, List<Double> millis) {
        List<Double> warm = new ArrayList<>(millis.subList(EDITS / 2, EDITS));
        Collections.sort(warm);
        System.out.printf(
                "%s: median %.0f ms, 95 %% under %.0f ms%n",
                what, warm.get(warm.size() / 2), warm.get(warm.size() * 95 / 100));
    }

    private CompletableFuture<String> fetch(String path) {
        return CompletableFuture.supplyAsync(
                () -> client.get().uri(path).retrieve().body(String.class));
    }

    private ObjectNode large(ObjectNode design) {
        ArrayNode cloths = design.putArray("cloths");
        for (int i = 0; i < LETTERS.length(); i++) {
            cloths.addObject()
                    .put("key", LETTERS.substring(i, i + 1))
                    .put("name", "cloth " + i)
                    .put("colour", String.format("#%06x", i * 1_318_257 % 0x1000000))
                    .put("lightness", "")
                    .put("background", i == 0)
                    .put("shelfCloth", "")
                    .put("directional", false)
                    .put("pack", "")
                    .put("standsFor", "ITSELF")
                    .put("guessed", false);
        }
        ArrayNode parts = design.putArray("blocks")
                .addObject()
                .put("key", "block")
                .put("name", "Block")
                .set("columns", json.readTree("[1,1,1,1]"))
                .set("rows", json.readTree("[1,1,1,1]"))
                .asObject()
                .putArray("parts");
        for (int i = 0; i < 16; i++) {
            ObjectNode unit = parts.addObject()
                    .put("column", i % 4)
                    .put("row", i / 4)
                    .put("columns", 1)
                    .put("rows", 1)
                    .putObject("unit");
            unit.put("kind", "HALF_SQUARE").put("count", 0).put("corner", "1/2").put("block", "");
            unit.put("quarterTurns", i % 4).put("mirrored", false);
            unit.putArray("cloths").add(i % 2 == 0 ? "b" : "c").add("a");
        }
        ((ObjectNode) design.path("setting"))
                .put("across", ACROSS)
                .put("down", DOWN)
                .putArray("blocks")
                .add("block");
        ArrayNode places = design.putArray("places");
        for (int i = 0; i < ACROSS * DOWN; i++) {
            ObjectNode place = places.addObject().put("row", i / ACROSS).put("column", i % ACROSS);
            place.put("block", "").put("quarterTurns", 0).put("mirrored", false);
            ArrayNode exchanges = place.putArray("exchanges");
            exchanges.addObject().put("from", "b").put("to", LETTERS.substring(1 + i * 3 % 11, 2 + i * 3 % 11));
            exchanges.addObject().put("from", "c").put("to", LETTERS.substring(1 + i * 7 % 11, 2 + i * 7 % 11));
        }
        return design;
    }
}

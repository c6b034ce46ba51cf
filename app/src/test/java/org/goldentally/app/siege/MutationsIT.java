package org.goldentally.app.siege;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.goldentally.app.RunningApplication;
import org.goldentally.app.siege.RawHttp.Answer;
import org.goldentally.app.siege.RawHttp.Sent;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Thousands of requests that nobody means, to every call of the API: whatever is sent, the answer is one that was meant.
 * {@code golden-tally siege} sends a hundred thousand and looks at the clock as well.
 */
class MutationsIT {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int SHORT = 2_000;
    private static final int REQUESTS = Integer.getInteger("goldentally.mutations", SHORT);
    private static final boolean SIEGE = REQUESTS > SHORT;
    private static final int WRITERS = 4;
    private static final int BETWEEN_QUILTS = 500;
    private static final int LONGEST_MS = 5_000;

    private final RawHttp http = new RawHttp(RunningApplication.address());

    @Test
    void whateverIsSentTheAnswerIsOneThatWasMeant() throws Exception {
        JsonNode description = ask("GET", "/api/openapi", "");
        List<String> wrong = new ArrayList<>();
        Map<Integer, Integer> statuses = new TreeMap<>();
        long slowest = 0;
        try (ExecutorService writers = Executors.newFixedThreadPool(WRITERS)) {
            List<Future<Result>> parts = new ArrayList<>();
            for (int writer = 0; writer < WRITERS; writer++) {
                int seed = writer;
                Callable<Result> part = () -> send(description, REQUESTS / WRITERS, seed);
                parts.add(writers.submit(part));
            }
            for (Future<Result> part : parts) {
                wrong.addAll(part.get().wrong);
                part.get().statuses.forEach((status, count) -> statuses.merge(status, count, Integer::sum));
                slowest = Math.max(slowest, part.get().slowest);
            }
        }
        if (SIEGE) {
            System.out.printf("SIEGE %d mutated requests: answers %s, slowest %d ms%n", REQUESTS, statuses, slowest);
        }
        assertThat(wrong).isEmpty();
        assertThat(statuses).as("some are answered, some refused").containsKeys(200, 400, 404, 422);
    }

    private record Result(List<String> wrong, Map<Integer, Integer> statuses, long slowest) {}

    private Result send(JsonNode description, int count, long seed) throws IOException {
        List<String> wrong = new ArrayList<>();
        Map<Integer, Integer> statuses = new TreeMap<>();
        long slowest = 0;
        Mutations mutations = null;
        for (int n = 0; n < count; n++) {
            if (n % BETWEEN_QUILTS == 0) {
                mutations = mutations(description, seed * 1_000_003 + n);
            }
            Sent sent = mutations.next();
            Answer answer = http.send(sent);
            statuses.merge(answer.status(), 1, Integer::sum);
            slowest = Math.max(slowest, answer.millis());
            boolean trace = answer.body().contains("\tat ") || answer.body().contains("Exception");
            if (answer.status() >= 500 || answer.status() < 200 || trace || SIEGE && answer.millis() > LONGEST_MS) {
                wrong.add(answer.status() + " after " + answer.millis() + " ms: " + sent + " -> " + answer.body());
            }
        }
        return new Result(wrong, statuses, slowest);
    }

    /** A quilt, a cloth and a block to spoil, new ones now and then, since many requests delete what they find. */
    private Mutations mutations(JsonNode description, long seed) throws IOException {
        JsonNode line =
                ask("POST", "/api/shelf/lines", "{\"line\":\"9 squares 10 in oat " + seed + "\",\"system\":\"INCH\"}");
        JsonNode cloth = ask("GET", "/api/shelf", "").path(0);
        JsonNode quilt = ask("POST", "/api/quilts", "{\"name\":\"Siege\",\"system\":\"INCH\"}");
        ObjectNode design = (ObjectNode) quilt.path("design");
        for (String key : new String[] {"a", "b"}) {
            design.withArray("cloths")
                    .addObject()
                    .put("key", key)
                    .put("name", key)
                    .put("colour", key.equals("a") ? "#224466" : "#eeddcc")
                    .put("lightness", "")
                    .put("background", false)
                    .put("shelfCloth", cloth.path("id").asString(""))
                    .put("directional", false)
                    .put("pack", "")
                    .put("standsFor", "ITSELF")
                    .put("guessed", false);
        }
        design.path("blocks")
                .path(0)
                .path("parts")
                .forEach(part -> ((ObjectNode) part.path("unit"))
                        .set("cloths", JSON.createArrayNode().add("a").add("b")));
        String id = quilt.path("id").asString();
        ask(
                "PUT",
                "/api/quilts/" + id,
                JSON.createObjectNode()
                        .put("version", 0)
                        .put("name", "Siege")
                        .put("sameStep", false)
                        .set("design", design)
                        .toString());
        JsonNode batches = ask("GET", "/api/quilts/" + id + "/sew", "").path("batches");
        Map<String, List<String>> known = new HashMap<>();
        known.put(
                "id",
                List.of(
                        id,
                        cloth.path("id").asString(""),
                        line.path("lines").path(0).path("id").asString("")));
        known.put("key", List.of("pinwheel"));
        known.put("block", List.of("pinwheel"));
        known.put("cloth", List.of("a", "b"));
        known.put("piece", List.of("0", "1"));
        known.put("step", List.of("0", "1", "2", id));
        known.put("batch", List.of("rows", batches.path(0).path("key").asString("")));
        known.put("group", List.of("half-square:a,b"));
        known.put("system", List.of("INCH", "CENTIMETRE"));
        known.put("doubles", List.of("ASK", "ADD", "LEAVE_OUT"));
        known.put("act", List.of("1", "2"));
        known.put("find", List.of("star"));
        known.put("version", List.of("0", "1"));
        Map<String, JsonNode> samples = new HashMap<>();
        samples.put("QuiltDesign", design);
        JsonNode whole = ask("GET", "/api/blocks?find=star", "").path(0).path("blocks");
        samples.put("BlockToKeep", JSON.createObjectNode().set("blocks", whole));
        samples.put("quilt-file", ask("GET", "/api/quilts/" + id + "/file", ""));
        samples.put("everything", JSON.createObjectNode());
        samples.put(
                "TypedFile",
                JSON.createObjectNode()
                        .put("system", "INCH")
                        .put(
                                "text",
                                "cloth,count,form,width,length,kind,price\nteal,2,square,10,10,cotton,9.50 a yard\n"));
        return new Mutations(description, known, samples, seed);
    }

    private JsonNode ask(String method, String target, String body) throws IOException {
        Answer answer = http.send(new Sent(
                method,
                target,
                body.isEmpty() ? "" : "Content-Type: application/json\r\n",
                body.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
        String text = answer.body();
        if (answer.head().toLowerCase(java.util.Locale.ROOT).contains("transfer-encoding: chunked")) {
            text = unchunked(text);
        }
        return JSON.readTree(text.isEmpty() ? "null" : text);
    }

    /** Chunks begin with their length in hexadecimal; lengths count bytes. */
    private static String unchunked(String text) {
        byte[] bytes = text.getBytes(java.nio.charset.StandardCharsets.UTF_8);
        java.io.ByteArrayOutputStream whole = new java.io.ByteArrayOutputStream();
        int at = 0;
        while (at < bytes.length) {
            int line = at;
            while (bytes[line] != '\r') {
                line++;
            }
            int length =
                    Integer.parseInt(new String(bytes, at, line - at, java.nio.charset.StandardCharsets.US_ASCII), 16);
            if (length == 0) {
                break;
            }
            whole.write(bytes, line + 2, length);
            at = line + 2 + length + 2;
        }
        return whole.toString(java.nio.charset.StandardCharsets.UTF_8);
    }
}

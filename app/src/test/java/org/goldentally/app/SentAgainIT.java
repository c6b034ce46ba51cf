package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Calls that are sent again, since their answers were lost, and calls of several writers in the same moment. */
@ExtendWith(RunningApplication.class)
class SentAgainIT {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int WRITERS = 8;

    private final RestClient client;
    private final Api api;

    SentAgainIT(RestClient client, Api api) {
        this.client = client;
        this.api = api;
    }

    private ResponseEntity<String> send(HttpMethod method, String path, Object body, UUID key) {
        return client.method(method)
                .uri(path)
                .header("Idempotency-Key", key.toString())
                .contentType(MediaType.APPLICATION_JSON)
                .body(body instanceof String text ? text : JSON.writeValueAsString(body))
                .retrieve()
                .toEntity(String.class);
    }

    private static Map<String, String> line(String typed) {
        return Map.of("line", typed, "system", "INCH");
    }

    private int linesOf(String cloth) {
        int lines = 0;
        for (JsonNode each : api.get("/api/shelf")) {
            lines += each.path("name").asString().equals(cloth)
                    ? each.path("lines").size()
                    : 0;
        }
        return lines;
    }

    @Test
    void aLineSentAgainStandsOnceAndIsAnsweredAlike() {
        UUID key = UUID.randomUUID();
        ResponseEntity<String> first = send(HttpMethod.POST, "/api/shelf/lines", line("3 squares 10 in twice"), key);
        ResponseEntity<String> again = send(HttpMethod.POST, "/api/shelf/lines", line("3 squares 10 in twice"), key);
        assertThat(first.getStatusCode().value()).isEqualTo(201);
        assertThat(again.getStatusCode()).isEqualTo(first.getStatusCode());
        assertThat(again.getBody()).isEqualTo(first.getBody());
        assertThat(linesOf("twice")).isEqualTo(1);
        send(HttpMethod.POST, "/api/shelf/lines", line("3 squares 10 in twice"), UUID.randomUUID());
        assertThat(linesOf("twice")).as("meant twice, under another key").isEqualTo(2);
    }

    @Test
    void oneKeyIsForOneCallOnly() {
        UUID key = UUID.randomUUID();
        send(HttpMethod.POST, "/api/shelf/lines", line("1 fat quarter keyed"), key);
        assertThat(send(HttpMethod.POST, "/api/shelf/undo", "", key)
                        .getStatusCode()
                        .value())
                .isEqualTo(422);
        assertThat(linesOf("keyed")).isEqualTo(1);
    }

    @Test
    void oneKeyIsForOneBodyOnly() {
        UUID key = UUID.randomUUID();
        send(HttpMethod.POST, "/api/shelf/lines", line("3 squares 10 in bodied"), key);
        ResponseEntity<String> other = send(HttpMethod.POST, "/api/shelf/lines", line("4 squares 10 in bodied"), key);
        assertThat(other.getStatusCode().value()).isEqualTo(422);
        assertThat(other.getBody()).contains("another body");
        assertThat(linesOf("bodied")).isEqualTo(1);
    }

    @Test
    void whatWasRefusedIsTriedAnewUnderItsKey() {
        UUID key = UUID.randomUUID();
        assertThat(send(HttpMethod.POST, "/api/shelf/lines", line("many squares"), key)
                        .getStatusCode()
                        .value())
                .isEqualTo(422);
        assertThat(send(HttpMethod.POST, "/api/shelf/lines", line("2 squares 5 in mended"), key)
                        .getStatusCode()
                        .value())
                .isEqualTo(201);
        assertThat(linesOf("mended")).isEqualTo(1);
    }

    @Test
    void aCallSentAgainWhileTheFirstIsUnderWayIsMadeOnce() throws Exception {
        UUID key = UUID.randomUUID();
        List<ResponseEntity<String>> answers =
                together(n -> send(HttpMethod.POST, "/api/quilts", Map.of("name", "At once", "system", "INCH"), key));
        assertThat(answers)
                .extracting(ResponseEntity::getBody)
                .containsOnly(answers.getFirst().getBody());
        int quilts = 0;
        for (JsonNode quilt : api.get("/api/quilts")) {
            quilts += quilt.path("name").asString().equals("At once") ? 1 : 0;
        }
        assertThat(quilts).isEqualTo(1);
    }

    @Test
    void deletingAndBringingBackMayBeRepeated() {
        String path = "/api/quilts/"
                + api.post("/api/quilts", Map.of("name", "Gone", "system", "INCH"))
                        .path("id")
                        .asString();
        assertThat(api.ask(HttpMethod.DELETE, path, "").status()).isEqualTo(204);
        assertThat(api.ask(HttpMethod.DELETE, path, "").status()).isEqualTo(204);
        JsonNode line = api.post("/api/shelf/lines", line("1 fat quarter repeated"))
                .path("lines")
                .path(0);
        String shelfLine = "/api/shelf/lines/" + line.path("id").asString();
        assertThat(api.ask(HttpMethod.DELETE, shelfLine, "").status()).isEqualTo(204);
        assertThat(api.ask(HttpMethod.DELETE, shelfLine, "").status()).isEqualTo(204);
        api.post(shelfLine + "/put-back", "");
        assertThat(api.ask(HttpMethod.POST, shelfLine + "/put-back", "").status())
                .isEqualTo(200);
        assertThat(linesOf("repeated")).isEqualTo(1);
    }

    /** Eight writers of one new cloth, of the price list and of one block of one's own: all are answered, none is lost. */
    @Test
    void writersOfOneNameTakeTurns() throws Exception {
        assertThat(together(n -> post("/api/shelf/lines", line((n + 1) + " squares 10 in crowded"))))
                .containsOnly(201);
        assertThat(linesOf("crowded")).isEqualTo(WRITERS);
        assertThat(together(n -> put(
                        "/api/shelf/prices",
                        Map.of("system", "INCH", "text", "cloth,kind,price\n,," + (n + 9) + " a yard\n"))))
                .containsOnly(200);
        assertThat(api.get("/api/shelf/prices").path("entries")).hasSize(1);
        JsonNode block = api.get("/api/blocks?find=pinwheel").path(0).path("blocks");
        assertThat(together(n -> post("/api/blocks/own", Map.of("blocks", block))))
                .containsOnly(201);
        assertThat(api.get("/api/blocks/own").findValuesAsString("name").stream()
                        .filter("Pinwheel"::equals))
                .hasSizeLessThanOrEqualTo(2);
    }

    @Test
    void whoeverChangesAClothOrThePricesSecondIsTold() {
        JsonNode line = api.post("/api/shelf/lines", line("1 fat quarter versioned"));
        assertThat(line).isNotNull();
        JsonNode cloth = null;
        for (JsonNode each : api.get("/api/shelf")) {
            cloth = each.path("name").asString().equals("versioned") ? each : cloth;
        }
        String path = "/api/shelf/cloths/" + cloth.path("id").asString() + "?version="
                + cloth.path("version").asInt();
        assertThat(put(path, facts("linen"))).isEqualTo(204);
        assertThat(put(path, facts("silk"))).isEqualTo(409);
        assertThat(put(path, facts("linen"))).as("the same sent again").isEqualTo(204);
        int version = api.get("/api/shelf/prices").path("version").asInt();
        String list = "/api/shelf/prices?version=" + version;
        assertThat(put(list, Map.of("system", "INCH", "text", "cloth,kind,price\n,,31 a yard\n")))
                .isEqualTo(200);
        assertThat(put(list, Map.of("system", "INCH", "text", "cloth,kind,price\n,,32 a yard\n")))
                .isEqualTo(409);
    }

    private static Map<String, Object> facts(String kind) {
        return Map.of("colour", "#6d3a5d", "lightness", "", "directional", false, "kind", kind, "price", "");
    }

    private int post(String path, Object body) {
        return api.ask(HttpMethod.POST, path, body).status();
    }

    private int put(String path, Object body) {
        return client.put()
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .body(JSON.writeValueAsString(body))
                .retrieve()
                .toBodilessEntity()
                .getStatusCode()
                .value();
    }

    private interface Writer<T> {
        T write(int number);
    }

    private static <T> List<T> together(Writer<T> writer) throws Exception {
        try (ExecutorService writers = Executors.newFixedThreadPool(WRITERS)) {
            List<Callable<T>> all = new ArrayList<>();
            for (int n = 0; n < WRITERS; n++) {
                int number = n;
                all.add(() -> writer.write(number));
            }
            List<T> answers = new ArrayList<>();
            for (Future<T> answer : writers.invokeAll(all)) {
                answers.add(answer.get());
            }
            return answers;
        }
    }
}

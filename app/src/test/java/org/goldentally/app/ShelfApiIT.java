package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.client.RestClient;

/** The shelf over HTTP: lines are understood, corrected in place, removed and put back. */
@ExtendWith(RunningApplication.class)
class ShelfApiIT {

    private final RestClient client;

    ShelfApiIT(RestClient client) {
        this.client = client;
    }

    @Test
    void aLineIsUnderstoodCorrectedRemovedAndPutBack() {
        Map<?, ?> line = add("3 fat quarters moss");
        assertThat(line.get("understood")).isEqualTo("3 fat quarters, 20 × 18 in – moss");
        Object moss = cloth("moss").get("id");

        Map<?, ?> corrected = client.put()
                .uri("/api/shelf/lines/" + line.get("id"))
                .contentType(MediaType.APPLICATION_JSON)
                .body("{\"version\":0,\"line\":\"3 fat quarters dark moss measured 17 1/2 x 19\"}")
                .retrieve()
                .body(Map.class);
        assertThat(corrected.get("understood")).isEqualTo("3 fat quarters, 17 1/2 × 19 in – dark moss");
        assertThat(cloth("dark moss").get("id"))
                .as("a corrected name keeps its fabric")
                .isEqualTo(moss);

        client.delete().uri("/api/shelf/lines/" + line.get("id")).retrieve().toBodilessEntity();
        assertThat(names()).doesNotContain("dark moss");
        client.post()
                .uri("/api/shelf/lines/" + line.get("id") + "/put-back")
                .retrieve()
                .toBodilessEntity();
        assertThat(names()).contains("dark moss");
    }

    @Test
    void twoLinesOfOneClothStandTogether() {
        add("2 yd pewter 42 wide");
        add("scrap 9 x 13 Pewter");
        assertThat((List<?>) cloth("pewter").get("lines")).hasSize(2);
    }

    @Test
    void anOutdatedCorrectionIsRefused() {
        Map<?, ?> line = add("scrap 9 x 13 umber");
        assertThat(correct(line, 0, "scrap 9 x 12 umber").getStatusCode().value())
                .isEqualTo(200);
        assertThat(correct(line, 0, "scrap 9 x 11 umber").getStatusCode().value())
                .isEqualTo(409);
    }

    @Test
    void whatIsNotUnderstoodIsRefusedWithExamples() {
        ResponseEntity<String> answer = post("lots of marigold");
        assertThat(answer.getStatusCode().value()).isEqualTo(422);
        assertThat(answer.getBody())
                .contains("“lots of marigold” does not say what form the fabric has", "42 squares 10 in marigold");
        assertThat(post("1000000000 squares 10 in oat").getStatusCode().value()).isEqualTo(422);
    }

    private Map<?, ?> add(String line) {
        Map<?, ?> added = client.post()
                .uri("/api/shelf/lines")
                .contentType(MediaType.APPLICATION_JSON)
                .body(Map.of("line", line, "system", "INCH"))
                .retrieve()
                .body(Map.class);
        return (Map<?, ?>) ((List<?>) added.get("lines")).getFirst();
    }

    private ResponseEntity<String> post(String line) {
        return client.post()
                .uri("/api/shelf/lines")
                .contentType(MediaType.APPLICATION_JSON)
                .body(Map.of("line", line, "system", "INCH"))
                .retrieve()
                .toEntity(String.class);
    }

    private ResponseEntity<Void> correct(Map<?, ?> line, int version, String typed) {
        return client.put()
                .uri("/api/shelf/lines/" + line.get("id"))
                .contentType(MediaType.APPLICATION_JSON)
                .body(Map.of("version", version, "line", typed))
                .retrieve()
                .toBodilessEntity();
    }

    private List<String> names() {
        return shelf().stream().map(cloth -> String.valueOf(cloth.get("name"))).toList();
    }

    private Map<?, ?> cloth(String name) {
        return shelf().stream()
                .filter(cloth -> name.equals(cloth.get("name")))
                .findFirst()
                .orElseThrow();
    }

    private List<Map<?, ?>> shelf() {
        return List.of(client.get().uri("/api/shelf").retrieve().body(Map[].class));
    }
}

package org.goldentally.app;

import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Asks the running application in JSON, and reads what it answers, refusals too. */
record Api(RestClient client) {

    static final JsonMapper JSON = new JsonMapper();

    record Answer(int status, JsonNode json) {}

    Answer ask(HttpMethod method, String path, Object body) {
        return read(client.method(method)
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .body(body instanceof String text ? text : JSON.writeValueAsString(body))
                .retrieve()
                .toEntity(String.class));
    }

    Answer ask(String path) {
        return read(client.get().uri(path).retrieve().toEntity(String.class));
    }

    JsonNode get(String path) {
        return ask(path).json();
    }

    /** @param body text as it is, anything else as JSON */
    JsonNode post(String path, Object body) {
        return ask(HttpMethod.POST, path, body).json();
    }

    JsonNode put(String path, Object body) {
        return ask(HttpMethod.PUT, path, body).json();
    }

    private static Answer read(ResponseEntity<String> response) {
        String body = response.getBody();
        return new Answer(response.getStatusCode().value(), JSON.readTree(body == null ? "null" : body));
    }

    /** A cloth of a design. */
    static ObjectNode cloth(String key, String name, String colour) {
        return JSON.createObjectNode()
                .put("key", key)
                .put("name", name)
                .put("colour", colour)
                .put("lightness", "")
                .put("background", false)
                .put("shelfCloth", "")
                .put("directional", false)
                .put("pack", "")
                .put("standsFor", "ITSELF")
                .put("guessed", false)
                .put("print", "PLAIN")
                .set("but", JsonNodeFactory.instance.arrayNode())
                .asObject();
    }

    /** Dresses the units of the first block in these cloths, by their keys. */
    static void dress(JsonNode design, String... cloths) {
        for (JsonNode part : design.path("blocks").path(0).path("parts")) {
            ArrayNode dressed = ((ObjectNode) part.path("unit")).putArray("cloths");
            for (String cloth : cloths) {
                dressed.add(cloth);
            }
        }
    }

    /** What there is of a cloth, in a question of its own. */
    static ObjectNode lines(String cloth, String price, String... lines) {
        ObjectNode node = JSON.createObjectNode().put("cloth", cloth).put("price", price);
        node.putArray("lines");
        for (String line : lines) {
            node.withArray("lines").add(line);
        }
        return node;
    }
}

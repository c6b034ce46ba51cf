package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.goldentally.app.Api.JSON;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import org.goldentally.app.Api.Answer;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.springframework.http.HttpMethod;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every field of every body, one by one: left out, null, and a value of another kind. Each is refused, or taken; of what is
 * taken every page answers. A choice is a word, never a number.
 */
class EveryFieldIT {

    private static final List<String> PAGES =
            List.of("", "/top", "/tally", "/cut", "/sew", "/shopping", "/offers", "/glance", "/kits", "/booklet.pdf");

    private final Api api = RunningApplication.api("demo");
    private final Set<String> asked = new HashSet<>();

    /** Somewhere in a body: the names and places on the way there. */
    private record Place(JsonNode whole, List<Object> way) {

        Place to(Object step) {
            List<Object> further = new ArrayList<>(way);
            further.add(step);
            return new Place(whole, further);
        }

        JsonNode value() {
            return in(whole, way.size());
        }

        private JsonNode in(JsonNode body, int steps) {
            JsonNode at = body;
            for (Object step : way.subList(0, steps)) {
                at = step instanceof Integer number ? at.path(number) : at.path((String) step);
            }
            return at;
        }

        /** The body with this value there; nothing leaves it out. */
        JsonNode with(JsonNode value) {
            JsonNode body = whole.deepCopy();
            ObjectNode parent = (ObjectNode) in(body, way.size() - 1);
            if (value.isMissingNode()) {
                parent.remove((String) way.getLast());
            } else {
                parent.set((String) way.getLast(), value);
            }
            return body;
        }

        /** The same for all elements of a list. */
        String name() {
            StringBuilder name = new StringBuilder();
            way.forEach(step -> name.append(step instanceof Integer ? "[]" : "." + step));
            return name.toString();
        }
    }

    private static void collect(Place at, Map<String, Place> fields) {
        JsonNode value = at.value();
        if (value instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                collect(at.to(i), fields);
            }
        } else if (value instanceof ObjectNode object) {
            object.propertyNames().forEach(name -> {
                Place field = at.to(name);
                fields.putIfAbsent(field.name(), field);
                collect(field, fields);
            });
        }
    }

    private static Map<String, JsonNode> spoiled(Place field) {
        Map<String, JsonNode> bodies = new LinkedHashMap<>();
        bodies.put("left out", field.with(JSON.missingNode()));
        bodies.put("null", field.with(JSON.getNodeFactory().nullNode()));
        JsonNode number = JSON.getNodeFactory().numberNode(1);
        JsonNode other = field.value().isNumber() ? JSON.getNodeFactory().stringNode("x") : number;
        bodies.put("of another kind", field.with(other));
        return bodies;
    }

    private static boolean isChoice(JsonNode value) {
        return value.isString() && value.asString().matches("[A-Z][A-Z_]{2,}");
    }

    /** Designs that together have every field there is: those of the demo, and the quilts of our own. */
    private Map<String, Place> fieldsOfDesigns() {
        Map<String, Place> fields = new TreeMap<>();
        List<JsonNode> designs = new ArrayList<>();
        api.get("/api/quilts")
                .forEach(quilt -> designs.add(
                        api.get("/api/quilts/" + quilt.path("id").asString()).path("design")));
        designs.forEach(design -> collect(new Place(design, List.of()), fields));
        return fields;
    }

    @Test
    void everyFieldOfADesignMayBeSpoiled() {
        String quilt = "/api/quilts/"
                + api.post("/api/quilts", Map.of("name", "Fields", "system", "INCH"))
                        .path("id")
                        .asString();
        List<String> wrong = new ArrayList<>();
        int taken = 0;
        Map<String, Place> fields = fieldsOfDesigns();
        for (Place field : fields.values()) {
            for (Map.Entry<String, JsonNode> body : spoiled(field).entrySet()) {
                String what = field.name() + " " + body.getKey();
                ObjectNode change = JSON.createObjectNode()
                        .put("version", api.get(quilt).path("version").asInt())
                        .put("name", "Fields")
                        .put("sameStep", false);
                Answer answer = api.ask(HttpMethod.PUT, quilt, change.set("design", body.getValue()));
                boolean isTaken = answer.status() == 200;
                taken += isTaken ? 1 : 0;
                if (answer.status() >= 500
                        || isTaken && body.getKey().equals("of another kind") && isChoice(field.value())) {
                    wrong.add(what + ": " + answer.status());
                }
                if (isTaken && asked.add(answer.json().path("design").toString())) {
                    pages(quilt).forEach(page -> wrong.add(what + ": " + page));
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(fields).as("designs have that many fields").hasSizeGreaterThan(90);
        assertThat(taken).as("what may be left out is taken").isGreaterThan(20);
    }

    private List<String> pages(String quilt) {
        return PAGES.stream()
                .map(page -> page + " "
                        + api.client()
                                .get()
                                .uri(quilt + page)
                                .retrieve()
                                .toBodilessEntity()
                                .getStatusCode()
                                .value())
                .filter(said -> Integer.parseInt(said.substring(said.lastIndexOf(' ') + 1)) >= 500)
                .toList();
    }

    /** Calls with a body of their own; designs are walked above. */
    @TestFactory
    Stream<DynamicTest> everyFieldOfEveryBodyMayBeSpoiled() {
        JsonNode description = api.get("/api/openapi");
        String line = api.post("/api/shelf/lines", Map.of("line", "3 squares 10 in fields", "system", "INCH"))
                .path("lines")
                .path(0)
                .path("id")
                .asString();
        return description.path("paths").properties().stream()
                .flatMap(path -> path.getValue().properties().stream()
                        .filter(call -> call.getValue()
                                .path("requestBody")
                                .path("content")
                                .has("application/json"))
                        .map(call -> DynamicTest.dynamicTest(
                                call.getKey() + " " + path.getKey(),
                                () -> spoil(description, call.getKey(), path.getKey(), call.getValue(), line))));
    }

    private void spoil(JsonNode description, String method, String path, JsonNode call, String line) {
        JsonNode stored = api.post("/api/quilts", Map.of("name", "Fields", "system", "INCH"));
        String quilt = stored.path("id").asString();
        String target = path.replace("{id}", path.startsWith("/api/shelf") ? line : quilt)
                .replace("{cloth}", "a")
                .replace("{step}", "0");
        JsonNode schema = call.path("requestBody")
                .path("content")
                .path("application/json")
                .path("schema");
        JsonNode body = fitting(description, schema, stored.path("design"), 0);
        Map<String, Place> fields = new TreeMap<>();
        collect(new Place(body, List.of()), fields);
        fields.keySet().removeIf(name -> name.contains(".design."));
        List<String> wrong = new ArrayList<>();
        for (Place field : fields.values()) {
            spoiled(field).forEach((how, spoiled) -> {
                Answer answer = api.ask(HttpMethod.valueOf(method.toUpperCase(java.util.Locale.ROOT)), target, spoiled);
                boolean isTaken = answer.status() < 300;
                if (answer.status() >= 500 || isTaken && how.equals("of another kind") && isChoice(field.value())) {
                    wrong.add(field.name() + " " + how + ": " + answer.status());
                }
                if (isTaken && path.contains("{id}") && path.startsWith("/api/quilts")) {
                    pages("/api/quilts/" + quilt).forEach(page -> wrong.add(field.name() + " " + how + ": " + page));
                }
            });
        }
        assertThat(wrong).isEmpty();
        assertThat(api.ask("/api/shelf").status()).isEqualTo(200);
        assertThat(api.ask("/api/quilts").status()).isEqualTo(200);
    }

    /** A body that fits its description, with one of each list. */
    private static JsonNode fitting(JsonNode description, JsonNode schema, JsonNode design, int depth) {
        String reference = schema.path("$ref").asString("");
        String name = reference.substring(reference.lastIndexOf('/') + 1);
        if (name.equals("QuiltDesign")) {
            return design;
        }
        if (!reference.isEmpty()) {
            return fitting(
                    description, description.path("components").path("schemas").path(name), design, depth + 1);
        }
        if (schema.has("enum")) {
            return schema.path("enum").path(0);
        }
        String type = schema.path("type").isArray()
                ? schema.path("type").path(0).asString()
                : schema.path("type").asString("");
        return switch (type) {
            case "object" -> {
                ObjectNode object = JSON.createObjectNode();
                schema.path("properties")
                        .properties()
                        .forEach(field ->
                                object.set(field.getKey(), fitting(description, field.getValue(), design, depth + 1)));
                yield object;
            }
            case "array" ->
                depth > 12
                        ? JSON.createArrayNode()
                        : JSON.createArrayNode().add(fitting(description, schema.path("items"), design, depth + 1));
            case "integer", "number" ->
                JSON.getNodeFactory()
                        .numberNode(Math.max(1, schema.path("minimum").asInt(1)));
            case "boolean" -> JSON.getNodeFactory().booleanNode(true);
            default ->
                JSON.getNodeFactory()
                        .stringNode(
                                schema.path("format").asString("").equals("uuid")
                                        ? UUID.randomUUID().toString()
                                        : "4");
        };
    }
}

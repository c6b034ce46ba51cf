package org.goldentally.app.siege;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.goldentally.app.siege.RawHttp.Sent;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Requests that nobody means: for every call of the API description a body that fits and is then spoiled in some places,
 * with addresses and headers spoiled as well. From one seed come the same requests.
 */
final class Mutations {

    private static final JsonMapper JSON = new JsonMapper();
    private static final String PATH_SIGNS = "%2f,%00,%,%zz,%ff,..;/,.,\u00e9,%20,'%22,0,-1,99999999999,null,undefined";
    private static final byte[] NOTHING = {};

    /** What stands where something else is expected. */
    private static final String[] VALUES = {
        "null",
        "\"\"",
        "0",
        "-1",
        "1",
        "2147483648",
        "-9223372036854775809",
        "1e400",
        "0.5",
        "true",
        "[]",
        "{}",
        "[null]",
        "[[]]",
        "\" \"",
        "\"\\u0000\"",
        "\"a\\u0000b\"",
        "\"\\ud800\"",
        "\"\\u202e\"",
        "\"\\r\\nforged\"",
        "\"=1+1\"",
        "\"<b>&'\\\"\"",
        "\"1/0\"",
        "\"1/3\"",
        "\"-3\"",
        "\"1e9\"",
        "\"99999999999999999999\"",
        "\"0\"",
        "\"1/4\"",
        "\"1/999983\"",
        "\"3.3333333333333333333\"",
        "\"4 7/8\"",
        "\"12 cm\"",
        "\"é\"",
        "\"日本\"",
        "\"00000000-0000-0000-0000-000000000000\"",
        "\"BLOCK\"",
        "\"left\"",
        "\"2026-02-30\"",
        "\"#ffffff\"",
        "300",
        "24"
    };

    /** A call as the description has it. */
    private record Call(String method, String path, List<String> queries, JsonNode schema, boolean picture) {}

    private final List<Call> calls = new ArrayList<>();
    private final JsonNode schemas;
    private final Map<String, List<String>> known;
    private final Map<String, JsonNode> samples;
    private final Random chance;

    /**
     * @param description the API description
     * @param known values of path and query parameters that mean something, by the parameter's name
     * @param samples bodies that are answered, by the name of their schema
     */
    Mutations(JsonNode description, Map<String, List<String>> known, Map<String, JsonNode> samples, long seed) {
        this.schemas = description.path("components").path("schemas");
        this.known = known;
        this.samples = new HashMap<>(samples);
        this.chance = new Random(seed);
        description
                .path("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(call -> calls.add(call(path.getKey(), call.getKey(), call.getValue()))));
    }

    private static Call call(String path, String method, JsonNode said) {
        List<String> queries = new ArrayList<>();
        said.path("parameters").forEach(parameter -> {
            if (parameter.path("in").asString().equals("query")) {
                queries.add(parameter.path("name").asString());
            }
        });
        JsonNode content = said.path("requestBody").path("content");
        return new Call(
                method.toUpperCase(java.util.Locale.ROOT),
                path,
                queries,
                content.path("application/json").path("schema"),
                content.has("image/*"));
    }

    int calls() {
        return calls.size();
    }

    Sent next() {
        Call call = calls.get(chance.nextInt(calls.size()));
        String method = oneIn(60) ? pick("GET", "PUT", "DELETE", "PATCH", "HEAD", "OPTIONS", "BREW") : call.method;
        return new Sent(method, target(call), headers(call), body(call));
    }

    private boolean oneIn(int times) {
        return chance.nextInt(times) == 0;
    }

    private String pick(String... choices) {
        return choices[chance.nextInt(choices.length)];
    }

    private String target(Call call) {
        StringBuilder target = new StringBuilder();
        for (String part : call.path.split("/")) {
            if (!part.isEmpty()) {
                target.append('/').append(part.contains("{") ? parameters(part) : part);
            }
        }
        char before = '?';
        for (String query : call.queries) {
            if (!oneIn(6)) {
                String value = value(query);
                target.append(before)
                        .append(query)
                        .append('=')
                        .append(oneIn(30) ? value : URLEncoder.encode(value, StandardCharsets.UTF_8));
                before = '&';
            }
        }
        if (oneIn(25)) {
            target.append(before).append(pick("%zz=1", "a=%", "=", "&&", "a[]=1", "x=%00", "%ff=%fe"));
        }
        return target.toString().replace(" ", "%20").replaceAll("[\\r\\n]", "");
    }

    private String parameters(String part) {
        StringBuilder filled = new StringBuilder();
        int at = 0;
        while (at < part.length()) {
            int open = part.indexOf('{', at);
            if (open < 0) {
                return filled.append(part.substring(at)).toString();
            }
            int close = part.indexOf('}', open);
            filled.append(part, at, open);
            filled.append(
                    oneIn(12)
                            ? pick(PATH_SIGNS.split(","))
                            : URLEncoder.encode(value(part.substring(open + 1, close)), StandardCharsets.UTF_8)
                                    .replace("+", "%20"));
            at = close + 1;
        }
        return filled.toString();
    }

    private String value(String parameter) {
        List<String> values = known.getOrDefault(parameter, List.of());
        if (values.isEmpty() || oneIn(8)) {
            JsonNode strange = JSON.readTree(pick(VALUES));
            return strange.isString() ? strange.asString() : strange.toString();
        }
        return values.get(chance.nextInt(values.size()));
    }

    private String headers(Call call) {
        if (call.picture) {
            return "Content-Type: " + (oneIn(4) ? pick("image/*", "image/svg+xml", "text/plain") : "image/png")
                    + "\r\n";
        }
        String type = oneIn(40)
                ? pick("application/xml", "application/yaml", "image/*", "*/*", ";", "application/json;charset=utf-7")
                : "application/json";
        String more = "";
        if (oneIn(20)) {
            more = pick(
                    "Accept: application/xml\r\n",
                    "Accept: ;;\r\n",
                    "Accept-Language: %%\r\n",
                    "Idempotency-Key: x\r\n",
                    "Idempotency-Key: 123e4567-e89b-12d3-a456-426614174000\r\n",
                    "If-None-Match: \"\r\n",
                    "Range: bytes=5-1\r\n",
                    "Cookie: \u0001=\r\n");
        }
        return "Content-Type: " + type + "\r\n" + more;
    }

    private byte[] body(Call call) {
        if (call.picture) {
            byte[] noise = new byte[chance.nextInt(400)];
            chance.nextBytes(noise);
            return noise;
        }
        if (call.schema.isMissingNode() && !call.path.endsWith("quilt-file") && !call.path.endsWith("everything")) {
            return NOTHING;
        }
        JsonNode body = call.schema.isMissingNode()
                ? samples.getOrDefault(call.path.substring("/api/".length()), JSON.createObjectNode())
                        .deepCopy()
                : sample(call.schema, 0);
        for (int spoiled = chance.nextInt(4); spoiled > 0; spoiled--) {
            body = spoiled(body);
        }
        String text = JSON.writeValueAsString(body);
        if (oneIn(30)) {
            text = text.substring(0, chance.nextInt(text.length() + 1));
        } else if (oneIn(30)) {
            text = text + pick("}", "]", ",", "\u0000", "{}", "\ufeff");
        } else if (oneIn(200)) {
            text = "[".repeat(3_000) + text;
        }
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** A body that fits: a known one, else made up of the schema. */
    private JsonNode sample(JsonNode schema, int depth) {
        String reference = schema.path("$ref").asString("");
        if (!reference.isEmpty()) {
            String name = reference.substring(reference.lastIndexOf('/') + 1);
            JsonNode known = samples.get(name);
            return known != null ? known.deepCopy() : sample(schemas.path(name), depth + 1);
        }
        if (schema.has("enum")) {
            return schema.path("enum").path(chance.nextInt(schema.path("enum").size()));
        }
        String type = schema.path("type").isArray()
                ? schema.path("type").path(0).asString()
                : schema.path("type").asString("");
        return switch (type) {
            case "object" -> {
                ObjectNode object = JSON.createObjectNode();
                schema.path("properties")
                        .properties()
                        .forEach(field -> object.set(field.getKey(), sample(field.getValue(), depth + 1)));
                yield object;
            }
            case "array" -> {
                ArrayNode array = JSON.createArrayNode();
                for (int n = depth > 6 ? 0 : chance.nextInt(3); n > 0; n--) {
                    array.add(sample(schema.path("items"), depth + 1));
                }
                yield array;
            }
            case "integer" -> JSON.getNodeFactory().numberNode(chance.nextInt(6));
            case "number" -> JSON.getNodeFactory().numberNode(chance.nextInt(60) / 4.0);
            case "boolean" -> JSON.getNodeFactory().booleanNode(chance.nextBoolean());
            default ->
                schema.path("format").asString("").equals("uuid")
                        ? JSON.getNodeFactory().stringNode(new java.util.UUID(chance.nextLong(), 7).toString())
                        : JSON.getNodeFactory().stringNode(pick("1", "2 1/2", "4", "oat", "", "3 squares 10 in teal"));
        };
    }

    /** The same with one place somewhere inside made strange. */
    private JsonNode spoiled(JsonNode body) {
        List<ObjectNode> objects = new ArrayList<>();
        List<ArrayNode> arrays = new ArrayList<>();
        collect(body, objects, arrays);
        if (objects.isEmpty() && arrays.isEmpty() || oneIn(40)) {
            return JSON.readTree(pick(VALUES));
        }
        if (!arrays.isEmpty() && (objects.isEmpty() || oneIn(4))) {
            spoil(arrays.get(chance.nextInt(arrays.size())));
        } else {
            spoil(objects.get(chance.nextInt(objects.size())));
        }
        return body;
    }

    private void spoil(ArrayNode array) {
        if (array.isEmpty() || oneIn(3)) {
            array.add(strange());
            return;
        }
        int at = chance.nextInt(array.size());
        switch (chance.nextInt(4)) {
            case 0 -> array.remove(at);
            case 1 -> array.set(at, strange());
            case 2 -> array.add(array.get(at).deepCopy());
            default -> {
                JsonNode many = array.get(at);
                for (int n = chance.nextInt(60); n > 0; n--) {
                    array.add(many.deepCopy());
                }
            }
        }
    }

    private void spoil(ObjectNode object) {
        List<String> names = new ArrayList<>(object.propertyNames());
        if (names.isEmpty() || oneIn(10)) {
            object.set(pick("strange", "", "__proto__", "id", "version"), strange());
            return;
        }
        String name = names.get(chance.nextInt(names.size()));
        if (oneIn(5)) {
            object.remove(name);
        } else if (oneIn(4) && names.size() > 1) {
            object.set(name, object.get(names.get(chance.nextInt(names.size()))).deepCopy());
        } else {
            object.set(name, strange());
        }
    }

    private JsonNode strange() {
        if (oneIn(25)) {
            return JSON.getNodeFactory()
                    .stringNode(pick("a", "9", " ", "é", "\t").repeat(1 + chance.nextInt(5_000)));
        }
        return JSON.readTree(pick(VALUES));
    }

    private static void collect(JsonNode node, List<ObjectNode> objects, List<ArrayNode> arrays) {
        if (node instanceof ObjectNode object) {
            objects.add(object);
        } else if (node instanceof ArrayNode array) {
            arrays.add(array);
        }
        node.forEach(inner -> collect(inner, objects, arrays));
    }
}

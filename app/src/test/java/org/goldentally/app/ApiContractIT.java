package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.TreeMap;
import org.goldentally.core.design.QuiltDesign;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The description that the pages' types are generated from, and the schema of quilt files, are the ones that the running
 * application gives.
 */
@ExtendWith(RunningApplication.class)
class ApiContractIT {

    private static final String COMPONENTS = "#/components/schemas/";

    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    @Test
    void theCommittedDescriptionIsTheOneThatTheApplicationGives(RestClient client) throws IOException {
        ObjectNode api = (ObjectNode)
                JSON.readTree(client.get().uri("/api/openapi").retrieve().body(String.class));
        // Where it was asked is not part of what it says.
        api.remove("servers");
        check("web/openapi.json", sorted(api.toString()));
    }

    @Test
    void theCommittedSchemaDescribesQuiltFilesAsTheyAreWritten(RestClient client) throws IOException {
        JsonNode api = JSON.readTree(client.get().uri("/api/openapi").retrieve().body(String.class));
        check(
                "app/src/main/resources/quilt-file/schema-1.json",
                sorted(schema(api).toString()));
    }

    private static void check(String file, String wanted) throws IOException {
        Path committed = RunningApplication.checkout().resolve(file);
        if (Boolean.getBoolean("goldentally.contract.write")) {
            Files.writeString(committed, wanted);
        }
        assertThat(committed)
                .as("the API has changed: run ./golden-tally contract and commit " + file)
                .hasContent(wanted);
    }

    private static String sorted(String json) {
        return JSON.writeValueAsString(JSON.readValue(json, Object.class)) + "\n";
    }

    /** What a quilt file is made of, and nothing else; a field that is not named is a mistake. */
    private static ObjectNode schema(JsonNode api) {
        TreeMap<String, ObjectNode> found = new TreeMap<>();
        Deque<String> open = new ArrayDeque<>();
        open.add("QuiltFile");
        while (!open.isEmpty()) {
            String name = open.poll();
            if (!found.containsKey(name)) {
                ObjectNode type = (ObjectNode)
                        api.path("components").path("schemas").path(name).deepCopy();
                type.put("additionalProperties", false);
                found.put(name, type);
                type.findValuesAsString("$ref").forEach(ref -> open.add(ref.substring(COMPONENTS.length())));
            }
        }
        version(found, "QuiltFile", "goldenTallyQuilt", 1);
        version(found, "QuiltDesign", "format", QuiltDesign.CURRENT_FORMAT);
        ObjectNode schema = JSON.createObjectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("$id", "golden-tally:quilt-file-1");
        schema.put("title", "Golden Tally quilt file, version 1");
        schema.put("$ref", "#/$defs/QuiltFile");
        ObjectNode definitions = schema.putObject("$defs");
        found.forEach(definitions::set);
        return (ObjectNode) JSON.readTree(schema.toString().replace(COMPONENTS, "#/$defs/"));
    }

    private static void version(TreeMap<String, ObjectNode> types, String type, String field, int version) {
        ((ObjectNode) types.get(type).path("properties").path(field)).put("const", version);
    }
}

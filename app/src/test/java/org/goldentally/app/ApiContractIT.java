package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The description that the pages' types are generated from is the one that the running application gives. */
@ExtendWith(RunningApplication.class)
class ApiContractIT {

    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(SerializationFeature.INDENT_OUTPUT, SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .build();

    @Test
    void theCommittedDescriptionIsTheOneThatTheApplicationGives(RestClient client) throws IOException {
        String served = client.get().uri("/api/openapi").retrieve().body(String.class);
        String sorted = JSON.writeValueAsString(JSON.readValue(served, Object.class)) + "\n";
        Path committed = RunningApplication.checkout().resolve("web/openapi.json");
        if (Boolean.getBoolean("goldentally.contract.write")) {
            Files.writeString(committed, sorted);
        }
        assertThat(committed)
                .as("the API has changed: run ./golden-tally contract and commit web/openapi.json")
                .hasContent(sorted);
    }
}

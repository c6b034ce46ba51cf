package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.SQLException;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Connections of the database are few, and every light call needs one: nothing that is worked out holds one meanwhile. */
@ExtendWith(RunningApplication.class)
class HeldConnectionsIT {

    private static final int PRINTS = 30;

    private final Api api;

    HeldConnectionsIT(Api api) {
        this.api = api;
    }

    /** Watches the pool from the moment that a call is sent until its answer is there. */
    private static final class Watch {
        private int looks;
        private int busy;

        static Watch over(CompletableFuture<?> call) throws InterruptedException, SQLException {
            HikariPoolMXBean pool = RunningApplication.bean(DataSource.class)
                    .unwrap(HikariDataSource.class)
                    .getHikariPoolMXBean();
            Watch watch = new Watch();
            while (!call.isDone()) {
                watch.looks++;
                watch.busy += pool.getActiveConnections() > 0 ? 1 : 0;
                Thread.sleep(1);
            }
            return watch;
        }
    }

    @Test
    void aDealHoldsNoneWhileItIsWorkedOut() throws Exception {
        JsonNode stored = api.post("/api/quilts", "{\"name\":\"Large\",\"system\":\"INCH\"}");
        String quilt = "/api/quilts/" + stored.path("id").asString();
        ObjectNode design = (ObjectNode) stored.path("design");
        ArrayNode cloths = design.putArray("cloths");
        cloths.add(Api.cloth("a", "oat", "#efe6d0"));
        cloths.add(Api.cloth("b", "any", "#22384d").put("pack", "dawn").put("standsFor", "ANY_PRINT"));
        for (int print = 0; print < PRINTS; print++) {
            cloths.add(Api.cloth("p" + print, "dawn " + print, "#" + (10 + print) + "3040")
                    .put("pack", "dawn"));
        }
        Api.dress(design, "a", "b");
        ((ObjectNode) design.path("setting")).put("across", 20).put("down", 20);
        JsonNode kept = api.put(
                quilt,
                Map.of(
                        "version",
                        stored.path("version").asInt(),
                        "name",
                        "Large",
                        "sameStep",
                        false,
                        "design",
                        design));
        String deal = "{\"version\":" + kept.path("version").asInt() + ",\"seed\":4}";
        CompletableFuture<HttpStatusCode> call = CompletableFuture.supplyAsync(() -> api.client()
                .post()
                .uri(quilt + "/deal")
                .header("Idempotency-Key", UUID.randomUUID().toString())
                .contentType(MediaType.APPLICATION_JSON)
                .body(deal)
                .retrieve()
                .toBodilessEntity()
                .getStatusCode());
        Watch watch = Watch.over(call);
        assertThat(call.get().value()).isEqualTo(200);
        assertThat(watch.looks).as("it takes long enough to be watched").isGreaterThan(50);
        assertThat(watch.busy).as("of %d looks", watch.looks).isLessThan(watch.looks / 2);
    }
}

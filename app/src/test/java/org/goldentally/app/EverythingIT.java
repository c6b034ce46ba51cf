package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.client.RestClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Everything out as one file and in again, there and elsewhere; and what the application's own user may not do. */
@ExtendWith(RunningApplication.class)
class EverythingIT {

    private final RestClient client;
    private final Api api;

    EverythingIT(RestClient client, Api api) {
        this.client = client;
        this.api = api;
    }

    @Test
    void everythingGoesOutAndComesInElsewhereAsItWas() throws Exception {
        JsonNode quilt = something();
        JsonNode file = api.get("/api/everything");
        String id = quilt.path("id").asString();
        assertThat(broughtIn(api, file).path("came").toString())
                .as("it is all here already")
                .isEqualTo("{\"quilts\":0,\"cloths\":0,\"blocks\":0,\"prices\":false}");
        Api elsewhere = RunningApplication.api("own");
        elsewhere.post("/api/shelf/lines", Map.of("line", "1 fat quarter everything oat", "system", "INCH"));
        JsonNode came = broughtIn(elsewhere, file);
        assertThat(came.path("came").path("quilts").asInt())
                .isEqualTo(file.path("quilts").size());
        JsonNode there = elsewhere.get("/api/everything");
        assertThat(there.path("prices")).isEqualTo(file.path("prices"));
        assertThat(there.path("blocks").size()).isEqualTo(file.path("blocks").size());
        assertThat(there.path("quilts").size()).isEqualTo(file.path("quilts").size());
        String path = "/api/quilts/" + id;
        for (String part : new String[] {"/steps", "/sew/log"}) {
            assertThat(elsewhere.get(path + part)).isEqualTo(api.get(path + part));
        }
        JsonNode kept = elsewhere.get(path);
        String cloth =
                kept.path("design").path("cloths").path(0).path("shelfCloth").asString();
        String its =
                quilt.path("design").path("cloths").path(0).path("shelfCloth").asString();
        assertThat(cloth).as("the fabric of that name there").isNotEqualTo(its);
        assertThat(kept.path("design").toString().replace(cloth, its).replace("#ede4cc", "#000000"))
                .isEqualTo(quilt.path("design").toString());
        assertThat(photographed(elsewhere.get("/api/shelf"))).isTrue();
        assertThat(elsewhere.get("/api/quilts/deleted").toString()).contains("Everything gone");
    }

    /** Many fabrics: it goes on while one looks, others are answered meanwhile, and what is stopped can be sent again. */
    @Test
    void aLargeFileComesInPortionsAndMayBeStopped() throws Exception {
        int many = 600;
        ObjectNode file = (ObjectNode) Api.JSON.readTree(
                "{\"goldenTallyEverything\":1,\"shelf\":[],\"prices\":[],\"blocks\":[],\"quilts\":[]}");
        for (int i = 0; i < many; i++) {
            ObjectNode whole = file.withArray("shelf").addObject().put("photo", "");
            ObjectNode cloth = whole.putObject("cloth").put("id", new UUID(7, i).toString());
            cloth.put("name", "portion " + i).put("pack", "");
            cloth.putObject("facts")
                    .put("colour", "#6d3a5d")
                    .put("lightness", "")
                    .put("directional", false)
                    .put("kind", "")
                    .put("price", "")
                    .put("guessed", false);
            ObjectNode lot = cloth.putArray("pieces").addObject().put("count", 2);
            lot.put("form", "SQUARE").put("width", "10").put("length", "10").put("edge", "STRAIGHT");
            lot.put("system", "INCH");
        }
        Api elsewhere = RunningApplication.api("own");
        Api.Answer begun = elsewhere.ask(HttpMethod.POST, "/api/everything", file);
        assertThat(begun.status()).as(begun.json().toString()).isEqualTo(200);
        String coming = "/api/everything/coming/" + begun.json().path("id").asString();
        elsewhere.post(coming + "/stop", "");
        JsonNode stopped = ended(elsewhere, begun.json());
        int came = stopped.path("came").path("cloths").asInt();
        assertThat(cloths(elsewhere, "portion ")).isEqualTo(came);
        assertThat(stopped.path("stopped").asBoolean()).isEqualTo(came < many);
        JsonNode again = elsewhere.post("/api/everything", file);
        String rest = "/api/everything/coming/" + again.path("id").asString();
        int before = -1;
        while (!elsewhere.get(rest).path("ended").asBoolean()) {
            int now = elsewhere.get(rest).path("done").asInt();
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
            assertThat(elsewhere.ask("/api/quilts").status()).isEqualTo(200);
        }
        JsonNode end = elsewhere.get(rest);
        assertThat(end.path("came").path("cloths").asInt())
                .as("what came before is here already")
                .isEqualTo(many - came);
        assertThat(end.path("done").asInt()).isEqualTo(end.path("of").asInt());
        assertThat(cloths(elsewhere, "portion ")).isEqualTo(many);
        // On a quick machine all of it is in before it can be stopped, and the second file is no act at all.
        elsewhere.post("/api/shelf/undo", "");
        assertThat(cloths(elsewhere, "portion ")).as("each file is one act").isEqualTo(came < many ? came : 0);
    }

    /** A large file is answered before all of it is in: it is asked after until it is. */
    private static JsonNode broughtIn(Api there, JsonNode file) throws InterruptedException {
        return ended(there, there.post("/api/everything", file));
    }

    private static JsonNode ended(Api there, JsonNode begun) throws InterruptedException {
        String coming = "/api/everything/coming/" + begun.path("id").asString();
        JsonNode progress = there.get(coming);
        while (!progress.path("ended").asBoolean(true)) {
            Thread.sleep(100);
            progress = there.get(coming);
        }
        return progress;
    }

    private static int cloths(Api there, String name) {
        int count = 0;
        for (JsonNode cloth : there.get("/api/shelf")) {
            count += cloth.path("name").asString().startsWith(name) ? 1 : 0;
        }
        return count;
    }

    private static boolean photographed(JsonNode shelf) {
        for (JsonNode cloth : shelf) {
            if (cloth.path("name").asString().equals("everything oat")) {
                return cloth.path("photographed").asBoolean();
            }
        }
        return false;
    }

    /** A quilt of a photographed cloth with steps and a log, a deleted one, a price list and a block of one's own. */
    private JsonNode something() throws Exception {
        api.post("/api/shelf/lines", Map.of("line", "6 squares 10 in everything oat", "system", "INCH"));
        String cloth = "";
        for (JsonNode each : api.get("/api/shelf")) {
            cloth = each.path("name").asString().equals("everything oat")
                    ? each.path("id").asString()
                    : cloth;
        }
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 40, BufferedImage.TYPE_INT_RGB), "png", picture);
        client.put()
                .uri("/api/shelf/cloths/" + cloth + "/photo")
                .contentType(MediaType.IMAGE_PNG)
                .body(picture.toByteArray())
                .retrieve()
                .toBodilessEntity();
        api.post("/api/shelf/prices/made-up", "");
        api.post(
                "/api/blocks/own",
                Map.of("blocks", api.get("/api/blocks?find=star").path(0).path("blocks")));
        JsonNode quilt = api.post("/api/quilts", Map.of("name", "Everything", "system", "INCH"));
        String path = "/api/quilts/" + quilt.path("id").asString();
        ObjectNode design = (ObjectNode) quilt.path("design");
        design.putArray("cloths")
                .add(Api.cloth("a", "everything oat", "#000000").put("shelfCloth", cloth));
        Api.dress(design, "a", "a");
        for (int across = 5; across < 8; across++) {
            ((ObjectNode) design.path("setting")).put("across", across);
            JsonNode now = api.get(path);
            api.put(
                    path,
                    Api.JSON
                            .createObjectNode()
                            .put("version", now.path("version").asInt())
                            .put("name", "Everything")
                            .put("sameStep", false)
                            .set("design", design));
        }
        api.post(
                path + "/sew/log",
                Map.of("id", UUID.randomUUID(), "kind", "SET_MADE", "batch", "rows", "hand", "", "text", ""));
        JsonNode gone = api.post("/api/quilts", Map.of("name", "Everything gone", "system", "INCH"));
        api.ask(HttpMethod.DELETE, "/api/quilts/" + gone.path("id").asString(), "");
        return api.get(path);
    }

    @Test
    void aFileWithAMistakeChangesNothing() {
        int quilts = api.get("/api/quilts").size();
        ObjectNode file = (ObjectNode) Api.JSON.readTree(
                "{\"goldenTallyEverything\":1,\"shelf\":[],\"prices\":[],\"blocks\":[],\"quilts\":[]}");
        ObjectNode quilt = file.withArray("quilts").addObject();
        quilt.putArray("log");
        ObjectNode whole = quilt.putObject("quilt")
                .put("id", UUID.randomUUID().toString())
                .put("name", "Half")
                .put("step", 0)
                .put("createdAt", "2026-01-01T00:00:00Z")
                .put("deletedAt", "");
        whole.putArray("steps")
                .addObject()
                .put("what", "")
                .put("at", "2026-01-01T00:00:00Z")
                .put("packed", "eJwDAAAAAAE=");
        Api.Answer refused = api.ask(HttpMethod.POST, "/api/everything", file);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().toString()).contains("quilts[0].quilt.steps[0]", "no step of a quilt");
        file.put("goldenTallyEverything", 9);
        assertThat(api.ask(HttpMethod.POST, "/api/everything", file).status()).isEqualTo(422);
        assertThat(api.get("/api/quilts")).hasSize(quilts);
    }

    @Test
    void theApplicationsOwnUserCannotChangeWhatOnlyGrows() {
        JdbcClient database = RunningApplication.bean(JdbcClient.class);
        for (String statement : new String[] {
            "truncate bench_log",
            "delete from bench_log",
            "update bench_log set units = 0",
            "alter table bench_log disable trigger all",
            "drop table bench_log",
            "create table another (id int)",
            "delete from flyway_schema_history"
        }) {
            assertThat(org.assertj.core.api.Assertions.catchThrowable(
                            () -> database.sql(statement).update()))
                    .as(statement)
                    .hasRootCauseInstanceOf(java.sql.SQLException.class)
                    .rootCause()
                    .hasMessageMatching("(?s).*(permission denied|must be owner).*");
        }
        assertThat(database.sql("select rolsuper from pg_roles where rolname = current_user")
                        .query(Boolean.class)
                        .single())
                .isFalse();
    }

    @Test
    void healthSaysWhetherTheDatabaseAnswersAndHowMuchRoomThereIs() {
        JsonNode health = api.get("/api/health");
        assertThat(health.path("well").asBoolean()).isTrue();
        assertThat(health.path("tables").asInt()).isGreaterThanOrEqualTo(9);
        assertThat(health.path("freeMegabytes").asLong()).isPositive();
        assertThat(health.path("copyLate").asBoolean())
                .as("nobody makes copies of a throw-away database")
                .isFalse();
    }
}

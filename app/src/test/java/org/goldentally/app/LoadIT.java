package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.HttpMethod;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What would take all of the machine is refused before it is begun, or given up on the way. */
@ExtendWith(RunningApplication.class)
class LoadIT {

    private static final URI HOME = URI.create(RunningApplication.address());

    private final Api api;

    LoadIT(Api api) {
        this.api = api;
    }

    private ObjectNode design() {
        return (ObjectNode) api.post("/api/quilts", "{\"name\":\"Load\",\"system\":\"INCH\"}")
                .path("design");
    }

    private static ObjectNode unit(String kind, String block) {
        ObjectNode unit = Api.JSON
                .createObjectNode()
                .put("kind", kind)
                .put("count", 0)
                .put("corner", "1/2")
                .put("block", block)
                .put("quarterTurns", 0)
                .put("mirrored", false);
        unit.putArray("cloths");
        return unit;
    }

    /** A block of n by n of the next one, four deep. */
    private ObjectNode nested(int n) {
        ObjectNode design = design();
        ArrayNode blocks = design.putArray("blocks");
        for (int deep = 0; deep < 4; deep++) {
            ObjectNode block = blocks.addObject().put("key", "b" + deep).put("name", "b" + deep);
            ArrayNode columns = block.putArray("columns");
            ArrayNode rows = block.putArray("rows");
            ArrayNode parts = block.putArray("parts");
            for (int c = 0; c < n; c++) {
                columns.add(1);
                rows.add(1);
                for (int r = 0; r < n; r++) {
                    parts.addObject()
                            .put("column", c)
                            .put("row", r)
                            .put("columns", 1)
                            .put("rows", 1)
                            .set("unit", deep < 3 ? unit("BLOCK", "b" + (deep + 1)) : unit("HALF_SQUARE", ""));
                }
            }
        }
        ((ObjectNode) design.path("setting"))
                .put("across", 1)
                .put("down", 1)
                .putArray("blocks")
                .add("b0");
        return design;
    }

    @Test
    void blocksInBlocksAreCountedBeforeTheyAreLaidOut() {
        Api.Answer refused = api.ask(HttpMethod.POST, "/api/top", nested(7));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().toString()).contains("so many blocks of so many units are more than we can plan");
        assertThat(api.ask(HttpMethod.POST, "/api/top", nested(3)).status()).isEqualTo(200);
    }

    @Test
    void aBorderOfTinyUnitsIsCountedBeforeItIsLaidOut() {
        ObjectNode design = nested(10);
        ((ObjectNode) design.path("setting")).putArray("blocks").add("b3");
        ObjectNode border = design.putArray("borders")
                .addObject()
                .put("kind", "PIECED")
                .put("width", "1/4")
                .put("cloth", "")
                .put("unitLength", "")
                .put("mirrorAtMiddle", false)
                .put("corners", "BUTTED")
                .put("join", "STRAIGHT");
        border.putArray("units").add(unit("BLOCK", "b3"));
        border.putArray("corner");
        ((ObjectNode) design.path("blockSize")).put("typed", "40");
        Api.Answer refused = api.ask(HttpMethod.POST, "/api/top", design);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().toString()).contains("so many units in one row are more than we can plan");
    }

    @Test
    void bodiesThatAreTooLargeAreRefusedUnread() throws IOException {
        String head = "POST /api/quilts HTTP/1.1\r\nHost: 127.0.0.1:" + HOME.getPort()
                + "\r\nContent-Type: application/json\r\nContent-Length: 700000000\r\n\r\n";
        try (Socket socket = new Socket(HOME.getHost(), HOME.getPort())) {
            socket.getOutputStream().write(head.getBytes(StandardCharsets.UTF_8));
            byte[] answer = socket.getInputStream().readNBytes(16);
            assertThat(new String(answer, StandardCharsets.UTF_8)).startsWith("HTTP/1.1 413");
        }
    }

    /** More half-sent bodies than the server has threads: everybody else is answered all the same. */
    @Test
    void whoSendsHalfABodyKeepsNobodyWaiting() throws IOException {
        String half = "POST /api/quilts HTTP/1.1\r\nHost: 127.0.0.1:" + HOME.getPort()
                + "\r\nContent-Type: application/json\r\nContent-Length: 100\r\n\r\n{\"name\":";
        List<Socket> halves = new ArrayList<>();
        try {
            for (int n = 0; n < 300; n++) {
                Socket socket = new Socket(HOME.getHost(), HOME.getPort());
                halves.add(socket);
                socket.getOutputStream().write(half.getBytes(StandardCharsets.UTF_8));
            }
            assertThat(api.ask("/api/quilts").status()).isEqualTo(200);
            byte[] answer = halves.getFirst().getInputStream().readNBytes(12);
            assertThat(new String(answer, StandardCharsets.UTF_8)).isEqualTo("HTTP/1.1 408");
        } finally {
            for (Socket socket : halves) {
                socket.close();
            }
        }
    }
}

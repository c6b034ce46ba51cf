package org.goldentally.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.client.RestClient;

/** The shelf beyond its lines: packs, files, photographs, prices. */
@ExtendWith(RunningApplication.class)
class ShelfFilesIT {

    private final RestClient client;

    ShelfFilesIT(RestClient client) {
        this.client = client;
    }

    @Test
    void aPackBecomesAClothForEachPrint() {
        assertThat(post(
                                "/api/shelf/lines",
                                Map.of(
                                        "line",
                                                "9 squares 5 in meadow, 4 prints, 2 of each and 1 extra, 1 undersized 4 7/8",
                                        "system", "INCH"))
                        .getStatusCode()
                        .value())
                .isEqualTo(201);
        assertThat(understood("meadow 1")).containsExactly("3 squares, 5 in – meadow 1");
        assertThat(understood("meadow 2")).containsExactly("2 squares, 5 in – meadow 2");
        assertThat(understood("meadow 4"))
                .containsExactly("1 square, 5 in – meadow 4", "1 square, 4 7/8 in – meadow 4");
        assertThat(cloth("meadow 3").get("pack")).isEqualTo("meadow");
        assertThat(cloth("meadow 3").get("colour"))
                .isNotEqualTo(cloth("meadow 2").get("colour"));
    }

    /** What is written can be read again: the same pieces, and what is said of their cloth. */
    @Test
    void theShelfGoesOutAsAFileAndComesInAgain() {
        String csv = """
                cloth,count,form,width,length,unit,edge,colour,lightness,directional,kind,price,pack
                "heron, grey",3,fat quarter,17 1/2,20,in,pinked,#8090a0,55,yes,linen,12.50 a yard,
                heath,1,length,110,150.5,cm,straight,,,no,,,
                heath,2,strip,40,2 1/2,in,,,,,,,
                """;
        assertThat(post("/api/shelf/csv", Map.of("text", csv, "system", "INCH")).getBody())
                .contains("\"put\":3");
        Map<?, ?> heron = cloth("heron, grey");
        assertThat(heron.get("colour")).isEqualTo("#8090a0");
        assertThat(heron.get("lightness")).isEqualTo("55");
        assertThat(heron.get("directional")).isEqualTo(true);
        assertThat(understood("heron, grey")).containsExactly("3 fat quarters, 17 1/2 × 20 in, pinked – heron, grey");
        assertThat(understood("heath"))
                .containsExactly(
                        "1 length, 150.5 cm, 110 cm wide – heath", "2 strips, 2 1/2 in wide, 40 in long – heath");
        List<String> written = Arrays.asList(
                client.get().uri("/api/shelf/csv").retrieve().body(String.class).split("\r\n"));
        assertThat(written)
                .contains(
                        "\"heron, grey\",3,fat quarter,17 1/2,20,in,pinked,\"#8090a0\",55,yes,linen,12.50 a yard,,plain")
                .anyMatch(line -> line.startsWith("heath,1,length,110,150.5,cm,straight,"));
        // A line in words can be corrected in place like one that was typed.
        Map<?, ?> line = (Map<?, ?>) ((List<?>) cloth("heath").get("lines")).getFirst();
        assertThat(post("/api/shelf/read", Map.of("line", line.get("typed"), "system", "CENTIMETRE"))
                        .getBody())
                .contains("150.5 cm, 110 cm wide");
    }

    @Test
    void linesThatTheShelfHasAlreadyAreNotDoubled() {
        String csv = """
                cloth,count,form,width,length
                twice told,2,fat quarter,18,21
                twice told,2,fat quarter,18,21
                twice told,5,square,5,5
                """;
        Map<String, String> file = Map.of("text", csv, "system", "INCH");
        assertThat(post("/api/shelf/csv", file).getBody()).contains("\"put\":3,\"alreadyThere\":0");
        Map<String, String> more = Map.of("text", csv + "Twice Told,1,fat quarter,18,21\n", "system", "INCH");
        assertThat(post("/api/shelf/csv", more).getBody()).isEqualTo("{\"put\":0,\"alreadyThere\":3,\"inFile\":4}");
        assertThat(understood("twice told")).hasSize(3);
        assertThat(post("/api/shelf/csv?doubles=LEAVE_OUT", more).getBody()).contains("\"put\":1");
        assertThat(understood("twice told")).hasSize(4);
        assertThat(post("/api/shelf/csv?doubles=ADD", file).getBody()).contains("\"put\":3");
        assertThat(understood("twice told")).hasSize(7);
        // An empty cell leaves what is known; what is said is taken even of lines that are left out.
        String priced = "cloth,count,form,width,length,colour,price\ntwice told,5,square,5,5,,3 each\n";
        post("/api/shelf/csv?doubles=LEAVE_OUT", Map.of("text", priced, "system", "INCH"));
        post("/api/shelf/csv?doubles=LEAVE_OUT", Map.of("text", csv, "system", "INCH"));
        assertThat(understood("twice told")).hasSize(7);
        assertThat(cloth("twice told").get("price")).isEqualTo("3 each");
    }

    @Test
    void aFileWithMistakesNamesEachPlaceAndChangesNothing() {
        int before = shelf().size();
        String csv = """
                cloth,count,form,width,length
                fern,zero,square,10,10
                fern,2,rug,10,10
                ,2,square,10,ten
                """;
        String answer =
                post("/api/shelf/csv", Map.of("text", csv, "system", "INCH")).getBody();
        assertThat(answer)
                .contains("Shelf file, line 2, count", "“zero” is no count of pieces")
                .contains("Shelf file, line 3, form", "“rug” is no form of fabric")
                .contains("Shelf file, line 4, cloth", "Shelf file, line 4, length");
        assertThat(shelf()).hasSize(before);
        assertThat(post("/api/shelf/csv", Map.of("text", "name;size\na;b", "system", "INCH"))
                        .getBody())
                .contains("there is no column named cloth, count, form, width, length");
        assertThat(post("/api/shelf/csv", Map.of("text", "", "system", "INCH"))
                        .getStatusCode()
                        .value())
                .isEqualTo(422);
    }

    @Test
    void aSwatchIsReadFromAPhotograph() throws IOException {
        post("/api/shelf/lines", Map.of("line", "1 yd photographed oat", "system", "INCH"));
        String path = "/api/shelf/cloths/" + cloth("photographed oat").get("id") + "/photo";
        BufferedImage picture = new BufferedImage(1200, 900, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = picture.createGraphics();
        graphics.setColor(new Color(0x2f7059));
        graphics.fillRect(0, 0, 1200, 900);
        graphics.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", png);
        assertThat(upload(path, png.toByteArray()).getStatusCode().value()).isEqualTo(204);
        assertThat(cloth("photographed oat").get("colour")).isEqualTo("#2f7059");
        assertThat(cloth("photographed oat").get("photographed")).isEqualTo(true);
        byte[] small = client.get().uri(path).retrieve().body(byte[].class);
        assertThat(ImageIO.read(new ByteArrayInputStream(small)).getWidth()).isEqualTo(160);
        ResponseEntity<String> broken =
                upload(path, "no picture at all".getBytes(java.nio.charset.StandardCharsets.UTF_8));
        assertThat(broken.getStatusCode().value()).isEqualTo(422);
        assertThat(broken.getBody()).contains("cannot be read as a picture");
        client.delete().uri(path).retrieve().toBodilessEntity();
        assertThat(cloth("photographed oat").get("photographed")).isEqualTo(false);
        assertThat(client.get()
                        .uri(path)
                        .retrieve()
                        .toEntity(String.class)
                        .getStatusCode()
                        .value())
                .isEqualTo(404);
    }

    /** A metre in an inch quilt is 39 47/127 in: what goes out is exact, and is read again as it was. */
    @Test
    void whatGoesOutIsReadAgainExactlyAlsoWithSemicolonsAndAMark() {
        post("/api/shelf/lines", Map.of("line", "1 m exact fir 110 cm wide", "system", "INCH"));
        String file = client.get().uri("/api/shelf/csv").retrieve().body(String.class);
        String line = file.lines()
                .filter(each -> each.startsWith("exact fir,"))
                .findFirst()
                .orElseThrow();
        assertThat(line).contains(",5500/127,5000/127,in,").doesNotContain("just");
        assertThat(put("/api/shelf/csv?doubles=ASK", file)).contains("\"put\":0");
        String heading = file.lines().findFirst().orElseThrow();
        String other = (heading + "\n" + line.replace("exact fir", "exact larch")).replace(',', ';');
        assertThat(put("/api/shelf/csv?doubles=ASK", "\uFEFF" + other)).contains("\"put\":1");
        assertThat(understood("exact larch").toString().replace("larch", "fir"))
                .isEqualTo(understood("exact fir").toString());
        // A colour that was only guessed does not become a fact on the way.
        assertThat(cloth("exact larch").get("guessed"))
                .isEqualTo(cloth("exact fir").get("guessed"));
    }

    private String put(String path, String text) {
        return post(path, Map.of("text", text, "system", "INCH")).getBody();
    }

    @Test
    void whatIsSaidOfAClothIsCheckedAndKept() {
        post("/api/shelf/lines", Map.of("line", "1 yd priced plum", "system", "INCH"));
        Object id = cloth("priced plum").get("id");
        Map<String, Object> facts = Map.of(
                "colour", "#6d3a5d", "lightness", "30", "directional", true, "kind", "cotton", "price", "14 a metre");
        assertThat(put("/api/shelf/cloths/" + id, facts).getStatusCode().value())
                .isEqualTo(204);
        assertThat(cloth("priced plum").get("value")).isEqualTo("dark, 30 of 100");
        Map<String, Object> wrong =
                Map.of("colour", "#6d3a5d", "lightness", "bright", "directional", true, "kind", "", "price", "dear");
        assertThat(put("/api/shelf/cloths/" + id, wrong).getBody())
                .contains("“bright” is no lightness", "“dear” is no price");
        assertThat(cloth("priced plum").get("kind")).isEqualTo("cotton");
    }

    @Test
    void aPriceListIsReplacedAsAWhole() {
        assertThat(client.post().uri("/api/shelf/prices/made-up").retrieve().body(String.class))
                .contains("12.50 a yard");
        String wrong = "cloth,kind,price\n,,11 a yard\noat,,much\n";
        assertThat(put("/api/shelf/prices", Map.of("text", wrong, "system", "INCH"))
                        .getBody())
                .contains("Price list, line 3", "“much” is no price");
        assertThat(client.get().uri("/api/shelf/prices").retrieve().body(String.class))
                .contains("12.50 a yard");
        client.delete().uri("/api/shelf/prices").retrieve().toBodilessEntity();
        assertThat(client.get().uri("/api/shelf/prices").retrieve().body(String.class))
                .endsWith("\"entries\":[]}");
    }

    private ResponseEntity<String> upload(String path, byte[] image) {
        return client.put()
                .uri(path)
                .contentType(MediaType.IMAGE_PNG)
                .body(image)
                .retrieve()
                .toEntity(String.class);
    }

    private ResponseEntity<String> post(String path, Map<String, ?> body) {
        return client.post()
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .body(body)
                .retrieve()
                .toEntity(String.class);
    }

    private ResponseEntity<String> put(String path, Map<String, ?> body) {
        return client.put()
                .uri(path)
                .contentType(MediaType.APPLICATION_JSON)
                .body(body)
                .retrieve()
                .toEntity(String.class);
    }

    private List<String> understood(String name) {
        return ((List<?>) cloth(name).get("lines"))
                .stream()
                        .map(line -> String.valueOf(((Map<?, ?>) line).get("understood")))
                        .toList();
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

package org.goldentally.app.quilts.formats;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Format 1 knew one block of two by two half-square triangles in a print and a background. It becomes a block of its own,
 * and the two cloths become cloths in hand; their names and swatches come from the shelf when it is looked at.
 */
final class FirstFormat implements FormatStep {

    private static final JsonMapper JSON = new JsonMapper();
    private static final List<String> SYSTEMS = List.of("INCH", "CENTIMETRE");

    @Override
    public int from() {
        return 1;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        check(old);
        ObjectNode design = firstQuilt(old.get("system").asString());
        for (String same : List.of("seam", "grid", "allowance")) {
            design.set(same, old.get(same));
        }
        design.putArray("cloths")
                .add(cloth("a", "print", "#9aa3a0", false, old.path("cloths").path("print")))
                .add(cloth(
                        "b", "background", "#f7f7f4", true, old.path("cloths").path("background")));
        ObjectNode block = (ObjectNode) design.get("blocks").get(0);
        block.put("key", "block").put("name", "Half-square block").set("parts", parts(old.get("unitTurns")));
        ObjectNode setting = (ObjectNode) design.get("setting");
        setting.put("across", old.get("blocksAcross").asInt())
                .put("down", old.get("blocksDown").asInt())
                .putArray("blocks")
                .add("block");
        ObjectNode size = (ObjectNode) design.get("blockSize");
        for (String same : List.of("of", "as", "typed")) {
            size.set(same, old.get("blockSize").get(same));
        }
        size.put("across", 2).put("down", 2);
        design.putArray("methods")
                .addObject()
                .put("units", "half-square triangle")
                .set("method", old.get("method"));
        return design;
    }

    /** What a new quilt was in format 2. */
    private static ObjectNode firstQuilt(String system) {
        String name = "/quilt-formats/first-quilt-of-format-2-" + system.toLowerCase(Locale.ROOT) + ".json";
        try (InputStream in = FirstFormat.class.getResourceAsStream(name)) {
            return (ObjectNode) JSON.readTree(in);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static ArrayNode parts(JsonNode turns) {
        ArrayNode parts = JSON.createArrayNode();
        for (int i = 0; i < turns.size(); i++) {
            ObjectNode part = parts.addObject()
                    .put("column", i % 2)
                    .put("row", i / 2)
                    .put("columns", 1)
                    .put("rows", 1);
            ObjectNode unit = part.putObject("unit")
                    .put("kind", "HALF_SQUARE")
                    .put("count", 0)
                    .put("corner", "1/2")
                    .put("block", "")
                    .put("quarterTurns", turns.get(i).asInt())
                    .put("mirrored", false);
            unit.putArray("cloths").add("a").add("b");
        }
        return parts;
    }

    private static ObjectNode cloth(String key, String name, String colour, boolean background, JsonNode shelfCloth) {
        String id =
                shelfCloth.isString() ? UUID.fromString(shelfCloth.asString()).toString() : "";
        return JSON.createObjectNode()
                .put("key", key)
                .put("name", name)
                .put("colour", colour)
                .put("lightness", "")
                .put("background", background)
                .put("shelfCloth", id);
    }

    /** That everything is there which is read of a document of the first format. */
    private static void check(ObjectNode old) {
        for (String field : List.of("system", "seam", "grid", "allowance", "method")) {
            check(old.path(field).isString(), field, "a text");
        }
        boolean systemKnown = SYSTEMS.contains(old.path("system").asString(""));
        check(systemKnown, "system", "INCH or CENTIMETRE");
        check(old.path("unitTurns").isArray(), "unitTurns", "a list of turns");
        old.path("unitTurns").forEach(turn -> check(turn.isInt(), "unitTurns", "a list of turns"));
        check(old.path("blocksAcross").isInt(), "blocksAcross", "a count");
        check(old.path("blocksDown").isInt(), "blocksDown", "a count");
        for (String field : List.of("of", "as", "typed")) {
            check(old.path("blockSize").path(field).isString(), "blockSize." + field, "a text");
        }
        for (String cloth : List.of("print", "background")) {
            JsonNode shelfCloth = old.path("cloths").path(cloth);
            boolean identity = shelfCloth.isString() && shelfCloth.asString().matches("[0-9a-fA-F-]{36}");
            check(shelfCloth.isMissingNode() || shelfCloth.isNull() || identity, "cloths." + cloth, "an identity");
        }
    }

    private static void check(boolean holds, String field, String what) {
        if (!holds) {
            throw new RefusedException(new Problem(
                    "design." + field, "what stands here is not " + what, "choose a file that Golden Tally wrote"));
        }
    }
}

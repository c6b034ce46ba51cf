package org.goldentally.app.quilts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes quilt documents, and reads those of every format there ever was: an older one is brought up to date. */
@Component
public class DesignDocuments {

    private static final int FIRST_FORMAT = 1;
    private static final int SECOND_FORMAT = 2;
    private static final int THIRD_FORMAT = 3;
    private static final int MOST_REMEMBERED = 50;

    private final JsonMapper json;

    /** Designs as read, so that the several answers after an edit do not read the same document again. */
    private final Cache<Key, QuiltDesign> read =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    /** A document never changes under one version. */
    private record Key(UUID quiltId, int version) {}

    DesignDocuments(JsonMapper json) {
        this.json = json;
    }

    String write(QuiltDesign design) {
        return json.writeValueAsString(design);
    }

    /** Remembers a design once it is kept for sure. */
    void remember(UUID quiltId, int version, QuiltDesign design) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                read.put(new Key(quiltId, version), design);
            }
        });
    }

    QuiltDesign read(UUID quiltId, int version, String document) {
        return read.get(new Key(quiltId, version), any -> read(document));
    }

    QuiltDesign read(String document) {
        return read(upToDate(document));
    }

    QuiltDesign read(ObjectNode document) {
        return json.treeToValue(document, QuiltDesign.class);
    }

    /** A stored document, of whatever format, as it is written today. */
    ObjectNode upToDate(String document) {
        if (json.readTree(document) instanceof ObjectNode design) {
            return upToDate(design);
        }
        throw new RefusedException(
                new Problem("design", "what stands here is no design", "choose a file that Golden Tally wrote"));
    }

    /**
     * A document of any format there ever was, as it is written today.
     *
     * @throws RefusedException if its format is not known
     */
    public ObjectNode upToDate(ObjectNode document) {
        int format = document.path("format").asInt(0);
        return switch (format) {
            case FIRST_FORMAT -> fromFirst(document);
            case SECOND_FORMAT -> fromThird(fromSecond(document));
            case THIRD_FORMAT -> fromThird(document);
            case QuiltDesign.CURRENT_FORMAT -> document;
            default ->
                throw new RefusedException(new Problem(
                        "format",
                        "quilt documents of format " + format + " are not known here",
                        "use one of format " + FIRST_FORMAT + " to " + QuiltDesign.CURRENT_FORMAT));
        };
    }

    /**
     * Format 1 knew one block of two by two half-square triangles in a print and a background. It becomes a block of its
     * own, and the two cloths become cloths in hand; their names and swatches come from the shelf when it is looked at.
     */
    private ObjectNode fromFirst(ObjectNode old) {
        checkFirst(old);
        ObjectNode design = json.valueToTree(
                QuiltDesign.first(MeasureSystem.valueOf(old.get("system").asString())));
        for (String same : new String[] {"seam", "grid", "allowance"}) {
            design.set(same, old.get(same));
        }
        ArrayNode cloths = json.createArrayNode();
        cloths.add(cloth("a", "print", "#9aa3a0", false, old.path("cloths").path("print")));
        cloths.add(cloth("b", "background", "#f7f7f4", true, old.path("cloths").path("background")));
        design.set("cloths", cloths);
        ObjectNode block = (ObjectNode) design.get("blocks").get(0);
        block.put("key", "block");
        block.put("name", "Half-square block");
        ArrayNode parts = json.createArrayNode();
        for (int i = 0; i < old.get("unitTurns").size(); i++) {
            ObjectNode part = json.createObjectNode();
            part.put("column", i % 2).put("row", i / 2).put("columns", 1).put("rows", 1);
            ObjectNode unit = part.putObject("unit");
            unit.put("kind", "HALF_SQUARE").put("count", 0).put("corner", "1/2").put("block", "");
            unit.put("quarterTurns", old.get("unitTurns").get(i).asInt()).put("mirrored", false);
            unit.putArray("cloths").add("a").add("b");
            parts.add(part);
        }
        block.set("parts", parts);
        ObjectNode setting = (ObjectNode) design.get("setting");
        setting.put("across", old.get("blocksAcross").asInt());
        setting.put("down", old.get("blocksDown").asInt());
        setting.putArray("blocks").add("block");
        ObjectNode size = (ObjectNode) design.get("blockSize");
        for (String same : new String[] {"of", "as", "typed"}) {
            size.set(same, old.get("blockSize").get(same));
        }
        size.put("across", 2).put("down", 2);
        design.putArray("methods")
                .addObject()
                .put("units", "half-square triangle")
                .set("method", old.get("method"));
        return design;
    }

    /** That everything is there which is read of a document of the first format. */
    private static void checkFirst(ObjectNode old) {
        for (String field : List.of("system", "seam", "grid", "allowance", "method")) {
            check(old.path(field).isString(), field, "a text");
        }
        boolean systemKnown = Arrays.stream(MeasureSystem.values())
                .anyMatch(system -> system.name().equals(old.path("system").asString("")));
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

    /** Format 2 knew no packs, no direction, no way of joining borders and nothing of how the work is done. */
    private ObjectNode fromSecond(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        design.put("format", THIRD_FORMAT);
        design.path("cloths").forEach(cloth -> {
            if (cloth instanceof ObjectNode known) {
                known.put("directional", false).put("pack", "").put("standsFor", ClothInHand.StandsFor.ITSELF.name());
            }
        });
        design.path("borders").forEach(border -> {
            if (border instanceof ObjectNode known) {
                known.put("join", BorderDesign.Join.STRAIGHT.name());
            }
        });
        if (design.get("finishing") instanceof ObjectNode finishing) {
            finishing.put("scrappyBinding", false);
        }
        design.set("plan", json.valueToTree(PlanDesign.USUAL));
        return design;
    }

    /** Format 3 knew nothing of guessed colours, of what stands between blocks on point, and of squaring up ends. */
    private static ObjectNode fromThird(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        design.put("format", QuiltDesign.CURRENT_FORMAT);
        design.path("cloths").forEach(cloth -> {
            if (cloth instanceof ObjectNode known) {
                known.put("guessed", false);
            }
        });
        if (design.get("setting") instanceof ObjectNode setting) {
            setting.put("between", SettingDesign.Between.SAME.name()).put("betweenBlock", "");
        }
        if (design.get("plan") instanceof ObjectNode plan) {
            plan.put("squaringUp", "");
        }
        return design;
    }

    private ObjectNode cloth(String key, String name, String colour, boolean background, JsonNode shelfCloth) {
        String id =
                shelfCloth.isString() ? UUID.fromString(shelfCloth.asString()).toString() : "";
        return json.createObjectNode()
                .put("key", key)
                .put("name", name)
                .put("colour", colour)
                .put("lightness", "")
                .put("background", background)
                .put("shelfCloth", id)
                .put("directional", false)
                .put("pack", "")
                .put("standsFor", ClothInHand.StandsFor.ITSELF.name())
                .put("guessed", false);
    }
}

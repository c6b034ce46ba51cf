package org.goldentally.app.quilts.formats;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Format 10 kept choices by what a unit was called on the screen, so that no unit could ever be called otherwise. */
final class TenthFormat implements FormatStep {

    private static final Map<String, String> CODES = codes();
    private static final Pattern COUNTED =
            Pattern.compile("(corner flip, |pieced half of |segment of )(\\d{1,3}) (?:corners?|rows|strips)");
    private static final Map<String, String> COUNTED_CODES =
            Map.of("corner flip, ", "corner-flip-", "pieced half of ", "pieced-half-", "segment of ", "segment-");

    private static Map<String, String> codes() {
        Map<String, String> codes = new LinkedHashMap<>();
        codes.put("half-square triangle", "half-square");
        codes.put("strip-set triangle square", "strip-set-triangles");
        codes.put("hourglass of two cloths", "hourglass-2");
        codes.put("hourglass of three cloths", "hourglass-3");
        codes.put("hourglass of four cloths", "hourglass-4");
        codes.put("split quarter", "split-quarter");
        codes.put("loose quarter triangle", "quarter-triangle");
        codes.put("flying goose", "goose");
        codes.put("side setting triangle", "side-setting-triangle");
        codes.put("corner setting triangle", "corner-setting-triangle");
        codes.put("plain square", "plain-square");
        codes.put("plain rectangle", "plain-oblong");
        codes.put("strip", "strip");
        return codes;
    }

    @Override
    public int from() {
        return 10;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        recode(design.path("methods"));
        JsonNode plan = design.path("plan");
        recode(plan.path("extras"));
        recode(plan.path("cutSizes"));
        if (plan.path("bonus") instanceof ArrayNode bonus) {
            for (int i = 0; i < bonus.size(); i++) {
                if (bonus.get(i).isString()) {
                    bonus.set(i, recoded(bonus.get(i).asString()));
                }
            }
        }
        return design;
    }

    private static void recode(JsonNode choices) {
        choices.forEach(choice -> {
            if (choice instanceof ObjectNode known && known.path("units").isString()) {
                known.put("units", recoded(known.path("units").asString()));
            }
        });
    }

    /** The name of the unit before the colon, or all of it where no fabrics follow; what is not known stays. */
    private static String recoded(String units) {
        int colon = units.indexOf(':');
        String name = colon < 0 ? units : units.substring(0, colon);
        String fabrics = colon < 0 ? "" : units.substring(colon);
        Matcher counted = COUNTED.matcher(name);
        String code = counted.matches()
                ? COUNTED_CODES.get(counted.group(1)) + counted.group(2)
                : CODES.getOrDefault(name, name);
        return code + fabrics;
    }
}

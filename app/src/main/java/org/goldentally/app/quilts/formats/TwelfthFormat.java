package org.goldentally.app.quilts.formats;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Format 12 drew every cloth plain. */
final class TwelfthFormat implements FormatStep {

    @Override
    public int from() {
        return 12;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        for (JsonNode cloth : design.path("cloths")) {
            if (cloth instanceof ObjectNode known) {
                known.put("print", "PLAIN");
            }
        }
        return design;
    }
}

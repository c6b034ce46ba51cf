package org.goldentally.app.quilts.formats;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Format 8 knew borders with four like sides only. */
final class EighthFormat implements FormatStep {

    @Override
    public int from() {
        return 8;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        for (JsonNode border : design.path("borders")) {
            if (border instanceof ObjectNode said) {
                said.putArray("sides");
            }
        }
        return design;
    }
}

package org.goldentally.app.quilts.formats;

import tools.jackson.databind.node.ObjectNode;

/** Format 9 knew one school for all cut sizes, no rulers, no stacked layers and no way of a backing but the least. */
final class NinthFormat implements FormatStep {

    @Override
    public int from() {
        return 9;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        if (design.path("plan") instanceof ObjectNode plan) {
            plan.putArray("cutSizes");
            plan.put("rulers", "");
            plan.put("layers", 4);
        }
        if (design.path("finishing") instanceof ObjectNode finishing) {
            finishing.put("panels", "LEAST");
        }
        return design;
    }
}

package org.goldentally.app.quilts.formats;

import tools.jackson.databind.node.ObjectNode;

/** Format 9 knew one school for all cut sizes, no rulers and no stacked layers. */
final class NinthFormat implements FormatStep {

    @Override
    public int from() {
        return 9;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        ObjectNode plan = design.withObject("/plan");
        plan.putArray("cutSizes");
        plan.put("rulers", "");
        plan.put("layers", 4);
        return design;
    }
}

package org.goldentally.app.quilts.formats;

import tools.jackson.databind.node.ObjectNode;

/** Format 6 planned one quilt of a design, never kits of it. */
final class SixthFormat implements FormatStep {

    @Override
    public int from() {
        return 6;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        if (design.path("plan") instanceof ObjectNode plan) {
            plan.putArray("kits");
        }
        return design;
    }
}

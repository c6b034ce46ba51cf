package org.goldentally.app.quilts.formats;

import tools.jackson.databind.node.ObjectNode;

/** Format 7 knew sashing between blocks and rows only, never between the one or the other alone. */
final class SeventhFormat implements FormatStep {

    @Override
    public int from() {
        return 7;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        if (design.path("sashing") instanceof ObjectNode sashing) {
            sashing.put("between", "BOTH");
        }
        return design;
    }
}

package org.goldentally.app.quilts.formats;

import tools.jackson.databind.node.ObjectNode;

/** Format 3 knew nothing of guessed colours, of what stands between blocks on point, and of squaring up ends. */
final class ThirdFormat implements FormatStep {

    @Override
    public int from() {
        return 3;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        design.path("cloths").forEach(cloth -> {
            if (cloth instanceof ObjectNode known) {
                known.put("guessed", false);
            }
        });
        if (design.get("setting") instanceof ObjectNode setting) {
            setting.put("between", "SAME").put("betweenBlock", "");
        }
        if (design.get("plan") instanceof ObjectNode plan) {
            plan.put("squaringUp", "");
        }
        return design;
    }
}

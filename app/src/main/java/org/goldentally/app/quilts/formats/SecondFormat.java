package org.goldentally.app.quilts.formats;

import tools.jackson.databind.node.ObjectNode;

/** Format 2 knew no packs, no direction, no way of joining borders and nothing of how the work is done. */
final class SecondFormat implements FormatStep {

    @Override
    public int from() {
        return 2;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        design.path("cloths").forEach(cloth -> {
            if (cloth instanceof ObjectNode known) {
                known.put("directional", false).put("pack", "").put("standsFor", "ITSELF");
            }
        });
        design.path("borders").forEach(border -> {
            if (border instanceof ObjectNode known) {
                known.put("join", "STRAIGHT");
            }
        });
        if (design.get("finishing") instanceof ObjectNode finishing) {
            finishing.put("scrappyBinding", false);
        }
        ObjectNode plan = design.putObject("plan");
        plan.putArray("cutting");
        plan.putArray("extras");
        plan.putArray("bonus");
        plan.put("marking", "CUTTING_LINE").put("pressing", "TO_THE_DARK");
        return design;
    }
}

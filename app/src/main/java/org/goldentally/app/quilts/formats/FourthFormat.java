package org.goldentally.app.quilts.formats;

import tools.jackson.databind.node.ObjectNode;

/** Format 4 knew nothing of units made together over the whole top, of locked places and of spare blocks. */
final class FourthFormat implements FormatStep {

    @Override
    public int from() {
        return 4;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        design.path("places").forEach(place -> {
            if (place instanceof ObjectNode known) {
                known.put("locked", false);
            }
        });
        if (design.get("plan") instanceof ObjectNode plan) {
            plan.putObject("making")
                    .put("oddOnes", "SHARED")
                    .put("mostSquaresAChain", 40)
                    .put("variety", "MANY")
                    .putArray("spareBlocks");
        }
        return design;
    }
}

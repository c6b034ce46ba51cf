package org.goldentally.app.quilts.formats;

import tools.jackson.databind.node.ObjectNode;

/**
 * Format 5 dressed all units of the sashing or of a border alike, let any print of a pack lie at a free place, and knew only
 * methods that the quilter chose herself.
 */
final class FifthFormat implements FormatStep {

    @Override
    public int from() {
        return 5;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        design.putArray("edgePlaces");
        design.path("cloths").forEach(cloth -> {
            if (cloth instanceof ObjectNode known) {
                known.putArray("but");
            }
        });
        design.path("methods").forEach(choice -> {
            if (choice instanceof ObjectNode known) {
                known.put("byHand", true);
            }
        });
        // The first spare blocks of format 5 did not say yet whether they are mirrored.
        design.path("plan").path("making").path("spareBlocks").forEach(spare -> {
            if (spare instanceof ObjectNode known && !known.has("mirrored")) {
                known.put("mirrored", false);
            }
        });
        return design;
    }
}

package org.goldentally.app.quilts.formats;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Format 11 knew one join for all sides of a border, and no unit of its own in the middle of a mirrored side. */
final class EleventhFormat implements FormatStep {

    @Override
    public int from() {
        return 11;
    }

    @Override
    public ObjectNode next(ObjectNode old) {
        ObjectNode design = old.deepCopy();
        for (JsonNode border : design.path("borders")) {
            if (border instanceof ObjectNode known) {
                known.putArray("sideJoins");
                known.putArray("middle");
                for (JsonNode side : known.path("sides")) {
                    if (side instanceof ObjectNode unlike) {
                        unlike.putArray("middle");
                    }
                }
            }
        }
        return design;
    }
}

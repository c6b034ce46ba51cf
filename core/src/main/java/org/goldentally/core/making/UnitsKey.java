package org.goldentally.core.making;

import java.util.List;
import org.goldentally.core.unit.PatchworkUnit;

/**
 * Units that are made together: of one size and the same cloths, both hands of them, whatever the method.
 *
 * @param cloths keys of its cloths in the order of its patches
 */
public record UnitsKey(PatchworkUnit unit, List<String> cloths) {

    public UnitsKey {
        cloths = List.copyOf(cloths);
    }

    /** How it is sent and written into the log: the same each time. */
    public String text() {
        return unit.name() + " " + unit.finishedWidth() + " x " + unit.finishedHeight() + " " + unit + ": "
                + String.join(",", cloths);
    }

    /** How a choice of method is kept in the quilt: what it is and its cloths, whatever its size. */
    public String choice() {
        return unit.name() + ":" + String.join(",", cloths);
    }
}

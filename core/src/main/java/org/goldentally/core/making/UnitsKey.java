package org.goldentally.core.making;

import java.util.List;
import org.goldentally.core.identity.Key;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitKeys;

/**
 * Units that are made together: of one size and the same cloths, both hands of them, whatever the method.
 *
 * @param cloths keys of its cloths in the order of its patches
 */
public record UnitsKey(PatchworkUnit unit, List<String> cloths) {

    public UnitsKey {
        cloths = List.copyOf(cloths);
    }

    /** What tells it from all others in logs. */
    public Key key() {
        return UnitKeys.of(unit).withMinted(cloths);
    }

    /** How it is sent: the same each time. */
    public String text() {
        return key().text();
    }

    /** How a choice of method is kept in the quilt: what it is and its cloths, whatever its size. */
    public String choice() {
        return UnitKeys.codeOf(unit) + ":" + String.join(",", cloths);
    }

    /** Whether a choice that is kept is of this kind of unit, in whatever fabrics. */
    public boolean isOfItsKind(String choice) {
        return choice.startsWith(kindChoice() + ":");
    }

    /** How a choice for all units of the kind is kept, whatever their cloths. */
    public String kindChoice() {
        return UnitKeys.codeOf(unit);
    }
}

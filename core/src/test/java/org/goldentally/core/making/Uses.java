package org.goldentally.core.making;

import java.util.List;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.PatchworkUnit.PlainPatch;

/** Made-up uses of cloth, told apart by a word. */
public final class Uses {

    private static final Length ONE = Length.inches(1);

    private Uses() {}

    public static Use named(String word) {
        return new Use.ForUnits(new UnitsKey(new PlainPatch(ONE, ONE), List.of(word)));
    }
}

package org.goldentally.core.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.core.chance.Written;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;

/** Every difference between any two of a few quilts, and in short, written out. */
class ChangesWrittenOutTest {

    @Test
    void differencesOfSomeQuilts() {
        List<String> lines = new ArrayList<>();
        Map<String, Tops> tops = SomeQuilts.tops();
        tops.forEach((one, before) -> tops.forEach((other, after) -> {
            if (!one.equals(other)) {
                lines.add(
                        "= from " + one + " to " + other + ": " + NamedChange.between(before.design(), after.design()));
                NamedChange.all(before.design(), after.design()).forEach(change -> lines.add("- " + change));
            }
        }));
        Written.as("changes.txt", lines);
    }
}

package org.goldentally.core.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.core.chance.Written;
import org.goldentally.core.problem.Known;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;

/** Every difference between each of a few quilts and the next, and in short, written out. */
class ChangesWrittenOutTest {

    @Test
    void differencesOfSomeQuilts() {
        List<String> lines = new ArrayList<>();
        Map<String, Tops> tops = SomeQuilts.tops();
        List<String> names = List.copyOf(tops.keySet());
        for (int i = 0; i < names.size(); i++) {
            String one = names.get(i);
            String other = names.get((i + 1) % names.size());
            QuiltDesign before = Known.of(tops, one).design();
            QuiltDesign after = Known.of(tops, other).design();
            lines.add("= from " + one + " to " + other + ": " + NamedChange.between(before, after));
            NamedChange.all(before, after).forEach(change -> lines.add("- " + change));
        }
        Written.as("changes.txt", lines);
    }
}

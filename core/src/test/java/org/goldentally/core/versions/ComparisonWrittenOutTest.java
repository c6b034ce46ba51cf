package org.goldentally.core.versions;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.chance.Written;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.versions.Comparison.Version;
import org.junit.jupiter.api.Test;

/** A few quilts set beside each other two by two, written out: each with the next, as if it were its other version. */
class ComparisonWrittenOutTest {

    private static final Prices PRICES =
            new Prices(Map.of("b", List.of(Price.read("", "12 a yard").orThrow())), Map.of());

    @Test
    void someQuiltsBesideEachOther() {
        List<String> lines = new ArrayList<>();
        List<Map.Entry<String, TopTally>> tallies =
                List.copyOf(SomeQuilts.tallies().entrySet());
        for (int i = 1; i < tallies.size(); i++) {
            Map.Entry<String, TopTally> one = tallies.get(i - 1);
            Map.Entry<String, TopTally> other = tallies.get(i);
            lines.add("= " + one.getKey() + " | " + other.getKey());
            Comparison.of(List.of(version(one.getValue()), version(other.getValue())), ClothLedger::of)
                    .rows()
                    .forEach(row -> lines.add(
                            (row.differs() ? "* " : "  ") + row.what() + ": " + String.join(" | ", row.values())));
        }
        Written.as("versions.txt", lines);
    }

    private static Version version(TopTally tally) {
        return new Version(tally, ShoppingList.of(tally, PRICES));
    }
}

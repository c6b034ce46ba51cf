package org.goldentally.core.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.SheetSteps;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;

/** What is cut is not bought twice. */
class BoughtWhereCutTest {

    /** Pinwheels of oat and ink, of which the shelf has nothing; ink is bought, and its first strip is cut. */
    @Test
    void aLengthThatIsCutIntoIsOffTheListAndStaysInTheAccount() {
        TopTally tally = TopTally.of(Tops.of(4, 3, "8", "pinwheel").top(), Map.of());
        ClothLedger ink = ledger(tally, "b");
        List<String> keys = SheetSteps.of(ink).getLast().stream()
                .map(step -> step.id().toString())
                .toList();
        assertThat(keys).doesNotHaveDuplicates();

        TopTally cut = tally.boughtWhereCut(Set.of(keys.get(1)));
        assertThat(lengths(tally)).anyMatch(each -> each.endsWith(" ink"));
        assertThat(lengths(cut)).noneMatch(each -> each.endsWith(" ink")).anyMatch(each -> each.endsWith(" oat"));
        ClothLedger after = ledger(cut, "b");
        assertThat(after.isEnough()).isTrue();
        assertThat(after.taken()).isEqualTo(ink.taken());
        assertThat(after.used()).isEqualTo(ink.used());
        assertThat(after.piecesCut()).isEqualTo(ink.piecesCut());

        assertThat(tally.boughtWhereCut(Set.of("another step"))).isEqualTo(tally);
    }

    private static List<String> lengths(TopTally tally) {
        return ShoppingList.of(tally, Prices.UNKNOWN).lengths();
    }

    private static ClothLedger ledger(TopTally tally, String cloth) {
        return tally.ledgers().stream()
                .filter(each -> each.cloth().equals(cloth))
                .findFirst()
                .orElseThrow();
    }
}

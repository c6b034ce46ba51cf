package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.plans.PlanCosts;
import org.goldentally.core.tally.TopTally;

/**
 * A top that the cloth makes, worked out like any other.
 *
 * @param key finds it again
 * @param name of its block
 * @param says in which cloths, and how set
 * @param named whether its block was asked for by name
 */
public record TopIdea(
        String key, String name, String says, boolean named, QuiltDesign design, TopTally tally, PlanCosts costs) {

    /** More lengths are summed up. */
    private static final int MOST_NAMED = 2;

    public boolean buysSomething() {
        return !costs.bought().isZero() || costs.impossible() > 0;
    }

    /** {@code 1 3/8 yd white}, one for each length; more than two are added up. */
    public List<String> toBuy() {
        List<String> lengths = new ArrayList<>();
        Length rest = Length.ZERO;
        int more = 0;
        for (ClothLedger ledger : tally.ledgers()) {
            if (ledger.toBuy().isEmpty()) {
                continue;
            }
            Length length = ledger.toBuy().get().purchase().bought();
            if (lengths.size() < MOST_NAMED) {
                lengths.add(Purchase.write(length, design.system()) + " " + name(ledger.cloth()));
            } else {
                rest = rest.plus(length);
                more++;
            }
        }
        if (more > 0) {
            lengths.add(Purchase.write(rest, design.system()) + " of " + more + (more == 1 ? " other" : " others"));
        }
        return lengths;
    }

    private String name(String cloth) {
        return design.cloth(cloth).map(ClothInHand::name).orElse(cloth);
    }

    /** Cloth of the shelf that is cut into, without what is left of it. */
    public Area used() {
        return tally.ledgers().stream()
                .map(ledger -> ledger.opened().stream()
                        .map(each -> each.piece().used().times(each.count()))
                        .reduce(Area.ZERO, Area::plus))
                .reduce(Area.ZERO, Area::plus);
    }

    /** Pieces of its cloths that stay whole. */
    public long whole() {
        return tally.ledgers().stream()
                .flatMap(ledger -> ledger.untouched().stream())
                .mapToLong(ShelfPieces::count)
                .sum();
    }

    /** Cloths of it that nothing is cut of. */
    public long clothsUntouched() {
        return design.cloths().stream()
                .filter(cloth -> tally.ledgers().stream()
                        .noneMatch(ledger -> ledger.cloth().equals(cloth.key())
                                && !(ledger.opened().isEmpty() && ledger.toBuy().isEmpty())))
                .count();
    }
}

package org.goldentally.core.offers;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.tally.TopTally;

/** What a tally buys of each cloth, to set two ways side by side. */
public record Bought(Map<String, Length> lengths, Map<String, Boolean> impossible) {

    /** What the accounts of a tally buy, binding and backing apart. */
    public static Bought of(TopTally tally) {
        Map<String, Length> lengths = new LinkedHashMap<>();
        Map<String, Boolean> impossible = new LinkedHashMap<>();
        for (ClothLedger ledger : tally.ledgers()) {
            lengths.put(
                    ledger.cloth(),
                    ledger.toBuy().map(buy -> buy.purchase().bought()).orElse(Length.ZERO));
            impossible.put(ledger.cloth(), !ledger.tooLarge().isEmpty());
        }
        return new Bought(lengths, impossible);
    }

    private Length of(String cloth) {
        return lengths.getOrDefault(cloth, Length.ZERO);
    }

    /** Whether no cloth is bought more of than there, and at least one less. */
    public boolean savesOver(Bought other) {
        boolean less = false;
        for (String cloth : allCloths(other)) {
            if (of(cloth).isLongerThan(other.of(cloth))
                    || (impossible.getOrDefault(cloth, false) && !other.impossible.getOrDefault(cloth, false))) {
                return false;
            }
            less |= of(cloth).isShorterThan(other.of(cloth));
        }
        return less;
    }

    Length saved(Bought other) {
        Length saved = Length.ZERO;
        for (String cloth : allCloths(other)) {
            saved = saved.plus(other.of(cloth)).minus(of(cloth));
        }
        return saved;
    }

    /** {@code buys 1/8 yd less oat, 1/4 yd more ink}; says so where nothing is bought otherwise. */
    public String against(Bought other, List<ClothInHand> cloths, MeasureSystem system) {
        List<String> said = new ArrayList<>();
        for (ClothInHand cloth : cloths) {
            Length now = of(cloth.key());
            Length before = other.of(cloth.key());
            if (now.isShorterThan(before)) {
                said.add(Purchase.write(before.minus(now), system) + " less " + cloth.name());
            } else if (now.isLongerThan(before)) {
                said.add(Purchase.write(now.minus(before), system) + " more " + cloth.name());
            }
        }
        return said.isEmpty() ? "buys the same" : "buys " + String.join(", ", said);
    }

    private List<String> allCloths(Bought other) {
        List<String> all = new ArrayList<>(lengths.keySet());
        other.lengths.keySet().stream().filter(cloth -> !all.contains(cloth)).forEach(all::add);
        return all;
    }
}

package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.finishing.Finishing;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.plans.PlanCosts;
import org.goldentally.core.plans.PlanInWords;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.TopTally;

/**
 * A top that the cloth makes, worked out like any other.
 *
 * @param key finds it again
 * @param name of its block
 * @param says in which cloths, and how set
 * @param named whether its block was asked for by name
 * @param share how much of what should be used up is cut into
 */
public record TopIdea(
        String key,
        String name,
        String says,
        boolean named,
        QuiltDesign design,
        TopTally tally,
        PlanCosts costs,
        Share share) {

    /**
     * Of the heap that a top is made of, or of all the fabric where there is none, so much is cut into.
     *
     * @param used without what is left of it
     * @param there all of it
     */
    record Share(Area used, Area there) {

        /** Nobody likes to see a quarter of a pack left over (common practice, no source). */
        boolean isMost() {
            return used.times(4).compareTo(there.times(3)) >= 0;
        }

        boolean isSome() {
            return used.times(3).compareTo(there) >= 0;
        }
    }

    /** More lengths are summed up. */
    private static final int MOST_NAMED = 2;

    /** A small crib quilt's side (our own choice). */
    private static final Length CRIB = Length.inches(30);

    /** A runner's width, and the length of a large cushion or a short runner (common practice, no source). */
    private static final Length NARROWEST = Length.inches(14);

    private static final Length SHORTEST = Length.inches(26);

    TopIdea withKey(String other) {
        return new TopIdea(other, name, says, named, design, tally, costs, share);
    }

    /** Whether the shelf is not enough for it. */
    public boolean buysSomething() {
        return !costs.bought().isZero() || costs.impossible() > 0;
    }

    /** How good an answer it is to "what can I make of this?", the best first. */
    public enum Worth {
        /** Three quarters of its heap or of all the fabric, in a size people sew, and nothing bought. */
        USES_MOST(0),
        /** As large as a crib quilt, or a third of them. */
        IS_A_QUILT(1),
        /** Less than that, and nothing bought. */
        IS_SMALL(2),
        /** Something has to be bought for it, beside what every quilt wants. */
        BUYS(3);

        private final int rank;

        Worth(int rank) {
            this.rank = rank;
        }

        /** The place in an order of the best first, from 0. */
        public int rank() {
            return rank;
        }
    }

    /** Of this one. */
    public Worth worth() {
        QuiltTop top = tally.top();
        boolean large = !top.finishedWidth().isShorterThan(CRIB)
                && !top.finishedHeight().isShorterThan(CRIB);
        if (buysSomething()) {
            return Worth.BUYS;
        }
        boolean usual = !Length.min(top.finishedWidth(), top.finishedHeight()).isShorterThan(NARROWEST)
                && !Length.max(top.finishedWidth(), top.finishedHeight()).isShorterThan(SHORTEST);
        if (share.isMost() && usual && !isMostlyLoose()) {
            return Worth.USES_MOST;
        }
        return large || share.isSome() ? Worth.IS_A_QUILT : Worth.IS_SMALL;
    }

    /** Whether half of its units and more are odd ones of loose triangles: no teacher begins with those. */
    private boolean isMostlyLoose() {
        long odd = tally.making().sets().stream()
                .filter(set -> set instanceof MadeSet.Single single && single.besidePairs())
                .mapToLong(MadeSet::runs)
                .sum();
        long units = tally.choices().stream()
                .mapToLong(choice -> choice.chosen().needed())
                .sum();
        return 2 * odd >= units && odd > 0;
    }

    /**
     * {@code 1 3/8 yd white}, one for each length; of more than three the third and all after it are added up. Then what has no cloth yet, and what no
     * account has. Backing and batting, which every quilt wants, are not among it.
     */
    public List<String> toBuy() {
        List<String> all = new ArrayList<>(lengths());
        binding().ifPresent(length -> all.add(length.write() + " binding"));
        all.addAll(PlanInWords.notCounted(tally));
        return all;
    }

    /** Of a binding that has no cloth yet. */
    private Optional<Purchase> binding() {
        return Finishing.of(tally.top())
                .binding()
                .filter(any -> design.finishing().bindingCloth().isEmpty())
                .map(strips -> Purchase.of(strips.cloth(), design.system()));
    }

    /** All that is bought, as an area, to order ideas by. */
    public Area bought() {
        Length width = UsualSizes.of(design.system()).widthOfFabric();
        return binding()
                .map(length -> costs.bought().plus(length.bought().times(width)))
                .orElse(costs.bought());
    }

    private List<String> lengths() {
        List<ClothLedger> bought = tally.ledgers().stream()
                .filter(ledger -> ledger.toBuy().isPresent())
                .toList();
        int named = bought.size() <= MOST_NAMED + 1 ? bought.size() : MOST_NAMED;
        List<String> lengths = new ArrayList<>();
        bought.subList(0, named)
                .forEach(ledger ->
                        lengths.add(Purchase.write(lengthOf(ledger), design.system()) + " " + name(ledger.cloth())));
        List<ClothLedger> others = bought.subList(named, bought.size());
        if (!others.isEmpty()) {
            Length rest = others.stream().map(TopIdea::lengthOf).reduce(Length.ZERO, Length::plus);
            lengths.add(Purchase.write(rest, design.system()) + " of " + others.size() + " others");
        }
        return lengths;
    }

    private static Length lengthOf(ClothLedger ledger) {
        return ledger.toBuy().map(buy -> buy.purchase().bought()).orElse(Length.ZERO);
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

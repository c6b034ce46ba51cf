package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.plans.BestPlans.Tried;

/**
 * Every combination of the ways in which the groups of a small top can be made, each cut in the style that buys least.
 *
 * <p>A combination that wants more area than the shelf and the least bought so far have together is passed over: no cutting
 * makes it better.
 *
 * @param groups what is open, by the choice keys of groups
 * @param plan works out a design as it is; empty once the search is stopped
 * @param cutBest cuts each fabric of a plan in the style that buys least of it
 */
record EveryWay(
        Map<String, List<PiecingMethod>> groups,
        Function<QuiltDesign, Optional<Tried>> plan,
        UnaryOperator<Tried> cutBest) {

    /** Combinations of larger tops are too many to be worked out one by one (our own limit). */
    static final int MOST_COMBINATIONS = 150;

    static Optional<EveryWay> of(
            Map<String, List<PiecingMethod>> groups,
            Function<QuiltDesign, Optional<Tried>> plan,
            UnaryOperator<Tried> cutBest) {
        long combinations = 1;
        for (List<PiecingMethod> ways : groups.values()) {
            combinations = Math.min(combinations * ways.size(), MOST_COMBINATIONS + 1L);
        }
        return combinations > MOST_COMBINATIONS ? Optional.empty() : Optional.of(new EveryWay(groups, plan, cutBest));
    }

    /** A combination that buys less; empty where there is none. */
    Optional<Tried> better(Tried than) {
        Tried best = than;
        Optional<Tried> better = Optional.empty();
        for (QuiltDesign design : designs(than.design())) {
            Optional<Tried> tried = plan.apply(design);
            if (tried.isEmpty()) {
                break;
            }
            if (leastByArea(tried.get()).compareTo(best.costs().bought()) < 0) {
                Tried cut = cutBest.apply(tried.get());
                if (Aim.BUYS_LEAST.isBetter(cut.costs(), best.costs())) {
                    best = cut;
                    better = Optional.of(cut);
                }
            }
        }
        return better;
    }

    private List<QuiltDesign> designs(QuiltDesign from) {
        List<QuiltDesign> designs = new ArrayList<>(List.of(from));
        groups.forEach((key, ways) -> {
            List<QuiltDesign> more = new ArrayList<>();
            designs.forEach(design -> ways.forEach(way -> more.add(PlanMoves.by(design, List.of(key), way))));
            designs.clear();
            designs.addAll(more);
        });
        return designs;
    }

    /** What the areas of the pieces alone want beyond the shelf, in whole lengths that shops sell. */
    private static Area leastByArea(Tried tried) {
        Area least = Area.ZERO;
        for (ClothLedger ledger : tried.tally().ledgers()) {
            Area onShelf = Area.ZERO;
            for (ShelfPieces pieces : ledger.request().shelf()) {
                onShelf = onShelf.plus(
                        pieces.piece().width().times(pieces.piece().length()).times(pieces.count()));
            }
            if (ledger.needed().compareTo(onShelf) > 0) {
                Length width = ledger.widthToBuy();
                Length one = Length.inches(1);
                Length length = one.scaledBy(ledger.needed().minus(onShelf), one.times(width));
                least = least.plus(
                        Purchase.of(length, ledger.request().system()).bought().times(width));
            }
        }
        return least;
    }
}

package org.goldentally.core.plans;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.Area;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.WaysToBuy;

/**
 * Three plans for a top, and whether the shelf is enough for it: yes, with the plan that shows it, or no, with what is
 * missing and small changes that help, each worked out before it is offered.
 *
 * @param now what is planned now
 * @param plans the best found for each aim
 * @param missing what the plan that buys least still buys, by the keys of the cloths
 * @param changes what would make the cloth do, or more of it; those that do come first
 * @param packs more of the same packs, where they do instead of lengths
 * @param bound what no plan does with less than
 * @param everyWay how many combinations of the ways left open were each cut in every style; 0 where that was not done
 * @param whole whether nobody stopped it
 */
public record ShelfAnswer(
        BestPlans.Tried now,
        Map<Aim, BestPlans.Tried> plans,
        Map<String, Purchase> missing,
        List<Change> changes,
        List<WaysToBuy.Packs> packs,
        PlanBound bound,
        int everyWay,
        boolean whole) {

    /**
     * A change of the design.
     *
     * @param key finds it again
     * @param enough whether nothing is to buy with it
     * @param effect what is bought otherwise than by the plan that buys least
     */
    public record Change(String key, String what, boolean enough, String effect, QuiltDesign design, Area bought) {}

    /** Whether nothing has to be bought. */
    public boolean isEnough() {
        return missing.isEmpty() && !hasTooLarge() && !hasUndressed();
    }

    /** Whether some pieces fit no cloth of the width to buy. */
    public boolean hasTooLarge() {
        return leastBought().costs().impossible() > 0;
    }

    /** Whether some patches, sashing or borders have no cloth yet, so that nobody can tell what they take. */
    public boolean hasUndressed() {
        return leastBought().tally().hasUndressed();
    }

    /** The design of a plan by the name of its aim, or of a change by its key. */
    public Optional<QuiltDesign> design(String key) {
        Optional<QuiltDesign> plan = plans.entrySet().stream()
                .filter(each -> each.getKey().name().equals(key))
                .map(each -> each.getValue().design())
                .findFirst();
        return plan.or(() -> changes.stream()
                .filter(change -> change.key().equals(key))
                .map(Change::design)
                .findFirst());
    }

    /**
     * How far the plan of an aim can be from the best at most; empty where nothing is known. What buys least is said of no
     * plan in which some fabric is still to be chosen.
     */
    public String proof(Aim aim, BestPlans.Tried plan) {
        if (aim == Aim.BUYS_LEAST && plan.tally().hasUndressed()) {
            return "";
        }
        boolean triedAll = everyWay > 0 && plan.costs().impossible() == 0;
        if (aim == Aim.BUYS_LEAST && triedAll && !bound.isLeast(plan.costs())) {
            return everyWay == 1
                    ? "There is one way to make its units, and with pieces of these sizes no style of cutting buys less."
                    : (everyWay == 2 ? "Both" : "All " + everyWay)
                            + " ways to make its units were tried with pieces of these sizes, each cut in every"
                            + " style: none buys less.";
        }
        return bound.proof(aim, plan.costs(), plan.design().system());
    }

    private BestPlans.Tried leastBought() {
        return plans.values().iterator().next();
    }

    /** Of the top as designed. */
    public static ShelfAnswer of(QuiltTop top, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        return of(top, shelf, cutter, BestPlans.Going.TO_THE_END);
    }

    /**
     * The same, told how it goes.
     *
     * @param going told of every try, over all plans and changes; what is stopped keeps the best that was found
     */
    public static ShelfAnswer of(
            QuiltTop top, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter, BestPlans.Going going) {
        AtomicBoolean whole = new AtomicBoolean(true);
        AtomicInteger tries = new AtomicInteger();
        BestPlans.Going counted = any -> {
            boolean on = going.goesOn(tries.incrementAndGet());
            whole.compareAndSet(true, on);
            return on;
        };
        BestPlans search = new BestPlans(top, shelf, cutter, counted);
        Map<Aim, BestPlans.Tried> plans = new LinkedHashMap<>();
        for (Aim aim : Aim.values()) {
            plans.put(aim, search.best(aim));
        }
        BestPlans.Tried least = plans.values().iterator().next();
        Map<String, Purchase> missing = missing(least);
        List<Change> changes = missing.isEmpty() ? List.of() : new SmallChanges(least, shelf, cutter, counted).all();
        List<WaysToBuy.Packs> packs =
                missing.isEmpty() ? List.of() : WaysToBuy.packs(least.tally(), shelf, Prices.UNKNOWN, cutter);
        return new ShelfAnswer(
                search.now(), plans, missing, changes, packs, search.bound(), search.everyWayTried(), whole.get());
    }

    /** The most tries that there are of such a top, to show how far it is. */
    public static int mostTries(QuiltTop top, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        BestPlans search = new BestPlans(top, shelf, cutter, BestPlans.Going.TO_THE_END);
        return search.mostTries() * Aim.values().length + SmallChanges.MOST_TRIES;
    }

    private static Map<String, Purchase> missing(BestPlans.Tried plan) {
        Map<String, Purchase> missing = new LinkedHashMap<>();
        for (ClothLedger ledger : plan.tally().ledgers()) {
            ledger.toBuy().ifPresent(buy -> missing.put(ledger.cloth(), buy.purchase()));
        }
        return missing;
    }
}

package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.offers.Bought;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.TopTally;

/**
 * Three plans for a top, and whether the shelf is enough for it: yes, with the plan that shows it, or no, with what is
 * missing and small changes that help, each worked out before it is offered.
 *
 * @param now what is planned now
 * @param plans the best found for each aim
 * @param missing what the plan that buys least still buys, by the keys of the cloths
 * @param changes what would make the cloth do, or more of it; those that do come first
 */
public record ShelfAnswer(
        BestPlans.Tried now, Map<Aim, BestPlans.Tried> plans, Map<String, Purchase> missing, List<Change> changes) {

    private static final int MOST_CHANGES = 4;
    private static final int NARROWER_STEPS = 4;

    /**
     * A change of the design.
     *
     * @param key finds it again
     * @param enough whether nothing is to buy with it
     * @param effect what is bought otherwise than by the plan that buys least
     */
    public record Change(String key, String what, boolean enough, String effect, QuiltDesign design, Area bought) {}

    public boolean isEnough() {
        return missing.isEmpty() && !hasTooLarge() && !hasUndressed();
    }

    /** Whether some pieces fit no cloth of the width to buy. */
    public boolean hasTooLarge() {
        return leastBought().costs().impossible() > 0;
    }

    /** Whether some patches have no cloth yet, so that nobody can tell what they take. */
    public boolean hasUndressed() {
        return hasUndressed(leastBought().tally());
    }

    private static boolean hasUndressed(TopTally tally) {
        return tally.making().cuts().stream().anyMatch(cut -> cut.cloth().isEmpty());
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

    private BestPlans.Tried leastBought() {
        return plans.values().iterator().next();
    }

    /** Of the top as designed. */
    public static ShelfAnswer of(QuiltTop top, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        BestPlans search = new BestPlans(top, shelf, cutter);
        Map<Aim, BestPlans.Tried> plans = new LinkedHashMap<>();
        for (Aim aim : Aim.values()) {
            plans.put(aim, search.best(aim));
        }
        BestPlans.Tried least = plans.values().iterator().next();
        Map<String, Purchase> missing = missing(least);
        List<Change> changes = missing.isEmpty() ? List.of() : new Changes(least, shelf, cutter).all();
        return new ShelfAnswer(search.now(), plans, missing, changes);
    }

    private static Map<String, Purchase> missing(BestPlans.Tried plan) {
        Map<String, Purchase> missing = new LinkedHashMap<>();
        for (ClothLedger ledger : plan.tally().ledgers()) {
            ledger.toBuy().ifPresent(buy -> missing.put(ledger.cloth(), buy.purchase()));
        }
        return missing;
    }

    /** Small changes, the least first. */
    private record Changes(BestPlans.Tried least, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {

        List<Change> all() {
            List<Change> changes = new ArrayList<>();
            QuiltDesign design = least.design();
            for (Allowance school : Allowance.values()) {
                if (school.compareTo(design.allowance()) < 0) {
                    tryOut("school-" + school, "room to trim: " + school.label(), design.withAllowance(school))
                            .ifPresent(changes::add);
                }
            }
            border().ifPresent(changes::add);
            SettingDesign setting = design.setting();
            if (setting.down() > 1) {
                tryOut(
                                "row",
                                "one row fewer",
                                design.withSetting(setting.resized(setting.across(), setting.down() - 1)))
                        .ifPresent(changes::add);
            }
            if (setting.across() > 1) {
                tryOut(
                                "column",
                                "one block fewer across",
                                design.withSetting(setting.resized(setting.across() - 1, setting.down())))
                        .ifPresent(changes::add);
            }
            return changes.stream()
                    .sorted(Comparator.comparing(Change::enough).reversed().thenComparing(Change::bought))
                    .limit(MOST_CHANGES)
                    .toList();
        }

        /** The outermost border narrower by as little as is enough; by as much as is sensible, where that never is. */
        private Optional<Change> border() {
            QuiltDesign design = least.design();
            int last = design.borders().size() - 1;
            if (last < 0 || design.borders().get(last).kind() != BorderDesign.Kind.PLAIN) {
                return Optional.empty();
            }
            Length width = least.tally().top().sizes().borders().get(last).width();
            Length step = design.system().usualSeam().times(2);
            Optional<Change> found = Optional.empty();
            for (int i = 1; i <= NARROWER_STEPS && step.times(i).isShorterThan(width); i++) {
                Length narrower = width.minus(step.times(i));
                List<BorderDesign> borders = new ArrayList<>(design.borders());
                borders.set(
                        last, borders.get(last).ofWidth(design.system().writer().write(narrower)));
                Optional<Change> change = tryOut(
                        "border",
                        "border " + (last + 1)
                                + (borders.get(last).unlike().isEmpty() ? "" : ", all but its unlike sides,")
                                + " narrower by "
                                + design.system().writer().writeWithUnit(step.times(i)),
                        design.withBorders(borders));
                if (change.isPresent()) {
                    found = change;
                }
                if (change.filter(Change::enough).isPresent()) {
                    break;
                }
            }
            return found;
        }

        /** With its own best plan; empty where it buys no less, or cannot be worked out. */
        private Optional<Change> tryOut(String key, String what, QuiltDesign design) {
            BestPlans.Tried with;
            try {
                with = new BestPlans(QuiltTop.of(design), shelf, cutter).quick(Aim.BUYS_LEAST);
            } catch (RefusedException impossible) {
                return Optional.empty();
            }
            if (!Aim.BUYS_LEAST.isBetter(with.costs(), least.costs())
                    || with.costs().bought().equals(least.costs().bought())) {
                return Optional.empty();
            }
            boolean enough =
                    with.costs().bought().isZero() && with.costs().impossible() == 0 && !hasUndressed(with.tally());
            return Optional.of(new Change(
                    key,
                    what,
                    enough,
                    Bought.of(with.tally()).against(Bought.of(least.tally()), design.cloths(), design.system()),
                    with.design(),
                    with.costs().bought()));
        }
    }
}

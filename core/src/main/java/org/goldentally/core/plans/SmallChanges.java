package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.measure.Length;
import org.goldentally.core.offers.Bought;
import org.goldentally.core.plans.ShelfAnswer.Change;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;

/** What would make the cloth do, or more of it: each change is worked out with its own best plan before it is offered. */
record SmallChanges(
        BestPlans.Tried least, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter, BestPlans.Going going) {

    /** About so many tries are made for all of them (our own figure, to show how far it is). */
    static final int MOST_TRIES = 120;

    private static final int MOST_CHANGES = 5;
    private static final int NARROWER_STEPS = 4;

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
        new NeighbourCloths(least, shelf, cutter)
                .all()
                .forEach(each -> tryOut(each.key(), each.what(), each.design()).ifPresent(changes::add));
        SettingDesign setting = design.setting();
        if (setting.down() > 1) {
            tryOut("row", "one row fewer", design.withSetting(setting.resized(setting.across(), setting.down() - 1)))
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
            borders.set(last, borders.get(last).ofWidth(design.system().writer().write(narrower)));
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
            with = new BestPlans(QuiltTop.of(design), shelf, cutter, going).quick(Aim.BUYS_LEAST);
        } catch (RefusedException impossible) {
            return Optional.empty();
        }
        if (!Aim.BUYS_LEAST.isBetter(with.costs(), least.costs())
                || with.costs().bought().equals(least.costs().bought())) {
            return Optional.empty();
        }
        boolean enough = with.costs().bought().isZero()
                && with.costs().impossible() == 0
                && !with.tally().hasUndressed();
        return Optional.of(new Change(
                key,
                what,
                enough,
                Bought.of(with.tally()).against(Bought.of(least.tally()), design.cloths(), design.system()),
                with.design(),
                with.costs().bought()));
    }
}

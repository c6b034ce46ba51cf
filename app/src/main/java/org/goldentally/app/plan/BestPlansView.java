package org.goldentally.app.plan;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.plans.Aim;
import org.goldentally.core.plans.BestPlans.Tried;
import org.goldentally.core.plans.PlanCosts;
import org.goldentally.core.plans.PlanInWords;
import org.goldentally.core.plans.ShelfAnswer;
import org.goldentally.core.problem.Known;

/**
 * Three plans side by side, and whether the shelf is enough.
 *
 * @param enough whether it can be made from the shelf
 * @param missing what the plan that buys least buys all the same
 * @param changes small changes that help
 */
record BestPlansView(
        boolean enough, List<String> missing, PlanView now, List<PlanView> plans, List<ChangeView> changes) {

    /** More are summed up. */
    private static final int MOST_NAMED = 4;

    /**
     * A plan.
     *
     * @param key finds it again; empty for the plan of now
     * @param same whether it is what is planned now
     * @param ways how its units are made, a line for each kind and method
     * @param buys each length to buy; empty where nothing is
     * @param money of what has a price; empty where nothing is bought or no price is known
     * @param unpriced lengths whose price is not known
     * @param hours before anything is sewn, a guess
     */
    record PlanView(
            String key,
            String label,
            boolean same,
            List<String> ways,
            List<String> buys,
            String money,
            int unpriced,
            long piecesOpened,
            long cuts,
            String seams,
            long trimmedUnits,
            String hours) {}

    record ChangeView(String key, String what, boolean enough, String effect) {}

    static BestPlansView of(ShelfAnswer answer, Prices prices) {
        QuiltDesign design = answer.now().design();
        List<PlanView> plans = new ArrayList<>();
        for (List<Aim> aims : alike(answer)) {
            Tried plan = Known.of(answer.plans(), aims.getFirst());
            plans.add(view(
                    aims.getFirst().name(),
                    String.join(" and ", aims.stream().map(Aim::label).toList()),
                    plan,
                    plan.design().equals(design),
                    prices));
        }
        List<String> missing = new ArrayList<>();
        answer.missing().forEach((cloth, purchase) -> missing.add(purchase.write() + " " + name(design, cloth)));
        List<String> said = new ArrayList<>(few(missing));
        if (answer.hasTooLarge()) {
            said.add("cloth for pieces that are too large for any");
        }
        if (answer.hasUndressed()) {
            said.add("cloth for what is not dressed yet");
        }
        return new BestPlansView(
                answer.isEnough(),
                said,
                view("", "as planned now", answer.now(), true, prices),
                plans,
                answer.changes().stream()
                        .map(change -> new ChangeView(change.key(), change.what(), change.enough(), change.effect()))
                        .toList());
    }

    /** A plan that is the best in more than one aim is one. */
    private static List<List<Aim>> alike(ShelfAnswer answer) {
        Map<QuiltDesign, List<Aim>> aims = new LinkedHashMap<>();
        answer.plans()
                .forEach((aim, plan) -> aims.computeIfAbsent(plan.design(), any -> new ArrayList<>())
                        .add(aim));
        return List.copyOf(aims.values());
    }

    private static PlanView view(String key, String label, Tried plan, boolean same, Prices prices) {
        PlanCosts costs = plan.costs();
        List<String> buys = new ArrayList<>();
        BigDecimal money = BigDecimal.ZERO;
        int unpriced = 0;
        for (ClothLedger ledger : plan.tally().ledgers()) {
            if (ledger.toBuy().isEmpty()) {
                continue;
            }
            Purchase purchase = ledger.toBuy().get().purchase();
            Optional<Price> price = prices.ofLength(ledger.cloth());
            buys.add(price.map(each -> each.sold(purchase)).orElse(purchase).write() + " "
                    + name(plan.design(), ledger.cloth()));
            Optional<BigDecimal> cost = price.flatMap(each -> each.of(purchase));
            unpriced += cost.isEmpty() ? 1 : 0;
            money = money.add(cost.orElse(BigDecimal.ZERO));
        }
        return new PlanView(
                key,
                label,
                same,
                ways(plan),
                few(buys),
                money.signum() == 0 ? "" : money.toPlainString(),
                unpriced,
                costs.piecesOpened(),
                costs.cuts(),
                Purchase.writeRoughly(costs.seams(), plan.design().system()).replace(".0 ", " "),
                costs.trimmedUnits(),
                PlanInWords.hours(costs.minutes()));
    }

    private static List<String> ways(Tried plan) {
        Map<String, Long> ways = new LinkedHashMap<>();
        plan.tally().choices().forEach(choice -> {
            UnitPlan chosen = choice.chosen();
            if (choice.ways().size() > 1) {
                ways.merge(chosen.name() + ": " + chosen.method().displayName(), 1L, Long::sum);
            }
        });
        return ways.entrySet().stream()
                .map(way -> way.getValue() == 1 ? way.getKey() : way.getKey() + ", " + way.getValue() + " combinations")
                .toList();
    }

    private static List<String> few(List<String> all) {
        if (all.size() <= MOST_NAMED + 1) {
            return all;
        }
        List<String> few = new ArrayList<>(all.subList(0, MOST_NAMED));
        few.add((all.size() - MOST_NAMED) + " more cloths");
        return few;
    }

    private static String name(QuiltDesign design, String cloth) {
        return design.cloth(cloth).map(ClothInHand::name).orElse("cloth not chosen");
    }
}

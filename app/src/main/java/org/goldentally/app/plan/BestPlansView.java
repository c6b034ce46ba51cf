package org.goldentally.app.plan;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.plans.Aim;
import org.goldentally.core.plans.BestPlans.Tried;
import org.goldentally.core.plans.PiecingTime;
import org.goldentally.core.plans.PlanCosts;
import org.goldentally.core.plans.PlanInWords;
import org.goldentally.core.plans.ShelfAnswer;
import org.goldentally.core.problem.Known;
import org.goldentally.core.tally.WaysToBuy;

/**
 * Three plans side by side, and whether the shelf is enough.
 *
 * @param enough whether it can be made from the shelf
 * @param missing what the plan that buys least buys all the same
 * @param changes small changes that help
 * @param packs more of the same packs, where they do instead of lengths, in words
 * @param stopped whether it was stopped before all was tried
 */
record BestPlansView(
        boolean enough,
        List<String> missing,
        PlanView now,
        List<PlanView> plans,
        List<ChangeView> changes,
        List<String> packs,
        boolean stopped) {

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
     * @param trimmings cloth that is cut off units and beside pieces
     * @param hours before anything is sewn, a guess
     * @param proof how far it can be from the best in what it is chosen for; empty where that is not known
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
            String trimmings,
            String hours,
            String proof) {}

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
                    prices,
                    aims.stream()
                            .map(aim -> answer.proof(aim, plan))
                            .filter(proof -> !proof.isEmpty())
                            .collect(Collectors.joining(" "))));
        }
        return new BestPlansView(
                answer.isEnough(),
                missing(answer, design),
                view("", "as planned now", answer.now(), true, prices, ""),
                plans,
                answer.changes().stream()
                        .map(change -> new ChangeView(change.key(), change.what(), change.enough(), change.effect()))
                        .toList(),
                answer.packs().stream().map(packs -> packs(packs, design)).toList(),
                !answer.whole());
    }

    private static List<String> missing(ShelfAnswer answer, QuiltDesign design) {
        List<String> missing = new ArrayList<>();
        answer.missing().forEach((cloth, purchase) -> missing.add(purchase.write() + " " + name(design, cloth)));
        List<String> said = new ArrayList<>(few(missing));
        if (answer.hasTooLarge()) {
            said.add("fabric for pieces that are too large for any");
        }
        if (answer.hasUndressed()) {
            PlanInWords.notCounted(answer.plans().values().iterator().next().tally()).stream()
                    .filter(each -> !answer.hasTooLarge() || !each.startsWith("pieces"))
                    .forEach(said::add);
        }
        return said;
    }

    private static String packs(WaysToBuy.Packs packs, QuiltDesign design) {
        String what = packs.count() == 1 ? "one more pack" : packs.count() + " more packs";
        return what + " of " + packs.pack() + " (" + packs.pieces() + (packs.count() == 1 ? ")" : " each)")
                + " instead of lengths of "
                + String.join(
                        ", ",
                        few(packs.instead().stream()
                                .map(cloth -> name(design, cloth))
                                .toList()));
    }

    /** A plan that is the best in more than one aim is one. */
    private static List<List<Aim>> alike(ShelfAnswer answer) {
        Map<QuiltDesign, List<Aim>> aims = new LinkedHashMap<>();
        answer.plans()
                .forEach((aim, plan) -> aims.computeIfAbsent(plan.design(), any -> new ArrayList<>())
                        .add(aim));
        return List.copyOf(aims.values());
    }

    private static PlanView view(String key, String label, Tried plan, boolean same, Prices prices, String proof) {
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
                plan.design().system().writeArea(costs.trimmings()),
                PlanInWords.hours(PiecingTime.minutes(plan.tally())),
                proof);
    }

    /** Also how strips that are longer than cloth is wide come about. */
    private static List<String> ways(Tried plan) {
        Map<String, Long> ways = new LinkedHashMap<>();
        plan.tally().choices().forEach(choice -> {
            UnitPlan chosen = choice.chosen();
            if (choice.ways().size() > 1) {
                String way = chosen.method().displayName() + cutSize(chosen, plan.design());
                ways.merge(chosen.name() + ": " + way, 1L, Long::sum);
            }
        });
        List<String> said = new ArrayList<>(ways.entrySet().stream()
                .map(way -> way.getValue() == 1 ? way.getKey() : way.getKey() + ", " + way.getValue() + " combinations")
                .toList());
        for (int i = 0; i < plan.design().borders().size(); i++) {
            switch (plan.design().borders().get(i).join()) {
                case STRAIGHT -> {
                    // As is usual.
                }
                case DIAGONAL -> said.add("border " + (i + 1) + ": joined on the diagonal");
                case ALONG_LENGTH -> said.add("border " + (i + 1) + ": cut along the length of the fabric");
            }
        }
        switch (plan.design().finishing().panels()) {
            case LEAST -> {
                // As is usual.
            }
            case UPRIGHT -> said.add("backing: panels from top to bottom");
            case LYING -> said.add("backing: panels from side to side");
        }
        return said;
    }

    private static String cutSize(UnitPlan chosen, QuiltDesign design) {
        return design.plan()
                .cutSizeOf(
                        chosen.method().key(),
                        chosen.key().choice(),
                        chosen.key().kindChoice())
                .map(size -> ", cut " + size.typed()
                        + (Character.isDigit(size.typed().charAt(size.typed().length() - 1))
                                ? " " + design.system().abbreviation()
                                : ""))
                .orElse("");
    }

    private static List<String> few(List<String> all) {
        if (all.size() <= MOST_NAMED + 1) {
            return all;
        }
        List<String> few = new ArrayList<>(all.subList(0, MOST_NAMED));
        few.add((all.size() - MOST_NAMED) + " more fabrics");
        return few;
    }

    private static String name(QuiltDesign design, String cloth) {
        return design.cloth(cloth).map(ClothInHand::name).orElse("fabric not chosen");
    }
}

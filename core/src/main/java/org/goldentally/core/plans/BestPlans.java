package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.tally.TopTally;

/**
 * Chooses the methods of all groups and the way of cutting together, for one aim.
 *
 * <ol>
 *   <li>It starts with what is planned now, and with every group by its own best way.
 *   <li>Every method is tried for all groups of one kind of unit at once: "four at a time for all" may need nothing though
 *       no single group by itself gets better.
 *   <li>Then group by group, the ones that take most cloth first, as long as anything gets better.
 *   <li>Then the style of cutting: tidy where that buys less, plain where cuts are to be simple.
 * </ol>
 *
 * <p>Each try is worked out in full: the making plan of the whole top, every account. What the quilter chose by hand stays.
 * It is a search, not a proof; so many tries are made at most, the same ones each time.
 */
public final class BestPlans {

    /** More groups than this are only tried all of a kind at once (our own limit). */
    private static final int MOST_GROUPS = 16;

    private static final int ROUNDS = 2;

    /** Tries are as many as a top of its size allows, so that its time stays bounded (our own figures). */
    private static final int TRIES_TIMES_SIZE = 6_000;

    private static final int FEWEST_TRIES = 16;
    private static final int MOST_TRIES = 200;
    private static final int A_CLOTH_WEIGHS = 4;

    private final QuiltTop top;
    private final TopCount count;
    private final Map<String, List<ShelfPieces>> shelf;
    private final ClothCutter cutter;
    private final Map<QuiltDesign, Tried> tried = new HashMap<>();
    /** Most accounts are the same from try to try. */
    private final Map<CuttingRequest, ClothLedger> accounts = new HashMap<>();

    private final int mostTries;

    /** The ways that each group may be made, by its choice key; what was chosen by hand is not among them. */
    private final Map<String, List<PiecingMethod>> open = new LinkedHashMap<>();
    /** Choice keys of each kind of unit. */
    private final Map<String, List<String>> kinds = new LinkedHashMap<>();

    /** A plan that was worked out. */
    public record Tried(QuiltDesign design, TopTally tally, PlanCosts costs) {}

    public BestPlans(QuiltTop top, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        this.top = top;
        this.count = TopCount.of(top);
        this.shelf = shelf;
        this.cutter = request -> accounts.computeIfAbsent(request, cutter::account);
        Tried now = now();
        int size = now.tally.choices().size()
                + A_CLOTH_WEIGHS * now.tally.ledgers().size();
        this.mostTries = Math.clamp(TRIES_TIMES_SIZE / Math.max(1, size), FEWEST_TRIES, MOST_TRIES);
        Set<String> byHand = top.design().methods().stream()
                .filter(MethodChoice::byHand)
                .map(MethodChoice::units)
                .collect(Collectors.toSet());
        now.tally.choices().stream()
                .sorted(Comparator.comparing(
                                (UnitPlans.Choice choice) -> choice.chosen().clothCut())
                        .reversed())
                .forEach(choice -> mayChoose(choice, byHand));
    }

    private void mayChoose(UnitPlans.Choice choice, Set<String> byHand) {
        UnitPlan plan = choice.chosen();
        String key = plan.key().choice();
        List<PiecingMethod> usual = choice.ways().stream()
                .filter(UnitPlans::isUsual)
                .map(UnitPlan::method)
                .toList();
        if (usual.size() > 1
                && !byHand.contains(key)
                && !byHand.contains(plan.unit().name())) {
            open.put(key, usual);
            kinds.computeIfAbsent(plan.unit().name(), any -> new ArrayList<>()).add(key);
        }
    }

    /** What is planned now. */
    public Tried now() {
        return tryOut(top.design());
    }

    /** The best plan that is found for an aim. */
    public Tried best(Aim aim) {
        Search search = new Search(aim, mostTries);
        search.tryIt(freed());
        search.kinds();
        for (int round = 0; round < ROUNDS && search.groups(); round++) {
            search.kinds();
        }
        search.styles();
        return search.best;
    }

    /** A good one, found by trying each method for all groups of a kind only. */
    public Tried quick(Aim aim) {
        Search search = new Search(aim, FEWEST_TRIES);
        search.tryIt(freed());
        search.kinds();
        return search.best;
    }

    /** Every open group by its own best way. */
    private QuiltDesign freed() {
        return top.design()
                .withMethods(top.design().methods().stream()
                        .filter(MethodChoice::byHand)
                        .toList());
    }

    private Tried tryOut(QuiltDesign design) {
        return tried.computeIfAbsent(design, any -> {
            TopTally tally = TopTally.of(top, count, top.read().madeAs(design), shelf, cutter);
            return new Tried(design, tally, PlanCosts.of(tally));
        });
    }

    /** These groups made by one method, not by the quilter's hand. */
    private static QuiltDesign by(QuiltDesign design, List<String> keys, PiecingMethod method) {
        Set<String> chosen = Set.copyOf(keys);
        List<MethodChoice> methods = new ArrayList<>(design.methods());
        methods.removeIf(choice -> chosen.contains(choice.units()));
        keys.forEach(key -> methods.add(new MethodChoice(key, method.key(), false)));
        return design.withMethods(methods);
    }

    private static QuiltDesign tidily(Tried plan) {
        List<CuttingChoice> cutting = new ArrayList<>(plan.design.plan().cutting());
        for (ClothLedger ledger : plan.tally.ledgers()) {
            boolean chosen = cutting.stream().anyMatch(choice -> choice.cloth().equals(ledger.cloth()));
            if (!chosen && ledger.toBuy().isPresent() && ledger.choice().style() == CuttingStyle.PLAIN) {
                cutting.add(new CuttingChoice(ledger.cloth(), CuttingStyle.TIDY, PlanDesign.USUAL_EFFORT));
            }
        }
        return plan.design.withPlan(plan.design.plan().withCutting(cutting));
    }

    /** Plainly, but for cloths whose way of cutting was chosen. */
    private static QuiltDesign plainly(QuiltDesign design) {
        return design.withPlan(design.plan()
                .withCutting(design.plan().cutting().stream()
                        .filter(choice -> !choice.cloth().isEmpty())
                        .toList()));
    }

    private final class Search {
        private final Aim aim;
        private Tried best = now();
        private int left;

        Search(Aim aim, int tries) {
            this.aim = aim;
            this.left = tries;
        }

        /** Whether it is better than all before. */
        private boolean tryIt(QuiltDesign design) {
            if (left <= 0) {
                return false;
            }
            left--;
            Tried other = tryOut(design);
            if (aim.isBetter(other.costs, best.costs)) {
                best = other;
                return true;
            }
            return false;
        }

        private void kinds() {
            kinds.values()
                    .forEach(keys -> methodsOf(keys)
                            .forEach(method -> tryIt(by(
                                    best.design,
                                    keys.stream()
                                            .filter(key -> open.getOrDefault(key, List.of())
                                                    .contains(method))
                                            .toList(),
                                    method))));
        }

        private Set<PiecingMethod> methodsOf(List<String> keys) {
            Set<PiecingMethod> methods = new LinkedHashSet<>();
            keys.forEach(key -> methods.addAll(open.getOrDefault(key, List.of())));
            return methods;
        }

        private boolean groups() {
            boolean better = false;
            for (Map.Entry<String, List<PiecingMethod>> group :
                    open.entrySet().stream().limit(MOST_GROUPS).toList()) {
                for (PiecingMethod method : group.getValue()) {
                    better |= tryIt(by(best.design, List.of(group.getKey()), method));
                }
            }
            return better;
        }

        /** What is bought and cut plainly is cut tidily, where that buys less; what is cut most simply is cut plainly. */
        private void styles() {
            switch (aim) {
                case BUYS_LEAST -> tryIt(tidily(best));
                case CUTS_SIMPLEST -> tryIt(plainly(best.design));
                case SEWS_LEAST -> {
                    // However cloth is cut, the sewing is the same.
                }
            }
        }
    }
}

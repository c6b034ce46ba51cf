package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.IntUnaryOperator;
import java.util.function.Predicate;
import org.goldentally.core.work.Work;

/**
 * Plans how to cut pieces of several sizes from as short a length of cloth as can be found.
 *
 * <ol>
 *   <li>The plan in parts of strips ({@link StripMaster}, by column generation with {@link StripPricing}) gives prices
 *       ({@link StripPrices}), good strips and a lower bound.
 *   <li>A first plan takes whole strips by what they cover for their height, or one size a strip if that is shorter.
 *   <li>Then a beam search: a part is kept ({@link Beginning}), in turn whole strips of the plan in parts with a few put
 *       back at random, and the best plan with a few strips taken apart; the rest is covered by known strips and by strips
 *       made for what is still wanted ({@link StripCandidates}); equal remainders are merged, and what cannot beat the
 *       best plan any more is dropped.
 *   <li>It is started again until its budget of steps ends, nothing shorter would count less, or the quilter stops it.
 * </ol>
 *
 * The budget counts steps, not time, and chance is seeded, so a plan comes out the same each time.
 *
 * <p>Sources, from memory: P. C. Gilmore and R. E. Gomory, A linear programming approach to the cutting-stock problem,
 * Operations Research 9 (1961), for the prices and the bound; the same, Multistage cutting stock problems of two and more
 * dimensions, Operations Research 13 (1965), for strips that are cut across. The beam search and its numbers are our own.
 */
public final class YardagePlanner {

    /** Search steps that take about a tenth of a second for a usual list on an ordinary machine. */
    public static final int USUAL_BUDGET = 27_000;

    /** A thrifty search spends this part of its budget on a tidy plan to start from. */
    public static final int TIDY_SHARE = 5;

    /** With more sizes than this each step looks at more, and counts for as much more. */
    private static final int USUAL_SIZES = 12;

    /** Plans kept at each step: found by trial on the lists of the benchmark. */
    private static final int BEAM = 24;

    /** What is still to be cut counts a little over its price, since whole strips never do as well as parts of them. */
    private static final double OPEN_WEIGHT = 1.02;

    /** Of so many starts one asks whether to go on. */
    private static final int STARTS_BETWEEN_QUESTIONS = 8;

    private static final long SEED = 20_261_123L;

    private static final Comparator<PartialPlan> MOST_HOPEFUL = Comparator.comparingDouble(
                    (PartialPlan plan) -> plan.length() + OPEN_WEIGHT * plan.open())
            .thenComparing(PartialPlan::wanted, Arrays::compare);

    private final Demand demand;
    private final StripMaster master;
    private final StripPrices prices;
    private final List<CountedStrip> known;
    private final StripCandidates candidates;
    private final int lowerBound;
    private final IntUnaryOperator counts;
    private List<Strip> best;
    private int bestLength;

    private YardagePlanner(Demand demand, CuttingStyle style, IntUnaryOperator counts) {
        this.demand = demand;
        this.counts = counts;
        StripPricing pricing = new StripPricing(demand, style);
        this.master = new StripMaster(demand, pricing);
        master.solve();
        this.prices = StripPrices.of(demand, master.prices());
        this.known = master.strips().stream()
                .map(strip -> CountedStrip.of(strip, demand.items().size()))
                .toList();
        this.candidates = new StripCandidates(pricing, prices, known);
        this.lowerBound = (int) Math.ceil(master.bound() - 1e-6);
        List<Strip> plain = PlainStrips.plan(demand).strips();
        List<Strip> mixed = greedy();
        this.best = length(mixed) < length(plain) ? mixed : plain;
        this.bestLength = length(best);
    }

    /**
     * A plan within a budget of search steps.
     *
     * @param goOn asked now and then with the best length so far; the search ends when it says no
     */
    public static YardagePlan plan(Demand demand, CuttingStyle style, int budget, Predicate<Integer> goOn) {
        return plan(demand, style, budget, IntUnaryOperator.identity(), goOn);
    }

    /**
     * A plan within a budget of search steps, no better than is needed.
     *
     * @param counts what a length counts as: of cloth that shops cut in eighths of a yard, how many eighths; the search ends
     *     when nothing shorter counts less
     */
    public static YardagePlan plan(
            Demand demand, CuttingStyle style, int budget, IntUnaryOperator counts, Predicate<Integer> goOn) {
        if (demand.items().isEmpty()) {
            return new YardagePlan(demand, List.of(), 0);
        }
        if (style == CuttingStyle.PLAIN) {
            return PlainStrips.plan(demand);
        }
        YardagePlanner planner = new YardagePlanner(demand, style, counts);
        if (style == CuttingStyle.THRIFTY && planner.canCountLess()) {
            // Every tidy plan is a thrifty one too, and found more easily.
            planner.keepIfShorter(plan(demand, CuttingStyle.TIDY, budget / TIDY_SHARE, counts, goOn)
                    .strips());
        }
        planner.search(budget, goOn);
        List<Strip> inOrder = new ArrayList<>(planner.best);
        inOrder.sort(StripOrder.HIGHEST_FIRST);
        return new YardagePlan(demand, inOrder, Math.min(planner.lowerBound, planner.bestLength));
    }

    private static int length(List<Strip> strips) {
        return strips.stream().mapToInt(Strip::height).sum();
    }

    private void keepIfShorter(List<Strip> strips) {
        if (length(strips) < bestLength) {
            best = strips;
            bestLength = length(strips);
        }
    }

    private void search(int budget, Predicate<Integer> goOn) {
        SplittableRandom chance = new SplittableRandom(SEED);
        double[] amounts = master.amountsOfStrips();
        int most = (int) ((long) budget
                * USUAL_SIZES
                / Math.max(USUAL_SIZES, demand.items().size()));
        int steps = 0;
        for (int start = 0; steps < most && canCountLess(); start++) {
            if (start % STARTS_BETWEEN_QUESTIONS == 0 && !goOn.test(bestLength)) {
                return;
            }
            Beginning beginning = start % 2 == 0
                    ? Beginning.rounded(demand, known, amounts, start == 0, chance)
                    : Beginning.of(demand, best, chance);
            steps += beam(beginning, chance, start);
        }
    }

    private boolean canCountLess() {
        return counts.applyAsInt(bestLength) > counts.applyAsInt(lowerBound);
    }

    /** Covers what a beginning leaves; says how many steps that took. */
    private int beam(Beginning beginning, SplittableRandom chance, int start) {
        List<PartialPlan> level = List.of(PartialPlan.start(beginning.wanted(), beginning.length(), prices));
        int steps = 0;
        while (!level.isEmpty()) {
            Map<PartialPlan.Rest, PartialPlan> next = new LinkedHashMap<>();
            for (PartialPlan plan : level) {
                if (plan.isDone()) {
                    candidates.remember(plan.strips());
                    if (plan.length() < bestLength) {
                        List<Strip> all = beginning.each();
                        all.addAll(plan.strips());
                        keepIfShorter(all);
                    }
                    continue;
                }
                for (CountedStrip strip : candidates.after(plan, chance, start)) {
                    steps++;
                    Work.spend(1);
                    PartialPlan longer = plan.with(strip, prices);
                    if (longer.length() > plan.length() && canStillBeBest(longer)) {
                        next.merge(longer.rest(), longer, (a, b) -> b.length() < a.length() ? b : a);
                    }
                }
            }
            level = next.values().stream().sorted(MOST_HOPEFUL).limit(BEAM).toList();
        }
        return Math.max(1, steps);
    }

    private boolean canStillBeBest(PartialPlan plan) {
        return plan.length() + plan.open() < bestLength - 1e-6;
    }

    /** Whole strips one after the other, each time the one that covers most for its height, as often as it is wanted. */
    private List<Strip> greedy() {
        PartialPlan plan = PartialPlan.start(demand.counts(), 0, prices);
        SplittableRandom chance = new SplittableRandom(SEED);
        while (!plan.isDone()) {
            int[] wanted = plan.wanted();
            CountedStrip next = candidates.after(plan, chance, 0).stream()
                    .min(Comparator.comparingDouble(each -> candidates.heightForWorth(each.strip(), wanted)))
                    .orElseThrow();
            int times = Math.max(1, next.timesWithin(wanted));
            for (int n = 0; n < times; n++) {
                plan = plan.with(next, prices);
            }
        }
        return plan.strips();
    }
}

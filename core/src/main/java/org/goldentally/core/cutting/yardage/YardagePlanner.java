package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.function.Predicate;
import org.goldentally.core.work.Work;

/**
 * Plans how to cut pieces of several sizes from as short a length of cloth as can be found.
 *
 * <ol>
 *   <li>The plan in parts of strips ({@link StripMaster}) gives prices, good strips and a lower bound.
 *   <li>A first plan takes whole strips by what they cover for their height, or one size a strip if that is shorter.
 *   <li>Then a beam search: whole strips of the plan in parts are kept, a few are put back at random, and the rest is
 *       covered by known strips and by strips made for what is still wanted; equal remainders are merged, and what cannot
 *       beat the best plan any more is dropped.
 *   <li>It is started again until its budget of steps ends, the bound is reached, or the quilter stops it.
 * </ol>
 *
 * The budget counts steps, not time, and chance is seeded, so a plan comes out the same each time.
 */
public final class YardagePlanner {

    /** Search steps that take about a tenth of a second for a usual list on an ordinary machine. */
    public static final int USUAL_BUDGET = 6_000;

    /** A thrifty search spends this part of its budget on a tidy plan to start from. */
    public static final int TIDY_SHARE = 5;

    /** Plans kept at each step, and strips tried from each: found by trial on the lists of the benchmark. */
    private static final int BEAM = 16;

    private static final int KNOWN_STRIPS_TRIED = 8;
    private static final int MADE_STRIPS_TRIED = 5;
    /** What is still to be cut counts a little over its price, since whole strips never do as well as parts of them. */
    private static final double OPEN_WEIGHT = 1.02;

    /** The least that a piece is taken to be worth, as a share of the length its area takes. */
    private static final double LEAST_WORTH = 0.05;

    /** By how much later starts may misjudge a strip. */
    private static final double LOOK_ASIDE = 0.04;

    private static final long SEED = 20_261_123L;

    private final Demand demand;
    private final StripPricing pricing;
    private final StripMaster master;
    private final double[] prices;

    /** The prices again, but nothing is quite worthless: a size that others leave room for still has to be cut. */
    private final double[] ranking;

    private final List<Strip> known;
    private final List<int[]> knownCounts = new ArrayList<>();
    private final int lowerBound;
    private List<Strip> best;
    private int bestLength;

    private YardagePlanner(Demand demand, CuttingStyle style) {
        this.demand = demand;
        this.pricing = new StripPricing(demand, style);
        this.master = new StripMaster(demand, pricing);
        master.solve();
        this.prices = master.prices();
        this.ranking = ranking();
        this.known = master.strips();
        known.forEach(strip -> knownCounts.add(strip.counts(prices.length)));
        this.lowerBound = (int) Math.ceil(master.bound() - 1e-6);
        List<Strip> plain = PlainStrips.plan(demand).strips();
        List<Strip> mixed = greedy(demand.counts());
        this.best = length(mixed) < length(plain) ? mixed : plain;
        this.bestLength = length(best);
    }

    /**
     * A plan within a budget of search steps.
     *
     * @param goOn asked now and then with the best length so far; the search ends when it says no
     */
    public static YardagePlan plan(Demand demand, CuttingStyle style, int budget, Predicate<Integer> goOn) {
        if (demand.items().isEmpty()) {
            return new YardagePlan(demand, List.of(), 0);
        }
        if (style == CuttingStyle.PLAIN) {
            return PlainStrips.plan(demand);
        }
        YardagePlanner planner = new YardagePlanner(demand, style);
        if (style == CuttingStyle.THRIFTY) {
            // Every tidy plan is a thrifty one too, and found more easily.
            planner.startFrom(
                    plan(demand, CuttingStyle.TIDY, budget / TIDY_SHARE, goOn).strips());
        }
        planner.search(budget, goOn);
        List<Strip> inOrder = new ArrayList<>(planner.best);
        inOrder.sort((a, b) -> a.height() == b.height()
                ? Integer.compare(a.hashCode(), b.hashCode())
                : Integer.compare(b.height(), a.height()));
        return new YardagePlan(demand, inOrder, Math.min(planner.lowerBound, planner.bestLength));
    }

    private double[] ranking() {
        double[] worth = new double[prices.length];
        for (int i = 0; i < worth.length; i++) {
            Demand.Item item = demand.items().get(i);
            worth[i] = Math.max(prices[i], LEAST_WORTH * item.width() * item.height() / demand.widthOfFabric());
        }
        return worth;
    }

    private static int length(List<Strip> strips) {
        return strips.stream().mapToInt(Strip::height).sum();
    }

    /** A plan that is being made: what is still wanted, and the strips so far as a chain. */
    private record Partial(int[] wanted, int length, double open, Partial before, Strip strip) {

        boolean isDone() {
            return Arrays.stream(wanted).allMatch(count -> count <= 0);
        }

        List<Strip> strips() {
            List<Strip> strips = new ArrayList<>();
            for (Partial each = this; each != null; each = each.before) {
                if (each.strip != null) {
                    strips.add(each.strip);
                }
            }
            return strips;
        }
    }

    private Partial start(int[] wanted, int length) {
        return new Partial(wanted, length, worth(wanted), null, null);
    }

    private double worth(int[] counts) {
        double worth = 0;
        for (int i = 0; i < counts.length; i++) {
            worth += prices[i] * Math.max(0, counts[i]);
        }
        return worth;
    }

    /** With one strip more; of a strip that gives too much only what is wanted is cut. */
    private Partial with(Partial partial, Counted counted) {
        int[] open = partial.wanted.clone();
        boolean tooMuch = false;
        for (int i = 0; i < open.length; i++) {
            open[i] -= counted.counts[i];
            tooMuch |= open[i] < 0;
        }
        Strip wanted = counted.strip;
        if (tooMuch) {
            wanted = wanted.onlyWanted(partial.wanted);
            for (int i = 0; i < open.length; i++) {
                open[i] = Math.max(0, open[i]);
            }
        }
        return new Partial(open, partial.length + wanted.height(), worth(open), partial, wanted);
    }

    /** A strip with how many of each size it gives. */
    private record Counted(Strip strip, int[] counts) {}

    private void startFrom(List<Strip> strips) {
        if (length(strips) < bestLength) {
            best = strips;
            bestLength = length(strips);
        }
    }

    private void search(int budget, Predicate<Integer> goOn) {
        SplittableRandom chance = new SplittableRandom(SEED);
        double[] amounts = master.amountsOfStrips();
        int steps = 0;
        for (int start = 0; steps < budget && bestLength > lowerBound; start++) {
            if (start % 8 == 0 && !goOn.test(bestLength)) {
                return;
            }
            List<Strip> kept = new ArrayList<>();
            int[] wanted = demand.counts();
            int[] whole = new int[amounts.length];
            int sum = 0;
            for (int s = 0; s < amounts.length; s++) {
                whole[s] = (int) Math.floor(amounts[s] + 1e-6);
                sum += whole[s];
            }
            int back = start == 0 ? 0 : chance.nextInt(Math.min(sum, 3 + prices.length) + 1);
            for (int i = 0; i < back; i++) {
                int pick = chance.nextInt(sum);
                for (int s = 0; s < whole.length; s++) {
                    pick -= whole[s];
                    if (pick < 0) {
                        whole[s]--;
                        sum--;
                        break;
                    }
                }
            }
            int length = 0;
            for (int s = 0; s < whole.length; s++) {
                for (int n = 0; n < whole[s]; n++) {
                    Strip strip = known.get(s).onlyWanted(wanted);
                    if (strip.height() == 0) {
                        continue;
                    }
                    int[] counts = strip.counts(prices.length);
                    for (int i = 0; i < wanted.length; i++) {
                        wanted[i] -= counts[i];
                    }
                    kept.add(strip);
                    length += strip.height();
                }
            }
            steps += beam(start(wanted, length), kept, chance, start);
        }
    }

    private int beam(Partial first, List<Strip> kept, SplittableRandom chance, int start) {
        List<Partial> level = List.of(first);
        int steps = 0;
        while (!level.isEmpty()) {
            Map<List<Integer>, Partial> next = new HashMap<>();
            for (Partial partial : level) {
                if (partial.isDone()) {
                    if (partial.length < bestLength) {
                        bestLength = partial.length;
                        best = new ArrayList<>(kept);
                        best.addAll(partial.strips());
                    }
                    continue;
                }
                for (Counted strip : candidates(partial, chance, start)) {
                    steps++;
                    Work.spend(1);
                    Partial longer = with(partial, strip);
                    if (longer.length == partial.length || longer.length + longer.open >= bestLength - 1e-6) {
                        continue;
                    }
                    List<Integer> key = Arrays.stream(longer.wanted).boxed().toList();
                    Partial same = next.get(key);
                    if (same == null || longer.length < same.length) {
                        next.put(key, longer);
                    }
                }
            }
            level = next.values().stream()
                    .sorted((a, b) -> {
                        int compared = Double.compare(a.length + OPEN_WEIGHT * a.open, b.length + OPEN_WEIGHT * b.open);
                        return compared != 0 ? compared : Arrays.compare(a.wanted, b.wanted);
                    })
                    .limit(BEAM)
                    .toList();
        }
        return Math.max(1, steps);
    }

    /** A strip with what it covers of the rest for its height: the less, the better. */
    private record Rated(Counted strip, double lengthForWorth) {}

    private List<Counted> candidates(Partial partial, SplittableRandom chance, int start) {
        List<Rated> rated = new ArrayList<>();
        for (int s = 0; s < known.size(); s++) {
            int[] counts = knownCounts.get(s);
            boolean more = false;
            double covered = 0;
            for (int i = 0; i < counts.length; i++) {
                covered += ranking[i] * Math.min(counts[i], Math.max(0, partial.wanted[i]));
                more |= counts[i] > partial.wanted[i];
            }
            if (covered > 1e-9) {
                int height = more
                        ? known.get(s).onlyWanted(partial.wanted).height()
                        : known.get(s).height();
                rated.add(new Rated(new Counted(known.get(s), counts), height / covered * wobble(chance, start)));
            }
        }
        List<Counted> taken = firstOf(rated, KNOWN_STRIPS_TRIED);
        List<Rated> made = new ArrayList<>();
        int[] heights = pricing.heights();
        int stride = Math.max(1, heights.length / 12);
        int offset = start == 0 ? 0 : chance.nextInt(stride);
        for (int j = heights.length - 1 - offset; j >= 0; j -= stride) {
            Strip strip = pricing.bounded(heights[j], partial.wanted, ranking);
            int[] counts = strip.counts(prices.length);
            double covered = 0;
            for (int i = 0; i < counts.length; i++) {
                covered += ranking[i] * counts[i];
            }
            if (covered > 1e-9) {
                made.add(new Rated(new Counted(strip, counts), strip.height() / covered * wobble(chance, start)));
            }
        }
        taken.addAll(firstOf(made, MADE_STRIPS_TRIED));
        return taken;
    }

    /** Later starts look a little aside. */
    private static double wobble(SplittableRandom chance, int start) {
        return start == 0 ? 1 : 1 + LOOK_ASIDE * chance.nextDouble();
    }

    private static List<Counted> firstOf(List<Rated> rated, int count) {
        rated.sort((a, b) -> Double.compare(a.lengthForWorth, b.lengthForWorth));
        List<Counted> first = new ArrayList<>();
        for (Rated each : rated) {
            if (first.size() == count) {
                break;
            }
            if (first.stream().noneMatch(taken -> taken.strip.equals(each.strip.strip))) {
                first.add(each.strip);
            }
        }
        return first;
    }

    /** Whole strips one after the other, each time the one that covers most for its height. */
    private List<Strip> greedy(int[] counts) {
        Partial partial = start(counts.clone(), 0);
        SplittableRandom chance = new SplittableRandom(SEED);
        while (!partial.isDone()) {
            Partial now = partial;
            Counted next = candidates(now, chance, 0).stream()
                    .min((a, b) -> Double.compare(forWorth(a.strip, now), forWorth(b.strip, now)))
                    .orElseThrow();
            partial = with(now, next);
        }
        return partial.strips();
    }

    private double forWorth(Strip strip, Partial partial) {
        Strip wanted = strip.onlyWanted(partial.wanted);
        int[] counts = wanted.counts(prices.length);
        double covered = 0;
        for (int i = 0; i < counts.length; i++) {
            covered += ranking[i] * counts[i];
        }
        return covered < 1e-9 ? Double.MAX_VALUE : wanted.height() / covered;
    }
}

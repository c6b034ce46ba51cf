package org.goldentally.core.cutting.yardage;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.goldentally.core.solver.Programs;
import org.goldentally.core.work.Work;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/**
 * Layouts of one piece of cloth that pay, if layouts could be used in parts (column generation, Gilmore and Gomory 1961,
 * from memory).
 *
 * <ol>
 *   <li>What each size is worth is such that no layout known is worth more than a piece of cloth, and all that is wanted is
 *       worth most: a linear program.
 *   <li>The layout worth most at these prices is a pile of strips ({@link StripPricing}), chosen by a knapsack over the
 *       length of the cloth.
 *   <li>If it is worth more than a piece of cloth it is one more layout, and the prices are found anew.
 * </ol>
 */
final class LayoutColumns {

    private static final int MOST_ROUNDS = 60;
    private static final double PAYS = 1e-6;

    /** Layouts that are nearly as good, so that whole ones go together. */
    private static final int ASIDE_ROUNDS = 100;

    private static final double LOOK_ASIDE = 0.01;

    /** Steps of work that finding prices counts for. */
    private static final long PRICES_COST = 2_000;

    private final Demand demand;
    private final StripPricing pricing;
    private final Set<List<Strip>> known;

    LayoutColumns(Demand demand, StripPricing pricing, Set<List<Strip>> known) {
        this.demand = demand;
        this.pricing = pricing;
        this.known = new LinkedHashSet<>(known);
    }

    /** What is known and what pays, worth most first. */
    List<List<Strip>> inOrder(SplittableRandom chance) {
        double[] prices = new double[demand.items().size()];
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Optional<double[]> found = prices();
            if (found.isEmpty()) {
                break;
            }
            prices = found.get();
            List<Strip> layout = worthMost(prices);
            if (worth(layout, prices) <= 1 + PAYS || !known.add(layout)) {
                break;
            }
        }
        double[] last = prices;
        for (int round = 0; round < ASIDE_ROUNDS; round++) {
            double[] aside = Arrays.stream(last)
                    .map(price -> price * (1 + LOOK_ASIDE * chance.nextDouble()))
                    .toArray();
            known.add(worthMost(aside));
        }
        return known.stream()
                .sorted(Comparator.comparingDouble((List<Strip> layout) -> -worth(layout, last)))
                .toList();
    }

    private Optional<double[]> prices() {
        Work.spend(PRICES_COST);
        int items = demand.items().size();
        ExpressionsBasedModel model = Programs.amounts();
        List<Variable> prices = new ArrayList<>();
        for (int i = 0; i < items; i++) {
            prices.add(model.newVariable("price " + i)
                    .lower(BigDecimal.ZERO)
                    .upper(BigDecimal.ONE)
                    .weight(demand.items().get(i).count()));
        }
        int number = 0;
        for (List<Strip> layout : known) {
            Expression atMost = model.newExpression("layout " + number++).upper(1);
            int[] counts = counts(layout);
            for (int i = 0; i < items; i++) {
                if (counts[i] > 0) {
                    atMost.set(prices.get(i), counts[i]);
                }
            }
        }
        Optimisation.Result result = model.maximise();
        if (!result.getState().isOptimal()) {
            return Optional.empty();
        }
        double[] found = new double[items];
        for (int i = 0; i < items; i++) {
            found[i] = result.doubleValue(i);
        }
        return Optional.of(found);
    }

    private int[] counts(List<Strip> layout) {
        return new PiecePlanner.Layout(layout, 1).counts(demand.items().size());
    }

    private double worth(List<Strip> layout, double[] prices) {
        int[] counts = counts(layout);
        double worth = 0;
        for (int i = 0; i < counts.length; i++) {
            worth += counts[i] * prices[i];
        }
        return worth;
    }

    /** Of all strips there are, the pile that is worth most. */
    private List<Strip> worthMost(double[] prices) {
        StripPricing.Priced priced = pricing.new Priced(prices);
        int[] heights = pricing.heights();
        int room = demand.longest();
        double[] best = new double[room + 1];
        int[] last = new int[room + 1];
        Arrays.fill(last, -1);
        Work.spend(1 + (long) room * heights.length / StripPricing.LOOKS_A_STEP);
        for (int h = 1; h <= room; h++) {
            best[h] = best[h - 1];
            for (int j = 0; j < heights.length && heights[j] <= h; j++) {
                if (best[h - heights[j]] + priced.value[j] > best[h] + PAYS / 100) {
                    best[h] = best[h - heights[j]] + priced.value[j];
                    last[h] = j;
                }
            }
        }
        List<Strip> strips = new ArrayList<>();
        int h = room;
        while (h > 0) {
            if (last[h] < 0) {
                h--;
            } else {
                strips.add(priced.strip(last[h]));
                h -= heights[last[h]];
            }
        }
        return strips;
    }
}

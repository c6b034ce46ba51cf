package org.goldentally.core.cutting.yardage;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import org.goldentally.core.solver.Programs;
import org.goldentally.core.work.Work;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/**
 * Plans how to cut pieces of several sizes from so many equal pieces of cloth: squares, fat quarters, strips, scraps.
 *
 * <ol>
 *   <li>Good layouts of one piece of cloth are found in seeded rounds: strip after strip, in some rounds the one worth most
 *       for its height, in others one of those that together make most of the height that is left; its width is divided
 *       by what is worth most for its width, or by a knapsack. Later rounds look a little aside, so that many different
 *       layouts come together; every third makes layouts that can be repeated.
 *   <li>To these come layouts that would pay, if they could be used in parts ({@link LayoutColumns}).
 *   <li>Of all these layouts a general integer program takes the set that leaves least uncut with fewest pieces of cloth.
 *   <li>If it finds nothing better, the best round stands.
 * </ol>
 *
 * <p>Straight cuts through the whole of what remains; the layouts are strips, segments and one more cut, as from yardage.
 */
public final class PiecePlanner {

    private static final int ROUNDS = 48;
    /** In every so many rounds layouts are made to be repeated. */
    private static final int REPEATED_EVERY = 3;

    private static final long SEED = 20_261_123L;
    private static final double LOOK_ASIDE = 0.12;

    /** How much more large pieces count in some rounds than their area. */
    private static final double LARGE_ONES_FIRST = 0.2;

    /** A piece of cloth may be taken for as little as this share of it, before any is bought. */
    private static final double UNCUT_COSTS = 200;

    /** The solver stops here with the best it has; counted in steps, so that a plan comes out the same each time. */
    private static final int MOST_SOLVER_STEPS = 3_000;

    /** Steps of work that asking the solver counts for. */
    private static final long SOLVER_COSTS = 100_000;

    /** Sets of more layouts than this take the solver too long. */
    private static final int MOST_LAYOUTS = 150;

    private final Demand demand;
    private final int pieces;
    private final StripPricing pricing;
    private final double[] worth;

    private PiecePlanner(Demand demand, int pieces, CuttingStyle style) {
        this.demand = demand;
        this.pieces = pieces;
        this.pricing = new StripPricing(demand, style);
        this.worth = demand.items().stream()
                .mapToDouble(item -> (double) item.width() * item.height())
                .toArray();
    }

    /** A layout and how many pieces of cloth are cut by it. */
    public record Layout(List<Strip> strips, int count) {
        public Layout {
            strips = List.copyOf(strips);
        }

        int[] counts(int items) {
            int[] counts = new int[items];
            for (Strip strip : strips) {
                int[] ofStrip = strip.counts(items);
                for (int i = 0; i < items; i++) {
                    counts[i] += ofStrip[i];
                }
            }
            return counts;
        }
    }

    /**
     * Layouts for at most so many pieces of cloth, as wide and as long as the demand says. What they do not give is left
     * to other cloth; nothing is cut that is not wanted.
     */
    public static List<Layout> plan(Demand demand, int pieces, CuttingStyle style) {
        if (demand.items().isEmpty() || pieces == 0) {
            return List.of();
        }
        PiecePlanner planner = new PiecePlanner(demand, pieces, style);
        return planner.plan();
    }

    private List<Layout> plan() {
        SplittableRandom chance = new SplittableRandom(SEED);
        Set<List<Strip>> known = new LinkedHashSet<>();
        List<Layout> best = List.of();
        double least = Double.MAX_VALUE;
        for (int round = 0; round < ROUNDS; round++) {
            List<Layout> found = round(round, chance);
            found.forEach(layout -> known.add(layout.strips()));
            double cost = cost(found);
            if (cost < least - 1e-9) {
                least = cost;
                best = found;
            }
        }
        int bound = Math.toIntExact(Math.ceilDiv(demand.area(), (long) demand.widthOfFabric() * demand.longest()));
        boolean provenLeast = uncut(best) == 0 && used(best) == bound;
        if (!provenLeast && known.size() > 1) {
            List<Layout> chosen = choose(new LayoutColumns(demand, pricing, known).inOrder(chance));
            if (cost(chosen) < least - 1e-9) {
                best = chosen;
            }
        }
        return best;
    }

    private List<Layout> round(int round, SplittableRandom chance) {
        double exponent = 1 + LARGE_ONES_FIRST * (round % 3) / 2;
        double[] prices = new double[worth.length];
        for (int i = 0; i < prices.length; i++) {
            prices[i] = Math.pow(worth[i], exponent) * wobble(round, chance);
        }
        WantedStrips made = new WantedStrips(pricing, prices);
        int[] open = demand.counts();
        List<Layout> layouts = new ArrayList<>();
        int left = pieces;
        while (left > 0) {
            List<Strip> strips = round % REPEATED_EVERY == REPEATED_EVERY - 1 && left > 2
                    ? toBeRepeated(left, open, prices, made, round, chance)
                    : List.of();
            if (strips.isEmpty()) {
                strips = layout(open, prices, made, round, chance);
            }
            if (strips.isEmpty()) {
                break;
            }
            int[] counts = new Layout(strips, 1).counts(open.length);
            int times = left;
            for (int i = 0; i < open.length; i++) {
                times = counts[i] == 0 ? times : Math.min(times, open[i] / counts[i]);
            }
            layouts.add(new Layout(strips, times));
            for (int i = 0; i < open.length; i++) {
                open[i] -= counts[i] * times;
            }
            left -= times;
        }
        return layouts;
    }

    /** As if all that are left, but the last or the last two, were cut by it. */
    private List<Strip> toBeRepeated(
            int left, int[] open, double[] prices, WantedStrips made, int round, SplittableRandom chance) {
        int times = Math.max(1, left - 1 - chance.nextInt(2));
        int[] shares = Arrays.stream(open).map(count -> count / times).toArray();
        return layout(shares, prices, made, round / REPEATED_EVERY, chance);
    }

    private List<Strip> layout(int[] wanted, double[] prices, WantedStrips made, int round, SplittableRandom chance) {
        int[] open = wanted.clone();
        List<Strip> strips = new ArrayList<>();
        int room = demand.longest();
        while (true) {
            List<Strip> next = new ArrayList<>();
            List<Double> worths = new ArrayList<>();
            for (int height : pricing.heights()) {
                if (height > room) {
                    break;
                }
                Strip strip = round % 2 == 0 ? made.fullest(height, open) : made.upTo(height, open);
                if (strip.height() > 0) {
                    next.add(strip);
                    worths.add(worth(strip, prices) * wobble(round, chance));
                }
            }
            if (next.isEmpty()) {
                return strips;
            }
            Strip taken =
                    next.get(round % 4 < 2 ? worthMostForHeight(next, worths) : ofTheBestPile(next, worths, room));
            strips.add(taken);
            room -= taken.height();
            taken.takeOff(open);
        }
    }

    private static int worthMostForHeight(List<Strip> strips, List<Double> worths) {
        int best = 0;
        for (int i = 1; i < strips.size(); i++) {
            if (worths.get(i) / strips.get(i).height()
                    > worths.get(best) / strips.get(best).height() + 1e-9) {
                best = i;
            }
        }
        return best;
    }

    /** Of the strips that together make most of the height that is left (a knapsack), the highest. */
    private static int ofTheBestPile(List<Strip> strips, List<Double> worths, int room) {
        double[] best = new double[room + 1];
        int[] last = new int[room + 1];
        Arrays.fill(last, -1);
        Work.spend(1 + (long) room * strips.size() / StripPricing.LOOKS_A_STEP);
        for (int h = 1; h <= room; h++) {
            best[h] = best[h - 1];
            for (int i = 0; i < strips.size(); i++) {
                int height = strips.get(i).height();
                if (height <= h && best[h - height] + worths.get(i) > best[h] + 1e-9) {
                    best[h] = best[h - height] + worths.get(i);
                    last[h] = i;
                }
            }
        }
        int highest = -1;
        for (int h = room; h > 0; h -= last[h] < 0 ? 1 : strips.get(last[h]).height()) {
            if (last[h] >= 0
                    && (highest < 0
                            || strips.get(last[h]).height()
                                    > strips.get(highest).height())) {
                highest = last[h];
            }
        }
        return highest;
    }

    private static double worth(Strip strip, double[] prices) {
        double sum = 0;
        for (Strip.Segment segment : strip.segments()) {
            for (Strip.Stacked piece : segment.stack()) {
                sum += prices[piece.item()];
            }
        }
        return sum;
    }

    private static double wobble(int round, SplittableRandom chance) {
        return round == 0 ? 1 : 1 + LOOK_ASIDE * chance.nextDouble();
    }

    private int used(List<Layout> layouts) {
        return layouts.stream().mapToInt(Layout::count).sum();
    }

    private long uncut(List<Layout> layouts) {
        int[] open = demand.counts();
        layouts.forEach(layout -> {
            int[] counts = layout.counts(open.length);
            for (int i = 0; i < open.length; i++) {
                open[i] -= counts[i] * layout.count();
            }
        });
        long area = 0;
        for (int i = 0; i < open.length; i++) {
            area += (long) Math.max(0, open[i]) * (long) worth[i];
        }
        return area;
    }

    private double cost(List<Layout> layouts) {
        double whole = (double) demand.widthOfFabric() * demand.longest();
        return used(layouts) + UNCUT_COSTS * uncut(layouts) / whole + 1e-4 * layouts.size();
    }

    /** How often to use each layout: a general integer program. */
    private List<Layout> choose(List<List<Strip>> known) {
        Work.spend(SOLVER_COSTS);
        List<List<Strip>> layouts = known.subList(0, Math.min(MOST_LAYOUTS, known.size()));
        ExpressionsBasedModel model = model(layouts);
        Optimisation.Result result = model.minimise();
        return result.getState().isFeasible() ? plan(layouts, result) : List.of();
    }

    /** A variable for each layout, then one for what stays uncut of each size. */
    private ExpressionsBasedModel model(List<List<Strip>> layouts) {
        double whole = (double) demand.widthOfFabric() * demand.longest();
        ExpressionsBasedModel model = Programs.counts(MOST_SOLVER_STEPS);
        List<Variable> times = new ArrayList<>();
        Expression all = model.newExpression("pieces of fabric").upper(pieces);
        for (int p = 0; p < layouts.size(); p++) {
            Variable variable = model.newVariable("layout " + p)
                    .integer()
                    .lower(0)
                    .upper(pieces)
                    .weight(1);
            times.add(variable);
            all.set(variable, 1);
        }
        for (int i = 0; i < worth.length; i++) {
            int count = demand.items().get(i).count();
            Variable uncut = model.newVariable("uncut " + i)
                    .lower(0)
                    .upper(count)
                    .weight(BigDecimal.valueOf(UNCUT_COSTS * worth[i] / whole));
            Expression wanted = model.newExpression("wanted " + i).lower(count);
            wanted.set(uncut, 1);
            for (int p = 0; p < layouts.size(); p++) {
                int gives = new Layout(layouts.get(p), 1).counts(worth.length)[i];
                if (gives > 0) {
                    wanted.set(times.get(p), gives);
                }
            }
        }
        return model;
    }

    private List<Layout> plan(List<List<Strip>> layouts, Optimisation.Result result) {
        int[] open = demand.counts();
        Map<List<Strip>, Integer> chosen = new LinkedHashMap<>();
        int left = pieces;
        for (int p = 0; p < layouts.size(); p++) {
            long often = Math.min(left, Math.round(result.doubleValue(p)));
            for (int n = 0; n < often; n++) {
                List<Strip> strips = onlyWanted(layouts.get(p), open);
                if (!strips.isEmpty()) {
                    chosen.merge(strips, 1, Integer::sum);
                    left--;
                }
            }
        }
        List<Layout> plan = new ArrayList<>();
        chosen.forEach((strips, count) -> plan.add(new Layout(strips, count)));
        return plan;
    }

    /** A layout with only what is still wanted, which is taken off what is open. */
    private List<Strip> onlyWanted(List<Strip> strips, int[] open) {
        List<Strip> kept = new ArrayList<>();
        for (Strip strip : strips) {
            Strip wanted = strip.onlyWanted(open);
            if (wanted.height() > 0) {
                int[] counts = wanted.counts(open.length);
                for (int i = 0; i < open.length; i++) {
                    open[i] -= counts[i];
                }
                kept.add(wanted);
            }
        }
        return kept;
    }
}

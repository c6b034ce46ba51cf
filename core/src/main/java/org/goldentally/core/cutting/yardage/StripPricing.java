package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.cutting.yardage.Demand.Lying;
import org.goldentally.core.cutting.yardage.Strip.Segment;
import org.goldentally.core.cutting.yardage.Strip.Stacked;
import org.goldentally.core.work.Work;
import org.jspecify.annotations.Nullable;

/**
 * Finds, for every height of a strip, the strip worth most when each piece has a price.
 *
 * <ol>
 *   <li>Heights to look at are all sums of heights of pieces of one width: a strip of any other height wastes its top.
 *   <li>For each width of a segment, the best stack up to each height (a knapsack with as many of each as wanted); where
 *       the quilter wants no third cut, a stack is one piece.
 *   <li>For each height, the best row of segments across the cloth (another such knapsack).
 * </ol>
 */
final class StripPricing {

    /** Looks into a table that count as one step of work. */
    static final int LOOKS_A_STEP = 16;

    private final int widthOfFabric;
    private final int highest;
    private final int[] widths;
    private final List<List<Lying>> byWidth = new ArrayList<>();
    private final int[] heights;

    private final boolean stacked;

    StripPricing(Demand demand, CuttingStyle style) {
        this.stacked = style == CuttingStyle.THRIFTY;
        this.widthOfFabric = demand.widthOfFabric();
        this.highest = demand.highestStrip();
        Map<Integer, List<Lying>> lyings = new LinkedHashMap<>();
        demand.lyings()
                .forEach(lying -> lyings.computeIfAbsent(lying.width(), any -> new ArrayList<>())
                        .add(lying));
        this.widths = lyings.keySet().stream().mapToInt(Integer::intValue).toArray();
        byWidth.addAll(lyings.values());
        this.heights = sums();
    }

    private int[] sums() {
        BitSet all = new BitSet(highest + 1);
        for (List<Lying> ofWidth : byWidth) {
            BitSet reached = new BitSet(highest + 1);
            reached.set(0);
            for (int h = 0; h <= highest; h++) {
                if (reached.get(h)) {
                    for (Lying lying : stacked || h == 0 ? ofWidth : List.<Lying>of()) {
                        if (h + lying.height() <= highest) {
                            reached.set(h + lying.height());
                        }
                    }
                }
            }
            all.or(reached);
        }
        all.clear(0);
        return all.stream().toArray();
    }

    int[] heights() {
        return heights;
    }

    /** What the best strip of each height is worth, and how to find it again. */
    final class Priced {
        private final double[][] stackValue = new double[widths.length][highest + 1];
        private final int[][] stackLast = new int[widths.length][highest + 1];
        final double[] value = new double[heights.length];

        Priced(double[] prices) {
            for (int k = 0; k < widths.length; k++) {
                fillStacks(k, prices);
            }
            double[] best = new double[widthOfFabric + 1];
            for (int j = 0; j < heights.length; j++) {
                value[j] = fillRow(heights[j], best, null);
            }
        }

        private void fillStacks(int k, double[] prices) {
            double[] values = stackValue[k];
            int[] last = stackLast[k];
            List<Lying> lyings = byWidth.get(k);
            Work.spend((long) highest * lyings.size() / LOOKS_A_STEP);
            for (int h = 0; h <= highest; h++) {
                double best = h == 0 ? 0 : values[h - 1];
                int from = -1;
                for (int i = 0; i < lyings.size(); i++) {
                    Lying lying = lyings.get(i);
                    if (lying.height() <= h) {
                        double with = (stacked ? values[h - lying.height()] : 0) + prices[lying.item()];
                        if (with > best + 1e-12) {
                            best = with;
                            from = i;
                        }
                    }
                }
                values[h] = best;
                last[h] = from;
            }
        }

        private double fillRow(int height, double[] best, int @Nullable [] choice) {
            Work.spend((long) widthOfFabric * widths.length / LOOKS_A_STEP);
            best[0] = 0;
            for (int w = 1; w <= widthOfFabric; w++) {
                double most = best[w - 1];
                int from = -1;
                for (int k = 0; k < widths.length; k++) {
                    if (widths[k] <= w) {
                        double with = best[w - widths[k]] + stackValue[k][height];
                        if (with > most + 1e-12) {
                            most = with;
                            from = k;
                        }
                    }
                }
                best[w] = most;
                if (choice != null) {
                    choice[w] = from;
                }
            }
            return best[widthOfFabric];
        }

        /** The best strip of a height, by its place among the heights. */
        Strip strip(int j) {
            int height = heights[j];
            double[] best = new double[widthOfFabric + 1];
            int[] choice = new int[widthOfFabric + 1];
            Arrays.fill(choice, -1);
            fillRow(height, best, choice);
            List<Segment> segments = new ArrayList<>();
            int w = widthOfFabric;
            while (w > 0) {
                int k = choice[w];
                if (k < 0) {
                    w--;
                    continue;
                }
                List<Stacked> stack = stack(k, height);
                if (!stack.isEmpty()) {
                    segments.add(new Segment(widths[k], stack));
                }
                w -= widths[k];
            }
            int needed = segments.stream().mapToInt(Segment::height).max().orElse(0);
            return new Strip(needed, segments);
        }

        private List<Stacked> stack(int k, int height) {
            List<Stacked> stack = new ArrayList<>();
            int h = height;
            while (h > 0) {
                int i = stackLast[k][h];
                if (i < 0) {
                    h--;
                    continue;
                }
                Lying lying = byWidth.get(k).get(i);
                stack.add(new Stacked(lying.item(), lying.height()));
                h = stacked ? h - lying.height() : 0;
            }
            return stack;
        }
    }

    /**
     * A good strip of a height from what is still wanted only: segment after segment, each time the stack that is worth
     * most for its width.
     */
    Strip bounded(int height, int[] wanted, double[] prices) {
        int[] open = wanted.clone();
        List<Segment> segments = new ArrayList<>();
        int room = widthOfFabric;
        while (true) {
            double bestWorth = 0;
            Segment best = null;
            for (int k = 0; k < widths.length; k++) {
                if (widths[k] > room) {
                    continue;
                }
                List<Stacked> stack = boundedStack(k, height, open, prices);
                double worth = stack.stream()
                                .mapToDouble(piece -> prices[piece.item()])
                                .sum()
                        / widths[k];
                if (worth > bestWorth + 1e-12) {
                    bestWorth = worth;
                    best = new Segment(widths[k], stack);
                }
            }
            if (best == null) {
                break;
            }
            segments.add(best);
            best.stack().forEach(piece -> open[piece.item()]--);
            room -= best.width();
        }
        int needed = segments.stream().mapToInt(Segment::height).max().orElse(0);
        return new Strip(needed, segments);
    }

    /** Highest price for its height first, as long as there is room. */
    private List<Stacked> boundedStack(int k, int height, int[] open, double[] prices) {
        List<Stacked> stack = new ArrayList<>();
        int room = height;
        int[] taken = new int[open.length];
        Work.spend(1 + byWidth.get(k).size() / LOOKS_A_STEP);
        while (true) {
            Lying best = null;
            double most = 0;
            for (Lying lying : byWidth.get(k)) {
                if (lying.height() <= room && taken[lying.item()] < open[lying.item()]) {
                    double worth = prices[lying.item()] / lying.height() + lying.height() * 1e-9;
                    if (worth > most) {
                        most = worth;
                        best = lying;
                    }
                }
            }
            if (best == null || (!stacked && !stack.isEmpty())) {
                return stack;
            }
            stack.add(new Stacked(best.item(), best.height()));
            taken[best.item()]++;
            room -= best.height();
        }
    }
}

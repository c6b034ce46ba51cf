package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
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
 *   <li>For each width of a segment, the best stack up to each height (a knapsack with as many of each as wanted), of
 *       pieces so wide or narrower, which are trimmed; where the quilter wants no third cut, a stack is one piece of the
 *       width itself.
 *   <li>For each height, the best row of segments across the cloth (another such knapsack).
 * </ol>
 */
final class StripPricing {

    /** Looks into a table that count as one step of work. */
    static final int LOOKS_A_STEP = 64;

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
        List<Lying> lyings = demand.lyings();
        this.widths = lyings.stream().mapToInt(Lying::width).sorted().distinct().toArray();
        for (int width : widths) {
            // Those of the width itself come first: of two stacks worth the same the one without trimming is taken.
            byWidth.add(lyings.stream()
                    .filter(lying -> stacked ? lying.width() <= width : lying.width() == width)
                    .sorted(Comparator.comparingInt(Lying::width).reversed())
                    .toList());
        }
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

    int widthOfFabric() {
        return widthOfFabric;
    }

    boolean stacked() {
        return stacked;
    }

    int[] widths() {
        return widths;
    }

    /** What may lie in a segment, by its place among the widths. */
    List<Lying> lyings(int k) {
        return byWidth.get(k);
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
                // Where no stack is worth more than in a lower strip, no row of them is.
                value[j] = j > 0 && sameStacks(heights[j - 1], heights[j])
                        ? value[j - 1]
                        : fillRow(heights[j], best, null);
            }
        }

        private boolean sameStacks(int height, int higher) {
            for (double[] values : stackValue) {
                if (values[height] != values[higher]) {
                    return false;
                }
            }
            return true;
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

        /** Widths whose best stack is worth something, and more than that of any narrower one. */
        private int[] usefulWidths(int height) {
            int[] useful = new int[widths.length];
            int count = 0;
            double most = 1e-12;
            for (int k = 0; k < widths.length; k++) {
                if (stackValue[k][height] > most) {
                    most = stackValue[k][height] + 1e-12;
                    useful[count++] = k;
                }
            }
            return Arrays.copyOf(useful, count);
        }

        private double fillRow(int height, double[] best, int @Nullable [] choice) {
            int[] useful = usefulWidths(height);
            Work.spend((long) widthOfFabric * useful.length / LOOKS_A_STEP);
            best[0] = 0;
            for (int w = 1; w <= widthOfFabric; w++) {
                double most = best[w - 1];
                int from = -1;
                for (int k : useful) {
                    if (widths[k] > w) {
                        break;
                    }
                    double with = best[w - widths[k]] + stackValue[k][height];
                    if (with > most + 1e-12) {
                        most = with;
                        from = k;
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
                    segments.add(Segment.of(stack));
                }
                w -= widths[k];
            }
            return Strip.of(segments);
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
                stack.add(new Stacked(lying.item(), lying.width(), lying.height()));
                h = stacked ? h - lying.height() : 0;
            }
            return stack;
        }
    }
}

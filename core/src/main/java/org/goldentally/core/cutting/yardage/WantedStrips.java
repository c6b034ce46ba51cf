package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.goldentally.core.cutting.yardage.Demand.Lying;
import org.goldentally.core.cutting.yardage.Strip.Segment;
import org.goldentally.core.cutting.yardage.Strip.Stacked;
import org.goldentally.core.work.Work;
import org.jspecify.annotations.Nullable;

/**
 * Makes good strips of what is still wanted only, at given prices: no knapsack, but at each step what is worth most for
 * the room it takes.
 */
final class WantedStrips {

    private final int widthOfFabric;
    private final boolean stacked;
    private final int[] widths;

    /** For each width of a segment, what may lie in it, worth most for its height first. */
    private final Lying[][] inOrder;

    private final double[] prices;

    WantedStrips(StripPricing pricing, double[] prices) {
        this.widthOfFabric = pricing.widthOfFabric();
        this.stacked = pricing.stacked();
        this.widths = pricing.widths();
        this.prices = prices.clone();
        this.inOrder = new Lying[widths.length][];
        Comparator<Lying> byRate =
                Comparator.comparingDouble(lying -> -prices[lying.item()] / lying.height() - lying.height() * 1e-9);
        for (int k = 0; k < widths.length; k++) {
            inOrder[k] = pricing.lyings(k).stream().sorted(byRate).toArray(Lying[]::new);
        }
    }

    /** Pieces above each other: how many of what may lie in a segment of one width. */
    private static final class Stack {
        private final Lying[] lyings;
        private final int[] times;
        private double worth;
        private int width;

        Stack(Lying[] lyings) {
            this.lyings = lyings;
            this.times = new int[lyings.length];
        }

        void add(int i, int more, double[] prices) {
            times[i] += more;
            worth += more * prices[lyings[i].item()];
            width = Math.max(width, lyings[i].width());
        }

        double rate() {
            return worth / width;
        }

        /** How many such stacks are wanted. */
        int timesIn(int[] open) {
            int all = Integer.MAX_VALUE;
            for (int i = 0; i < times.length; i++) {
                if (times[i] > 0) {
                    all = Math.min(all, open[lyings[i].item()] / times[i]);
                }
            }
            return all;
        }

        void takeOff(int[] open, int stacks) {
            for (int i = 0; i < times.length; i++) {
                open[lyings[i].item()] -= stacks * times[i];
            }
        }

        Segment segment() {
            List<Stacked> stack = new ArrayList<>();
            for (int i = 0; i < times.length; i++) {
                Lying lying = lyings[i];
                stack.addAll(Collections.nCopies(times[i], new Stacked(lying.item(), lying.width(), lying.height())));
            }
            return Segment.of(stack);
        }
    }

    /** A strip up to a height: segment after segment, each time the stack worth most for its width, as often as it goes. */
    Strip upTo(int height, int[] wanted) {
        return upTo(height, wanted.clone(), new ArrayList<>(), widthOfFabric);
    }

    /** The same, with a piece of one size in its first segment; empty where that is higher. */
    Strip upToWith(int item, int height, int[] wanted) {
        Stack first = null;
        for (int k = 0; k < widths.length; k++) {
            Stack stack = stackWith(item, k, height, wanted);
            if (stack != null && (first == null || stack.rate() > first.rate() + 1e-12)) {
                first = stack;
            }
        }
        if (first == null) {
            return Strip.of(List.of());
        }
        int[] open = wanted.clone();
        first.takeOff(open, 1);
        return upTo(height, open, new ArrayList<>(List.of(first.segment())), widthOfFabric - first.width);
    }

    private @Nullable Stack stackWith(int item, int k, int height, int[] wanted) {
        for (int i = 0; i < inOrder[k].length; i++) {
            Lying lying = inOrder[k][i];
            if (lying.item() == item && lying.width() == widths[k] && lying.height() <= height) {
                Stack stack = new Stack(inOrder[k]);
                stack.add(i, 1, prices);
                if (stacked) {
                    int[] open = wanted.clone();
                    open[item]--;
                    fill(stack, height - lying.height(), open);
                }
                return stack;
            }
        }
        return null;
    }

    /**
     * A strip that uses its width as well as it can: of the best stacks of all widths so many that together they are worth
     * most across the cloth (a knapsack, each as often as its pieces are wanted).
     */
    Strip fullest(int height, int[] wanted) {
        double[] best = new double[widthOfFabric + 1];
        int[][] taken = new int[widths.length][widthOfFabric + 1];
        Stack[] stacks = new Stack[widths.length];
        for (int k = 0; k < widths.length; k++) {
            Stack stack = stack(k, height, wanted);
            stacks[k] = stack;
            int most = stack.worth > 0 ? Math.min(widthOfFabric / stack.width, stack.timesIn(wanted)) : 0;
            for (int w = widthOfFabric; most > 0 && w >= stack.width; w--) {
                for (int n = 1; n <= most && n * stack.width <= w; n++) {
                    double with = best[w - n * stack.width] + n * stack.worth;
                    if (with > best[w] + 1e-12) {
                        best[w] = with;
                        taken[k][w] = n;
                    }
                }
            }
            Work.spend(1 + (long) widthOfFabric * most / StripPricing.LOOKS_A_STEP);
        }
        int[] open = wanted.clone();
        List<Segment> segments = new ArrayList<>();
        int room = widthOfFabric;
        for (int k = widths.length - 1, w = widthOfFabric; k >= 0; k--) {
            int times = Math.min(taken[k][w], stacks[k].worth > 0 ? stacks[k].timesIn(open) : 0);
            w -= taken[k][w] * stacks[k].width;
            if (times > 0) {
                segments.addAll(Collections.nCopies(times, stacks[k].segment()));
                stacks[k].takeOff(open, times);
                room -= times * stacks[k].width;
            }
        }
        return upTo(height, open, segments, room);
    }

    private Strip upTo(int height, int[] open, List<Segment> segments, int roomAcross) {
        @Nullable Stack[] stacks = new @Nullable Stack[widths.length];
        int room = roomAcross;
        int looks = 0;
        while (true) {
            Stack best = null;
            for (int k = 0; k < widths.length && widths[k] <= room; k++) {
                Stack stack = stacks[k];
                if (stack == null || (stack.worth > 0 && stack.timesIn(open) == 0)) {
                    stack = stack(k, height, open);
                    stacks[k] = stack;
                    looks += inOrder[k].length;
                }
                if (stack.worth > 0 && (best == null || stack.rate() > best.rate() + 1e-12)) {
                    best = stack;
                }
            }
            if (best == null) {
                Work.spend(1 + looks / StripPricing.LOOKS_A_STEP);
                return Strip.of(segments);
            }
            int times = Math.min(room / best.width, best.timesIn(open));
            segments.addAll(Collections.nCopies(times, best.segment()));
            best.takeOff(open, times);
            room -= times * best.width;
        }
    }

    private Stack stack(int k, int height, int[] open) {
        Stack stack = new Stack(inOrder[k]);
        fill(stack, height, open);
        return stack;
    }

    private void fill(Stack stack, int height, int[] open) {
        Lying[] lyings = stack.lyings;
        int room = height;
        for (int i = 0; i < lyings.length && room > 0; i++) {
            Lying lying = lyings[i];
            if (lying.height() > room || open[lying.item()] <= 0) {
                continue;
            }
            int taken = 0;
            for (int j = 0; j < i; j++) {
                taken += lyings[j].item() == lying.item() ? stack.times[j] : 0;
            }
            int times = Math.min(open[lying.item()] - taken, room / lying.height());
            if (times > 0) {
                stack.add(i, stacked ? times : 1, prices);
                room = stacked ? room - times * lying.height() : 0;
            }
        }
    }
}

package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;

/**
 * A part of a plan that is kept while the rest is sought anew.
 *
 * @param strips those that are kept, each with how often
 * @param wanted what they leave to be cut
 */
record Beginning(List<Times> strips, int[] wanted, int length) {

    /** So many more strips than there are sizes may be put back (found by trial on the lists of the benchmark). */
    private static final int MORE_PUT_BACK = 6;

    /** Of a plan that stands, at most so many strips are taken apart, with half as many as there are sizes. */
    private static final int MOST_TAKEN_APART = 4;

    /** Equal strips. */
    record Times(Strip strip, int times) {}

    /**
     * The plan in parts of strips, rounded down to whole ones; a few of them are put back at random.
     *
     * @param amounts how much of each known strip the plan in parts takes
     */
    static Beginning rounded(
            Demand demand, List<CountedStrip> known, double[] amounts, boolean first, SplittableRandom chance) {
        int[] whole = new int[amounts.length];
        int sum = 0;
        for (int s = 0; s < amounts.length; s++) {
            whole[s] = (int) Math.floor(amounts[s] + 1e-6);
            sum += whole[s];
        }
        int sizes = demand.items().size();
        int back = first ? 0 : chance.nextInt(Math.min(sum, MORE_PUT_BACK + sizes) + 1);
        for (int i = 0; i < back; i++) {
            putBack(whole, chance.nextInt(sum--));
        }
        int[] wanted = demand.counts();
        List<Times> kept = new ArrayList<>();
        int length = 0;
        for (int s = 0; s < whole.length; s++) {
            CountedStrip strip = known.get(s);
            int times = Math.min(whole[s], strip.timesWithin(wanted));
            if (times > 0) {
                strip.takeOff(wanted, times);
                kept.add(new Times(strip.strip(), times));
                length += times * strip.strip().height();
            }
            for (int n = times; n < whole[s]; n++) {
                Strip less = strip.strip().onlyWanted(wanted);
                if (less.height() == 0) {
                    break;
                }
                CountedStrip.of(less, sizes).takeOff(wanted, 1);
                kept.add(new Times(less, 1));
                length += less.height();
            }
        }
        return new Beginning(kept, wanted, length);
    }

    private static void putBack(int[] whole, int pick) {
        int left = pick;
        for (int s = 0; s < whole.length; s++) {
            left -= whole[s];
            if (left < 0) {
                whole[s]--;
                return;
            }
        }
    }

    /** A plan that stands, without a few of its strips. */
    static Beginning of(Demand demand, List<Strip> plan, SplittableRandom chance) {
        int sizes = demand.items().size();
        int apart = Math.min(plan.size(), 2 + chance.nextInt(MOST_TAKEN_APART + sizes / 2));
        List<Strip> kept = new ArrayList<>(plan);
        for (int n = 0; n < apart; n++) {
            int taken = chance.nextInt(kept.size());
            kept.set(taken, kept.getLast());
            kept.removeLast();
        }
        int[] wanted = demand.counts();
        int length = 0;
        List<Times> strips = new ArrayList<>(kept.size());
        for (Strip strip : kept) {
            strip.takeOff(wanted);
            length += strip.height();
            strips.add(new Times(strip, 1));
        }
        return new Beginning(strips, wanted, length);
    }

    /** Each by itself. */
    List<Strip> each() {
        List<Strip> each = new ArrayList<>();
        strips.forEach(strip -> each.addAll(Collections.nCopies(strip.times, strip.strip)));
        return each;
    }
}

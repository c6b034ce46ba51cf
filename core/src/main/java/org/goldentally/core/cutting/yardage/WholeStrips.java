package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * The plan in parts of strips, rounded down to whole ones: these are kept, and the rest is sought. Each start but the first
 * puts a few of them back at random, so that other rests are sought too.
 *
 * @param strips those that are kept
 * @param wanted what they leave to be cut
 */
record WholeStrips(List<Strip> strips, int[] wanted, int length) {

    /** So many more strips than there are sizes may be put back (found by trial on the lists of the benchmark). */
    private static final int MORE_PUT_BACK = 3;

    /**
     * Rounds down.
     *
     * @param amounts how much of each known strip the plan in parts takes
     */
    static WholeStrips of(Demand demand, List<Strip> known, double[] amounts, boolean first, SplittableRandom chance) {
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
        List<Strip> kept = new ArrayList<>();
        int length = 0;
        for (int s = 0; s < whole.length; s++) {
            for (int n = 0; n < whole[s]; n++) {
                Strip strip = known.get(s).onlyWanted(wanted);
                if (strip.height() > 0) {
                    int[] counts = strip.counts(sizes);
                    for (int i = 0; i < wanted.length; i++) {
                        wanted[i] -= counts[i];
                    }
                    kept.add(strip);
                    length += strip.height();
                }
            }
        }
        return new WholeStrips(kept, wanted, length);
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
}

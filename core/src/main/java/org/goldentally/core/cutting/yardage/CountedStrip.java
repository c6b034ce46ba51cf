package org.goldentally.core.cutting.yardage;

import java.util.Arrays;

/**
 * A strip with how many of each size it gives.
 *
 * @param sizes those of which it gives any
 */
record CountedStrip(Strip strip, int[] counts, int[] sizes) {

    static CountedStrip of(Strip strip, int sizes) {
        int[] counts = strip.counts(sizes);
        int given = 0;
        for (int count : counts) {
            given += count > 0 ? 1 : 0;
        }
        int[] of = new int[given];
        for (int i = 0, n = 0; i < sizes; i++) {
            if (counts[i] > 0) {
                of[n++] = i;
            }
        }
        return new CountedStrip(strip, counts, of);
    }

    /** Whether both are cut alike; what they give is looked at first, since that is quick and mostly differs. */
    boolean isLike(CountedStrip other) {
        return Arrays.equals(counts, other.counts) && strip.equals(other.strip);
    }

    boolean givesMoreThan(int[] wanted) {
        for (int i : sizes) {
            if (counts[i] > wanted[i]) {
                return true;
            }
        }
        return false;
    }

    /** What of its pieces is wanted, by what each is worth. */
    double covered(int[] wanted, double[] worth) {
        double covered = 0;
        for (int i : sizes) {
            covered += worth[i] * Math.min(counts[i], Math.max(0, wanted[i]));
        }
        return covered;
    }

    /** How many of it can be cut with every piece wanted. */
    int timesWithin(int[] wanted) {
        int times = Integer.MAX_VALUE;
        for (int i : sizes) {
            times = Math.min(times, Math.max(0, wanted[i]) / counts[i]);
        }
        return sizes.length == 0 ? 0 : times;
    }

    /** Takes its pieces, so many times, off what is wanted. */
    void takeOff(int[] wanted, int times) {
        for (int i : sizes) {
            wanted[i] -= counts[i] * times;
        }
    }
}

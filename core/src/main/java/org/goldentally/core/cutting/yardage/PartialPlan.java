package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A plan that is being made: what is still wanted, and the strips so far as a chain.
 *
 * @param open what is still wanted, at its prices: no plan that goes on from here is shorter than length and open
 */
record PartialPlan(
        int[] wanted,
        int length,
        double open,
        @Nullable PartialPlan before,
        @Nullable Strip strip) {

    static PartialPlan start(int[] wanted, int length, StripPrices prices) {
        return new PartialPlan(wanted, length, prices.of(wanted), null, null);
    }

    /** What is wanted, for telling equal remainders. */
    record Rest(int[] wanted, int hash) {
        @Override
        public boolean equals(@Nullable Object other) {
            return other instanceof Rest rest && Arrays.equals(wanted, rest.wanted);
        }

        @Override
        public int hashCode() {
            return hash;
        }
    }

    Rest rest() {
        return new Rest(wanted, Arrays.hashCode(wanted));
    }

    boolean isDone() {
        for (int count : wanted) {
            if (count > 0) {
                return false;
            }
        }
        return true;
    }

    List<Strip> strips() {
        List<Strip> strips = new ArrayList<>();
        for (PartialPlan each = this; each != null; each = each.before) {
            if (each.strip != null) {
                strips.add(each.strip);
            }
        }
        return strips;
    }

    /** With one strip more; of a strip that gives too much only what is wanted is cut. */
    PartialPlan with(CountedStrip counted, StripPrices prices) {
        int[] left = wanted.clone();
        Strip taken = counted.strip();
        if (counted.givesMoreThan(wanted)) {
            taken = taken.onlyWanted(wanted);
            for (int i : counted.sizes()) {
                left[i] = Math.max(0, left[i] - counted.counts()[i]);
            }
        } else {
            counted.takeOff(left, 1);
        }
        return new PartialPlan(left, length + taken.height(), prices.of(left), this, taken);
    }
}

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

    boolean isDone() {
        return Arrays.stream(wanted).allMatch(count -> count <= 0);
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
        boolean tooMuch = false;
        for (int i = 0; i < left.length; i++) {
            left[i] -= counted.counts()[i];
            tooMuch |= left[i] < 0;
        }
        Strip taken = counted.strip();
        if (tooMuch) {
            taken = taken.onlyWanted(wanted);
            for (int i = 0; i < left.length; i++) {
                left[i] = Math.max(0, left[i]);
            }
        }
        return new PartialPlan(left, length + taken.height(), prices.of(left), this, taken);
    }
}

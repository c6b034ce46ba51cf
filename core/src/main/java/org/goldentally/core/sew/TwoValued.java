package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Unknowns of two values, joined in pairs that want to be equal or to differ. As many joins as can be are met: the
 * strongest are kept first, which meets all of them if that is possible at all; then single unknowns are turned over as
 * long as that meets more. What is joined is turned together to what is liked better.
 */
final class TwoValued {

    /** @param differ how many joins more want the two to differ than to be equal */
    private record Join(int one, int other, int differ) {}

    private final int unknowns;
    private final Map<Long, Integer> wishes = new TreeMap<>();
    private final double[] liking;
    private final int[] parent;
    private final boolean[] againstParent;

    TwoValued(int unknowns) {
        this.unknowns = unknowns;
        this.liking = new double[unknowns];
        this.parent = new int[unknowns];
        this.againstParent = new boolean[unknowns];
    }

    /** @param byHowMuch false is liked better than true */
    void like(int unknown, double byHowMuch) {
        liking[unknown] += byHowMuch;
    }

    void join(int one, int other, boolean differ) {
        if (one != other) {
            long pair = (long) Math.min(one, other) * unknowns + Math.max(one, other);
            wishes.merge(pair, differ ? 1 : -1, Integer::sum);
        }
    }

    boolean[] solve() {
        List<Join> joins = new ArrayList<>();
        wishes.forEach((pair, differ) -> joins.add(new Join((int) (pair / unknowns), (int) (pair % unknowns), differ)));
        joins.sort(Comparator.comparingInt(join -> -Math.abs(join.differ)));
        Arrays.setAll(parent, i -> i);
        joins.forEach(this::keep);
        double[] likingOfRoot = new double[unknowns];
        for (int i = 0; i < unknowns; i++) {
            likingOfRoot[root(i)] += isAgainstRoot(i) ? -liking[i] : liking[i];
        }
        boolean[] values = new boolean[unknowns];
        for (int i = 0; i < unknowns; i++) {
            values[i] = isAgainstRoot(i) ^ likingOfRoot[root(i)] < 0;
        }
        turnWhileItHelps(joins, values);
        return values;
    }

    /** How much of what is liked these values have. */
    double liked(boolean[] values) {
        double sum = 0;
        for (int i = 0; i < unknowns; i++) {
            sum += values[i] ? -liking[i] : liking[i];
        }
        return sum;
    }

    private void keep(Join join) {
        int one = root(join.one);
        int other = root(join.other);
        if (one != other && join.differ != 0) {
            boolean against = isAgainstRoot(join.one) ^ isAgainstRoot(join.other) ^ join.differ > 0;
            parent[Math.max(one, other)] = Math.min(one, other);
            againstParent[Math.max(one, other)] = against;
        }
    }

    private int root(int of) {
        int at = of;
        while (parent[at] != at) {
            at = parent[at];
        }
        return at;
    }

    private boolean isAgainstRoot(int of) {
        boolean against = false;
        for (int at = of; parent[at] != at; at = parent[at]) {
            against ^= againstParent[at];
        }
        return against;
    }

    private void turnWhileItHelps(List<Join> joins, boolean[] values) {
        int[] gain = new int[unknowns];
        int best;
        do {
            Arrays.fill(gain, 0);
            for (Join join : joins) {
                int unmet = values[join.one] == values[join.other] ? join.differ : -join.differ;
                gain[join.one] += unmet;
                gain[join.other] += unmet;
            }
            best = 0;
            for (int i = 1; i < unknowns; i++) {
                best = gain[i] > gain[best] ? i : best;
            }
            if (unknowns > 0 && gain[best] > 0) {
                values[best] = !values[best];
            }
        } while (unknowns > 0 && gain[best] > 0);
    }
}

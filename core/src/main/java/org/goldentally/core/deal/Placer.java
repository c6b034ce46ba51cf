package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.goldentally.core.work.Work;

/**
 * Lays made blocks out: blocks side by side share no print, like prints lie as far apart as can be, light and dark blocks
 * are spread. Two places are exchanged as long as that makes it better, with a little heat; no count changes by it.
 */
final class Placer {

    private static final double NEIGHBOUR_COSTS = 6;
    private static final double NEARBY_COSTS = 0.7;
    private static final double VALUE_COSTS = 0.4;
    private static final int STEPS_A_PLACE = 600;
    private static final int MOST_STEPS = 120_000;
    private static final double FIRST_HEAT = 4;

    private final FreePlaces free;
    private final SplittableRandom chance;
    /** What lies at each hand, in their order. */
    private final Made[] lies;

    private final boolean[] stays;
    private final List<Made> spare;
    private final double mean;
    private final double spread;

    /**
     * Starts with a layout.
     *
     * @param lies what lies at each place to start with
     * @param stays places that nothing is exchanged at
     * @param spare made blocks that lie nowhere yet
     */
    Placer(FreePlaces free, Made[] lies, boolean[] stays, List<Made> spare, long seed) {
        this.free = free;
        this.lies = lies.clone();
        this.stays = stays.clone();
        this.spare = new ArrayList<>(spare);
        this.chance = new SplittableRandom(seed);
        double sum = 0;
        double squares = 0;
        for (Made made : lies) {
            sum += made.lightness();
            squares += made.lightness() * made.lightness();
        }
        this.mean = lies.length == 0 ? 0 : sum / lies.length;
        this.spread = lies.length == 0 ? 1 : Math.max(1, squares / lies.length - mean * mean);
    }

    Made[] place() {
        List<Integer> movable = new ArrayList<>();
        for (int i = 0; i < lies.length; i++) {
            if (!stays[i]) {
                movable.add(i);
            }
        }
        if (movable.isEmpty()) {
            return lies;
        }
        shuffle(movable);
        int steps = Math.min(MOST_STEPS, STEPS_A_PLACE * movable.size());
        for (int step = 0; step < steps; step++) {
            Work.spend(1);
            double heat = FIRST_HEAT * (1 - (double) step / steps);
            int one = movable.get(chance.nextInt(movable.size()));
            int pick = chance.nextInt(movable.size() + spare.size());
            if (pick < movable.size()) {
                exchange(one, movable.get(pick), heat);
            } else {
                exchangeWithSpare(one, pick - movable.size(), heat);
            }
        }
        return lies;
    }

    private void shuffle(List<Integer> movable) {
        for (int i = movable.size() - 1; i > 0; i--) {
            int one = movable.get(i);
            int other = movable.get(chance.nextInt(i + 1));
            if (lies[one].sort().equals(lies[other].sort())) {
                swap(one, other);
            }
        }
    }

    private void swap(int one, int other) {
        Made made = lies[one];
        lies[one] = lies[other];
        lies[other] = made;
    }

    private void exchange(int one, int other, double heat) {
        if (one == other || !lies[one].sort().equals(lies[other].sort())) {
            return;
        }
        double before = cost(one) + cost(other);
        swap(one, other);
        if (isRefused(before, cost(one) + cost(other), heat)) {
            swap(one, other);
        }
    }

    private void exchangeWithSpare(int one, int index, double heat) {
        Made other = spare.get(index);
        if (!lies[one].sort().equals(other.sort())) {
            return;
        }
        double before = cost(one);
        Made made = lies[one];
        lies[one] = other;
        if (isRefused(before, cost(one), heat)) {
            lies[one] = made;
        } else {
            spare.set(index, made);
        }
    }

    private boolean isRefused(double before, double after, double heat) {
        return after > before && chance.nextDouble() >= Math.exp((before - after) / Math.max(1e-9, heat));
    }

    private double cost(int place) {
        Hand hand = free.hands.get(place);
        Made made = lies[place];
        double cost = 0;
        double lighter = made.lightness() - mean;
        for (int other : hand.neighbours) {
            cost += NEIGHBOUR_COSTS * made.shares(lies[other]);
            cost += VALUE_COSTS * lighter * (lies[other].lightness() - mean) / spread;
        }
        for (int other : hand.nearby) {
            cost += NEARBY_COSTS * made.shares(lies[other]);
        }
        return cost;
    }

    /** Pairs of blocks side by side that share a print. */
    int neighboursThatShare() {
        int sharing = 0;
        for (int i = 0; i < lies.length; i++) {
            for (int other : free.hands.get(i).neighbours) {
                sharing += lies[i].shares(lies[other]) > 0 ? 1 : 0;
            }
        }
        return sharing / 2;
    }

    List<Made> spare() {
        return spare;
    }
}

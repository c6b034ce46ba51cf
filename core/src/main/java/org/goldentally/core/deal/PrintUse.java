package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** How much each print is used, beside what there is of it. */
final class PrintUse {

    private static final double NOTHING = 1e-3;
    private static final double LEAST_SHARE = 0.01;

    /** Room for what is lost to counting in parts. */
    static final double THREAD = 1e-9;

    private final FreePlaces free;
    private final Stock stock;
    private final boolean known;

    /** The part of all places that a print is to have. */
    private final double[] share;

    private final int[] used;

    /** Of what a print has, the part that is used. */
    private final double[] load;

    private int places;

    PrintUse(FreePlaces free, Stock stock) {
        this.free = free;
        this.stock = stock;
        this.known = stock.isKnown(free.allowed.keySet());
        this.share = shares();
        this.used = new int[free.prints.size()];
        this.load = new double[free.prints.size()];
    }

    private double[] shares() {
        double[] cloth = free.prints.stream()
                .mapToDouble(print -> free.allowed.keySet().stream()
                        .mapToDouble(key -> stock.blocksOf(key, print.key()))
                        .sum())
                .toArray();
        double sum = Arrays.stream(cloth).sum();
        int count = cloth.length;
        return Arrays.stream(cloth)
                .map(each -> sum == 0 ? 1.0 / count : Math.max(LEAST_SHARE / count, each / sum))
                .toArray();
    }

    /** A print at a free place in so many more blocks; fewer, where that is negative. */
    void of(String key, int print, int blocks) {
        used[print] += blocks;
        places += blocks;
        load[print] += blocks * weight(key, print);
    }

    /** The part of a print that one block takes. */
    double weight(String key, int print) {
        double blocks = stock.blocksOf(key, free.prints.get(print).key());
        return known ? 1 / Math.max(NOTHING, blocks) : 1 / (share[print] * Math.max(1, free.hands.size()));
    }

    double afterwards(String key, int print, int blocks) {
        return load[print] + blocks * weight(key, print);
    }

    /** Whether there is enough of a print for so many more blocks; where nothing is known of the shelf, its share. */
    boolean allows(String key, int print, int blocks) {
        return known
                ? afterwards(key, print, blocks) <= 1 + THREAD
                : used[print] + blocks <= Math.max(1, share[print] * places * free.hands.size());
    }

    /** Whether anything is known of what there is. */
    boolean isKnown() {
        return known;
    }

    /** How many more combinations of so many blocks a print gives at a place. */
    int stillGives(String key, int print, int blocks) {
        return (int) Math.max(0, Math.floor((1 - load[print]) / (blocks * weight(key, print)) + THREAD));
    }

    /** How far its use is from its share. */
    double unbalance(int print) {
        double wanted = share[print] * places;
        double off = used[print] - wanted;
        return off * off / Math.max(1, wanted);
    }

    /** More than there is of a print is bought, which nobody wants. */
    double beyond(int print) {
        return known ? Math.max(0, load[print] - 1) : 0;
    }

    /** Whether there is none of it, though there is cloth of others. */
    boolean hasNone(int print) {
        return known
                && free.allowed.keySet().stream()
                        .allMatch(key ->
                                stock.blocksOf(key, free.prints.get(print).key()) == 0);
    }

    List<Integer> beyondStock() {
        List<Integer> beyond = new ArrayList<>();
        for (int print = 0; print < load.length; print++) {
            if (beyond(print) > THREAD) {
                beyond.add(print);
            }
        }
        return beyond;
    }
}

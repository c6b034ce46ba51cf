package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Blocks of one sort that get the same prints, since their units come of one set. */
final class Combination {

    private static final long PRIME = 1_000_003;

    final Hand like;
    final int blocks;

    /** Index of the print of each free place, -1 while none is chosen. */
    final int[] prints;

    Combination(Hand like, int blocks) {
        this.like = like;
        this.blocks = blocks;
        this.prints = new int[like.freeKeys.size()];
        Arrays.fill(prints, -1);
    }

    Combination again() {
        Combination again = new Combination(like, blocks);
        System.arraycopy(prints, 0, again.prints, 0, prints.length);
        return again;
    }

    boolean has(int print) {
        for (int each : prints) {
            if (each == print) {
                return true;
            }
        }
        return false;
    }

    /** Its prints, in whichever order, as one number: two combinations hardly ever have the same. */
    long name() {
        int[] sorted = prints.clone();
        Arrays.sort(sorted);
        long name = like.sort().hashCode();
        for (int print : sorted) {
            name = name * PRIME + print + 1;
        }
        return name;
    }

    /** The halves of its crossings: a pair of squares gives two alike, so each kind is best wanted twice. */
    List<List<Integer>> halves() {
        List<List<Integer>> halves = new ArrayList<>();
        for (int[] round : like.rounds) {
            for (int i = 0; i < round.length; i += 2) {
                if (round[i] >= 0 && round[i + 1] >= 0) {
                    halves.add(half(prints[round[i]], prints[round[i + 1]]));
                }
            }
        }
        return halves;
    }

    static List<Integer> half(int one, int other) {
        return List.of(Math.min(one, other), Math.max(one, other));
    }
}

package org.goldentally.core.deal;

import java.util.Set;
import org.goldentally.core.problem.Limits;

/**
 * What is to be made and laid out for the free places.
 *
 * @param seed the same one makes and lays out the same
 * @param what of it
 * @param freeTurns whether blocks may be turned, and every other one of a combination mirrored, as sewing gives them
 * @param spareBlocks made beyond the top
 * @param only the places that are laid out anew, as row and column; all of them where it is empty
 */
public record Wish(long seed, What what, boolean freeTurns, int spareBlocks, Set<Spot> only) {

    private static final int MOST_SPARES = 200;
    private static final long BEGINNINGS_APART = 1_000_003;

    /** How much of it is done anew. */
    public enum What {
        /** All is made, and laid out. */
        MAKE,
        /** What has prints keeps them; what is free still is made and laid out. */
        MAKE_THE_REST,
        /** What is made stays, and is laid out otherwise. */
        LAY_OUT
    }

    /** A place of the top, from 0 on. */
    public record Spot(int row, int column) {}

    public Wish {
        Limits.required(what, "what");
        Limits.between(spareBlocks, 0, MOST_SPARES, "spareBlocks");
        only = Set.copyOf(only);
    }

    /** The same wish, made from another beginning. */
    Wish begunOtherwise(int nth) {
        return new Wish(seed + nth * BEGINNINGS_APART, what, freeTurns, spareBlocks, only);
    }

    /** Everything made and laid out, turns as they are, none to spare. */
    public static Wish all(long seed) {
        return new Wish(seed, What.MAKE, false, 0, Set.of());
    }
}

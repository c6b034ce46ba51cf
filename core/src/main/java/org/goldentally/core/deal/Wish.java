package org.goldentally.core.deal;

import java.util.Set;
import org.goldentally.core.problem.Limits;

/**
 * What is to be made and laid out for the free places.
 *
 * @param seed the same one makes and lays out the same
 * @param layoutOnly whether what is made stays and is only laid out anew
 * @param freeTurns whether blocks may be turned, and every other one of a combination mirrored, as sewing gives them
 * @param spareBlocks made beyond the top
 * @param only the places that are laid out anew, as row and column; all of them where it is empty
 */
public record Wish(long seed, boolean layoutOnly, boolean freeTurns, int spareBlocks, Set<Spot> only) {

    private static final int MOST_SPARES = 200;

    /** A place of the top, from 0 on. */
    public record Spot(int row, int column) {}

    public Wish {
        Limits.between(spareBlocks, 0, MOST_SPARES, "spareBlocks");
        only = Set.copyOf(only);
    }

    /** Everything made and laid out, turns as they are, none to spare. */
    public static Wish all(long seed) {
        return new Wish(seed, false, false, 0, Set.of());
    }
}

package org.goldentally.core.making;

import java.util.Optional;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.measure.Length;

/** What there is of each fabric, as far as ways of making units are compared by it. */
@FunctionalInterface
public interface Supply {

    /** Nothing is on the shelf: whatever is cut has to be bought. */
    Supply NOTHING = (cloth, size) -> 0;

    /** How many pieces of one size all that there is of a fabric gives, if nothing else is cut of it. */
    long capacity(String cloth, CutSize size);

    /** How wide its lengths are; empty where there is none. */
    default Optional<Length> widthOfLengths(String cloth) {
        return Optional.empty();
    }
}

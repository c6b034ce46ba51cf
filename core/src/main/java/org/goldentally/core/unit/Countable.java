package org.goldentally.core.unit;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.goldentally.core.problem.Problem;

/**
 * What a unit has a number of, and how many it may have: once, for blocks, for yields and for the pages. A pieced half
 * has 2 to 8 rows, 3 to begin with (our own limits).
 */
public enum Countable {
    HOURGLASS_CLOTHS("cloths", "Fabrics of the hourglass", 2, 4, 2),
    FLIPPED_CORNERS("corners", "Flipped corners", 1, 4, 1),
    SET_STRIPS("strips", "Strips of the set", 2, 4, 2),
    HALF_ROWS("rows", "Rows of the pieced half", 2, 8, 3);

    private final String label;
    private final String where;
    private final int least;
    private final int most;
    private final int usual;

    Countable(String label, String where, int least, int most, int usual) {
        this.label = label;
        this.where = where;
        this.least = least;
        this.most = most;
        this.usual = usual;
    }

    /** {@code rows}. */
    public String label() {
        return label;
    }

    /** How many there are until somebody says otherwise. */
    public int usual() {
        return usual;
    }

    /** All that may be chosen. */
    public List<Integer> counts() {
        return IntStream.rangeClosed(least, most).boxed().toList();
    }

    /** Whether there may be so many. */
    public boolean allows(int count) {
        return count >= least && count <= most;
    }

    /** What is wrong with a count; empty where it may be chosen. */
    public Optional<Problem> problem(int count) {
        return allows(count)
                ? Optional.empty()
                : Optional.of(new Problem(where, count + " is not possible", "choose " + least + " to " + most));
    }
}

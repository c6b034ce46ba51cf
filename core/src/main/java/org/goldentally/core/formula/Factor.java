package org.goldentally.core.formula;

import org.goldentally.core.measure.Length;

/**
 * A number {@code whole + roots·√2} to take a length times: {@code new Factor(2, 1)} is 2 + √2.
 *
 * @param whole not negative
 * @param roots not negative
 */
public record Factor(int whole, int roots) {

    /** The diagonal of a square for its side. */
    public static final Factor ROOT_TWO = new Factor(0, 1);

    /** What one diagonal seam takes and two straight ones: the constant of half-square triangles, for the seam. */
    public static final Factor TWO_AND_ROOT_TWO = new Factor(2, 1);

    /** What two diagonal seams take and two straight ones: the constant of quarter-square triangles. */
    public static final Factor TWO_AND_TWO_ROOTS = new Factor(2, 2);

    public Factor {
        if (whole < 0 || roots < 0 || whole + roots == 0) {
            throw new IllegalArgumentException("a factor of " + whole + " + " + roots + "√2 is not meant");
        }
    }

    Length times(Length length) {
        return roots == 0
                ? length.times(whole)
                : whole == 0
                        ? length.timesRootTwo().times(roots)
                        : length.times(whole).plus(length.timesRootTwo().times(roots));
    }

    boolean isWhole() {
        return roots == 0;
    }

    /** {@code 2}, {@code √2}, {@code (2 + 2√2)}. */
    String text() {
        String root = (roots > 1 ? roots : "") + "√2";
        return roots == 0 ? "" + whole : whole == 0 ? root : "(" + whole + " + " + root + ")";
    }
}

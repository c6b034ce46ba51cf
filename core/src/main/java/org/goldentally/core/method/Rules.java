package org.goldentally.core.method;

import static org.goldentally.core.formula.Expression.figure;
import static org.goldentally.core.formula.Factor.ROOT_TWO;
import static org.goldentally.core.formula.Factor.TWO_AND_ROOT_TWO;
import static org.goldentally.core.formula.Factor.TWO_AND_TWO_ROOTS;

import org.goldentally.core.formula.Expression;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;

/** Rules that several methods share. A rule of one method alone stands with that method. */
final class Rules {

    static final Expression FINISHED = figure(Input.FINISHED);
    static final Expression SEAM = figure(Input.SEAM);
    static final Expression CUT = figure(Input.CUT);
    static final Expression STRIP = figure(Input.STRIP);
    static final Expression TRIMMED = figure(Input.TRIMMED);

    /** What is sewn with a seam allowance all round: 4 in finished -> 4 1/2 in. */
    static final Formula UNFINISHED = Formula.exact("trimmed size", FINISHED.plus(SEAM.times(2)));

    /** What is cut at its exact size, since nothing is trimmed: 4 in finished -> 4 1/2 in. */
    static final Formula PLAIN = Formula.cut("plain piece", FINISHED.plus(SEAM.times(2)));

    /**
     * The square cut for two half-square triangles, sewn on both sides of one diagonal or cut apart on it; with a 1/4 in
     * seam 0.854 in are added, which the trade rounds up to 7/8: 3 in finished -> 3 7/8 in.
     */
    static final Formula HALF_SQUARE =
            Formula.cut("square for half-square triangles", FINISHED.plus(SEAM.times(TWO_AND_ROOT_TWO)));

    /**
     * The square cut for hourglasses and quarter-square triangles; with a 1/4 in seam 1.207 in are added, which the trade
     * rounds up to 1 1/4: 3 in finished -> 4 1/4 in.
     */
    static final Formula QUARTER_SQUARE =
            Formula.cut("square for quarter-square triangles", FINISHED.plus(SEAM.times(TWO_AND_TWO_ROOTS)));

    /** One diagonal seam takes {@code seam × √2} of a side: 5 in cut -> 4.646 in raw. */
    static final Formula RAW_ONE_SEAM = Formula.exact("raw size, one diagonal seam", CUT.minus(SEAM.times(ROOT_TWO)));

    static final Formula RAW_TWO_SEAMS = Formula.exact(
            "raw size, two diagonal seams", CUT.minus(SEAM.times(2).times(ROOT_TWO)));

    static final Formula WIDEST_ONE_SEAM =
            Formula.exact("widest seam, one diagonal seam", CUT.minus(TRIMMED).dividedByRootTwo());

    static final Formula WIDEST_TWO_SEAMS = Formula.exact(
            "widest seam, two diagonal seams",
            CUT.minus(TRIMMED).dividedByRootTwo().dividedBy(2));

    private Rules() {}
}

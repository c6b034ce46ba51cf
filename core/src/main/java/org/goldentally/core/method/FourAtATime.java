package org.goldentally.core.method;

import org.goldentally.core.formula.Factor;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;

/**
 * Two squares sewn together all round and cut on both diagonals: four units a pair, of an odd size that is trimmed
 * down, with all four outer edges on the bias.
 */
public final class FourAtATime extends HalfSquareMethod {

    /** Raw units are a square's quarters, so the square has their diagonal for a side, and the seam runs round it. */
    static final Formula SQUARE = Formula.cut(
            "square for four at a time",
            Rules.UNFINISHED.expression().times(Factor.ROOT_TWO).plus(Rules.SEAM.times(2)));

    /** The seam goes round the outside, so a square smaller by two seams is quartered, and a quarter is a half unit. */
    static final Formula RAW = Formula.exact(
            "raw size, four at a time", Rules.CUT.minus(Rules.SEAM.times(2)).dividedByRootTwo());

    static final Formula WIDEST_SEAM = Formula.exact(
            "widest seam, four at a time",
            Rules.CUT.minus(Rules.TRIMMED.times(Factor.ROOT_TWO)).dividedBy(2));

    @Override
    public MethodId id() {
        return MethodId.FOUR_AT_A_TIME;
    }

    @Override
    Formula square() {
        return SQUARE;
    }

    @Override
    Length room(SewingSettings settings) {
        return Sizes.roomForOneSeam(settings).timesRootTwo();
    }

    @Override
    Formula raw() {
        return RAW;
    }

    @Override
    Formula widestSeam() {
        return WIDEST_SEAM;
    }

    @Override
    int unitsPerSet() {
        return 4;
    }

    @Override
    int cuts() {
        return 2;
    }

    @Override
    Length seamLength(Length cutSquare, SewingSettings settings) {
        return cutSquare.minus(settings.seamAllowance().times(2)).times(4);
    }

    @Override
    OuterEdges edges() {
        return OuterEdges.BIAS;
    }
}

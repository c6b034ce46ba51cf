package org.goldentally.core.method;

import org.goldentally.core.formula.Factor;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;

/**
 * Two squares sewn on both sides of both diagonals, cut in half both ways and on both diagonals: eight units a pair,
 * the same as four small pairs two at a time.
 */
public final class EightAtATime extends HalfSquareMethod {

    /** Four small pairs in one square. */
    static final Formula SQUARE = Formula.cut(
            "square for eight at a time", Rules.HALF_SQUARE.expression().times(2));

    static final Formula RAW =
            Formula.exact("raw size, eight at a time", Rules.CUT.dividedBy(2).minus(Rules.SEAM.times(Factor.ROOT_TWO)));

    static final Formula WIDEST_SEAM = Formula.exact(
            "widest seam, eight at a time",
            Rules.CUT.dividedBy(2).minus(Rules.TRIMMED).dividedByRootTwo());

    @Override
    public MethodId id() {
        return MethodId.EIGHT_AT_A_TIME;
    }

    @Override
    Formula square() {
        return SQUARE;
    }

    @Override
    Length room(SewingSettings settings) {
        return Sizes.roomForOneSeam(settings).times(2);
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
        return 8;
    }

    @Override
    int cuts() {
        return 4;
    }

    /** Two lines beside each diagonal. */
    @Override
    Length seamLength(Length cutSquare, SewingSettings settings) {
        return cutSquare.timesRootTwo().minus(settings.seamAllowance().times(2)).times(4);
    }
}

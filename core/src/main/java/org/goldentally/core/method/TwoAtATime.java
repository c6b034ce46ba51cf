package org.goldentally.core.method;

import org.goldentally.core.formula.Formula;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;

/** Two squares sewn on both sides of one diagonal and cut apart on it: two units a pair. */
public final class TwoAtATime extends HalfSquareMethod {

    @Override
    public MethodId id() {
        return MethodId.TWO_AT_A_TIME;
    }

    @Override
    public int partsOfPiece(ClothRole role) {
        return 2;
    }

    @Override
    Formula square() {
        return Rules.HALF_SQUARE;
    }

    @Override
    Length room(SewingSettings settings) {
        return Sizes.roomForOneSeam(settings);
    }

    @Override
    Formula raw() {
        return Rules.RAW_ONE_SEAM;
    }

    @Override
    Formula widestSeam() {
        return Rules.WIDEST_ONE_SEAM;
    }

    @Override
    int unitsPerSet() {
        return 2;
    }

    @Override
    int cuts() {
        return 1;
    }

    /** Two lines, each a seam allowance off the diagonal and so twice that shorter. */
    @Override
    Length seamLength(Length cutSquare, SewingSettings settings) {
        return cutSquare.timesRootTwo().minus(settings.seamAllowance().times(2)).times(2);
    }
}

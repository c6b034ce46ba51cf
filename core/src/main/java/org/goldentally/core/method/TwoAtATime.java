package org.goldentally.core.method;

import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;

/** Two squares sewn on both sides of one diagonal and cut apart on it: two units a pair. */
public final class TwoAtATime extends HalfSquareMethod {

    @Override
    public MethodId id() {
        return MethodId.TWO_AT_A_TIME;
    }

    @Override
    CutRule square(Length finished, SewingSettings settings) {
        return new CutRule(
                "Cut square",
                Sizes.write(finished, settings) + " finished + " + Sizes.write(settings.seamAllowance(), settings)
                        + " seam × (2 + √2)",
                finished.plus(Constants.halfSquare(settings)),
                Sizes.roomForOneSeam(settings));
    }

    @Override
    Length rawSize(Length cutSquare, SewingSettings settings) {
        return cutSquare.minus(Constants.diagonalSeam(settings));
    }

    @Override
    String rawRule(String cutSquare, SewingSettings settings) {
        return cutSquare + " cut − " + Sizes.write(settings.seamAllowance(), settings) + " seam × √2";
    }

    @Override
    Length widestSeam(Length cutSquare, Length trimmed) {
        return cutSquare.minus(trimmed).dividedByRootTwo();
    }

    @Override
    String widestSeamRule(String cutSquare, String trimmed) {
        return "(" + cutSquare + " cut − " + trimmed + " trimmed) ÷ √2";
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

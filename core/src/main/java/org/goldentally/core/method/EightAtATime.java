package org.goldentally.core.method;

import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;

/**
 * Two squares sewn on both sides of both diagonals, cut in half both ways and on both diagonals: eight units a pair,
 * the same as four small pairs two at a time.
 */
public final class EightAtATime extends HalfSquareMethod {

    @Override
    public MethodId id() {
        return MethodId.EIGHT_AT_A_TIME;
    }

    @Override
    CutRule square(Length finished, SewingSettings settings) {
        return new CutRule(
                "Cut square",
                "2 × (" + Sizes.write(finished, settings) + " finished + "
                        + Sizes.write(settings.seamAllowance(), settings) + " seam × (2 + √2))",
                finished.plus(Constants.halfSquare(settings)).times(2),
                Sizes.roomForOneSeam(settings).times(2));
    }

    @Override
    Length rawSize(Length cutSquare, SewingSettings settings) {
        return cutSquare.dividedBy(2).minus(Constants.diagonalSeam(settings));
    }

    @Override
    String rawRule(String cutSquare, SewingSettings settings) {
        return cutSquare + " cut ÷ 2 − " + Sizes.write(settings.seamAllowance(), settings) + " seam × √2";
    }

    @Override
    Length widestSeam(Length cutSquare, Length trimmed) {
        return cutSquare.dividedBy(2).minus(trimmed).dividedByRootTwo();
    }

    @Override
    String widestSeamRule(String cutSquare, String trimmed) {
        return "(" + cutSquare + " cut ÷ 2 − " + trimmed + " trimmed) ÷ √2";
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

package org.goldentally.core.method;

import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;

/**
 * Two squares sewn together all round and cut on both diagonals: four units a pair, of an odd size that is trimmed
 * down, with all four outer edges on the bias.
 */
public final class FourAtATime extends HalfSquareMethod {

    @Override
    public MethodId id() {
        return MethodId.FOUR_AT_A_TIME;
    }

    @Override
    CutRule square(Length finished, SewingSettings settings) {
        Length room = Sizes.roomForOneSeam(settings);
        return new CutRule(
                "Cut square",
                "(" + Sizes.write(finished, settings) + " finished + 2 × "
                        + Sizes.write(settings.seamAllowance(), settings) + " seam) × √2 + 2 × "
                        + Sizes.write(settings.seamAllowance(), settings) + " seam",
                settings.unfinished(finished)
                        .timesRootTwo()
                        .plus(settings.seamAllowance().times(2)),
                room.timesRootTwo());
    }

    /** The seam goes round the outside, so a square smaller by two seams is quartered, and a quarter is a half unit. */
    @Override
    Length rawSize(Length cutSquare, SewingSettings settings) {
        return cutSquare.minus(settings.seamAllowance().times(2)).dividedByRootTwo();
    }

    @Override
    String rawRule(String cutSquare, SewingSettings settings) {
        return "(" + cutSquare + " cut − 2 × " + Sizes.write(settings.seamAllowance(), settings) + " seam) ÷ √2";
    }

    @Override
    Length widestSeam(Length cutSquare, Length trimmed) {
        return cutSquare.minus(trimmed.timesRootTwo()).dividedBy(2);
    }

    @Override
    String widestSeamRule(String cutSquare, String trimmed) {
        return "(" + cutSquare + " cut − " + trimmed + " trimmed × √2) ÷ 2";
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

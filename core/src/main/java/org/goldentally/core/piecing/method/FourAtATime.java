package org.goldentally.core.piecing.method;

import java.util.List;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;
import org.goldentally.core.piecing.OuterEdges;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.Recipe;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.piecing.step.Habits;
import org.goldentally.core.piecing.step.PairSteps;
import org.goldentally.core.piecing.step.Step;

/**
 * Two squares sewn together all round and cut on both diagonals: four units a pair, of an odd size that is trimmed
 * down, with all four outer edges on the bias.
 */
public final class FourAtATime extends HalfSquareMethod {

    @Override
    public String key() {
        return "four-at-a-time";
    }

    @Override
    public String displayName() {
        return "four at a time";
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

    @Override
    public List<Step> steps(PatchworkUnit unit, Recipe recipe, SewingSettings settings, Habits habits) {
        Length side = recipe.cuts().getFirst().size().width();
        PairSteps pair = PairSteps.fourAtATime(side, settings, habits);
        Polygon quarter =
                Polygon.of(Point.ORIGIN, Point.at(side, Length.ZERO), Point.at(side.dividedBy(2), side.dividedBy(2)));
        return pair.steps(
                "the two squares",
                quarter,
                pair.stitches().getFirst(),
                recipe.sizes().trimmedWidth(),
                true);
    }
}

package org.goldentally.core.piecing.method;

import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.measure.Length;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.CutPiece;
import org.goldentally.core.piecing.OuterEdges;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.piecing.PiecingMethod;
import org.goldentally.core.piecing.Recipe;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.piecing.UnitSizes;
import org.goldentally.core.piecing.step.Habits;
import org.goldentally.core.piecing.step.SquareSteps;
import org.goldentally.core.piecing.step.Step;

/**
 * Squares cut once from corner to corner, and the loose triangles joined as one likes: wholly scrappy, sewn on the bias.
 * A set is one square of each cloth: two triangles of each, two units.
 */
public final class LooseHalfSquares implements PiecingMethod {

    @Override
    public String key() {
        return "loose-triangles";
    }

    @Override
    public String displayName() {
        return "loose triangles";
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof HalfSquareTriangleUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule rule = Sizes.halfSquare("Cut square", finished, Sizes.roomForLooseTriangle(settings), settings);
        Length cut = rule.cut(settings);
        Length raw = cut.minus(Constants.diagonalSeam(settings));
        String cutText = Sizes.write(cut, settings);
        return Recipe.forA("pair of squares")
                .takes(CutPiece.squares(ClothRole.A, "print", cut, 1))
                .takes(CutPiece.squares(ClothRole.B, "background", cut, 1))
                .gives(2)
                .sizes(UnitSizes.square(raw, trimmed, finished))
                .sewn(2, cut.timesRootTwo().times(2))
                .widestSeam(cut.minus(trimmed).dividedByRootTwo())
                .edges(OuterEdges.STRAIGHT_ONCE_SEWN)
                .pairings(2)
                .because(() -> rule.working(settings))
                .because(() -> Sizes.rawWorking(cutText + " cut − " + Sizes.seam(settings) + " × √2", raw, settings))
                .because(() -> Sizes.trimmedWorking(finished, trimmed, settings))
                .because("Units", () -> "1 square gives 2 triangles, 2 triangles make 1 unit")
                .build();
    }

    @Override
    public List<Step> steps(PatchworkUnit unit, Recipe recipe, SewingSettings settings, Habits habits) {
        return SquareSteps.looseHalfSquares(
                recipe.cuts().getFirst().size().width(), recipe.sizes().trimmedWidth(), settings, habits);
    }
}

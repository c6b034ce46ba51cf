package org.goldentally.core.piecing.method;

import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.measure.Length;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.CutPiece;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PatchworkUnit.CornerFlipUnit;
import org.goldentally.core.piecing.PiecingMethod;
import org.goldentally.core.piecing.Recipe;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.piecing.UnitSizes;
import org.goldentally.core.piecing.step.FlipSteps;
import org.goldentally.core.piecing.step.Habits;
import org.goldentally.core.piecing.step.Step;

/** A square or rectangle with small squares sewn across its corners and flipped open; the line drawn is the seam. */
public final class CornerFlip implements PiecingMethod {

    @Override
    public String key() {
        return "corner-stitch-and-flip";
    }

    @Override
    public String displayName() {
        return "stitch and flip";
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof CornerFlipUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        CornerFlipUnit flip = (CornerFlipUnit) unit;
        CutRule width = Sizes.plain("Cut base, width", unit.finishedWidth(), settings);
        CutRule height = Sizes.plain("Cut base, height", unit.finishedHeight(), settings);
        CutRule corner = Sizes.plain("Cut corner square", flip.finishedCorner(), settings);
        Length cutCorner = corner.cut(settings);
        return Recipe.forA("base and " + (flip.corners() == 1 ? "corner" : flip.corners() + " corners"))
                .takes(CutPiece.rectangles(ClothRole.A, "base", "base", width.cut(settings), height.cut(settings), 1))
                .takes(CutPiece.squares(ClothRole.B, "corners", cutCorner, flip.corners()))
                .gives(1)
                .sizes(UnitSizes.untrimmed(
                        width.cut(settings), height.cut(settings), unit.finishedWidth(), unit.finishedHeight()))
                .sewn(flip.corners(), cutCorner.timesRootTwo().times(flip.corners()))
                .because(() -> width.working(settings))
                .because(() -> height.working(settings))
                .because(() -> corner.working(settings))
                .build();
    }

    @Override
    public List<Step> steps(PatchworkUnit unit, Recipe recipe, SewingSettings settings, Habits habits) {
        return FlipSteps.flippedCorners(
                recipe.sizes().rawWidth(),
                recipe.sizes().rawHeight(),
                recipe.cuts().getLast().size().width(),
                ((CornerFlipUnit) unit).corners(),
                settings,
                habits);
    }
}

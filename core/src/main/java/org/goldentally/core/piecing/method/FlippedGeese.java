package org.goldentally.core.piecing.method;

import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.measure.Length;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.CutPiece;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.piecing.PiecingMethod;
import org.goldentally.core.piecing.Recipe;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.piecing.UnitSizes;
import org.goldentally.core.piecing.step.FlipSteps;
import org.goldentally.core.piecing.step.Habits;
import org.goldentally.core.piecing.step.Step;

/**
 * A rectangle with a square sewn on at either end along its diagonal and flipped open: one goose, exact from the start.
 * The two corners cut away could become small half-square triangle units.
 */
public final class FlippedGeese implements PiecingMethod {

    @Override
    public String key() {
        return "geese-stitch-and-flip";
    }

    @Override
    public String displayName() {
        return "stitch and flip";
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof FlyingGeeseUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        CutRule width = Sizes.plain("Cut rectangle, width", unit.finishedWidth(), settings);
        CutRule height = Sizes.plain("Cut rectangle, height, and cut square", unit.finishedHeight(), settings);
        Length cutWidth = width.cut(settings);
        Length cutHeight = height.cut(settings);
        return Recipe.forA("rectangle and two squares")
                .takes(CutPiece.rectangles(ClothRole.A, "goose", "rectangle", cutWidth, cutHeight, 1))
                .takes(CutPiece.squares(ClothRole.B, "sky", cutHeight, 2))
                .gives(1)
                .sizes(UnitSizes.untrimmed(cutWidth, cutHeight, unit.finishedWidth(), unit.finishedHeight()))
                .sewn(2, cutHeight.timesRootTwo().times(2))
                .because(() -> width.working(settings))
                .because(() -> height.working(settings))
                .because(
                        "Offcuts",
                        () -> "two corners a goose, each a pair of triangles that makes a bonus unit of about "
                                + Sizes.write(
                                        cutHeight
                                                .minus(settings.seamAllowance()
                                                        .times(2)
                                                        .timesRootTwo())
                                                .roundedDownTo(settings.grid()),
                                        settings)
                                + " raw if a second seam is sewn 2 × the seam away before cutting")
                .build();
    }

    @Override
    public List<Step> steps(PatchworkUnit unit, Recipe recipe, SewingSettings settings, Habits habits) {
        return FlipSteps.flippedCorners(
                recipe.sizes().rawWidth(),
                recipe.sizes().rawHeight(),
                recipe.cuts().getLast().size().width(),
                2,
                settings,
                habits);
    }
}

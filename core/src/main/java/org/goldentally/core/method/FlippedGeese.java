package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Input;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;

/**
 * A rectangle with a square sewn on at either end along its diagonal and flipped open: one goose, exact from the start.
 * The two corners cut away could become small half-square triangle units.
 */
public final class FlippedGeese implements PiecingMethod {

    @Override
    public MethodId id() {
        return MethodId.FLIPPED_GEESE;
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
                                        Rules.RAW_TWO_SEAMS
                                                .exactly(Sizes.figures(Input.CUT, cutHeight, settings))
                                                .roundedDownTo(settings.grid()),
                                        settings)
                                + " raw if a second seam is sewn 2 × the seam away before cutting")
                .build();
    }
}

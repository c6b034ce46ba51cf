package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerFlipUnit;

/** A square or rectangle with small squares sewn across its corners and flipped open; the line drawn is the seam. */
public final class CornerFlip implements PiecingMethod {

    @Override
    public MethodId id() {
        return MethodId.FLIPPED_CORNERS;
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
}

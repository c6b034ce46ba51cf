package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;

/**
 * Squares cut once from corner to corner, and the loose triangles joined as one likes: wholly scrappy, sewn on the bias.
 * A set is one square of each cloth: two triangles of each, two units.
 */
public final class LooseHalfSquares implements PiecingMethod {

    @Override
    public MethodId id() {
        return MethodId.LOOSE_HALF_SQUARES;
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
}

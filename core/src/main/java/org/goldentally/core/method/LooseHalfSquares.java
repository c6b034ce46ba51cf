package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Input;
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
    public int partsOfPiece(ClothRole role) {
        return 2;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule rule = Sizes.halfSquare("Cut square", finished, Sizes.roomForLooseTriangle(settings), settings)
                .orOwn(settings);
        Length cut = rule.cut(settings);
        Figures sewn = Sizes.figures(Input.CUT, cut, settings).and(Input.TRIMMED, trimmed);
        Length raw = Rules.RAW_ONE_SEAM.exactly(sewn);
        return Recipe.forA("pair of squares")
                .takes(CutPiece.squares(ClothRole.A, "print", cut, 1))
                .takes(CutPiece.squares(ClothRole.B, "background", cut, 1))
                .gives(2)
                .sizes(UnitSizes.square(raw, trimmed, finished))
                .sewn(2, cut.timesRootTwo().times(2))
                .widestSeam(Rules.WIDEST_ONE_SEAM.exactly(sewn))
                .edges(OuterEdges.STRAIGHT_ONCE_SEWN)
                .pairings(2)
                .cutBy(rule, settings)
                .because(() -> Sizes.rawWorking(Rules.RAW_ONE_SEAM, sewn, settings))
                .because(() -> Sizes.trimmedWorking(finished, settings))
                .because("Units", () -> "1 square gives 2 triangles, 2 triangles make 1 unit")
                .build();
    }
}

package org.goldentally.core.method;

import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Input;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;

/**
 * Hourglasses from loose quarter triangles: each square is cut on both diagonals, and four quarters are joined as one
 * likes, of any hand. Their long sides, the edges of the unit, stay on the straight grain; the two sides that are sewn
 * are on the bias.
 *
 * <p>Of two cloths: 2 units from a square of each. Of three: 4 from one A, one B and two C. Of four: 4 from a square of
 * each, whichever hand is wanted.
 */
public final class LooseQuarters implements PiecingMethod {

    private static final List<String> LABELS =
            List.of("first fabric", "second fabric", "third fabric", "fourth fabric");

    @Override
    public MethodId id() {
        return MethodId.LOOSE_QUARTERS;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof QuarterSquareTriangleUnit;
    }

    @Override
    public int partsOfPiece(ClothRole role) {
        return 4;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        int cloths = ((QuarterSquareTriangleUnit) unit).cloths();
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule rule = Sizes.quarterSquare("Cut square", finished, Sizes.roomForLooseTriangle(settings), settings)
                .orOwn(settings);
        Length cut = rule.cut(settings);
        Figures sewn = Sizes.figures(Input.CUT, cut, settings).and(Input.TRIMMED, trimmed);
        int units = cloths == 2 ? 2 : 4;
        Recipe.Builder recipe = Recipe.forA(cloths == 3 ? "four squares" : cloths + " squares");
        for (int i = 0; i < cloths; i++) {
            boolean opposite = cloths == 3 && i == 2;
            recipe.takes(CutPiece.squares(ClothRole.at(i), LABELS.get(i), cut, opposite ? 2 : 1));
        }
        return recipe.gives(units)
                .sizes(UnitSizes.square(Rules.RAW_TWO_SEAMS.exactly(sewn), trimmed, finished))
                .sewn(
                        2 * (cloths == 3 ? 4 : cloths),
                        legs(cut).plus(trimmed.timesRootTwo()).times(units))
                .widestSeam(Rules.WIDEST_TWO_SEAMS.exactly(sewn))
                .edges(OuterEdges.STRAIGHT_LONG_SIDES)
                .pairings(units)
                .cutBy(rule, settings)
                .because(() -> Sizes.rawWorking(Rules.RAW_TWO_SEAMS, sewn, settings))
                .because(() -> Sizes.trimmedWorking(finished, settings))
                .because("Triangles", () -> "1 square gives 4 quarters, 4 quarters make 1 unit, of either hand")
                .build();
    }

    /** The two short seams of a unit: a quarter's short side is the square's side over the root of two. */
    private static Length legs(Length cut) {
        return cut.dividedByRootTwo().times(2);
    }
}

package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Input;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;

/**
 * Squares sewn two at a time to half-square triangles, and these again two at a time with their seams crossed: an
 * hourglass. Of two cloths: 2 units from a square of each. Of three: 4 from one A, one B and two C, the C quarters
 * opposite. Of four: 4 from a square of each.
 */
public final class Hourglass implements PiecingMethod {

    @Override
    public MethodId id() {
        return MethodId.CROSSED_PAIRS;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof QuarterSquareTriangleUnit;
    }

    @Override
    public int partsOfPiece(ClothRole role) {
        return 2;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        int cloths = ((QuarterSquareTriangleUnit) unit).cloths();
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule rule = Sizes.quarterSquare("Cut square", finished, Sizes.roomForTwoSeams(settings), settings)
                .orOwn(settings);
        Length cut = rule.cut(settings);
        Figures sewn = Sizes.figures(Input.CUT, cut, settings).and(Input.TRIMMED, trimmed);
        Length halfSquare = Rules.RAW_ONE_SEAM.exactly(sewn);
        Length raw = Rules.RAW_TWO_SEAMS.exactly(sewn);
        int units = cloths == 2 ? 2 : 4;
        Length oneSeam = cut.timesRootTwo();
        int pairs = units / 2;
        return squares(cloths, cut)
                .gives(units)
                .sizes(UnitSizes.square(raw, trimmed, finished))
                .sewn(
                        2 * pairs,
                        oneSeam.times(2L * pairs).plus(halfSquare.timesRootTwo().times(2L * pairs)))
                .widestSeam(Rules.WIDEST_TWO_SEAMS.exactly(sewn))
                .cutBy(rule, settings)
                .because(
                        "Half-square triangle on the way",
                        () -> Rules.RAW_ONE_SEAM.worked(sewn, settings.system().writer()) + "; not trimmed yet")
                .because(() -> Sizes.rawWorking(Rules.RAW_TWO_SEAMS, sewn, settings))
                .because(() -> Sizes.trimmedWorking(finished, settings))
                .because(
                        "Centre",
                        () -> Sizes.write(trimmed.dividedBy(2), settings)
                                + " from the centre point to every trimmed edge")
                .build();
    }

    private static Recipe.Builder squares(int cloths, Length cut) {
        Recipe.Builder recipe = Recipe.forA(cloths == 2 ? "pair" : "two pairs")
                .takes(CutPiece.squares(ClothRole.A, "first fabric", cut, 1))
                .takes(CutPiece.squares(ClothRole.B, "second fabric", cut, 1));
        return switch (cloths) {
            case 2 -> recipe;
            case 3 -> recipe.takes(CutPiece.squares(ClothRole.C, "fabric of the opposite quarters", cut, 2));
            default ->
                recipe.takes(CutPiece.squares(ClothRole.C, "third fabric", cut, 1))
                        .takes(CutPiece.squares(ClothRole.D, "fourth fabric", cut, 1))
                        .hands(2, 2)
                        .because(
                                "Hands",
                                () ->
                                        "the two units from one crossing are mirror images of each other: 2 left, 2 right");
        };
    }
}

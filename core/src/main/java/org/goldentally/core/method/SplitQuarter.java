package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.SplitQuarterUnit;

/**
 * A half-square triangle and a plain square, sewn two at a time on the diagonal that crosses the seam: two units, mirror
 * images of each other.
 */
public final class SplitQuarter implements PiecingMethod {

    @Override
    public MethodId id() {
        return MethodId.HALF_SQUARE_ON_PLAIN;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof SplitQuarterUnit;
    }

    /** One pair of squares gives two half-square triangles, and these with two plain squares four units. */
    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        Length offSeam = Constants.diagonalSeam(settings);
        CutRule parent =
                Sizes.quarterSquare("Cut square for the pair", finished, Sizes.roomForTwoSeams(settings), settings);
        CutRule plain = Sizes.halfSquare("Cut plain square", finished, Sizes.roomForOneSeam(settings), settings);
        Length parentCut = parent.cut(settings);
        Length plainCut = plain.cut(settings);
        Length halfSquare = parentCut.minus(offSeam);
        Length raw = Length.min(halfSquare, plainCut).minus(offSeam);
        Length widest = Length.min(
                parentCut.minus(trimmed).dividedByRootTwo().dividedBy(2),
                plainCut.minus(trimmed).dividedByRootTwo());
        return Recipe.forA("pair and two plain squares")
                .takes(CutPiece.squares(ClothRole.A, "first small triangle", parentCut, 1))
                .takes(CutPiece.squares(ClothRole.B, "second small triangle", parentCut, 1))
                .takes(CutPiece.squares(ClothRole.C, "large triangle", plainCut, 2))
                .gives(4)
                .hands(2, 2)
                .sizes(UnitSizes.square(raw, trimmed, finished))
                .sewn(
                        3,
                        parentCut
                                .timesRootTwo()
                                .times(2)
                                .plus(plainCut.timesRootTwo().times(4)))
                .widestSeam(widest)
                .because(() -> parent.working(settings))
                .because(() -> plain.working(settings))
                .because(() -> Sizes.rawWorking(
                        "the smaller of " + Sizes.write(parentCut, settings) + " − " + Sizes.seam(settings)
                                + " × √2 and " + Sizes.write(plainCut, settings) + ", less " + Sizes.seam(settings)
                                + " × √2",
                        raw,
                        settings))
                .because(() -> Sizes.trimmedWorking(finished, trimmed, settings))
                .because("Hands", () -> "each pair gives a left-hand and a right-hand unit: 2 of each")
                .build();
    }
}

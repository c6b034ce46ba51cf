package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Expression;
import org.goldentally.core.formula.Factor;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;
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

    private static final Expression PAIR = Expression.figure(Input.CUT_FOR_PAIR);
    private static final Expression PLAIN = Expression.figure(Input.CUT_PLAIN);

    /** The half-square triangle and the plain square are laid on each other: the smaller of them decides. */
    static final Formula RAW = Formula.exact(
            "raw size, split quarter",
            PAIR.minus(Rules.SEAM.times(Factor.ROOT_TWO)).orSmaller(PLAIN).minus(Rules.SEAM.times(Factor.ROOT_TWO)));

    static final Formula WIDEST_SEAM = Formula.exact(
            "widest seam, split quarter",
            PAIR.minus(Rules.TRIMMED)
                    .dividedByRootTwo()
                    .dividedBy(2)
                    .orSmaller(PLAIN.minus(Rules.TRIMMED).dividedByRootTwo()));

    @Override
    public MethodId id() {
        return MethodId.HALF_SQUARE_ON_PLAIN;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof SplitQuarterUnit;
    }

    @Override
    public int partsOfPiece(ClothRole role) {
        return role == ClothRole.C ? 1 : 2;
    }

    /** The half-square triangle on the way, from squares cut so large: 5 in with a 1/4 in seam -> 4.65 in. */
    public static Length rawHalf(Length cutSquare, SewingSettings settings) {
        return Rules.RAW_ONE_SEAM.exactly(Sizes.figures(Input.CUT, cutSquare, settings));
    }

    /** One pair of squares gives two half-square triangles, and these with two plain squares four units. */
    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule parent = Sizes.quarterSquare(
                        "Cut square for the pair", finished, Sizes.roomForTwoSeams(settings), settings)
                .orOwn(settings);
        CutRule plain = Sizes.halfSquare(
                "Cut plain square", finished, parent.halfTheRoom(Sizes.roomForOneSeam(settings)), settings);
        Length parentCut = parent.cut(settings);
        Length plainCut = plain.cut(settings);
        Figures sewn = Sizes.figures(Input.CUT_FOR_PAIR, parentCut, settings)
                .and(Input.CUT_PLAIN, plainCut)
                .and(Input.TRIMMED, trimmed);
        Length raw = RAW.exactly(sewn);
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
                .widestSeam(WIDEST_SEAM.exactly(sewn))
                .cutBy(parent, settings)
                .because(() -> plain.working(settings))
                .because(() -> Sizes.rawWorking(RAW, sewn, settings))
                .because(() -> Sizes.trimmedWorking(finished, settings))
                .because("Hands", () -> "each pair gives a left-hand and a right-hand unit: 2 of each")
                .build();
    }
}

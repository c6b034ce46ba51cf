package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;

/**
 * The ways of making half-square triangle units from a pair of equal squares of two cloths. What differs: the square
 * to cut, what it leaves of the raw unit, how many units come of it, and the work.
 */
public abstract sealed class HalfSquareMethod implements PiecingMethod permits TwoAtATime, FourAtATime, EightAtATime {

    @Override
    public final boolean makes(PatchworkUnit unit) {
        return unit instanceof HalfSquareTriangleUnit;
    }

    /** The square to cut, before the school's room is added. */
    abstract Formula square();

    /** What the school of allowance adds to the square so that there is room on the raw unit. */
    abstract Length room(SewingSettings settings);

    /** The raw unit that comes from squares of a cut size, sewn with the seam of the settings. */
    abstract Formula raw();

    /** The widest seam with which squares of the cut size still reach the trimmed size. */
    abstract Formula widestSeam();

    abstract int unitsPerSet();

    abstract int cuts();

    abstract Length seamLength(Length cutSquare, SewingSettings settings);

    OuterEdges edges() {
        return OuterEdges.STRAIGHT;
    }

    String setName() {
        return "pair";
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule rule = Sizes.cutFor("Cut square", square(), finished, room(settings), settings)
                .orOwn(settings);
        Length cut = rule.cut(settings);
        Figures sewn = Sizes.figures(Input.CUT, cut, settings).and(Input.TRIMMED, trimmed);
        Length raw = raw().exactly(sewn);
        return Recipe.forA(setName())
                .takes(CutPiece.squares(ClothRole.A, "print", cut, 1))
                .takes(CutPiece.squares(ClothRole.B, "background", cut, 1))
                .gives(unitsPerSet())
                .sizes(UnitSizes.square(raw, trimmed, finished))
                .sewn(cuts(), seamLength(cut, settings))
                .widestSeam(widestSeam().exactly(sewn))
                .edges(edges())
                .cutBy(rule, settings)
                .because(() -> Sizes.rawWorking(raw(), sewn, settings))
                .because(() -> Sizes.trimmedWorking(finished, settings))
                .because(() -> Sizes.widestSeamWorking(widestSeam(), sewn, settings))
                .build();
    }
}

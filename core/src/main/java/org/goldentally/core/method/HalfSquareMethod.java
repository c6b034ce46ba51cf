package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
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

    /** The exact square for the unit, and the room that the school adds. */
    abstract CutRule square(Length finished, SewingSettings settings);

    /** The raw unit that comes from squares of a cut size, sewn with the seam of the settings. */
    abstract Length rawSize(Length cutSquare, SewingSettings settings);

    abstract String rawRule(String cutSquare, SewingSettings settings);

    /** The widest seam with which squares of the cut size still reach the trimmed size. */
    abstract Length widestSeam(Length cutSquare, Length trimmed);

    abstract String widestSeamRule(String cutSquare, String trimmed);

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
        LengthWriter writer = settings.system().writer();
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule rule = square(finished, settings);
        Length cut = rule.cut(settings);
        Length raw = rawSize(cut, settings);
        return Recipe.forA(setName())
                .takes(CutPiece.squares(ClothRole.A, "print", cut, 1))
                .takes(CutPiece.squares(ClothRole.B, "background", cut, 1))
                .gives(unitsPerSet())
                .sizes(UnitSizes.square(raw, trimmed, finished))
                .sewn(cuts(), seamLength(cut, settings))
                .widestSeam(widestSeam(cut, trimmed))
                .edges(edges())
                .because(() -> rule.working(settings))
                .because(() -> Sizes.rawWorking(rawRule(writer.write(cut), settings), raw, settings))
                .because(() -> Sizes.trimmedWorking(finished, trimmed, settings))
                .because(() -> Sizes.widestSeamWorking(
                        widestSeamRule(writer.write(cut), writer.write(trimmed)), widestSeam(cut, trimmed), settings))
                .build();
    }
}

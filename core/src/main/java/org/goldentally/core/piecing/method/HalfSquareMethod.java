package org.goldentally.core.piecing.method;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.CutPiece;
import org.goldentally.core.piecing.Hands;
import org.goldentally.core.piecing.OuterEdges;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.piecing.PiecingMethod;
import org.goldentally.core.piecing.Recipe;
import org.goldentally.core.piecing.Sewing;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.piecing.UnitSizes;
import org.goldentally.core.piecing.Working;

/**
 * The ways of making half-square triangle units from a pair of equal squares of two cloths. What differs: the square
 * to cut, what it leaves of the raw unit, how many units come of it, and the work.
 */
abstract class HalfSquareMethod implements PiecingMethod {

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
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule rule = square(finished, settings);
        Length cut = rule.cut(settings);
        Length raw = rawSize(cut, settings);
        return new Recipe(
                setName(),
                List.of(
                        new CutPiece(ClothRole.A, "print", "square", CutSize.square(cut), 1),
                        new CutPiece(ClothRole.B, "background", "square", CutSize.square(cut), 1)),
                unitsPerSet(),
                Hands.NONE,
                UnitSizes.square(raw, trimmed, finished),
                new Sewing(cuts(), seamLength(cut, settings), Optional.of(widestSeam(cut, trimmed)), edges(), 1),
                List.of(
                        rule.working(settings),
                        rawWorking(cut, raw, settings),
                        trimmedWorking(finished, trimmed, settings),
                        widestSeamWorking(cut, trimmed, settings),
                        edges().working()));
    }

    private Working widestSeamWorking(Length cut, Length trimmed, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        return new Working(
                "Widest seam",
                widestSeamRule(writer.write(cut), writer.write(trimmed)) + " = "
                        + writer.writeDecimal(widestSeam(cut, trimmed))
                        + "; with a wider seam the unit is smaller than its trimmed size");
    }

    private Working rawWorking(Length cut, Length raw, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        return new Working(
                "Raw size, before trimming", rawRule(writer.write(cut), settings) + " = " + writer.writeDecimal(raw));
    }

    static Working trimmedWorking(Length finished, Length trimmed, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        return new Working(
                "Trimmed size",
                writer.write(finished) + " finished + 2 × " + writer.write(settings.seamAllowance()) + " seam = "
                        + writer.writeWithUnit(trimmed));
    }

    static String write(Length length, SewingSettings settings) {
        return settings.system().writer().write(length);
    }

    static Length roomForOneSeam(SewingSettings settings) {
        return settings.allowance().roomForOneSeam(settings.system());
    }
}

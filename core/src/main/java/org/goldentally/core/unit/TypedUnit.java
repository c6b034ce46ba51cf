package org.goldentally.core.unit;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.unit.PatchworkUnit.CornerFlipUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.PiecedHalfUnit;
import org.goldentally.core.unit.PatchworkUnit.PlainPatch;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangle;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.SideSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.SplitQuarterUnit;
import org.goldentally.core.unit.PatchworkUnit.StripPatch;
import org.goldentally.core.unit.PatchworkUnit.StripSetSegment;
import org.goldentally.core.unit.PatchworkUnit.StripSetTriangleUnit;

/**
 * What was typed about one unit.
 *
 * @param size the finished size by which it is called
 * @param height of a rectangle or a corner flip; empty means a square
 * @param corner finished side of a flipped corner
 * @param count cloths of an hourglass, flipped corners, rows of a pieced half, or strips of a set
 */
public record TypedUnit(UnitKind kind, String size, String height, String corner, int count) {

    /**
     * Reads it, with every problem at once.
     *
     * @throws RefusedException where a size is no size, or does not go with the others
     */
    public PatchworkUnit read(MeasureSystem system) {
        List<Problem> problems = new ArrayList<>();
        if (kind == UnitKind.BLOCK) {
            problems.add(new Problem("Unit", "a smaller block is no unit", "choose one of the units"));
        }
        Length finished = length("Size, " + kind.sizeLabel(), size, system, problems);
        Length finishedHeight =
                kind.hasHeight() && !height.isBlank() ? length("Finished height", height, system, problems) : finished;
        Length finishedCorner = kind.hasCorner() ? length("Finished corner", corner, system, problems) : finished;
        if (problems.isEmpty() && kind == UnitKind.CORNER_FLIP) {
            checkCorner(finished, finishedHeight, finishedCorner, system, problems);
        }
        kind.counted().flatMap(each -> each.problem(count)).ifPresent(problems::add);
        if (!problems.isEmpty()) {
            throw new RefusedException(problems);
        }
        return unit(finished, finishedHeight, finishedCorner);
    }

    private PatchworkUnit unit(Length finished, Length finishedHeight, Length finishedCorner) {
        return switch (kind) {
            case HALF_SQUARE -> new HalfSquareTriangleUnit(finished);
            case HOURGLASS -> new QuarterSquareTriangleUnit(finished, count);
            case SPLIT_QUARTER -> new SplitQuarterUnit(finished);
            case FLYING_GOOSE -> new FlyingGeeseUnit(finished);
            case QUARTER_TRIANGLE -> new QuarterSquareTriangle(finished);
            case STRIP_SET_TRIANGLE -> new StripSetTriangleUnit(finished);
            case CORNER_FLIP -> new CornerFlipUnit(finished, finishedHeight, finishedCorner, count);
            case PIECED_HALF -> new PiecedHalfUnit(finished, count);
            case SIDE_SETTING_TRIANGLE -> new SideSettingTriangle(finished);
            case CORNER_SETTING_TRIANGLE -> new CornerSettingTriangle(finished);
            case PLAIN -> new PlainPatch(finished, finishedHeight);
            case STRIP -> new StripPatch(finished);
            case STRIP_SET_SEGMENT -> new StripSetSegment(finished, count);
            case BLOCK -> throw new IllegalStateException("a smaller block is no unit");
        };
    }

    private static Length length(String where, String text, MeasureSystem system, List<Problem> problems) {
        return switch (LengthReader.readPositive(where, text, system)) {
            case Reading.Understood<Length> understood -> understood.value();
            case Reading.Refused<Length> refused -> {
                problems.add(refused.problem());
                yield Length.ZERO;
            }
        };
    }

    /** Corners that share a side must leave room for each other. */
    private void checkCorner(
            Length width, Length finishedHeight, Length finishedCorner, MeasureSystem system, List<Problem> problems) {
        Length most = Length.min(
                count >= 2 ? width.dividedBy(2) : width, count >= 3 ? finishedHeight.dividedBy(2) : finishedHeight);
        if (finishedCorner.isLongerThan(most)) {
            problems.add(new Problem(
                    "Finished corner",
                    system.writer().writeWithUnit(finishedCorner)
                            + " is too large: the corners would run over each other or the base",
                    system.writer().writeWithUnit(most) + " is the most for this base"));
        }
    }
}

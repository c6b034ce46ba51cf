package org.goldentally.core.piecing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.piecing.PatchworkUnit.CornerFlipUnit;
import org.goldentally.core.piecing.PatchworkUnit.CornerSettingTriangle;
import org.goldentally.core.piecing.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.piecing.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.piecing.PatchworkUnit.PiecedHalfUnit;
import org.goldentally.core.piecing.PatchworkUnit.PlainPatch;
import org.goldentally.core.piecing.PatchworkUnit.QuarterSquareTriangle;
import org.goldentally.core.piecing.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.piecing.PatchworkUnit.SideSettingTriangle;
import org.goldentally.core.piecing.PatchworkUnit.SplitQuarterUnit;
import org.goldentally.core.piecing.PatchworkUnit.StripPatch;
import org.goldentally.core.piecing.PatchworkUnit.StripSetSegment;
import org.goldentally.core.piecing.PatchworkUnit.StripSetTriangleUnit;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.goldentally.core.problem.RefusedException;

/** The kinds of units to choose from, with what the size of each is called and how it is read from what is typed. */
public enum UnitKind {
    HALF_SQUARE("Half-square triangle", "finished side"),
    HOURGLASS("Hourglass", "finished side"),
    SPLIT_QUARTER("Split quarter", "finished side"),
    FLYING_GOOSE("Flying goose", "finished width (twice its height)"),
    QUARTER_TRIANGLE("Loose quarter triangle", "finished long side"),
    STRIP_SET_TRIANGLE("Strip-set triangle square", "finished side"),
    CORNER_FLIP("Corner flip", "finished width"),
    PIECED_HALF("Pieced half", "finished side"),
    SIDE_SETTING_TRIANGLE("Side setting triangle", "finished side of the block"),
    CORNER_SETTING_TRIANGLE("Corner setting triangle", "finished side of the block"),
    PLAIN("Plain square or rectangle", "finished width"),
    STRIP("Strip", "finished width"),
    STRIP_SET_SEGMENT("Strip-set segment", "finished width of a strip");

    private final String label;
    private final String sizeLabel;

    UnitKind(String label, String sizeLabel) {
        this.label = label;
        this.sizeLabel = sizeLabel;
    }

    public String label() {
        return label;
    }

    /** What the size typed is of. */
    public String sizeLabel() {
        return sizeLabel;
    }

    /** What it has a number of. */
    public Optional<Countable> counted() {
        return switch (this) {
            case HOURGLASS -> Optional.of(Countable.HOURGLASS_CLOTHS);
            case CORNER_FLIP -> Optional.of(Countable.FLIPPED_CORNERS);
            case PIECED_HALF -> Optional.of(Countable.HALF_ROWS);
            case STRIP_SET_SEGMENT -> Optional.of(Countable.SET_STRIPS);
            case HALF_SQUARE,
                    SPLIT_QUARTER,
                    FLYING_GOOSE,
                    QUARTER_TRIANGLE,
                    STRIP_SET_TRIANGLE,
                    SIDE_SETTING_TRIANGLE,
                    CORNER_SETTING_TRIANGLE,
                    PLAIN,
                    STRIP -> Optional.empty();
        };
    }

    /** Whether its height is typed as well as its width. */
    public boolean hasHeight() {
        return this == CORNER_FLIP || this == PLAIN;
    }

    /** Whether the size of a corner is typed. */
    public boolean hasCorner() {
        return this == CORNER_FLIP;
    }

    /**
     * What was typed about a unit.
     *
     * @param size the finished size by which it is called
     * @param height of a rectangle or a corner flip; empty means a square
     * @param corner finished side of a flipped corner
     * @param count cloths of an hourglass, flipped corners, rows of a pieced half, or strips of a set
     */
    public record Typed(UnitKind kind, String size, String height, String corner, int count) {}

    /** Reads a unit, with every problem at once. */
    public static PatchworkUnit read(Typed typed, MeasureSystem system) {
        List<Problem> problems = new ArrayList<>();
        Length size = length("Size, " + typed.kind.sizeLabel, typed.size, system, problems);
        Length height = typed.kind.hasHeight() && !typed.height.isBlank()
                ? length("Finished height", typed.height, system, problems)
                : size;
        Length corner = typed.kind.hasCorner() ? length("Finished corner", typed.corner, system, problems) : size;
        if (problems.isEmpty() && typed.kind == CORNER_FLIP) {
            checkCorner(typed.count, size, height, corner, system, problems);
        }
        typed.kind.counted().flatMap(each -> each.problem(typed.count)).ifPresent(problems::add);
        if (!problems.isEmpty()) {
            throw new RefusedException(problems);
        }
        return switch (typed.kind) {
            case HALF_SQUARE -> new HalfSquareTriangleUnit(size);
            case HOURGLASS -> new QuarterSquareTriangleUnit(size, typed.count);
            case SPLIT_QUARTER -> new SplitQuarterUnit(size);
            case FLYING_GOOSE -> new FlyingGeeseUnit(size);
            case QUARTER_TRIANGLE -> new QuarterSquareTriangle(size);
            case STRIP_SET_TRIANGLE -> new StripSetTriangleUnit(size);
            case CORNER_FLIP -> new CornerFlipUnit(size, height, corner, typed.count);
            case PIECED_HALF -> new PiecedHalfUnit(size, typed.count);
            case SIDE_SETTING_TRIANGLE -> new SideSettingTriangle(size);
            case CORNER_SETTING_TRIANGLE -> new CornerSettingTriangle(size);
            case PLAIN -> new PlainPatch(size, height);
            case STRIP -> new StripPatch(size);
            case STRIP_SET_SEGMENT -> new StripSetSegment(size, typed.count);
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
    private static void checkCorner(
            int corners, Length width, Length height, Length corner, MeasureSystem system, List<Problem> problems) {
        Length most =
                Length.min(corners >= 2 ? width.dividedBy(2) : width, corners >= 3 ? height.dividedBy(2) : height);
        if (corner.isLongerThan(most)) {
            problems.add(new Problem(
                    "Finished corner",
                    system.writer().writeWithUnit(corner)
                            + " is too large: the corners would run over each other or the base",
                    system.writer().writeWithUnit(most) + " is the most for this base"));
        }
    }
}

package org.goldentally.core.step;

import static org.goldentally.core.step.Sketch.line;
import static org.goldentally.core.step.Sketch.square;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.unit.ClothRole;

/**
 * Steps of the ways that sew two layers together, cut them apart and open them to half-square triangles.
 *
 * @param pairs what lies on what; more than one are drawn side by side
 * @param layer the outline of either layer
 * @param diagonals the lines to mark, by the school that draws the cutting line
 * @param stitches the seams
 * @param cuts the cuts that part the units
 */
public record PairSteps(
        List<Pair> pairs,
        Polygon layer,
        List<Line> diagonals,
        List<Line> stitches,
        List<Line> cuts,
        SewingSettings settings,
        Habits habits) {

    private static final List<Pair> ONE_PAIR = List.of(new Pair(ClothRole.A, ClothRole.B));

    /** Two cloths right sides together. */
    record Pair(ClothRole lower, ClothRole upper) {}

    /** Two at a time, on a square of the given cut side. */
    public static PairSteps twoAtATime(Length side, SewingSettings settings, Habits habits) {
        return twoAtATime(ONE_PAIR, side, settings, habits);
    }

    static PairSteps twoAtATime(List<Pair> pairs, Length side, SewingSettings settings, Habits habits) {
        List<Line> diagonal = List.of(line(Length.ZERO, Length.ZERO, side, side));
        return new PairSteps(
                pairs,
                square(Length.ZERO, Length.ZERO, side),
                diagonal,
                besideDiagonals(side, settings, false),
                diagonal,
                settings,
                habits);
    }

    /** Sewn all around the edge, then cut along both diagonals. */
    public static PairSteps fourAtATime(Length side, SewingSettings settings, Habits habits) {
        Length a = settings.seamAllowance();
        Length b = side.minus(a);
        return new PairSteps(
                ONE_PAIR,
                square(Length.ZERO, Length.ZERO, side),
                List.of(),
                List.of(line(a, a, b, a), line(b, a, b, b), line(b, b, a, b), line(a, b, a, a)),
                diagonals(side),
                settings,
                habits);
    }

    /** Sewn beside both diagonals, then cut four times through the middle. */
    public static PairSteps eightAtATime(Length side, SewingSettings settings, Habits habits) {
        Length half = side.dividedBy(2);
        List<Line> cuts = new ArrayList<>();
        cuts.add(line(Length.ZERO, half, side, half));
        cuts.add(line(half, Length.ZERO, half, side));
        cuts.addAll(diagonals(side));
        return new PairSteps(
                ONE_PAIR,
                square(Length.ZERO, Length.ZERO, side),
                diagonals(side),
                besideDiagonals(side, settings, true),
                cuts,
                settings,
                habits);
    }

    /** A sheet of cells, the diagonals alternating from cell to cell. */
    public static PairSteps grid(Length cell, long across, long down, SewingSettings settings, Habits habits) {
        List<Line> diagonals = new ArrayList<>();
        List<Line> stitches = new ArrayList<>();
        for (long row = 0; row < down; row++) {
            for (long column = 0; column < across; column++) {
                Length x = cell.times(column);
                Length y = cell.times(row);
                boolean falling = (row + column) % 2 == 0;
                diagonals.add((falling
                                ? line(Length.ZERO, Length.ZERO, cell, cell)
                                : line(Length.ZERO, cell, cell, Length.ZERO))
                        .movedBy(x, y));
                besideDiagonal(cell, falling, settings).forEach(line -> stitches.add(line.movedBy(x, y)));
            }
        }
        List<Line> marks = new ArrayList<>(betweenCells(cell, across, down));
        marks.addAll(diagonals);
        return new PairSteps(
                ONE_PAIR,
                Sketch.rectangle(cell.times(across), cell.times(down)),
                marks,
                stitches,
                marks,
                settings,
                habits);
    }

    private static List<Line> besideDiagonal(Length cell, boolean falling, SewingSettings settings) {
        Length off = settings.seamAllowance().timesRootTwo();
        Length far = cell.minus(off);
        return falling
                ? List.of(line(off, Length.ZERO, cell, far), line(Length.ZERO, off, far, cell))
                : List.of(line(Length.ZERO, far, far, Length.ZERO), line(off, cell, cell, off));
    }

    private static List<Line> betweenCells(Length cell, long across, long down) {
        List<Line> lines = new ArrayList<>();
        for (long row = 1; row < down; row++) {
            lines.add(line(Length.ZERO, cell.times(row), cell.times(across), cell.times(row)));
        }
        for (long column = 1; column < across; column++) {
            lines.add(line(cell.times(column), Length.ZERO, cell.times(column), cell.times(down)));
        }
        return lines;
    }

    static List<Line> diagonals(Length side) {
        return List.of(line(Length.ZERO, Length.ZERO, side, side), line(Length.ZERO, side, side, Length.ZERO));
    }

    /** The seams on both sides of one diagonal, or of both. */
    static List<Line> besideDiagonals(Length side, SewingSettings settings, boolean both) {
        Length off = settings.seamAllowance().timesRootTwo();
        Length rest = side.minus(off);
        List<Line> lines = new ArrayList<>();
        lines.add(line(off, Length.ZERO, side, rest));
        lines.add(line(Length.ZERO, off, rest, side));
        if (both) {
            lines.add(line(Length.ZERO, rest, rest, Length.ZERO));
            lines.add(line(off, side, side, off));
        }
        return lines;
    }

    /** The steps from cut pieces to a trimmed unit. */
    public List<Step> steps(String pieces, Polygon firstPart, Line heldBy, Length trimmed, boolean onPoint) {
        List<Step> steps = new ArrayList<>(untilCut(pieces));
        steps.addAll(openAndTrim(firstPart, heldBy, trimmed, onPoint, settings, habits));
        return steps;
    }

    /** Pair, mark, stitch and cut apart. */
    List<Step> untilCut(String pieces) {
        String seam = settings.system().writer().writeWithUnit(settings.seamAllowance());
        List<Step> steps = new ArrayList<>();
        steps.add(layers().step(
                        Step.Kind.PAIR,
                        "Lay " + pieces + " right sides together, the lighter one on top, edges even."));
        marks(steps);
        boolean round = diagonals.isEmpty();
        steps.add(layers().mark(inEachPair(marked()))
                .stitch(inEachPair(stitches))
                .step(
                        Step.Kind.STITCH,
                        round
                                ? "Stitch all round, " + seam + " from the edge."
                                : "Stitch " + seam + " beside the " + (diagonals.size() == 1 ? "diagonal" : "diagonals")
                                        + ", on both sides."));
        steps.add(layers().stitch(inEachPair(stitches))
                .cut(inEachPair(cuts))
                .step(
                        Step.Kind.CUT,
                        cuts.size() == 1
                                ? "Cut on the diagonal, between the seams."
                                : "Cut without shifting the pieces: "
                                        + (round
                                                ? "on both diagonals."
                                                : "straight cuts first, then on the diagonals.")));
        return steps;
    }

    private void marks(List<Step> steps) {
        if (diagonals.isEmpty() || habits.marking() == Habits.Marking.NOTHING) {
            return;
        }
        boolean sewingLines = habits.marking() == Habits.Marking.SEWING_LINES;
        steps.add(layers().mark(inEachPair(marked()))
                .step(
                        Step.Kind.MARK,
                        sewingLines
                                ? "On the lighter wrong side draw the lines to sew on."
                                : "On the lighter wrong side draw the line" + (diagonals.size() == 1 ? "" : "s")
                                        + " from corner to corner. Heat-erased ink: test it on a scrap first."));
    }

    private List<Line> marked() {
        return switch (habits.marking()) {
            case CUTTING_LINE -> diagonals;
            case SEWING_LINES -> diagonals.isEmpty() ? List.of() : stitches;
            case NOTHING -> List.of();
        };
    }

    private Sketch layers() {
        Sketch sketch = new Sketch();
        for (int i = 0; i < pairs.size(); i++) {
            Polygon moved = layer.movedBy(rightOf(i), Length.ZERO);
            sketch.cloth(pairs.get(i).lower(), moved).upper(pairs.get(i).upper(), moved);
        }
        return sketch;
    }

    private List<Line> inEachPair(List<Line> lines) {
        List<Line> moved = new ArrayList<>();
        for (int i = 0; i < pairs.size(); i++) {
            Length right = rightOf(i);
            lines.forEach(line -> moved.add(line.movedBy(right, Length.ZERO)));
        }
        return moved;
    }

    private Length rightOf(int pair) {
        Length width = layer.corners().stream().map(Point::x).reduce(Length.ZERO, Length::max);
        return width.times(5L * pair).dividedBy(4);
    }

    /**
     * The opened unit, pressed, and the square to trim it to. One cloth keeps the part beyond the seam, the other is
     * mirrored over it; a unit that stands on point is turned straight.
     */
    static List<Step> openAndTrim(
            Polygon part, Line heldBy, Length trimmed, boolean onPoint, SewingSettings settings, Habits habits) {
        List<Polygon> own = Sketch.body(part, heldBy);
        List<Polygon> other = Sketch.mirrored(own, heldBy);
        Polygon trim = squareOnDiagonal(heldBy, trimmed);
        if (onPoint) {
            own = own.stream().map(Polygon::turnedHalfRight).toList();
            other = other.stream().map(Polygon::turnedHalfRight).toList();
            trim = trim.turnedHalfRight();
        }
        List<Polygon> opened = own;
        List<Polygon> flap = other;
        LengthWriter writer = settings.system().writer();
        return List.of(
                new Sketch()
                        .cloths(ClothRole.A, opened)
                        .cloths(ClothRole.B, flap)
                        .step(
                                Step.Kind.PRESS,
                                "Open the unit. " + habits.pressing().instruction()),
                new Sketch()
                        .cloths(ClothRole.A, opened)
                        .cloths(ClothRole.B, flap)
                        .trim(trim)
                        .step(
                                Step.Kind.TRIM,
                                "Ruler's 45° line on the seam: trim two sides, turn, trim the other two, to "
                                        + writer.writeWithUnit(trimmed)
                                        + " square. Measure it before you sew the rest."));
    }

    /** A square of the given side whose diagonal lies in the middle of a seam. */
    private static Polygon squareOnDiagonal(Line seam, Length side) {
        Point middle = seam.from().middleTo(seam.to());
        Length half = side.timesRootTwo().dividedBy(2);
        boolean slanting = !seam.from().x().equals(seam.to().x())
                && !seam.from().y().equals(seam.to().y());
        if (slanting) {
            Length reach = side.dividedBy(2);
            return Polygon.rectangle(middle.plus(reach.negated(), reach.negated()), side, side);
        }
        return Polygon.of(
                middle.plus(half.negated(), Length.ZERO),
                middle.plus(Length.ZERO, half.negated()),
                middle.plus(half, Length.ZERO),
                middle.plus(Length.ZERO, half));
    }
}

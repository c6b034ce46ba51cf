package org.goldentally.core.step;

import static org.goldentally.core.step.Sketch.line;
import static org.goldentally.core.step.Sketch.square;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.unit.ClothRole;

/** Steps of geese, flipped corners, pieced halves and plain pieces. */
public final class FlipSteps {

    private static final Length NONE = Length.ZERO;

    private FlipSteps() {}

    /** A base with small squares sewn across its corners, one after the other, in the order right, left, lower ones. */
    public static List<Step> flippedCorners(
            Length width, Length height, Length corner, int corners, SewingSettings settings, Habits habits) {
        List<Step> steps = new ArrayList<>();
        LengthWriter writer = settings.system().writer();
        Polygon base = Sketch.rectangle(width, height);
        List<Polygon> left = List.of(base);
        List<Polygon> flipped = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            boolean right = i % 2 == 0;
            boolean lower = i >= 2;
            Length x = right ? width.minus(corner) : NONE;
            Length y = lower ? height.minus(corner) : NONE;
            Polygon small = square(x, y, corner);
            // The seam runs across the corner, from edge to edge.
            Line seam = right != lower
                    ? line(x, y, x.plus(corner), y.plus(corner))
                    : line(x, y.plus(corner), x.plus(corner), y);
            Point outer = Point.at(right ? width : NONE, lower ? height : NONE);
            Line inwards = seam.side(outer).isNegative() ? seam : Sketch.reversed(seam);
            Length a = settings.seamAllowance().timesRootTwo();
            Line cut = inwards.movedBy(
                    right ? a.dividedBy(2) : a.dividedBy(2).negated(),
                    lower ? a.dividedBy(2) : a.dividedBy(2).negated());
            if (i == 0) {
                steps.add(
                        new Sketch()
                                .cloths(ClothRole.A, left)
                                .upper(ClothRole.B, small)
                                .mark(List.of(seam))
                                .stitch(List.of(seam))
                                .step(
                                        Step.Kind.STITCH,
                                        "A square of " + writer.writeWithUnit(corner)
                                                + " on the corner, right sides together. Mark its diagonal: here the line is the seam. Stitch on it."));
                steps.add(new Sketch()
                        .cloths(ClothRole.A, left)
                        .upper(ClothRole.B, small)
                        .stitch(List.of(seam))
                        .cut(List.of(cut))
                        .step(
                                Step.Kind.CUT,
                                "Cut the corner off, " + writer.writeWithUnit(settings.seamAllowance())
                                        + " outside the seam; keep the offcuts together, they make bonus units."));
            }
            List<Polygon> keptBase = Sketch.beyond(left, inwards);
            flipped = new ArrayList<>(Sketch.beyond(flipped, inwards));
            flipped.addAll(Sketch.mirrored(Sketch.beyond(List.of(small), inwards), seam));
            left = keptBase;
            if (i == 0 && corners > 1) {
                steps.add(new Sketch()
                        .cloths(ClothRole.A, left)
                        .cloths(ClothRole.B, flipped)
                        .step(
                                Step.Kind.PRESS,
                                "Flip the triangle open. " + habits.pressing().instruction()
                                        + " Then the next corner, the same way."));
            }
        }
        steps.add(new Sketch()
                .cloths(ClothRole.A, left)
                .cloths(ClothRole.B, flipped)
                .trim(base)
                .step(
                        Step.Kind.PRESS,
                        "Flip and press. The unit measures " + writer.write(width) + " × "
                                + writer.writeWithUnit(height) + ", as the base was cut; nothing is trimmed."));
        return steps;
    }

    /** A large square and four small ones: four geese. */
    public static List<Step> fourGeese(
            Length large,
            Length small,
            Length trimmedWidth,
            Length trimmedHeight,
            SewingSettings settings,
            Habits habits) {
        LengthWriter writer = settings.system().writer();
        Length off = settings.seamAllowance().timesRootTwo();
        Length far = large.minus(small);
        Polygon square = square(NONE, NONE, large);
        List<Line> diagonal = List.of(line(NONE, NONE, large, large));
        List<Line> seams = PairSteps.besideDiagonals(large, settings, false);
        Line first = line(off, NONE, large, large.minus(off));
        Line second = line(far, small.minus(off), large.minus(off), NONE);
        Line secondOther = line(far.plus(off), small, large, off);
        // The half below the diagonal, its two wings opened over the first seam.
        List<Polygon> half = Sketch.body(SquareSteps.lowerHalf(large), first);
        List<Polygon> nearWing = Sketch.body(SquareSteps.lowerHalf(small), first);
        List<Polygon> farWing =
                Sketch.beyond(List.of(SquareSteps.lowerHalf(small).movedBy(far, far)), Sketch.reversed(first));
        List<Polygon> wings = new ArrayList<>(Sketch.mirrored(nearWing, first));
        wings.addAll(Sketch.mirrored(farWing, first));
        Polygon third = square(far, NONE, small);
        List<Line> crossing = List.of(line(far, small, large, NONE));
        // One goose: the part left of the crossing, with the wing from the third square.
        // The allowance of the first wing lies under the last one, and shows beyond the point.
        List<Polygon> body = Sketch.beyond(half, Sketch.reversed(second));
        List<Polygon> firstWing = Sketch.beyond(Sketch.mirrored(nearWing, first), Sketch.reversed(crossing.getFirst()));
        List<Polygon> lastWing = Sketch.mirrored(
                Sketch.beyond(
                        Sketch.beyond(List.of(third), Sketch.reversed(second)), Sketch.reversed(diagonal.getFirst())),
                second);
        Point peak = body.stream()
                .flatMap(patch -> patch.corners().stream())
                .max(Comparator.comparing(Point::y))
                .orElseThrow();
        Point corner = peak.plus(
                trimmedWidth.dividedBy(2).negated(), settings.seamAllowance().minus(trimmedHeight));
        Polygon trim = Polygon.rectangle(corner, trimmedWidth, trimmedHeight);

        return List.of(
                new Sketch()
                        .cloth(ClothRole.A, square)
                        .upper(ClothRole.B, square(NONE, NONE, small))
                        .upper(ClothRole.B, square(far, far, small))
                        .step(
                                Step.Kind.PAIR,
                                "Two small squares on opposite corners of the large one, right sides together; their corners overlap a little in the middle."),
                new Sketch()
                        .cloth(ClothRole.A, square)
                        .upper(ClothRole.B, square(NONE, NONE, small))
                        .upper(ClothRole.B, square(far, far, small))
                        .mark(diagonal)
                        .stitch(seams)
                        .step(
                                Step.Kind.STITCH,
                                "Mark the diagonal through both and stitch "
                                        + writer.writeWithUnit(settings.seamAllowance()) + " on both sides of it."),
                new Sketch()
                        .cloth(ClothRole.A, square)
                        .upper(ClothRole.B, square(NONE, NONE, small))
                        .upper(ClothRole.B, square(far, far, small))
                        .stitch(seams)
                        .cut(diagonal)
                        .step(Step.Kind.CUT, "Cut on the diagonal, between the seams."),
                new Sketch()
                        .cloths(ClothRole.A, half)
                        .cloths(ClothRole.B, wings)
                        .step(
                                Step.Kind.PRESS,
                                "Flip the small triangles open. "
                                        + habits.pressing().instruction()),
                new Sketch()
                        .cloths(ClothRole.A, half)
                        .cloths(ClothRole.B, wings)
                        .upper(ClothRole.B, third)
                        .mark(crossing)
                        .stitch(List.of(second, secondOther))
                        .step(
                                Step.Kind.STITCH,
                                "A small square on the corner of the large cloth; mark its diagonal, from the corner inwards, and stitch on both sides of it."),
                new Sketch()
                        .cloths(ClothRole.A, half)
                        .cloths(ClothRole.B, wings)
                        .upper(ClothRole.B, third)
                        .stitch(List.of(second, secondOther))
                        .cut(crossing)
                        .step(Step.Kind.CUT, "Cut between the seams: two geese from each half, four in all."),
                new Sketch()
                        .cloths(ClothRole.A, body)
                        .cloths(ClothRole.B, firstWing)
                        .cloths(ClothRole.B, lastWing)
                        .step(Step.Kind.PRESS, "Flip the last triangle open and press."),
                new Sketch()
                        .cloths(ClothRole.A, body)
                        .cloths(ClothRole.B, firstWing)
                        .cloths(ClothRole.B, lastWing)
                        .trim(trim)
                        .step(
                                Step.Kind.TRIM,
                                "Trim to " + writer.write(trimmedWidth) + " × " + writer.writeWithUnit(trimmedHeight)
                                        + ", " + writer.writeWithUnit(settings.seamAllowance())
                                        + " of cloth beyond the point."));
    }

    /** Bodies and wings cut loose and joined. */
    public static List<Step> looseGeese(
            Length large,
            Length small,
            Length trimmedWidth,
            Length trimmedHeight,
            SewingSettings settings,
            Habits habits) {
        LengthWriter writer = settings.system().writer();
        Length next = large.plus(small.dividedBy(4));
        List<Step> steps = new ArrayList<>();
        List<Line> cuts = new ArrayList<>(PairSteps.diagonals(large));
        cuts.add(line(next, NONE, next.plus(small), small));
        steps.add(
                new Sketch()
                        .cloth(ClothRole.A, square(NONE, NONE, large))
                        .cloth(ClothRole.B, square(next, NONE, small))
                        .cut(cuts)
                        .step(
                                Step.Kind.CUT,
                                "Cut the large square on both diagonals: four bodies. Cut each small square on one: two wings."));
        List<Step> sewn = fourGeese(large, small, trimmedWidth, trimmedHeight, settings, habits);
        Step goose = sewn.get(sewn.size() - 2);
        Step trim = sewn.getLast();
        Length off = settings.seamAllowance().timesRootTwo();
        steps.add(new Sketch()
                .add(goose.drawing())
                .stitch(List.of(
                        line(off, NONE, large.dividedBy(2), large.dividedBy(2).minus(off))))
                .step(
                        Step.Kind.STITCH,
                        "One wing to a short side of the body, right sides together, the tips "
                                + writer.writeWithUnit(settings.seamAllowance()) + " beyond; press; then the other."));
        steps.add(new Sketch()
                .add(goose.drawing())
                .step(Step.Kind.PRESS, habits.pressing().instruction()));
        steps.add(trim);
        return steps;
    }

    /**
     * A pieced half: rows of small units and loose triangles, and the large triangle.
     *
     * @param large the large square as cut
     * @param smallCut the small squares as cut
     */
    public static List<Step> piecedHalf(
            Length finished, int rows, Length large, Length smallCut, SewingSettings settings, Habits habits) {
        LengthWriter writer = settings.system().writer();
        Length small = finished.dividedBy(rows);
        int pairs = rows * (rows - 1) / 2;
        Sketch laid = new Sketch();
        Sketch joined = new Sketch();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < rows - row; column++) {
                Length x = small.times(column);
                Length y = small.times(row);
                Polygon upperLeft = Polygon.of(Point.at(x, y), Point.at(x.plus(small), y), Point.at(x, y.plus(small)));
                laid.cloth(ClothRole.B, upperLeft);
                joined.cloth(ClothRole.B, upperLeft);
                if (column < rows - row - 1) {
                    Polygon lowerRight = Polygon.of(
                            Point.at(x.plus(small), y),
                            Point.at(x.plus(small), y.plus(small)),
                            Point.at(x, y.plus(small)));
                    laid.cloth(ClothRole.C, lowerRight);
                    joined.cloth(ClothRole.C, lowerRight);
                }
            }
        }
        joined.cloth(
                ClothRole.A,
                Polygon.of(Point.at(finished, NONE), Point.at(finished, finished), Point.at(NONE, finished)));
        return List.of(
                new Sketch()
                        .cloth(ClothRole.A, square(NONE, NONE, large))
                        .cut(List.of(line(NONE, NONE, large, large)))
                        .step(
                                Step.Kind.CUT_PIECES,
                                "Cut the large square, " + writer.writeWithUnit(large)
                                        + ", exactly: this unit cannot be trimmed later. Cut it once from corner to corner."),
                new Sketch()
                        .cloth(ClothRole.B, square(NONE, NONE, smallCut))
                        .cut(List.of(line(NONE, smallCut, smallCut, NONE)))
                        .step(
                                Step.Kind.CUT_PIECES,
                                "For two such units sew " + pairs + (pairs == 1 ? " pair" : " pairs")
                                        + " of small squares, cut " + writer.writeWithUnit(smallCut)
                                        + ", two at a time: " + 2 * pairs + " small units, trimmed to "
                                        + writer.writeWithUnit(settings.unfinished(small)) + ". Cut " + rows
                                        + " more small squares once from corner to corner: " + 2 * rows
                                        + " loose triangles."),
                laid.step(
                        Step.Kind.JOIN,
                        "Trim the small units, lay them out with a loose triangle at the end of every row, and join: rows first, then the rows. Compare with the picture before sewing."),
                laid.trim(Polygon.of(Point.ORIGIN, Point.at(finished, NONE), Point.at(NONE, finished)))
                        .step(Step.Kind.TRIM, trimmedHalf(finished, small, smallCut, large, writer)),
                joined.stitch(List.of(line(NONE, finished, finished, NONE)))
                        .step(
                                Step.Kind.STITCH,
                                "Join the pieced half to the large triangle on the long side, pieced half on top; points want "
                                        + writer.writeWithUnit(settings.seamAllowance()) + " beyond them."),
                joined.trim(square(NONE, NONE, finished))
                        .step(
                                Step.Kind.PRESS,
                                "Press to the large triangle. The unit measures "
                                        + writer.writeWithUnit(settings.unfinished(finished))
                                        + " from raw edge to raw edge; the drawing shows it finished."));
    }

    /**
     * The loose triangles at the ends of the rows are cut as large as the small squares, with their room: so the legs of
     * the pieced half come out {@code finished + small cut − small finished} long (geometry), which is more than the large
     * triangle's by that room.
     */
    private static String trimmedHalf(
            Length finished, Length small, Length smallCut, Length large, LengthWriter writer) {
        Length legs = finished.plus(smallCut.minus(small));
        Length over = legs.minus(large);
        return over.isPositive()
                ? "The pieced half is " + writer.writeWithUnit(legs) + " on its legs, raw: "
                        + writer.writeWithUnit(over) + " more than the large triangle. Trim its long side, ruler on the"
                        + " square corner, until both legs measure " + writer.writeWithUnit(large)
                        + "; keep the seam allowance beyond every point."
                : "The pieced half is " + writer.writeWithUnit(legs)
                        + " on its legs, raw, as the large triangle is: check it before you join them.";
    }

    /** A plain piece: the strip, and the piece cut from it. */
    public static List<Step> plain(Length width, Length height, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        Length length = width.times(4);
        List<Line> cuts = List.of(
                line(width, NONE, width, height),
                line(width.times(2), NONE, width.times(2), height),
                line(width.times(3), NONE, width.times(3), height));
        return List.of(
                new Sketch()
                        .cloth(ClothRole.A, Sketch.rectangle(length, height))
                        .step(
                                Step.Kind.CUT_PIECES,
                                "Square up the end of the cloth and cut a strip of " + writer.writeWithUnit(height)
                                        + "."),
                new Sketch()
                        .cloth(ClothRole.A, Sketch.rectangle(length, height))
                        .cut(cuts)
                        .step(Step.Kind.CUT, "Cut it into pieces of " + writer.writeWithUnit(width) + "."));
    }

    public static List<Step> strip(Length width, Length length, SewingSettings settings) {
        return List.of(new Sketch()
                .cloth(ClothRole.A, Sketch.rectangle(length, width))
                .step(
                        Step.Kind.CUT_PIECES,
                        "Square up the end of the cloth and cut strips of "
                                + settings.system().writer().writeWithUnit(width) + "."));
    }
}

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
import org.goldentally.core.unit.ClothRole;

/** Steps of the ways that start from strips. */
public final class StripSteps {

    private static final Length NONE = Length.ZERO;

    private StripSteps() {}

    /** Two strips sewn on both long edges and cut into triangles. */
    public static List<Step> tube(Length width, int triangles, Length trimmed, SewingSettings settings, Habits habits) {
        Length a = settings.seamAllowance();
        int shown = Math.min(triangles, 5);
        Length length = width.times(shown + 1L);
        Polygon strip = Sketch.rectangle(length, width);
        List<Line> seams = List.of(line(NONE, a, length, a), line(NONE, width.minus(a), length, width.minus(a)));
        Polygon first = Polygon.of(Point.at(NONE, width), Point.at(width.times(2), width), Point.at(width, NONE));
        Line held = line(a, width.minus(a), width.times(2).minus(a), width.minus(a));
        List<Step> steps = new ArrayList<>();
        steps.add(new Sketch()
                .cloth(ClothRole.A, strip)
                .upper(ClothRole.B, strip)
                .stitch(seams)
                .step(Step.Kind.STITCH, "Two strips right sides together: stitch along both long edges."));
        steps.add(
                new Sketch()
                        .cloth(ClothRole.A, strip)
                        .upper(ClothRole.B, strip)
                        .stitch(seams)
                        .cut(zigzag(width, shown))
                        .step(
                                Step.Kind.CUT,
                                "Lay the ruler's 45° line on the edge and cut triangles, turning the ruler each time. All outer edges will be bias: starch helps, moisture does not."));
        steps.add(new Sketch()
                .cloth(ClothRole.A, first)
                .upper(ClothRole.B, first)
                .stitch(List.of(held))
                .step(Step.Kind.UNPICK, "Pick out the few stitches across each tip."));
        steps.addAll(PairSteps.openAndTrim(first, held, trimmed, true, settings, habits));
        return steps;
    }

    /** Two strips sewn on one edge, the set cut into triangles, two triangles of a kind joined. */
    public static List<Step> setTriangles(Length width, Length trimmed, SewingSettings settings, Habits habits) {
        Length a = settings.seamAllowance();
        Length height = width.times(2).minus(a.times(2));
        Length middle = width.minus(a);
        int shown = 4;
        Length length = height.times(shown + 1L);
        List<Polygon> upper = List.of(Sketch.rectangle(length, middle));
        List<Polygon> lower = Sketch.moved(List.of(Sketch.rectangle(length, height.minus(middle))), NONE, middle);
        Polygon strip = Sketch.rectangle(length, width);
        List<Step> steps = new ArrayList<>();
        steps.add(new Sketch()
                .cloth(ClothRole.A, strip)
                .upper(ClothRole.B, strip)
                .stitch(List.of(line(NONE, width.minus(a), length, width.minus(a))))
                .step(Step.Kind.STITCH, "Two strips right sides together: stitch along one long edge."));
        steps.add(new Sketch()
                .cloths(ClothRole.A, upper)
                .cloths(ClothRole.B, lower)
                .step(
                        Step.Kind.PRESS,
                        habits.pressing().instruction() + " The set should measure "
                                + settings.system().writer().writeWithUnit(height) + " across."));
        steps.add(
                new Sketch()
                        .cloths(ClothRole.A, upper)
                        .cloths(ClothRole.B, lower)
                        .cut(zigzag(height, shown))
                        .step(
                                Step.Kind.CUT,
                                "Cut 45° triangles, turning the ruler each time. Keep the two kinds apart; begin every other set the other way."));
        Polygon triangle =
                Polygon.of(Point.at(NONE, height), Point.at(height.times(2), height), Point.at(height, NONE));
        Line held = line(a, height.minus(a), height.times(2).minus(a), height.minus(a));
        Line between = line(NONE, middle, height.times(2), middle);
        List<Polygon> body = Sketch.body(triangle, held);
        List<Polygon> near = Sketch.beyond(body, between);
        List<Polygon> far = Sketch.beyond(body, Sketch.reversed(between));
        steps.add(new Sketch()
                .cloths(ClothRole.B, Sketch.beyond(List.of(triangle), between))
                .cloths(ClothRole.A, Sketch.beyond(List.of(triangle), Sketch.reversed(between)))
                .stitch(List.of(held))
                .step(Step.Kind.JOIN, "Two triangles of one kind right sides together: stitch along the long side."));
        List<Polygon> b = new ArrayList<>(near);
        b.addAll(Sketch.mirrored(near, held));
        List<Polygon> aCloth = new ArrayList<>(far);
        aCloth.addAll(Sketch.mirrored(far, held));
        List<Polygon> bTurned = b.stream().map(Polygon::turnedHalfRight).toList();
        List<Polygon> aTurned = aCloth.stream().map(Polygon::turnedHalfRight).toList();
        Point centre = held.from().middleTo(held.to());
        Length half = trimmed.timesRootTwo().dividedBy(2);
        Polygon trim = Polygon.of(
                        centre.plus(half.negated(), NONE),
                        centre.plus(NONE, half.negated()),
                        centre.plus(half, NONE),
                        centre.plus(NONE, half))
                .turnedHalfRight();
        steps.add(new Sketch()
                .cloths(ClothRole.A, aTurned)
                .cloths(ClothRole.B, bTurned)
                .step(Step.Kind.PRESS, "Open the square; handle gently, every outer edge is bias."));
        steps.add(new Sketch()
                .cloths(ClothRole.A, aTurned)
                .cloths(ClothRole.B, bTurned)
                .trim(trim)
                .step(
                        Step.Kind.TRIM,
                        "Trim to " + settings.system().writer().writeWithUnit(trimmed)
                                + ", the long seam from corner to corner."));
        return steps;
    }

    /** Two large squares cut on the bias, the strips joined, squares cut on the seams. */
    public static List<Step> bias(
            Length side,
            Length stripWidth,
            int seamsBeside,
            Length trimmed,
            Length rough,
            SewingSettings settings,
            Habits habits) {
        Polygon whole = square(NONE, NONE, side);
        List<Line> cuts = new ArrayList<>();
        for (int k = -seamsBeside; k <= seamsBeside; k++) {
            Length d = stripWidth.times(Math.abs(k)).timesRootTwo();
            Length rest = side.minus(d);
            cuts.add(k >= 0 ? line(NONE, d, rest, side) : line(d, NONE, side, rest));
        }
        Sketch panel = new Sketch();
        Sketch squares = new Sketch();
        List<Polygon> left = List.of(whole);
        for (int k = 0; k <= cuts.size(); k++) {
            // The cuts run from the upper right corner of the square to its lower left one.
            List<Polygon> strip = k < cuts.size() ? Sketch.beyond(left, Sketch.reversed(cuts.get(k))) : left;
            left = k < cuts.size() ? Sketch.beyond(left, cuts.get(k)) : List.of();
            ClothRole cloth = k % 2 == 0 ? ClothRole.A : ClothRole.B;
            panel.cloths(cloth, strip);
            squares.cloths(cloth, strip);
        }
        Line middleSeam = cuts.get(seamsBeside);
        long onSeam =
                side.timesRootTwo().minus(settings.seamAllowance().times(2)).wholeTimes(rough.timesRootTwo());
        for (long i = 0; i < onSeam; i++) {
            Point corner = middleSeam.from().plus(rough.times(i), rough.times(i));
            squares.trim(Polygon.rectangle(corner, rough, rough));
        }
        String unit = settings.system().writer().writeWithUnit(rough);
        return List.of(
                new Sketch()
                        .cloth(ClothRole.A, whole)
                        .upper(ClothRole.B, whole)
                        .cut(cuts)
                        .step(
                                Step.Kind.CUT_PIECES,
                                "Lay the two squares on each other, both right side up. Cut from corner to corner, then strips of "
                                        + settings.system().writer().writeWithUnit(stripWidth)
                                        + " to either side; the corners stay as they are."),
                panel.stitch(cuts)
                        .step(
                                Step.Kind.JOIN,
                                "Join the strips by turns, one cloth and the other, as they lay: two panels, each beginning with another cloth. Bias edges: do not pull."),
                panel.step(
                        Step.Kind.PRESS,
                        habits.pressing().instruction() + " Lift the iron, no moisture on bias unless starched."),
                squares.step(
                        Step.Kind.CUT,
                        "Ruler's 45° line on a seam: cut squares of " + unit
                                + " with the seam from corner to corner, beginning at the outer seams."),
                new Sketch()
                        .cloth(ClothRole.A, SquareSteps.lowerHalf(rough))
                        .cloth(ClothRole.B, Polygon.of(Point.ORIGIN, Point.at(rough, rough), Point.at(NONE, rough)))
                        .trim(square(
                                rough.minus(trimmed).dividedBy(2),
                                rough.minus(trimmed).dividedBy(2),
                                trimmed))
                        .step(
                                Step.Kind.TRIM,
                                "Trim to " + settings.system().writer().writeWithUnit(trimmed) + " square."));
    }

    /** Equal strips sewn side by side and cut across. */
    public static List<Step> segments(
            Length width, Length segmentWidth, int strips, SewingSettings settings, Habits habits) {
        Length a = settings.seamAllowance();
        Length length = segmentWidth.times(4);
        Sketch cut = new Sketch();
        Sketch joined = new Sketch();
        Length y = NONE;
        for (int i = 0; i < strips; i++) {
            boolean outer = i == 0 || i == strips - 1;
            Length height = width.minus(outer ? a : a.times(2));
            Polygon strip = Polygon.rectangle(Point.at(NONE, y), length, height);
            cut.cloth(ClothRole.at(i), strip);
            joined.cloth(ClothRole.at(i), strip);
            y = y.plus(height);
        }
        List<Line> across = new ArrayList<>();
        for (int i = 1; i < 4; i++) {
            across.add(line(segmentWidth.times(i), NONE, segmentWidth.times(i), y));
        }
        String size = settings.system().writer().writeWithUnit(width);
        return List.of(
                joined.step(
                        Step.Kind.JOIN,
                        "Sew the strips side by side, each " + size + " wide. "
                                + habits.pressing().instruction() + " The set should measure "
                                + settings.system().writer().writeWithUnit(y) + " across."),
                cut.cut(across)
                        .step(
                                Step.Kind.CUT,
                                "Square up one end and cut segments of "
                                        + settings.system().writer().writeWithUnit(segmentWidth) + "."));
    }

    /** Cuts that part a band into right-angled triangles turned by turns. */
    private static List<Line> zigzag(Length height, int triangles) {
        List<Line> cuts = new ArrayList<>();
        for (int i = 0; i <= triangles; i++) {
            Length x = height.times(i);
            cuts.add(i % 2 == 0 ? line(x, height, x.plus(height), NONE) : line(x, NONE, x.plus(height), height));
        }
        return cuts;
    }
}

package org.goldentally.core.step;

import static org.goldentally.core.step.Sketch.line;
import static org.goldentally.core.step.Sketch.square;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.step.PairSteps.Pair;
import org.goldentally.core.unit.ClothRole;

/** Steps of units made from squares that are cut or sewn on their diagonals: loose, chained, crossed and split. */
public final class SquareSteps {

    private static final Length NONE = Length.ZERO;

    private SquareSteps() {}

    /** The lower right half of a square, cut on the diagonal from corner to corner. */
    public static Polygon lowerHalf(Length side) {
        return Polygon.of(Point.ORIGIN, Point.at(side, NONE), Point.at(side, side));
    }

    /** The seam of that half, beside its long side. */
    public static Line seamOfLowerHalf(Length side, SewingSettings settings) {
        Length off = settings.seamAllowance().timesRootTwo();
        return line(off, NONE, side, side.minus(off));
    }

    public static List<Step> looseHalfSquares(Length side, Length trimmed, SewingSettings settings, Habits habits) {
        Length next = side.plus(side.dividedBy(4));
        List<Step> steps = new ArrayList<>();
        steps.add(
                new Sketch()
                        .cloth(ClothRole.A, square(NONE, NONE, side))
                        .cloth(ClothRole.B, square(next, NONE, side))
                        .cut(List.of(line(NONE, NONE, side, side), line(next, NONE, next.plus(side), side)))
                        .step(
                                Step.Kind.CUT,
                                "Cut each square once from corner to corner: two triangles each. The long side is bias: do not pull."));
        steps.add(new Sketch()
                .cloth(ClothRole.A, lowerHalf(side))
                .upper(ClothRole.B, lowerHalf(side))
                .stitch(List.of(seamOfLowerHalf(side, settings)))
                .step(Step.Kind.STITCH, "Two triangles right sides together, tips even; stitch along the long side."));
        steps.addAll(PairSteps.openAndTrim(
                lowerHalf(side), seamOfLowerHalf(side, settings), trimmed, false, settings, habits));
        return steps;
    }

    public static List<Step> chain(
            Length side, Length trimmed, boolean closed, SewingSettings settings, Habits habits) {
        Length gap = side.plus(side.dividedBy(6));
        Sketch laid = new Sketch();
        Sketch cut = new Sketch();
        for (int i = 0; i < 4; i++) {
            Length x = gap.times(i);
            ClothRole cloth = ClothRole.at(i);
            List<Line> seams = PairSteps.besideDiagonals(side, settings, false).stream()
                    .map(seam -> seam.movedBy(x, NONE))
                    .toList();
            laid.cloth(cloth, square(x, NONE, side)).stitch(seams);
            cut.cloth(cloth, square(x, NONE, side)).stitch(seams).cut(List.of(line(x, NONE, x.plus(side), side)));
        }
        List<Step> steps = new ArrayList<>();
        steps.add(laid.step(
                Step.Kind.STITCH,
                "Join each square to the next, right sides together, beside one diagonal: its first side to the square before, its second to the one after"
                        + (closed ? "; the last square joins the first." : ".")));
        steps.add(cut.step(
                Step.Kind.SNIP,
                "Snip every square between its two seams, from corner to corner, one layer at a time."));
        steps.addAll(PairSteps.openAndTrim(
                lowerHalf(side), seamOfLowerHalf(side, settings), trimmed, false, settings, habits));
        return steps;
    }

    /** Crossed pairs: half-square triangles, not trimmed, laid with seams crossed and sewn two at a time again. */
    public static List<Step> hourglass(
            Length side, int cloths, Length trimmed, SewingSettings settings, Habits habits) {
        Length half = side.minus(settings.seamAllowance().timesRootTwo());
        Pair first = cloths == 3 ? new Pair(ClothRole.A, ClothRole.C) : new Pair(ClothRole.A, ClothRole.B);
        Pair second = switch (cloths) {
            case 2 -> first;
            case 3 -> new Pair(ClothRole.B, ClothRole.C);
            default -> new Pair(ClothRole.C, ClothRole.D);
        };
        List<Pair> pairs = cloths == 2 ? List.of(first) : List.of(first, second);
        List<Step> steps = new ArrayList<>(PairSteps.twoAtATime(pairs, side, settings, habits)
                .untilCut(cloths == 2 ? "the two squares" : "the squares of either pair"));
        Sketch opened = new Sketch();
        for (int i = 0; i < pairs.size(); i++) {
            Length right = half.times(5L * i).dividedBy(4);
            opened.cloths(pairs.get(i).lower(), Sketch.moved(lowerRising(half), right, NONE))
                    .cloths(pairs.get(i).upper(), Sketch.moved(upperRising(half), right, NONE));
        }
        steps.add(opened.step(
                Step.Kind.PRESS,
                "Open the half-square triangles. " + habits.pressing().instruction() + " Do not trim yet."));
        steps.addAll(crossed(half, first, second, trimmed, settings, habits, "two half-square triangles"));
        return steps;
    }

    /** A half-square triangle crossed with a plain square. */
    public static List<Step> splitQuarter(
            Length pairSide, Length plainSide, Length trimmed, SewingSettings settings, Habits habits) {
        Length half = Length.min(pairSide.minus(settings.seamAllowance().timesRootTwo()), plainSide);
        List<Step> steps = new ArrayList<>(
                PairSteps.twoAtATime(pairSide, settings, habits).untilCut("the two squares of the pair"));
        steps.add(new Sketch()
                .cloths(ClothRole.A, lowerRising(half))
                .cloths(ClothRole.B, upperRising(half))
                .step(
                        Step.Kind.PRESS,
                        "Open the half-square triangle. " + habits.pressing().instruction()));
        steps.addAll(crossed(
                half,
                new Pair(ClothRole.A, ClothRole.B),
                new Pair(ClothRole.C, ClothRole.C),
                trimmed,
                settings,
                habits,
                "the half-square triangle and a plain square"));
        return steps;
    }

    /** The halves of a square whose seam rises from the lower left to the upper right corner. */
    private static List<Polygon> lowerRising(Length side) {
        return List.of(Polygon.of(Point.at(NONE, side), Point.at(side, NONE), Point.at(side, side)));
    }

    private static List<Polygon> upperRising(Length side) {
        return List.of(Polygon.of(Point.ORIGIN, Point.at(side, NONE), Point.at(NONE, side)));
    }

    /**
     * Two squares, each divided by a seam that rises, sewn on both sides of the falling diagonal; the part below the
     * diagonal is opened.
     */
    private static List<Step> crossed(
            Length side,
            Pair below,
            Pair above,
            Length trimmed,
            SewingSettings settings,
            Habits habits,
            String pieces) {
        // Either layer has its seam rising; unlike cloths face each other.
        Supplier<Sketch> layers = () -> new Sketch()
                .cloths(below.lower(), lowerRising(side))
                .cloths(below.upper(), upperRising(side))
                .upper(above.upper(), lowerRising(side).getFirst())
                .upper(above.lower(), upperRising(side).getFirst());
        List<Line> diagonal = List.of(line(NONE, NONE, side, side));
        List<Line> seams = PairSteps.besideDiagonals(side, settings, false);
        Line held = seamOfLowerHalf(side, settings);
        List<Polygon> lower = Sketch.body(lowerHalf(side), held);
        Line firstSeam = line(NONE, side, side, NONE);
        // Each layer's part, divided by its own seam; the upper layer lies turned, so its cloths change places.
        List<Polygon> nearRight = Sketch.beyond(lower, firstSeam);
        List<Polygon> nearTop = Sketch.beyond(lower, Sketch.reversed(firstSeam));
        Supplier<Sketch> opened = () -> new Sketch()
                .cloths(below.lower(), nearRight)
                .cloths(below.upper(), nearTop)
                .cloths(above.lower(), Sketch.mirrored(nearTop, held))
                .cloths(above.upper(), Sketch.mirrored(nearRight, held));
        Point centre = held.from().middleTo(held.to());
        Length reach = trimmed.dividedBy(2);
        Polygon trim = Polygon.rectangle(centre.plus(reach.negated(), reach.negated()), trimmed, trimmed);
        String half = settings.system().writer().write(reach);
        return List.of(
                layers.get()
                        .step(
                                Step.Kind.PAIR,
                                "Lay " + pieces + " right sides together, unlike cloths facing, the seams nesting."),
                layers.get()
                        .mark(diagonal)
                        .stitch(seams)
                        .step(
                                Step.Kind.STITCH,
                                "Mark the diagonal that crosses the seam, and stitch "
                                        + settings.system().writer().writeWithUnit(settings.seamAllowance())
                                        + " on both sides of it."),
                layers.get().stitch(seams).cut(diagonal).step(Step.Kind.CUT, "Cut on the diagonal, between the seams."),
                opened.get()
                        .step(
                                Step.Kind.PRESS,
                                "Open the unit. " + habits.pressing().instruction()),
                opened.get()
                        .trim(trim)
                        .step(
                                Step.Kind.TRIM,
                                "Lay the ruler's 45° line on a seam and its " + half
                                        + " mark, both ways, on the centre point; trim two sides, turn, trim the other two, to "
                                        + settings.system().writer().writeWithUnit(trimmed) + "."));
    }

    /** Triangles cut from a square on one diagonal or on both. */
    public static List<Step> looseTriangles(Length side, boolean both, SewingSettings settings) {
        Sketch sketch = new Sketch().cloth(ClothRole.A, square(NONE, NONE, side));
        return List.of(
                new Sketch()
                        .cloth(ClothRole.A, square(NONE, NONE, side))
                        .step(
                                Step.Kind.CUT_PIECES,
                                "Cut a square of " + settings.system().writer().writeWithUnit(side) + "."),
                sketch.cut(both ? PairSteps.diagonals(side) : List.of(line(NONE, NONE, side, side)))
                        .step(
                                Step.Kind.CUT,
                                both
                                        ? "Cut on both diagonals without shifting: four triangles, the long sides on the straight grain."
                                        : "Cut on one diagonal: two triangles, the short sides on the straight grain."));
    }
}

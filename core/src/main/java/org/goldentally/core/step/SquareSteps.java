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

    /** Of triangles cut first, sewn one by one. */
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

    /** Of a chain or a ring, four squares of it shown. */
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
        Pair first = firstHalf(cloths);
        Pair second = secondHalf(cloths);
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
        steps.addAll(new CrossedHalves(half, first, second, trimmed, settings, habits)
                .sewCutAndTrim("two half-square triangles"));
        return steps;
    }

    private static Pair firstHalf(int cloths) {
        return cloths == 3 ? new Pair(ClothRole.A, ClothRole.C) : new Pair(ClothRole.A, ClothRole.B);
    }

    private static Pair secondHalf(int cloths) {
        return switch (cloths) {
            case 2 -> firstHalf(2);
            case 3 -> new Pair(ClothRole.B, ClothRole.C);
            default -> new Pair(ClothRole.C, ClothRole.D);
        };
    }

    /** Four loose quarters joined: two and two along a short side, then half to half. */
    public static List<Step> looseQuarters(
            Length side, int cloths, Length trimmed, SewingSettings settings, Habits habits) {
        Length off = settings.seamAllowance().timesRootTwo();
        Length half = side.minus(off);
        Pair first = firstHalf(cloths);
        Polygon quarter =
                Polygon.of(Point.ORIGIN, Point.at(side, NONE), Point.at(side.dividedBy(2), side.dividedBy(2)));
        Line seam = line(half.dividedBy(2), half.dividedBy(2), half, NONE);
        List<Polygon> own = Sketch.body(quarter, seam);
        List<Step> steps = new ArrayList<>();
        steps.add(cutInQuarters(side, cloths)
                .step(
                        Step.Kind.CUT,
                        "Cut each square on both diagonals without shifting: four quarters each. Their short sides are"
                                + " bias: do not pull."));
        steps.add(new Sketch()
                .cloth(first.lower(), quarter)
                .upper(first.upper(), quarter)
                .stitch(List.of(seam))
                .step(
                        Step.Kind.STITCH,
                        "Two quarters right sides together, tips even; stitch along one short side, the same side of"
                                + " all: the other side makes the other hand."));
        steps.add(new Sketch()
                .cloths(first.lower(), own)
                .cloths(first.upper(), Sketch.mirrored(own, seam))
                .step(Step.Kind.PRESS, "Open the half. " + habits.pressing().instruction()));
        steps.addAll(new CrossedHalves(half, first, secondHalf(cloths), trimmed, settings, habits).joinAndTrim());
        return steps;
    }

    private static Sketch cutInQuarters(Length side, int cloths) {
        Sketch squares = new Sketch();
        for (int i = 0; i < cloths; i++) {
            Length right = side.times(5L * i).dividedBy(4);
            squares.cloth(ClothRole.at(i), square(right, NONE, side))
                    .cut(PairSteps.diagonals(side).stream()
                            .map(line -> line.movedBy(right, NONE))
                            .toList());
        }
        return squares;
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
        Pair pair = new Pair(ClothRole.A, ClothRole.B);
        Pair plain = new Pair(ClothRole.C, ClothRole.C);
        steps.addAll(new CrossedHalves(half, pair, plain, trimmed, settings, habits)
                .sewCutAndTrim("the half-square triangle and a plain square"));
        return steps;
    }

    /** The halves of a square whose seam rises from the lower left to the upper right corner. */
    static List<Polygon> lowerRising(Length side) {
        return List.of(Polygon.of(Point.at(NONE, side), Point.at(side, NONE), Point.at(side, side)));
    }

    static List<Polygon> upperRising(Length side) {
        return List.of(Polygon.of(Point.ORIGIN, Point.at(side, NONE), Point.at(NONE, side)));
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

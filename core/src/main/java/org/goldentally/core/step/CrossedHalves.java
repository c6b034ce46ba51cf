package org.goldentally.core.step;

import static org.goldentally.core.step.Sketch.line;
import static org.goldentally.core.step.SquareSteps.lowerRising;
import static org.goldentally.core.step.SquareSteps.upperRising;

import java.util.List;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.step.PairSteps.Pair;

/**
 * Two squares, each divided by a seam that rises, sewn on both sides of the falling diagonal; the part below the diagonal
 * is opened. Halves that were joined of loose quarters are this part already.
 *
 * @param below the cloths of the lower square: at the lower right and the upper left of its seam
 * @param above those of the upper square; unlike cloths face each other
 */
record CrossedHalves(Length side, Pair below, Pair above, Length trimmed, SewingSettings settings, Habits habits) {

    private static final Length NONE = Length.ZERO;

    /** Laid on each other, sewn, cut apart, opened and trimmed. */
    List<Step> sewCutAndTrim(String pieces) {
        List<Line> diagonal = List.of(line(NONE, NONE, side, side));
        List<Line> seams = PairSteps.besideDiagonals(side, settings, false);
        return List.of(
                layers().step(
                                Step.Kind.PAIR,
                                "Lay " + pieces + " right sides together, unlike fabrics facing, the seams nesting."),
                layers().mark(diagonal)
                        .stitch(seams)
                        .step(
                                Step.Kind.STITCH,
                                "Mark the diagonal that crosses the seam, and stitch "
                                        + settings.system().writer().writeWithUnit(settings.seamAllowance())
                                        + " on both sides of it."),
                layers().stitch(seams).cut(diagonal).step(Step.Kind.CUT, "Cut on the diagonal, between the seams."),
                open(),
                trim());
    }

    /** Joined along their long sides, opened and trimmed. */
    List<Step> joinAndTrim() {
        Point corner = Point.at(side, NONE);
        Point middle = Point.at(side.dividedBy(2), side.dividedBy(2));
        Polygon near = Polygon.of(Point.ORIGIN, corner, middle);
        Polygon far = Polygon.of(corner, Point.at(side, side), middle);
        return List.of(
                new Sketch()
                        .cloth(below.lower(), near)
                        .cloth(below.upper(), far)
                        .upper(above.upper(), near)
                        .upper(above.lower(), far)
                        .stitch(List.of(held()))
                        .step(
                                Step.Kind.STITCH,
                                "Two halves right sides together, the seams nesting, the tips even: stitch along the"
                                        + " long side. Pin the crossing; it is bias."),
                open(),
                trim());
    }

    /** Either layer has its seam rising; unlike cloths face each other. */
    private Sketch layers() {
        return new Sketch()
                .cloths(below.lower(), lowerRising(side))
                .cloths(below.upper(), upperRising(side))
                .upper(above.upper(), lowerRising(side).getFirst())
                .upper(above.lower(), upperRising(side).getFirst());
    }

    private Line held() {
        return SquareSteps.seamOfLowerHalf(side, settings);
    }

    /** Each layer's part, divided by its own seam; the upper layer lies turned, so its cloths change places. */
    private Sketch opened() {
        List<Polygon> lower = Sketch.body(SquareSteps.lowerHalf(side), held());
        Line firstSeam = line(NONE, side, side, NONE);
        List<Polygon> nearRight = Sketch.beyond(lower, firstSeam);
        List<Polygon> nearTop = Sketch.beyond(lower, Sketch.reversed(firstSeam));
        return new Sketch()
                .cloths(below.lower(), nearRight)
                .cloths(below.upper(), nearTop)
                .cloths(above.lower(), Sketch.mirrored(nearTop, held()))
                .cloths(above.upper(), Sketch.mirrored(nearRight, held()));
    }

    private Step open() {
        return opened().step(
                        Step.Kind.PRESS, "Open the unit. " + habits.pressing().instruction());
    }

    private Step trim() {
        Point centre = held().from().middleTo(held().to());
        Length reach = trimmed.dividedBy(2);
        Polygon trim = Polygon.rectangle(centre.plus(reach.negated(), reach.negated()), trimmed, trimmed);
        return opened().trim(trim)
                .step(
                        Step.Kind.TRIM,
                        "Lay the ruler's 45° line on a seam and its "
                                + settings.system().writer().write(reach)
                                + " mark, both ways, on the centre point; trim two sides, turn, trim the other two, to "
                                + settings.system().writer().writeWithUnit(trimmed) + ".");
    }
}

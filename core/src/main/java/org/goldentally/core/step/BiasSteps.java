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

/**
 * Two large squares cut on the bias, the strips joined, squares cut on the seams.
 *
 * @param side of the large squares
 * @param seamsBeside seams to either side of the middle one
 * @param rough side of the squares as they are cut on the seams
 */
record BiasSteps(
        Length side,
        Length stripWidth,
        int seamsBeside,
        Length trimmed,
        Length rough,
        SewingSettings settings,
        Habits habits) {

    private static final Length NONE = Length.ZERO;

    List<Step> steps() {
        List<Line> cuts = cuts();
        return List.of(
                new Sketch()
                        .cloth(ClothRole.A, square(NONE, NONE, side))
                        .upper(ClothRole.B, square(NONE, NONE, side))
                        .cut(cuts)
                        .step(
                                Step.Kind.CUT_PIECES,
                                "Lay the two squares on each other, both right side up. Cut from corner to corner, then strips of "
                                        + written(stripWidth) + " to either side; the corners stay as they are."),
                panel().stitch(cuts)
                        .step(
                                Step.Kind.JOIN,
                                "Join the strips by turns, one fabric and the other, as they lay: two panels, each beginning with another fabric. Bias edges: do not pull."),
                panel().stitch(cuts)
                        .step(
                                Step.Kind.PRESS,
                                habits.pressing().instruction()
                                        + " Lift the iron, no moisture on bias unless starched."),
                squares()
                        .step(
                                Step.Kind.CUT,
                                "Ruler's 45° line on a seam: cut squares of " + written(rough)
                                        + " with the seam from corner to corner, beginning at the outer seams."),
                new Sketch()
                        .cloth(ClothRole.A, SquareSteps.lowerHalf(rough))
                        .cloth(ClothRole.B, Polygon.of(Point.ORIGIN, Point.at(rough, rough), Point.at(NONE, rough)))
                        .trim(square(room(), room(), trimmed))
                        .step(Step.Kind.TRIM, "Trim to " + written(trimmed) + " square."));
    }

    private String written(Length length) {
        return settings.system().writer().writeWithUnit(length);
    }

    private Length room() {
        return rough.minus(trimmed).dividedBy(2);
    }

    /** From the upper right corner of the square to its lower left one. */
    private List<Line> cuts() {
        List<Line> cuts = new ArrayList<>();
        for (int k = -seamsBeside; k <= seamsBeside; k++) {
            Length d = stripWidth.times(Math.abs(k)).timesRootTwo();
            Length rest = side.minus(d);
            cuts.add(k >= 0 ? line(NONE, d, rest, side) : line(d, NONE, side, rest));
        }
        return cuts;
    }

    /** The strips by turns, one cloth and the other. */
    private Sketch panel() {
        List<Line> cuts = cuts();
        Sketch panel = new Sketch();
        List<Polygon> left = List.of(square(NONE, NONE, side));
        for (int k = 0; k <= cuts.size(); k++) {
            List<Polygon> strip = k < cuts.size() ? Sketch.beyond(left, Sketch.reversed(cuts.get(k))) : left;
            left = k < cuts.size() ? Sketch.beyond(left, cuts.get(k)) : List.of();
            panel.cloths(k % 2 == 0 ? ClothRole.A : ClothRole.B, strip);
        }
        return panel;
    }

    /** Squares along the middle seam. */
    private Sketch squares() {
        Sketch squares = panel();
        Line middleSeam = cuts().get(seamsBeside);
        long onSeam =
                side.timesRootTwo().minus(settings.seamAllowance().times(2)).wholeTimes(rough.timesRootTwo());
        for (long i = 0; i < onSeam; i++) {
            Point corner = middleSeam.from().plus(rough.times(i), rough.times(i));
            squares.trim(Polygon.rectangle(corner, rough, rough));
        }
        return squares;
    }
}

package org.goldentally.core.step;

import static org.goldentally.core.step.Sketch.line;

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
 * Two strips sewn on one edge, the set cut into triangles, two triangles of a kind joined.
 *
 * @param width of a strip as cut
 */
record SetTriangleSteps(Length width, Length trimmed, SewingSettings settings, Habits habits) {

    private static final Length NONE = Length.ZERO;

    /** Triangles that are drawn of a set. */
    private static final int SHOWN = 4;

    List<Step> steps() {
        List<Step> steps = new ArrayList<>(sewAndCutTheSet());
        steps.addAll(joinAndTrim());
        return steps;
    }

    private List<Step> sewAndCutTheSet() {
        Polygon strip = Sketch.rectangle(length(), width);
        return List.of(
                new Sketch()
                        .cloth(ClothRole.A, strip)
                        .upper(ClothRole.B, strip)
                        .stitch(List.of(line(NONE, middle(), length(), middle())))
                        .step(Step.Kind.STITCH, "Two strips right sides together: stitch along one long edge."),
                set().step(
                                Step.Kind.PRESS,
                                habits.pressing().instruction() + " The set should measure " + written(height())
                                        + " across."),
                set().cut(StripSteps.zigzag(height(), SHOWN))
                        .step(
                                Step.Kind.CUT,
                                "Cut 45° triangles, turning the ruler each time. Keep the two kinds apart. If you need both, begin every other set the other way. If you need one, begin each set with it."));
    }

    private List<Step> joinAndTrim() {
        List<Polygon> one = List.of(triangle());
        return List.of(
                new Sketch()
                        .cloths(ClothRole.B, Sketch.beyond(one, between()))
                        .cloths(ClothRole.A, Sketch.beyond(one, Sketch.reversed(between())))
                        .stitch(List.of(held()))
                        .step(
                                Step.Kind.JOIN,
                                "Two triangles of one kind right sides together: stitch along the long side."),
                opened().step(Step.Kind.PRESS, "Open the square; handle gently, every outer edge is bias."),
                opened().trim(trimmedSquare())
                        .step(
                                Step.Kind.TRIM,
                                "Trim to " + written(trimmed) + ", the long seam from corner to corner."));
    }

    private String written(Length length) {
        return settings.system().writer().writeWithUnit(length);
    }

    private Length seam() {
        return settings.seamAllowance();
    }

    /** Of the set across, sewn and pressed. */
    private Length height() {
        return width.times(2).minus(seam().times(2));
    }

    /** Where the seam of the set lies. */
    private Length middle() {
        return width.minus(seam());
    }

    private Length length() {
        return height().times(SHOWN + 1L);
    }

    private Sketch set() {
        Length lower = height().minus(middle());
        return new Sketch()
                .cloth(ClothRole.A, Sketch.rectangle(length(), middle()))
                .cloths(ClothRole.B, Sketch.moved(List.of(Sketch.rectangle(length(), lower)), NONE, middle()));
    }

    private Polygon triangle() {
        return Polygon.of(Point.at(NONE, height()), Point.at(height().times(2), height()), Point.at(height(), NONE));
    }

    /** The long seam of the square. */
    private Line held() {
        Length from = height().minus(seam());
        return line(seam(), from, height().times(2).minus(seam()), from);
    }

    /** Where the two cloths of a triangle meet. */
    private Line between() {
        return line(NONE, middle(), height().times(2), middle());
    }

    private Sketch opened() {
        List<Polygon> body = Sketch.body(triangle(), held());
        return new Sketch()
                .cloths(ClothRole.A, bothHalves(Sketch.beyond(body, Sketch.reversed(between()))))
                .cloths(ClothRole.B, bothHalves(Sketch.beyond(body, between())));
    }

    private List<Polygon> bothHalves(List<Polygon> ofOne) {
        List<Polygon> both = new ArrayList<>(ofOne);
        both.addAll(Sketch.mirrored(ofOne, held()));
        return both.stream().map(Polygon::turnedHalfRight).toList();
    }

    private Polygon trimmedSquare() {
        Point centre = held().from().middleTo(held().to());
        Length half = trimmed.timesRootTwo().dividedBy(2);
        return Polygon.of(
                        centre.plus(half.negated(), NONE),
                        centre.plus(NONE, half.negated()),
                        centre.plus(half, NONE),
                        centre.plus(NONE, half))
                .turnedHalfRight();
    }
}

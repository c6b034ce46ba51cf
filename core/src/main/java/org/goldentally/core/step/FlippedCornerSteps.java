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
 * A base with small squares sewn across its corners, one after the other, in the order right, left, lower ones.
 *
 * @param corner side of a small square
 * @param corners how many
 */
record FlippedCornerSteps(
        Length width, Length height, Length corner, int corners, SewingSettings settings, Habits habits) {

    private static final Length NONE = Length.ZERO;

    /** One corner of the base: the square laid on it, its seam, and where the corner is cut off. */
    private record Corner(Polygon square, Line seam, Line inwards, Line cut) {}

    List<Step> steps() {
        List<Step> steps = new ArrayList<>();
        List<Polygon> base = List.of(Sketch.rectangle(width, height));
        List<Polygon> flipped = List.of();
        for (int i = 0; i < corners; i++) {
            Corner next = corner(i % 2 == 0, i >= 2);
            if (i == 0) {
                steps.addAll(first(next));
            }
            List<Polygon> triangles = new ArrayList<>(Sketch.beyond(flipped, next.inwards));
            triangles.addAll(Sketch.mirrored(Sketch.beyond(List.of(next.square), next.inwards), next.seam));
            flipped = triangles;
            base = Sketch.beyond(base, next.inwards);
            if (i == 0 && corners > 1) {
                steps.add(opened(base, flipped)
                        .step(
                                Step.Kind.PRESS,
                                "Flip the triangle open. " + habits.pressing().instruction()
                                        + " Then the next corner, the same way."));
            }
        }
        LengthWriter writer = settings.system().writer();
        steps.add(opened(base, flipped)
                .trim(Sketch.rectangle(width, height))
                .step(
                        Step.Kind.PRESS,
                        "Flip and press. The unit measures " + writer.write(width) + " × "
                                + writer.writeWithUnit(height) + ", as the base was cut; nothing is trimmed."));
        return steps;
    }

    /** The seam runs across the corner, from edge to edge. */
    private Corner corner(boolean right, boolean lower) {
        Length x = right ? width.minus(corner) : NONE;
        Length y = lower ? height.minus(corner) : NONE;
        Line seam = right != lower
                ? line(x, y, x.plus(corner), y.plus(corner))
                : line(x, y.plus(corner), x.plus(corner), y);
        Point outer = Point.at(right ? width : NONE, lower ? height : NONE);
        Line inwards = seam.side(outer).isNegative() ? seam : Sketch.reversed(seam);
        Length outwards = settings.seamAllowance().timesRootTwo().dividedBy(2);
        Line cut = inwards.movedBy(right ? outwards : outwards.negated(), lower ? outwards : outwards.negated());
        return new Corner(square(x, y, corner), seam, inwards, cut);
    }

    private List<Step> first(Corner first) {
        LengthWriter writer = settings.system().writer();
        List<Line> seam = List.of(first.seam);
        return List.of(
                new Sketch()
                        .cloth(ClothRole.A, Sketch.rectangle(width, height))
                        .upper(ClothRole.B, first.square)
                        .mark(seam)
                        .stitch(seam)
                        .step(
                                Step.Kind.STITCH,
                                "A square of " + writer.writeWithUnit(corner)
                                        + " on the corner, right sides together. Mark its diagonal: here the line is the seam. Stitch on it."),
                new Sketch()
                        .cloth(ClothRole.A, Sketch.rectangle(width, height))
                        .upper(ClothRole.B, first.square)
                        .stitch(seam)
                        .cut(List.of(first.cut))
                        .step(
                                Step.Kind.CUT,
                                "Cut the corner off, " + writer.writeWithUnit(settings.seamAllowance())
                                        + " outside the seam; keep the offcuts together, they make bonus units."));
    }

    private static Sketch opened(List<Polygon> base, List<Polygon> flipped) {
        return new Sketch().cloths(ClothRole.A, base).cloths(ClothRole.B, flipped);
    }
}

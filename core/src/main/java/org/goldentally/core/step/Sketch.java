package org.goldentally.core.step;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;

/** Puts a drawing together: {@code new Sketch().cloth(A, square).stitch(line).cut(line)}. */
final class Sketch {

    private final List<Step.Shape> shapes = new ArrayList<>();

    Sketch cloth(ClothRole cloth, Polygon outline) {
        shapes.add(new Step.ClothShape(outline, cloth, false, 0));
        return this;
    }

    Sketch cloths(ClothRole cloth, List<Polygon> outlines) {
        outlines.forEach(outline -> cloth(cloth, outline));
        return this;
    }

    /** The upper layer of a pair, right sides together: its wrong side is seen. */
    Sketch upper(ClothRole cloth, Polygon outline) {
        shapes.add(new Step.ClothShape(outline, cloth, true, 1));
        return this;
    }

    Sketch mark(List<Line> lines) {
        return lines(lines, Step.LineKind.MARK);
    }

    Sketch stitch(List<Line> lines) {
        return lines(lines, Step.LineKind.STITCH);
    }

    Sketch cut(List<Line> lines) {
        return lines(lines, Step.LineKind.CUT);
    }

    Sketch trim(Polygon outline) {
        shapes.add(new Step.TrimShape(outline));
        return this;
    }

    Sketch add(List<Step.Shape> others) {
        shapes.addAll(others);
        return this;
    }

    Step step(Step.Kind kind, String text) {
        return new Step(kind, text, List.copyOf(shapes), kind.caution());
    }

    private Sketch lines(List<Line> lines, Step.LineKind kind) {
        lines.forEach(line -> shapes.add(new Step.LineShape(line, kind)));
        return this;
    }

    static Point at(Length x, Length y) {
        return Point.at(x, y);
    }

    static Line line(Length x1, Length y1, Length x2, Length y2) {
        return new Line(at(x1, y1), at(x2, y2));
    }

    static Polygon square(Length x, Length y, Length side) {
        return Polygon.rectangle(at(x, y), side, side);
    }

    static Polygon rectangle(Length width, Length height) {
        return Polygon.rectangle(Point.ORIGIN, width, height);
    }

    /** The part of a patch on one side of a line. */
    static List<Polygon> beyond(List<Polygon> patches, Line line) {
        List<Polygon> parts = new ArrayList<>();
        patches.forEach(patch -> parts.addAll(patch.onPositiveSideOf(line)));
        return parts;
    }

    /** What shows of a patch once it is opened over a seam: the side of the seam that reaches further. */
    static List<Polygon> body(Polygon patch, Line seam) {
        Area furthest = Area.ZERO;
        for (Point corner : patch.corners()) {
            Area side = seam.side(corner);
            Area reach = side.isNegative() ? Area.ZERO.minus(side) : side;
            Area known = furthest.isNegative() ? Area.ZERO.minus(furthest) : furthest;
            if (reach.compareTo(known) > 0) {
                furthest = side;
            }
        }
        return beyond(List.of(patch), furthest.isNegative() ? reversed(seam) : seam);
    }

    static List<Polygon> mirrored(List<Polygon> patches, Line line) {
        return patches.stream().map(patch -> patch.mirroredAcross(line)).toList();
    }

    static List<Polygon> moved(List<Polygon> patches, Length dx, Length dy) {
        return patches.stream().map(patch -> patch.movedBy(dx, dy)).toList();
    }

    /** A line drawn the other way, so that its sides change places. */
    static Line reversed(Line line) {
        return new Line(line.to(), line.from());
    }
}

package org.goldentally.core.quilt;

import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;

/** An edge of a patch: along the grain or at 45 degrees, as all edges of this trade are. */
record Edge(Point from, Point to) {

    /** Whether two patches lie beside each other along part of an edge, not only at a corner. */
    static boolean share(Polygon a, Polygon b) {
        for (int i = 0; i < a.corners().size(); i++) {
            Edge edge = of(a, i);
            for (int j = 0; j < b.corners().size(); j++) {
                if (edge.overlaps(of(b, j))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static Edge of(Polygon polygon, int i) {
        return new Edge(
                polygon.corners().get(i),
                polygon.corners().get((i + 1) % polygon.corners().size()));
    }

    private boolean overlaps(Edge other) {
        Line line = new Line(from, to);
        return line.side(other.from).isZero()
                && line.side(other.to).isZero()
                && Length.max(begin(), other.begin()).isShorterThan(Length.min(end(), other.end()));
    }

    Edge placed(Placing placing) {
        return new Edge(placing.apply(from), placing.apply(to));
    }

    private boolean isUpright() {
        return from.x().equals(to.x());
    }

    private boolean isLying() {
        return from.y().equals(to.y());
    }

    private boolean isFalling() {
        return to.x().minus(from.x()).equals(to.y().minus(from.y()));
    }

    /** How a line runs, and with what all edges on it have in common: x, y, x − y, or x + y. */
    enum Run {
        UPRIGHT,
        LYING,
        FALLING,
        RISING
    }

    /** One of the lines of a top. */
    record OnLine(Run run, Length at) {}

    /** From where to where it reaches along its line. */
    record Reach(OnLine line, Length begin, Length end) {

        Reach movedBy(Length dx, Length dy) {
            Length along = line.run == Run.UPRIGHT ? dy : dx;
            Length across = switch (line.run) {
                case UPRIGHT -> dx;
                case LYING -> dy;
                case FALLING -> dx.minus(dy);
                case RISING -> dx.plus(dy);
            };
            return new Reach(new OnLine(line.run, line.at.plus(across)), begin.plus(along), end.plus(along));
        }
    }

    Reach reach() {
        return new Reach(line(), begin(), end());
    }

    private OnLine line() {
        if (isUpright()) {
            return new OnLine(Run.UPRIGHT, from.x());
        }
        if (isLying()) {
            return new OnLine(Run.LYING, from.y());
        }
        return isFalling()
                ? new OnLine(Run.FALLING, from.x().minus(from.y()))
                : new OnLine(Run.RISING, from.x().plus(from.y()));
    }

    private Length begin() {
        return isUpright() ? Length.min(from.y(), to.y()) : Length.min(from.x(), to.x());
    }

    private Length end() {
        return isUpright() ? Length.max(from.y(), to.y()) : Length.max(from.x(), to.x());
    }
}

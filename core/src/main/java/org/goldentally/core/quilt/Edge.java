package org.goldentally.core.quilt;

import java.util.List;
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

    /** What all edges on one line have in common. */
    List<Object> line() {
        if (isUpright()) {
            return List.of("upright", from.x());
        }
        if (isLying()) {
            return List.of("lying", from.y());
        }
        return isFalling()
                ? List.of("falling", from.x().minus(from.y()))
                : List.of("rising", from.x().plus(from.y()));
    }

    /** Where it begins along its line. */
    Length begin() {
        return isUpright() ? Length.min(from.y(), to.y()) : Length.min(from.x(), to.x());
    }

    Length end() {
        return isUpright() ? Length.max(from.y(), to.y()) : Length.max(from.x(), to.x());
    }
}

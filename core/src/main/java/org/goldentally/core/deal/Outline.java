package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;

/** The edges of something on the top, to tell what lies side by side. */
final class Outline {

    private record Edge(Point from, Point to) {

        /** How far a point is along the axes in which the edge runs: on one line that orders all points. */
        private Length along(Point point) {
            boolean upright = from.x().equals(to.x());
            return upright ? point.y() : point.x();
        }

        /** Whether a part of it lies along a part of the other one. */
        boolean shares(Edge other) {
            Line line = new Line(from, to);
            return line.side(other.from).isZero()
                    && line.side(other.to).isZero()
                    && Length.max(Length.min(along(from), along(to)), Length.min(along(other.from), along(other.to)))
                            .isShorterThan(Length.min(
                                    Length.max(along(from), along(to)),
                                    Length.max(along(other.from), along(other.to))));
        }
    }

    private final List<Edge> edges = new ArrayList<>();
    private final Length left;
    private final Length top;
    private final Length right;
    private final Length bottom;

    Outline(List<Polygon> polygons) {
        List<Point> all =
                polygons.stream().flatMap(polygon -> polygon.corners().stream()).toList();
        for (Polygon polygon : polygons) {
            List<Point> corners = polygon.corners();
            for (int i = 0; i < corners.size(); i++) {
                edges.add(new Edge(corners.get(i), corners.get((i + 1) % corners.size())));
            }
        }
        left = all.stream().map(Point::x).reduce(all.getFirst().x(), Length::min);
        right = all.stream().map(Point::x).reduce(all.getFirst().x(), Length::max);
        top = all.stream().map(Point::y).reduce(all.getFirst().y(), Length::min);
        bottom = all.stream().map(Point::y).reduce(all.getFirst().y(), Length::max);
    }

    /** Whether they have an edge in common, or a part of one; a corner is not enough. */
    boolean touches(Outline other) {
        boolean far = left.isLongerThan(other.right)
                || other.left.isLongerThan(right)
                || top.isLongerThan(other.bottom)
                || other.top.isLongerThan(bottom);
        return !far && edges.stream().anyMatch(edge -> other.edges.stream().anyMatch(edge::shares));
    }
}

package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;

/** The edges of something on the top, in inches: near enough to tell what lies side by side. */
final class Outline {

    private static final double THREAD = 1e-6;

    private record Edge(double x, double y, double toX, double toY) {

        double length() {
            return Math.hypot(toX - x, toY - y);
        }

        /** How far a point is beyond the start of this edge, along it. */
        private double along(double otherX, double otherY) {
            return ((otherX - x) * (toX - x) + (otherY - y) * (toY - y)) / length();
        }

        /** How far a point is from the line that this edge lies on. */
        private double off(double otherX, double otherY) {
            return Math.abs((otherX - x) * (toY - y) - (otherY - y) * (toX - x)) / length();
        }

        /** Whether a part of it lies along a part of the other one. */
        boolean shares(Edge other) {
            if (off(other.x, other.y) > THREAD || off(other.toX, other.toY) > THREAD) {
                return false;
            }
            double from = along(other.x, other.y);
            double to = along(other.toX, other.toY);
            return Math.min(length(), Math.max(from, to)) - Math.max(0, Math.min(from, to)) > THREAD;
        }
    }

    private final List<Edge> edges = new ArrayList<>();
    private double left = Double.MAX_VALUE;
    private double top = Double.MAX_VALUE;
    private double right = -Double.MAX_VALUE;
    private double bottom = -Double.MAX_VALUE;

    Outline(List<Polygon> polygons) {
        for (Polygon polygon : polygons) {
            List<Point> corners = polygon.corners();
            for (int i = 0; i < corners.size(); i++) {
                add(corners.get(i), corners.get((i + 1) % corners.size()));
            }
        }
    }

    private void add(Point from, Point to) {
        double x = from.x().toDoubleInches();
        double y = from.y().toDoubleInches();
        edges.add(new Edge(x, y, to.x().toDoubleInches(), to.y().toDoubleInches()));
        left = Math.min(left, x);
        right = Math.max(right, x);
        top = Math.min(top, y);
        bottom = Math.max(bottom, y);
    }

    /** Whether they have an edge in common, or a part of one; a corner is not enough. */
    boolean touches(Outline other) {
        boolean far = left > other.right + THREAD
                || other.left > right + THREAD
                || top > other.bottom + THREAD
                || other.top > bottom + THREAD;
        return !far && edges.stream().anyMatch(edge -> other.edges.stream().anyMatch(edge::shares));
    }
}

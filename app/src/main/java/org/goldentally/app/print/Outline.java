package org.goldentally.app.print;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;

/** The outline of a convex patch as it is drawn in true size, in inches: x and y of one corner after the other. */
record Outline(List<double[]> corners) {

    static Outline of(Polygon patch) {
        List<double[]> corners = new ArrayList<>();
        for (Point corner : patch.corners()) {
            corners.add(new double[] {corner.x().toDoubleInches(), corner.y().toDoubleInches()});
        }
        return new Outline(corners);
    }

    /** With its upper left at the origin. */
    Outline atOrigin() {
        double left = corners.stream().mapToDouble(corner -> corner[0]).min().orElse(0);
        double top = corners.stream().mapToDouble(corner -> corner[1]).min().orElse(0);
        return new Outline(corners.stream()
                .map(corner -> new double[] {corner[0] - left, corner[1] - top})
                .toList());
    }

    double width() {
        return corners.stream().mapToDouble(corner -> corner[0]).max().orElse(0)
                - corners.stream().mapToDouble(corner -> corner[0]).min().orElse(0);
    }

    double height() {
        return corners.stream().mapToDouble(corner -> corner[1]).max().orElse(0)
                - corners.stream().mapToDouble(corner -> corner[1]).min().orElse(0);
    }

    /** With so much more all round, its corners drawn out to points: the seam allowance of a template. */
    Outline widened(double by) {
        int count = corners.size();
        double way = Math.signum(twiceArea());
        List<double[]> wider = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double[] before = normal(corners.get((i + count - 1) % count), corners.get(i), way);
            double[] after = normal(corners.get(i), corners.get((i + 1) % count), way);
            // The corner moves to where both edges, moved out, meet.
            double share = by / (1 + before[0] * after[0] + before[1] * after[1]);
            wider.add(new double[] {
                corners.get(i)[0] + share * (before[0] + after[0]), corners.get(i)[1] + share * (before[1] + after[1])
            });
        }
        return new Outline(wider);
    }

    private double twiceArea() {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            double[] here = corners.get(i);
            double[] next = corners.get((i + 1) % corners.size());
            twice += here[0] * next[1] - next[0] * here[1];
        }
        return twice;
    }

    /** Outwards from an edge, one long. */
    private static double[] normal(double[] from, double[] to, double way) {
        double dx = to[0] - from[0];
        double dy = to[1] - from[1];
        double length = Math.hypot(dx, dy);
        return new double[] {way * dy / length, -way * dx / length};
    }

    /** The same for all that can be laid on one another, turned or turned over. */
    String shape() {
        List<String> sides = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            double[] here = corners.get(i);
            double[] next = corners.get((i + 1) % corners.size());
            double[] third = corners.get((i + 2) % corners.size());
            sides.add(String.format(
                    Locale.ROOT,
                    "%.4f/%.4f",
                    Math.hypot(next[0] - here[0], next[1] - here[1]),
                    Math.hypot(third[0] - here[0], third[1] - here[1])));
        }
        Collections.sort(sides);
        return String.join(" ", sides);
    }

    boolean isUprightRectangle() {
        return corners.size() == 4
                && corners.stream()
                                .map(corner -> Math.round(corner[0] * 1e6))
                                .distinct()
                                .count()
                        == 2
                && corners.stream()
                                .map(corner -> Math.round(corner[1] * 1e6))
                                .distinct()
                                .count()
                        == 2;
    }

    double[] points() {
        return corners.stream().flatMapToDouble(java.util.Arrays::stream).toArray();
    }
}

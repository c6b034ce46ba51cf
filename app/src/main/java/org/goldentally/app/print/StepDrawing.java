package org.goldentally.app.print;

import java.util.List;
import org.goldentally.app.drawing.StepView;
import org.goldentally.core.design.ClothInHand;

/**
 * The drawing of a step in the cloths that play its parts.
 *
 * @param roles place among the cloths of the one that plays each part: A, B, C, D
 */
record StepDrawing(StepView step, List<Integer> roles, List<ClothInHand> cloths) {

    private static final List<String> ROLES = List.of("A", "B", "C", "D");

    boolean isEmpty() {
        return step.shapes().isEmpty() || Math.max(step.width(), step.height()) <= 0;
    }

    /** A line has no height by itself. */
    double width() {
        return Math.max(step.width(), step.height() / 10);
    }

    double height() {
        return Math.max(step.height(), step.width() / 10);
    }

    /** @param shifted how far what lies on top is drawn aside, so that the lower one shows; nothing in true size */
    void draw(Drawing drawing, double shifted) {
        for (StepView.ShapeView shape : step.shapes()) {
            double[] points = points(shape.points(), step.left(), step.top());
            if (shape.layer() > 0) {
                for (int i = 0; i < points.length; i++) {
                    points[i] -= shifted;
                }
            }
            switch (shape.kind()) {
                case "cloth" -> drawing.polygon(points, colour(shape.cloth()), 0.6f, false);
                case "trim" -> drawing.polygon(points, "", 1.4f, true);
                case "stitch" -> lines(drawing, points, 1f, true);
                case "cut" -> lines(drawing, points, 1.8f, false);
                default -> lines(drawing, points, 0.5f, false);
            }
        }
    }

    private String colour(String role) {
        int part = ROLES.indexOf(role);
        int place = part >= 0 && part < roles.size() ? roles.get(part) : -1;
        return place >= 0 && place < cloths.size() ? cloths.get(place).colour() : "#ffffff";
    }

    private static void lines(Drawing drawing, double[] points, float wide, boolean dashed) {
        for (int i = 0; i + 3 < points.length; i += 2) {
            drawing.line(points[i], points[i + 1], points[i + 2], points[i + 3], wide, dashed);
        }
    }

    static double[] points(String svg, double left, double top) {
        String[] numbers = svg.strip().split("[ ,]+");
        double[] points = new double[numbers.length];
        for (int i = 0; i < numbers.length; i++) {
            points[i] = Double.parseDouble(numbers[i]) - (i % 2 == 0 ? left : top);
        }
        return points;
    }
}

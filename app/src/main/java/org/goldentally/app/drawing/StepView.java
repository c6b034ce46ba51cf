package org.goldentally.app.drawing;

import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.step.Step;

/**
 * A step to show: its drawing in inches, framed by the box that holds it.
 *
 * @param measures how large its pieces are, each size once: {@code 4 1/2 × 4 1/2 in}
 */
public record StepView(
        String title,
        String text,
        String caution,
        double left,
        double top,
        double width,
        double height,
        String measures,
        List<ShapeView> shapes) {

    /** More sizes than these say nothing any more. */
    private static final int MOST_SIZES = 3;

    /**
     * A part of the drawing.
     *
     * @param kind {@code cloth}, {@code mark}, {@code stitch}, {@code cut} or {@code trim}
     * @param points SVG points
     * @param cloth the part the cloth plays; empty for lines
     * @param layer 1 lies on top of 0
     */
    public record ShapeView(String kind, String points, String cloth, boolean wrongSide, int layer) {}

    /** Draws a step, with the sizes that matter written beside it. */
    public static StepView of(Step step, MeasureSystem system) {
        List<Point> points =
                step.drawing().stream().flatMap(shape -> points(shape).stream()).toList();
        double left =
                points.stream().mapToDouble(p -> p.x().toDoubleInches()).min().orElse(0);
        double top =
                points.stream().mapToDouble(p -> p.y().toDoubleInches()).min().orElse(0);
        double right =
                points.stream().mapToDouble(p -> p.x().toDoubleInches()).max().orElse(1);
        double bottom =
                points.stream().mapToDouble(p -> p.y().toDoubleInches()).max().orElse(1);
        return new StepView(
                step.kind().title(),
                step.text(),
                step.caution(),
                left,
                top,
                right - left,
                bottom - top,
                measures(step, system.writer()),
                step.drawing().stream().map(StepView::shape).toList());
    }

    private static String measures(Step step, LengthWriter writer) {
        List<String> sizes = step.drawing().stream()
                .filter(Step.ClothShape.class::isInstance)
                .map(shape -> size(((Step.ClothShape) shape).outline().corners(), writer))
                .distinct()
                .limit(MOST_SIZES + 1)
                .toList();
        return sizes.size() > MOST_SIZES ? "" : String.join(", ", sizes);
    }

    private static String size(List<Point> corners, LengthWriter writer) {
        Length wide = between(corners.stream().map(Point::x).toList());
        Length high = between(corners.stream().map(Point::y).toList());
        return writer.write(Length.min(wide, high)) + " × " + writer.writeWithUnit(Length.max(wide, high));
    }

    private static Length between(List<Length> places) {
        return Collections.max(places).minus(Collections.min(places));
    }

    private static ShapeView shape(Step.Shape shape) {
        return switch (shape) {
            case Step.ClothShape cloth ->
                new ShapeView(
                        "cloth",
                        svg(cloth.outline().corners()),
                        cloth.cloth().name(),
                        cloth.wrongSide(),
                        cloth.layer());
            case Step.LineShape line ->
                new ShapeView(line.kind().name().toLowerCase(Locale.ROOT), svg(points(line)), "", false, 0);
            case Step.TrimShape trim -> new ShapeView("trim", svg(trim.outline().corners()), "", false, 0);
        };
    }

    private static List<Point> points(Step.Shape shape) {
        return switch (shape) {
            case Step.ClothShape cloth -> cloth.outline().corners();
            case Step.LineShape line -> List.of(line.line().from(), line.line().to());
            case Step.TrimShape trim -> trim.outline().corners();
        };
    }

    /** Points in inches to four decimals, as SVG reads them. */
    public static String svg(List<Point> points) {
        return points.stream()
                .map(point -> String.format(
                        Locale.ROOT,
                        "%.4f,%.4f",
                        point.x().toDoubleInches(),
                        point.y().toDoubleInches()))
                .collect(Collectors.joining(" "));
    }
}

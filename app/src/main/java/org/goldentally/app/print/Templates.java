package org.goldentally.app.print;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.goldentally.app.drawing.StepView;
import org.goldentally.app.sew.SewBook;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;

/**
 * Templates in true size: patches that are no rectangles, with their seam allowance, to check a cut piece or to cut by; and
 * what is marked and trimmed while units are sewn, lines and all. What is larger than the sheet is shown from its upper
 * left corner on, and says so.
 */
final class Templates {

    /** More shapes than these make no top that is cut by templates (our own limit). */
    private static final int MOST_SHAPES = 24;

    private static final Set<String> SHOWN_STEPS = Set.of("Mark", "Trim");

    private final PrintedPages pages;
    private final QuiltTop top;
    private final LengthWriter writer;

    Templates(PrintedPages pages, QuiltTop top) {
        this.pages = pages;
        this.top = top;
        this.writer = top.settings().system().writer();
    }

    /** A shape, and on how many patches it lies. */
    private static final class Shape {
        private final Polygon patch;
        private long count;

        Shape(Polygon patch) {
            this.patch = patch;
        }
    }

    void print(SewBook sew) {
        List<Shape> shapes = shapes();
        List<StepDrawing> steps = steps(sew);
        pages.title("Templates, in true size");
        pages.paragraph(
                "Print at 100 %, and lay your ruler on the strip at the foot of each sheet before you cut by it.");
        if (shapes.isEmpty() && steps.isEmpty()) {
            pages.paragraph(
                    "All pieces of this top are squares, rectangles and strips, cut by the ruler: it needs no template.");
        }
        shapes.stream().limit(MOST_SHAPES).forEach(this::shape);
        if (shapes.size() > MOST_SHAPES) {
            pages.paragraph(shapes.size() - MOST_SHAPES + " more shapes are not shown.");
        }
        steps.forEach(this::step);
    }

    private List<Shape> shapes() {
        Map<String, Shape> shapes = new LinkedHashMap<>();
        for (TopPart part : top.parts()) {
            if (part.kind() == TopPart.Kind.MITRED_BORDER) {
                continue; // A strip, mitred when it is on the top.
            }
            for (FigurePatch patch : part.figure().patches()) {
                Outline outline = Outline.of(patch.outline());
                if (!patch.isBlank() && !outline.isUprightRectangle()) {
                    shapes.computeIfAbsent(outline.shape(), any -> new Shape(patch.outline())).count++;
                }
            }
        }
        return List.copyOf(shapes.values());
    }

    private static List<StepDrawing> steps(SewBook sew) {
        List<StepDrawing> steps = new ArrayList<>();
        Set<List<StepView.ShapeView>> seen = new HashSet<>();
        for (SewBook.Page page : sew.pages()) {
            for (StepView step : page.card().steps()) {
                if (SHOWN_STEPS.contains(step.title()) && seen.add(step.shapes())) {
                    steps.add(new StepDrawing(step, List.of(), List.of()));
                }
            }
        }
        return steps;
    }

    private void shape(Shape shape) {
        Outline finished = Outline.of(shape.patch);
        double seam = top.settings().seamAllowance().toDoubleInches();
        Outline cut = finished.widened(seam);
        double left =
                cut.corners().stream().mapToDouble(corner -> corner[0]).min().orElse(0);
        double above =
                cut.corners().stream().mapToDouble(corner -> corner[1]).min().orElse(0);
        String size =
                writer.write(width(shape.patch)) + " × " + writer.writeWithUnit(height(shape.patch)) + " finished";
        String says = (shape.patch.corners().size() == 3
                        ? "Triangle"
                        : "Patch of " + shape.patch.corners().size() + " corners")
                + ", " + size + ": " + shape.count + " of these";
        trueSize(
                says,
                "Outer line: cut. Dashed line: seam, "
                        + writer.writeWithUnit(top.settings().seamAllowance()) + " inside it.",
                cut.width(),
                cut.height(),
                drawing -> {
                    drawing.polygon(cut.atOrigin().points(), "", 1f, false);
                    double[] inner = finished.points();
                    for (int i = 0; i < inner.length; i++) {
                        inner[i] -= i % 2 == 0 ? left : above;
                    }
                    drawing.polygon(inner, "", 0.6f, true);
                });
    }

    private static Length width(Polygon patch) {
        var places = patch.corners().stream().map(Point::x).toList();
        return Collections.max(places).minus(Collections.min(places));
    }

    private static Length height(Polygon patch) {
        var places = patch.corners().stream().map(Point::y).toList();
        return Collections.max(places).minus(Collections.min(places));
    }

    private void step(StepDrawing drawn) {
        StepView step = drawn.step();
        trueSize(
                step.title() + ": " + step.measures(),
                step.text(),
                drawn.width(),
                drawn.height(),
                drawing -> drawn.draw(drawing, 0));
    }

    /** Inches as points; what reaches beyond the sheet is left out, and that is said. */
    private void trueSize(String heading, String words, double wide, double high, Consumer<Drawing> drawn) {
        double mostWide = pages.width() / TrueRuler.POINTS_AN_INCH;
        double mostHigh = (pages.height() - 120) / TrueRuler.POINTS_AN_INCH;
        double seenWide = Math.min(wide, mostWide);
        double seenHigh = Math.min(high, mostHigh);
        boolean cutOff = wide > mostWide || high > mostHigh;
        pages.need((float) seenHigh * TrueRuler.POINTS_AN_INCH + 110);
        pages.heading(heading);
        pages.paragraph(words + (cutOff ? " Larger than the sheet: its upper left part is shown." : ""));
        pages.space(6);
        pages.drawing(heading + ". " + words, 1, 1, TrueRuler.POINTS_AN_INCH, TrueRuler.POINTS_AN_INCH, 0, drawing -> {
            drawing.clip(seenWide, seenHigh);
            drawn.accept(drawing);
        });
        pages.below((float) seenHigh * TrueRuler.POINTS_AN_INCH + 14);
    }
}

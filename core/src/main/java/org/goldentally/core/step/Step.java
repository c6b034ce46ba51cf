package org.goldentally.core.step;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.unit.ClothRole;

/**
 * One step: what to do, in a few words, and a drawing of it in true proportion.
 *
 * @param caution a short caution where the step can hurt someone; empty elsewhere
 */
public record Step(Kind kind, String text, List<Shape> drawing, String caution) {

    /**
     * The same steps with the lighter cloth of each pair on top, the one that is marked. That holds until the first seam
     * is pressed: then pairs are units, and lie as their seams want.
     */
    public static List<Step> lighterOnTop(List<Step> steps, ToDoubleFunction<ClothRole> lightness) {
        List<Step> changed = new ArrayList<>();
        boolean pairs = true;
        for (Step step : steps) {
            pairs = pairs && step.kind != Kind.PRESS;
            changed.add(pairs ? step.lighterOnTop(lightness) : step);
        }
        return changed;
    }

    private Step lighterOnTop(ToDoubleFunction<ClothRole> lightness) {
        List<ClothShape> cloths = drawing.stream()
                .filter(ClothShape.class::isInstance)
                .map(ClothShape.class::cast)
                .toList();
        List<Shape> shapes = new ArrayList<>();
        for (Shape shape : drawing) {
            shapes.add(
                    shape instanceof ClothShape cloth
                            ? cloths.stream()
                                    .filter(cloth::isPairedWith)
                                    .findFirst()
                                    .map(other -> cloth.inPair(other, lightness))
                                    .orElse(cloth)
                            : shape);
        }
        return new Step(kind, text, shapes, caution);
    }

    /** Kinds of steps, each with the caution that belongs to it (common practice, no source; makers' instructions come first). */
    public enum Kind {
        CUT_PIECES("Cut the pieces", Cautions.BLADE),
        PAIR("Pair", ""),
        MARK("Mark", ""),
        STITCH("Stitch", Cautions.NEEDLE),
        CUT("Cut apart", Cautions.BLADE),
        SNIP("Snip apart", Cautions.SCISSORS),
        PRESS("Press", Cautions.IRON),
        TRIM("Trim", Cautions.BLADE),
        JOIN("Join", Cautions.NEEDLE),
        UNPICK("Pick out", "");

        private final String title;
        private final String caution;

        Kind(String title, String caution) {
            this.title = title;
            this.caution = caution;
        }

        /** As above the picture: {@code Stitch}. */
        public String title() {
            return title;
        }

        String caution() {
            return caution;
        }
    }

    /** A part of a drawing. */
    public sealed interface Shape {}

    /**
     * A patch as it lies on the table.
     *
     * @param wrongSide whether the wrong side of the cloth is seen
     * @param layer 0 lies on the table, 1 on top of it
     */
    public record ClothShape(Polygon outline, ClothRole cloth, boolean wrongSide, int layer) implements Shape {

        private boolean isPairedWith(ClothShape other) {
            return layer != other.layer && outline.equals(other.outline);
        }

        private ClothShape inPair(ClothShape other, ToDoubleFunction<ClothRole> lightness) {
            double here = lightness.applyAsDouble(cloth);
            double there = lightness.applyAsDouble(other.cloth);
            boolean change = layer > other.layer ? here < there : there < here;
            return change ? new ClothShape(outline, other.cloth, wrongSide, layer) : this;
        }
    }

    /** A line to mark, to stitch or to cut. */
    public record LineShape(Line line, LineKind kind) implements Shape {}

    /** The outline to trim to. */
    public record TrimShape(Polygon outline) implements Shape {}

    /** What a line is for. */
    public enum LineKind {
        MARK,
        STITCH,
        CUT
    }

    private static final class Cautions {
        static final String BLADE =
                "Close the cutter whenever it leaves your hand; cut away from yourself, fingers clear of the ruler's edge.";
        static final String NEEDLE = "Pins out before the needle.";
        static final String SCISSORS = "Scissors here: one layer at a time.";
        static final String IRON = "Fingers clear of the iron's point and of hot steam; press, do not slide.";
    }
}

package org.goldentally.core.step;

import static org.goldentally.core.step.Sketch.line;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;

/** Steps of the ways that start from strips. */
public final class StripSteps {

    private static final Length NONE = Length.ZERO;

    private StripSteps() {}

    /** Two strips sewn on both long edges and cut into triangles. */
    public static List<Step> tube(Length width, int triangles, Length trimmed, SewingSettings settings, Habits habits) {
        Length a = settings.seamAllowance();
        int shown = Math.min(triangles, 5);
        Length length = width.times(shown + 1L);
        Polygon strip = Sketch.rectangle(length, width);
        List<Line> seams = List.of(line(NONE, a, length, a), line(NONE, width.minus(a), length, width.minus(a)));
        Polygon first = Polygon.of(Point.at(NONE, width), Point.at(width.times(2), width), Point.at(width, NONE));
        Line held = line(a, width.minus(a), width.times(2).minus(a), width.minus(a));
        List<Step> steps = new ArrayList<>();
        steps.add(new Sketch()
                .cloth(ClothRole.A, strip)
                .upper(ClothRole.B, strip)
                .stitch(seams)
                .step(Step.Kind.STITCH, "Two strips right sides together: stitch along both long edges."));
        steps.add(
                new Sketch()
                        .cloth(ClothRole.A, strip)
                        .upper(ClothRole.B, strip)
                        .stitch(seams)
                        .cut(zigzag(width, shown))
                        .step(
                                Step.Kind.CUT,
                                "Lay the ruler's 45° line on the edge and cut triangles, turning the ruler each time. All outer edges will be bias: starch helps, moisture does not."));
        steps.add(new Sketch()
                .cloth(ClothRole.A, first)
                .upper(ClothRole.B, first)
                .stitch(List.of(held))
                .step(Step.Kind.UNPICK, "Pick out the few stitches across each tip."));
        steps.addAll(PairSteps.openAndTrim(first, held, trimmed, true, settings, habits));
        return steps;
    }

    /** Equal strips sewn side by side and cut across. */
    public static List<Step> segments(
            Length width, Length segmentWidth, int strips, SewingSettings settings, Habits habits) {
        Length a = settings.seamAllowance();
        Length length = segmentWidth.times(4);
        Sketch cut = new Sketch();
        Sketch joined = new Sketch();
        Length y = NONE;
        for (int i = 0; i < strips; i++) {
            boolean outer = i == 0 || i == strips - 1;
            Length height = width.minus(outer ? a : a.times(2));
            Polygon strip = Polygon.rectangle(Point.at(NONE, y), length, height);
            cut.cloth(ClothRole.at(i), strip);
            joined.cloth(ClothRole.at(i), strip);
            y = y.plus(height);
        }
        List<Line> across = new ArrayList<>();
        for (int i = 1; i < 4; i++) {
            across.add(line(segmentWidth.times(i), NONE, segmentWidth.times(i), y));
        }
        String size = settings.system().writer().writeWithUnit(width);
        return List.of(
                joined.step(
                        Step.Kind.JOIN,
                        "Sew the strips side by side, each " + size + " wide. "
                                + habits.pressing().instruction() + " The set should measure "
                                + settings.system().writer().writeWithUnit(y) + " across."),
                cut.cut(across)
                        .step(
                                Step.Kind.CUT,
                                "Square up one end and cut segments of "
                                        + settings.system().writer().writeWithUnit(segmentWidth) + "."));
    }

    /** Cuts that part a band into right-angled triangles turned by turns. */
    static List<Line> zigzag(Length height, int triangles) {
        List<Line> cuts = new ArrayList<>();
        for (int i = 0; i <= triangles; i++) {
            Length x = height.times(i);
            cuts.add(i % 2 == 0 ? line(x, height, x.plus(height), NONE) : line(x, NONE, x.plus(height), height));
        }
        return cuts;
    }
}

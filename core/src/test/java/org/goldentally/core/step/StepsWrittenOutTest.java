package org.goldentally.core.step;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.goldentally.core.chance.Written;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.Habits.Marking;
import org.goldentally.core.habits.Habits.Pressing;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.Units;
import org.junit.jupiter.api.Test;

/** The steps of every method for every unit it makes, written out: the words, and of each drawing what lies where. */
class StepsWrittenOutTest {

    private static final SewingSettings SETTINGS = SewingSettings.usual(MeasureSystem.INCH);

    private static final List<Habits> HABITS = List.of(
            Habits.USUAL,
            new Habits(Marking.SEWING_LINES, Pressing.OPEN),
            new Habits(Marking.NOTHING, Pressing.TO_THE_THINNER));

    @Test
    void stepsOfEveryMethod() {
        List<String> lines = new ArrayList<>();
        for (PatchworkUnit unit : Units.OF_EVERY_KIND) {
            for (PiecingMethod method : Methods.making(unit)) {
                Recipe recipe = method.recipe(unit, SETTINGS, ClothPiece.square(Length.inches(18)));
                for (Habits habits : HABITS) {
                    lines.add("= " + unit + ", " + method.displayName() + ", "
                            + habits.marking().label() + ", "
                            + habits.pressing().label());
                    MakingSteps.of(method, unit, recipe, SETTINGS, habits).forEach(step -> lines.addAll(said(step)));
                }
            }
        }
        Written.as("steps.txt", lines);
    }

    static List<String> said(Step step) {
        Map<String, double[]> drawn = new TreeMap<>();
        for (Step.Shape shape : step.drawing()) {
            switch (shape) {
                case Step.ClothShape cloth ->
                    add(
                            drawn,
                            cloth.cloth() + (cloth.wrongSide() ? " wrong side up" : "") + " layer " + cloth.layer(),
                            cloth.outline());
                case Step.TrimShape trim -> add(drawn, "trimmed", trim.outline());
                case Step.LineShape line -> add(drawn, String.valueOf(line.kind()), line.line());
            }
        }
        List<String> lines = new ArrayList<>(List.of(step.kind() + ": " + step.text()));
        drawn.forEach((what, sums) -> lines.add(String.format(
                Locale.ROOT, "  %.0f %s: %.3f about %.3f, %.3f", sums[0], what, sums[1], sums[2], sums[3])));
        return lines;
    }

    private static void add(Map<String, double[]> drawn, String what, Polygon outline) {
        add(drawn, what, outline.area().toDoubleSquareInches(), outline.corners());
    }

    private static void add(Map<String, double[]> drawn, String what, Line line) {
        double wide = line.to().x().minus(line.from().x()).toDoubleInches();
        double high = line.to().y().minus(line.from().y()).toDoubleInches();
        add(drawn, what, Math.hypot(wide, high), List.of(line.from(), line.to()));
    }

    /** How many, how large together, and the sum of the middles of them. */
    private static void add(Map<String, double[]> drawn, String what, double size, List<Point> points) {
        double[] sums = drawn.computeIfAbsent(what, any -> new double[4]);
        sums[0]++;
        sums[1] += size;
        for (Point point : points) {
            sums[2] += point.x().toDoubleInches() / points.size();
            sums[3] += point.y().toDoubleInches() / points.size();
        }
    }
}

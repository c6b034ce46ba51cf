package org.goldentally.core.sew;

import java.util.Optional;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.Recipe;

/**
 * What a measured first raw unit says of the seam. A raw unit shrinks evenly as the seam grows: at the seam that is set it
 * has its raw size, at the widest seam its trimmed size (geometry); what was measured lies on the same line.
 *
 * @param goOn whether units like this still reach their trimmed size
 * @param seam the seam that was sewn, in inches; empty where the method leaves nothing to trim
 * @param advice what to do
 */
public record FirstUnit(boolean goOn, Optional<Double> seam, String advice) {

    /** Closer than this to the size expected is as good as on it: a sixteenth of an inch (our own limit). */
    private static final Length ON_SIZE = Length.inches(0, 1, 16);

    /** What is nearer to a mark than this share of a step lies on it, by eye. */
    private static final double QUARTER = 0.25;

    /** Sets what was measured beside what the recipe expects. */
    public static FirstUnit of(Length measured, Recipe recipe, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        Length raw = recipe.sizes().rawWidth();
        Length trimmed = recipe.sizes().trimmedWidth();
        boolean goOn = measured.isAtLeast(trimmed);
        Optional<Double> seam = seam(measured, recipe, settings);
        String measure = "measured " + writer.writeWithUnit(measured) + ", expected " + writer.writeWithUnit(raw)
                + ", trimmed " + writer.writeWithUnit(trimmed);
        Length off = measured.minus(raw);
        boolean close = !off.isLongerThan(ON_SIZE) && !off.isShorterThan(ON_SIZE.negated());
        String said = seam.filter(each -> each > 0)
                .map(each -> "; that is a seam of " + onARuler(each, settings))
                .orElse("");
        String todo;
        if (!goOn) {
            todo = "too small to trim: sew a narrower seam, or cut larger and trim more, before sewing the rest";
        } else if (close) {
            todo = "good: go on";
        } else if (off.isPositive()) {
            todo = "larger than expected, which only costs trimming: go on, or sew a slightly wider seam";
        } else {
            todo = "smaller than expected, but it still trims: go on with a slightly narrower seam";
        }
        return new FirstUnit(
                goOn, seam, measure + said + ". " + Character.toUpperCase(todo.charAt(0)) + todo.substring(1));
    }

    /** As it is seen on a ruler: {@code about 1/4 in}, {@code a little over 1/4 in}. */
    private static String onARuler(double inches, SewingSettings settings) {
        Grid marks = settings.system() == MeasureSystem.INCH ? Grid.SIXTEENTH_INCH : Grid.MILLIMETRE;
        double steps = inches / marks.step().toDoubleInches();
        long below = (long) Math.floor(steps);
        boolean between = steps - below > QUARTER && steps - below < 1 - QUARTER;
        return (between ? "a little over " : "about ")
                + settings.system().writer().writeWithUnit(marks.steps(between ? below : Math.round(steps)));
    }

    private static Optional<Double> seam(Length measured, Recipe recipe, SewingSettings settings) {
        double set = settings.seamAllowance().toDoubleInches();
        double raw = recipe.sizes().rawWidth().toDoubleInches();
        double trimmed = recipe.sizes().trimmedWidth().toDoubleInches();
        return recipe.sewing()
                .widestSeam()
                .filter(widest -> widest.isLongerThan(settings.seamAllowance())
                        && recipe.sizes().rawWidth().isLongerThan(recipe.sizes().trimmedWidth()))
                .map(Length::toDoubleInches)
                .map(widest -> set + (raw - measured.toDoubleInches()) * (widest - set) / (raw - trimmed))
                .filter(seam -> seam > 0);
    }
}

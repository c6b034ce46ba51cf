package org.goldentally.core.habits;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;

/**
 * How one quilter works: the system of measure, the seam, the marks of the ruler, and the school of allowance.
 *
 * @param grid cut sizes are rounded up to it
 */
public record SewingSettings(MeasureSystem system, Length seamAllowance, Grid grid, Allowance allowance) {

    /** Wider seams than this are no patchwork seams: 1 in (our own limit). */
    static final Length WIDEST_SEAM = Length.inches(1);

    /** Quarter-inch seam, eighths, trim: the usual settings of either system. */
    public static SewingSettings usual(MeasureSystem system) {
        return new SewingSettings(system, system.usualSeam(), system.usualGrid(), Allowance.TRIM);
    }

    public SewingSettings with(Allowance other) {
        return new SewingSettings(system, seamAllowance, grid, other);
    }

    /** The unfinished size for a finished one: 4 in finished gives 4 1/2 in unfinished. */
    public Length unfinished(Length finished) {
        return finished.plus(seamAllowance.times(2));
    }

    public Length finished(Length unfinished) {
        return unfinished.minus(seamAllowance.times(2));
    }

    public List<Problem> problems() {
        List<Problem> problems = new ArrayList<>();
        String seam = system.writer().writeWithUnit(seamAllowance);
        if (!seamAllowance.isPositive()) {
            problems.add(new Problem("Seam", "a seam of " + seam + " holds nothing together", usualSeamFix()));
        } else if (seamAllowance.isLongerThan(WIDEST_SEAM)) {
            problems.add(
                    new Problem("Seam", "a seam of " + seam + " is wider than any patchwork seam", usualSeamFix()));
        }
        if (!system.grids().contains(grid)) {
            problems.add(new Problem(
                    "Ruler",
                    "a ruler with marks every " + grid.label() + " does not go with " + system.abbreviation(),
                    "choose "
                            + String.join(
                                    " or ",
                                    system.grids().stream().map(Grid::label).toList())));
        }
        return problems;
    }

    private String usualSeamFix() {
        return "the usual seam is " + system.writer().writeWithUnit(system.usualSeam());
    }
}

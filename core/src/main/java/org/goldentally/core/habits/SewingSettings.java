package org.goldentally.core.habits;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;

/**
 * How one quilter works: the system of measure, the seam, the marks of the ruler, and the school of allowance.
 *
 * @param grid cut sizes are rounded up to it
 * @param ownCut what she cuts of these units instead of what the school says: the first piece that is cut with room
 * @param ownRoom how much larger than trimmed she likes these units, instead of the school's room
 */
public record SewingSettings(
        MeasureSystem system,
        Length seamAllowance,
        Grid grid,
        Allowance allowance,
        Optional<Length> ownCut,
        Optional<Length> ownRoom) {

    /** Wider seams than this are no patchwork seams: 1 in (our own limit). */
    static final Length WIDEST_SEAM = Length.inches(1);

    /** Everything is cut by one school. */
    public SewingSettings(MeasureSystem system, Length seamAllowance, Grid grid, Allowance allowance) {
        this(system, seamAllowance, grid, allowance, Optional.empty(), Optional.empty());
    }

    /** Quarter-inch seam, eighths, trim: the usual settings of either system. */
    public static SewingSettings usual(MeasureSystem system) {
        return new SewingSettings(system, system.usualSeam(), system.usualGrid(), Allowance.TRIM);
    }

    /** The same sewn with another allowance. */
    public SewingSettings with(Allowance other) {
        return new SewingSettings(system, seamAllowance, grid, other);
    }

    /**
     * The same for units that are cut otherwise than the rest.
     *
     * @param finished width of such a unit
     */
    public SewingSettings cutting(OwnCut own, Length finished) {
        return switch (own) {
            case OwnCut.BySchool(Allowance school) -> with(school);
            case OwnCut.Cut(Length size) ->
                new SewingSettings(system, seamAllowance, grid, allowance, Optional.of(size), Optional.empty());
            case OwnCut.Raw(Length size) ->
                new SewingSettings(
                        system,
                        seamAllowance,
                        grid,
                        allowance,
                        Optional.empty(),
                        Optional.of(size.minus(unfinished(finished))));
        };
    }

    /** The unfinished size for a finished one: 4 in finished gives 4 1/2 in unfinished. */
    public Length unfinished(Length finished) {
        return finished.plus(seamAllowance.times(2));
    }

    /** What a raw size is once both its seams are sewn: 4 1/2 in is 4 in finished. */
    public Length finished(Length unfinished) {
        return unfinished.minus(seamAllowance.times(2));
    }

    /** What is wrong with them, all at once; empty for settings to sew by. */
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

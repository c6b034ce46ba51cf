package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.OuterEdges;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.step.Step;

/**
 * What commonly goes wrong in a kind of work (common practice, no source).
 *
 * @param seen how one notices it
 * @param cause what it comes of
 * @param mend what to do
 */
public record Mishap(String seen, String cause, String mend) {

    private static final Mishap UNLIKE = new Mishap(
            "One of a pair is small, the other large",
            "cut beside the line, or one seam is wider than the other",
            "trim the large one, make the small one again");
    private static final Mishap PLAIN = new Mishap(
            "A unit shows one fabric, or a wrong side",
            "two alike lay together, or one lay wrong side up",
            "part it at the seam and exchange the piece, before the rest is cut");
    private static final Mishap POINTS = new Mishap(
            "A point is cut off once it is sewn in",
            "trimmed from the edge, so that nothing was left beyond the point",
            "trim from the seam, with the ruler's line on it");
    private static final Mishap WAVES = new Mishap(
            "The edges wave",
            "a bias edge was pulled, or the iron slid",
            "starch it and press straight down; sew it to a straight-grained neighbour");
    private static final List<Mishap> OF_BLOCKS = List.of(
            new Mishap(
                    "It reads otherwise than the picture",
                    "a unit is turned, or of the other hand",
                    "compare with the pinned one before you join; unpick that seam only"),
            new Mishap(
                    "A lump in the middle",
                    "all seams lie to one side there",
                    "press the last seam open, or pick out the stitches of the first ones that lie in the allowance and let"
                            + " the seams turn round the middle; never trim it from the front"));
    private static final List<Mishap> OF_ROWS = List.of(new Mishap(
            "Rows are not equally long",
            "the seam differs from sitting to sitting",
            "measure each block; ease the longer row, laid underneath, or trim all to the smallest"));
    private static final List<Mishap> OF_BORDERS = List.of(new Mishap(
            "The border waves",
            "it was cut as long as the edge, which has stretched",
            "measure through the middle, cut to that, and pin halves and quarters"));

    /** What is worth telling of a batch, commonest first. */
    public static List<Mishap> of(Batch batch, List<Step> steps, SewingSettings settings) {
        return switch (batch.kind()) {
            case BLOCKS -> OF_BLOCKS;
            case ROWS -> OF_ROWS;
            case BORDER -> OF_BORDERS;
            case SASHING, BINDING -> List.of();
            case HALVES, UNITS, BONUS ->
                batch.set().map(set -> ofUnits(set.recipe(), steps, settings)).orElse(List.of());
        };
    }

    private static List<Mishap> ofUnits(Recipe recipe, List<Step> steps, SewingSettings settings) {
        List<Mishap> mishaps = new ArrayList<>();
        boolean isPair = has(steps, Step.Kind.PAIR);
        if (has(steps, Step.Kind.TRIM)) {
            tooSmall(recipe, settings).ifPresent(mishaps::add);
        }
        if (isPair && has(steps, Step.Kind.CUT)) {
            mishaps.add(UNLIKE);
            mishaps.add(PLAIN);
        }
        if (has(steps, Step.Kind.TRIM)) {
            mishaps.add(POINTS);
        }
        if (recipe.sewing().edges() != OuterEdges.STRAIGHT) {
            mishaps.add(WAVES);
        }
        return mishaps;
    }

    private static boolean has(List<Step> steps, Step.Kind kind) {
        return steps.stream().anyMatch(step -> step.kind() == kind);
    }

    /** Where something is trimmed away: how wide a seam may be before nothing is left to trim (geometry). */
    private static Optional<Mishap> tooSmall(Recipe recipe, SewingSettings settings) {
        Length trimmed = recipe.sizes().trimmedWidth();
        return recipe.sewing()
                .widestSeam()
                .filter(widest -> widest.isLongerThan(settings.seamAllowance()))
                .map(widest -> new Mishap(
                        "All come out smaller than "
                                + settings.system().writer().writeWithUnit(trimmed),
                        "the seam is too wide: they still reach it with one up to "
                                + settings.system()
                                        .writer()
                                        .writeWithUnit(settings.system().seamOnARuler(widest)),
                        "sew two scraps and measure them, then move the guide, and cut the rest larger"));
    }
}

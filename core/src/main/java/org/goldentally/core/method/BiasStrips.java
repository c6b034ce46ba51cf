package org.goldentally.core.method;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Factor;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;

/**
 * Two large squares, one of each cloth, cut on the bias into strips that are joined light to dark; squares are then cut
 * on the seams, so that their outer edges lie on the straight grain. Both squares are used up: one panel starts with the
 * light strip, the other with the dark.
 *
 * <ol>
 *   <li>The first cut is the diagonal of the square, {@code S√2} long; the next ones lie a strip's width {@code b} to
 *       either side, {@code b√2} along the edge, and are so much shorter.
 *   <li>Sewn with a seam {@code a}, of a cut that runs at {@code d} along the edge {@code (S − d)√2 − 2a} can be used:
 *       the strip on its short side is that long at the stitching.
 *   <li>A unit lies with its diagonal, {@code U√2}, on the seam. Neighbours on one seam touch at their corners; those on
 *       the next seam fill the gaps between them, which needs {@code b − 2a ≥ U/√2}, and needs the units of a seam to
 *       start {@code 2a} later than those of the next seam outwards. So of k seams on either side, the units of the j-th
 *       start {@code 2a(k − j)} along it.
 *   <li>More seams give more places and less length on each: of all k the one with most units is taken.
 * </ol>
 */
public final class BiasStrips implements PiecingMethod {

    /** Larger squares have bias cuts longer than a 24 in ruler reaches: 17 × √2 = 24.04 (common practice, no source). */
    static final Length LARGEST_SQUARE = Length.inches(17);

    /** A unit lies with its diagonal on a seam: half of it on each of two strips, which lose a seam on either side. */
    static final Formula STRIP = Formula.cut(
            "bias strip", Rules.UNFINISHED.expression().dividedByRootTwo().plus(Rules.SEAM.times(2)));

    /** The least square that gives one unit on its diagonal. */
    static final Formula SMALLEST = Formula.cut(
            "least square for bias strips",
            Rules.UNFINISHED
                    .expression()
                    .times(Factor.ROOT_TWO)
                    .plus(Rules.SEAM.times(2))
                    .dividedByRootTwo());

    static final Formula WIDEST_SEAM = Formula.exact(
            "widest seam, bias strips",
            Rules.STRIP.minus(Rules.TRIMMED.dividedByRootTwo()).dividedBy(2));

    @Override
    public MethodId id() {
        return MethodId.BIAS_STRIPS;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof HalfSquareTriangleUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule strip = stripRule(finished, settings);
        Length room = strip.ownRoom().map(Length::timesRootTwo).orElseGet(() -> Sizes.roomForOneSeam(settings));
        Length stripWidth = strip.cut(settings);
        Length rawDiagonal = trimmed.plus(room).timesRootTwo();
        Length side = square(piece, finished, room, settings);
        Panel panel = Panel.best(
                side, stripWidth, rawDiagonal, settings.seamAllowance().times(2));
        int perPanel = panel.units();
        return Recipe.forA("pair of squares")
                .takes(CutPiece.squares(ClothRole.A, "print", side, 1))
                .takes(CutPiece.squares(ClothRole.B, "background", side, 1))
                .rulerSetTo(stripWidth)
                .gives(2 * perPanel)
                .sizes(UnitSizes.square(trimmed.plus(room), trimmed, finished))
                .sewn(panel.seams() * 2 + 4 * perPanel, panel.seamLength().times(2))
                .widestSeam(WIDEST_SEAM.exactly(
                        Sizes.figures(Input.STRIP, stripWidth, settings).and(Input.TRIMMED, trimmed)))
                .cutBy(strip, settings)
                .because(
                        "Cut square",
                        () -> Sizes.write(side, settings)
                                + ", the most that the piece and a 24 in ruler allow; two panels")
                .because(() -> Sizes.trimmedWorking(finished, settings))
                .because(
                        "Units",
                        () -> panel.seams() + " seams a panel, " + panel.lengths(settings)
                                + " to use ÷ the unit's diagonal "
                                + settings.system().writer().writeDecimal(rawDiagonal) + ", cut off to whole: "
                                + perPanel + " a panel, two panels")
                .build();
    }

    /** As large as the piece and the ruler allow, and at least as large as one unit wants. */
    private static Length square(ClothPiece piece, Length finished, Length room, SewingSettings settings) {
        CutRule smallest = Sizes.cutFor("Cut square, at least", SMALLEST, finished, room, settings);
        Length onPiece = Length.min(piece.shorterSide(), LARGEST_SQUARE).roundedDownTo(settings.grid());
        return Length.max(onPiece, smallest.cut(settings));
    }

    /** How many seams of a panel lie on either side of its middle one, in what this recipe gave. */
    public static int seamsBeside(Recipe recipe, SewingSettings settings) {
        Panel panel = Panel.best(
                recipe.cuts().getFirst().size().width(),
                recipe.sizesToCut().getFirst(),
                recipe.sizes().rawWidth().timesRootTwo(),
                settings.seamAllowance().times(2));
        return panel.usable().size() - 1;
    }

    private static CutRule stripRule(Length finished, SewingSettings settings) {
        Length room = Sizes.roomForOneSeam(settings).dividedByRootTwo();
        return Sizes.cutFor("Bias strip, width", STRIP, finished, room, settings)
                .orOwn(settings);
    }

    /**
     * One panel: the seams on the diagonal and beside it, and what each gives.
     *
     * @param usable the length of each seam that can be used, from the diagonal outwards; those beside it count twice
     */
    private record Panel(List<Length> usable, Length side, Length stripWidth, Length diagonal) {

        static Panel best(Length side, Length stripWidth, Length diagonal, Length twoSeams) {
            Panel best = of(0, side, stripWidth, diagonal, twoSeams);
            for (int beside = 1; ; beside++) {
                Panel panel = of(beside, side, stripWidth, diagonal, twoSeams);
                if (panel.usable.stream().anyMatch(length -> !length.isAtLeast(diagonal))) {
                    return best;
                }
                best = panel.units() > best.units() ? panel : best;
            }
        }

        private static Panel of(int beside, Length side, Length stripWidth, Length diagonal, Length twoSeams) {
            List<Length> usable = new ArrayList<>();
            for (int j = 0; j <= beside; j++) {
                Length alongEdge = stripWidth.times(j).timesRootTwo();
                usable.add(side.minus(alongEdge).timesRootTwo().minus(twoSeams.times(1L + beside - j)));
            }
            return new Panel(List.copyOf(usable), side, stripWidth, diagonal);
        }

        int units() {
            long units = 0;
            for (int j = 0; j < usable.size(); j++) {
                units += (j == 0 ? 1 : 2) * usable.get(j).wholeTimes(diagonal);
            }
            return Math.toIntExact(units);
        }

        int seams() {
            return 2 * usable.size() - 1;
        }

        Length seamLength() {
            Length sum = Length.ZERO;
            for (int j = 0; j < usable.size(); j++) {
                Length cut = side.minus(stripWidth.times(j).timesRootTwo()).timesRootTwo();
                sum = sum.plus(cut.times(j == 0 ? 1 : 2));
            }
            return sum;
        }

        String lengths(SewingSettings settings) {
            return usable.stream()
                    .map(length -> settings.system().writer().writeDecimal(length))
                    .collect(Collectors.joining(", then twice "));
        }
    }
}

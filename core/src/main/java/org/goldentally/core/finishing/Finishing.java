package org.goldentally.core.finishing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.JoinedStrips;
import org.goldentally.core.design.FinishingDesign.Panels;
import org.goldentally.core.formula.Expression;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;
import org.goldentally.core.formula.Source;
import org.goldentally.core.formula.Working;
import org.goldentally.core.meaning.FinishingSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.QuiltTop;

/**
 * Binding, backing and batting of a top: 60 × 72 in takes 7 strips of 2 1/2 in for the binding and a backing of 68 × 80
 * in.
 *
 * @param binding empty where a size cannot be read or the binding would be wider than the cloth
 * @param backing the way that was chosen, else the one that takes least cloth; empty where no way does with three panels
 * @param workings how the figures came about
 * @param problems what cannot be done, and the way out
 */
public record Finishing(
        Optional<Binding> binding,
        Length backingWidth,
        Length backingHeight,
        Optional<Backing> backing,
        List<Working> workings,
        List<Problem> problems) {

    private static final int MOST_PANELS = 3;

    /** A top on point has sides that no ruler shows; what is cut is rounded up to its marks. */
    static final Formula BACKING_SIDE = new Formula(
            "side of backing and batting",
            Expression.figure(Input.FINISHED)
                    .plus(Expression.figure(Input.OVERHANG).times(2)),
            Formula.Rounding.UP_TO_THE_RULER,
            Source.PRACTICE);

    static final Formula BINDING = new Formula(
            "binding, length",
            Expression.figure(Input.WAY_ROUND).plus(Expression.figure(Input.EXTRA)),
            Formula.Rounding.NONE,
            Source.PRACTICE);

    /**
     * Strips cut across the width and joined on the diagonal, where each join takes as much length as a strip is wide.
     *
     * @param length the way round and the extra
     * @param working how the number of strips came about
     */
    public record Binding(Length stripWidth, Length widthOfFabric, Length length, long strips, Working working) {

        /** Cloth to cut them from. */
        public Length cloth() {
            return stripWidth.times(strips);
        }
    }

    /**
     * Panels of cloth side by side.
     *
     * @param upright whether the panels run from top to bottom
     */
    public record Backing(int panels, boolean upright, Length widthOfFabric, Length panelLength) {

        /** Length of cloth under the backing, all panels together. */
        public Length cloth() {
            return panelLength.times(panels);
        }
    }

    /** Binding and backing of a top, with what cannot be said of them. */
    public static Finishing of(QuiltTop top) {
        return of(top, top.design().finishing().panels());
    }

    /** The same with the panels of the backing run some way. */
    public static Finishing of(QuiltTop top, Panels panels) {
        return of(top, panels, FabricWidths.UNKNOWN);
    }

    /** The same of fabrics as wide as those on the shelf. */
    public static Finishing of(QuiltTop top, Panels panels, FabricWidths widths) {
        FinishingSizes sizes = top.read().finishing();
        MeasureSystem system = top.design().system();
        List<Problem> problems = new ArrayList<>(sizes.problems());
        List<Working> workings = new ArrayList<>();
        Length width = backingSide(top.finishedWidth(), top);
        Length height = backingSide(top.finishedHeight(), top);
        Optional<Binding> binding =
                sizes.bindingStrip().flatMap(each -> binding(top, each, widths, problems, workings));
        Optional<Backing> backing = sizes.backingWidth()
                .flatMap(each ->
                        backing(width, height, widths.backing().orElse(each), panels, system, problems, workings));
        return new Finishing(binding, width, height, backing, workings, problems);
    }

    private static Length backingSide(Length finished, QuiltTop top) {
        Figures figures = Figures.of(Input.FINISHED, finished)
                .and(Input.OVERHANG, top.read().finishing().overhang());
        return BACKING_SIDE.onRuler(figures, Length.ZERO, top.settings().grid());
    }

    private static Optional<Binding> binding(
            QuiltTop top, Length strip, FabricWidths widths, List<Problem> problems, List<Working> workings) {
        MeasureSystem system = top.design().system();
        LengthWriter writer = system.writer();
        Length widthOfFabric = widths.binding().orElse(UsualSizes.of(system).widthOfFabric());
        if (strip.times(2).isLongerThan(widthOfFabric)) {
            problems.add(new Problem(
                    "Binding, cut strip",
                    writer.writeWithUnit(strip) + " is too wide for a binding",
                    "2 1/4 or 2 1/2 in is usual"));
            return Optional.empty();
        }
        Length round = top.finishedWidth().plus(top.finishedHeight()).times(2);
        Length extra = UsualSizes.of(system).bindingExtra();
        Length length = BINDING.exactly(Figures.of(Input.WAY_ROUND, round).and(Input.EXTRA, extra));
        JoinedStrips joined = JoinedStrips.diagonal(widthOfFabric, strip);
        long strips = joined.stripsFor(length);
        Working working = new Working(
                "Binding",
                "round the top " + writer.write(round) + " + " + writer.write(extra) + " for corners and join = "
                        + writer.writeWithUnit(length) + "; each strip gives " + writer.write(widthOfFabric)
                        + ", less " + writer.write(strip) + " at each diagonal join: " + strips + " strips");
        workings.add(working);
        return Optional.of(new Binding(strip, widthOfFabric, length, strips, working));
    }

    private static Optional<Backing> backing(
            Length width,
            Length height,
            Length cloth,
            Panels way,
            MeasureSystem system,
            List<Problem> problems,
            List<Working> workings) {
        LengthWriter writer = system.writer();
        Length seam = UsualSizes.of(system).backingSeam();
        Optional<Backing> upright = panels(width, cloth, seam).map(panels -> new Backing(panels, true, cloth, height));
        Optional<Backing> lying = panels(height, cloth, seam).map(panels -> new Backing(panels, false, cloth, width));
        if (upright.isEmpty() && lying.isEmpty()) {
            problems.add(new Problem(
                    "Backing, usable width of its fabric",
                    "three panels of " + writer.writeWithUnit(cloth) + " do not cover " + writer.write(width) + " × "
                            + writer.writeWithUnit(height),
                    "take wider fabric, or piece the backing from more"));
            return Optional.empty();
        }
        boolean upIsLess = lying.isEmpty()
                || (upright.isPresent()
                        && !upright.get().cloth().isLongerThan(lying.get().cloth()));
        boolean takeUpright = switch (way) {
            case LEAST -> upIsLess;
            case UPRIGHT -> upright.isPresent();
            case LYING -> lying.isEmpty();
        };
        Backing backing = takeUpright ? upright.get() : lying.get();
        workings.add(new Working(
                "Backing",
                say(backing, seam, writer)
                        + (upright.isPresent() && lying.isPresent()
                                ? "; the other way round it would take "
                                        + writer.writeWithUnit((takeUpright ? lying : upright)
                                                .get()
                                                .cloth())
                                : "; the other way round it would take more than three panels")));
        return Optional.of(backing);
    }

    private static String say(Backing backing, Length seam, LengthWriter writer) {
        return backing.panels + (backing.panels == 1 ? " panel" : " panels") + " of "
                + writer.writeWithUnit(backing.panelLength)
                + (backing.upright ? " from top to bottom" : " from side to side") + " = "
                + writer.writeWithUnit(backing.cloth()) + " of fabric " + writer.writeWithUnit(backing.widthOfFabric)
                + " wide"
                + (backing.panels == 1 ? "" : ", joined with seams of " + writer.writeWithUnit(seam));
    }

    /** How many panels cover a side; each join takes a seam of both. */
    private static Optional<Integer> panels(Length side, Length cloth, Length seam) {
        if (!cloth.isLongerThan(seam.times(2))) {
            return Optional.empty();
        }
        long panels = JoinedStrips.straight(cloth, seam).stripsFor(side);
        return panels <= MOST_PANELS ? Optional.of(Math.toIntExact(panels)) : Optional.empty();
    }
}

package org.goldentally.core.block;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.work.Work;

/**
 * A block, or anything else of the top, laid out at its finished size: patches that fill its box without gap or overlap,
 * and the units that they belong to.
 *
 * <p>Where a cell is empty or its unit does not fit, a blank patch stands in, so that the box is always filled; what is
 * wrong is said in the flaws.
 *
 * @param innerBlocks smaller blocks set into it, and into these, the outer ones first
 */
public record Figure(
        Length finishedWidth,
        Length finishedHeight,
        List<FigurePatch> patches,
        List<FigureUnit> units,
        List<InnerBlock> innerBlocks,
        List<Problem> flaws) {

    /** Without smaller blocks in it. */
    Figure(
            Length finishedWidth,
            Length finishedHeight,
            List<FigurePatch> patches,
            List<FigureUnit> units,
            List<Problem> flaws) {
        this(finishedWidth, finishedHeight, patches, units, List.of(), flaws);
    }

    /**
     * A smaller block that is set into the figure, sewn before it.
     *
     * @param finishedWidth as it is designed, before it is turned
     * @param mirrored whether it is sewn as the mirror image of how it is designed
     */
    public record InnerBlock(Block block, Length finishedWidth, Length finishedHeight, boolean mirrored) {

        InnerBlock inCloths(Map<String, String> exchanges) {
            Block dressed = block.withUnits(unit -> unit.inCloths(cloth -> exchanges.getOrDefault(cloth, cloth)));
            return new InnerBlock(dressed, finishedWidth, finishedHeight, mirrored);
        }
    }

    public Figure {
        innerBlocks = List.copyOf(innerBlocks);
        patches = List.copyOf(patches);
        units = List.copyOf(units);
        flaws = List.copyOf(flaws);
    }

    /**
     * A patch.
     *
     * @param cloth its cloth's key; empty where it is not dressed
     * @param unit which unit it belongs to, or {@link #BLANK}
     * @param part which part of the block it belongs to, a smaller block being one part, or which unit along a row;
     *     {@link #BLANK} in an empty cell
     */
    public record FigurePatch(Polygon outline, String cloth, int unit, int part) {

        /** The unit of a patch that only stands in for something missing. */
        public static final int BLANK = -1;

        /** Whether it only stands in for something missing. */
        public boolean isBlank() {
            return unit == BLANK;
        }
    }

    /**
     * A unit as sewn into the figure.
     *
     * @param cloths a cloth's key for each of its patches
     * @param cell its place in words: {@code column 2, row 1}
     * @param place how it lies in the figure
     */
    public record FigureUnit(PatchworkUnit unit, List<String> cloths, String cell, Place place) {

        /** Whether it is sewn as the mirror image of how it is drawn. */
        public boolean isMirrored() {
            return place.mirrored();
        }

        FigureUnit inCloths(Map<String, String> exchanges) {
            return new FigureUnit(
                    unit,
                    cloths.stream()
                            .map(cloth -> exchanges.getOrDefault(cloth, cloth))
                            .toList(),
                    cell,
                    place);
        }
    }

    /** How large the cells are that a part of a block takes. */
    public record Cells(Length width, Length height) {

        /** Finished size of the cells that a part takes, those beyond the block's edge left out. */
        public static Cells of(Block block, BlockPart part, Figure figure) {
            int right = Math.min(part.column() + part.columns(), block.columns().size());
            int bottom = Math.min(part.row() + part.rows(), block.rows().size());
            int across = Block.sum(block.columns(), right) - Block.sum(block.columns(), Math.min(part.column(), right));
            int down = Block.sum(block.rows(), bottom) - Block.sum(block.rows(), Math.min(part.row(), bottom));
            return new Cells(
                    figure.finishedWidth.times(across).dividedBy(block.across()),
                    figure.finishedHeight.times(down).dividedBy(block.down()));
        }
    }

    /** A box of one plain piece. */
    public static Figure plain(Length width, Length height, String cloth) {
        return outline(
                Polygon.rectangle(Point.ORIGIN, width, height),
                new PatchworkUnit.PlainPatch(width, height),
                width,
                height,
                cloth);
    }

    /** One patch of any outline in its box. */
    public static Figure outline(Polygon outline, PatchworkUnit unit, Length width, Length height, String cloth) {
        return new Figure(
                width,
                height,
                List.of(new FigurePatch(outline, cloth, 0, 0)),
                List.of(new FigureUnit(unit, List.of(cloth), "", Place.filling(width, height))),
                List.of());
    }

    /**
     * The block at a finished size.
     *
     * @param blocks finds the smaller blocks in it by their keys
     */
    public static Figure of(
            Block block, Length width, Length height, Function<String, Optional<Block>> blocks, MeasureSystem system) {
        FigureBuilder builder = new FigureBuilder(blocks, system);
        builder.addBlock(block, Place.filling(width, height), List.of(block), "block " + block.name());
        return builder.build(width, height);
    }

    /** One unit, or smaller block, in a box of its own. */
    public static Figure of(
            UnitDesign unit,
            Length width,
            Length height,
            String where,
            Function<String, Optional<Block>> blocks,
            MeasureSystem system) {
        FigureBuilder builder = new FigureBuilder(blocks, system);
        builder.addUnit(unit, Place.filling(width, height), List.of(), where, "");
        return builder.build(width, height);
    }

    /** A row of figures of one height side by side; what is left of its length is blank. */
    public static Figure row(Length length, Length height, List<Figure> figures, List<Problem> moreFlaws) {
        FigureBuilder builder = new FigureBuilder(key -> Optional.empty(), MeasureSystem.INCH);
        Length x = Length.ZERO;
        for (int i = 0; i < figures.size(); i++) {
            builder.addFigure(figures.get(i), x, i);
            x = x.plus(figures.get(i).finishedWidth);
        }
        if (length.isLongerThan(x)) {
            builder.addBlank(Place.filling(length, height).inside(x, Length.ZERO, length.minus(x), height));
        }
        builder.addFlaws(moreFlaws);
        return builder.build(length, height);
    }

    /** The same patches in other cloths. */
    public Figure inCloths(Map<String, String> exchanges) {
        if (exchanges.isEmpty()) {
            return this;
        }
        Work.spend(patches.size());
        return new Figure(
                finishedWidth,
                finishedHeight,
                patches.stream()
                        .map(patch -> new FigurePatch(
                                patch.outline,
                                exchanges.getOrDefault(patch.cloth, patch.cloth),
                                patch.unit,
                                patch.part))
                        .toList(),
                units.stream().map(unit -> unit.inCloths(exchanges)).toList(),
                innerBlocks.stream().map(inner -> inner.inCloths(exchanges)).toList(),
                flaws);
    }

    /** Finished area, with empty cells. */
    public Area area() {
        return finishedWidth.times(finishedHeight);
    }
}

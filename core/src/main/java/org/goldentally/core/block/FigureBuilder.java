package org.goldentally.core.block;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitDrawing;
import org.goldentally.core.unit.UnitKind;
import org.goldentally.core.work.Work;

/** Gathers the patches and units of a figure, however deep its blocks are set into each other. */
final class FigureBuilder {

    /** For units without corners, which nothing is read of. */
    private static final CornerShare ANY_CORNER = new CornerShare(1, 2);

    /** Deeper than this blocks are not set into each other (our own limit). */
    static final int DEEPEST = 4;

    private final List<FigurePatch> patches = new ArrayList<>();
    private final List<FigureUnit> units = new ArrayList<>();
    private final List<Figure.InnerBlock> innerBlocks = new ArrayList<>();
    private final List<Problem> flaws = new ArrayList<>();
    private final Function<String, Optional<Block>> blocks;
    private final LengthWriter writer;

    /** The part of the outermost block that is being laid out. */
    private int part = FigurePatch.BLANK;

    FigureBuilder(Function<String, Optional<Block>> blocks, MeasureSystem system) {
        this.blocks = blocks;
        this.writer = system.writer();
    }

    Figure build(Length width, Length height) {
        return new Figure(
                width,
                height,
                patches,
                units,
                innerBlocks,
                flaws.stream().distinct().toList());
    }

    void addFlaws(List<Problem> more) {
        flaws.addAll(more);
    }

    void addBlank(Place place) {
        patches.add(new FigurePatch(place.box(), "", FigurePatch.BLANK, part));
    }

    /** A finished figure, moved to the right; its number among those of the row. */
    void addFigure(Figure figure, Length right, int number) {
        int first = units.size();
        Work.spend(figure.patches().size());
        for (FigurePatch patch : figure.patches()) {
            patches.add(new FigurePatch(
                    patch.outline().movedBy(right, Length.ZERO),
                    patch.cloth(),
                    patch.isBlank() ? FigurePatch.BLANK : first + patch.unit(),
                    number));
        }
        for (FigureUnit unit : figure.units()) {
            units.add(new FigureUnit(
                    unit.unit(), unit.cloths(), unit.cell(), unit.place().movedRight(right)));
        }
        innerBlocks.addAll(figure.innerBlocks());
        flaws.addAll(figure.flaws());
    }

    /**
     * Fills a box with the grid of a block: what its parts cover, and blank patches for the rest.
     *
     * @param path the blocks it is set into, itself last, so that none is set into itself
     */
    void addBlock(Block block, Place box, List<Block> path, String where) {
        Length column = box.width().dividedBy(block.across());
        Length row = box.height().dividedBy(block.down());
        boolean[][] covered = new boolean[block.rows().size()][block.columns().size()];
        boolean outermost = path.size() == 1;
        for (int i = 0; i < block.parts().size(); i++) {
            BlockPart each = block.parts().get(i);
            String cell = "column " + (each.column() + 1) + ", row " + (each.row() + 1);
            if (outermost) {
                part = i;
            }
            if (!claim(each, covered)) {
                flaws.add(new Problem(
                        where + ", " + cell,
                        "the " + each.unit().kind().label() + " runs over the edge of the grid or over another unit",
                        "move it, or let it take fewer cells"));
                continue;
            }
            addUnit(each.unit(), cells(block, box, column, row, each), path, where, cell);
        }
        if (outermost) {
            part = FigurePatch.BLANK;
        }
        for (int r = 0; r < covered.length; r++) {
            for (int c = 0; c < covered[r].length; c++) {
                if (!covered[r][c]) {
                    addBlank(cells(block, box, column, row, new BlockPart(c, r, 1, 1, UnitDesign.plain(""))));
                }
            }
        }
    }

    private static Place cells(Block block, Place box, Length column, Length row, BlockPart part) {
        int left = Block.sum(block.columns(), part.column());
        int top = Block.sum(block.rows(), part.row());
        int right = Block.sum(block.columns(), part.column() + part.columns());
        int bottom = Block.sum(block.rows(), part.row() + part.rows());
        return box.inside(column.times(left), row.times(top), column.times(right - left), row.times(bottom - top));
    }

    private static boolean claim(BlockPart part, boolean[][] covered) {
        if (part.row() + part.rows() > covered.length || part.column() + part.columns() > covered[0].length) {
            return false;
        }
        for (int r = part.row(); r < part.row() + part.rows(); r++) {
            for (int c = part.column(); c < part.column() + part.columns(); c++) {
                if (covered[r][c]) {
                    return false;
                }
            }
        }
        for (int r = part.row(); r < part.row() + part.rows(); r++) {
            Arrays.fill(covered[r], part.column(), part.column() + part.columns(), true);
        }
        return true;
    }

    void addUnit(UnitDesign design, Place cells, List<Block> path, String where, String cell) {
        Place box = cells.turned(design.mirrored(), design.quarterTurns());
        if (design.kind() == UnitKind.BLOCK) {
            addSmallerBlock(design, cells, box, path, where, cell);
            return;
        }
        Optional<Problem> misfit = misfit(design, box, cell.isEmpty() ? where : where + ", " + cell);
        if (misfit.isPresent()) {
            flaws.add(misfit.get());
            addBlank(cells);
            return;
        }
        CornerShare corner = design.cornerShare().orElse(ANY_CORNER);
        List<String> cloths = new ArrayList<>();
        for (int i = 0; i < design.kind().patches(design.count()); i++) {
            cloths.add(design.cloth(i));
        }
        PatchworkUnit unit =
                design.kind().unit(box.width(), box.height(), design.count(), corner.part(), corner.of(), cloths);
        List<UnitDrawing.UnitPatch> drawn = UnitDrawing.of(unit);
        Work.spend(drawn.size());
        for (int i = 0; i < drawn.size(); i++) {
            Polygon outline = box.apply(drawn.get(i).outline());
            patches.add(new FigurePatch(outline, cloths.get(i), units.size(), part));
        }
        units.add(new FigureUnit(unit, cloths, cell, box));
    }

    private void addSmallerBlock(
            UnitDesign design, Place cells, Place box, List<Block> path, String where, String cell) {
        Optional<Block> smaller = blocks.apply(design.block());
        String place = where + (cell.isEmpty() ? "" : ", " + cell);
        if (smaller.isEmpty()) {
            flaws.add(new Problem(place, "the smaller block is not in this quilt any more", "choose another one"));
            addBlank(cells);
            return;
        }
        Block block = smaller.get();
        if (path.stream().anyMatch(outer -> outer.key().equals(block.key())) || path.size() >= DEEPEST) {
            flaws.add(new Problem(
                    place,
                    path.size() >= DEEPEST
                            ? "blocks are set into each other more than " + DEEPEST + " deep"
                            : block.name() + " cannot be a part of itself",
                    "put another block or a plain piece here"));
            addBlank(cells);
            return;
        }
        List<Block> deeper = new ArrayList<>(path);
        deeper.add(block);
        innerBlocks.add(new Figure.InnerBlock(block, box.width(), box.height(), box.mirrored()));
        addBlock(block, box, deeper, place + ", " + block.name());
    }

    private Optional<Problem> misfit(UnitDesign design, Place box, String place) {
        String cellSize = writer.write(box.width()) + " × " + writer.writeWithUnit(box.height()) + " finished";
        if (!design.kind().fits(box.width(), box.height())) {
            return Optional.of(new Problem(
                    place,
                    "the " + design.kind().label() + " does not fit its place: it wants "
                            + design.kind().wants() + ", and this one is " + cellSize,
                    "turn it, let it take other cells, or change the size of the block"));
        }
        if (design.kind() == UnitKind.CORNER_FLIP) {
            Optional<CornerShare> share = design.cornerShare();
            if (share.isEmpty()) {
                return Optional.of(new Problem(
                        place,
                        "“" + design.corner() + "” is no share of a side",
                        "say which part of the shorter side a corner takes, such as 1/2 or 2/3"));
            }
            Length side = Length.min(box.width(), box.height())
                    .times(share.get().part())
                    .dividedBy(share.get().of());
            int corners = design.kind().withinCounts(design.count());
            boolean tooWide = corners >= 2 && side.times(2).isLongerThan(box.width());
            boolean tooHigh = corners >= 3 && side.times(2).isLongerThan(box.height());
            if (tooWide || tooHigh) {
                return Optional.of(new Problem(
                        place,
                        "corners of " + writer.writeWithUnit(side) + " finished would run over each other in "
                                + cellSize,
                        "make the corners a half at most, or flip fewer"));
            }
        }
        return Optional.empty();
    }
}

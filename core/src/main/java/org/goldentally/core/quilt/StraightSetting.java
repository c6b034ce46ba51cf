package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.block.Figure;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.meaning.TopSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.TopPart.Kind;

/** Blocks in straight rows, with sashing between them if wanted. */
final class StraightSetting {

    private final QuiltDesign design;
    private final TopSizes sizes;
    private final BlockFigures blocks;
    private final List<Flaw> flaws;
    private final List<TopPart> parts = new ArrayList<>();

    /** Width of the strips between the blocks of a row, and of those between the rows; nothing where there are none. */
    private final Length standing;

    private final Length lying;
    private final boolean around;
    private final int first;
    private final Length startAcross;
    private final Length startDown;

    StraightSetting(QuiltDesign design, TopSizes sizes, BlockFigures blocks, List<Flaw> flaws) {
        this.design = design;
        this.sizes = sizes;
        this.blocks = blocks;
        this.flaws = flaws;
        this.standing = sizes.sashingBetweenColumns();
        this.lying = sizes.sashingBetweenRows();
        this.around = design.sashing().around() && sizes.sashing().isPositive();
        this.first = around ? 0 : 1;
        this.startAcross = around ? standing : Length.ZERO;
        this.startDown = around ? lying : Length.ZERO;
    }

    Centre lay() {
        int across = design.setting().across();
        int down = design.setting().down();
        Length w = sizes.blockWidth();
        Length h = sizes.blockHeight();
        for (int r = 0; r < down; r++) {
            for (int c = 0; c < across; c++) {
                Length x = startAcross.plus(w.plus(standing).times(c));
                Length y = startDown.plus(h.plus(lying).times(r));
                parts.add(blocks.part(r, c, "row " + (r + 1) + ", block " + (c + 1), x, y, flaws));
            }
        }
        int ends = around ? 1 : -1;
        Length width = w.times(across).plus(standing.times(across + ends));
        Length height = h.times(down).plus(lying.times(down + ends));
        if (sizes.sashing().isPositive()) {
            SashingFigures figures = new SashingFigures(design, sizes, blocks);
            sashColumns(figures, across, standing.isPositive() ? down : 0);
            sashRows(figures, across, lying.isPositive() ? past(down) : first, width);
        }
        return new Centre(width, height, parts);
    }

    /** Upright strips between the blocks of each row, each as long as a block is high. */
    private void sashColumns(SashingFigures figures, int across, int down) {
        Length h = sizes.blockHeight();
        for (int r = 0; r < down; r++) {
            for (int c = first; c < past(across); c++) {
                Length y = startDown.plus(h.plus(lying).times(r));
                PartId id = new PartId.StandingSash(r, c);
                add(
                        Kind.SASHING,
                        id,
                        "row " + (r + 1) + ", strip " + (c + 1 - first),
                        figures.strip(h, id),
                        Placing.turned(h, standing, false, 1, beforeColumn(c), y));
            }
        }
    }

    /** Lying strips between the rows, whole ones where there are no squares for them to meet at. */
    private void sashRows(SashingFigures figures, int across, int past, Length width) {
        boolean cornerstones = !design.sashing().cornerstones().isEmpty() && standing.isPositive();
        for (int r = first; r < past; r++) {
            Length y = startDown.plus(sizes.blockHeight().plus(lying).times(r)).minus(lying);
            String where = around && r == 0 ? "above row 1" : "below row " + r;
            if (cornerstones) {
                sashWithStones(figures, r, across, where, y);
            } else {
                PartId id = new PartId.LyingSash(r);
                add(Kind.SASHING, id, where, figures.strip(width, id), Placing.upright(width, lying, Length.ZERO, y));
            }
        }
    }

    private void sashWithStones(SashingFigures figures, int row, int across, String where, Length y) {
        Length w = sizes.blockWidth();
        for (int c = 0; c < across; c++) {
            Length x = startAcross.plus(w.plus(standing).times(c));
            PartId id = new PartId.LyingSashAt(row, c);
            add(Kind.SASHING, id, where + ", strip " + (c + 1), figures.strip(w, id), Placing.upright(w, lying, x, y));
        }
        for (int c = first; c < past(across); c++) {
            PartId id = new PartId.Cornerstone(row, c);
            add(
                    Kind.CORNERSTONE,
                    id,
                    where + ", cornerstone " + (c + 1 - first),
                    figures.cornerstone(id),
                    Placing.upright(standing, lying, beforeColumn(c), y));
        }
    }

    private Length beforeColumn(int column) {
        return startAcross.plus(sizes.blockWidth().plus(standing).times(column)).minus(standing);
    }

    /** Round the outside there is one strip more than there are blocks, else one less. */
    private int past(int blocksInLine) {
        return around ? blocksInLine + 1 : blocksInLine;
    }

    private void add(Kind kind, PartId id, String where, Figure figure, Placing placing) {
        parts.add(new TopPart(kind, id, where, -1, -1, kind.label(), "", figure, placing));
        for (Problem flaw : figure.flaws()) {
            flaws.add(new Flaw(id, flaw));
        }
    }
}

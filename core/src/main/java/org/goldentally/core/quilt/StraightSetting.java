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

    StraightSetting(QuiltDesign design, TopSizes sizes, BlockFigures blocks, List<Flaw> flaws) {
        this.design = design;
        this.sizes = sizes;
        this.blocks = blocks;
        this.flaws = flaws;
    }

    Centre lay() {
        int across = design.setting().across();
        int down = design.setting().down();
        Length s = sizes.sashing();
        Length w = sizes.blockWidth();
        Length h = sizes.blockHeight();
        boolean around = design.sashing().around() && s.isPositive();
        Length start = around ? s : Length.ZERO;
        for (int r = 0; r < down; r++) {
            for (int c = 0; c < across; c++) {
                Length x = start.plus(w.plus(s).times(c));
                Length y = start.plus(h.plus(s).times(r));
                parts.add(blocks.part(r, c, "row " + (r + 1) + ", block " + (c + 1), x, y, flaws));
            }
        }
        int ends = around ? 1 : -1;
        Length width = w.times(across).plus(s.times(across + ends));
        Length height = h.times(down).plus(s.times(down + ends));
        if (s.isPositive()) {
            sash(across, down, around, width);
        }
        return new Centre(width, height, parts);
    }

    /** Upright strips between the blocks of each row, lying ones between the rows, and the squares where they meet. */
    private void sash(int across, int down, boolean around, Length width) {
        Length s = sizes.sashing();
        Length w = sizes.blockWidth();
        Length h = sizes.blockHeight();
        Length start = around ? s : Length.ZERO;
        int first = around ? 0 : 1;
        int pastAcross = around ? across + 1 : across;
        int pastDown = around ? down + 1 : down;
        boolean cornerstones = !design.sashing().cornerstones().isEmpty();
        SashingFigures figures = new SashingFigures(design, sizes, blocks);
        for (int r = 0; r < down; r++) {
            for (int c = first; c < pastAcross; c++) {
                Length x = start.plus(w.plus(s).times(c)).minus(s);
                Length y = start.plus(h.plus(s).times(r));
                PartId id = new PartId.StandingSash(r, c);
                add(
                        Kind.SASHING,
                        id,
                        "row " + (r + 1) + ", strip " + (c + 1 - first),
                        figures.strip(h, id),
                        Placing.turned(h, s, false, 1, x, y));
            }
        }
        for (int r = first; r < pastDown; r++) {
            Length y = start.plus(h.plus(s).times(r)).minus(s);
            String where = around && r == 0 ? "above row 1" : "below row " + r;
            if (!cornerstones) {
                PartId id = new PartId.LyingSash(r);
                add(Kind.SASHING, id, where, figures.strip(width, id), Placing.upright(width, s, Length.ZERO, y));
                continue;
            }
            for (int c = 0; c < across; c++) {
                Length x = start.plus(w.plus(s).times(c));
                PartId id = new PartId.LyingSashAt(r, c);
                add(Kind.SASHING, id, where + ", strip " + (c + 1), figures.strip(w, id), Placing.upright(w, s, x, y));
            }
            for (int c = first; c < pastAcross; c++) {
                Length x = start.plus(w.plus(s).times(c)).minus(s);
                PartId id = new PartId.Cornerstone(r, c);
                add(
                        Kind.CORNERSTONE,
                        id,
                        where + ", cornerstone " + (c + 1 - first),
                        figures.cornerstone(id),
                        Placing.upright(s, s, x, y));
            }
        }
    }

    private void add(Kind kind, PartId id, String where, Figure figure, Placing placing) {
        parts.add(new TopPart(kind, id, where, -1, -1, kind.label(), "", figure, placing));
        for (Problem flaw : figure.flaws()) {
            flaws.add(new Flaw(id, flaw));
        }
    }
}

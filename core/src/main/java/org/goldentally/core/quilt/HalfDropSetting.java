package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.meaning.TopSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.TopPart.Kind;

/** Rows in which every other one starts and ends with a half block, so that blocks lie across the joins of the next. */
final class HalfDropSetting {

    private final QuiltDesign design;
    private final TopSizes sizes;
    private final BlockFigures blocks;
    private final List<Flaw> flaws;

    HalfDropSetting(QuiltDesign design, TopSizes sizes, BlockFigures blocks, List<Flaw> flaws) {
        this.design = design;
        this.sizes = sizes;
        this.blocks = blocks;
        this.flaws = flaws;
    }

    Centre lay() {
        int across = design.setting().across();
        int down = design.setting().down();
        Length w = sizes.blockWidth();
        Length h = sizes.blockHeight();
        List<TopPart> parts = new ArrayList<>();
        for (int r = 0; r < down; r++) {
            Length y = h.times(r);
            boolean shifted = r % 2 == 1;
            if (!shifted) {
                for (int c = 0; c < across; c++) {
                    parts.add(blocks.part(r, c, where(r, c), w.times(c), y, flaws));
                }
                continue;
            }
            parts.add(half(r, 0, true, Length.ZERO, y));
            for (int c = 1; c < across; c++) {
                parts.add(blocks.part(r, c, where(r, c), w.times(2L * c - 1).dividedBy(2), y, flaws));
            }
            parts.add(half(r, across, false, w.times(2L * across - 1).dividedBy(2), y));
        }
        return new Centre(w.times(across), h.times(down), parts);
    }

    private static String where(int row, int column) {
        return "row " + (row + 1) + ", block " + (column + 1);
    }

    /**
     * At the left end stands the right half of a block, at the right end a left one: of the block as it stands there,
     * mirrored and turned like any other.
     */
    private TopPart half(int row, int column, boolean leftEnd, Length x, Length y) {
        Length width = sizes.blockWidth().dividedBy(2);
        Length height = sizes.blockHeight();
        PartId id = new PartId.BlockAt(row, column);
        String where = "row " + (row + 1) + ", " + (leftEnd ? "left" : "right") + " end";
        BlockFigures.Stand stand = blocks.standAt(row, column, where, flaws);
        Block.Half seen = leftEnd ? Block.Half.RIGHT : Block.Half.LEFT;
        Block.Half designed = seen.before(stand.mirrored(), stand.quarterTurns());
        boolean wanted = design.setting().halves() == SettingDesign.Halves.BLOCK;
        Optional<Block> whole = blocks.at(row, column);
        Optional<Block> half = wanted ? whole.flatMap(block -> block.half(designed)) : Optional.empty();
        if (half.isEmpty() && wanted) {
            flaws.add(new Flaw(id, cannotBeHalved(where, whole, designed)));
        }
        boolean narrow = designed.isNarrow();
        Length boxWidth = narrow ? width : sizes.blockWidth();
        Length boxHeight = narrow ? height : sizes.blockHeight().dividedBy(2);
        Figure figure = half.map(block -> blocks.laidOut(block, boxWidth, boxHeight, blocks.exchanges(row, column)))
                .orElseGet(() ->
                        Figure.plain(width, height, design.setting().cloth()).inCloths(blocks.exchanges(row, column)));
        Placing placing = half.isPresent()
                ? Placing.turned(boxWidth, boxHeight, stand.mirrored(), stand.quarterTurns(), x, y)
                : Placing.upright(width, height, x, y);
        figure.flaws().forEach(flaw -> flaws.add(new Flaw(id, flaw)));
        return new TopPart(
                Kind.HALF_BLOCK,
                id,
                where,
                row,
                column,
                half.map(Block::name).orElse("plain half"),
                half.map(Block::key).orElse(""),
                figure,
                placing);
    }

    private static Problem cannotBeHalved(String where, Optional<Block> whole, Block.Half designed) {
        return new Problem(
                "Top, " + where,
                whole.map(Block::name).orElse("the block") + " has no seam " + (designed.isNarrow() ? "down" : "across")
                        + " its middle, so it cannot be halved",
                "choose plain halves, or a block with an even grid");
    }
}

package org.goldentally.core.block;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.goldentally.core.chance.Written;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.junit.jupiter.api.Test;

/** Every traditional block, its halves, and how it is laid out where it fits and where it does not, written out. */
class BlocksWrittenOutTest {

    @Test
    void blocksOfTheShelf() {
        List<String> lines = new ArrayList<>();
        for (Block block : TraditionalBlocks.ALL) {
            lines.add("= " + block.key() + ", " + block.name() + ", " + block.grid() + ", units "
                    + TraditionalBlocks.unitsUsed(block) + ", with "
                    + TraditionalBlocks.withSmaller(block).stream()
                            .map(Block::key)
                            .toList());
            block.parts().forEach(part -> lines.add("  " + part));
            for (Block.Half half : Block.Half.values()) {
                block.half(half)
                        .ifPresent(cut ->
                                lines.add("  " + half + " " + cut.key() + ", " + cut.name() + ", " + cut.grid()
                                        + ", parts at "
                                        + cut.parts().stream()
                                                .map(part -> part.column() + "/" + part.row())
                                                .toList()));
            }
            lines.addAll(said(block, 12, 12));
            lines.addAll(said(block, 12, 10));
        }
        Written.as("blocks.txt", lines);
    }

    private static List<String> said(Block block, int width, int height) {
        Figure figure = Figure.of(
                block, Length.inches(width), Length.inches(height), TraditionalBlocks::byKey, MeasureSystem.INCH);
        List<String> lines = new ArrayList<>();
        lines.add("  at " + width + " x " + height + ": " + figure.patches().size() + " patches, blank "
                + figure.patches().stream().filter(Figure.FigurePatch::isBlank).count() + ", blocks in it "
                + figure.innerBlocks().size());
        figure.units()
                .forEach(unit -> lines.add("    " + unit.unit().name() + " " + unit.cloths() + " " + unit.cell()
                        + (unit.isMirrored() ? " mirrored" : "") + " "
                        + unit.unit().finishedWidth() + " x "
                        + unit.unit().finishedHeight()));
        figure.flaws().forEach(flaw -> lines.add("    flaw: " + flaw.where() + ": " + flaw.why() + "; " + flaw.fix()));
        return lines;
    }

    /** Which half of a block as designed is seen, once it is mirrored and turned. */
    @Test
    void halvesSeen() {
        List<String> lines = new ArrayList<>();
        for (Block.Half half : Block.Half.values()) {
            for (boolean mirrored : new boolean[] {false, true}) {
                List<Block.Half> before = new ArrayList<>();
                for (int turns = 0; turns < 4; turns++) {
                    before.add(half.before(mirrored, turns));
                }
                lines.add(half + (mirrored ? " mirrored" : "") + (half.isNarrow() ? ", narrow" : "") + ": "
                        + Arrays.toString(before.toArray()));
            }
        }
        Written.as("halves.txt", lines);
    }
}

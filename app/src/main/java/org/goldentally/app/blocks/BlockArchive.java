package org.goldentally.app.blocks;

import java.util.List;
import org.goldentally.core.block.Block;
import org.goldentally.core.problem.Limits;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The quilter's own blocks: out, and in again. */
@Service
@Transactional
public class BlockArchive {

    private final BlockShelf shelf;

    BlockArchive(BlockShelf shelf) {
        this.shelf = shelf;
    }

    /** A block, and the smaller ones in it. */
    public record WholeBlock(List<Block> blocks) {
        public WholeBlock {
            Limits.list(blocks, 20, "blocks");
            if (blocks.isEmpty() || blocks.getFirst().name().isBlank()) {
                throw new IllegalArgumentException("blocks has no block with a name first");
            }
            blocks = List.copyOf(blocks);
        }
    }

    /** Every block of the household with the smaller ones in it. */
    @Transactional(readOnly = true)
    public List<WholeBlock> all() {
        return shelf.own().stream().map(block -> new WholeBlock(block.blocks())).toList();
    }

    /** Brings a block in and says whether it came; one of the same name here stays as it is. */
    public boolean bringIn(WholeBlock block) {
        boolean here = shelf.isKept(block.blocks().getFirst().name());
        if (!here) {
            shelf.keep(block.blocks());
        }
        return !here;
    }
}

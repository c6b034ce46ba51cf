package org.goldentally.core.block;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.goldentally.core.unit.UnitKind;

/**
 * How many patches blocks and units have, with those of the smaller blocks in them: told before anything is laid out, so
 * that what is more than anyone sews takes no memory first.
 */
public final class PatchCount {

    private final Function<String, Optional<Block>> blocks;
    private final Map<List<Object>, Long> known = new HashMap<>();

    /** @param blocks finds smaller blocks by their keys */
    public PatchCount(Function<String, Optional<Block>> blocks) {
        this.blocks = blocks;
    }

    /** Patches of a block and of the smaller ones in it; an empty cell counts as one. */
    public long of(Block block) {
        return of(block, 1);
    }

    /** Patches of a unit: 4 for an hourglass. */
    public long of(UnitDesign unit) {
        return of(unit, 0);
    }

    private long of(Block block, int depth) {
        List<Object> key = List.of(block.key(), depth);
        Long before = known.get(key);
        if (before != null) {
            return before;
        }
        long patches = (long) block.rows().size() * block.columns().size();
        for (BlockPart part : block.parts()) {
            patches += of(part.unit(), depth);
        }
        known.put(key, patches);
        return patches;
    }

    private long of(UnitDesign unit, int depth) {
        if (unit.kind() == UnitKind.BLOCK) {
            return depth >= FigureBuilder.DEEPEST
                    ? 1
                    : blocks.apply(unit.block())
                            .map(block -> of(block, depth + 1))
                            .orElse(1L);
        }
        return known.computeIfAbsent(
                List.of(unit.kind(), unit.count()), any -> (long) unit.kind().patches(unit.count()));
    }
}

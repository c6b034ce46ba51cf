package org.goldentally.core.design;

import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;

/**
 * The size of a block's place as typed: of the block, or of one unit in a grid of so many.
 *
 * @param across how many units across {@code typed} is one of, where it is of a unit
 * @param height of an oblong block; empty for a square one
 */
public record BlockSizeDesign(
        Of of,
        As as,
        String typed,
        @LeftOut("\"\"") String height,
        @LeftOut("1") int across,
        @LeftOut("1") int down) {

    /** What the size belongs to. */
    public enum Of {
        BLOCK,
        UNIT
    }

    /** Which of the sizes it is. */
    public enum As {
        FINISHED,
        UNFINISHED
    }

    public BlockSizeDesign {
        Limits.required(of, "of");
        Limits.required(as, "as");
        Limits.text(typed, 40, "typed");
        Limits.text(height, 40, "height");
        Limits.between(across, 1, 1_000, "across");
        Limits.between(down, 1, 1_000, "down");
    }

    /** A block of that finished size, as typed, not tied to a size of cut piece. */
    public static BlockSizeDesign finishedBlock(String typed) {
        return new BlockSizeDesign(Of.BLOCK, As.FINISHED, typed, "", 1, 1);
    }
}

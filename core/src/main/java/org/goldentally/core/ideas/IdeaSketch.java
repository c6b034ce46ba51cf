package org.goldentally.core.ideas;

import java.util.List;
import org.goldentally.core.block.Block;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * An idea before it is worked out: which block, in which cloths, how set, how large, with which border.
 *
 * @param letters the block's cloths, those of smaller blocks in it too
 * @param unit finished side of a cell of the block that is one wide
 * @param border finished width of a plain border; nothing is none
 */
record IdeaSketch(
        MeasureSystem system,
        Block block,
        List<String> letters,
        Dressing dressing,
        Lay lay,
        Length unit,
        Length border) {

    /** Finds the idea again for the same cloths and wish. */
    String key() {
        return String.join(
                "|",
                block.key(),
                dressing.key(),
                lay.name(),
                system.writer().write(unit),
                border.isZero() ? "" : system.writer().write(border));
    }

    IdeaSketch withoutBorder() {
        return new IdeaSketch(system, block, letters, dressing, lay, unit, Length.ZERO);
    }

    Length blockWidth() {
        return unit.times(block.across());
    }

    Length blockHeight() {
        return unit.times(block.down());
    }
}

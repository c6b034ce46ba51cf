package org.goldentally.core.design;

import java.util.List;
import org.goldentally.core.problem.Limits;

/**
 * How the blocks are set.
 *
 * @param blocks keys of the blocks that take turns along each row, and along each column
 * @param cloth key of the cloth of setting triangles, or of plain halves
 * @param halves what fills the ends of the rows of a half-drop
 */
public record SettingDesign(Kind kind, int across, int down, List<String> blocks, String cloth, Halves halves) {

    /** The ways to set blocks. */
    public enum Kind {
        /** Row on row; two or more blocks alternate. */
        STRAIGHT,
        /** Every other row starts with a half. */
        HALF_DROP,
        /** Standing on their corners, with triangles at the sides and corners. */
        ON_POINT
    }

    /** What fills the ends of a half-drop's rows. */
    public enum Halves {
        BLOCK,
        PLAIN
    }

    public SettingDesign {
        Limits.required(kind, "kind");
        Limits.texts(blocks, 24, 60, "blocks");
        Limits.text(cloth, 60, "cloth");
        Limits.required(halves, "halves");
        blocks = List.copyOf(blocks);
    }
}

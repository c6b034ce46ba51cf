package org.goldentally.core.design;

import java.util.List;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;

/**
 * How the blocks are set.
 *
 * @param blocks keys of the blocks that take turns along each row, and along each column
 * @param cloth key of the cloth of setting triangles, or of plain halves
 * @param halves what fills the ends of the rows of a half-drop
 * @param between what stands between the blocks of a setting on point, in the rows of one less
 * @param betweenBlock key of the block there, where it is one of its own
 */
public record SettingDesign(
        Kind kind,
        int across,
        int down,
        List<String> blocks,
        @LeftOut("\"\"") String cloth,
        @LeftOut("\"BLOCK\"") Halves halves,
        @LeftOut("\"SAME\"") Between between,
        @LeftOut("\"\"") String betweenBlock) {

    /** A setting with the same blocks in all its rows, on point in those of one less too. */
    public SettingDesign(Kind kind, int across, int down, List<String> blocks, String cloth, Halves halves) {
        this(kind, across, down, blocks, cloth, halves, Between.SAME, "");
    }

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

    /** What stands between blocks on point: 4 × 4 of them have 3 × 3 places between. */
    public enum Between {
        /** The blocks that take turns. */
        SAME,
        /** A block of its own, such as a plainer one. */
        OTHER,
        /** A plain square of the setting's cloth, as large as a block. */
        PLAIN,
        /** Nothing yet: a square without a cloth. */
        OPEN
    }

    public SettingDesign {
        Limits.required(between, "between");
        Limits.text(betweenBlock, 60, "betweenBlock");
        Limits.required(kind, "kind");
        Limits.texts(blocks, 24, 60, "blocks");
        Limits.text(cloth, 60, "cloth");
        Limits.required(halves, "halves");
        blocks = List.copyOf(blocks);
    }

    /** The same with other numbers of blocks. */
    public SettingDesign resized(int otherAcross, int otherDown) {
        return new SettingDesign(kind, otherAcross, otherDown, blocks, cloth, halves, between, betweenBlock);
    }
}

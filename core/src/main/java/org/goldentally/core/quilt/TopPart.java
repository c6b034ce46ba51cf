package org.goldentally.core.quilt;

import java.util.List;
import org.goldentally.core.block.Figure;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Polygon;

/**
 * A part of the top at its place: a block, a strip of sashing, a side of a border.
 *
 * @param id finds it again on the wall and in what is said of it
 * @param where its place in words: {@code row 3, block 4}
 * @param row of a block, from 0; -1 for other parts
 * @param name of the block, or what it is
 * @param blockKey key of its block; empty for other parts
 * @param figure what is there; parts that look the same share one
 * @param border number of its border, from 0; -1 for parts of none
 */
public record TopPart(
        Kind kind,
        PartId id,
        String where,
        int row,
        int column,
        String name,
        String blockKey,
        Figure figure,
        Placing placing,
        int border) {

    /** A part of no border. */
    TopPart(
            Kind kind,
            PartId id,
            String where,
            int row,
            int column,
            String name,
            String blockKey,
            Figure figure,
            Placing placing) {
        this(kind, id, where, row, column, name, blockKey, figure, placing, -1);
    }

    /** The kinds of parts that a top is made of. */
    public enum Kind {
        BLOCK("block"),
        HALF_BLOCK("half block"),
        PLAIN_BETWEEN("plain square between blocks"),
        SETTING_TRIANGLE("setting triangle"),
        SASHING("sashing strip"),
        CORNERSTONE("cornerstone"),
        BORDER("border strip"),
        MITRED_BORDER("mitred border strip"),
        PIECED_BORDER("pieced border"),
        BORDER_CORNER("border corner");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** As on the page: {@code border corner}. */
        public String label() {
            return label;
        }
    }

    /** Whether it is a block, a half one too. */
    public boolean isBlock() {
        return kind == Kind.BLOCK || kind == Kind.HALF_BLOCK;
    }

    /** A block, or what stands in the place of one. */
    public boolean isInARow() {
        return isBlock() || kind == Kind.PLAIN_BETWEEN;
    }

    /** Units one after the other along a strip; the part of a patch is then which of them it belongs to. */
    public boolean isRowOfUnits() {
        return kind == Kind.PIECED_BORDER || kind == Kind.SASHING;
    }

    /** Whether it belongs to a border, not to what lies inside. */
    public boolean isOfBorder() {
        return border >= 0;
    }

    /** Its patches on the top. */
    public List<Polygon> outlines() {
        return figure.patches().stream()
                .map(patch -> placing.apply(patch.outline()))
                .toList();
    }

    TopPart movedBy(org.goldentally.core.measure.Length dx, org.goldentally.core.measure.Length dy) {
        return new TopPart(kind, id, where, row, column, name, blockKey, figure, placing.movedBy(dx, dy), border);
    }
}

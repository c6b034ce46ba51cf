package org.goldentally.core.cloth;

/** The forms in which cloth lies on a shelf, by their generic names only. */
public enum PieceForm {
    SQUARE("square", "squares"),
    STRIP("strip", "strips"),
    FAT_QUARTER("fat quarter", "fat quarters"),
    FAT_EIGHTH("fat eighth", "fat eighths"),
    YARDAGE("length", "lengths"),
    SCRAP("scrap", "scraps"),
    /** Cut to its size already, for a quilt; its edges are true. */
    CUT("cut piece", "cut pieces");

    private final String one;
    private final String many;

    PieceForm(String one, String many) {
        this.one = one;
        this.many = many;
    }

    /** {@code name(1)} is {@code fat quarter}, {@code name(3)} is {@code fat quarters}. */
    public String name(long count) {
        return count == 1 ? one : many;
    }
}

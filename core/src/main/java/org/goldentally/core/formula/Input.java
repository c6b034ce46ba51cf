package org.goldentally.core.formula;

/** The named figures that go into formulas. The names are those that a quilter reads. */
public enum Input {
    /** What shows in the sewn quilt. */
    FINISHED("finished"),
    /** The seam allowance. */
    SEAM("seam"),
    /** Finished, and a seam allowance all round. */
    TRIMMED("trimmed"),
    /** A piece as it is cut from cloth. */
    CUT("cut"),
    /** The square cut for pairs, where another is cut beside it. */
    CUT_FOR_PAIR("cut for the pair"),
    /** The plain square that is cut beside it. */
    CUT_PLAIN("cut plain"),
    /** The width of a cut strip. */
    STRIP("strip"),
    /** The height of a sewn strip set. */
    SET("set"),
    /** Finished side of the block that a setting triangle goes with. */
    BLOCK("block"),
    /** Finished long side of a triangle. */
    LONG_SIDE("long side"),
    /** What a ruler says of a sewn test piece. */
    MEASURED("measured"),
    /** Finished outer side of a border. */
    OUTER_SIDE("outer side"),
    /** How much larger a backing is on every side. */
    OVERHANG("overhang"),
    /** All four sides of a top together. */
    WAY_ROUND("way round"),
    /** What a binding takes for its corners and its last join. */
    EXTRA("extra");

    private final String label;

    Input(String label) {
        this.label = label;
    }

    /** As in a printed formula: {@code finished}. */
    public String label() {
        return label;
    }
}

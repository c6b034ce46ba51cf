package org.goldentally.core.piecing;

/** How the outer edges of the raw unit lie to the grain: bias edges stretch. */
public enum OuterEdges {
    STRAIGHT("straight"),
    BIAS("all bias"),
    MIXED("some bias");

    private final String label;

    OuterEdges(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}

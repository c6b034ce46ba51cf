package org.goldentally.core.piecing;

/** How the outer edges of the raw unit lie to the grain: bias edges stretch. */
public enum OuterEdges {
    STRAIGHT("straight", "the cuts that become the outer edges run with the grain, so the unit keeps its shape"),
    BIAS(
            "all bias",
            "the cuts that become the outer edges run at 45 degrees to the grain: handle gently, they stretch"),
    MIXED("some bias", "some of the outer edges run at 45 degrees to the grain and stretch");

    private final String label;
    private final String meaning;

    OuterEdges(String label, String meaning) {
        this.label = label;
        this.meaning = meaning;
    }

    public Working working() {
        return new Working("Outer edges", label + ": " + meaning);
    }

    public String label() {
        return label;
    }
}

package org.goldentally.core.method;

import org.goldentally.core.formula.Working;

/** How the outer edges of the raw unit lie to the grain: bias edges stretch. */
public enum OuterEdges {
    STRAIGHT("straight", "the cuts that become the outer edges run with the grain, so the unit keeps its shape"),
    STRAIGHT_ONCE_SEWN(
            "straight",
            "the outer edges run with the grain; the long sides of loose triangles are on the bias until they are sewn"),
    STRAIGHT_LONG_SIDES(
            "straight",
            "the outer edges, the long sides of the quarters, run with the grain; the short sides are on the bias until"
                    + " they are sewn"),
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

    /** The line of an explanation. */
    public Working working() {
        return new Working("Outer edges", label + ": " + meaning);
    }

    /** In a word or two: {@code all bias}. */
    public String label() {
        return label;
    }

    /** How to handle such units (common practice, no source); empty where nothing stretches. */
    public String handling() {
        return switch (this) {
            case STRAIGHT -> "";
            case STRAIGHT_ONCE_SEWN ->
                "The long side of a loose triangle is on the bias and stretches until it is sewn: lay the triangles, do not"
                        + " tug at them, pin the long side and let the machine feed it. Press straight up and down,"
                        + " without steam; starch before cutting helps.";
            case STRAIGHT_LONG_SIDES ->
                "The short sides of a quarter triangle are on the bias and stretch until they are sewn: lay the quarters,"
                        + " do not tug at them, and let the machine feed them. Press straight up and down, without steam;"
                        + " starch before cutting helps.";
            case BIAS ->
                "All outer edges are on the bias and stretch: lift and lay the units, do not tug at them. Press straight"
                        + " up and down, without steam. Starch before cutting or pins help, and a straight-grained"
                        + " neighbour steadies them.";
            case MIXED ->
                "Some edges are on the bias and stretch: do not tug at them, press straight up and down without steam,"
                        + " and pin where a bias edge meets a straight one.";
        };
    }
}

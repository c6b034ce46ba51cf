package org.goldentally.core.method;

import java.util.Arrays;
import java.util.Optional;

/** The methods by name, in the order in which they are shown. */
public enum MethodId {
    TWO_AT_A_TIME("two-at-a-time", "two at a time"),
    FOUR_AT_A_TIME("four-at-a-time", "four at a time"),
    EIGHT_AT_A_TIME("eight-at-a-time", "eight at a time"),
    LOOSE_HALF_SQUARES("loose-triangles", "loose triangles"),
    GRID_OF_CELLS("grid", "grid of cells"),
    OPEN_CHAIN("open-chain", "open chain"),
    CLOSED_RING("closed-ring", "closed ring"),
    STRIP_TUBE("strip-tube", "strip tube"),
    BIAS_STRIPS("bias-strips", "bias strips"),
    STRIP_SET_TRIANGLES("strip-set-triangles", "strip-set triangles"),
    CROSSED_PAIRS("hourglass-crossed-pairs", "crossed pairs"),
    LOOSE_QUARTERS("hourglass-loose-quarters", "loose quarter triangles"),
    HALF_SQUARE_ON_PLAIN("split-quarter-pair", "half-square on plain"),
    LOOSE_TRIANGLES("triangles-from-squares", "cut from squares"),
    FLIPPED_GEESE("geese-stitch-and-flip", "stitch and flip"),
    FOUR_GEESE("geese-four-at-a-time", "four at a time"),
    LOOSE_GEESE("geese-loose-triangles", "loose triangles"),
    FLIPPED_CORNERS("corner-stitch-and-flip", "stitch and flip"),
    ROWS_AND_TRIANGLE("pieced-half-rows", "rows and one large triangle"),
    PLAIN_CUT("plain-cut", "strips, then pieces"),
    STRIP_SET_SEGMENTS("strip-set-segments", "segments of a strip set");

    private final String key;
    private final String displayName;

    MethodId(String key, String displayName) {
        this.key = key;
        this.displayName = displayName;
    }

    /** What stands for it in what is stored and sent: {@code eight-at-a-time}. */
    public String key() {
        return key;
    }

    /** {@code eight at a time}. */
    public String displayName() {
        return displayName;
    }

    /** The method with this key; empty for a key that no method has. */
    public static Optional<MethodId> read(String key) {
        return Arrays.stream(values()).filter(id -> id.key.equals(key)).findFirst();
    }
}

package org.goldentally.core.making;

/** How pieces are cut once more before anything is sewn of them: squares for setting triangles, loose triangles. */
public enum CutAgain {
    NOT(""),
    ONCE("Then cut each once corner to corner."),
    TWICE("Then cut each twice corner to corner."),
    /** Equal squares for several uses, of which some stay whole. */
    SOME("Some of them are cut again corner to corner: their cards say which.");

    private static final int HALVES = 2;

    private final String words;

    CutAgain(String words) {
        this.words = words;
    }

    /** Of pieces that each give so many parts. */
    static CutAgain into(int parts) {
        return parts < HALVES ? NOT : parts == HALVES ? ONCE : TWICE;
    }

    CutAgain and(CutAgain other) {
        return this == other ? this : SOME;
    }

    /** A sentence; empty where they stay as they are. */
    public String words() {
        return words;
    }
}

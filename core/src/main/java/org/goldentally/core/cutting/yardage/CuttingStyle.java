package org.goldentally.core.cutting.yardage;

/** How much trouble a quilter takes to save cloth. */
public enum CuttingStyle {
    /** Each strip across the width holds one size only, as most charts cut by hand do. */
    PLAIN("plain", "one size a strip"),
    /** Pieces of several sizes side by side in a strip, each trimmed to its height. */
    TIDY("tidy", "several sizes side by side in a strip, each trimmed to its height"),
    /** Segments of a strip are cut again into smaller pieces above each other. */
    THRIFTY("thrifty", "segments of a strip are cut again into smaller pieces, trimmed where they are narrower");

    private final String label;
    private final String meaning;

    CuttingStyle(String label, String meaning) {
        this.label = label;
        this.meaning = meaning;
    }

    /** As on the switch: {@code thrifty}. */
    public String label() {
        return label;
    }

    /** What it means for whoever cuts. */
    public String meaning() {
        return meaning;
    }
}

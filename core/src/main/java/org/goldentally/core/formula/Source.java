package org.goldentally.core.formula;

/** What a rule rests on. */
public enum Source {
    /** It can be derived, and is tested as such. */
    GEOMETRY("geometry"),
    /** Quilters do it so. */
    PRACTICE("common practice, no source");

    private final String label;

    Source(String label) {
        this.label = label;
    }

    /** As in {@code docs/rules.md}. */
    public String label() {
        return label;
    }
}

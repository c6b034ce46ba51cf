package org.goldentally.core.unit;

/** Units that are mirror images of each other, counted apart: 2 left, 2 right. */
public record Hands(int left, int right) {

    public static final Hands NONE = new Hands(0, 0);

    /** Whether units have hands at all. */
    public boolean differ() {
        return left + right > 0;
    }
}

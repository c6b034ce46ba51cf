package org.goldentally.core.unit;

import java.util.List;

/** The part a cloth plays in a unit: first, second, third, fourth cloth. What it is called is said by each method. */
public enum ClothRole {
    A,
    B,
    C,
    D;

    private static final List<ClothRole> IN_ORDER = List.of(values());

    /** {@code at(0)} is the first cloth. */
    public static ClothRole at(int place) {
        return IN_ORDER.get(place);
    }

    /** The first cloth is at 0. */
    public int place() {
        return IN_ORDER.indexOf(this);
    }
}

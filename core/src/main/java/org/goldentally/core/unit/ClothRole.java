package org.goldentally.core.unit;

/** The part a cloth plays in a unit: first, second, third, fourth cloth. What it is called is said by each method. */
public enum ClothRole {
    A,
    B,
    C,
    D
}

package org.goldentally.core.formula;

/**
 * How a number came about, in one line: {@code Cut size} / {@code 4 + 1/4 × (2 + √2) = 4.854, and 1/8 room = 4.979,
 * rounded up to the next 1/8 in: 5 in}.
 */
public record Working(String what, String how) {}

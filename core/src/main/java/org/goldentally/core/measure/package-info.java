/**
 * Lengths and areas as a quilter measures them, exactly.
 *
 * <p>Every value is an exact number of inches of the form {@code a + b·√2} with rational {@code a} and {@code b}: the
 * ruler gives the rational part, a cut from corner to corner brings in the root. A centimetre is exactly 1/2.54 in, so
 * both systems of measure are exact. Nothing is rounded except by {@link
 * org.goldentally.core.measure.Length#roundedUpTo(Grid)} and its downward twin, and both say their direction in the
 * call.
 *
 * <p>Policy for the whole of {@code core}: values are immutable, no argument or result is null unless it is marked
 * {@code @Nullable}, nothing overflows (numbers are of unlimited size), and a programmer's mistake throws at once with
 * the value, while a quilter's mistake is returned as a {@link org.goldentally.core.problem.Problem}.
 */
@NullMarked
package org.goldentally.core.measure;

import org.jspecify.annotations.NullMarked;

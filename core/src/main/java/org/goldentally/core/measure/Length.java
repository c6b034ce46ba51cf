package org.goldentally.core.measure;

import java.math.BigInteger;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * An exact length, for example {@code Length.inches(3, 1, 2)} for 3 1/2 in.
 *
 * <p>Held as {@code a + b·√2} inches with rational parts, so that the length of a corner-to-corner cut is as exact as
 * that of a straight one: {@code inches(3).timesRootTwo()} is the diagonal of a 3 in square. A length may be negative
 * (a shortfall, an offset in a drawing).
 */
public record Length(RootTwo inches) implements Comparable<Length> {

    /** By definition of the inch as exactly 2.54 cm (international yard and pound agreement, 1959). */
    static final BigFraction INCHES_PER_CENTIMETRE = BigFraction.of(50, 127);

    public static final Length ZERO = new Length(RootTwo.ZERO);

    /** {@code inches(4)} is 4 in. */
    public static Length inches(long whole) {
        return new Length(RootTwo.of(whole, 1));
    }

    /** {@code inches(3, 1, 2)} is 3 1/2 in. */
    public static Length inches(long whole, int numerator, int denominator) {
        return ofInches(BigFraction.of(whole).add(BigFraction.of(numerator, denominator)));
    }

    /** {@code ofInches(BigFraction.of(10, 3))} is 3 1/3 in. */
    public static Length ofInches(BigFraction inches) {
        return new Length(RootTwo.of(inches));
    }

    /** {@code centimetres(12, 1, 2)} is 12.5 cm. */
    public static Length centimetres(long whole, int numerator, int denominator) {
        return ofCentimetres(BigFraction.of(whole).add(BigFraction.of(numerator, denominator)));
    }

    /** One centimetre is exactly 50/127 in. */
    public static Length ofCentimetres(BigFraction centimetres) {
        return ofInches(centimetres.multiply(INCHES_PER_CENTIMETRE));
    }

    /** Both together. */
    public Length plus(Length other) {
        return new Length(inches.plus(other.inches));
    }

    /** What is left; below nothing where the other is longer. */
    public Length minus(Length other) {
        return new Length(inches.minus(other.inches));
    }

    /** As far the other way. */
    public Length negated() {
        return new Length(inches.negated());
    }

    /** So many times as long. */
    public Length times(long factor) {
        return new Length(inches.times(RootTwo.of(factor, 1)));
    }

    /** One of equal parts, exactly: 1 in by 3 is 1/3 in. */
    public Length dividedBy(long divisor) {
        return new Length(inches.times(RootTwo.of(1, divisor)));
    }

    /** Diagonal of a square with this side: 3 in gives 3·√2 in. */
    public Length timesRootTwo() {
        return new Length(inches.times(RootTwo.SQUARE_ROOT_OF_TWO));
    }

    /** Side of a square with this diagonal: 3 in gives 3/√2 in. */
    public Length dividedByRootTwo() {
        return timesRootTwo().dividedBy(2);
    }

    /** This length in the proportion of two areas: {@code inches(6).scaledBy(one, three)} is 2 in. */
    public Length scaledBy(Area part, Area whole) {
        return new Length(inches.times(part.squareInches()).dividedBy(whole.squareInches()));
    }

    /** Area of a rectangle of these sides. */
    public Area times(Length other) {
        return new Area(inches.times(other.inches));
    }

    /** How many times the other length goes into this one whole: 42 in holds 10 in four times. */
    public long wholeTimes(Length other) {
        if (!other.isPositive()) {
            throw new IllegalArgumentException("only a positive length can be counted off, not " + other);
        }
        return inches.dividedBy(other.inches).floor().longValueExact();
    }

    /**
     * The one place where a measure is rounded, upwards, so that what is cut is never short.
     *
     * <table><caption>on a grid of 1/8 in</caption>
     * <tr><th>exact</th><th>rounded up</th></tr>
     * <tr><td>3.854 in</td><td>3 7/8 in</td></tr>
     * <tr><td>3 7/8 in</td><td>3 7/8 in</td></tr>
     * <tr><td>3.876 in</td><td>4 in</td></tr>
     * </table>
     */
    public Length roundedUpTo(Grid grid) {
        return grid.steps(inches.dividedBy(grid.step().inches).ceiling());
    }

    /** The largest length on the grid not above this one: what a unit can surely be trimmed to. */
    public Length roundedDownTo(Grid grid) {
        return grid.steps(inches.dividedBy(grid.step().inches).floor());
    }

    /** Whether a ruler of that grid shows it. */
    public boolean isOn(Grid grid) {
        return inches.isRational()
                && inches.dividedBy(grid.step().inches)
                        .rational()
                        .getDenominator()
                        .equals(BigInteger.ONE);
    }

    /** Whether it is longer than nothing. */
    public boolean isPositive() {
        return inches.signum() > 0;
    }

    /** Whether it is below nothing, as a difference can be. */
    public boolean isNegative() {
        return inches.signum() < 0;
    }

    /** Whether it is nothing at all. */
    public boolean isZero() {
        return inches.signum() == 0;
    }

    /** {@code this ≥ other}, exactly. */
    public boolean isAtLeast(Length other) {
        return compareTo(other) >= 0;
    }

    /** {@code this > other}, exactly. */
    public boolean isLongerThan(Length other) {
        return compareTo(other) > 0;
    }

    /** {@code this < other}, exactly. */
    public boolean isShorterThan(Length other) {
        return compareTo(other) < 0;
    }

    /** How much longer or shorter it is than another. */
    public Length apartFrom(Length other) {
        return isLongerThan(other) ? minus(other) : other.minus(this);
    }

    /** The shorter one. */
    public static Length min(Length a, Length b) {
        return a.isLongerThan(b) ? b : a;
    }

    /** The longer one. */
    public static Length max(Length a, Length b) {
        return a.isLongerThan(b) ? a : b;
    }

    /**
     * The lengths as whole counts of one common small measure, for counting fast: 1 1/2 in and 2 in are 3 and 4 (of 1/2
     * in). None of them may have a part in root two.
     */
    public static long[] inCommonMeasure(Length... lengths) {
        RootTwo product = RootTwo.of(1, 1);
        for (Length length : lengths) {
            if (!length.inches.isSmallFraction()) {
                throw new IllegalStateException("is no plain fraction of an inch: " + length);
            }
            // The product so far, times what this denominator still lacks, is the least common multiple.
            RootTwo share = product.times(length.inches);
            product = product.times(RootTwo.of(share.denominator(), 1));
        }
        long[] counts = new long[lengths.length];
        for (int i = 0; i < lengths.length; i++) {
            counts[i] = lengths[i].inches.times(product).numerator();
        }
        return counts;
    }

    /** For drawing and for comparison with other programs only, never for reckoning. */
    public double toDoubleInches() {
        return inches.toDouble();
    }

    /** Whether this is a plain fraction of an inch; false once a diagonal has come in. */
    public boolean isRational() {
        return inches.isRational();
    }

    BigFraction rationalInches() {
        if (!isRational()) {
            throw new IllegalStateException("has a part in root two: " + this);
        }
        return inches.rational();
    }

    /** For keys, never for reading: {@code 31/8}, and with a part in root two {@code (3+2r)/4}. */
    public String exactly() {
        return inches.exactly();
    }

    @Override
    public int compareTo(Length other) {
        return inches.compareTo(other.inches);
    }

    @Override
    public String toString() {
        return LengthWriter.INCHES.writeWithUnit(this);
    }
}

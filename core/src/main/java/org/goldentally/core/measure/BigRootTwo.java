package org.goldentally.core.measure;

import java.math.BigInteger;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * An exact number {@code a + b·√2} of any size: what {@link RootTwo} falls back on where whole numbers of 64 bits are not
 * enough. Slow, and seldom needed.
 */
record BigRootTwo(BigFraction rational, BigFraction root) implements Comparable<BigRootTwo> {

    boolean isRational() {
        return root.signum() == 0;
    }

    BigRootTwo plus(BigRootTwo other) {
        return new BigRootTwo(rational.add(other.rational), sum(root, other.root));
    }

    BigRootTwo minus(BigRootTwo other) {
        return plus(other.negated());
    }

    BigRootTwo negated() {
        return new BigRootTwo(rational.negate(), isRational() ? root : root.negate());
    }

    BigRootTwo times(BigFraction factor) {
        return new BigRootTwo(rational.multiply(factor), isRational() ? root : root.multiply(factor));
    }

    /** {@code (a + b√2)(c + d√2) = (ac + 2bd) + (ad + bc)√2}. */
    BigRootTwo times(BigRootTwo other) {
        if (other.isRational()) {
            return times(other.rational);
        }
        if (isRational()) {
            return other.times(rational);
        }
        return new BigRootTwo(
                rational.multiply(other.rational).add(root.multiply(other.root).multiply(2)),
                rational.multiply(other.root).add(root.multiply(other.rational)));
    }

    /** Multiplied by {@code c − d√2} above and below, the divisor becomes the rational {@code c² − 2d²}. */
    BigRootTwo dividedBy(BigRootTwo divisor) {
        if (divisor.isRational()) {
            return times(divisor.rational.reciprocal());
        }
        BigRootTwo conjugate = new BigRootTwo(divisor.rational, divisor.root.negate());
        return times(conjugate).times(divisor.times(conjugate).rational.reciprocal());
    }

    int signum() {
        int signOfRational = rational.signum();
        int signOfRoot = root.signum();
        if (signOfRoot == 0 || signOfRational == signOfRoot) {
            return signOfRational;
        }
        if (signOfRational == 0) {
            return signOfRoot;
        }
        // The parts pull in opposite directions: the one with the larger square wins.
        BigFraction squaredRational = rational.multiply(rational);
        BigFraction squaredRoot = root.multiply(root).multiply(2);
        return squaredRational.compareTo(squaredRoot) > 0 ? signOfRational : signOfRoot;
    }

    /**
     * The largest whole number not above this one.
     *
     * <p>Written as {@code (p + q√2) / d} with whole {@code p}, {@code q} and {@code d > 0}, the floor is that of
     * {@code (p + floor(q√2)) / d}, and {@code floor(q√2)} is a whole square root.
     */
    BigInteger floor() {
        if (isRational()) {
            return floorDiv(rational.getNumerator(), rational.getDenominator());
        }
        BigInteger d = rational.getDenominator().multiply(root.getDenominator());
        BigInteger p = rational.getNumerator().multiply(root.getDenominator());
        BigInteger q = root.getNumerator().multiply(rational.getDenominator());
        BigInteger wholeRoot = q.multiply(q).shiftLeft(1).sqrt();
        BigInteger floorOfRoot = q.signum() > 0 ? wholeRoot : wholeRoot.negate().subtract(BigInteger.ONE);
        return floorDiv(p.add(floorOfRoot), d);
    }

    double toDouble() {
        return rational.doubleValue() + root.doubleValue() * Math.sqrt(2);
    }

    @Override
    public int compareTo(BigRootTwo other) {
        if (isRational() && other.isRational()) {
            return rational.compareTo(other.rational);
        }
        return minus(other).signum();
    }

    private static BigFraction sum(BigFraction a, BigFraction b) {
        return b.signum() == 0 ? a : a.signum() == 0 ? b : a.add(b);
    }

    private static BigInteger floorDiv(BigInteger numerator, BigInteger denominator) {
        BigInteger[] division = numerator.divideAndRemainder(denominator);
        return division[1].signum() < 0 ? division[0].subtract(BigInteger.ONE) : division[0];
    }
}

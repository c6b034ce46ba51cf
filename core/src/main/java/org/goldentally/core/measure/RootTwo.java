package org.goldentally.core.measure;

import java.math.BigInteger;
import java.util.Objects;
import org.apache.commons.numbers.fraction.BigFraction;
import org.goldentally.core.work.Work;
import org.jspecify.annotations.Nullable;

/**
 * An exact number {@code a + b·√2}, for example {@code 1/2 + 1/4·√2} for a quarter-inch seam met on the diagonal.
 *
 * <p>Both parts are rational, so sums, products and quotients are exact, and two numbers are compared by whole numbers,
 * never by a rounded decimal. Package-private: the trade speaks of {@link Length} and {@link Area}.
 *
 * <p>Held as {@code (p + q·√2) / d} in whole numbers of 64 bits, in lowest terms with {@code d > 0}, which every length
 * on a ruler fits. Each operation is tried in 64 bits; where it would overflow, it is done by {@link BigRootTwo} instead,
 * and the result is held there if it does not fit after reduction. So nothing overflows, and the usual case is fast: a
 * full answer about yields takes tens of thousands of these operations.
 */
final class RootTwo implements Comparable<RootTwo> {

    static final RootTwo ZERO = new RootTwo(0, 0, 1, null);
    static final RootTwo SQUARE_ROOT_OF_TWO = new RootTwo(0, 1, 1, null);

    /** Below this, twice the square of a number still fits into 63 bits. */
    private static final long SQUARE_FITS = 1L << 30;

    /** Steps of work that an operation costs where 64 bits are not enough. */
    private static final long IN_LARGE_NUMBERS = 20;

    private final long p;
    private final long q;
    private final long d;

    /** Set where the number does not fit; then p, q and d mean nothing. */
    private final @Nullable BigRootTwo big;

    private RootTwo(long p, long q, long d, @Nullable BigRootTwo big) {
        this.p = p;
        this.q = q;
        this.d = d;
        this.big = big;
    }

    static RootTwo of(BigFraction rational) {
        return of(new BigRootTwo(rational, BigFraction.ZERO));
    }

    static RootTwo of(long numerator, long denominator) {
        return denominator < 0
                ? small(Math.negateExact(numerator), 0, Math.negateExact(denominator))
                : small(numerator, 0, denominator);
    }

    /** The library's fractions may carry a sign below the line; here the denominator is positive. */
    static RootTwo of(BigRootTwo number) {
        Work.spend(IN_LARGE_NUMBERS);
        BigInteger d1 = number.rational().getDenominator().abs();
        BigInteger d2 = number.root().getDenominator().abs();
        BigInteger denominator = d1.multiply(d2.divide(d1.gcd(d2)));
        BigInteger numerator = wholeOver(number.rational(), denominator.divide(d1));
        BigInteger ofRoot = wholeOver(number.root(), denominator.divide(d2));
        boolean fits = fits(denominator) && fits(numerator) && fits(ofRoot);
        return fits
                ? new RootTwo(numerator.longValue(), ofRoot.longValue(), denominator.longValue(), null)
                : new RootTwo(
                        0,
                        0,
                        1,
                        new BigRootTwo(BigFraction.of(numerator, denominator), BigFraction.of(ofRoot, denominator)));
    }

    private static boolean fits(BigInteger number) {
        return number.bitLength() < Long.SIZE && number.longValue() != Long.MIN_VALUE;
    }

    private static BigInteger wholeOver(BigFraction fraction, BigInteger factor) {
        return fraction.getNumerator().abs().multiply(factor).multiply(BigInteger.valueOf(fraction.signum()));
    }

    /** Brings to lowest terms; whatever is worked out ends here or in {@link #of(BigRootTwo)}. */
    private static RootTwo small(long p, long q, long d) {
        Work.spend(1);
        if (d <= 0 || p == Long.MIN_VALUE || q == Long.MIN_VALUE) {
            throw new ArithmeticException("denominator " + d);
        }
        long divisor = divisorOfAll(p, q, d);
        return divisor == 1 ? new RootTwo(p, q, d, null) : new RootTwo(p / divisor, q / divisor, d / divisor, null);
    }

    /** What a ruler shows has a power of two below the line: there the zeros at the end of the numbers tell. */
    private static long divisorOfAll(long p, long q, long d) {
        return isPowerOfTwo(d) ? Long.lowestOneBit(p | q | d) : gcd(gcd(d, Math.abs(p)), Math.abs(q));
    }

    private static boolean isPowerOfTwo(long positive) {
        return (positive & (positive - 1)) == 0;
    }

    private static long gcd(long a, long b) {
        while (b != 0) {
            long rest = a % b;
            a = b;
            b = rest;
        }
        return a;
    }

    private BigRootTwo big() {
        return big != null
                ? big
                : new BigRootTwo(
                        BigFraction.of(p, 1).divide(d), BigFraction.of(q, 1).divide(d));
    }

    boolean isRational() {
        return big == null ? q == 0 : big.isRational();
    }

    /** The rational part. */
    BigFraction rational() {
        return big().rational();
    }

    /** Whether this is a fraction in 64 bits, so that {@link #numerator} and {@link #denominator} may be asked for. */
    boolean isSmallFraction() {
        return big == null && q == 0;
    }

    long numerator() {
        return p;
    }

    long denominator() {
        return d;
    }

    /** Whether this is a whole number. */
    boolean isWhole() {
        return big == null
                ? q == 0 && d == 1
                : big.isRational() && big.rational().getDenominator().equals(BigInteger.ONE);
    }

    RootTwo plus(RootTwo other) {
        if (big == null && other.big == null) {
            try {
                if (d == other.d) {
                    return small(Math.addExact(p, other.p), Math.addExact(q, other.q), d);
                }
                long divisor = isPowerOfTwo(d) && isPowerOfTwo(other.d) ? Math.min(d, other.d) : gcd(d, other.d);
                long mine = other.d / divisor;
                long theirs = d / divisor;
                return small(
                        Math.addExact(Math.multiplyExact(p, mine), Math.multiplyExact(other.p, theirs)),
                        Math.addExact(Math.multiplyExact(q, mine), Math.multiplyExact(other.q, theirs)),
                        Math.multiplyExact(d, mine));
            } catch (ArithmeticException overflow) {
                // Done in large numbers below.
            }
        }
        return of(big().plus(other.big()));
    }

    RootTwo minus(RootTwo other) {
        return plus(other.negated());
    }

    RootTwo negated() {
        return big == null ? new RootTwo(-p, -q, d, null) : of(big.negated());
    }

    /** {@code (a + b√2)(c + d√2) = (ac + 2bd) + (ad + bc)√2}. */
    RootTwo times(RootTwo other) {
        if (big == null && other.big == null) {
            try {
                long rational = Math.multiplyExact(p, other.p);
                long root = Math.addExact(Math.multiplyExact(p, other.q), Math.multiplyExact(q, other.p));
                if (q != 0 && other.q != 0) {
                    rational = Math.addExact(rational, Math.multiplyExact(2, Math.multiplyExact(q, other.q)));
                }
                return small(rational, root, Math.multiplyExact(d, other.d));
            } catch (ArithmeticException overflow) {
                // Done in large numbers below.
            }
        }
        return of(big().times(other.big()));
    }

    RootTwo dividedBy(RootTwo divisor) {
        if (divisor.signum() == 0) {
            throw new ArithmeticException("divided by nothing");
        }
        if (big == null && divisor.big == null && divisor.q == 0) {
            try {
                long sign = divisor.p < 0 ? -1 : 1;
                long factor = sign * divisor.d;
                return small(
                        Math.multiplyExact(p, factor),
                        Math.multiplyExact(q, factor),
                        Math.multiplyExact(d, sign * divisor.p));
            } catch (ArithmeticException overflow) {
                // Done in large numbers below.
            }
        }
        return of(big().dividedBy(divisor.big()));
    }

    int signum() {
        if (big != null) {
            return big.signum();
        }
        int ofRational = Long.signum(p);
        int ofRoot = Long.signum(q);
        if (ofRoot == 0 || ofRational == ofRoot) {
            return ofRational;
        }
        if (ofRational == 0) {
            return ofRoot;
        }
        // The parts pull in opposite directions: the one with the larger square wins.
        if (Math.abs(p) < SQUARE_FITS && Math.abs(q) < SQUARE_FITS) {
            return p * p > 2 * q * q ? ofRational : ofRoot;
        }
        return big().signum();
    }

    /** The largest whole number not above this one; see {@link BigRootTwo#floor()} for the way. */
    BigInteger floor() {
        if (big == null && q == 0) {
            return BigInteger.valueOf(Math.floorDiv(p, d));
        }
        if (big == null && Math.abs(q) < SQUARE_FITS && Math.abs(p) < Long.MAX_VALUE / 2) {
            long wholeRoot = wholeSquareRoot(2 * q * q);
            return BigInteger.valueOf(Math.floorDiv(p + (q > 0 ? wholeRoot : -wholeRoot - 1), d));
        }
        return big().floor();
    }

    /** The decimal guess is put right by whole numbers. */
    private static long wholeSquareRoot(long number) {
        long guess = (long) Math.sqrt((double) number);
        while (guess * guess > number) {
            guess--;
        }
        while ((guess + 1) * (guess + 1) <= number) {
            guess++;
        }
        return guess;
    }

    BigInteger ceiling() {
        return negated().floor().negate();
    }

    double toDouble() {
        return big == null ? (p + q * Math.sqrt(2)) / d : big.toDouble();
    }

    /** {@code 31/8}, and with a part in root two {@code (3+2r)/4}, in lowest terms. */
    String exactly() {
        if (big != null) {
            return big.rational() + "+" + big.root() + "r";
        }
        String over = d == 1 ? "" : "/" + d;
        return q == 0 ? p + over : "(" + p + "+" + q + "r)" + over;
    }

    @Override
    public int compareTo(RootTwo other) {
        if (big == null && other.big == null && d == other.d && q == other.q) {
            return Long.compare(p, other.p);
        }
        return minus(other).signum();
    }

    @Override
    public boolean equals(@Nullable Object object) {
        return object instanceof RootTwo other
                && p == other.p
                && q == other.q
                && d == other.d
                && Objects.equals(big, other.big);
    }

    @Override
    public int hashCode() {
        int small = 31 * (31 * Long.hashCode(p) + Long.hashCode(q)) + Long.hashCode(d);
        return big == null ? small : big.hashCode();
    }
}

package org.goldentally.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.math.RoundingMode;
import org.apache.commons.numbers.fraction.BigFraction;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.junit.jupiter.api.Test;

/** Exact numbers of the form a + b√2, small and far beyond 64 bits, beside decimals of 200 digits. */
class RootTwoTest {

    private static final MathContext DIGITS = new MathContext(200);
    private static final BigDecimal ROOT = BigDecimal.TWO.sqrt(DIGITS);
    private static final BigDecimal CLOSE = new BigDecimal("1e-35");

    private record Both(RootTwo exact, BigDecimal decimal) {}

    private static BigDecimal decimal(BigFraction fraction) {
        return new BigDecimal(fraction.getNumerator()).divide(new BigDecimal(fraction.getDenominator()), DIGITS);
    }

    private static BigFraction fraction(Chance chance, boolean large) {
        long numerator = large ? chance.anyLong() : chance.between(-30, 30);
        long denominator = large ? Math.max(1, chance.anyLong() >>> 1) : chance.between(1, 16);
        BigFraction fraction = BigFraction.of(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator));
        return large && chance.flag() ? fraction.multiply(fraction) : fraction;
    }

    private static Both any(Chance chance) {
        boolean large = chance.flag();
        BigFraction rational = fraction(chance, large);
        BigFraction root = chance.flag() ? BigFraction.ZERO : fraction(chance, large);
        return new Both(
                RootTwo.of(new BigRootTwo(rational, root)),
                decimal(rational).add(decimal(root).multiply(ROOT, DIGITS), DIGITS));
    }

    private static void same(RootTwo exact, BigDecimal decimal) {
        BigDecimal off = value(exact).subtract(decimal).abs();
        assertThat(off).isLessThanOrEqualTo(CLOSE.multiply(decimal.abs().max(BigDecimal.ONE)));
    }

    /** By halving: between its floor and ceiling, compared with fractions only. */
    private static BigDecimal value(RootTwo exact) {
        BigFraction low = BigFraction.of(exact.floor());
        BigFraction step = BigFraction.ONE;
        for (int i = 0; i < 130; i++) {
            step = step.divide(2);
            BigFraction middle = low.add(step);
            low = RootTwo.of(middle).compareTo(exact) <= 0 ? middle : low;
        }
        return decimal(low);
    }

    @Tries(60)
    void reckonsAsDecimalsDo(Chance chance) {
        Both a = any(chance);
        Both b = any(chance);
        same(a.exact, a.decimal);
        same(a.exact.plus(b.exact), a.decimal.add(b.decimal));
        same(a.exact.minus(b.exact), a.decimal.subtract(b.decimal));
        same(a.exact.negated(), a.decimal.negate());
        assertThat(a.exact.times(b.exact).minus(b.exact.times(a.exact)).signum())
                .isZero();
        assertThat(a.exact.signum()).isEqualTo(a.decimal.signum());
        assertThat(Integer.signum(a.exact.compareTo(b.exact))).isEqualTo(a.decimal.compareTo(b.decimal));
        assertThat(a.exact.floor())
                .isEqualTo(a.decimal.setScale(0, RoundingMode.FLOOR).toBigInteger());
        assertThat(a.exact.ceiling())
                .isEqualTo(a.decimal.setScale(0, RoundingMode.CEILING).toBigInteger());
        if (b.exact.signum() != 0) {
            RootTwo back = a.exact.dividedBy(b.exact).times(b.exact);
            assertThat(back).isEqualTo(a.exact).hasSameHashCodeAs(a.exact);
            assertThat(back.isRational()).isEqualTo(a.exact.isRational());
            assertThat(back.isWhole()).isEqualTo(a.exact.isWhole());
            assertThat(back.isSmallFraction()).isEqualTo(a.exact.isSmallFraction());
        }
    }

    @Test
    void whatIsWholeOrAFractionIsKnown() {
        RootTwo half = RootTwo.of(1, 2);
        assertThat(half)
                .isEqualTo(RootTwo.of(-3, -6))
                .isNotEqualTo(RootTwo.of(1, 3))
                .isNotEqualTo("1/2");
        assertThat(half.isWhole()).isFalse();
        assertThat(half.isSmallFraction()).isTrue();
        assertThat(half.numerator() + "/" + half.denominator()).isEqualTo("1/2");
        assertThat(half.plus(half).isWhole()).isTrue();
        RootTwo huge = RootTwo.of(BigFraction.of(BigInteger.TEN.pow(40)));
        assertThat(huge.isWhole()).isTrue();
        assertThat(huge.toDouble()).isEqualTo(1e40);
        assertThat(half.toDouble()).isEqualTo(0.5);
        assertThat(huge.isSmallFraction()).isFalse();
        assertThat(huge.rational().getNumerator()).isEqualTo(BigInteger.TEN.pow(40));
        assertThat(huge.dividedBy(RootTwo.of(3, 1)).isWhole()).isFalse();
        assertThat(huge).isNotEqualTo(half).isEqualTo(huge.plus(half).minus(half));
        assertThatThrownBy(() -> half.dividedBy(half.minus(half))).isInstanceOf(ArithmeticException.class);
    }
}

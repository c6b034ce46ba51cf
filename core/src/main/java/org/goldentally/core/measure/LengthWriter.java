package org.goldentally.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.Locale;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Writes lengths the way they are read off a ruler: {@code 4 7/8} or {@code 12.5}.
 *
 * <p>A length that no ruler shows (a diagonal, or an odd fraction) is written as {@code just over 6 5/8}, cut off below
 * at an eighth of an inch or a millimetre, so that what is written is never more than what is there.
 */
public enum LengthWriter {
    INCHES(Grid.EIGHTH_INCH, "in") {
        @Override
        boolean isReadable(BigFraction inches) {
            int denominator = inches.getDenominator().bitLength() > 8 ? 0 : inches.getDenominatorAsInt();
            return denominator > 0 && denominator <= 64 && (64 % denominator == 0 || 24 % denominator == 0);
        }

        @Override
        String writeReadable(BigFraction inches) {
            BigInteger[] whole = inches.getNumerator().abs().divideAndRemainder(inches.getDenominator());
            String sign = inches.signum() < 0 ? "-" : "";
            if (whole[1].signum() == 0) {
                return sign + whole[0];
            }
            String part = whole[1] + "/" + inches.getDenominator();
            return whole[0].signum() == 0 ? sign + part : sign + whole[0] + " " + part;
        }

        @Override
        BigFraction inOwnUnit(BigFraction inches) {
            return inches;
        }
    },
    CENTIMETRES(Grid.MILLIMETRE, "cm") {
        @Override
        boolean isReadable(BigFraction centimetres) {
            return BigInteger.valueOf(100).mod(centimetres.getDenominator()).signum() == 0;
        }

        @Override
        String writeReadable(BigFraction centimetres) {
            return new BigDecimal(centimetres.getNumerator())
                    .divide(new BigDecimal(centimetres.getDenominator()), 2, RoundingMode.UNNECESSARY)
                    .stripTrailingZeros()
                    .toPlainString();
        }

        @Override
        BigFraction inOwnUnit(BigFraction inches) {
            return inches.divide(Length.INCHES_PER_CENTIMETRE);
        }
    };

    private final Grid approximation;
    private final String unit;

    LengthWriter(Grid approximation, String unit) {
        this.approximation = approximation;
        this.unit = unit;
    }

    /** {@code 4 7/8}, or {@code just over 6 5/8} where no ruler shows the length. */
    public String write(Length length) {
        if (isOnARuler(length)) {
            return writeReadable(inOwnUnit(length.rationalInches()));
        }
        Length below = length.roundedDownTo(approximation);
        return "just over " + writeReadable(inOwnUnit(below.rationalInches()));
    }

    /** Whether a ruler shows the length, so that it is written as it is. */
    public boolean isOnARuler(Length length) {
        return length.isRational() && isReadable(inOwnUnit(length.rationalInches()));
    }

    /**
     * {@code 4 7/8}, or the exact fraction where no ruler shows the length, such as {@code 5500/127} in for 110 cm: what
     * goes into a file is read again as it was. Only for lengths without a diagonal in them, as cloth is measured.
     */
    public String writeForFile(Length length) {
        if (isOnARuler(length)) {
            return write(length);
        }
        BigFraction own = inOwnUnit(length.rationalInches());
        return own.getNumerator() + "/" + own.getDenominator();
    }

    /** {@code 4 7/8 in}. */
    public String writeWithUnit(Length length) {
        return write(length) + " " + unit;
    }

    /** {@code 3.854}: three decimals, for showing how a number came about, before it is rounded up. */
    public String writeDecimal(Length length) {
        double own = length.toDoubleInches() * (this == CENTIMETRES ? 2.54 : 1);
        String text = String.format(Locale.ROOT, "%.3f", own);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }

    /**
     * The exact text in which a length is stored and read back: {@code 10/3 in}. Only plain fractions are ever
     * stored; a diagonal is always worked out anew.
     */
    public static String writeExact(Length length) {
        BigFraction inches = length.rationalInches();
        return inches.getNumerator()
                + (inches.getDenominator().equals(BigInteger.ONE) ? "" : "/" + inches.getDenominator())
                + " in";
    }

    abstract boolean isReadable(BigFraction inOwnUnit);

    abstract String writeReadable(BigFraction inOwnUnit);

    abstract BigFraction inOwnUnit(BigFraction inches);
}

package org.goldentally.core.measure;

import java.math.BigInteger;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * The marks of a ruler that a quilter is willing to cut by: every 1/8 in, or every 0.5 cm.
 *
 * <p>Cut sizes are rounded up to these marks, never to the nearest.
 */
public enum Grid {
    SIXTEENTH_INCH("1/16 in", Length.inches(0, 1, 16)),
    EIGHTH_INCH("1/8 in", Length.inches(0, 1, 8)),
    QUARTER_INCH("1/4 in", Length.inches(0, 1, 4)),
    HALF_INCH("1/2 in", Length.inches(0, 1, 2)),
    MILLIMETRE("0.1 cm", Length.centimetres(0, 1, 10)),
    HALF_CENTIMETRE("0.5 cm", Length.centimetres(0, 1, 2));

    private final String label;
    private final Length step;

    Grid(String label, Length step) {
        this.label = label;
        this.step = step;
    }

    /** As read on the ruler: {@code 1/8 in}. */
    public String label() {
        return label;
    }

    /** From one mark to the next. */
    public Length step() {
        return step;
    }

    Length steps(BigInteger count) {
        return count.bitLength() < 63
                ? step.times(count.longValue())
                : Length.ofInches(step.rationalInches().multiply(BigFraction.of(count)));
    }

    /** {@code EIGHTH_INCH.steps(7)} is 7/8 in. */
    public Length steps(long count) {
        return step.times(count);
    }

    /** How many marks fit into a length: 10 in holds 80 eighths. */
    public long stepsIn(Length length) {
        return length.wholeTimes(step);
    }
}

package org.goldentally.core.cloth;

import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * What shops sell: eighths of a yard, or 10 cm (common practice, no source). 40 in is bought as 1 1/8 yd.
 *
 * @param exact the length that is needed
 * @param bought the same, rounded up to what is sold
 */
public record Purchase(Length exact, Length bought, MeasureSystem system) {

    /** Yardage is rounded here and nowhere else, upwards. */
    public static Purchase of(Length exact, MeasureSystem system) {
        Length step = step(system);
        long whole = exact.wholeTimes(step);
        Length below = step.times(whole);
        return new Purchase(exact, below.isShorterThan(exact) ? below.plus(step) : below, system);
    }

    /** 1/8 yd or 10 cm. */
    public static Length step(MeasureSystem system) {
        return system == MeasureSystem.INCH ? Length.inches(4, 1, 2) : Length.centimetres(10, 0, 1);
    }

    /** {@code 1 1/8 yd} or {@code 1.1 m}. */
    public String write() {
        return write(bought, system);
    }

    /** A length in the unit of the shop: {@code 2 5/8 yd}. */
    public static String write(Length length, MeasureSystem system) {
        boolean inches = system == MeasureSystem.INCH;
        return system.writer().write(length.dividedBy(inches ? 36 : 100)) + (inches ? " yd" : " m");
    }

    /** A long length for comparison, to one decimal: {@code about 12.5 yd}. */
    public static String writeRoughly(Length length, MeasureSystem system) {
        boolean inches = system == MeasureSystem.INCH;
        double whole = length.toDoubleInches() * (inches ? 1 : 2.54) / (inches ? 36 : 100);
        return String.format(java.util.Locale.ROOT, "about %.1f %s", whole, inches ? "yd" : "m");
    }
}

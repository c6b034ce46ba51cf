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
        return UsualSizes.of(system).purchaseStep();
    }

    /** {@code 1 1/8 yd} or {@code 1.1 m}. */
    public String write() {
        return write(bought, system);
    }

    /** {@code 1.125} or {@code 1.1}: how many yards or metres are bought, for a table; eighths are exact so. */
    public String writeDecimal() {
        return system.writer().writeDecimal(inShopUnits(bought, system));
    }

    /** A length in the unit of the shop: {@code 2 5/8 yd}. */
    public static String write(Length length, MeasureSystem system) {
        return system.writer().write(inShopUnits(length, system)) + " "
                + UsualSizes.of(system).shopWord();
    }

    /** Whether a length is a plain part of what cloth is sold by. */
    static boolean isSold(Length length, MeasureSystem system) {
        return system.writer().isOnARuler(inShopUnits(length, system));
    }

    /** So many yards or metres, written as if they were inches or centimetres. */
    private static Length inShopUnits(Length length, MeasureSystem system) {
        UsualSizes usual = UsualSizes.of(system);
        long[] perUnit = Length.inCommonMeasure(usual.shopUnit(), system.one());
        return length.dividedBy(perUnit[0] / perUnit[1]);
    }

    /** A long length for comparison, to one decimal: {@code about 12.5 yd}. */
    public static String writeRoughly(Length length, MeasureSystem system) {
        UsualSizes usual = UsualSizes.of(system);
        double whole = length.toDoubleInches() / usual.shopUnit().toDoubleInches();
        return String.format(java.util.Locale.ROOT, "about %.1f %s", whole, usual.shopWord());
    }
}

package org.goldentally.core.measure;

import java.math.BigDecimal;
import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.BigFraction;
import org.goldentally.core.problem.Reading;
import org.jspecify.annotations.Nullable;

/**
 * Reads lengths the way quilters write them: {@code 4 7/8}, {@code 4⅞}, {@code 4-7/8}, {@code 4.875}, {@code 4 7/8"},
 * {@code 12.5 cm}, {@code 1 1/2 yd}.
 *
 * <p>Without a unit the number is in inches or centimetres, as the quilt is. A decimal comma is a decimal point.
 */
public final class LengthReader {

    /** Nobody sews a length over this: 3,600 in is 100 yd, a whole bolt. Larger numbers are slips of the finger. */
    static final Length LONGEST = Length.inches(3_600);

    private static final String NUMBER =
            "(?:(\\d{1,9})[ -]+(\\d{1,6})/(\\d{1,6})|(\\d{1,9})/(\\d{1,9})|(\\d{1,9}(?:[.,]\\d{1,9})?|[.,]\\d{1,9}))";
    private static final Pattern LENGTH = Pattern.compile(NUMBER + " ?([a-z\"'″′]*)\\.?");

    private static final Map<String, BigFraction> INCHES_IN = Map.ofEntries(
            Map.entry("in", BigFraction.ONE),
            Map.entry("inch", BigFraction.ONE),
            Map.entry("inches", BigFraction.ONE),
            Map.entry("\"", BigFraction.ONE),
            Map.entry("″", BigFraction.ONE),
            Map.entry("ft", BigFraction.of(12)),
            Map.entry("foot", BigFraction.of(12)),
            Map.entry("feet", BigFraction.of(12)),
            Map.entry("'", BigFraction.of(12)),
            Map.entry("′", BigFraction.of(12)),
            Map.entry("yd", BigFraction.of(36)),
            Map.entry("yds", BigFraction.of(36)),
            Map.entry("yard", BigFraction.of(36)),
            Map.entry("yards", BigFraction.of(36)),
            Map.entry("mm", Length.INCHES_PER_CENTIMETRE.divide(10)),
            Map.entry("cm", Length.INCHES_PER_CENTIMETRE),
            Map.entry("m", Length.INCHES_PER_CENTIMETRE.multiply(100)),
            Map.entry("metre", Length.INCHES_PER_CENTIMETRE.multiply(100)),
            Map.entry("metres", Length.INCHES_PER_CENTIMETRE.multiply(100)),
            Map.entry("meter", Length.INCHES_PER_CENTIMETRE.multiply(100)),
            Map.entry("meters", Length.INCHES_PER_CENTIMETRE.multiply(100)));

    private LengthReader() {}

    /** Reads a length that must be more than nothing; {@code where} names the place if it is refused. */
    public static Reading<Length> readPositive(String where, String text, MeasureSystem system) {
        return read(where, text, system)
                .then(length -> length.isPositive()
                        ? Reading.of(length)
                        : Reading.refused(
                                where, quoted(text) + " is no size at all", "type a size such as " + example(system)));
    }

    /** Reads a length of nothing or more. */
    public static Reading<Length> read(String where, String text, MeasureSystem system) {
        String tidy = tidy(text);
        if (tidy.isEmpty()) {
            return Reading.refused(where, "nothing is typed here", "type a size such as " + example(system));
        }
        if (tidy.startsWith("-") || tidy.startsWith("−")) {
            return Reading.refused(
                    where, quoted(text) + " is less than nothing", "type a size such as " + example(system));
        }
        Matcher matcher = LENGTH.matcher(tidy);
        if (!matcher.matches()) {
            return Reading.refused(
                    where, quoted(text) + " cannot be read as a length", "type it like " + example(system));
        }
        String unit = matcher.group(7);
        BigFraction inchesPerUnit = unit.isEmpty() ? INCHES_IN.get(system.abbreviation()) : INCHES_IN.get(unit);
        if (inchesPerUnit == null) {
            return Reading.refused(
                    where,
                    quoted(unit) + " in " + quoted(text) + " is no unit of length we know",
                    "use in, ft, yd, mm, cm or m, or leave the unit out");
        }
        BigFraction number = number(matcher);
        if (number == null) {
            return Reading.refused(where, quoted(text) + " divides by nothing", "type it like " + example(system));
        }
        Length length = Length.ofInches(number.multiply(inchesPerUnit));
        if (length.isLongerThan(LONGEST)) {
            return Reading.refused(
                    where,
                    quoted(text) + " is longer than a whole bolt of fabric (100 yd)",
                    "check the number; sizes are in " + system.abbreviation() + " unless you say otherwise");
        }
        return Reading.of(length);
    }

    private static @Nullable BigFraction number(Matcher matcher) {
        if (matcher.group(1) != null) {
            int denominator = Integer.parseInt(matcher.group(3));
            return denominator == 0
                    ? null
                    : BigFraction.of(Integer.parseInt(matcher.group(1)))
                            .add(BigFraction.of(Integer.parseInt(matcher.group(2)), denominator));
        }
        if (matcher.group(4) != null) {
            int denominator = Integer.parseInt(matcher.group(5));
            return denominator == 0 ? null : BigFraction.of(Integer.parseInt(matcher.group(4)), denominator);
        }
        BigDecimal decimal = new BigDecimal(matcher.group(6).replace(',', '.'));
        return BigFraction.of(decimal.unscaledValue(), java.math.BigInteger.TEN.pow(decimal.scale()));
    }

    /** Fraction signs become figures ({@code 4⅞} is {@code 4 7/8}), odd spaces plain ones. */
    private static String tidy(String text) {
        String spaced = text.replaceAll("([0-9])([¼-¾⅐-⅞])", "$1 $2");
        return Normalizer.normalize(spaced, Normalizer.Form.NFKC)
                .replace('⁄', '/')
                .replace('‐', '-')
                .replace('–', '-')
                .replace('”', '"')
                .replace("''", "\"")
                .replace("′′", "\"")
                .replaceAll("\\s+", " ")
                .replaceAll(" ?/ ?", "/")
                .strip()
                .toLowerCase(Locale.ROOT);
    }

    private static String example(MeasureSystem system) {
        return system.example();
    }

    private static String quoted(String text) {
        String shown = text.strip();
        return "\u201c" + (shown.length() > 40 ? shown.substring(0, 40) + "…" : shown) + "\u201d";
    }
}

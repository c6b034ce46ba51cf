package org.goldentally.core.cloth;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Reading;

/**
 * What a cloth costs, in the shop's money: {@code 12.50 a yard}, {@code 14 a metre}, {@code 4 each}.
 *
 * @param amount exact, as typed
 */
public record Price(BigDecimal amount, Per per) {

    /** What the amount is for. */
    public enum Per {
        YARD("a yard"),
        METRE("a metre"),
        PIECE("each");

        private final String label;

        Per(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    private static final Pattern TYPED = Pattern.compile(
            "(\\d{1,6}(?:[.,]\\d{1,2})?) ?(?:(?:/|a |per |the )? ?(yards?|yds?|yd|metres?|meters?|m|each|pieces?|piece|pc))");

    /** Understands {@code 12.50 a yard}, {@code 12,50/m}, {@code 4 each}. */
    public static Reading<Price> read(String where, String typed) {
        Matcher matcher = TYPED.matcher(typed.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " "));
        if (!matcher.matches()) {
            return Reading.refused(
                    where,
                    "“" + (typed.length() > 40 ? typed.substring(0, 40) + "…" : typed) + "” is no price",
                    "type it like “12.50 a yard”, “14 a metre” or “4 each”");
        }
        BigDecimal amount = new BigDecimal(matcher.group(1).replace(',', '.'));
        String unit = matcher.group(2);
        Per per = unit.startsWith("y") ? Per.YARD : unit.startsWith("m") ? Per.METRE : Per.PIECE;
        return Reading.of(new Price(amount, per));
    }

    /** {@code 12.50 a yard}. */
    public String write() {
        return amount.setScale(2, RoundingMode.UNNECESSARY) + " " + per.label;
    }

    /**
     * What a bought length costs, rounded up to the hundredth, here and nowhere else; empty where the price is for a
     * piece.
     */
    public Optional<BigDecimal> of(Purchase purchase) {
        if (per == Per.PIECE) {
            return Optional.empty();
        }
        Length unit = per == Per.YARD ? Length.inches(36) : Length.centimetres(100, 0, 1);
        long[] parts = Length.inCommonMeasure(purchase.bought(), unit);
        return Optional.of(amount.multiply(BigDecimal.valueOf(parts[0]))
                .divide(BigDecimal.valueOf(parts[1]), 2, RoundingMode.CEILING));
    }
}

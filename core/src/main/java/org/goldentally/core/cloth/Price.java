package org.goldentally.core.cloth;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Reading;

/**
 * What a cloth costs, in the shop's money: {@code 12.50 a yard}, {@code 14 a metre, at least 1/2 m}, {@code 3.20 a fat
 * quarter}, {@code 4 each}, {@code 42 a pack}.
 *
 * @param amount exact, as typed
 * @param atLeast the shortest length that is sold; nothing where any is
 */
public record Price(BigDecimal amount, Per per, Length atLeast) {

    /** What the amount is for. */
    public enum Per {
        YARD("a yard"),
        METRE("a metre"),
        FAT_QUARTER("a fat quarter"),
        PIECE("each"),
        PACK("a pack");

        private final String label;

        Per(String label) {
            this.label = label;
        }

        /** What the price is for: {@code a yard}. */
        public String label() {
            return label;
        }

        /** Whether the cloth is sold by the length, not by the piece. */
        public boolean isOfLengths() {
            return this == YARD || this == METRE;
        }

        private static Per of(String unit) {
            return switch (unit.charAt(0)) {
                case 'y' -> YARD;
                case 'm' -> METRE;
                case 'f' -> FAT_QUARTER;
                default -> unit.startsWith("pack") ? PACK : PIECE;
            };
        }
    }

    private static final Pattern TYPED = Pattern.compile("(\\d{1,6}(?:[.,]\\d{1,2})?) ?"
            + "(?:(?:/|a |per |the )? ?(yards?|yds?|yd|metres?|meters?|m|fat quarters?|fq|each|packs?|pieces?|piece|pc))"
            + "(?:,? ?(?:at least|from) (.{1,30}))?");

    /** Understands {@code 12.50 a yard}, {@code 12,50/m}, {@code 4 each}, {@code 9 a yard, at least 1/2 yd}. */
    public static Reading<Price> read(String where, String typed) {
        Matcher matcher = TYPED.matcher(typed.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " "));
        if (!matcher.matches()) {
            return Reading.refused(
                    where,
                    "“" + (typed.length() > 40 ? typed.substring(0, 40) + "…" : typed) + "” is no price",
                    "type it like “12.50 a yard”, “14 a metre, at least 1/2 m”, “3.20 a fat quarter”, “4 each” or"
                            + " “42 a pack”");
        }
        BigDecimal amount = new BigDecimal(matcher.group(1).replace(',', '.'));
        Per per = Per.of(matcher.group(2));
        String least = matcher.group(3);
        if (least == null) {
            return Reading.of(new Price(amount, per, Length.ZERO));
        }
        MeasureSystem system = per == Per.METRE ? MeasureSystem.CENTIMETRE : MeasureSystem.INCH;
        return ShelfLineReader.read(where, least, system) instanceof Reading.Understood<ShelfLine> read
                        && read.value().piece().form() == PieceForm.YARDAGE
                        && per.isOfLengths()
                ? Reading.of(new Price(amount, per, read.value().piece().length()))
                : Reading.refused(
                        where,
                        "“at least " + least + "” is no length that is sold " + per.label(),
                        "type a length in the unit of the price, such as “12.50 a yard, at least 1/2 yd”");
    }

    /** {@code 12.50 a yard}. */
    public String write() {
        return amount.setScale(2, RoundingMode.UNNECESSARY) + " " + per.label;
    }

    /** What the shop cuts off for a length: no shorter than it sells. */
    public Purchase sold(Purchase wanted) {
        return wanted.bought().isShorterThan(atLeast)
                ? new Purchase(
                        wanted.exact(), Purchase.of(atLeast, wanted.system()).bought(), wanted.system())
                : wanted;
    }

    /**
     * What a bought length costs, rounded up to the hundredth, here and nowhere else; empty where the price is for a
     * piece.
     */
    public Optional<BigDecimal> of(Purchase purchase) {
        if (!per.isOfLengths()) {
            return Optional.empty();
        }
        Length unit = per == Per.YARD ? Length.inches(36) : Length.centimetres(100, 0, 1);
        long[] parts = Length.inCommonMeasure(sold(purchase).bought(), unit);
        return Optional.of(amount.multiply(BigDecimal.valueOf(parts[0]))
                .divide(BigDecimal.valueOf(parts[1]), 2, RoundingMode.CEILING));
    }

    /** What so many pieces or packs cost. */
    public BigDecimal times(int count) {
        return amount.multiply(BigDecimal.valueOf(count)).setScale(2, RoundingMode.UNNECESSARY);
    }
}

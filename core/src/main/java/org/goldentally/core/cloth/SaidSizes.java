package org.goldentally.core.cloth;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Reading;

/**
 * The sizes that a line of the shelf gives, in whatever words: how large a piece is by them. What is measured overrules
 * what is said of it; what is not said is as usual for its form.
 *
 * @param typed the line, to quote it in a refusal
 * @param sizes loose numbers that are no count
 * @param bought {@code 2 yd}
 * @param pair both sides, {@code 9 x 13}; empty where there is none
 * @param measured one measure or two; empty where nothing was measured
 */
record SaidSizes(
        String where,
        String typed,
        MeasureSystem system,
        PieceForm form,
        List<String> sizes,
        Optional<String> bought,
        List<String> pair,
        Optional<String> wide,
        Optional<String> along,
        List<String> measured) {

    /** Wider than any cloth is sold, backings included (our own limit); only the length of a piece may be more. */
    private static final Length WIDEST_CLOTH = Length.inches(130);

    /** How large a piece is. */
    record Size(Length width, Length length) {}

    Reading<Size> read() {
        if (!measured.isEmpty()) {
            return length(measured.getFirst())
                    .then(first -> measured.size() > 1
                            ? length(measured.getLast()).then(second -> size(first, second))
                            : measuredOnce(first));
        }
        if (!pair.isEmpty()) {
            return length(pair.getFirst())
                    .then(first -> length(pair.getLast())
                            .then(second -> form == PieceForm.STRIP
                                    ? size(Length.max(first, second), Length.min(first, second))
                                    : size(first, second)));
        }
        UsualSizes usual = UsualSizes.of(system);
        return switch (form) {
            case SQUARE ->
                sizes.isEmpty()
                        ? doesNotSay("how large the squares are", "add the size, such as “squares 10 in”")
                        : length(sizes.getFirst()).then(side -> size(side, side));
            case STRIP -> strip();
            case FAT_QUARTER -> size(usual.halfWidth(), usual.halfPurchase());
            case FAT_EIGHTH -> size(usual.halfWidth(), usual.halfPurchase().dividedBy(2));
            case YARDAGE -> yardage(usual);
            case SCRAP, CUT -> scrap();
        };
    }

    private Reading<Size> doesNotSay(String what, String wayOut) {
        return Reading.refused(where, "“" + typed + "” does not say " + what, wayOut);
    }

    private Reading<Size> strip() {
        return sizes.isEmpty() && wide.isEmpty()
                ? doesNotSay("how wide the strips are", "add the width, such as “strips 2 1/2 in”")
                : length(sizes.isEmpty() ? wide.get() : sizes.getFirst())
                        .then(stripWidth -> stripLength(sizes.isEmpty() ? Optional.empty() : wide)
                                .then(across -> size(Length.max(across, stripWidth), Length.min(across, stripWidth))));
    }

    private Reading<Size> yardage(UsualSizes usual) {
        return bought.isEmpty() && along.isEmpty()
                ? doesNotSay("how long it is", "add the length, such as “2 yd” or “70 in long”")
                : sum(bought.or(() -> along).orElseThrow())
                        .then(down -> wide.isPresent()
                                ? length(wide.get()).then(across -> size(across, down))
                                : size(usual.widthOfFabric(), down));
    }

    /** A piece of unknown size has to be measured; which side is missing is said. */
    private Reading<Size> scrap() {
        if (wide.isPresent() && along.isPresent()) {
            return length(wide.get()).then(across -> length(along.get()).then(down -> size(across, down)));
        }
        if (wide.isPresent() || along.isPresent()) {
            String missing = wide.isPresent() ? "long" : "wide";
            return Reading.refused(
                    where,
                    "“" + typed + "” does not say how " + missing + " it is",
                    "measure it, and add for example “20 " + missing + "”");
        }
        return Reading.refused(
                where,
                "“" + typed + "” does not say how large the piece is",
                "measure both sides, and add them, such as “9 x 13”");
    }

    /** {@code 1 yd + 9 in}, {@code 1 yd - 3 in}: what was bought, and a little over or less. */
    private Reading<Length> sum(String text) {
        int plus = text.indexOf(" + ");
        int minus = text.indexOf(" - ");
        if (plus < 0 && minus < 0) {
            return length(text);
        }
        int at = Math.max(plus, minus);
        return sum(text.substring(0, at))
                .then(first -> length(text.substring(at + 3))
                        .then(more -> minus < 0
                                ? Reading.of(first.plus(more))
                                : more.isShorterThan(first) ? Reading.of(first.minus(more)) : doesNotLeave(text)));
    }

    private Reading<Length> doesNotLeave(String what) {
        return Reading.refused(where, "“" + what + "” leaves nothing", "say how much there is of it");
    }

    /** One measure is a square's side, a strip's width, a length's length; of other pieces both sides are wanted. */
    private Reading<Size> measuredOnce(Length measure) {
        return switch (form) {
            case SQUARE -> size(measure, measure);
            case STRIP -> stripLength(wide).then(across -> size(across, measure));
            case YARDAGE ->
                wide.isPresent()
                        ? length(wide.get()).then(across -> size(across, measure))
                        : size(UsualSizes.of(system).widthOfFabric(), measure);
            case FAT_QUARTER, FAT_EIGHTH, SCRAP, CUT ->
                Reading.refused(
                        where,
                        "“" + typed + "” gives the measure of one side only",
                        "give both sides, such as “measured 17 1/2 x 20”");
        };
    }

    private Reading<Length> stripLength(Optional<String> across) {
        if (along.isPresent()) {
            return length(along.get());
        }
        if (sizes.size() > 1) {
            return length(sizes.get(1));
        }
        return across.isPresent()
                ? length(across.get())
                : Reading.of(UsualSizes.of(system).widthOfFabric());
    }

    private Reading<Size> size(Length width, Length length) {
        Length across = Length.min(width, length);
        return across.isLongerThan(WIDEST_CLOTH)
                ? Reading.refused(
                        where,
                        "a piece " + system.writer().writeWithUnit(across)
                                + " across both ways is wider than any fabric",
                        "check the width; " + system.writer().writeWithUnit(WIDEST_CLOTH) + " is the limit")
                : Reading.of(new Size(width, length));
    }

    private Reading<Length> length(String text) {
        return LengthReader.readPositive(where, text, system);
    }
}

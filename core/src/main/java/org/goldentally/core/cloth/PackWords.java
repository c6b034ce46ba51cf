package org.goldentally.core.cloth;

import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Reading;

/**
 * What a line says of a pack: {@code 21 prints, two of each, and 1 extra, 1 undersized 9 3/4}.
 *
 * @param rest the line without these words
 */
record PackWords(
        String rest,
        Optional<Integer> prints,
        Optional<Integer> each,
        Optional<Integer> extra,
        Optional<Matcher> undersized) {

    private static final String NUM = "(?:\\d+[ -]\\d+/\\d+|\\d+/\\d+|\\d+[.,]\\d+|\\d+)";
    private static final String UNIT = "(?: ?(?:inches|inch|in|\"|cm|mm)(?![a-z]))";

    /** Number words are figures by now. */
    private static final String COUNT_WORD = "(\\d{1,4})";

    private static final Pattern PRINTS =
            Pattern.compile("(?<![\\d/.,])" + COUNT_WORD + " (?:different )?(?:prints?|colou?rs?|fabrics?|cloths?)\\b");
    private static final Pattern ALL_DIFFERENT = Pattern.compile(
            "\\b(?:all different|different (?:prints|colou?rs|fabrics|cloths))\\b|(?<=\\d )different(?= )");
    private static final Pattern OF_EACH = Pattern.compile("(?<![\\d/.,])" + COUNT_WORD + " (?:of )?each\\b");
    private static final Pattern EXTRA =
            Pattern.compile("(?:\\b(?:and|plus) )?(?<![\\d/.,])" + COUNT_WORD + " extra\\b");
    private static final Pattern UNDERSIZED = Pattern.compile(
            "(?:\\b(?:and|plus) )?(?<![\\d/.,])" + COUNT_WORD + " undersized (?:measured )?(" + NUM + UNIT + "?)");

    /** A word for a form, so that a line is about pieces; several lengths of one size too: {@code 12 x 1/2 yards}. */
    private static final Pattern FORM = Pattern.compile(
            "\\b(?:fatquarters?|fqs?|fateighths?|squares?|strips?|scraps?|pieces?|lengths?)\\b|\\d x \\d+/\\d+ [a-z]");

    /** More prints than any pack has (our own limit). */
    private static final int MOST_PRINTS = 120;

    /** Takes a line apart as it goes. */
    private static final class Line {
        private String rest;

        Line(String rest) {
            this.rest = rest;
        }

        Optional<Matcher> take(Pattern pattern) {
            Matcher matcher = pattern.matcher(rest);
            if (!matcher.find()) {
                return Optional.empty();
            }
            rest = rest.substring(0, matcher.start()) + " , " + rest.substring(matcher.end());
            return Optional.of(matcher);
        }

        /** Whether it says so; only these words go, since they stand before others: 10 different fat quarters. */
        boolean takesAway(Pattern pattern) {
            Matcher matcher = pattern.matcher(rest);
            boolean found = matcher.find() && FORM.matcher(rest).find();
            rest = found ? rest.substring(0, matcher.start()) + rest.substring(matcher.end()) : rest;
            return found;
        }

        Optional<Integer> takeCount(Pattern pattern) {
            return take(pattern).map(found -> Integer.parseInt(found.group(1)));
        }

        /** "3 prints" says how many there are only beside another count: "42 squares …, 3 prints". */
        boolean looksLikeAPack() {
            Matcher matcher = PRINTS.matcher(rest);
            return matcher.find()
                    && FORM.matcher(rest).find()
                    && rest.substring(0, matcher.start()).matches(".*\\d.*");
        }
    }

    /** @param typed a line that is written out */
    static PackWords takenFrom(String typed) {
        Line line = new Line(typed);
        Optional<Matcher> undersized = line.take(UNDERSIZED);
        Optional<Integer> extra = line.takeCount(EXTRA);
        Optional<Integer> each = line.takeCount(OF_EACH);
        Optional<Integer> prints =
                each.isPresent() || line.looksLikeAPack() ? line.takeCount(PRINTS) : Optional.empty();
        boolean different = prints.isEmpty() && each.isEmpty() && line.takesAway(ALL_DIFFERENT);
        return new PackWords(line.rest, prints, different ? Optional.of(1) : each, extra, undersized);
    }

    /** How many pieces the pack has by these words alone: 21 prints, two of each. */
    Optional<Integer> pieces() {
        return prints.flatMap(different -> each.map(of -> different * of + extra.orElse(0)));
    }

    boolean none() {
        return prints.isEmpty() && each.isEmpty() && extra.isEmpty() && undersized.isEmpty();
    }

    private static String counted(int count, String what) {
        return count + " " + what + (count == 1 ? "" : "s");
    }

    /** How so many pieces share out; what does not add up is refused. */
    Reading<ShelfLine.Pack> of(int count, String where, Function<String, Reading<Length>> length) {
        int over = extra.orElse(0);
        int shared = count - over;
        int different = prints.orElseGet(
                () -> each.map(each -> each == 0 ? 0 : shared / each).orElse(1));
        if (different < 1 || different > MOST_PRINTS) {
            return Reading.refused(
                    where,
                    counted(different, "print") + (different == 1 ? " is" : " are") + " no pack",
                    "say how many different ones, " + MOST_PRINTS + " at most");
        }
        int ofEach = each.orElse(shared / different);
        if (ofEach < 1) {
            return Reading.refused(
                    where,
                    counted(count, "piece") + (count == 1 ? " is" : " are") + " too few for "
                            + counted(different, "print") + (over > 0 ? " and " + over + " extra" : ""),
                    "count the pack again: at least one of each print, and what is over beyond that");
        }
        return different * ofEach == shared
                ? withUndersized(different, ofEach, over, where, length)
                : Reading.refused(
                        where,
                        counted(different, "print") + ", " + ofEach + " of each"
                                + (over > 0 ? " and " + over + " extra" : "") + (different == 1 ? " makes " : " make ")
                                + (different * ofEach + over) + ", not " + count,
                        "count the pack again; say what is over as “and 1 extra”");
    }

    private Reading<ShelfLine.Pack> withUndersized(
            int different, int ofEach, int over, String where, Function<String, Reading<Length>> length) {
        int small = undersized.map(found -> Integer.parseInt(found.group(1))).orElse(0);
        if (small > ofEach) {
            return Reading.refused(
                    where,
                    small + " undersized " + (small == 1 ? "is" : "are") + " more than the " + ofEach + " of one print",
                    "type those of other prints as lines of their own");
        }
        return undersized
                .map(found -> length.apply(found.group(2)).then(side -> Reading.of(Optional.of(side))))
                .orElse(Reading.of(Optional.empty()))
                .then(side -> Reading.of(new ShelfLine.Pack(different, ofEach, over, small, side)));
    }
}

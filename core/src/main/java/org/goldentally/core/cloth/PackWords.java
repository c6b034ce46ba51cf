package org.goldentally.core.cloth;

import java.util.List;
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

    private static final String COUNT_WORD = "(\\d{1,4}|one|two|three|four|five|six|seven|eight|nine|ten|twelve)";
    private static final Pattern PRINTS = Pattern.compile("(?<![\\d/.,])" + COUNT_WORD + " (?:different )?prints?\\b");
    private static final Pattern OF_EACH = Pattern.compile("(?<![\\d/.,])" + COUNT_WORD + " of each\\b");
    private static final Pattern EXTRA =
            Pattern.compile("(?:\\b(?:and|plus) )?(?<![\\d/.,])" + COUNT_WORD + " extra\\b");
    private static final Pattern UNDERSIZED = Pattern.compile("(?:\\b(?:and|plus) )?(?<![\\d/.,])" + COUNT_WORD
            + " undersized (?:measured )?(" + ShelfLineReader.NUM + ShelfLineReader.UNIT + "?)");
    private static final List<String> COUNT_WORDS = List.of(
            "zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

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
            rest = rest.substring(0, matcher.start()) + "\u0000" + rest.substring(matcher.end());
            return Optional.of(matcher);
        }

        Optional<Integer> takeCount(Pattern pattern) {
            return take(pattern).map(found -> countWord(found.group(1)));
        }

        /** "3 prints" says how many there are only beside another count: "42 squares …, 3 prints". */
        boolean looksLikeAPack(Pattern form) {
            Matcher matcher = PRINTS.matcher(rest);
            return matcher.find()
                    && form.matcher(rest).find()
                    && rest.substring(0, matcher.start()).matches(".*\\d.*");
        }
    }

    /** @param form finds the word for the form of the pieces */
    static PackWords takenFrom(String typed, Pattern form) {
        Line line = new Line(typed);
        Optional<Matcher> undersized = line.take(UNDERSIZED);
        Optional<Integer> extra = line.takeCount(EXTRA);
        Optional<Integer> each = line.takeCount(OF_EACH);
        Optional<Integer> prints =
                each.isPresent() || line.looksLikeAPack(form) ? line.takeCount(PRINTS) : Optional.empty();
        return new PackWords(line.rest, prints, each, extra, undersized);
    }

    private static int countWord(String word) {
        int known = COUNT_WORDS.indexOf(word);
        return known >= 0 ? known : Integer.parseInt(word);
    }

    boolean none() {
        return prints.isEmpty() && each.isEmpty() && extra.isEmpty() && undersized.isEmpty();
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
                    different + " prints are no pack",
                    "say how many different ones, " + MOST_PRINTS + " at most");
        }
        int ofEach = each.orElse(shared / different);
        if (different * ofEach != shared || ofEach < 1) {
            return Reading.refused(
                    where,
                    different + " prints, " + ofEach + " of each" + (over > 0 ? " and " + over + " extra" : "")
                            + " make " + (different * ofEach + over) + ", not " + count,
                    "count the pack again; say what is over as “and 1 extra”");
        }
        int small = undersized.map(found -> countWord(found.group(1))).orElse(0);
        if (small > ofEach) {
            return Reading.refused(
                    where,
                    small + " undersized are more than the " + ofEach + " of one print",
                    "type those of other prints as lines of their own");
        }
        return undersized
                .map(found -> length.apply(found.group(2)).then(side -> Reading.of(Optional.of(side))))
                .orElse(Reading.of(Optional.empty()))
                .then(side -> Reading.of(new ShelfLine.Pack(different, ofEach, over, small, side)));
    }
}

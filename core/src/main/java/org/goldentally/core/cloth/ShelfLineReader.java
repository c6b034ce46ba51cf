package org.goldentally.core.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Reading;

/**
 * Understands one line about cloth, the way one says it aloud.
 *
 * <ul>
 *   <li>{@code 42 squares 10 in marigold prints}
 *   <li>{@code 2 yd oat 42 wide}, {@code 1.5 m linen 110 cm wide}
 *   <li>{@code 3 fat quarters teal}, {@code fat quarter teal measured 17 1/2 x 20}
 *   <li>{@code 40 strips 2 1/2 in assorted pinked}, {@code 2 1/2 strip 42}
 *   <li>{@code scrap 9 x 13 brick}
 *   <li>{@code 42 squares 10 in autumn, 21 prints, two of each}; {@code … and 1 extra}; {@code … 1 undersized 9 3/4}
 * </ul>
 *
 * <ol>
 *   <li>The form is found by its word: square, strip, fat quarter, fat eighth, scrap, or a unit of purchase (yd, m).
 *   <li>Marked sizes are taken out: {@code A x B}, {@code N wide}, {@code N long}, {@code measured N}.
 *   <li>The numbers that are left are count and size, in the order in which they are said.
 *   <li>The words that are left name the cloth.
 * </ol>
 */
public final class ShelfLineReader {

    /** More pieces than any shelf holds; a larger count is a slip of the finger. */
    static final int MOST_PIECES = 10_000;

    static final int LONGEST_LINE = 200;

    static final String NUM = "(?:\\d+[ -]\\d+/\\d+|\\d+/\\d+|\\d+[.,]\\d+|\\d+|[.,]\\d+)";
    static final String UNIT = "(?: ?(?:inches|inch|in|\"|cm|mm)(?![a-z]))";
    private static final Pattern PAIR = Pattern.compile("(?<![\\d/.,])(" + NUM + UNIT + "?) ?(?:x|×|by) ?(" + NUM + UNIT
            + "?)(?![\\d/.,])(?! ?(?:yards?|yds?|met|m\\b))");
    private static final Pattern WIDE = Pattern.compile("(?<![\\d/.,])(" + NUM + UNIT + "?) ?wide\\b");
    private static final Pattern LONG = Pattern.compile("(?<![\\d/.,])(" + NUM + UNIT + "?) ?long\\b");
    private static final Pattern MEASURED = Pattern.compile(
            "\\bmeasur(?:ed|es|ing) (?:about )?(" + NUM + UNIT + "?)(?: ?(?:x|×|by) ?(" + NUM + UNIT + "?))?");
    private static final Pattern BOUGHT =
            Pattern.compile("(?<![\\d/.,])(" + NUM + ") ?(yards|yard|yds|yd|metres|metre|meters|meter|m)\\b");
    private static final Pattern SIZE = Pattern.compile("(?<![\\d/.,a-z])(" + NUM + ")(" + UNIT + ")?");
    private static final Pattern FORM =
            Pattern.compile("\\b(fat[ -]quarters?|fqs?|fat[ -]eighths?|squares?|strips?|scraps?|pieces?|lengths?)\\b");
    private static final Pattern LENGTHS = Pattern.compile("\\blengths?\\b");
    private static final Pattern PINKED = Pattern.compile("\\bpinked(?: edges?)?\\b");
    private static final Pattern FILLER = Pattern.compile("\\b(?:of|cut|the|a|an|each|about|pack|x)\\b|[,;:]");

    private static final String EXAMPLES =
            "say it like “42 squares 10 in marigold”, “2 yd oat 42 wide”, “3 fat quarters teal” or “scrap 9 x 13 brick”";

    private final String where;
    private final MeasureSystem system;
    private String rest;

    private ShelfLineReader(String where, String tidy, MeasureSystem system) {
        this.where = where;
        this.rest = tidy;
        this.system = system;
    }

    /** Reads a line that must name its cloth, for the shelf. */
    public static Reading<ShelfLine> readForShelf(String where, String line, MeasureSystem system) {
        return read(where, line, system)
                .then(read -> read.clothName().isEmpty()
                        ? Reading.refused(
                                where,
                                "“" + line.strip() + "” does not say which cloth it is",
                                "add its colour or name, such as “" + line.strip() + " oat”")
                        : Reading.of(read));
    }

    /** Reads a line that may leave the cloth out, such as {@code 10 in square}. */
    public static Reading<ShelfLine> read(String where, String line, MeasureSystem system) {
        if (line.isBlank()) {
            return Reading.refused(where, "nothing is typed here", EXAMPLES);
        }
        if (line.length() > LONGEST_LINE) {
            return Reading.refused(
                    where, "the line is longer than " + LONGEST_LINE + " characters", "one line for one kind of piece");
        }
        return new ShelfLineReader(where, tidy(line), system).read(line.strip());
    }

    private static String tidy(String line) {
        String spaced = line.replaceAll("([0-9])([¼-¾⅐-⅞])", "$1 $2");
        return java.text.Normalizer.normalize(spaced, java.text.Normalizer.Form.NFKC)
                .replace('⁄', '/')
                .replace('”', '"')
                .replace("′′", "\"")
                .replaceAll("\\s+", " ")
                .strip()
                .toLowerCase(Locale.ROOT);
    }

    private record FoundForm(PieceForm form, boolean plural, int at) {}

    private record Number(String text, boolean hasUnit, boolean whole, int at) {}

    private Reading<ShelfLine> read(String typed) {
        PackWords pack = PackWords.takenFrom(rest, FORM);
        rest = pack.rest();
        Reading<ShelfLine> line = readOneCloth(typed);
        return pack.none()
                ? line
                : line.then(read -> pack.of(read.count(), where, this::length)
                        .then(shared -> Reading.of(
                                new ShelfLine(read.count(), read.piece(), read.clothName(), Optional.of(shared)))));
    }

    private Reading<ShelfLine> readOneCloth(String typed) {
        boolean pinked = take(PINKED).isPresent();
        Optional<Matcher> measuring = take(MEASURED);
        Optional<Matcher> pair = take(PAIR);
        Optional<String> wide = take(WIDE).map(m -> m.group(1));
        Optional<String> along = take(LONG).map(m -> m.group(1));
        Optional<String> bought = take(BOUGHT).map(m -> m.group(1) + " " + m.group(2));
        Optional<FoundForm> found = form(bought.isPresent() || saysLength(along, measuring), pair.isPresent());
        if (found.isEmpty()) {
            return Reading.refused(where, "“" + shortened(typed) + "” does not say what form the cloth has", EXAMPLES);
        }
        FoundForm form = found.get();
        List<Number> numbers = numbers();
        String clothName = FILLER.matcher(rest.replace("\u0000", " "))
                .replaceAll(" ")
                .replaceAll("\\s+", " ")
                .strip();

        List<String> sizes = new ArrayList<>();
        Reading<Integer> count = countAndSizes(typed, form, numbers, pair.isPresent(), sizes);
        SaidSizes said = new SaidSizes(
                where,
                shortened(typed),
                system,
                form.form,
                sizes,
                bought,
                pair.map(m -> List.of(m.group(1), m.group(2))).orElse(List.of()),
                wide,
                along,
                measuring
                        .map(m -> Stream.of(m.group(1), m.group(2))
                                .filter(Objects::nonNull)
                                .toList())
                        .orElse(List.of()));
        return count.then(howMany -> said.read()
                .then(size -> Reading.of(new ShelfLine(
                        howMany,
                        new ClothPiece(
                                form.form,
                                size.width(),
                                size.length(),
                                pinked ? ClothPiece.Edge.PINKED : ClothPiece.Edge.STRAIGHT),
                        clothName))));
    }

    /** {@code 1 length 40 in wide 70 in long} is a length as well, though not said as a shop would. */
    private boolean saysLength(Optional<String> along, Optional<Matcher> measured) {
        return (along.isPresent() || measured.isPresent())
                && LENGTHS.matcher(rest).find();
    }

    private Optional<FoundForm> form(boolean bought, boolean pair) {
        int before = rest.length();
        Matcher matcher = FORM.matcher(rest);
        if (matcher.find()) {
            String word = matcher.group(1);
            int at = matcher.start();
            rest = rest.substring(0, at) + "\u0000" + " ".repeat(word.length() - 1) + rest.substring(matcher.end());
            boolean plural = word.endsWith("s");
            if (word.startsWith("fat") || word.startsWith("fq")) {
                return Optional.of(new FoundForm(
                        word.contains("eighth") ? PieceForm.FAT_EIGHTH : PieceForm.FAT_QUARTER, plural, at));
            }
            if (word.startsWith("square")) {
                return Optional.of(new FoundForm(PieceForm.SQUARE, plural, at));
            }
            if (word.startsWith("strip")) {
                return Optional.of(new FoundForm(PieceForm.STRIP, plural, at));
            }
            return Optional.of(new FoundForm(bought ? PieceForm.YARDAGE : PieceForm.SCRAP, plural, at));
        }
        if (bought) {
            return Optional.of(new FoundForm(PieceForm.YARDAGE, false, before));
        }
        return pair ? Optional.of(new FoundForm(PieceForm.SCRAP, false, before)) : Optional.empty();
    }

    private List<Number> numbers() {
        List<Number> numbers = new ArrayList<>();
        Matcher matcher = SIZE.matcher(rest);
        StringBuilder without = new StringBuilder();
        int last = 0;
        while (matcher.find()) {
            String text = matcher.group(1);
            numbers.add(new Number(
                    matcher.group().strip(), matcher.group(2) != null, text.matches("\\d+"), matcher.start()));
            without.append(rest, last, matcher.start()).append(' ');
            last = matcher.end();
        }
        rest = without.append(rest.substring(last)).toString();
        return numbers;
    }

    /**
     * Sorts the loose numbers into a count and sizes. A count comes first, is whole and has no unit; with a plural
     * ({@code 42 squares}) the number before the word is always the count.
     */
    private Reading<Integer> countAndSizes(
            String typed, FoundForm form, List<Number> numbers, boolean sized, List<String> sizes) {
        int mostSizes = switch (form.form) {
            case SQUARE -> sized ? 0 : 1;
            case STRIP -> sized ? 0 : 2;
            case FAT_QUARTER, FAT_EIGHTH, SCRAP, YARDAGE -> 0;
        };
        int next = 0;
        int count = 1;
        if (!numbers.isEmpty()) {
            Number first = numbers.getFirst();
            boolean couldCount = first.whole && !first.hasUnit && first.at < form.at;
            boolean mustCount = mostSizes == 0 || form.plural || numbers.size() > mostSizes;
            if (couldCount && mustCount) {
                next = 1;
                if (first.text.length() > 6 || Integer.parseInt(first.text) > MOST_PIECES) {
                    return Reading.refused(
                            where,
                            first.text + " pieces are more than any shelf holds",
                            "check the count; " + MOST_PIECES + " at most in one line");
                }
                count = Integer.parseInt(first.text);
                if (count == 0) {
                    return Reading.refused(
                            where,
                            "“" + shortened(typed) + "” counts no pieces",
                            "count one at least, or leave the line out");
                }
            }
        }
        for (Number number : numbers.subList(next, numbers.size())) {
            sizes.add(number.text);
        }
        if (sizes.size() > mostSizes) {
            return Reading.refused(
                    where, "“" + shortened(typed) + "” has a number too many: “" + sizes.getLast() + "”", EXAMPLES);
        }
        return Reading.of(count);
    }

    private Reading<Length> length(String text) {
        return LengthReader.readPositive(where, text, system);
    }

    private Optional<Matcher> take(Pattern pattern) {
        Matcher matcher = pattern.matcher(rest);
        if (!matcher.find()) {
            return Optional.empty();
        }
        rest = rest.substring(0, matcher.start()) + "\u0000" + rest.substring(matcher.end());
        return Optional.of(matcher);
    }

    private static String shortened(String typed) {
        return typed.length() > 60 ? typed.substring(0, 60) + "…" : typed;
    }
}

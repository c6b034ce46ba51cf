package org.goldentally.core.cloth;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.core.problem.Reading;

/**
 * Words that say that a piece is not whole, or that its size is not known: a fat quarter, half used. Nothing is planned from
 * such a piece until it is measured, so the line is refused with the way out. Measures say what there is, whatever happened
 * to it.
 */
final class UnsureWords {

    private record Unsure(Pattern said, String why, String fix) {
        static Unsure of(String said, String why, String fix) {
            return new Unsure(Pattern.compile(said), why, fix);
        }
    }

    private static final String MEASURE = "measure what there is, and say it, such as “scrap 14 x 30 teal”";
    private static final String ONE_NUMBER = "count or measure it, and say one number";

    private static final Pattern MEASURED =
            Pattern.compile("\\bmeasur(?:ed|es|ing)\\b|\\d\\S* ?(?:in|cm|\")? (?:x|by) \\d"
                    + "|\\bwide\\b.*\\blong\\b|\\blong\\b.*\\bwide\\b");

    private static final List<Unsure> NOT_WHOLE = List.of(
            Unsure.of(
                    "\\b(?:half|partly|part|mostly|almost|nearly|already|one) (?:used|gone|cut|empty|already cut)\\b"
                            + "|\\bcut (?:into|off|up|from)\\b|\\bmissing\\b",
                    "part of it is gone",
                    MEASURE),
            Unsure.of("\\b(?:holes?|stains?|stained|torn|ripped|burnt?)\\b", "part of it cannot be used", MEASURE),
            Unsure.of(
                    "(?:\\bhalf(?: of)?|1/2(?: of)?)(?: an?)? (?:fatquarters?|fqs?|fateighths?|fes?)\\b",
                    "it is part of a piece",
                    MEASURE),
            Unsure.of(
                    "\\b(?:most|some|part|the rest|rest) of (?:an? |the )?\\d|\\b(?:most|part|the rest|rest) of an?\\b",
                    "it does not say how much there is",
                    MEASURE),
            Unsure.of(
                    "\\b(?:just (?:under|over|about)|almost|nearly|not quite|less than|more than|a (?:bit|little) (?:more|less)"
                            + "|up to|at least)\\b",
                    "it does not say how much there is",
                    MEASURE));

    private static final List<Unsure> TWO_MEANINGS = List.of(
            Unsure.of("(?<= )or(?= )", "“or” leaves open what there is", ONE_NUMBER),
            Unsure.of(
                    "(?<![\\d/.,])\\d+ ?(?:-|–|to) ?\\d+(?![\\d/.,]*/)\\b|\\bbetween \\d",
                    "it gives two numbers for one thing",
                    ONE_NUMBER),
            Unsure.of(
                    "\\bin (?:a few|\\d+) pieces\\b",
                    "it does not say how long each piece is",
                    "say each piece by itself, such as “2 lengths 1/2 yd rose”"),
            Unsure.of(
                    "\\bhalf \\p{L}+,?(?: and)? half \\p{L}+\\b|1/2 \\p{L}+,?(?: and)? 1/2 \\p{L}+$",
                    "it does not say how many there are of each",
                    "say each fabric with its own count, such as “12 squares 5 in red and 12 squares 5 in white”"));

    private UnsureWords() {}

    /** The refusal of a line that holds such words. */
    static <T> Optional<Reading<T>> in(String where, String typed) {
        String said = Sayings.writtenOut(typed);
        Optional<Reading<T>> unsure = first(where, typed, said, TWO_MEANINGS);
        return unsure.isPresent() || MEASURED.matcher(said).find() ? unsure : first(where, typed, said, NOT_WHOLE);
    }

    /** A line that gives the measures, without what it says of what happened to the piece. */
    static String leftOut(String said) {
        String rest = said;
        if (MEASURED.matcher(said).find()) {
            for (Unsure each : NOT_WHOLE) {
                rest = each.said.matcher(rest).replaceAll(" , ");
            }
        }
        return rest;
    }

    private static <T> Optional<Reading<T>> first(String where, String typed, String said, List<Unsure> all) {
        for (Unsure each : all) {
            Matcher found = each.said.matcher(said);
            if (found.find()) {
                String line = typed.length() > 60 ? typed.substring(0, 60) + "…" : typed;
                return Optional.of(Reading.refused(where, "“" + line + "”: " + each.why, each.fix));
            }
        }
        return Optional.empty();
    }
}

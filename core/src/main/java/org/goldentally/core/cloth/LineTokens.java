package org.goldentally.core.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A written-out line in its parts: numbers with their units, words with their meaning, and what separates them. */
record LineTokens(List<Token> tokens) {

    /** A part of a line. */
    sealed interface Token {}

    /**
     * A number.
     *
     * @param unit as said; empty where it has none
     */
    record Number(String number, String unit) implements Token {

        boolean isWhole() {
            return number.matches("\\d+");
        }

        /** Only a whole number without a unit can count pieces. */
        boolean couldCount() {
            return isWhole() && unit.isEmpty();
        }

        /** In yards or metres, as cloth is sold. */
        boolean isBought() {
            return unit.startsWith("y") || (unit.startsWith("m") && !unit.equals("mm"));
        }

        boolean isMetric() {
            return unit.equals("cm") || unit.equals("mm") || unit.startsWith("m");
        }

        String text() {
            return unit.isEmpty() ? number : number + " " + unit;
        }
    }

    record Word(String word, Sayings.Meaning meaning) implements Token {}

    /** A comma or semicolon. */
    record Separator() implements Token {}

    private static final String NUM = "\\d+[ -]\\d+/\\d+|\\d+/\\d+|\\d+[.,]\\d+|\\d+|[.,]\\d+";
    private static final String UNIT = "inches|inch|in|\"|cm|mm|yards?|yds?|metres?|meters?|m|feet|foot|ft";
    /** {@code 1930s} is a word. */
    private static final String WORD_OF_DIGITS = "\\d+(?!(?:" + UNIT + "|x)(?!\\p{L}))\\p{L}[\\p{L}\\p{N}'-]*";

    private static final Pattern TOKEN = Pattern.compile("(?<digits>(?<![\\d/.,-])" + WORD_OF_DIGITS + ")|(?<num>" + NUM
            + ")(?: ?(?<unit>" + UNIT + ")(?![\\p{L}]))?|(?<word>[\\p{L}][\\p{L}\\p{N}'&/-]*|[×*])|(?<sep>[,;:])|.");

    static LineTokens of(String writtenOut) {
        List<Token> tokens = new ArrayList<>();
        Matcher matcher = TOKEN.matcher(writtenOut);
        while (matcher.find()) {
            if (matcher.group("digits") != null) {
                tokens.add(new Word(matcher.group("digits"), Sayings.Meaning.NAME));
            } else if (matcher.group("num") != null) {
                String unit = matcher.group("unit");
                tokens.add(new Number(matcher.group("num"), unit == null ? "" : unit));
            } else if (matcher.group("word") != null) {
                tokens.add(new Word(matcher.group("word"), Sayings.of(matcher.group("word"))));
            } else if (matcher.group("sep") != null) {
                tokens.add(new Separator());
            }
        }
        return new LineTokens(tokens);
    }
}

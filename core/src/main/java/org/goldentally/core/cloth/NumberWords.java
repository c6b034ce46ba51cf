package org.goldentally.core.cloth;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.goldentally.core.problem.Known;

/** Numbers that are said as words, written as figures: {@code twenty-four} is 24, {@code two dozen} 24 as well. */
public final class NumberWords {

    private static final List<String> ONES = List.of(
            "zero",
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
            "thirteen",
            "fourteen",
            "fifteen",
            "sixteen",
            "seventeen",
            "eighteen",
            "nineteen");
    private static final List<String> TENS =
            List.of("twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");
    private static final Pattern DOZEN = Pattern.compile("(?<![\\d/])(\\d{1,3})( 1/2)? dozen\\b");

    /** What is said, and the figures for it; what begins another comes after it. */
    private static final Map<String, String> FIGURES = new LinkedHashMap<>();

    private static final Pattern SAID;

    static {
        for (int ten = 0; ten < TENS.size(); ten++) {
            for (int one = 1; one <= 9; one++) {
                FIGURES.put(TENS.get(ten) + " " + ONES.get(one), "" + (20 + 10 * ten + one));
            }
            FIGURES.put(TENS.get(ten), "" + (20 + 10 * ten));
        }
        for (String one : List.of("a", "one", "1")) {
            FIGURES.put(one + " hundred", "100");
        }
        FIGURES.put("half a dozen", "6");
        for (String one : List.of("a", "one", "1")) {
            FIGURES.put(one + " dozen", "12");
        }
        FIGURES.put("a couple of", "2");
        FIGURES.put("a pair of", "2");
        for (int one = 0; one < ONES.size(); one++) {
            FIGURES.put(ONES.get(one), "" + one);
        }
        SAID = Pattern.compile("\\b(?:" + String.join("|", FIGURES.keySet()).replaceAll("(ty) ", "$1[ -]") + ")\\b");
    }

    private NumberWords() {}

    /** A line in small letters with its number words as figures; dozens stay until what stands before them is read. */
    static String asFigures(String line) {
        return SAID.matcher(line)
                .replaceAll(found -> Known.of(FIGURES, found.group().replace('-', ' ')));
    }

    /** {@code 2 1/2 dozen} is 30. */
    static String dozensCounted(String line) {
        return DOZEN.matcher(line)
                .replaceAll(found -> "" + (12 * Integer.parseInt(found.group(1)) + (found.group(2) == null ? 0 : 6)));
    }

    /** A line in small letters with every number in figures. */
    public static String written(String line) {
        return dozensCounted(asFigures(line));
    }
}

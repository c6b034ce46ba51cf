package org.goldentally.core.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Numbers that are said as words, written as figures: {@code twenty-four} is 24, {@code two dozen} 24 as well. */
public final class NumberWords {

    private record Figure(Pattern said, String written) {}

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
    private static final List<Figure> FIGURES = new ArrayList<>();

    static {
        for (int ten = 0; ten < TENS.size(); ten++) {
            for (int one = 1; one <= 9; one++) {
                figure(TENS.get(ten) + "[ -]" + ONES.get(one), "" + (20 + 10 * ten + one));
            }
            figure(TENS.get(ten), "" + (20 + 10 * ten));
        }
        figure("(?:a|one|1) hundred", "100");
        figure("half a dozen", "6");
        figure("(?:a|one|1) dozen", "12");
        figure("a (?:couple|pair) of", "2");
        for (int one = 0; one < ONES.size(); one++) {
            figure(ONES.get(one), "" + one);
        }
    }

    private NumberWords() {}

    private static void figure(String said, String written) {
        FIGURES.add(new Figure(Pattern.compile("\\b" + said + "\\b"), written));
    }

    /** A line in small letters with its number words as figures; dozens stay until what stands before them is read. */
    static String asFigures(String line) {
        String written = line;
        for (Figure figure : FIGURES) {
            written = figure.said.matcher(written).replaceAll(figure.written);
        }
        return written;
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

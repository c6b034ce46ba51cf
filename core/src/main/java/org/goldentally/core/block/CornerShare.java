package org.goldentally.core.block;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Side of a flipped corner as a share of the base's shorter side: {@code 2/3}, also {@code two thirds}, {@code half} or
 * {@code 75 %}.
 */
record CornerShare(int part, int of) {

    private static final Pattern FRACTION = Pattern.compile("(\\d{1,2}) ?/ ?(\\d{1,2})");
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3}) ?%");

    private static final Map<String, CornerShare> WORDS = Map.of(
            "half", new CornerShare(1, 2),
            "a half", new CornerShare(1, 2),
            "a third", new CornerShare(1, 3),
            "two thirds", new CornerShare(2, 3),
            "a quarter", new CornerShare(1, 4),
            "three quarters", new CornerShare(3, 4),
            "whole", new CornerShare(1, 1));

    /** Empty where it is no share of a side: more than the whole, or no share at all. */
    static Optional<CornerShare> read(String typed) {
        String tidy = typed.strip().toLowerCase(Locale.ROOT);
        if (WORDS.containsKey(tidy)) {
            return Optional.of(WORDS.get(tidy));
        }
        Matcher fraction = FRACTION.matcher(tidy);
        if (fraction.matches()) {
            return share(Integer.parseInt(fraction.group(1)), Integer.parseInt(fraction.group(2)));
        }
        Matcher percent = PERCENT.matcher(tidy);
        return percent.matches() ? share(Integer.parseInt(percent.group(1)), 100) : Optional.empty();
    }

    private static Optional<CornerShare> share(int part, int of) {
        return part > 0 && of >= part ? Optional.of(new CornerShare(part, of)) : Optional.empty();
    }
}

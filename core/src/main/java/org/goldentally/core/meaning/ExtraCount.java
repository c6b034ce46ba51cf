package org.goldentally.core.meaning;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Units beyond need: {@code 4} is four more, {@code 5 %} of 90 is five more.
 *
 * @param percent whether the number is a share, which rounds up to whole units
 */
public record ExtraCount(int number, boolean percent) {

    private static final Pattern TYPED = Pattern.compile("(?:(\\d{1,3}) ?%)|(\\d{1,4})");

    /** Empty for what is neither a count nor a share. */
    static Optional<ExtraCount> read(String typed) {
        Matcher matcher = TYPED.matcher(typed.strip());
        if (!matcher.matches()) {
            return Optional.empty();
        }
        boolean share = matcher.group(1) != null;
        return Optional.of(new ExtraCount(Integer.parseInt(matcher.group(share ? 1 : 2)), share));
    }

    /** How many these are where so many are needed. */
    public long of(long needed) {
        return percent ? Math.ceilDiv(needed * number, 100) : number;
    }
}

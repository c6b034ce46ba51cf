package org.goldentally.core.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Names in quotation marks, which are taken as they stand: {@code 2 squares 10 in "black and white"}. An inch mark stands
 * behind a figure, so it opens none.
 *
 * @param line with a word in place of each
 * @param names in their order
 */
record QuotedNames(String line, List<String> names) {

    private static final Pattern QUOTED = Pattern.compile("(?<![^\\s,;:])[\"“]([^\"“”]*[\\p{L}][^\"“”]*)[\"”]");
    private static final String STANDS_FOR = "quotedname";

    /** Words of a name that are read as they stand without quotation marks, a number at the end included. */
    private static final Pattern PLAIN = Pattern.compile("[\\p{L}'&-]+(?: [\\p{L}'&-]+)*(?: \\d+)?");

    static QuotedNames of(String typed) {
        List<String> names = new ArrayList<>();
        Matcher matcher = QUOTED.matcher(typed);
        StringBuilder line = new StringBuilder();
        while (matcher.find()) {
            names.add(matcher.group(1).strip());
            matcher.appendReplacement(line, STANDS_FOR + letter(names.size() - 1));
        }
        matcher.appendTail(line);
        return new QuotedNames(line.toString(), List.copyOf(names));
    }

    private static char letter(int at) {
        return (char) ('a' + at);
    }

    /** A name that was read, with what was typed in quotation marks. */
    String restored(String name) {
        String restored = name;
        for (int i = 0; i < names.size(); i++) {
            restored = restored.replace(STANDS_FOR + letter(i), names.get(i));
        }
        return restored;
    }

    /** As it has to be typed so that it is read as this name and nothing else. */
    static String asTyped(String name) {
        boolean plain = PLAIN.matcher(name).matches();
        for (String word : name.split(" ")) {
            plain &= Sayings.of(word) == Sayings.Meaning.NAME || word.matches("\\d+");
        }
        return plain && Sayings.writtenOut(name).equals(name) ? name : "\"" + name.replace('"', '\'') + "\"";
    }
}

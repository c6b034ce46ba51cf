package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.goldentally.core.cloth.NumberWords;

/**
 * What a line about a wished top asks for: {@code sixteen sawtooth stars on point} is 16 blocks, and the words sawtooth, star
 * and point.
 *
 * @param blocks how many; empty where it says none
 * @param fabrics of how many fabrics, the ground among them; empty where it says none
 * @param words what the description of an idea must have in it, in the singular, numbers in figures
 */
record WishedWords(Optional<Integer> blocks, Optional<Integer> fabrics, List<String> words) {

    private static final Set<String> FILLERS = Set.of(
            "a", "an", "the", "and", "or", "with", "in", "of", "on", "for", "my", "some", "quilt", "top", "block",
            "set", "made", "from", "only", "just", "all", "please");

    private static final Set<String> FABRICS = Set.of("colour", "color", "fabric", "print");

    /** Words that begin with a number though no number is meant: one print, nine patch, two strips. */
    private static final Set<String> AFTER_A_NAME = Set.of("patch", "patche", "print", "cloth", "strip");

    static final WishedWords NONE = new WishedWords(Optional.empty(), Optional.empty(), List.of());

    WishedWords {
        words = List.copyOf(words);
    }

    /** Reads a line; whatever is no number of blocks or of fabrics is a word. */
    static WishedWords of(String typed) {
        List<String> said = tokens(typed).stream().map(WishedWords::singular).toList();
        Optional<Integer> blocks = Optional.empty();
        Optional<Integer> fabrics = Optional.empty();
        List<String> words = new ArrayList<>();
        for (int i = 0; i < said.size(); i++) {
            String word = said.get(i);
            String next = i + 1 < said.size() ? said.get(i + 1) : "";
            boolean isNumber = word.matches("\\d{1,3}");
            if (isNumber && FABRICS.contains(next) && !(word + next).equals("1print")) {
                fabrics = Optional.of(Integer.parseInt(word));
                i++;
            } else if (isNumber && i == 0 && !AFTER_A_NAME.contains(next)) {
                blocks = Optional.of(Integer.parseInt(word)).filter(count -> count > 0);
            } else if (!FILLERS.contains(word)) {
                words.add(word);
            }
        }
        return new WishedWords(blocks, fabrics, words);
    }

    /** Whether a description has all the words, given as its {@link #tokens}. */
    boolean areAmong(List<String> has) {
        return words.stream().allMatch(word -> isAmong(word, has));
    }

    /** Whether one of the words is in a name: who types hourglass wants the block before all that have hourglasses in them. */
    boolean name(String name) {
        List<String> has = tokens(name);
        return words.stream().anyMatch(word -> isAmong(word, has));
    }

    /** A word may be begun only; a number is that number. */
    private static boolean isAmong(String word, List<String> tokens) {
        boolean isNumber = Character.isDigit(word.charAt(0));
        return tokens.stream().anyMatch(token -> isNumber ? token.equals(word) : token.startsWith(word));
    }

    /** The words of a text in small letters, its numbers in figures. */
    static List<String> tokens(String text) {
        return Stream.of(plain(text).split("[^\\p{L}\\p{N}]+"))
                .filter(token -> !token.isEmpty())
                .toList();
    }

    WishedWords without(String word) {
        return new WishedWords(
                blocks,
                fabrics,
                words.stream().filter(each -> !each.equals(word)).toList());
    }

    WishedWords withoutFabrics() {
        return new WishedWords(blocks, Optional.empty(), words);
    }

    /** Pinwheels are asked for where the block is called Pinwheel. */
    private static String singular(String word) {
        if (word.endsWith("ches") || word.endsWith("shes") || word.endsWith("sses")) {
            return word.substring(0, word.length() - 2);
        }
        boolean plural = word.length() > 3 && word.endsWith("s") && !word.endsWith("ss");
        return plural ? word.substring(0, word.length() - 1) : word;
    }

    private static String plain(String text) {
        return NumberWords.written(
                text.toLowerCase(Locale.ROOT).replace('-', ' ').replace("'", "").replace("’", ""));
    }
}

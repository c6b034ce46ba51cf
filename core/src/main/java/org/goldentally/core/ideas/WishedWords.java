package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What a line about a wished top asks for: {@code sixteen sawtooth stars on point} is 16 blocks, and the words sawtooth, star
 * and point.
 *
 * @param blocks how many; empty where it says none
 * @param fabrics of how many fabrics, the ground among them; empty where it says none
 * @param words what the description of an idea must have in it, in the singular
 */
record WishedWords(Optional<Integer> blocks, Optional<Integer> fabrics, List<String> words) {

    /** More blocks than any bed has (our own limit). */
    private static final int MOST_BLOCKS = 1_000;

    private static final Set<String> FILLERS = Set.of(
            "a", "an", "the", "and", "or", "with", "in", "of", "on", "for", "my", "some", "quilt", "top", "block",
            "set", "made", "from", "only", "just", "all", "please");

    private static final Set<String> FABRICS = Set.of("colour", "color", "fabric", "cloth", "print");

    private static final List<String> UNITS = List.of(
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

    private static final Map<String, Integer> TENS = Map.of(
            "twenty", 20, "thirty", 30, "forty", 40, "fifty", 50, "sixty", 60, "seventy", 70, "eighty", 80, "ninety",
            90, "dozen", 12);

    /** Words that begin with a number though no number is meant: one print, nine patch, four cloths. */
    private static final Set<String> AFTER_A_NAME = Set.of("patch", "patche", "print", "cloth", "strip");

    static final WishedWords NONE = new WishedWords(Optional.empty(), Optional.empty(), List.of());

    WishedWords {
        words = List.copyOf(words);
    }

    /** Reads a line; whatever is no number of blocks or of fabrics is a word. */
    static WishedWords of(String typed) {
        List<String> said = Stream.of(plain(typed).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .map(WishedWords::singular)
                .toList();
        Optional<Integer> blocks = Optional.empty();
        Optional<Integer> fabrics = Optional.empty();
        List<String> words = new ArrayList<>();
        for (int i = 0; i < said.size(); i++) {
            Number number = number(said, i);
            String next = i + number.words < said.size() ? said.get(i + number.words) : "";
            if (number.words > 0 && FABRICS.contains(next) && !(number.value == 1 && next.equals("print"))) {
                fabrics = Optional.of(number.value);
                i += number.words;
            } else if (number.words > 0 && !AFTER_A_NAME.contains(next) && number.value <= MOST_BLOCKS && i == 0) {
                blocks = Optional.of(number.value);
                i += number.words - 1;
            } else if (!FILLERS.contains(said.get(i))) {
                words.add(said.get(i));
            }
        }
        return new WishedWords(blocks, fabrics, words);
    }

    /** A number that is said, and in how many words; none is said in no words. */
    private record Number(int value, int words) {}

    private static Number number(List<String> said, int at) {
        String word = said.get(at);
        if (word.matches("\\d{1,4}")) {
            return new Number(Integer.parseInt(word), 1);
        }
        OptionalInt unit = unit(word);
        String next = at + 1 < said.size() ? said.get(at + 1) : "";
        if (next.equals("dozen") && unit.isPresent()) {
            return new Number(unit.getAsInt() * 12, 2);
        }
        if (TENS.containsKey(word)) {
            OptionalInt more = unit(next);
            boolean both = more.isPresent() && more.getAsInt() > 0 && more.getAsInt() < 10 && !word.equals("dozen");
            return new Number(TENS.get(word) + (both ? more.getAsInt() : 0), both ? 2 : 1);
        }
        return unit.isPresent() ? new Number(unit.getAsInt(), 1) : new Number(0, 0);
    }

    private static OptionalInt unit(String word) {
        int place = UNITS.indexOf(word);
        return place > 0 ? OptionalInt.of(place) : OptionalInt.empty();
    }

    boolean isEmpty() {
        return blocks.isEmpty() && fabrics.isEmpty() && words.isEmpty();
    }

    /** Whether a description has all the words. */
    boolean areIn(String description) {
        String plain = plain(description);
        return words.stream().allMatch(plain::contains);
    }

    /** Whether one of the words is in a name: who types hourglass wants the block before all that have hourglasses in them. */
    boolean name(String name) {
        List<String> parts = List.of(plain(name).split(" "));
        return words.stream().anyMatch(word -> parts.stream().anyMatch(part -> part.startsWith(word)));
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
        return text.toLowerCase(Locale.ROOT).replace('-', ' ').replace("'", "").replace("’", "");
    }
}

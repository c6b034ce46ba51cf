package org.goldentally.core.cloth;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import org.goldentally.core.cloth.LineTokens.Number;
import org.goldentally.core.cloth.LineTokens.Token;
import org.goldentally.core.cloth.LineTokens.Word;
import org.goldentally.core.cloth.Sayings.Meaning;
import org.goldentally.core.measure.MeasureSystem;

/**
 * The small grammar of shelf lines. It answers with every way in which a line can be meant; which of them make sense is
 * for the reader to see.
 *
 * <ol>
 *   <li>Marked sizes are taken first: {@code A x B}, {@code N wide}, {@code N long}, {@code measured N}, {@code 2 yd}.
 *   <li>The word for the form says what is still wanted: squares want one size, strips a width and perhaps a length.
 *   <li>The loose numbers are shared out to count and sizes in every way that keeps two laws: only a whole number
 *       without a unit counts pieces, and the number before a word in the plural counts it.
 *   <li>The words that are left name the cloth.
 * </ol>
 */
final class ShelfGrammar {

    /** The form of a line, and whether it was said of several. */
    record Form(PieceForm form, boolean plural, boolean said) {}

    /**
     * One way in which a line can be meant; sizes are texts still to be read.
     *
     * @param count empty where it does not say how many
     * @param packs of a pack of pieces, how many packs
     */
    record Meant(
            Form form,
            OptionalLong count,
            long packs,
            List<String> sizes,
            Optional<String> bought,
            List<String> pair,
            Optional<String> wide,
            Optional<String> along,
            List<String> measured,
            boolean pinked,
            String name,
            List<String> tooMany) {}

    /** A number that no marker says the meaning of, and where it stands. */
    private record Loose(Number number, int at) {}

    private static final Set<Meaning> NAMING = Set.of(Meaning.NAME, Meaning.NAMED_PIECE);

    /** Words of a name where they stand beside others and no number claims them: wide stripe, long grass. */
    private static final Set<String> MAY_NAME = Set.of("wide", "long");

    /** Small words that belong to a name where they stand within it: fields of gold. */
    private static final Set<String> INSIDE = Set.of("and", "of", "with", "in", "the", "at", "a", "an");

    private static final int MOST_READINGS = 8;

    private final List<Token> tokens;
    private final MeasureSystem system;
    private final LineMarks marks;

    ShelfGrammar(String writtenOut, MeasureSystem system) {
        this.tokens = LineTokens.of(writtenOut).tokens();
        this.system = system;
        this.marks = new LineMarks(tokens, system);
    }

    /** What the line speaks of beside one piece: another form, another length; empty for nothing. */
    Optional<String> beside() {
        return marks.beside();
    }

    /** Every way in which the line can be meant; empty where it says no form at all. */
    List<Meant> meanings() {
        return marks.form().map(this::meanings).orElse(List.of());
    }

    private List<Loose> loose() {
        List<Loose> loose = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            int at = i;
            marks.number(i).ifPresent(number -> loose.add(new Loose(number, at)));
        }
        return loose;
    }

    private List<Meant> meanings(Form form) {
        List<Loose> loose = loose();
        Set<Meant> meanings = new LinkedHashSet<>();
        for (Set<Integer> named : named(form, loose)) {
            List<Loose> others = loose.stream()
                    .filter(number -> !named.contains(number.at()))
                    .toList();
            for (int counts = -1; counts < others.size(); counts++) {
                if (mayCount(form, others, counts)) {
                    List<Loose> sizes = new ArrayList<>(others);
                    OptionalLong count = counts < 0
                            ? marks.countSaid()
                            : LineMarks.count(sizes.remove(counts).number());
                    add(meanings, form, count, sizes, name(named));
                }
            }
        }
        // Where a plural is counted by one of the meanings, one that leaves the count open is not meant.
        boolean counted = meanings.stream()
                .anyMatch(meant -> meant.count().isPresent() && meant.tooMany().isEmpty());
        boolean fits = meanings.stream().anyMatch(meant -> meant.tooMany().isEmpty());
        return meanings.stream()
                .filter(meant -> !fits || meant.tooMany().isEmpty())
                .filter(meant -> !(counted && form.plural()) || meant.count().isPresent())
                .toList();
    }

    /**
     * The sets of numbers that can belong to the name, by where they stand, none first: bare whole ones behind a word of the
     * name, as in shade 12. One that counts for certain does not.
     */
    private List<Set<Integer>> named(Form form, List<Loose> loose) {
        OptionalInt certain = certainCounter(form, loose);
        List<Set<Integer>> sets = new ArrayList<>(List.of(Set.of()));
        for (int i = 0; i < loose.size(); i++) {
            Loose number = loose.get(i);
            boolean counts = certain.isPresent() && certain.getAsInt() == i;
            if (number.number().couldCount()
                    && !counts
                    && isName(number.at() - 1)
                    && !marks.isForm(number.at() + 1)
                    && sets.size() < MOST_READINGS) {
                for (Set<Integer> set : List.copyOf(sets)) {
                    Set<Integer> more = new LinkedHashSet<>(set);
                    more.add(number.at());
                    sets.add(more);
                }
            }
        }
        return sets;
    }

    private boolean isName(int at) {
        return at >= 0
                && at < tokens.size()
                && !marks.isTaken(at)
                && tokens.get(at) instanceof Word word
                && (NAMING.contains(word.meaning()) || (MAY_NAME.contains(word.word()) && isBesideName(at)));
    }

    private boolean isBesideName(int at) {
        return isPlainName(at - 1) || isPlainName(at + 1);
    }

    private boolean isPlainName(int at) {
        return at >= 0
                && at < tokens.size()
                && !marks.isTaken(at)
                && tokens.get(at) instanceof Word word
                && NAMING.contains(word.meaning());
    }

    /** Whether the loose number at this place, or none with -1, can be the count. */
    private boolean mayCount(Form form, List<Loose> loose, int counts) {
        OptionalInt certain = certainCounter(form, loose);
        if (certain.isPresent()) {
            return counts == certain.getAsInt();
        }
        if (counts < 0) {
            return true;
        }
        Loose candidate = loose.get(counts);
        if (marks.countSaid().isPresent() || !candidate.number().couldCount()) {
            return false;
        }
        boolean one = candidate.number().number().equals("1");
        if (form.form() == PieceForm.YARDAGE && !form.said() && candidate.at() > marks.boughtAt()) {
            return false;
        }
        // "2 1/2 strip 42" is one strip: only several are counted.
        return form.plural()
                || !form.said()
                || (one && candidate.at() < marks.formAt())
                || form.form() == PieceForm.YARDAGE;
    }

    /**
     * The number that is the count without a doubt: the only one before a word in the plural that could be it (42
     * squares, 40 2 1/2 in strips), or a one before a word in the singular (1 strip 2 1/2 in).
     */
    private OptionalInt certainCounter(Form form, List<Loose> loose) {
        if (marks.countSaid().isPresent() || !form.said()) {
            return OptionalInt.empty();
        }
        List<Integer> before = new ArrayList<>();
        for (int i = 0; i < loose.size(); i++) {
            if (loose.get(i).at() < marks.formAt() && loose.get(i).number().couldCount()) {
                before.add(i);
            }
        }
        boolean certain = before.size() == 1
                && (form.plural()
                        || loose.get(before.getFirst()).number().number().equals("1"));
        return certain ? OptionalInt.of(before.getFirst()) : OptionalInt.empty();
    }

    /** What is left of the loose numbers are sizes, as many as the form wants; a length's is its width or itself. */
    private void add(Set<Meant> meanings, Form form, OptionalLong count, List<Loose> sizes, String name) {
        List<String> texts = new ArrayList<>();
        sizes.forEach(size -> texts.add(size.number().text()));
        List<String> tooMany = texts.size() > mostSizes(form.form()) ? List.of(texts.getLast()) : List.of();
        Optional<String> length = marks.bought();
        Optional<String> width = marks.wide();
        List<String> kept = new ArrayList<>(tooMany.isEmpty() ? texts : List.of());
        if (form.form() == PieceForm.YARDAGE && tooMany.isEmpty()) {
            if (marks.bought().isEmpty() && marks.along().isEmpty() && !kept.isEmpty()) {
                length = Optional.of(kept.removeFirst());
            }
            if (width.isEmpty() && !kept.isEmpty()) {
                width = Optional.of(kept.removeFirst());
            }
        }
        Meant meant = new Meant(
                form,
                count,
                marks.packs(),
                kept,
                length,
                marks.pair(),
                width,
                marks.along(),
                marks.measured(),
                marks.pinked(),
                name,
                tooMany);
        meanings.add(meant);
        otherUnits(meant).ifPresent(meanings::add);
    }

    private int mostSizes(PieceForm form) {
        boolean sized = !marks.pair().isEmpty() || (!marks.measured().isEmpty() && form != PieceForm.STRIP);
        return switch (form) {
            case SQUARE -> marks.pair().isEmpty() ? 1 : 0;
            case STRIP -> marks.pair().isEmpty() ? 2 : 0;
            case FAT_QUARTER, FAT_EIGHTH, SCRAP, CUT -> 0;
            case YARDAGE ->
                (marks.bought().isEmpty() && marks.along().isEmpty() && !sized ? 1 : 0)
                        + (marks.wide().isEmpty() ? 1 : 0);
        };
    }

    /** Beside a size in the other system's unit, a bare one may be in that unit too: 1.5 m linen, 110 marks.wide(). */
    private Optional<Meant> otherUnits(Meant meant) {
        boolean metric = system == MeasureSystem.CENTIMETRE;
        boolean saysOther = tokens.stream()
                .anyMatch(token ->
                        token instanceof Number number && !number.unit().isEmpty() && number.isMetric() != metric);
        if (!saysOther) {
            return Optional.empty();
        }
        String unit = metric ? " in" : " cm";
        Meant other = new Meant(
                meant.form,
                meant.count,
                meant.packs,
                meant.sizes.stream().map(size -> inUnit(size, unit)).toList(),
                meant.bought.map(size -> inUnit(size, unit)),
                meant.pair.stream().map(size -> inUnit(size, unit)).toList(),
                meant.wide.map(size -> inUnit(size, unit)),
                meant.along.map(size -> inUnit(size, unit)),
                meant.measured.stream().map(size -> inUnit(size, unit)).toList(),
                meant.pinked,
                meant.name,
                meant.tooMany);
        return other.equals(meant) ? Optional.empty() : Optional.of(other);
    }

    private static String inUnit(String size, String unit) {
        return size.matches("[\\d ./,-]+") ? size + unit : size;
    }

    /** The words that mean nothing else, in their order, with small words and these numbers among them. */
    private String name(Set<Integer> numbers) {
        List<String> words = new ArrayList<>();
        int last = -1;
        for (int i = 0; i < tokens.size(); i++) {
            boolean goesOn = last >= 0 && last == i - 1;
            if (numbers.contains(i)) {
                words.add(marks.number(i).orElseThrow().number());
                last = i;
            } else if (!marks.isTaken(i) && tokens.get(i) instanceof Word word) {
                boolean inside =
                        goesOn && (INSIDE.contains(word.word()) || word.word().equals("by"));
                if (isName(i) || inside) {
                    words.add(word.word());
                    last = i;
                }
            }
        }
        while (!words.isEmpty()
                && (INSIDE.contains(words.getLast()) || words.getLast().equals("by"))) {
            words.removeLast();
        }
        return String.join(" ", words);
    }

    /** Whether a comma stands within the name, so that two fabrics may be meant. */
    boolean hasCommaInName() {
        for (int i = 1; i + 1 < tokens.size(); i++) {
            int next = marks.number(i + 1).filter(Number::couldCount).isPresent() ? i + 2 : i + 1;
            if (tokens.get(i) instanceof LineTokens.Separator && isName(i - 1) && isName(next)) {
                return true;
            }
        }
        return false;
    }
}

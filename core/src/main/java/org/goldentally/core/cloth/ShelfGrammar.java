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

    /** Digits that are read of a count; longer ones are far beyond any shelf. */
    private static final int MOST_DIGITS = 15;

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

    private final List<Token> tokens;
    private final MeasureSystem system;
    private final boolean[] used;
    private Optional<String> bought = Optional.empty();
    private List<String> pair = List.of();
    private Optional<String> wide = Optional.empty();
    private Optional<String> along = Optional.empty();
    private List<String> measured = List.of();
    private boolean pinked;
    private OptionalLong countSaid = OptionalLong.empty();
    private int formAt = -1;
    private long packs = 1;

    ShelfGrammar(String writtenOut, MeasureSystem system) {
        this.tokens = LineTokens.of(writtenOut).tokens();
        this.system = system;
        this.used = new boolean[tokens.size()];
    }

    /** Every way in which the line can be meant; empty where it says no form at all. */
    List<Meant> meanings() {
        takeMeasured();
        takePair();
        wide = takeMarked(Meaning.WIDE);
        along = takeMarked(Meaning.LONG);
        takeBought();
        takePinked();
        takeContainer();
        Optional<Form> form = takeForm();
        return form.map(this::meanings).orElse(List.of());
    }

    private Optional<Number> number(int at) {
        return at >= 0 && at < tokens.size() && !used[at] && tokens.get(at) instanceof Number number
                ? Optional.of(number)
                : Optional.empty();
    }

    private boolean means(int at, Meaning meaning) {
        return at >= 0 && at < tokens.size() && tokens.get(at) instanceof Word word && word.meaning() == meaning;
    }

    private boolean isAbout(int at) {
        return at >= 0
                && at < tokens.size()
                && tokens.get(at) instanceof Word word
                && Set.of("about", "roughly", "nearly", "at").contains(word.word());
    }

    private void take(int... places) {
        for (int at : places) {
            used[at] = true;
        }
    }

    /** {@code measured 9 7/8}, {@code measured about 17 1/2 x 20}. */
    private void takeMeasured() {
        for (int i = 0; i < tokens.size(); i++) {
            int first = isAbout(i + 1) ? i + 2 : i + 1;
            if (!means(i, Meaning.MEASURED) || number(first).isEmpty()) {
                continue;
            }
            if (means(first + 1, Meaning.BY) && number(first + 2).isPresent()) {
                measured = List.of(
                        number(first).get().text(), number(first + 2).get().text());
                take(i, first, first + 1, first + 2);
            } else {
                measured = List.of(number(first).get().text());
                take(i, first);
            }
            return;
        }
    }

    /** {@code 9 x 13}; before a length that was bought, {@code 3 x 2 yd}, the first number is a count. */
    private void takePair() {
        for (int i = 1; i + 1 < tokens.size(); i++) {
            Optional<Number> first = number(i - 1);
            Optional<Number> second = number(i + 1);
            if (!means(i, Meaning.BY) || used[i] || first.isEmpty() || second.isEmpty()) {
                continue;
            }
            if (second.get().isBought() && first.get().couldCount()) {
                countSaid = count(first.get());
                take(i - 1, i);
            } else {
                pair = List.of(first.get().text(), second.get().text());
                take(i - 1, i, i + 1);
            }
            return;
        }
    }

    /** {@code 42 wide}, {@code width 42}, {@code width of 42}. */
    private Optional<String> takeMarked(Meaning marker) {
        for (int i = 0; i < tokens.size(); i++) {
            if (!means(i, marker) || used[i]) {
                continue;
            }
            if (number(i - 1).isPresent()) {
                String text = number(i - 1).get().text();
                take(i - 1, i);
                return Optional.of(text);
            }
            boolean of = tokens.get(i) instanceof Word word && word.word().equals("width");
            int after = of && means(i + 1, Meaning.FILLER) ? i + 2 : i + 1;
            if (of && number(after).isPresent()) {
                String text = number(after).get().text();
                take(i, after);
                return Optional.of(text);
            }
        }
        return Optional.empty();
    }

    private void takeBought() {
        for (int i = 0; i < tokens.size(); i++) {
            if (number(i).filter(Number::isBought).isPresent()) {
                String yards = number(i).get().text();
                take(i);
                // "1 yd 9 in" is one length; "2 yd 42 in" is a length and a width.
                Optional<Number> over = number(i + 1).filter(next -> isPartOfAYard(next));
                if (over.isPresent()) {
                    take(i + 1);
                }
                bought = Optional.of(
                        over.map(next -> yards + " + " + next.text()).orElse(yards));
                return;
            }
        }
    }

    /** Inches or centimetres that are less than what cloth is sold by. */
    private static boolean isPartOfAYard(Number number) {
        boolean inches = number.unit().startsWith("in") || number.unit().equals("\"");
        double size = Double.parseDouble(number.number().matches("[\\d.]+") ? number.number() : "0");
        return inches && size < 36 || number.unit().equals("cm") && size < 50;
    }

    private void takePinked() {
        for (int i = 0; i < tokens.size(); i++) {
            if (means(i, Meaning.PINKED)) {
                pinked = true;
                take(i);
            }
        }
    }

    /** {@code 2 packs of 42 squares} are 84; {@code a pack of squares} says nothing of how many. */
    private void takeContainer() {
        for (int i = 0; i < tokens.size(); i++) {
            if (!means(i, Meaning.CONTAINER)) {
                continue;
            }
            take(i);
            Optional<Number> before = number(i - 1).filter(Number::couldCount);
            Optional<Number> after =
                    number(means(i + 1, Meaning.FILLER) ? i + 2 : i + 1).filter(Number::couldCount);
            if (before.isPresent()
                    && (after.isPresent() || before.get().number().equals("1"))) {
                packs = Math.max(1, count(before.get()).orElse(1));
                take(i - 1);
            }
            if (after.isPresent()) {
                countSaid = count(after.get());
                take(means(i + 1, Meaning.FILLER) ? i + 2 : i + 1);
            }
            return;
        }
    }

    private static OptionalLong count(Number number) {
        return OptionalLong.of(Long.parseLong(number.number()
                .substring(0, Math.min(MOST_DIGITS, number.number().length()))));
    }

    private Optional<Form> takeForm() {
        for (int i = 0; i < tokens.size(); i++) {
            if (used[i] || !(tokens.get(i) instanceof Word word)) {
                continue;
            }
            PieceForm form = switch (word.meaning()) {
                case SQUARE -> PieceForm.SQUARE;
                case STRIP -> PieceForm.STRIP;
                case FAT_QUARTER -> PieceForm.FAT_QUARTER;
                case FAT_EIGHTH -> PieceForm.FAT_EIGHTH;
                case PIECE, NAMED_PIECE -> bought.isPresent() ? PieceForm.YARDAGE : PieceForm.SCRAP;
                case LENGTH -> PieceForm.YARDAGE;
                case CONTAINER, WIDE, LONG, BY, MEASURED, PINKED, FILLER, NAME -> null;
            };
            if (form != null) {
                formAt = i;
                used[i] = word.meaning() != Meaning.NAMED_PIECE;
                return Optional.of(new Form(form, Sayings.isPlural(word.word()), true));
            }
        }
        if (bought.isPresent()) {
            return Optional.of(new Form(PieceForm.YARDAGE, false, false));
        }
        if (!pair.isEmpty() || wide.isPresent() && along.isPresent()) {
            return Optional.of(new Form(PieceForm.SCRAP, false, false));
        }
        return wide.isPresent() && hasSize()
                ? Optional.of(new Form(PieceForm.YARDAGE, false, false))
                : Optional.empty();
    }

    /** {@code 60 cm linen 110 cm wide} is a length as well. */
    private boolean hasSize() {
        for (int i = 0; i < tokens.size(); i++) {
            if (number(i).filter(number -> !number.unit().isEmpty()).isPresent()) {
                return true;
            }
        }
        return false;
    }

    private List<Loose> loose() {
        List<Loose> loose = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            int at = i;
            number(i).ifPresent(number -> loose.add(new Loose(number, at)));
        }
        return loose;
    }

    private List<Meant> meanings(Form form) {
        List<Loose> loose = loose();
        Set<Meant> meanings = new LinkedHashSet<>();
        for (int counts = -1; counts < loose.size(); counts++) {
            if (mayCount(form, loose, counts)) {
                List<Loose> sizes = new ArrayList<>(loose);
                OptionalLong count =
                        counts < 0 ? countSaid : count(sizes.remove(counts).number());
                add(meanings, form, count, sizes);
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
        if (countSaid.isPresent() || !candidate.number().couldCount()) {
            return false;
        }
        boolean one = candidate.number().number().equals("1");
        // "2 1/2 strip 42" is one strip: only several are counted.
        return form.plural() || !form.said() || one && candidate.at() < formAt || form.form() == PieceForm.YARDAGE;
    }

    /**
     * The number that is the count without a doubt: the only one before a word in the plural that could be it (42
     * squares, 40 2 1/2 in strips), or a one before a word in the singular (1 strip 2 1/2 in).
     */
    private OptionalInt certainCounter(Form form, List<Loose> loose) {
        if (countSaid.isPresent() || !form.said()) {
            return OptionalInt.empty();
        }
        List<Integer> before = new ArrayList<>();
        for (int i = 0; i < loose.size(); i++) {
            if (loose.get(i).at() < formAt && loose.get(i).number().couldCount()) {
                before.add(i);
            }
        }
        boolean certain = before.size() == 1
                && (form.plural()
                        || loose.get(before.getFirst()).number().number().equals("1"));
        return certain ? OptionalInt.of(before.getFirst()) : OptionalInt.empty();
    }

    /** What is left of the loose numbers are sizes, as many as the form wants; a length's is its width or itself. */
    private void add(Set<Meant> meanings, Form form, OptionalLong count, List<Loose> sizes) {
        boolean sized = !pair.isEmpty() || !measured.isEmpty() && form.form() != PieceForm.STRIP;
        int most = switch (form.form()) {
            case SQUARE -> pair.isEmpty() ? 1 : 0;
            case STRIP -> pair.isEmpty() ? 2 : 0;
            case FAT_QUARTER, FAT_EIGHTH -> 0;
            case SCRAP -> 0;
            case YARDAGE -> (bought.isEmpty() && along.isEmpty() && !sized ? 1 : 0) + (wide.isEmpty() ? 1 : 0);
        };
        List<String> texts = new ArrayList<>();
        sizes.forEach(size -> texts.add(size.number().text()));
        List<String> tooMany = texts.size() > most ? List.of(texts.getLast()) : List.of();
        Optional<String> length = bought;
        Optional<String> width = wide;
        List<String> kept = new ArrayList<>(tooMany.isEmpty() ? texts : List.of());
        if (form.form() == PieceForm.YARDAGE && tooMany.isEmpty()) {
            if (bought.isEmpty() && along.isEmpty() && !kept.isEmpty()) {
                length = Optional.of(kept.removeFirst());
            }
            if (width.isEmpty() && !kept.isEmpty()) {
                width = Optional.of(kept.removeFirst());
            }
        }
        Meant meant =
                new Meant(form, count, packs, kept, length, pair, width, along, measured, pinked, name(), tooMany);
        meanings.add(meant);
        otherUnits(meant).ifPresent(meanings::add);
    }

    /** Beside a size in the other system's unit, a bare one may be in that unit too: 1.5 m linen, 110 wide. */
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

    /** The words that mean nothing else, in their order. */
    private String name() {
        List<String> words = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            if (!used[i] && tokens.get(i) instanceof Word word) {
                boolean named = word.meaning() == Meaning.NAME || word.meaning() == Meaning.NAMED_PIECE;
                boolean inside = word.meaning() == Meaning.FILLER && word.word().equals("and") && !words.isEmpty();
                if (named || inside) {
                    words.add(word.word());
                }
            }
        }
        while (!words.isEmpty() && words.getLast().equals("and")) {
            words.removeLast();
        }
        return String.join(" ", words);
    }
}

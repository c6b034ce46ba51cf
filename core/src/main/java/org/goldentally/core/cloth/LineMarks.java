package org.goldentally.core.cloth;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import org.goldentally.core.cloth.LineTokens.Number;
import org.goldentally.core.cloth.LineTokens.Token;
import org.goldentally.core.cloth.LineTokens.Word;
import org.goldentally.core.cloth.Sayings.Meaning;
import org.goldentally.core.cloth.ShelfGrammar.Form;
import org.goldentally.core.measure.MeasureSystem;

/**
 * What the words of a line mark: {@code A x B}, {@code N wide}, {@code N long}, {@code measured N}, {@code 2 yd}, {@code a
 * pack of N}, and its form. What is marked is taken; what is left is for the grammar to share out.
 */
final class LineMarks {

    /** Digits that are read of a count; longer ones are far beyond any shelf. */
    private static final int MOST_DIGITS = 15;

    private static final Set<Meaning> FORMS = Set.of(
            Meaning.SQUARE, Meaning.STRIP, Meaning.FAT_QUARTER, Meaning.FAT_EIGHTH, Meaning.PIECE, Meaning.LENGTH);

    /** The least of a metre that is said without its unit, as in 1 m 20. */
    private static final int LEAST_CENTIMETRES = 10;

    /** So few beside a length in centimetres count it, as in 2 x 50 cm; no scrap so narrow is kept. */
    private static final int MOST_NARROW = 3;

    private final List<Token> tokens;
    private final MeasureSystem system;
    private final boolean[] used;
    private Optional<String> bought = Optional.empty();
    private int boughtAt = -1;
    private List<String> pair = List.of();
    private Optional<String> wide = Optional.empty();
    private Optional<String> along = Optional.empty();
    private List<String> measured = List.of();
    private boolean pinked;
    private OptionalLong countSaid = OptionalLong.empty();
    private int formAt = -1;
    private long packs = 1;
    private final Optional<Form> form;

    LineMarks(List<Token> tokens, MeasureSystem system) {
        this.tokens = tokens;
        this.system = system;
        this.used = new boolean[tokens.size()];
        takeMeasured();
        takePair();
        takeTimes();
        wide = takeMarked(Meaning.WIDE);
        along = takeMarked(Meaning.LONG);
        takeBought();
        takePinked();
        takeContainer();
        form = takeForm();
    }

    /** Empty where it says none at all. */
    Optional<Form> form() {
        return form;
    }

    /** Where the word for the form stands; before the first where there is none. */
    int formAt() {
        return formAt;
    }

    Optional<String> bought() {
        return bought;
    }

    /** Where the length that was bought stands; before the first where there is none. */
    int boughtAt() {
        return boughtAt;
    }

    List<String> pair() {
        return pair;
    }

    Optional<String> wide() {
        return wide;
    }

    Optional<String> along() {
        return along;
    }

    List<String> measured() {
        return measured;
    }

    boolean pinked() {
        return pinked;
    }

    OptionalLong countSaid() {
        return countSaid;
    }

    long packs() {
        return packs;
    }

    boolean isTaken(int at) {
        return used[at];
    }

    /** The number that stands there and is not taken. */
    Optional<Number> number(int at) {
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
            if (first.get().isBought()) {
                continue;
            }
            if (second.get().isBought() && first.get().couldCount()) {
                countSaid = count(first.get());
                take(i - 1, i);
            } else if (counts(first.get(), second.get(), i + 2)) {
                countSaid = count(first.get());
                take(i - 1, i);
            } else {
                pair = List.of(first.get().text(), second.get().text());
                take(i - 1, i, i + 1);
            }
            return;
        }
    }

    /** {@code 40 x 5 in squares} are forty, {@code 2 x 50 cm} two lengths; {@code 5 x 5 squares} is a size. */
    private boolean counts(Number first, Number second, int form) {
        if (!first.couldCount() || (second.unit().isEmpty() && first.number().equals(second.number()))) {
            return false;
        }
        boolean ofSquares = means(form, Meaning.SQUARE) && isPlural(form);
        boolean ofStrips =
                means(form, Meaning.STRIP) && isPlural(form) && !second.unit().isEmpty();
        boolean ofLengths = system == MeasureSystem.CENTIMETRE
                && second.unit().equals("cm")
                && count(first).orElse(0) <= MOST_NARROW;
        return ofSquares || ofStrips || ofLengths;
    }

    private boolean isPlural(int at) {
        return tokens.get(at) instanceof Word word && Sayings.isPlural(word.word());
    }

    /** {@code 3 x fat quarters}, {@code fat quarters x 3}. */
    private void takeTimes() {
        for (int i = 1; i + 1 < tokens.size(); i++) {
            if (!means(i, Meaning.BY) || used[i] || countSaid.isPresent()) {
                continue;
            }
            Optional<Number> before = number(i - 1).filter(Number::couldCount);
            Optional<Number> after = number(i + 1).filter(Number::couldCount);
            if (before.isPresent() && isForm(i + 1)) {
                countSaid = count(before.get());
                take(i - 1, i);
            } else if (after.isPresent() && (means(i - 1, Meaning.FAT_QUARTER) || means(i - 1, Meaning.FAT_EIGHTH))) {
                countSaid = count(after.get());
                take(i, i + 1);
            }
        }
    }

    /** Whether a word for a form stands there. */
    boolean isForm(int at) {
        return at >= 0 && at < tokens.size() && tokens.get(at) instanceof Word word && FORMS.contains(word.meaning());
    }

    /** What else the line speaks of beside the piece that is understood: another form, another length; empty for nothing. */
    Optional<String> beside() {
        boolean yardage = form.filter(each -> each.form() == PieceForm.YARDAGE).isPresent();
        if (bought.isPresent() && form.isPresent() && !yardage) {
            return bought;
        }
        for (int i = 0; i < tokens.size(); i++) {
            Optional<Number> more = number(i).filter(Number::isBought);
            if (more.isPresent()) {
                return more.map(Number::text);
            }
            if (!used[i] && isForm(i) && tokens.get(i) instanceof Word word) {
                return Optional.of(word.word());
            }
        }
        return Optional.empty();
    }

    /** {@code 42 wide}, {@code width 42}, {@code width of 42}. */
    private Optional<String> takeMarked(Meaning marker) {
        for (int i = 0; i < tokens.size(); i++) {
            if (!means(i, marker) || used[i]) {
                continue;
            }
            if (number(i - 1).filter(number -> !number.isBought()).isPresent()) {
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
            Optional<Number> length = number(i).filter(Number::isBought);
            if (length.isPresent()) {
                boolean metric = length.get().isMetric();
                boughtAt = i;
                String yards = number(i).get().text();
                take(i);
                // "1 yd 9 in", "1 yd and 9 in" are one length; "2 yd 42 in" is a length and a width.
                int next = isAnd(i + 1) ? i + 2 : i + 1;
                Optional<Number> over = number(next).filter(LineMarks::isPartOfAYard);
                if (over.isPresent()) {
                    take(i + 1, next);
                }
                bought = Optional.of(
                        over.map(more -> yards + " + " + more.text()).orElse(yards));
                takeBareCentimetres(metric, i + 1);
                takeLess(i + 1);
                return;
            }
        }
    }

    /** {@code 1 m 20} is a metre and 20 cm. */
    private void takeBareCentimetres(boolean metric, int at) {
        Optional<Number> bare = number(at)
                .filter(Number::couldCount)
                .filter(number -> count(number).orElse(0) >= LEAST_CENTIMETRES
                        && count(number).orElse(0) < 100);
        boolean wide = means(at + 1, Meaning.WIDE) || means(at + 1, Meaning.LONG);
        if (metric && bare.isPresent() && !wide) {
            bought = bought.map(length -> length + " + " + bare.get().number() + " cm");
            take(at);
        }
    }

    /** {@code 1 yd minus 3 in}. */
    private void takeLess(int at) {
        boolean less = at < tokens.size()
                && tokens.get(at) instanceof Word word
                && Set.of("minus", "less").contains(word.word());
        Optional<Number> off = number(at + 1).filter(number -> !number.unit().isEmpty());
        if (less && off.isPresent()) {
            bought = bought.map(length -> length + " - " + off.get().text());
            take(at, at + 1);
        }
    }

    private boolean isAnd(int at) {
        return at < tokens.size()
                && tokens.get(at) instanceof Word word
                && Set.of("and", "plus").contains(word.word());
    }

    /** Inches or centimetres that are less than what cloth is sold by. */
    private static boolean isPartOfAYard(Number number) {
        boolean inches = number.unit().startsWith("in") || number.unit().equals("\"");
        String whole = number.number().split("[ .,-]")[0];
        int size = whole.isEmpty() || whole.contains("/")
                ? 0
                : Integer.parseInt(whole.substring(0, Math.min(3, whole.length())));
        return (inches && size < 36) || (number.unit().equals("cm") && size < 50);
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
            // Of packs, no number of packs says how many pieces there are; "2 rolls of 3 yd" are two lengths.
            if (before.isPresent() && (after.isPresent() || bought.isEmpty())) {
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

    static OptionalLong count(Number number) {
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
        if (!pair.isEmpty() || (wide.isPresent() && along.isPresent())) {
            return Optional.of(new Form(PieceForm.SCRAP, false, false));
        }
        return (wide.isPresent() && hasSize()) || isLength()
                ? Optional.of(new Form(PieceForm.YARDAGE, false, false))
                : Optional.empty();
    }

    /** {@code 12 inches of plum}, and {@code 80 cm mustard} where shops sell by the centimetre, are lengths. */
    private boolean isLength() {
        int sizes = 0;
        boolean length = false;
        for (int i = 0; i < tokens.size(); i++) {
            Optional<Number> size = number(i).filter(number -> !number.unit().isEmpty());
            if (size.isPresent()) {
                sizes++;
                boolean of = i + 1 < tokens.size()
                        && tokens.get(i + 1) instanceof Word word
                        && word.word().equals("of");
                length |=
                        of || (system == MeasureSystem.CENTIMETRE && size.get().isMetric());
            }
        }
        return sizes == 1 && length;
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
}

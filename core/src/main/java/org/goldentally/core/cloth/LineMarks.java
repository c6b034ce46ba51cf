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

/**
 * What the words of a line mark: {@code A x B}, {@code N wide}, {@code N long}, {@code measured N}, {@code 2 yd}, {@code a
 * pack of N}, and its form. What is marked is taken; what is left is for the grammar to share out.
 */
final class LineMarks {

    /** Digits that are read of a count; longer ones are far beyond any shelf. */
    private static final int MOST_DIGITS = 15;

    private final List<Token> tokens;
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
    private final Optional<Form> form;

    LineMarks(List<Token> tokens) {
        this.tokens = tokens;
        this.used = new boolean[tokens.size()];
        takeMeasured();
        takePair();
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
                // "1 yd 9 in", "1 yd and 9 in" are one length; "2 yd 42 in" is a length and a width.
                int next = isAnd(i + 1) ? i + 2 : i + 1;
                Optional<Number> over = number(next).filter(LineMarks::isPartOfAYard);
                if (over.isPresent()) {
                    take(i + 1, next);
                }
                bought = Optional.of(
                        over.map(more -> yards + " + " + more.text()).orElse(yards));
                return;
            }
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
}

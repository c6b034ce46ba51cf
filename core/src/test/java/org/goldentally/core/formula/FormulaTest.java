package org.goldentally.core.formula;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.core.formula.AllFormulas.Declared;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A formula says in words what it works out, and the table of the rules says the same. */
class FormulaTest {

    private static final Expression FINISHED = Expression.figure(Input.FINISHED);
    private static final Expression SEAM = Expression.figure(Input.SEAM);
    private static final Figures FIGURES =
            Figures.of(Input.FINISHED, Length.inches(4)).and(Input.SEAM, Length.inches(0, 1, 4));

    static List<Declared> formulas() {
        return AllFormulas.declared();
    }

    @Test
    void aFormulaIsReadWithItsNamesAndWithItsFigures() {
        Formula square = Formula.cut("square", FINISHED.plus(SEAM.times(Factor.TWO_AND_ROOT_TWO)));
        assertThat(square.words()).isEqualTo("finished + seam × (2 + √2)");
        assertThat(square.worked(FIGURES, LengthWriter.INCHES)).isEqualTo("4 finished + 1/4 seam × (2 + √2) = 4.854");
    }

    @Test
    void bracketsStandWhereTheyAreNeededAndNowhereElse() {
        assertThat(FINISHED.plus(SEAM).times(2).words()).isEqualTo("2 × (finished + seam)");
        assertThat(FINISHED.minus(SEAM.plus(SEAM)).words()).isEqualTo("finished − (seam + seam)");
        assertThat(FINISHED.plus(SEAM).plus(SEAM).words()).isEqualTo("finished + seam + seam");
        assertThat(FINISHED.minus(SEAM).dividedByRootTwo().dividedBy(2).words())
                .isEqualTo("(finished − seam) ÷ √2 ÷ 2");
        assertThat(SEAM.times(2).times(Factor.ROOT_TWO).words()).isEqualTo("2 × seam × √2");
        assertThat(FINISHED.orSmaller(SEAM).minus(SEAM).words())
                .isEqualTo("the smaller of finished and seam − seam"
                        .replace("the", "(the")
                        .replace("and seam", "and seam)"));
    }

    @Test
    void aCutSizeIsRoundedUpOnceWithItsRoomAndOthersNotAtAll() {
        Formula cut = Formula.cut("cut", FINISHED.plus(SEAM.times(Factor.TWO_AND_ROOT_TWO)));
        assertThat(cut.onRuler(FIGURES, Length.ZERO, Grid.EIGHTH_INCH)).isEqualTo(Length.inches(4, 7, 8));
        assertThat(cut.onRuler(FIGURES, Length.inches(0, 1, 8), Grid.EIGHTH_INCH))
                .isEqualTo(Length.inches(5));
        Formula exact = Formula.exact("raw", cut.expression());
        assertThat(exact.onRuler(FIGURES, Length.ZERO, Grid.EIGHTH_INCH)).isEqualTo(exact.exactly(FIGURES));
    }

    @Test
    void aFigureThatIsMissingIsNamed() {
        assertThatThrownBy(() -> Expression.figure(Input.BLOCK).value(FIGURES)).hasMessageContaining("“block”");
        assertThatThrownBy(() -> new Factor(0, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    /** The words are worked out by a small reader of its own, in decimals, and compared with the exact value. */
    @ParameterizedTest
    @MethodSource("formulas")
    void theWordsSayWhatIsWorkedOut(Declared declared) {
        Map<Input, Double> decimals = new EnumMap<>(Input.class);
        Figures figures = Figures.of(Input.SEAM, Length.inches(0, 1, 4));
        for (Input input : Input.values()) {
            Length length = input == Input.SEAM ? Length.inches(0, 1, 4) : Length.inches(3 + input.ordinal(), 3, 8);
            figures = figures.and(input, length);
            decimals.put(input, length.toDoubleInches());
        }
        assertThat(declared.formula().exactly(figures).toDoubleInches())
                .isCloseTo(new Spoken(declared.formula().words(), decimals).value(), within(1e-9));
    }

    @Test
    void theTableOfTheRulesHasEveryFormulaOnceAsItIsWorkedOut() throws IOException {
        String rules = Files.readString(Path.of("..", "docs", "rules.md"));
        String table = rules.substring(rules.indexOf("## Formulas"), rules.indexOf("## Measures"));
        assertThat(table.lines()
                        .filter(line -> line.startsWith("| "))
                        .skip(1)
                        .map(line -> line.replaceAll(" *\\| *", "|")))
                .containsExactlyInAnyOrderElementsOf(formulas().stream()
                        .map(declared -> "|" + declared.formula().name() + "|`"
                                + declared.formula().words() + "`|"
                                + declared.formula().rounding().label() + "|"
                                + declared.formula().source().label() + "|`" + declared.code() + "`|")
                        .toList());
        assertThat(formulas()).extracting(declared -> declared.formula().name()).doesNotHaveDuplicates();
    }

    /** Reads a formula as it is printed, in the order of school arithmetic. */
    private static final class Spoken {
        private static final Pattern NEXT =
                Pattern.compile("\\s*(the smaller of|and|[a-z][a-z ]*[a-z]|\\d*√2|\\d+|[()+×÷−])");
        private final String text;
        private final Map<Input, Double> figures;
        private int at;

        Spoken(String words, Map<Input, Double> figures) {
            this.text = words.replace(" and ", " , ");
            this.figures = figures;
        }

        double value() {
            double value = sum();
            assertThat(text.substring(at)).as(text).isBlank();
            return value;
        }

        private double sum() {
            if (took("the smaller of")) {
                double first = sum();
                assertThat(took(",")).isTrue();
                return Math.min(first, sum());
            }
            double value = product();
            while (true) {
                if (took("+")) {
                    value += product();
                } else if (took("−")) {
                    value -= product();
                } else {
                    return value;
                }
            }
        }

        private double product() {
            double value = atom();
            while (true) {
                if (took("×")) {
                    value *= atom();
                } else if (took("÷")) {
                    value /= atom();
                } else {
                    return value;
                }
            }
        }

        private double atom() {
            if (took("(")) {
                double value = sum();
                assertThat(took(")")).isTrue();
                return value;
            }
            Matcher next = NEXT.matcher(text).region(at, text.length());
            assertThat(next.lookingAt()).as(text + " at " + at).isTrue();
            at = next.end();
            String word = next.group(1);
            if (word.endsWith("√2")) {
                String times = word.substring(0, word.length() - 2);
                return Math.sqrt(2) * (times.isEmpty() ? 1 : Integer.parseInt(times));
            }
            return Character.isDigit(word.charAt(0)) ? Integer.parseInt(word) : figure(word);
        }

        private double figure(String name) {
            for (Map.Entry<Input, Double> figure : figures.entrySet()) {
                if (figure.getKey().label().equals(name)) {
                    return figure.getValue();
                }
            }
            throw new AssertionError("“" + name + "” in " + text);
        }

        private boolean took(String wanted) {
            String left = text.substring(at).stripLeading();
            if (left.startsWith(wanted)) {
                at = text.length() - left.length() + wanted.length();
                return true;
            }
            return false;
        }
    }
}

package org.goldentally.core.method;

import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;
import org.goldentally.core.formula.Working;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;

/** Small words that every method needs to say its sizes. */
final class Sizes {

    private Sizes() {}

    static String write(Length length, SewingSettings settings) {
        return settings.system().writer().write(length);
    }

    static Length roomForOneSeam(SewingSettings settings) {
        return settings.ownRoom().orElseGet(() -> settings.allowance().roomForOneSeam(settings.system()));
    }

    static Length roomForTwoSeams(SewingSettings settings) {
        return settings.ownRoom().orElseGet(() -> settings.allowance().roomForTwoSeams(settings.system()));
    }

    static Length roomForLooseTriangle(SewingSettings settings) {
        return settings.ownRoom().orElseGet(() -> settings.allowance().roomForLooseTriangle(settings.system()));
    }

    /** A length by its name, and the seam of the settings. */
    static Figures figures(Input input, Length length, SewingSettings settings) {
        return Figures.of(input, length).and(Input.SEAM, settings.seamAllowance());
    }

    /** {@code 4 finished + 2 × 1/4 seam = 4 1/2 in}. */
    static Working trimmedWorking(Length finished, SewingSettings settings) {
        Figures figures = figures(Input.FINISHED, finished, settings);
        return new Working(
                "Trimmed size",
                Rules.UNFINISHED
                                .expression()
                                .withFigures(figures, settings.system().writer()) + " = "
                        + settings.system().writer().writeWithUnit(Rules.UNFINISHED.exactly(figures)));
    }

    static Working rawWorking(Formula rule, Figures figures, SewingSettings settings) {
        return rawWorking("", rule, figures, settings);
    }

    /** @param side which side of an oblong unit, in front of the rest */
    static Working rawWorking(String side, Formula rule, Figures figures, SewingSettings settings) {
        return new Working(
                "Raw size, before trimming",
                side + rule.worked(figures, settings.system().writer()));
    }

    static Working widestSeamWorking(Formula rule, Figures figures, SewingSettings settings) {
        return new Working(
                "Widest seam",
                rule.worked(figures, settings.system().writer())
                        + "; with a wider seam the unit is smaller than its trimmed size");
    }

    /** A size cut for a finished one, with the room given. */
    static CutRule cutFor(String what, Formula rule, Length finished, Length room, SewingSettings settings) {
        return new CutRule(what, rule, figures(Input.FINISHED, finished, settings), room);
    }

    /** A piece cut at the exact unfinished size, where nothing is trimmed. */
    static CutRule plain(String what, Length finished, SewingSettings settings) {
        return cutFor(what, Rules.PLAIN, finished, Length.ZERO, settings);
    }

    static CutRule halfSquare(String what, Length finished, Length room, SewingSettings settings) {
        return cutFor(what, Rules.HALF_SQUARE, finished, room, settings);
    }

    static CutRule quarterSquare(String what, Length finished, Length room, SewingSettings settings) {
        return cutFor(what, Rules.QUARTER_SQUARE, finished, room, settings);
    }
}

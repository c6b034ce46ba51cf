package org.goldentally.core.method;

import org.goldentally.core.formula.Working;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;

/** Small words that every method needs to say its sizes. */
final class Sizes {

    private Sizes() {}

    static String write(Length length, SewingSettings settings) {
        return settings.system().writer().write(length);
    }

    static String seam(SewingSettings settings) {
        return write(settings.seamAllowance(), settings) + " seam";
    }

    static Length roomForOneSeam(SewingSettings settings) {
        return settings.allowance().roomForOneSeam(settings.system());
    }

    static Length roomForTwoSeams(SewingSettings settings) {
        return settings.allowance().roomForTwoSeams(settings.system());
    }

    static Length roomForLooseTriangle(SewingSettings settings) {
        return settings.allowance().roomForLooseTriangle(settings.system());
    }

    static Working trimmedWorking(Length finished, Length trimmed, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        return new Working(
                "Trimmed size",
                writer.write(finished) + " finished + 2 × " + seam(settings) + " = " + writer.writeWithUnit(trimmed));
    }

    static Working rawWorking(String rule, Length raw, SewingSettings settings) {
        return new Working(
                "Raw size, before trimming",
                rule + " = " + settings.system().writer().writeDecimal(raw));
    }

    static Working widestSeamWorking(String rule, Length widest, SewingSettings settings) {
        return new Working(
                "Widest seam",
                rule + " = " + settings.system().writer().writeDecimal(widest)
                        + "; with a wider seam the unit is smaller than its trimmed size");
    }

    /** A piece cut at the exact unfinished size, where nothing is trimmed. */
    static CutRule plain(String what, Length finished, SewingSettings settings) {
        return new CutRule(
                what,
                write(finished, settings) + " finished + 2 × " + seam(settings),
                settings.unfinished(finished),
                Length.ZERO);
    }

    /** The square for two half-square triangles, {@code F + a(2 + √2)}, with the room given. */
    static CutRule halfSquare(String what, Length finished, Length room, SewingSettings settings) {
        return new CutRule(
                what,
                write(finished, settings) + " finished + " + seam(settings) + " × (2 + √2)",
                finished.plus(Constants.halfSquare(settings)),
                room);
    }

    /** The square for quarter-square triangles, {@code F + a(2 + 2√2)}, with the room given. */
    static CutRule quarterSquare(String what, Length finished, Length room, SewingSettings settings) {
        return new CutRule(
                what,
                write(finished, settings) + " finished + " + seam(settings) + " × (2 + 2√2)",
                finished.plus(Constants.quarterSquare(settings)),
                room);
    }
}

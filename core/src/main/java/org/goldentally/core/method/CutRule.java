package org.goldentally.core.method;

import java.util.Optional;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Working;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;

/**
 * A cut size on its way from the exact value to the ruler.
 *
 * @param what which cut size, for the explanation
 * @param room what the school of allowance adds to it
 * @param own what the quilter cuts instead
 */
record CutRule(String what, Formula formula, Figures figures, Length room, Optional<Length> own) {

    CutRule(String what, Formula formula, Figures figures, Length room) {
        this(what, formula, figures, room, Optional.empty());
    }

    /** The same, cut as the quilter says, where she says it. */
    CutRule orOwn(SewingSettings settings) {
        return new CutRule(what, formula, figures, room, settings.ownCut());
    }

    /** The cut size on the ruler: never short of what is needed. */
    Length cut(SewingSettings settings) {
        return own.orElseGet(() -> formula.onRuler(figures, room, settings.grid()));
    }

    /** The least that will do: nothing to trim but what the ruler's marks leave. */
    Length least(SewingSettings settings) {
        return formula.onRuler(figures, Length.ZERO, settings.grid());
    }

    /** What is cut beyond the exact size, where the quilter says how large it is. */
    Optional<Length> ownRoom() {
        return own.map(cut -> Length.max(Length.ZERO, cut.minus(formula.exactly(figures))));
    }

    /** The room of what is sewn to it with one seam, where this has two: half as much, as the schools have it. */
    Length halfTheRoom(Length usual) {
        return ownRoom().map(room -> room.dividedBy(2)).orElse(usual);
    }

    /** {@code 4 finished + 1/4 seam × (2 + √2) = 4.854; with 0.125 room (trim school) 4.979; rounded up to …: 5 in}. */
    Working working(SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        if (own.isPresent()) {
            return new Working(
                    what,
                    writer.writeWithUnit(own.get()) + ", as you cut it; at least "
                            + formula.worked(figures, writer) + ", on the ruler "
                            + writer.writeWithUnit(least(settings)));
        }
        String roomed = room.isZero()
                ? ""
                : "; with " + writer.writeDecimal(room) + " room ("
                        + (settings.ownRoom().isPresent()
                                ? "as you like it"
                                : settings.allowance().label() + " school")
                        + ") "
                        + writer.writeDecimal(formula.exactly(figures).plus(room));
        return new Working(
                what,
                formula.worked(figures, writer) + roomed + "; rounded up to the next "
                        + settings.grid().label() + ": " + writer.writeWithUnit(cut(settings)));
    }
}

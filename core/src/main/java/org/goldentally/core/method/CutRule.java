package org.goldentally.core.method;

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
 */
record CutRule(String what, Formula formula, Figures figures, Length room) {

    /** The cut size on the ruler: never short of what is needed. */
    Length cut(SewingSettings settings) {
        return formula.onRuler(figures, room, settings.grid());
    }

    /** {@code 4 finished + 1/4 seam × (2 + √2) = 4.854; with 0.125 room (trim school) 4.979; rounded up to …: 5 in}. */
    Working working(SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        String roomed = room.isZero()
                ? ""
                : "; with " + writer.writeDecimal(room) + " room ("
                        + settings.allowance().label() + " school) "
                        + writer.writeDecimal(formula.exactly(figures).plus(room));
        return new Working(
                what,
                formula.worked(figures, writer) + roomed + "; rounded up to the next "
                        + settings.grid().label() + ": " + writer.writeWithUnit(cut(settings)));
    }
}

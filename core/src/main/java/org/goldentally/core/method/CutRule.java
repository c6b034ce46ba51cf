package org.goldentally.core.method;

import org.goldentally.core.formula.Working;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;

/**
 * A cut size on its way from the exact constant to the ruler: the one place where the piecing rules round, and always
 * up.
 *
 * @param what which cut size, for the explanation
 * @param rule the rule with its figures, such as {@code 4 + 1/4 × (2 + √2)}
 * @param constant its exact value
 * @param room what the school of allowance adds to it
 */
record CutRule(String what, String rule, Length constant, Length room) {

    /** The cut size on the ruler: never short of what is needed. */
    Length cut(SewingSettings settings) {
        return constant.plus(room).roundedUpTo(settings.grid());
    }

    /** {@code 4 + 1/4 × (2 + √2) = 4.854; 0.125 more to trim (trim school) = 4.979; rounded up to 1/8 in: 5 in}. */
    Working working(SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        String exact = rule + " = " + writer.writeDecimal(constant);
        String roomed = room.isZero()
                ? ""
                : "; with " + writer.writeDecimal(room) + " room ("
                        + settings.allowance().label() + " school) " + writer.writeDecimal(constant.plus(room));
        return new Working(
                what,
                exact + roomed + "; rounded up to the next " + settings.grid().label() + ": "
                        + writer.writeWithUnit(cut(settings)));
    }
}

package org.goldentally.core.formula;

import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;

/**
 * A rule of the trade, written once: {@code Formula.of("square for half-square triangles", finished.plus(...))}. Sizes,
 * explanations and the table in {@code docs/rules.md} come from it.
 *
 * @param name what it gives, as the table has it
 * @param rounding what becomes of the exact value
 */
public record Formula(String name, Expression expression, Rounding rounding, Source source) {

    /** What becomes of an exact value. */
    public enum Rounding {
        /** It stays as it is: it is compared, or goes into another formula. */
        NONE("exact"),
        /** It is set on a ruler: up to the next of its marks, so that nothing is ever short. */
        UP_TO_THE_RULER("up to the ruler's marks");

        private final String label;

        Rounding(String label) {
            this.label = label;
        }

        /** In words: {@code exact}. */
        public String label() {
            return label;
        }
    }

    /** What is derived and not rounded: a raw size, the widest seam. */
    public static Formula exact(String name, Expression expression) {
        return new Formula(name, expression, Rounding.NONE, Source.GEOMETRY);
    }

    /** A size to cut, derived, and rounded up to the ruler's marks. */
    public static Formula cut(String name, Expression expression) {
        return new Formula(name, expression, Rounding.UP_TO_THE_RULER, Source.GEOMETRY);
    }

    /** The exact value. */
    public Length exactly(Figures figures) {
        return expression.value(figures);
    }

    /**
     * The value on a ruler, with room added before it is rounded: the one place where sizes to cut are rounded, and always
     * up.
     */
    public Length onRuler(Figures figures, Length room, Grid grid) {
        Length exact = exactly(figures).plus(room);
        return switch (rounding) {
            case NONE -> exact;
            case UP_TO_THE_RULER -> exact.roundedUpTo(grid);
        };
    }

    /** {@code finished + seam × (2 + √2)}. */
    public String words() {
        return expression.words();
    }

    /** {@code 4 finished + 1/4 seam × (2 + √2) = 4.854}. */
    public String worked(Figures figures, LengthWriter writer) {
        return expression.withFigures(figures, writer) + " = " + writer.writeDecimal(exactly(figures));
    }
}

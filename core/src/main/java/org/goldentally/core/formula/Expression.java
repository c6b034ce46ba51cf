package org.goldentally.core.formula;

import java.util.function.Function;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;

/**
 * A length worked out of named figures, exactly. It can be read: {@code finished + seam × (2 + √2)}, and read with the
 * figures put in: {@code 4 finished + 1/4 seam × (2 + √2)}.
 */
public sealed interface Expression {

    /** A figure by its name. */
    record Figure(Input input) implements Expression {}

    /** Both together. */
    record Sum(Expression first, Expression second) implements Expression {}

    /** The first less the second. */
    record Difference(Expression first, Expression second) implements Expression {}

    /** So many times a length, a factor of √2 among them. */
    record Product(Expression of, Factor factor) implements Expression {}

    /** A length in equal parts. */
    record Quotient(Expression of, int divisor) implements Expression {}

    /** Divided by √2, as the side of a square is its diagonal. */
    record OverRootTwo(Expression of) implements Expression {}

    /** The smaller of two lengths. */
    record Smaller(Expression first, Expression second) implements Expression {}

    /** A figure by its name, to build upon. */
    static Expression figure(Input input) {
        return new Figure(input);
    }

    /** {@code this + other}. */
    default Expression plus(Expression other) {
        return new Sum(this, other);
    }

    /** {@code this − other}. */
    default Expression minus(Expression other) {
        return new Difference(this, other);
    }

    /** {@code this × 2}. */
    default Expression times(int whole) {
        return new Product(this, new Factor(whole, 0));
    }

    /** {@code this × (2 + √2)}. */
    default Expression times(Factor factor) {
        return new Product(this, factor);
    }

    /** {@code this ÷ 4}. */
    default Expression dividedBy(int divisor) {
        return new Quotient(this, divisor);
    }

    /** {@code this ÷ √2}. */
    default Expression dividedByRootTwo() {
        return new OverRootTwo(this);
    }

    /** {@code smaller of this and other}. */
    default Expression orSmaller(Expression other) {
        return new Smaller(this, other);
    }

    /** Exactly, with the figures put in; nothing is rounded here. */
    default Length value(Figures figures) {
        return switch (this) {
            case Figure(Input input) -> figures.length(input);
            case Sum(Expression first, Expression second) ->
                first.value(figures).plus(second.value(figures));
            case Difference(Expression first, Expression second) ->
                first.value(figures).minus(second.value(figures));
            case Product(Expression of, Factor factor) -> factor.times(of.value(figures));
            case Quotient(Expression of, int divisor) -> of.value(figures).dividedBy(divisor);
            case OverRootTwo(Expression of) -> of.value(figures).dividedByRootTwo();
            case Smaller(Expression first, Expression second) ->
                Length.min(first.value(figures), second.value(figures));
        };
    }

    /** {@code finished + seam × (2 + √2)}. */
    default String words() {
        return print(Input::label);
    }

    /** {@code 4 finished + 1/4 seam × (2 + √2)}. */
    default String withFigures(Figures figures, LengthWriter writer) {
        return print(input -> writer.write(figures.length(input)) + " " + input.label());
    }

    /** Whole factors stand before what they are taken of, roots behind it, as one says them. */
    private String print(Function<Input, String> figure) {
        return switch (this) {
            case Figure(Input input) -> figure.apply(input);
            case Sum(Expression first, Expression second) -> first.whole(figure) + " + " + second.whole(figure);
            case Difference(Expression first, Expression second) ->
                first.whole(figure) + " − " + second.bracketed(figure);
            case Product(Expression of, Factor factor) ->
                factor.isWhole()
                        ? factor.text() + " × " + of.bracketed(figure)
                        : of.bracketed(figure) + " × " + factor.text();
            case Quotient(Expression of, int divisor) -> of.bracketed(figure) + " ÷ " + divisor;
            case OverRootTwo(Expression of) -> of.bracketed(figure) + " ÷ √2";
            case Smaller(Expression first, Expression second) ->
                "the smaller of " + first.print(figure) + " and " + second.print(figure);
        };
    }

    /** A choice of two is kept together where something is added to it. */
    private String whole(Function<Input, String> figure) {
        return this instanceof Smaller ? "(" + print(figure) + ")" : print(figure);
    }

    private String bracketed(Function<Input, String> figure) {
        boolean needed = switch (this) {
            case Sum sum -> true;
            case Difference difference -> true;
            case Smaller smaller -> true;
            case Figure named -> false;
            case Product product -> false;
            case Quotient quotient -> false;
            case OverRootTwo over -> false;
        };
        return needed ? "(" + print(figure) + ")" : print(figure);
    }
}

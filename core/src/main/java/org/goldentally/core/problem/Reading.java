package org.goldentally.core.problem;

import java.util.function.Function;

/** What became of something typed: understood as a value, or refused with a {@link Problem} that says why. */
public sealed interface Reading<T> {

    record Understood<T>(T value) implements Reading<T> {}

    record Refused<T>(Problem problem) implements Reading<T> {}

    static <T> Reading<T> of(T value) {
        return new Understood<>(value);
    }

    static <T> Reading<T> refused(String where, String why, String fix) {
        return new Refused<>(new Problem(where, why, fix));
    }

    default <R> Reading<R> then(Function<T, Reading<R>> next) {
        return switch (this) {
            case Understood<T>(T value) -> next.apply(value);
            case Refused<T>(Problem problem) -> new Refused<>(problem);
        };
    }

    /** The value, or a {@link RefusedException} carrying the problem. */
    default T orThrow() {
        return switch (this) {
            case Understood<T>(T value) -> value;
            case Refused<T>(Problem problem) -> throw new RefusedException(problem);
        };
    }
}

package org.goldentally.core.problem;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;

/** What became of something typed: understood as a value, or refused with a {@link Problem} that says why. */
public sealed interface Reading<T> {

    /** What was meant. */
    record Understood<T>(T value) implements Reading<T> {}

    /** Why it cannot be read, and the way out. */
    record Refused<T>(Problem problem) implements Reading<T> {}

    /** What was meant, wrapped up. */
    static <T> Reading<T> of(T value) {
        return new Understood<>(value);
    }

    /** A refusal that names the place, the reason and the way out. */
    static <T> Reading<T> refused(String where, String why, String fix) {
        return new Refused<>(new Problem(where, why, fix));
    }

    /** Reads on with what was understood; a refusal stays as it is. */
    default <R> Reading<R> then(Function<T, Reading<R>> next) {
        return switch (this) {
            case Understood<T> understood -> next.apply(understood.value);
            case Refused<T> refused -> new Refused<>(refused.problem);
        };
    }

    /** The value; where there is none, what is the matter is told. */
    default Optional<T> orTell(Consumer<Problem> refused) {
        return switch (this) {
            case Understood<T> understood -> Optional.of(understood.value);
            case Refused<T> problem -> {
                refused.accept(problem.problem);
                yield Optional.empty();
            }
        };
    }

    /** The value, or a {@link RefusedException} carrying the problem. */
    default T orThrow() {
        return switch (this) {
            case Understood<T> understood -> understood.value;
            case Refused<T> refused -> throw new RefusedException(refused.problem);
        };
    }
}

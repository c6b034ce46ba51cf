package org.goldentally.core.chance;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.ArgumentsProvider;
import org.junit.jupiter.params.provider.ArgumentsSource;
import org.junit.jupiter.params.support.AnnotationConsumer;

/** A test of something that always holds, tried with so many seeds: it takes a {@link Chance} and draws from it. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@ParameterizedTest(name = "{0}")
@ArgumentsSource(Tries.Seeds.class)
public @interface Tries {

    int value();

    /** The seeds 1, 2, 3 … */
    final class Seeds implements ArgumentsProvider, AnnotationConsumer<Tries> {
        private int tries;

        @Override
        public void accept(Tries annotation) {
            tries = annotation.value();
        }

        @Override
        public Stream<? extends Arguments> provideArguments(ExtensionContext context) {
            return LongStream.rangeClosed(1, tries).mapToObj(seed -> Arguments.of(new Chance(seed)));
        }
    }
}

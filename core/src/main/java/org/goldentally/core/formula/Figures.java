package org.goldentally.core.formula;

import java.util.EnumMap;
import java.util.Map;
import org.goldentally.core.measure.Length;
import org.jspecify.annotations.Nullable;

/** The lengths that are put in for the names: {@code Figures.of(FINISHED, inches(4)).and(SEAM, inches(0, 1, 4))}. */
public final class Figures {

    private final Map<Input, Length> lengths;

    private Figures(Map<Input, Length> lengths) {
        this.lengths = lengths;
    }

    /** One figure with its length. */
    public static Figures of(Input input, Length length) {
        Map<Input, Length> lengths = new EnumMap<>(Input.class);
        lengths.put(input, length);
        return new Figures(lengths);
    }

    /** One more figure with its length. */
    public Figures and(Input input, Length length) {
        Map<Input, Length> more = new EnumMap<>(lengths);
        more.put(input, length);
        return new Figures(more);
    }

    /** @throws IllegalStateException where a formula wants a figure that is not there */
    Length length(Input input) {
        @Nullable Length length = lengths.get(input);
        if (length == null) {
            throw new IllegalStateException("no figure is given for “" + input.label() + "”");
        }
        return length;
    }
}

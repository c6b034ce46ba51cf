package org.goldentally.core.problem;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Checks of a document's shape: what is missing or larger than anyone sews is refused before anything is worked out.
 * The messages name the field.
 */
public final class Limits {

    private Limits() {}

    /** Throws where there is no value, naming the field. */
    public static void required(@Nullable Object value, String field) {
        if (value == null) {
            throw new IllegalArgumentException(field + " is missing");
        }
    }

    /** Throws for no text, and for a longer one than may be. */
    public static void text(@Nullable String value, int longest, String field) {
        required(value, field);
        if (value != null && value.length() > longest) {
            throw new IllegalArgumentException(field + " is longer than " + longest + " characters");
        }
    }

    /** Throws for no list, for one of more values than may be, and for one with a hole in it. */
    public static void list(@Nullable List<?> values, int most, String field) {
        required(values, field);
        if (values != null && values.size() > most) {
            throw new IllegalArgumentException(field + " has " + values.size() + " entries; " + most + " are the most");
        }
        if (values != null && values.stream().anyMatch(java.util.Objects::isNull)) {
            throw new IllegalArgumentException(field + " has an entry that is missing");
        }
    }

    /** Throws for a list that {@link #list} or a text in it that {@link #text} refuses. */
    public static void texts(@Nullable List<String> values, int most, int longest, String field) {
        list(values, most, field);
        if (values != null) {
            values.forEach(value -> text(value, longest, field));
        }
    }

    /** Throws for a number outside its bounds, both of which may be. */
    public static void between(int value, int least, int most, String field) {
        if (value < least || value > most) {
            throw new IllegalArgumentException(field + " is " + value + "; it goes from " + least + " to " + most);
        }
    }

    /** Throws where something else than a single value is wrong, saying what. */
    public static void holds(boolean condition, String otherwise) {
        if (!condition) {
            throw new IllegalArgumentException(otherwise);
        }
    }
}

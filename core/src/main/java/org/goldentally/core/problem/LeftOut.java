package org.goldentally.core.problem;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What a field of a document is where whoever sends it leaves it out, written as JSON: {@code []}, {@code ""},
 * {@code false}. Fields without this have to be there.
 */
@Target(ElementType.RECORD_COMPONENT)
@Retention(RetentionPolicy.RUNTIME)
public @interface LeftOut {
    /** What is read where the field is left out, as JSON. */
    String value();
}

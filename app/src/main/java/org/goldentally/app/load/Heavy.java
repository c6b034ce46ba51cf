package org.goldentally.app.load;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** An answer, or all of a controller, that may take long to work out: it waits for its turn, so that light ones do not. */
@Target({ElementType.METHOD, ElementType.TYPE})
@Retention(RetentionPolicy.RUNTIME)
public @interface Heavy {

    /** How many questions it answers at once, each of which would have a budget of work by itself. */
    int questions() default 1;
}

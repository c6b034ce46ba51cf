package org.goldentally.app.load;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** How large the body of a request may be where the usual {@value #USUAL} bytes are not enough. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface LargestBody {

    /** Larger than any quilt. */
    int USUAL = 4_000_000;

    /** In bytes. */
    int value();
}

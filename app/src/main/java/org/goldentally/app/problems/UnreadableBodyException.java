package org.goldentally.app.problems;

import java.util.List;
import org.goldentally.core.problem.Problem;

/** The body of a request is not of the shape that belongs there; all that is wrong is here at once. */
public final class UnreadableBodyException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient List<Problem> problems;

    /** Tells everything that cannot be read, together. */
    public UnreadableBodyException(List<Problem> problems) {
        super(problems.toString());
        this.problems = List.copyOf(problems);
    }

    /** Each with its place in the body. */
    public List<Problem> problems() {
        return problems;
    }
}

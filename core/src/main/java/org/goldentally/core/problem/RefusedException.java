package org.goldentally.core.problem;

import java.util.List;

/** Ends a piece of work that cannot go on until the quilter has put the problems right; they are all here at once. */
public final class RefusedException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient List<Problem> problems;

    /** Refused for one reason. */
    public RefusedException(Problem problem) {
        this(List.of(problem));
    }

    /** Refused for several reasons, told together. */
    public RefusedException(List<Problem> problems) {
        super(problems.stream()
                .map(p -> p.where() + ": " + p.why() + " – " + p.fix())
                .toList()
                .toString());
        this.problems = List.copyOf(problems);
    }

    /** Every reason, with its place and its way out. */
    public List<Problem> problems() {
        return problems;
    }
}

package org.goldentally.app.problems;

import org.goldentally.core.problem.Problem;

/** Something asked for by its address is not (or no longer) there. */
public final class NotFoundException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String what;

    /** Says that there is no such thing: {@code Quilt}. */
    public NotFoundException(String what) {
        super(what + " is not here");
        this.what = what;
    }

    Problem problem() {
        return new Problem(what, "it is not here, or it was removed", "go back to the list and choose another");
    }
}

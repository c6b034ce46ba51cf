package org.goldentally.app.problems;

import org.goldentally.core.problem.Problem;

/** What is asked for is still being worked out; nobody is kept waiting for it. */
public final class NotReadyException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final String what;

    /** Says what is not there yet: {@code Plans}. */
    public NotReadyException(String what) {
        super(what + " are not ready");
        this.what = what;
    }

    Problem problem() {
        return new Problem(what, "they are still being worked out", "take one once they are shown");
    }
}

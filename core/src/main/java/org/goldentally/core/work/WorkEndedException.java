package org.goldentally.core.work;

/** A question was given up before it was answered. */
public final class WorkEndedException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /** Why it was given up. */
    public enum Reason {
        /** It would take more work than one question may. */
        TOO_MUCH,
        /** Nobody waits for the answer any more. */
        CALLED_OFF
    }

    private final Reason reason;

    /** Given up for this reason; it has no trace, since it is no mistake. */
    public WorkEndedException(Reason reason) {
        super(reason.name(), null, false, false);
        this.reason = reason;
    }

    /** Why it was given up. */
    public Reason reason() {
        return reason;
    }
}

package org.goldentally.app.problems;

/** A change was made to a version that is no longer the newest. */
public final class StaleVersionException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /** Tells both versions. */
    public StaleVersionException(int sent, int current) {
        super("version " + sent + " was changed, " + current + " is the newest");
    }

    /** Throws if the version sent is not the current one. */
    public static void check(int sent, int current) {
        if (sent != current) {
            throw new StaleVersionException(sent, current);
        }
    }
}

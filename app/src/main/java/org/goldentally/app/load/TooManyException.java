package org.goldentally.app.load;

/** More is asked at once than can be begun now. */
final class TooManyException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    TooManyException() {
        super("too much at once", null, false, false);
    }
}

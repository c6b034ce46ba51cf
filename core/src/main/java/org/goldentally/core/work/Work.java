package org.goldentally.core.work;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * The work that one question costs, counted in steps: an operation with exact numbers is one, and what does without them
 * counts its own. A question asked within a budget ends with {@link WorkEndedException} when the budget is spent or
 * when it is called off; without one it may take as long as it likes.
 *
 * <p>Steps are counted, not time, so the same question is refused, or not, on every machine.
 */
public final class Work {

    private static final ThreadLocal<@Nullable Work> CURRENT = new ThreadLocal<>();

    private final long most;
    private long done;
    private volatile boolean calledOff;

    private Work(long most) {
        this.most = most;
    }

    /**
     * A question that may take so many steps.
     *
     * @param most steps, after which a question is given up
     */
    public static Work of(long most) {
        return new Work(most);
    }

    /** Counts steps of whatever question this thread is busy with. */
    public static void spend(long steps) {
        Work current = CURRENT.get();
        if (current != null) {
            current.count(steps);
        }
    }

    private void count(long steps) {
        done += steps;
        if ((calledOff || done > most) && !isSettingUpAClass()) {
            throw new WorkEndedException(
                    calledOff ? WorkEndedException.Reason.CALLED_OFF : WorkEndedException.Reason.TOO_MUCH);
        }
    }

    /** A class whose setting up is broken off cannot be used ever after, so that is gone on with. */
    private static boolean isSettingUpAClass() {
        return StackWalker.getInstance()
                .walk(frames -> frames.anyMatch(frame -> frame.getMethodName().equals("<clinit>")));
    }

    /** Asks a question within this budget; a question inside another one counts for the outer one. */
    public <T> T within(Supplier<T> question) {
        if (CURRENT.get() != null) {
            return question.get();
        }
        CURRENT.set(this);
        try {
            return question.get();
        } finally {
            CURRENT.remove();
        }
    }

    /** Ends the question at its next step; called by another thread, when nobody waits for the answer any more. */
    public void callOff() {
        calledOff = true;
    }

    /** The steps counted so far. */
    public long done() {
        return done;
    }
}

package org.goldentally.app.tally;

import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.Executor;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.goldentally.app.quilts.DesignComing;
import org.goldentally.core.work.Work;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Lays a design out and tallies it while it is still being kept, so that both are there when they are asked for. What does
 * not come of it is left to whoever asks: it says why, and this says nothing.
 */
@Component
class WorkedOutAhead {

    /** Steps of work: three times the tally of a top of 500 blocks in 60 cloths; longer work waits until it is asked for. */
    static final long BUDGET = 500_000;

    /** Designs that may wait; of more than these the oldest is most likely not asked for any more. */
    private static final int MOST_WAITING = 4;

    private final QuiltTally tallies;
    private final Executor beside;

    @Autowired
    WorkedOutAhead(QuiltTally tallies) {
        this(tallies, oneAtATime());
    }

    WorkedOutAhead(QuiltTally tallies, Executor beside) {
        this.tallies = tallies;
        this.beside = beside;
    }

    private static Executor oneAtATime() {
        return new ThreadPoolExecutor(
                0,
                1,
                30,
                TimeUnit.SECONDS,
                new ArrayBlockingQueue<>(MOST_WAITING),
                work -> {
                    Thread thread = new Thread(work, "worked-out-ahead");
                    thread.setDaemon(true);
                    return thread;
                },
                new ThreadPoolExecutor.DiscardOldestPolicy());
    }

    @EventListener
    void coming(DesignComing coming) {
        beside.execute(() -> workOut(coming));
    }

    @SuppressWarnings("EmptyCatch")
    private void workOut(DesignComing coming) {
        try {
            Work.of(BUDGET).within(() -> tallies.of(coming.quilt(), coming.design()));
        } catch (RuntimeException leftToWhoeverAsks) {
            // A design that cannot be tallied, or not quickly: said to whoever asks.
        }
    }
}

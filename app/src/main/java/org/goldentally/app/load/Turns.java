package org.goldentally.app.load;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import org.goldentally.core.work.Work;

/**
 * Turns of heavy work: so many at once, the others wait. Whoever waits for the same thing (the same quilt) stands in one
 * line, and the lines are served in turn, so that a long line keeps nobody else from working.
 */
final class Turns {

    private final int mostWaiting;
    private final Map<String, Deque<Turn>> lines = new LinkedHashMap<>();
    private int free;
    private int waiting;

    Turns(int atOnce, int mostWaiting) {
        this.free = atOnce;
        this.mostWaiting = mostWaiting;
    }

    /** A place in a line, and then a turn; it ends with {@link #close}. */
    final class Turn implements AutoCloseable {
        private final Work work;
        private boolean taken;
        private boolean givenUp;

        private Turn(Work work) {
            this.work = work;
        }

        /** Calls the work off, whether it is waiting or going on. */
        void callOff() {
            work.callOff();
            synchronized (Turns.this) {
                givenUp = true;
                Turns.this.notifyAll();
            }
        }

        /**
         * Waits for the turn.
         *
         * @return false if it was called off before
         */
        boolean await() throws InterruptedException {
            synchronized (Turns.this) {
                while (!taken && !givenUp) {
                    Turns.this.wait();
                }
                return taken && !givenUp;
            }
        }

        @Override
        public void close() {
            synchronized (Turns.this) {
                if (taken) {
                    taken = false;
                    free++;
                } else {
                    leave(this);
                }
                serve();
            }
        }
    }

    /**
     * A place at the end of a line.
     *
     * @throws TooManyException if too many wait already
     */
    synchronized Turn queue(String line, Work work) {
        if (waiting >= mostWaiting) {
            throw new TooManyException();
        }
        Turn turn = new Turn(work);
        lines.computeIfAbsent(line, any -> new ArrayDeque<>()).add(turn);
        waiting++;
        serve();
        return turn;
    }

    private void leave(Turn turn) {
        for (Iterator<Deque<Turn>> each = lines.values().iterator(); each.hasNext(); ) {
            Deque<Turn> line = each.next();
            if (line.remove(turn)) {
                waiting--;
                if (line.isEmpty()) {
                    each.remove();
                }
                return;
            }
        }
    }

    /** The line that is served goes to the end of the lines. */
    private void serve() {
        while (free > 0 && !lines.isEmpty()) {
            Map.Entry<String, Deque<Turn>> next = lines.entrySet().iterator().next();
            String first = next.getKey();
            Deque<Turn> line = next.getValue();
            lines.remove(first);
            Turn turn = line.remove();
            if (!line.isEmpty()) {
                lines.put(first, line);
            }
            waiting--;
            free--;
            turn.taken = true;
        }
        notifyAll();
    }

    synchronized int waiting() {
        return waiting;
    }
}

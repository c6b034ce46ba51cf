package org.goldentally.core.work;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * Answers of a pure function, so many of them at most; the one that was not asked for longest goes first.
 *
 * @param <Q> what is asked, by its value
 * @param <A> an unchanging answer
 */
public final class Remembering<Q, A> {

    private final Map<Q, A> answers;

    /** Remembers so many at most. */
    public Remembering(int most) {
        answers = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<Q, A> eldest) {
                return size() > most;
            }
        };
    }

    /** The answer, worked out where it is not remembered. */
    public A of(Q question, Supplier<A> answer) {
        synchronized (answers) {
            A known = answers.get(question);
            if (known != null) {
                return known;
            }
        }
        A worked = answer.get();
        synchronized (answers) {
            answers.put(question, worked);
        }
        return worked;
    }
}

package org.goldentally.core.sew;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.core.problem.Limits;

/**
 * One line of the bench log. The log only grows: what was wrong is taken back by another entry.
 *
 * @param id given by whoever writes it, so that the same entry sent twice counts once
 * @param batch key of the batch, or of the cutting step; empty for a note on the whole quilt
 * @param units how many units the sets made, or how many were spoiled; 0 for other kinds
 * @param times sets that are counted together: more than one where a count was typed
 * @param spoiled of the units that the sets made, those that are no good
 * @param hand {@code left} or {@code right} where one hand was spoiled; empty otherwise
 * @param text a note, or a measure as typed
 * @param takesBack the entry that this one takes back; of what is put away its tick
 */
public record LogEntry(
        UUID id,
        Instant at,
        Kind kind,
        String batch,
        int units,
        int times,
        int spoiled,
        String hand,
        String text,
        Optional<UUID> takesBack) {

    /** Of one set, or of what is no set. */
    public LogEntry(
            UUID id,
            Instant at,
            Kind kind,
            String batch,
            int units,
            String hand,
            String text,
            Optional<UUID> takesBack) {
        this(id, at, kind, batch, units, 1, 0, hand, text, takesBack);
    }

    /** What happened. */
    public enum Kind {
        SET_MADE,
        UNIT_SPOILED,
        /** A set that gave nothing: its cloth is gone. */
        SET_SPOILED,
        CUT,
        /** What was cut lies with the quilt and what was left is on the shelf: the tick has done its work. */
        PUT_AWAY,
        NOTE,
        MEASURE,
        TAKE_BACK
    }

    private static final int LONGEST_TEXT = 2_000;
    private static final int MOST_UNITS = 10_000;

    /** Sets that are counted at once, at most (our own limit). */
    public static final int MOST_TIMES = 2_000;

    public LogEntry {
        Limits.required(id, "id");
        Limits.required(at, "at");
        Limits.required(kind, "kind");
        Limits.text(batch, 1_000, "batch");
        Limits.required(hand, "hand");
        Limits.text(text, LONGEST_TEXT, "text");
        List<String> faults = faults(kind, units, times, spoiled, hand, takesBack.isPresent());
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException(faults.getFirst());
        }
    }

    /** What is wrong with an entry that came from elsewhere; empty where it can be kept. */
    public static List<String> faults(Kind kind, int units, int times, int spoiled, String hand, boolean takesBack) {
        List<String> faults = new ArrayList<>();
        if (units < 0 || units > MOST_UNITS) {
            faults.add("units is " + units + "; it goes from 0 to " + MOST_UNITS);
        }
        if (times < 1 || times > MOST_TIMES) {
            faults.add("times is " + times + "; it goes from 1 to " + MOST_TIMES);
        }
        if (spoiled < 0 || spoiled > units || (spoiled > 0 && kind != Kind.SET_MADE)) {
            faults.add("spoiled is " + spoiled + "; of what was made it goes from 0 to all");
        }
        if (!List.of("", "left", "right").contains(hand)) {
            faults.add("hand is neither left nor right");
        }
        if ((kind == Kind.TAKE_BACK || kind == Kind.PUT_AWAY) != takesBack) {
            faults.add("takesBack belongs to an entry that takes another one back, or puts away what it cut");
        }
        return faults;
    }
}

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
 * @param units how many units a set made, or how many were spoiled; 0 for other kinds
 * @param hand {@code left} or {@code right} where one hand was spoiled; empty otherwise
 * @param text a note, or a measure as typed
 * @param takesBack the entry that this one takes back
 */
public record LogEntry(
        UUID id, Instant at, Kind kind, String batch, int units, String hand, String text, Optional<UUID> takesBack) {

    /** What happened. */
    public enum Kind {
        SET_MADE,
        UNIT_SPOILED,
        /** A set that gave nothing: its cloth is gone. */
        SET_SPOILED,
        CUT,
        NOTE,
        MEASURE,
        TAKE_BACK
    }

    private static final int LONGEST_TEXT = 2_000;
    private static final int MOST_UNITS = 10_000;

    public LogEntry {
        Limits.required(id, "id");
        Limits.required(at, "at");
        Limits.required(kind, "kind");
        Limits.text(batch, 1_000, "batch");
        Limits.required(hand, "hand");
        Limits.text(text, LONGEST_TEXT, "text");
        List<String> faults = faults(kind, units, hand, takesBack.isPresent());
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException(faults.getFirst());
        }
    }

    /** What is wrong with an entry that came from elsewhere; empty where it can be kept. */
    public static List<String> faults(Kind kind, int units, String hand, boolean takesBack) {
        List<String> faults = new ArrayList<>();
        if (units < 0 || units > MOST_UNITS) {
            faults.add("units is " + units + "; it goes from 0 to " + MOST_UNITS);
        }
        if (!List.of("", "left", "right").contains(hand)) {
            faults.add("hand is neither left nor right");
        }
        if ((kind == Kind.TAKE_BACK) != takesBack) {
            faults.add("takesBack belongs to an entry that takes another one back");
        }
        return faults;
    }
}

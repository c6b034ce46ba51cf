package org.goldentally.core.sew;

import java.time.Instant;
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
        Limits.between(units, 0, MOST_UNITS, "units");
        Limits.text(hand, 5, "hand");
        Limits.text(text, LONGEST_TEXT, "text");
        if (!hand.isEmpty() && !hand.equals("left") && !hand.equals("right")) {
            throw new IllegalArgumentException("hand is neither left nor right");
        }
        if ((kind == Kind.TAKE_BACK) != takesBack.isPresent()) {
            throw new IllegalArgumentException("takesBack belongs to an entry that takes another one back");
        }
    }
}

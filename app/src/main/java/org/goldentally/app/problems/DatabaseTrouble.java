package org.goldentally.app.problems;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import org.goldentally.core.problem.Problem;

/**
 * What keeps the database from answering, as far as it says so: classes of its states (SQL standard, and appendix A of
 * PostgreSQL's manual).
 */
public final class DatabaseTrouble {

    private static final String DISK_FULL = "53100";

    private DatabaseTrouble() {}

    /** What is wrong, and the way out; empty where a failure is not the database's. */
    public static Optional<Problem> in(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException said) {
                return in(said);
            }
        }
        return Optional.empty();
    }

    private static Optional<Problem> in(SQLException said) {
        String state = said.getSQLState() == null ? "" : said.getSQLState();
        if (state.equals(DISK_FULL)) {
            return Optional.of(new Problem(
                    "Golden Tally",
                    "the disk is full: nothing more can be kept",
                    "make room on the disk, then try once more"));
        }
        // 08 a connection that is none, 53 too little of something, 57P an end that somebody asked for, 58 a failing
        // disk.
        boolean isAway = said instanceof SQLTransientConnectionException
                || state.startsWith("08")
                || state.startsWith("53")
                || state.startsWith("57P")
                || state.startsWith("58");
        return isAway
                ? Optional.of(new Problem(
                        "Golden Tally",
                        "its database does not answer",
                        "it is started again by itself; if it is not, ./golden-tally status says why"))
                : Optional.empty();
    }
}

package org.goldentally.app.log;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.goldentally.core.sew.BenchState;
import org.goldentally.core.sew.LogEntry;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The log of what happens at the bench, append-only; an entry sent twice is kept once. */
@Repository
@Transactional
public class BenchLog {

    private final JdbcClient database;

    BenchLog(JdbcClient database) {
        this.database = database;
    }

    /** All entries in the order in which they came. */
    @Transactional(readOnly = true)
    public List<LogEntry> of(UUID quiltId) {
        return database.sql("select * from bench_log where quilt_id = :quilt order by number")
                .param("quilt", quiltId)
                .query((row, number) -> entry(row))
                .list();
    }

    /** What stands of the quilt's log. */
    @Transactional(readOnly = true)
    public BenchState state(UUID quiltId) {
        return BenchState.of(of(quiltId));
    }

    private static LogEntry entry(ResultSet row) throws SQLException {
        return new LogEntry(
                row.getObject("entry_id", UUID.class),
                row.getObject("at", OffsetDateTime.class).toInstant(),
                LogEntry.Kind.valueOf(row.getString("kind")),
                row.getString("batch"),
                row.getInt("units"),
                row.getInt("times"),
                row.getInt("spoiled"),
                row.getString("hand"),
                row.getString("text"),
                Optional.ofNullable(row.getObject("takes_back", UUID.class)));
    }

    /** The time now, as fine as the database keeps it. */
    public static Instant now() {
        return Instant.now().truncatedTo(ChronoUnit.MICROS);
    }

    /** Keeps an entry; once this returns it is on the disk. */
    public void add(UUID quiltId, LogEntry entry) {
        database.sql(
                        "insert into bench_log (quilt_id, entry_id, at, kind, batch, units, times, spoiled, hand, text, takes_back)"
                                + " values (:quilt, :entry, :at, :kind, :batch, :units, :times, :spoiled, :hand, :text, :takesBack)"
                                + " on conflict (quilt_id, entry_id) do nothing")
                .param("quilt", quiltId)
                .param("entry", entry.id())
                .param("at", entry.at().atOffset(ZoneOffset.UTC))
                .param("kind", entry.kind().name())
                .param("batch", entry.batch())
                .param("units", entry.units())
                .param("times", entry.times())
                .param("spoiled", entry.spoiled())
                .param("hand", entry.hand())
                .param("text", entry.text())
                .param("takesBack", entry.takesBack().orElse(null), java.sql.Types.OTHER)
                .update();
    }

    /**
     * Keeps what follows from the log as it stands, if anything does; one writer at a time.
     *
     * @return the log as it stands then
     */
    public List<LogEntry> append(UUID quiltId, Function<List<LogEntry>, Optional<LogEntry>> next) {
        lock(quiltId);
        List<LogEntry> all = new ArrayList<>(of(quiltId));
        next.apply(all).ifPresent(entry -> {
            add(quiltId, entry);
            all.add(entry);
        });
        return all;
    }

    /** One writer at a time to a quilt's log, so that what is taken back is still there. */
    public void lock(UUID quiltId) {
        database.sql("select id from quilt where id = :quilt for update")
                .param("quilt", quiltId)
                .query(UUID.class)
                .single();
    }
}

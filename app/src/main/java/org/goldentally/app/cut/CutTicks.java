package org.goldentally.app.cut;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.goldentally.app.log.BenchLog;
import org.goldentally.app.shelf.ActTurned;
import org.goldentally.core.sew.LogEntry;
import org.goldentally.core.sew.LogEntry.Kind;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which cutting steps of a quilt are ticked off: entries of its log, and entries that take them back. */
@Component
@Transactional
public class CutTicks {

    private final BenchLog log;
    private final JdbcClient database;

    CutTicks(BenchLog log, JdbcClient database) {
        this.database = database;
        this.log = log;
    }

    /** Keys of the cutting steps that are done. */
    @Transactional(readOnly = true)
    public Set<String> of(UUID quiltId) {
        return log.state(quiltId).cut();
    }

    /** How many of them are settled, since what they cut is put away. */
    @Transactional(readOnly = true)
    int putAway(UUID quiltId) {
        return log.state(quiltId).putAway();
    }

    /** @param what is cut, in words: for whoever asks once no sheet has the step any more */
    void tick(UUID quiltId, String step, String what) {
        log.lock(quiltId);
        if (standing(quiltId, Set.of(step)).isEmpty()) {
            log.add(
                    quiltId,
                    new LogEntry(UUID.randomUUID(), BenchLog.now(), Kind.CUT, step, 0, "", what, Optional.empty()));
        }
    }

    /**
     * Takes the tick of a step back.
     *
     * @param keys all that the log may know the step by
     * @return whether it was ticked
     */
    boolean untick(UUID quiltId, Set<String> keys) {
        log.lock(quiltId);
        List<LogEntry> standing = standing(quiltId, keys);
        standing.forEach(entry -> log.add(
                quiltId,
                new LogEntry(
                        UUID.randomUUID(),
                        BenchLog.now(),
                        Kind.TAKE_BACK,
                        entry.batch(),
                        0,
                        "",
                        "",
                        Optional.of(entry.id()))));
        return !standing.isEmpty();
    }

    /** Ticks whose work is done, since what they cut is put away; the act that did it knows them. */
    void putAway(UUID quiltId, Set<String> keys, long act) {
        log.lock(quiltId);
        standing(quiltId, keys).forEach(tick -> settle(quiltId, tick.id(), tick.batch(), act));
    }

    private void settle(UUID quiltId, UUID tick, String step, long act) {
        UUID entry = UUID.randomUUID();
        log.add(quiltId, new LogEntry(entry, BenchLog.now(), Kind.PUT_AWAY, step, 0, "", "", Optional.of(tick)));
        database.sql("insert into put_away (act_id, quilt_id, entry_id, tick_id) values (:act, :quilt, :entry, :tick)"
                        + " on conflict (act_id, tick_id) do update set entry_id = excluded.entry_id")
                .param("act", act)
                .param("quilt", quiltId)
                .param("entry", entry)
                .param("tick", tick)
                .update();
    }

    /** The last act of putting away that still stands. */
    @Transactional(readOnly = true)
    public Optional<CutView.PutAwayView> lastPutAway(UUID quiltId) {
        return database.sql("select act.id, act.what from shelf_act act join put_away on put_away.act_id = act.id"
                        + " where put_away.quilt_id = :quilt and not act.undone order by act.id desc limit 1")
                .param("quilt", quiltId)
                .query((row, number) -> new CutView.PutAwayView(row.getLong(1), row.getString(2)))
                .optional();
    }

    /** Where putting away is taken back the ticks stand again; where it is done again they have done their work again. */
    @EventListener
    void turned(ActTurned turned) {
        database.sql("select quilt_id, entry_id, tick_id from put_away where act_id = :act")
                .param("act", turned.act())
                .query((row, number) -> new Settled(
                        row.getObject(1, UUID.class), row.getObject(2, UUID.class), row.getObject(3, UUID.class)))
                .list()
                .forEach(settled -> turn(settled, turned));
    }

    private record Settled(UUID quilt, UUID entry, UUID tick) {}

    private void turn(Settled settled, ActTurned turned) {
        log.lock(settled.quilt());
        if (turned.stands()) {
            String step = log.of(settled.quilt()).stream()
                    .filter(entry -> entry.id().equals(settled.tick()))
                    .map(LogEntry::batch)
                    .findFirst()
                    .orElse("");
            settle(settled.quilt(), settled.tick(), step, turned.act());
        } else {
            log.add(
                    settled.quilt(),
                    new LogEntry(
                            UUID.randomUUID(),
                            BenchLog.now(),
                            Kind.TAKE_BACK,
                            "",
                            0,
                            "",
                            "",
                            Optional.of(settled.entry())));
        }
    }

    private List<LogEntry> standing(UUID quiltId, Set<String> keys) {
        return log.state(quiltId).standing(keys).stream()
                .filter(entry -> entry.kind() == Kind.CUT)
                .toList();
    }
}

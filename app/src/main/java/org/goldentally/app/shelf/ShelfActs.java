package org.goldentally.app.shelf;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.account.OwnersTurn;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What was done to the shelf, act by act, each by name, and taken back or done again. Which rows an act touched, and how
 * they were, the database notes itself (migrations 6 and 7); here they are put back.
 *
 * <ul>
 *   <li>A line that an act put on the shelf is taken off it; a cloth stays known, though without lines it is not shown.
 *   <li>A price list that an act replaced is the list again.
 *   <li>Cloths, lines and photographs that an act changed become as they were, under a newer version.
 * </ul>
 */
@Service
@Transactional
class ShelfActs {

    private static final int MOST_SHOWN = 60;
    private static final int LONGEST_NAME = 300;

    private final JdbcClient database;
    private final CurrentOwner owner;
    private final OwnersTurn turn;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    ShelfActs(JdbcClient database, CurrentOwner owner, OwnersTurn turn, Clock clock, ApplicationEventPublisher events) {
        this.events = events;
        this.turn = turn;
        this.database = database;
        this.owner = owner;
        this.clock = clock;
    }

    /**
     * An act.
     *
     * @param what it was, in words
     * @param undone whether it is taken back, so that it can be done again
     */
    record Act(long id, String what, Instant at, boolean undone) {}

    /**
     * The acts, newest first.
     *
     * @param undoes what undo would take back; empty where there is nothing
     * @param redoes what redo would do again; empty where there is nothing
     */
    record Acts(String undoes, String redoes, List<Act> acts) {}

    /** A row as an act found it and left it, as JSON; null where there was none. */
    private record Row(String place, String id, String before, String after) {}

    /** What a portion of an act gave, and the act, for the portions that follow. */
    record Portion<T>(long act, T result) {}

    /** Does something to the shelf as one act of this name; acts that were taken back cannot be done again after it. */
    <T> T act(String what, Supplier<T> work) {
        return portion(Optional.empty(), what, work).result;
    }

    /**
     * A portion of something that is too long for one transaction.
     *
     * @param goesOn the act that it belongs to; it is begun where there is none, or none any more
     */
    <T> Portion<T> portion(Optional<Long> goesOn, String what, Supplier<T> work) {
        turn.take();
        long act = goesOn.filter(before -> one("not undone and id = " + before).isPresent())
                .orElseGet(() -> begun(what));
        note(String.valueOf(act));
        T result = work.get();
        note("");
        database.sql("delete from shelf_act where id = :act"
                        + " and not exists (select 1 from shelf_act_row where act_id = :act)")
                .param("act", act)
                .update();
        return new Portion<>(act, result);
    }

    private long begun(String what) {
        database.sql("delete from shelf_act where owner_id = :owner and undone")
                .param("owner", owner.id())
                .update();
        return database.sql("insert into shelf_act (owner_id, what, at) values (:owner, :what, :at) returning id")
                .param("owner", owner.id())
                .param("what", what.length() > LONGEST_NAME ? what.substring(0, LONGEST_NAME) : what)
                .param("at", OffsetDateTime.ofInstant(clock.instant(), ZoneOffset.UTC))
                .query(Long.class)
                .single();
    }

    /** Which act the rows that change from now on belong to; it ends with the transaction at the latest. */
    private void note(String act) {
        database.sql("select set_config('golden_tally.shelf_act', :act, true)")
                .param("act", act)
                .query(String.class)
                .single();
    }

    @Transactional(readOnly = true)
    public Acts list() {
        List<Act> acts = database.sql("select id, what, at, undone from shelf_act where owner_id = :owner"
                        + " order by id desc limit :most")
                .param("owner", owner.id())
                .param("most", MOST_SHOWN)
                .query((row, number) -> new Act(
                        row.getLong(1), row.getString(2), row.getTimestamp(3).toInstant(), row.getBoolean(4)))
                .list();
        return new Acts(
                lastDone().map(Act::what).orElse(""),
                firstUndone().map(Act::what).orElse(""),
                acts);
    }

    private Optional<Act> lastDone() {
        return one("not undone order by id desc");
    }

    private Optional<Act> firstUndone() {
        return one("undone order by id");
    }

    private Optional<Act> one(String which) {
        return database.sql(
                        "select id, what, at, undone from shelf_act where owner_id = :owner and " + which + " limit 1")
                .param("owner", owner.id())
                .query((row, number) -> new Act(
                        row.getLong(1), row.getString(2), row.getTimestamp(3).toInstant(), row.getBoolean(4)))
                .optional();
    }

    /** Takes the last act back; nothing happens where there is none. */
    Acts undo() {
        turn.take();
        lastDone().ifPresent(this::takeBack);
        return list();
    }

    Acts redo() {
        turn.take();
        firstUndone().ifPresent(act -> {
            for (Row row : rows(act.id())) {
                put(row, row.after(), act);
            }
            mark(act, false);
            events.publishEvent(new ActTurned(act.id(), true));
        });
        return list();
    }

    /** Takes acts back, newest first, until this one is the last; the shelf is then as it was after it. */
    Acts goBackTo(long id) {
        turn.take();
        find(id);
        for (Optional<Act> last = lastDone(); last.isPresent() && last.get().id() > id; last = lastDone()) {
            takeBack(last.get());
        }
        return list();
    }

    /** Takes one act back and keeps the later ones; refused where one of them touched the same cloth or line. */
    Acts takeOut(long id) {
        turn.take();
        Act act = find(id);
        Optional<String> later = database.sql(
                        "select act.what from shelf_act act join shelf_act_row later on later.act_id = act.id"
                                + " join shelf_act_row mine on mine.row_id = later.row_id and mine.act_id = :id"
                                + " where act.owner_id = :owner and not act.undone and act.id > :id"
                                + " order by act.id limit 1")
                .param("id", id)
                .param("owner", owner.id())
                .query(String.class)
                .optional();
        if (later.isPresent()) {
            throw new RefusedException(new Problem(
                    "Taking out “" + act.what() + "”",
                    "“" + later.get() + "” came later and went on from it",
                    "take that one out first, or go back to the act before it"));
        }
        if (!act.undone()) {
            takeBackOnly(act);
            database.sql("delete from shelf_act where id = :act")
                    .param("act", id)
                    .update();
        }
        return list();
    }

    private Act find(long id) {
        return one("id = " + id).orElseThrow(() -> new NotFoundException("Act"));
    }

    private void takeBack(Act act) {
        takeBackOnly(act);
        mark(act, true);
    }

    private void takeBackOnly(Act act) {
        for (Row row : rows(act.id()).reversed()) {
            put(row, row.before(), act);
        }
        events.publishEvent(new ActTurned(act.id(), false));
    }

    private void mark(Act act, boolean undone) {
        database.sql("update shelf_act set undone = :undone where id = :act")
                .param("undone", undone)
                .param("act", act.id())
                .update();
    }

    private List<Row> rows(long act) {
        return database.sql(
                        "select place, row_id, before, after from shelf_act_row where act_id = :act order by number")
                .param("act", act)
                .query((row, number) -> new Row(row.getString(1), row.getString(2), row.getString(3), row.getString(4)))
                .list();
    }

    /** Makes a row as it was; one that was not there yet, or is not there any more, is hidden. */
    private void put(Row row, String state, Act act) {
        String statement = statement(row.place(), state == null);
        if (statement.isEmpty()) {
            return;
        }
        if (row.place().equals("price_entry")) {
            database.sql("update account set prices_version = prices_version + 1 where id = :owner")
                    .param("owner", owner.id())
                    .update();
        }
        try {
            JdbcClient.StatementSpec prepared = database.sql(statement);
            (state == null ? prepared.param("id", row.id()) : prepared.param("state", state)).update();
        } catch (DuplicateKeyException taken) {
            throw new RefusedException(new Problem(
                    "Taking back “" + act.what() + "”",
                    "another fabric has the name by now that this one would get back",
                    "rename that one first"));
        }
    }

    /** Nothing for a cloth that was not there: it stays known, since quilts may refer to it. */
    private static String statement(String place, boolean gone) {
        return switch (place) {
            case "cloth" ->
                gone
                        ? ""
                        : "update cloth now set name = was.name, colour = was.colour, lightness = was.lightness,"
                                + " directional = was.directional, kind = was.kind, price = was.price, pack = was.pack,"
                                + " guessed = was.guessed, print = was.print, version = now.version + 1"
                                + " from jsonb_populate_record(null::cloth, :state::jsonb) was"
                                + " where now.id = was.id";
            case "shelf_piece" ->
                gone
                        ? "update shelf_piece set removed_at = now(), version = version + 1 where id = :id::uuid"
                        : "update shelf_piece now set cloth_id = was.cloth_id, typed = was.typed,"
                                + " system = was.system, count = was.count, form = was.form, width = was.width,"
                                + " length = was.length, edge = was.edge, removed_at = was.removed_at,"
                                + " version = now.version + 1"
                                + " from jsonb_populate_record(null::shelf_piece, :state::jsonb) was"
                                + " where now.id = was.id";
            case "set_aside" ->
                asItWas("set_aside", "id", gone)
                        + (gone ? "" : " on conflict (id) do update set count = excluded.count");
            case "cloth_photo" ->
                asItWas("cloth_photo", "cloth_id", gone)
                        + (gone ? "" : " on conflict (cloth_id) do update set image = excluded.image");
            case "price_entry" -> asItWas("price_entry", "id", gone);
            default -> throw new IllegalStateException("an act touched " + place);
        };
    }

    /** A whole row, which is there or is not. */
    private static String asItWas(String table, String id, boolean gone) {
        return gone
                ? "delete from " + table + " where " + id + " = :id::uuid"
                : "insert into " + table + " select was.* from jsonb_populate_record(null::" + table
                        + ", :state::jsonb) was";
    }
}

package org.goldentally.app.shelf;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.OffsetDateTime;
import java.time.YearMonth;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.core.measure.Area;
import org.goldentally.core.stock.FabricYear.Act;
import org.goldentally.core.stock.FabricYear.Change;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** All that was done to fabric, as the database noted it row by row (migration 6); what was taken back is not among it. */
@Repository
@Transactional(readOnly = true)
class FabricActs {

    private final JdbcClient database;
    private final CurrentOwner owner;

    FabricActs(JdbcClient database, CurrentOwner owner) {
        this.database = database;
        this.owner = owner;
    }

    private record Noted(long act, YearMonth month, boolean cuts, List<Change> changes) {}

    /** In the order in which they were done. */
    List<Act> all() {
        Map<Long, Act> acts = new LinkedHashMap<>();
        for (Noted noted : noted()) {
            acts.merge(
                    noted.act(),
                    new Act(noted.month(), noted.cuts(), noted.changes()),
                    (before, more) -> new Act(before.month(), before.cuts(), both(before.changes(), more.changes())));
        }
        return List.copyOf(acts.values());
    }

    private static List<Change> both(List<Change> some, List<Change> others) {
        List<Change> all = new ArrayList<>(some);
        all.addAll(others);
        return all;
    }

    private List<Noted> noted() {
        return database.sql("select act.id, act.at, was.name as was_named, now.name as now_named,"
                        + " exists (select 1 from put_away where put_away.act_id = act.id) as cuts,"
                        + " coalesce(after, before) ->> 'form' as form," + side("before") + "," + side("after")
                        + " from shelf_act act join shelf_act_row changed on changed.act_id = act.id"
                        + " left join cloth was on was.id = (before ->> 'cloth_id')::uuid"
                        + " left join cloth now on now.id = (after ->> 'cloth_id')::uuid"
                        + " where act.owner_id = :owner and not act.undone and changed.place = 'shelf_piece'"
                        + " order by act.id, changed.number")
                .param("owner", owner.id())
                .query((row, number) -> noted(row))
                .list();
    }

    /** What lay there then; nothing where it was taken away. */
    private static String side(String when) {
        return " case when " + when + " ->> 'removed_at' is null then " + when + " ->> 'width' end as " + when
                + "_width,"
                + " " + when + " ->> 'length' as " + when + "_length, (" + when + " ->> 'count')::int as " + when
                + "_count";
    }

    private static Noted noted(ResultSet row) throws SQLException {
        boolean cutPieces = "CUT".equals(row.getString("form"));
        Area before = area(row, "before");
        Area after = area(row, "after");
        @Nullable String was = row.getString("was_named");
        @Nullable String now = row.getString("now_named");
        List<Change> changes = new ArrayList<>();
        if (was == null || was.equals(now)) {
            changes.add(new Change(now == null ? "" : now, cutPieces, before, after));
        } else {
            changes.add(new Change(was, cutPieces, before, Area.ZERO));
            changes.add(new Change(now == null ? was : now, cutPieces, Area.ZERO, after));
        }
        return new Noted(
                row.getLong("id"),
                YearMonth.from(row.getObject("at", OffsetDateTime.class).withOffsetSameInstant(ZoneOffset.UTC)),
                row.getBoolean("cuts"),
                changes);
    }

    private static Area area(ResultSet row, String when) throws SQLException {
        @Nullable String width = row.getString(when + "_width");
        if (width == null) {
            return Area.ZERO;
        }
        LengthColumn exact = new LengthColumn();
        return exact.convertToEntityAttribute(width)
                .times(exact.convertToEntityAttribute(row.getString(when + "_length")))
                .times(row.getInt(when + "_count"));
    }
}

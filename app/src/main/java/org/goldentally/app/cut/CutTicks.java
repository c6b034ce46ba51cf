package org.goldentally.app.cut;

import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Which cutting steps of a quilt are ticked off. */
@Repository
class CutTicks {

    private final JdbcClient database;

    CutTicks(JdbcClient database) {
        this.database = database;
    }

    Set<String> of(UUID quiltId) {
        return database
                .sql("select step from cut_tick where quilt_id = :quilt")
                .param("quilt", quiltId)
                .query(String.class)
                .stream()
                .collect(Collectors.toSet());
    }

    void tick(UUID quiltId, String step) {
        database.sql("insert into cut_tick (quilt_id, step) values (:quilt, :step) on conflict do nothing")
                .param("quilt", quiltId)
                .param("step", step)
                .update();
    }

    void untick(UUID quiltId, String step) {
        database.sql("delete from cut_tick where quilt_id = :quilt and step = :step")
                .param("quilt", quiltId)
                .param("step", step)
                .update();
    }
}

package org.goldentally.app.once;

import java.time.Clock;
import java.time.Duration;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Answers to calls with a key, kept for two days: longer than any page goes on sending. */
@Repository
class KeptAnswers {

    private static final Duration KEPT = Duration.ofDays(2);

    private final JdbcClient database;
    private final Clock clock;

    KeptAnswers(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** @param call method, address and a digest of the body: the same key under another one is a mistake */
    record Answer(String call, int status, String type, byte[] body) {}

    /** The answer given before; empty for a new key. */
    Optional<Answer> of(UUID key) {
        return database.sql("select call, status, type, body from kept_answer where key = :key")
                .param("key", key)
                .query((row, number) -> new Answer(row.getString(1), row.getInt(2), row.getString(3), row.getBytes(4)))
                .optional();
    }

    /** Keeps an answer, or says no where another call under this key was quicker; waits for one that is about to be kept. */
    boolean keep(UUID key, Answer answer) {
        var now = clock.instant().atOffset(ZoneOffset.UTC);
        database.sql("delete from kept_answer where at < :old")
                .param("old", now.minus(KEPT))
                .update();
        return database.sql("insert into kept_answer (key, call, at, status, type, body)"
                                + " values (:key, :call, :at, :status, :type, :body) on conflict (key) do nothing")
                        .param("key", key)
                        .param("call", answer.call())
                        .param("at", now)
                        .param("status", answer.status())
                        .param("type", answer.type())
                        .param("body", answer.body())
                        .update()
                == 1;
    }
}

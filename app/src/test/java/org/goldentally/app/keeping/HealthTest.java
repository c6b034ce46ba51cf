package org.goldentally.app.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.RETURNS_DEEP_STUBS;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Objects;
import org.goldentally.app.keeping.HealthController.Health;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What a well machine does not show: no answer from the database, copies that are late. */
class HealthTest {

    private static final Instant NOW = Instant.parse("2026-11-26T12:00:00Z");

    private final JdbcClient database = mock(JdbcClient.class, RETURNS_DEEP_STUBS);

    @TempDir
    private Path folder;

    @Test
    void withoutCopiesNoneIsLate() {
        when(database.sql(anyString()).query(Integer.class).single()).thenReturn(21);
        ResponseEntity<Health> answer = health("");
        assertThat(answer.getStatusCode()).isEqualTo(HttpStatus.OK);
        Health health = Objects.requireNonNull(answer.getBody());
        assertThat(health.well()).isTrue();
        assertThat(health.tables()).isEqualTo(21);
        assertThat(health.instance()).isEqualTo("this run");
        assertThat(health.freeMegabytes()).isPositive();
        assertThat(health.lastCopy()).isNull();
        assertThat(health.copyLate()).isFalse();
        assertThat(Objects.requireNonNull(
                                health(folder.resolve("not-yet").toString()).getBody())
                        .lastCopy())
                .isNull();
    }

    @Test
    void theNewestCopyTellsWhetherTheNextOneIsLate() throws IOException {
        when(database.sql(anyString()).query(Integer.class).single()).thenReturn(21);
        copy("monday.copy", Duration.ofHours(74));
        copy("unrelated.txt", Duration.ofHours(1));
        assertThat(Objects.requireNonNull(health(folder.toString()).getBody()).copyLate())
                .isTrue();
        copy("wednesday.copy", Duration.ofHours(49));
        Health health = Objects.requireNonNull(health(folder.toString()).getBody());
        assertThat(health.copyLate()).isFalse();
        assertThat(health.lastCopy()).isEqualTo(NOW.minus(Duration.ofHours(49)));
    }

    @Test
    void aDatabaseThatDoesNotAnswerIsNotWell() {
        when(database.sql(anyString()).query(Integer.class).single())
                .thenThrow(new DataAccessResourceFailureException("gone"));
        ResponseEntity<Health> answer = health("");
        assertThat(answer.getStatusCode()).isEqualTo(HttpStatus.SERVICE_UNAVAILABLE);
        Health health = Objects.requireNonNull(answer.getBody());
        assertThat(health.well()).isFalse();
        assertThat(health.database()).isFalse();
        assertThat(health.tables()).isZero();
    }

    private void copy(String name, Duration old) throws IOException {
        Path file = Files.writeString(folder.resolve(name), "copy");
        Files.setLastModifiedTime(file, FileTime.from(NOW.minus(old)));
    }

    private ResponseEntity<Health> health(String copies) {
        return new HealthController(
                        database, new Copies(copies), Clock.fixed(NOW, ZoneOffset.UTC), "this run", folder.toString())
                .health();
    }
}

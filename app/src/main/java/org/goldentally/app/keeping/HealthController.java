package org.goldentally.app.keeping;

import io.swagger.v3.oas.annotations.media.Schema;
import java.io.File;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether all is well: for whoever keeps it running, and for the start page. */
@RestController
class HealthController {

    private static final Logger LOG = LoggerFactory.getLogger(HealthController.class);

    /** With less room than this the database may soon not be able to keep what is confirmed. */
    private static final long LEAST_FREE_MB = 200;

    /** A daily copy is late when it is older; the machine may have been off for a night. */
    private static final Duration OLDEST_COPY = Duration.ofHours(50);

    private static final long BYTES_IN_MB = 1_000_000;

    private final JdbcClient database;
    private final Copies copies;
    private final Clock clock;
    private final String instance;
    private final File disk;

    HealthController(
            JdbcClient database,
            Copies copies,
            Clock clock,
            @Value("${golden-tally.instance}") String instance,
            @Value("${golden-tally.state}") String state) {
        this.database = database;
        this.copies = copies;
        this.clock = clock;
        this.instance = instance;
        this.disk = new File(state.isEmpty() ? "." : state);
    }

    /**
     * How it stands.
     *
     * @param well whether everything below is
     * @param instance what the start command called this run; empty where it was started otherwise
     * @param database whether it answers
     * @param tables the version that the tables have
     * @param freeMegabytes room on the disk
     * @param lastCopy when the last copy of everything was made
     * @param copyLate whether that is too long ago
     */
    record Health(
            boolean well,
            String instance,
            boolean database,
            int tables,
            long freeMegabytes,

            @Nullable @Schema(description = "null or when the last copy of everything was made")
            Instant lastCopy,

            boolean copyLate) {}

    @GetMapping("/api/health")
    ResponseEntity<Health> health() {
        Optional<Integer> tables = tables();
        long free = disk.getUsableSpace() / BYTES_IN_MB;
        Optional<Instant> last = copies.last();
        boolean late = copies.areMade()
                && last.map(at -> at.isBefore(clock.instant().minus(OLDEST_COPY)))
                        .orElse(false);
        boolean well = tables.isPresent() && free >= LEAST_FREE_MB;
        return ResponseEntity.status(well ? HttpStatus.OK : HttpStatus.SERVICE_UNAVAILABLE)
                .body(new Health(well, instance, tables.isPresent(), tables.orElse(0), free, last.orElse(null), late));
    }

    private Optional<Integer> tables() {
        try {
            return Optional.of(database.sql("select max(version::int) from flyway_schema_history where success")
                    .query(Integer.class)
                    .single());
        } catch (DataAccessException | CannotCreateTransactionException down) {
            LOG.warn("the database does not answer: {}", down.getMessage());
            return Optional.empty();
        }
    }
}

package org.goldentally.app.cut;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.goldentally.app.log.BenchLog;
import org.goldentally.core.sew.LogEntry;
import org.goldentally.core.sew.LogEntry.Kind;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which cutting steps of a quilt are ticked off: entries of its log, and entries that take them back. */
@Component
@Transactional
public class CutTicks {

    private final BenchLog log;

    CutTicks(BenchLog log) {
        this.log = log;
    }

    /** Keys of the cutting steps that are done. */
    @Transactional(readOnly = true)
    public Set<String> of(UUID quiltId) {
        return log.state(quiltId).cut();
    }

    void tick(UUID quiltId, String step) {
        log.lock(quiltId);
        if (standing(quiltId, step).isEmpty()) {
            log.add(
                    quiltId,
                    new LogEntry(UUID.randomUUID(), BenchLog.now(), Kind.CUT, step, 0, "", "", Optional.empty()));
        }
    }

    void untick(UUID quiltId, String step) {
        log.lock(quiltId);
        standing(quiltId, step)
                .forEach(entry -> log.add(
                        quiltId,
                        new LogEntry(
                                UUID.randomUUID(),
                                BenchLog.now(),
                                Kind.TAKE_BACK,
                                step,
                                0,
                                "",
                                "",
                                Optional.of(entry.id()))));
    }

    private List<LogEntry> standing(UUID quiltId, String step) {
        return log.state(quiltId).standing(step).stream()
                .filter(entry -> entry.kind() == Kind.CUT)
                .toList();
    }
}

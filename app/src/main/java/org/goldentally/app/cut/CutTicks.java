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

    private List<LogEntry> standing(UUID quiltId, Set<String> keys) {
        return log.state(quiltId).standing(keys).stream()
                .filter(entry -> entry.kind() == Kind.CUT)
                .toList();
    }
}

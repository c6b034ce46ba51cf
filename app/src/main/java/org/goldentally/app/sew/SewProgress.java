package org.goldentally.app.sew;

import java.util.List;
import java.util.UUID;
import org.goldentally.app.log.BenchLog;
import org.goldentally.app.sew.SewView.BatchView;
import org.goldentally.core.sew.BenchState;
import org.goldentally.core.sew.LogEntry;
import org.goldentally.core.sew.NextWork;
import org.goldentally.core.tally.TopTally;
import org.springframework.stereotype.Component;

/** How far the sewing of a quilt is. */
@Component
public class SewProgress {

    private final BenchLog log;
    private final Pressings pressings;

    SewProgress(BenchLog log, Pressings pressings) {
        this.log = log;
        this.pressings = pressings;
    }

    /** Sets made, of so many. */
    public record Made(long made, long needed) {
        static Made of(List<BatchView> batches) {
            return new Made(
                    batches.stream()
                            .mapToLong(batch -> Math.min(batch.good(), batch.needed()))
                            .sum(),
                    batches.stream().mapToLong(BatchView::needed).sum());
        }
    }

    /** What is made, and what comes next. */
    public record Progress(Made made, NextWork next) {}

    /**
     * Of all batches of a quilt together.
     *
     * @param cutting how far each fabric is cut
     * @param buys each length that is short
     */
    public Progress of(UUID quiltId, TopTally tally, List<NextWork.Cutting> cutting, List<String> buys) {
        List<LogEntry> entries = log.of(quiltId);
        return new Progress(
                new SewCards(tally, entries, pressings).made(),
                NextWork.of(tally, BenchState.of(entries), cutting, buys));
    }
}

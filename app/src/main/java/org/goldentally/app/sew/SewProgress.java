package org.goldentally.app.sew;

import java.util.List;
import java.util.UUID;
import org.goldentally.app.log.BenchLog;
import org.goldentally.app.sew.SewView.BatchView;
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

    /** Of all batches of a quilt together. */
    public Made of(UUID quiltId, TopTally tally) {
        return new SewCards(tally, log.of(quiltId), pressings).made();
    }
}

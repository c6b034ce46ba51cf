package org.goldentally.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;
import org.goldentally.app.plan.BestPlansSearches.Search;
import org.goldentally.core.work.Work;
import org.junit.jupiter.api.Test;

class BestPlansSearchesTest {

    private static final long PATIENCE = BestPlansSearches.LONGEST_UNASKED.toNanos();

    private final AtomicLong now = new AtomicLong(17);
    private final Search search = new Search(now::get);
    private final Work work = Work.of(1_000);

    @Test
    void whatNobodyAsksAboutAnyMoreIsGivenUp() {
        now.addAndGet(PATIENCE);
        assertThat(search.goesOn(1, work)).isTrue();
        now.addAndGet(1);
        assertThat(search.goesOn(2, work)).isFalse();
    }

    @Test
    void whoeverAsksAgainKeepsItGoing() {
        now.addAndGet(PATIENCE);
        assertThat(search.within(Duration.ZERO)).isEmpty();
        now.addAndGet(PATIENCE);
        assertThat(search.goesOn(1, work)).isTrue();
    }

    /** Whoever takes a plan waits for longer than a page that shows how far the search is. */
    @Test
    void itGoesOnAsLongAsSomeoneWaits() throws InterruptedException {
        Thread taking = Thread.ofVirtual().start(() -> search.within(Duration.ofDays(1)));
        while (search.waiting() == 0) {
            Thread.onSpinWait();
        }
        now.addAndGet(10 * PATIENCE);
        assertThat(search.goesOn(1, work)).isTrue();
        taking.interrupt();
        taking.join();
        assertThat(search.waiting()).isZero();
        now.addAndGet(PATIENCE + 1);
        assertThat(search.goesOn(2, work)).isFalse();
    }

    @Test
    void oneThatIsStoppedEnds() {
        search.stop();
        assertThat(search.goesOn(1, work)).isFalse();
    }
}

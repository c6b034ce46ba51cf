package org.goldentally.app.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.LongSupplier;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.plans.ShelfAnswer;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.work.Work;
import org.springframework.stereotype.Component;

/**
 * Searches for plans, in the background: most are there in a moment, those of large tops tell how far they are and can be
 * stopped. What was shown is what is taken a moment later.
 */
@Component
class BestPlansSearches {

    private static final int MOST_AT_ONCE = 2;
    private static final int MOST_REMEMBERED = 6;
    /** Steps of work after which a search ends with the best that it has; a top that takes more than this is given up. */
    private static final long ENOUGH_WORK = 60_000_000;

    private static final long MOST_WORK = 90_000_000;

    /** A page that shows a search asks again within half a second; one that was left or is behind others does not. */
    static final Duration LONGEST_UNASKED = Duration.ofSeconds(5);

    private final QuiltTally tallies;
    private final ExecutorService workers = Executors.newFixedThreadPool(
            MOST_AT_ONCE, Thread.ofPlatform().daemon().name("best-plans-", 0).factory());
    private final Cache<Asked, Search> searches =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).softValues().build();

    BestPlansSearches(QuiltTally tallies) {
        this.tallies = tallies;
    }

    private record Asked(UUID quilt, QuiltDesign design, Map<String, List<ShelfPieces>> pieces) {}

    /** A search that goes on, was stopped, or is done. */
    static final class Search {
        private final CompletableFuture<ShelfAnswer> answer = new CompletableFuture<>();
        private volatile int tries;
        private volatile int mostTries;
        private volatile boolean stopped;
        private volatile boolean givenUp;
        private final LongSupplier nanoTime;
        private final AtomicInteger waiting = new AtomicInteger();
        private volatile long askedAt;

        /**
         * A search that was asked for now.
         *
         * @param nanoTime the time, in billionths of a second
         */
        Search(LongSupplier nanoTime) {
            this.nanoTime = nanoTime;
            this.askedAt = nanoTime.getAsLong();
        }

        boolean goesOn(int count, Work work) {
            tries = count;
            if (work.done() > ENOUGH_WORK) {
                stopped = true;
            }
            if (waiting.get() == 0 && nanoTime.getAsLong() - askedAt > LONGEST_UNASKED.toNanos()) {
                givenUp = true;
            }
            return !stopped && !givenUp;
        }

        void stop() {
            stopped = true;
        }

        /** How many wait for its answer now. */
        int waiting() {
            return waiting.get();
        }

        /** How far it is, in hundredths; a guess, since a search may be done with fewer tries. */
        int percent() {
            return mostTries == 0 ? 0 : Math.min(99, 100 * tries / mostTries);
        }

        /** The answer, if it is there within so long. */
        Optional<ShelfAnswer> within(Duration patience) {
            waiting.incrementAndGet();
            try {
                return Optional.of(answer.get(patience.toMillis(), TimeUnit.MILLISECONDS));
            } catch (TimeoutException stillSearching) {
                return Optional.empty();
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
                return Optional.empty();
            } catch (ExecutionException failed) {
                throw failed.getCause() instanceof RuntimeException cause
                        ? cause
                        : new IllegalStateException(failed.getCause());
            } finally {
                askedAt = nanoTime.getAsLong();
                waiting.decrementAndGet();
            }
        }
    }

    /**
     * The search for a design with the shelf as it is now, begun if nobody asked before; one that nobody waited for is begun
     * anew, one for the same quilt as it was before is given up.
     */
    Search of(UUID quilt, QuiltDesign design) {
        Asked asked = new Asked(quilt, design, tallies.onHand(quilt, design));
        searches.asMap().forEach((other, search) -> {
            boolean done = search.answer.isDone();
            if (other.quilt.equals(quilt) && !other.equals(asked) && !done) {
                search.givenUp = true;
            }
            if (search.givenUp || (done && search.answer.isCompletedExceptionally())) {
                searches.asMap().remove(other, search);
            }
        });
        return searches.get(asked, this::begin);
    }

    /** The same anew, though it was stopped. */
    Search again(UUID quilt, QuiltDesign design) {
        searches.invalidate(new Asked(quilt, design, tallies.onHand(quilt, design)));
        return of(quilt, design);
    }

    private Search begin(Asked asked) {
        Search search = new Search(System::nanoTime);
        workers.execute(() -> {
            try {
                Work work = Work.of(MOST_WORK);
                search.answer.complete(work.within(() -> {
                    QuiltTop top = tallies.top(asked.design);
                    search.mostTries = ShelfAnswer.mostTries(top, asked.pieces, tallies::account);
                    return ShelfAnswer.of(top, asked.pieces, tallies::account, tries -> search.goesOn(tries, work));
                }));
            } catch (RuntimeException | StackOverflowError | OutOfMemoryError failed) {
                search.answer.completeExceptionally(failed);
            }
        });
        return search;
    }

    @PreDestroy
    void stopAll() {
        searches.asMap().values().forEach(Search::stop);
        workers.shutdownNow();
    }
}

package org.goldentally.app.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.measure.Length;
import org.springframework.stereotype.Component;

/**
 * Longer searches for a plan, in the background: with twice the effort, four times, and so on. Each effort gives the same
 * plan whenever it is asked for, so a search that is stopped keeps the best plan of those that were done, by its effort.
 */
@Component
class PlanSearches {

    private static final int MOST_AT_ONCE = 2;
    private static final Duration LONGEST_UNASKED = Duration.ofMinutes(1);

    private final QuiltTally tally;
    private final ExecutorService workers = Executors.newFixedThreadPool(
            MOST_AT_ONCE, Thread.ofPlatform().daemon().name("plan-", 0).factory());
    private final Cache<UUID, PlanSearch> searches = Caffeine.newBuilder()
            .maximumSize(200)
            .expireAfterAccess(Duration.ofMinutes(30))
            .build();

    PlanSearches(QuiltTally tally) {
        this.tally = tally;
    }

    /** A search that goes on, was stopped, or is done. */
    static final class PlanSearch {
        private final UUID id = UUID.randomUUID();
        private final CuttingRequest request;
        private volatile boolean stopped;
        private volatile long askedAt = System.nanoTime();
        private volatile boolean done;
        private volatile int effort = PlanDesign.USUAL_EFFORT;
        private volatile Optional<ClothLedger> best = Optional.empty();
        private volatile Optional<RuntimeException> failure = Optional.empty();

        PlanSearch(CuttingRequest request) {
            this.request = request;
        }

        /** A search that nobody asks about any more ends. */
        boolean goesOn() {
            return !stopped && System.nanoTime() - askedAt < LONGEST_UNASKED.toNanos();
        }

        UUID id() {
            return id;
        }

        CuttingRequest request() {
            return request;
        }

        boolean done() {
            return done;
        }

        /** The effort that is being made now. */
        int effort() {
            return effort;
        }

        Optional<ClothLedger> best() {
            return best;
        }
    }

    PlanSearch start(CuttingRequest request) {
        PlanSearch search = new PlanSearch(request);
        searches.put(search.id, search);
        workers.execute(() -> run(search));
        return search;
    }

    private void run(PlanSearch search) {
        try {
            for (int effort = PlanDesign.USUAL_EFFORT; effort <= PlanDesign.MOST_EFFORT; effort *= 2) {
                search.effort = effort;
                CuttingChoice usual = search.request.choice();
                CuttingRequest request = search.request.with(new CuttingChoice(usual.cloth(), usual.style(), effort));
                ClothLedger ledger = ClothLedger.of(request, length -> search.goesOn());
                if (!search.goesOn()) {
                    return;
                }
                tally.remember(request, ledger);
                if (search.best.isEmpty() || bought(ledger).isShorterThan(bought(search.best.get()))) {
                    search.best = Optional.of(ledger);
                }
                boolean proven = ledger.toBuy()
                        .map(buy ->
                                buy.atLeast().equals(Optional.of(buy.purchase().exact())))
                        .orElse(true);
                if (proven) {
                    return;
                }
            }
        } catch (RuntimeException failed) {
            search.failure = Optional.of(failed);
        } finally {
            search.done = true;
        }
    }

    private static Length bought(ClothLedger ledger) {
        return ledger.toBuy().map(buy -> buy.purchase().exact()).orElse(Length.ZERO);
    }

    PlanSearch get(UUID id) {
        PlanSearch search =
                Optional.ofNullable(searches.getIfPresent(id)).orElseThrow(() -> new NotFoundException("Search"));
        search.askedAt = System.nanoTime();
        // One that failed before it had any plan is not merely done: whoever asks is told.
        if (search.best.isEmpty() && search.failure.isPresent()) {
            throw search.failure.get();
        }
        return search;
    }

    PlanSearch stop(UUID id) {
        PlanSearch search = get(id);
        search.stopped = true;
        return search;
    }

    @PreDestroy
    void stopAll() {
        searches.asMap().values().forEach(search -> search.stopped = true);
        workers.shutdownNow();
    }
}

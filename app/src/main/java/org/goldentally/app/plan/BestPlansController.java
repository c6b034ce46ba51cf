package org.goldentally.app.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import org.goldentally.app.once.BriefReads;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.problems.NotReadyException;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.ClothsOfDesign;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.app.tally.QuiltPrices;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.plans.ShelfAnswer;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plans chosen as a whole: three side by side, whether the shelf is enough, and what would make it so. */
@RestController
@RequestMapping("/api/quilts/{id}/plans")
class BestPlansController {

    /** Whoever asks waits so long, and is told how far it is after that. */
    private static final Duration PATIENCE = Duration.ofMillis(1_500);

    private final Quilts quilts;
    private final BestPlansSearches searches;
    private final ClothsOfDesign shelf;
    private final PriceList prices;
    private final BriefReads reads;

    /** A design, and the search for its plans. */
    private record DesignSearched(QuiltDesign design, BestPlansSearches.Search search) {}

    BestPlansController(
            Quilts quilts, BestPlansSearches searches, ClothsOfDesign shelf, PriceList prices, BriefReads reads) {
        this.reads = reads;
        this.quilts = quilts;
        this.searches = searches;
        this.shelf = shelf;
        this.prices = prices;
    }

    /**
     * Plans, or how far the search for them is.
     *
     * @param percent of the work, roughly; 100 with the answer
     */
    record PlansOrProgress(
            int percent,

            @Schema(
                    types = {"object", "null"},
                    implementation = BestPlansView.class)
            @Nullable
            BestPlansView answer) {}

    /** Plans for a quilt with the shelf as it is now. */
    @GetMapping
    PlansOrProgress plans(@PathVariable UUID id) {
        return view(searched(id, searches::of));
    }

    /** The search is stopped; the best that was found until then is the answer. */
    @PostMapping("/stop")
    PlansOrProgress stop(@PathVariable UUID id) {
        DesignSearched searched = searched(id, searches::of);
        searched.search.stop();
        return view(searched);
    }

    /** A search that was stopped is begun anew. */
    @PostMapping("/again")
    PlansOrProgress again(@PathVariable UUID id) {
        return view(searched(id, searches::again));
    }

    /** No connection is held while the search is waited for. */
    private DesignSearched searched(UUID id, BiFunction<UUID, QuiltDesign, BestPlansSearches.Search> begun) {
        return reads.read(() -> {
            QuiltDesign design = quilts.design(id);
            return new DesignSearched(design, begun.apply(id, design));
        });
    }

    private PlansOrProgress view(DesignSearched searched) {
        QuiltDesign design = searched.design;
        Optional<ShelfAnswer> answer = searched.search.within(PATIENCE);
        return new PlansOrProgress(
                answer.isPresent() ? 100 : searched.search.percent(),
                answer.map(found -> BestPlansView.of(
                                found, QuiltPrices.of(design, shelf.factsFor(design), prices.entries())))
                        .orElse(null));
    }

    /** @param key of a plan or of a change */
    record TakenPlan(int version, @NotNull String key) {}

    /**
     * Takes a plan, or a change with its plan, as a step that can be undone. Plans that are not ready are not waited for:
     * that would hold a connection of the database all the while.
     */
    @PostMapping("/take")
    Quilts.StoredQuilt take(@PathVariable UUID id, @Valid @RequestBody TakenPlan taken) {
        DesignSearched searched = searched(id, searches::of);
        QuiltDesign design = searched.search
                .within(Duration.ZERO)
                .orElseThrow(() -> new NotReadyException("Plans"))
                .design(taken.key())
                .orElseThrow(() -> new NotFoundException("Plan"));
        return quilts.change(id, taken.version(), quilts.get(id).name(), design, false);
    }
}

package org.goldentally.app.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
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

    BestPlansController(Quilts quilts, BestPlansSearches searches, ClothsOfDesign shelf, PriceList prices) {
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
        QuiltDesign design = quilts.design(id);
        return view(design, searches.of(id, design));
    }

    /** The search is stopped; the best that was found until then is the answer. */
    @PostMapping("/stop")
    PlansOrProgress stop(@PathVariable UUID id) {
        QuiltDesign design = quilts.design(id);
        BestPlansSearches.Search search = searches.of(id, design);
        search.stop();
        return view(design, search);
    }

    /** A search that was stopped is begun anew. */
    @PostMapping("/again")
    PlansOrProgress again(@PathVariable UUID id) {
        QuiltDesign design = quilts.design(id);
        return view(design, searches.again(id, design));
    }

    private PlansOrProgress view(QuiltDesign design, BestPlansSearches.Search search) {
        Optional<ShelfAnswer> answer = search.within(PATIENCE);
        return new PlansOrProgress(
                answer.isPresent() ? 100 : search.percent(),
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
        Quilts.StoredQuilt quilt = quilts.get(id);
        QuiltDesign design = searches.of(id, quilt.design())
                .within(Duration.ZERO)
                .orElseThrow(() -> new NotReadyException("Plans"))
                .design(taken.key())
                .orElseThrow(() -> new NotFoundException("Plan"));
        return quilts.change(id, taken.version(), quilt.name(), design, false);
    }
}

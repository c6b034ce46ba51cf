package org.goldentally.app.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.ClothsOfDesign;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.app.tally.QuiltPrices;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.plans.ShelfAnswer;
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

    private static final int MOST_REMEMBERED = 6;

    private final Quilts quilts;
    private final QuiltTally tallies;
    private final ClothsOfDesign shelf;
    private final PriceList prices;

    private record Asked(QuiltDesign design, Map<String, List<ShelfPieces>> pieces) {}

    /** What was shown is what is taken a moment later. */
    private final Cache<Asked, ShelfAnswer> answers =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).softValues().build();

    BestPlansController(Quilts quilts, QuiltTally tallies, ClothsOfDesign shelf, PriceList prices) {
        this.quilts = quilts;
        this.tallies = tallies;
        this.shelf = shelf;
        this.prices = prices;
    }

    /** Plans for a quilt with the shelf as it is now. */
    @Heavy
    @GetMapping
    BestPlansView plans(@PathVariable UUID id) {
        QuiltDesign design = quilts.design(id);
        return BestPlansView.of(answer(design), QuiltPrices.of(design, shelf.factsFor(design), prices.entries()));
    }

    private ShelfAnswer answer(QuiltDesign design) {
        return answers.get(
                new Asked(design, tallies.onHand(design)),
                asked -> ShelfAnswer.of(tallies.top(design), asked.pieces, tallies::account));
    }

    /** @param key of a plan or of a change */
    record TakenPlan(int version, @NotNull String key) {}

    /** Takes a plan, or a change with its plan, as a step that can be undone. */
    @Heavy
    @PostMapping("/take")
    Quilts.StoredQuilt take(@PathVariable UUID id, @Valid @RequestBody TakenPlan taken) {
        Quilts.StoredQuilt quilt = quilts.get(id);
        QuiltDesign design =
                answer(quilt.design()).design(taken.key()).orElseThrow(() -> new NotFoundException("Plan"));
        return quilts.change(id, taken.version(), quilt.name(), design, false);
    }
}

package org.goldentally.app.kits;

import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.quilts.Quilts;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The kits of a quilt: what to buy for all of them, and what goes into each. */
@RestController
@RequestMapping("/api/quilts/{id}/kits")
class KitsController {

    private final Quilts quilts;
    private final KitPlans plans;

    KitsController(Quilts quilts, KitPlans plans) {
        this.quilts = quilts;
        this.plans = plans;
    }

    @Heavy
    @GetMapping
    KitsView kits(@PathVariable UUID id) {
        return plans.view(id, quilts.design(id));
    }
}

package org.goldentally.app.cut;

import java.util.UUID;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.tally.QuiltTally;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The cutting sheets of a quilt, and their ticks. */
@RestController
@RequestMapping("/api/quilts/{id}/cut")
class CutController {

    private final Quilts quilts;
    private final QuiltTally tally;
    private final CutTicks ticks;

    CutController(Quilts quilts, QuiltTally tally, CutTicks ticks) {
        this.quilts = quilts;
        this.tally = tally;
        this.ticks = ticks;
    }

    @GetMapping
    CutView sheets(@PathVariable UUID id) {
        return CutView.of(tally.of(quilts.get(id).design()), ticks.of(id));
    }

    @PutMapping("/steps/{step}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tick(@PathVariable UUID id, @PathVariable UUID step) {
        quilts.get(id);
        ticks.tick(id, step.toString());
    }

    @DeleteMapping("/steps/{step}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void untick(@PathVariable UUID id, @PathVariable UUID step) {
        quilts.get(id);
        ticks.untick(id, step.toString());
    }
}

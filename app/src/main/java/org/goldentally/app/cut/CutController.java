package org.goldentally.app.cut;

import java.util.Set;
import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.quilts.Quilts;
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
    private final CutSheets sheets;
    private final CutTicks ticks;

    CutController(Quilts quilts, CutSheets sheets, CutTicks ticks) {
        this.quilts = quilts;
        this.sheets = sheets;
        this.ticks = ticks;
    }

    @Heavy
    @GetMapping
    CutView sheets(@PathVariable UUID id) {
        return sheets.of(id, quilts.design(id));
    }

    /** One piece of a cloth with its cuts, drawn to scale. */
    @Heavy
    @GetMapping(path = "/{cloth}/{piece}.svg", produces = "image/svg+xml")
    String drawing(@PathVariable UUID id, @PathVariable String cloth, @PathVariable int piece) {
        return sheets.of(id, quilts.design(id)).cloths().stream()
                .filter(sheet -> sheet.key().equals(cloth)
                        && piece >= 0
                        && piece < sheet.pieces().size())
                .findFirst()
                .map(sheet -> CutSvg.of(sheet.pieces().get(piece), sheet.colour()))
                .orElseThrow(() -> new NotFoundException("Piece of fabric"));
    }

    @PutMapping("/steps/{step}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tick(@PathVariable UUID id, @PathVariable UUID step) {
        String words = sheets.of(id, quilts.design(id)).words(step.toString());
        ticks.tick(id, step.toString(), words);
    }

    /** A tick from before steps had keys is known only by the sheets as they stand. */
    @DeleteMapping("/steps/{step}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void untick(@PathVariable UUID id, @PathVariable UUID step) {
        quilts.get(id);
        String key = step.toString();
        if (!ticks.untick(id, Set.of(key))) {
            ticks.untick(id, sheets.inLog(id, quilts.design(id), key));
        }
    }
}

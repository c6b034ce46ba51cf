package org.goldentally.app.cut;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.SetAside;
import org.goldentally.core.problem.LeftOut;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
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
    private final PuttingAway puttingAway;
    private final SetAside setAside;

    CutController(Quilts quilts, CutSheets sheets, CutTicks ticks, PuttingAway puttingAway, SetAside setAside) {
        this.puttingAway = puttingAway;
        this.setAside = setAside;
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

    /**
     * What is to be put away.
     *
     * @param version of the quilt that she sees
     * @param pieces each by the first step of its sheet; none means all that are cut
     */
    record PutAway(int version, @NotNull @Size(max = 500) List<@Valid @NotNull PieceAway> pieces) {}

    /**
     * A piece that is cut up.
     *
     * @param left what is really left; null where it is as planned
     */
    record PieceAway(
            @NotNull UUID firstStep,

            @LeftOut("null") @Schema(types = {"array", "null"}) @Nullable @Size(max = 100)
            List<@Valid @NotNull LeftOver> left) {}

    /** Equal pieces that are left over, their sides as typed. */
    record LeftOver(
            @NotNull @Size(max = 40) String width,
            @NotNull @Size(max = 40) String length,
            @Min(1) @Max(10_000) int count) {}

    /** Puts away what is cut: the cut pieces to the quilt, what is left on the shelf. */
    @Heavy
    @PostMapping("/put-away")
    Quilts.StoredQuilt putAway(@PathVariable UUID id, @Valid @RequestBody PutAway wanted) {
        return puttingAway.putAway(
                id,
                wanted.version(),
                wanted.pieces().stream()
                        .map(piece -> new PuttingAway.Piece(
                                piece.firstStep(),
                                Optional.ofNullable(piece.left())
                                        .map(left -> left.stream()
                                                .map(each -> new PuttingAway.TypedLeft(
                                                        each.width(), each.length(), each.count()))
                                                .toList())))
                        .toList());
    }

    /** Pieces that were cut for this quilt are anybody's from now on. */
    @PostMapping("/spare/{piece}/free")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void free(@PathVariable UUID id, @PathVariable UUID piece) {
        quilts.get(id);
        setAside.free(id, piece);
    }
}

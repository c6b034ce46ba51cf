package org.goldentally.app.tally;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.goldentally.app.load.Heavy;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.SetAside;
import org.goldentally.core.design.QuiltDesign;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Which fabric is kept for a quilt, and which of its fabrics are kept for others. */
@RestController
@RequestMapping("/api/quilts/{id}/kept")
class KeptController {

    private final Quilts quilts;
    private final QuiltTally tallies;
    private final BoughtAlready bought;
    private final SetAside setAside;

    KeptController(Quilts quilts, QuiltTally tallies, BoughtAlready bought, SetAside setAside) {
        this.quilts = quilts;
        this.tallies = tallies;
        this.bought = bought;
        this.setAside = setAside;
    }

    /**
     * What is kept.
     *
     * @param toBeMade whether the quilt keeps what its plan takes
     * @param here what is kept for it, in words; what was cut for it is not among it
     * @param elsewhere what is kept of its fabrics for other quilts, quilt by quilt
     */
    record KeptView(boolean toBeMade, List<String> here, List<ElsewhereView> elsewhere) {}

    /** What is kept of the fabrics of this quilt for another one, in words. */
    record ElsewhereView(UUID quiltId, String quilt, List<String> what) {}

    record ToBeMade(@NotNull Boolean toBeMade) {}

    record From(@NotNull UUID quiltId) {}

    @Heavy
    @GetMapping
    KeptView kept(@PathVariable UUID id) {
        QuiltDesign design = quilts.design(id);
        setAside.follow(id, bought.in(id, tallies.of(id, design)));
        List<SetAside.KeptPieces> whole = setAside.ofFabrics(design);
        return new KeptView(
                setAside.isToBeMade(id),
                whole.stream()
                        .filter(each -> each.quiltId().equals(id))
                        .map(each -> each.says(design.system()))
                        .toList(),
                whole.stream()
                        .filter(each -> !each.quiltId().equals(id))
                        .map(SetAside.KeptPieces::quiltId)
                        .distinct()
                        .map(quilt -> elsewhere(quilt, whole, design))
                        .toList());
    }

    private static ElsewhereView elsewhere(UUID quilt, List<SetAside.KeptPieces> whole, QuiltDesign design) {
        List<SetAside.KeptPieces> ofIt =
                whole.stream().filter(each -> each.quiltId().equals(quilt)).toList();
        return new ElsewhereView(
                quilt,
                ofIt.getFirst().quilt(),
                ofIt.stream().map(each -> each.says(design.system())).toList());
    }

    /** Says that a quilt is going to be made, or that it is an idea still. */
    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void toBeMade(@PathVariable UUID id, @Valid @RequestBody ToBeMade said) {
        quilts.get(id);
        setAside.toBeMade(id, said.toBeMade());
    }

    /** Takes over what another quilt keeps of the fabrics of this one; that quilt is an idea again, so that it does not take it back. */
    @PostMapping("/take-over")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOver(@PathVariable UUID id, @Valid @RequestBody From from) {
        quilts.get(id);
        quilts.get(from.quiltId());
        setAside.toBeMade(from.quiltId(), false);
        setAside.toBeMade(id, true);
    }
}

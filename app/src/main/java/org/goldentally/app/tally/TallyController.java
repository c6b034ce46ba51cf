package org.goldentally.app.tally;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.ClothCut;
import org.goldentally.core.tally.ClothLedger;
import org.goldentally.core.tally.ShelfPieces;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.tally.YardageChoices;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The tally of a stored quilt with the shelf, and of a quilt document and a shelf that are only sent along. */
@RestController
@RequestMapping("/api")
class TallyController {

    private final Quilts quilts;
    private final QuiltTally onShelf;

    TallyController(Quilts quilts, QuiltTally onShelf) {
        this.quilts = quilts;
        this.onShelf = onShelf;
    }

    /** A quilt document with the cloth on hand. */
    record TallyQuestion(
            @NotNull QuiltDesign design,
            @NotNull @Valid @Size(max = 200) List<ClothLines> shelf) {}

    /** What there is of one cloth, a typed line for each lot of pieces. */
    record ClothLines(
            @NotNull String cloth, @NotNull @Size(max = 200) List<String> lines) {}

    @GetMapping("/quilts/{id}/tally")
    TallyView tally(@PathVariable UUID id) {
        QuiltDesign design = quilts.get(id).design();
        return tally(design, onShelf.onHand(design));
    }

    @PostMapping("/tally")
    TallyView tally(@Valid @RequestBody TallyQuestion question) {
        return tally(question.design(), sent(question));
    }

    /** What one cloth takes from yardage in each style of cutting: what is to be bought, or else all of it. */
    @GetMapping("/quilts/{id}/cloths/{cloth}/cutting")
    YardageView cutting(@PathVariable UUID id, @PathVariable String cloth) {
        QuiltDesign design = quilts.get(id).design();
        return cutting(design, onShelf.onHand(design), cloth);
    }

    /** The same for a quilt document and a shelf that are only sent along. */
    @PostMapping("/cutting/{cloth}")
    YardageView cutting(@Valid @RequestBody TallyQuestion question, @PathVariable String cloth) {
        return cutting(question.design(), sent(question), cloth);
    }

    private static YardageView cutting(QuiltDesign design, Map<String, List<ShelfPieces>> pieces, String cloth) {
        TopTally tally = TopTally.of(QuiltTop.of(design), pieces);
        ClothLedger ledger = tally.ledgers().stream()
                .filter(each -> each.cloth().equals(cloth))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("Cloth"));
        List<ClothCut> cuts = ledger.isEnough() ? ledger.cuts() : ledger.missing();
        return YardageView.of(cloth, YardageChoices.of(cuts, ledger.widthToBuy(), design.system()));
    }

    private static Map<String, List<ShelfPieces>> sent(TallyQuestion question) {
        Map<String, List<ShelfPieces>> pieces = new LinkedHashMap<>();
        question.shelf()
                .forEach(cloth ->
                        pieces.put(cloth.cloth(), read(cloth, question.design().system())));
        return pieces;
    }

    private static TallyView tally(QuiltDesign design, Map<String, List<ShelfPieces>> pieces) {
        TopTally tally = TopTally.of(QuiltTop.of(design), pieces);
        List<Problem> notices = new ArrayList<>();
        if (!tally.undressed().isEmpty()) {
            long count =
                    tally.undressed().stream().mapToLong(cut -> cut.count()).sum();
            notices.add(new Problem(
                    "Not dressed yet",
                    count + " pieces have no cloth, so no cloth is counted for them",
                    "dress them at the station Top"));
        }
        List<String> notOnShelf = tally.ledgers().stream()
                .filter(ledger -> pieces.getOrDefault(ledger.cloth(), List.of()).isEmpty())
                .map(ledger ->
                        design.cloth(ledger.cloth()).map(ClothInHand::name).orElse(ledger.cloth()))
                .toList();
        if (!notOnShelf.isEmpty()) {
            notices.add(new Problem(
                    "Not on the shelf",
                    "there is none of " + String.join(", ", notOnShelf),
                    "add what you have at the station Cloth, or buy what is named below"));
        }
        return TallyView.of(tally, notices);
    }

    private static List<ShelfPieces> read(ClothLines cloth, MeasureSystem system) {
        List<ShelfPieces> pieces = new ArrayList<>();
        for (int i = 0; i < cloth.lines().size(); i++) {
            ShelfLine line = ShelfLineReader.read(
                            cloth.cloth() + ", line " + (i + 1), cloth.lines().get(i), system)
                    .orThrow();
            pieces.add(new ShelfPieces(cloth.cloth() + i, line.count(), line.piece()));
        }
        return pieces;
    }
}

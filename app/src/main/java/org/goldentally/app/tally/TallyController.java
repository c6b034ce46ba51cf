package org.goldentally.app.tally;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.goldentally.app.quilts.QuiltDesign;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.Shelf;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.tally.ShelfPieces;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * The answers for a stored quilt, and the same answers for a quilt document that is only sent along: what the screens
 * show, anyone can ask for.
 */
@RestController
@RequestMapping("/api")
class TallyController {

    private final Quilts quilts;
    private final Shelf shelf;
    private final Tallying tallying = new Tallying();

    TallyController(Quilts quilts, Shelf shelf) {
        this.quilts = quilts;
        this.shelf = shelf;
    }

    /** A quilt document with the cloth on hand, a typed line for each lot of pieces. */
    record TallyQuestion(
            @NotNull @Valid QuiltDesign design,
            @NotNull @Size(max = 200) List<String> printLines,
            @NotNull @Size(max = 200) List<String> backgroundLines) {}

    @GetMapping("/quilts/{id}/top")
    TopView top(@PathVariable UUID id) {
        return TopView.of(quilts.get(id).design().top());
    }

    @PostMapping("/top")
    TopView top(@Valid @RequestBody QuiltDesign design) {
        return TopView.of(design.top());
    }

    @GetMapping("/quilts/{id}/tally")
    TallyView tally(@PathVariable UUID id) {
        QuiltDesign design = quilts.get(id).design();
        Map<ClothRole, List<ShelfPieces>> pieces = new EnumMap<>(ClothRole.class);
        Map<ClothRole, String> names = new EnumMap<>(ClothRole.class);
        List<Problem> notices = new ArrayList<>();
        find("Print", ClothRole.A, design.cloths().print(), pieces, names, notices);
        find("Background", ClothRole.B, design.cloths().background(), pieces, names, notices);
        return tallying.tally(design, pieces, names, notices);
    }

    @PostMapping("/tally")
    TallyView tally(@Valid @RequestBody TallyQuestion question) {
        Map<ClothRole, List<ShelfPieces>> pieces = new EnumMap<>(ClothRole.class);
        MeasureSystem system = question.design().system();
        pieces.put(ClothRole.A, read("Print", question.printLines(), system));
        pieces.put(ClothRole.B, read("Background", question.backgroundLines(), system));
        return tallying.tally(question.design(), pieces, Map.of(), List.of());
    }

    private void find(
            String part,
            ClothRole role,
            @Nullable UUID clothId,
            Map<ClothRole, List<ShelfPieces>> pieces,
            Map<ClothRole, String> names,
            List<Problem> notices) {
        if (clothId == null) {
            notices.add(new Problem(
                    part,
                    "no cloth is chosen for the " + part.toLowerCase(java.util.Locale.ROOT),
                    "choose one at the station Top"));
            return;
        }
        String name = shelf.nameOf(clothId);
        names.put(role, name);
        pieces.put(role, shelf.piecesOf(clothId));
        if (pieces.get(role).isEmpty()) {
            notices.add(new Problem(
                    part,
                    "there is no " + name + " left on the shelf",
                    "add what you have of it at the station Cloth"));
        }
    }

    private static List<ShelfPieces> read(String part, List<String> lines, MeasureSystem system) {
        List<ShelfPieces> pieces = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            ShelfLine line = ShelfLineReader.read(part + ", line " + (i + 1), lines.get(i), system)
                    .orThrow();
            pieces.add(new ShelfPieces(part + i, line.count(), line.piece()));
        }
        return pieces;
    }
}

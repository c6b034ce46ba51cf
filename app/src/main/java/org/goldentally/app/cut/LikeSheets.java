package org.goldentally.app.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.app.cut.CutView.ClothSheet;
import org.goldentally.app.cut.CutView.PieceSheet;

/**
 * Cloths that are cut alike: the same pieces of each, in the same cuts, into the same heaps. Such prints share one sheet.
 *
 * @param cloths in the order of the sheets; the first stands for all
 */
public record LikeSheets(List<ClothSheet> cloths) {

    /** What a sheet says beside the name and colour of its cloth, and what is ticked. */
    private record Cutting(List<CutView.HeapLabel> labels, List<PieceSheet> pieces) {}

    /** All sheets, those that are alike together where the first of them stands. */
    public static List<LikeSheets> of(List<ClothSheet> sheets) {
        Map<Cutting, List<ClothSheet>> alike = new LinkedHashMap<>();
        for (ClothSheet sheet : sheets) {
            Cutting cutting = new Cutting(
                    sheet.labels(),
                    sheet.pieces().stream().map(LikeSheets::unticked).toList());
            alike.computeIfAbsent(cutting, any -> new ArrayList<>()).add(sheet);
        }
        return alike.values().stream().map(LikeSheets::new).toList();
    }

    private static PieceSheet unticked(PieceSheet piece) {
        return new PieceSheet(
                piece.title(),
                piece.count(),
                piece.toBuy(),
                piece.tight(),
                piece.width(),
                piece.length(),
                piece.across(),
                piece.along(),
                piece.cuts(),
                piece.leftovers(),
                piece.steps().stream()
                        .map(step -> new CutView.SheetStep("", step.text(), false, step.running()))
                        .toList());
    }

    public ClothSheet first() {
        return cloths.getFirst();
    }

    public boolean isOne() {
        return cloths.size() == 1;
    }

    /** Whether this step is done on all of them. */
    public boolean isDone(int piece, int step) {
        return cloths.stream()
                .allMatch(cloth -> cloth.pieces().get(piece).steps().get(step).done());
    }
}

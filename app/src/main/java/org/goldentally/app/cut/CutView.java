package org.goldentally.app.cut;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.tally.ClothLedger;
import org.goldentally.core.tally.CuttingSteps;
import org.goldentally.core.tally.OpenedPiece;
import org.goldentally.core.tally.TopTally;

/** The cutting sheets of a quilt: for each cloth the pieces that are cut into, to scale, with their steps. */
record CutView(String unitOfLength, List<ClothSheet> cloths, int done, int steps) {

    record ClothSheet(String key, String name, String colour, List<PieceSheet> pieces, int done, int steps) {}

    /**
     * Equal pieces cut alike; drawn in inches.
     *
     * @param toBuy whether it is not on the shelf yet
     */
    record PieceSheet(
            String title,
            long count,
            boolean toBuy,
            boolean tight,
            double width,
            double length,
            List<SheetCut> cuts,
            List<SheetRest> leftovers,
            List<SheetStep> steps) {}

    record SheetCut(double x, double y, double width, double height, long across, long along, String label) {}

    record SheetRest(double x, double y, double width, double height, String label) {}

    /** @param key finds the step again by what it says */
    record SheetStep(String key, String text, boolean done) {}

    static CutView of(TopTally tally, Set<String> ticked) {
        MeasureSystem system = tally.top().design().system();
        List<ClothSheet> sheets = new ArrayList<>();
        for (ClothLedger ledger : tally.ledgers()) {
            ClothInHand cloth = tally.top().design().cloth(ledger.cloth()).orElseThrow();
            List<PieceSheet> pieces = new ArrayList<>();
            ledger.opened()
                    .forEach(opened ->
                            pieces.add(sheet(ledger.cloth(), opened.piece(), opened.count(), false, system, ticked)));
            ledger.toBuy().ifPresent(buy -> pieces.add(sheet(ledger.cloth(), buy.piece(), 1, true, system, ticked)));
            sheets.add(new ClothSheet(
                    cloth.key(),
                    cloth.name(),
                    cloth.colour(),
                    pieces,
                    pieces.stream().mapToInt(CutView::done).sum(),
                    pieces.stream().mapToInt(piece -> piece.steps().size()).sum()));
        }
        return new CutView(
                system.abbreviation(),
                sheets,
                sheets.stream().mapToInt(ClothSheet::done).sum(),
                sheets.stream().mapToInt(ClothSheet::steps).sum());
    }

    private static int done(PieceSheet piece) {
        return (int) piece.steps().stream().filter(SheetStep::done).count();
    }

    private static PieceSheet sheet(
            String cloth, OpenedPiece piece, long count, boolean toBuy, MeasureSystem system, Set<String> ticked) {
        LengthWriter writer = system.writer();
        String title = piece.piece().describe(Math.toIntExact(count), system);
        List<SheetCut> cuts = new ArrayList<>();
        for (OpenedPiece.Cut cut : piece.cuts()) {
            for (CutBlock block : cut.blocks()) {
                cuts.add(new SheetCut(
                        block.x().toDoubleInches(),
                        block.y().toDoubleInches(),
                        block.pieceWidth().toDoubleInches(),
                        block.pieceHeight().toDoubleInches(),
                        block.across(),
                        block.along(),
                        block.pieceWidth().equals(block.pieceHeight())
                                ? writer.write(block.pieceWidth())
                                : writer.write(block.pieceHeight()) + " × " + writer.write(block.pieceWidth())));
            }
        }
        List<SheetRest> leftovers = new ArrayList<>();
        for (Rectangle rest : piece.leftovers()) {
            leftovers.add(new SheetRest(
                    rest.x().toDoubleInches(),
                    rest.y().toDoubleInches(),
                    rest.width().toDoubleInches(),
                    rest.height().toDoubleInches(),
                    writer.write(rest.width()) + " × " + writer.write(rest.height())));
        }
        List<SheetStep> steps = new ArrayList<>();
        List<CuttingSteps.CuttingStep> all = CuttingSteps.of(piece, system);
        for (int i = 0; i < all.size(); i++) {
            String text = all.get(i).text();
            String key = UUID.nameUUIDFromBytes((cloth + title + i + text).getBytes(StandardCharsets.UTF_8))
                    .toString();
            steps.add(new SheetStep(key, text, ticked.contains(key)));
        }
        return new PieceSheet(
                title,
                count,
                toBuy,
                piece.tight(),
                piece.piece().width().toDoubleInches(),
                piece.piece().length().toDoubleInches(),
                cuts,
                leftovers,
                steps);
    }
}

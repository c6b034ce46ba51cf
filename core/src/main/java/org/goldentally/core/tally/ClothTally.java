package org.goldentally.core.tally;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.piecing.Working;
import org.goldentally.core.problem.Problem;

/**
 * What one cloth gives towards a number of equal cut pieces: 15 squares cut 10 in, of 42 on the shelf.
 *
 * @param cutSize the size they are cut
 * @param needed how many of them
 * @param available how many the whole shelf of this cloth gives
 * @param used what is done with each lot of pieces, in the order in which they are used
 * @param warnings tight fits and pieces too small
 * @param workings how the figures came about, a line for each lot of pieces
 */
public record ClothTally(
        CutSize cutSize,
        long needed,
        long available,
        List<PiecesUsed> used,
        List<Problem> warnings,
        List<Working> workings) {

    public long shortBy() {
        return Math.max(0, needed - available);
    }

    public boolean isEnough() {
        return shortBy() == 0;
    }

    /**
     * Takes the pieces from the shelf in the order that keeps the most useful leftovers: scraps first, then strips, then
     * precuts and fat quarters, yardage last (common practice, no source); among equals the smaller piece first.
     */
    public static ClothTally of(
            String where, CutSize cutSize, long needed, List<ShelfPieces> shelf, MeasureSystem system) {
        List<ShelfPieces> order = new ArrayList<>(shelf);
        order.sort(Comparator.<ShelfPieces>comparingInt(p -> keepValue(p.piece().form()))
                .thenComparing(p -> p.piece().area()));
        List<PiecesUsed> used = new ArrayList<>();
        List<Problem> warnings = new ArrayList<>();
        long available = 0;
        long open = needed;
        for (ShelfPieces pieces : order) {
            PieceLayout full = PieceLayout.of(pieces.piece(), cutSize);
            long perPiece = full.count();
            available += perPiece * pieces.count();
            if (perPiece == 0) {
                warnings.add(tooSmall(where, pieces, cutSize, system));
                used.add(new PiecesUsed(pieces, full, 0, List.of(), pieces.count()));
                continue;
            }
            int whole = (int) Math.min(open / perPiece, pieces.count());
            open -= whole * perPiece;
            List<PieceLayout> last = List.of();
            if (open > 0 && whole < pieces.count()) {
                last = List.of(PieceLayout.of(pieces.piece(), cutSize, open));
                open = 0;
            }
            PiecesUsed use = new PiecesUsed(pieces, full, whole, last, pieces.count() - whole - last.size());
            used.add(use);
            if (use.isTight()) {
                warnings.add(tight(where, use, system));
            }
        }
        return new ClothTally(
                cutSize,
                needed,
                available,
                List.copyOf(used),
                List.copyOf(warnings),
                workings(used, needed, available, system));
    }

    private static List<Working> workings(List<PiecesUsed> used, long needed, long available, MeasureSystem system) {
        List<Working> workings = new ArrayList<>();
        for (PiecesUsed use : used) {
            long perPiece = use.fullLayout().count();
            workings.add(new Working(
                    use.pieces().piece().describe(system),
                    perPiece + " from each × " + use.pieces().count() + " on the shelf = "
                            + perPiece * use.pieces().count() + "; " + use.touched() + " taken for "
                            + use.cutCount() + ", " + use.untouched() + " left whole"));
        }
        workings.add(new Working(
                available >= needed ? "Enough" : "Short",
                available + " can be cut, " + needed + " needed: "
                        + (available >= needed
                                ? (available - needed) + " more could be cut"
                                : (needed - available) + " short")));
        return workings;
    }

    private static int keepValue(PieceForm form) {
        return switch (form) {
            case SCRAP -> 0;
            case STRIP -> 1;
            case SQUARE, FAT_EIGHTH -> 2;
            case FAT_QUARTER -> 3;
            case YARDAGE -> 4;
        };
    }

    private static Problem tooSmall(String where, ShelfPieces pieces, CutSize size, MeasureSystem system) {
        return new Problem(
                where,
                "the " + pieces.piece().describe(system) + " is too small for a cut of "
                        + system.writer().write(size.width()) + " × "
                        + system.writer().writeWithUnit(size.height()),
                "make the unit smaller, or choose a method with a smaller cut");
    }

    private static Problem tight(String where, PiecesUsed use, MeasureSystem system) {
        Length within = org.goldentally.core.cloth.ClothPiece.TIGHT_WITHIN;
        return new Problem(
                where,
                "tight fit: the plan comes within " + system.writer().writeWithUnit(within) + " of the edge of the "
                        + use.pieces().piece().describe(system) + ", and precuts may measure that much short",
                "measure the pieces before the first cut, and type what they really measure");
    }
}

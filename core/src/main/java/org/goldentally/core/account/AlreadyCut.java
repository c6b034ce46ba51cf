package org.goldentally.core.account;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.account.ClothLedger.Opened;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Length;

/**
 * What was cut for this quilt before and lies on the table: each piece that has a size which is wanted is used as it is, before
 * anything is cut, so that what is cut is never cut a second time. What has another size now stays on hand like a scrap: it
 * may be cut down.
 *
 * @param asked the whole account
 * @param cuts all that is wanted, largest first
 * @param used pieces that are used as they are
 * @param rest the same account without them
 * @param open what is still to be cut
 */
record AlreadyCut(
        CuttingRequest asked, List<ClothCut> cuts, List<Opened> used, CuttingRequest rest, List<ClothCut> open) {

    /** Empty where nothing that was cut has a size which is wanted. */
    static Optional<AlreadyCut> of(CuttingRequest request, List<ClothCut> cuts) {
        List<ClothCut> open = new ArrayList<>(cuts);
        List<Opened> used = new ArrayList<>();
        List<ShelfPieces> others = new ArrayList<>();
        for (ShelfPieces pieces : request.shelf()) {
            long left = pieces.count();
            for (int i = 0; i < open.size() && left > 0 && pieces.piece().form() == PieceForm.CUT; i++) {
                ClothCut cut = open.get(i);
                long taken = isOfSize(pieces.piece(), cut) ? Math.min(left, cut.count()) : 0;
                if (taken > 0) {
                    used.add(new Opened(pieces.key(), taken, asItIs(pieces.piece(), cut)));
                    open.set(i, cut.of(cut.count() - taken));
                    left -= taken;
                }
            }
            if (left > 0) {
                others.add(new ShelfPieces(pieces.key(), Math.toIntExact(left), pieces.piece()));
            }
        }
        if (used.isEmpty()) {
            return Optional.empty();
        }
        List<ClothCut> still = open.stream().filter(cut -> cut.count() > 0).toList();
        return Optional.of(new AlreadyCut(request, cuts, used, request.of(still, others), still));
    }

    private static boolean isOfSize(ClothPiece piece, ClothCut cut) {
        boolean asItLies = is(piece.width(), piece.length(), cut);
        return asItLies || (cut.size().turnable() && is(piece.length(), piece.width(), cut));
    }

    private static boolean is(Length width, Length height, ClothCut cut) {
        return cut.size().width().equals(width) && cut.size().height().equals(height);
    }

    private static OpenedPiece asItIs(ClothPiece piece, ClothCut cut) {
        CutBlock whole = new CutBlock(Length.ZERO, Length.ZERO, piece.width(), piece.length(), 1, 1);
        return new OpenedPiece(
                piece, List.of(new OpenedPiece.Cut(cut.of(1), List.of(whole))), List.of(), List.of(), List.of());
    }

    /** The whole account, where what is still to be cut is cut so. */
    ClothLedger with(ClothLedger still) {
        List<Opened> opened = new ArrayList<>(used);
        opened.addAll(still.opened());
        return new ClothLedger(
                asked.with(still.request().choice()),
                cuts,
                opened,
                still.untouched(),
                still.missing(),
                still.toBuy(),
                still.tooLarge());
    }
}

package org.goldentally.core.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger.Opened;
import org.goldentally.core.account.OpenedPiece;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;

/**
 * Equal pieces of one fabric that are cut up alike: what they were, what was cut of them, what is left. What is neither is trimmed
 * away, so that all of it adds up exactly.
 *
 * @param from what each of them was
 * @param count how many
 * @param heaps what was cut of all of them, equal pieces for one use together
 * @param left what lies there of all of them now, equal pieces together
 */
public record CutUp(ClothPiece from, long count, List<Heap> heaps, List<Left> left) {

    /**
     * Equal pieces that were cut.
     *
     * @param use what they were cut for, in words
     */
    public record Heap(ClothPiece piece, long count, String use) {
        Area area() {
            return piece.area().times(count);
        }
    }

    /** Equal pieces that are left over. */
    public record Left(ClothPiece piece, long count) {
        Area area() {
            return piece.area().times(count);
        }
    }

    public CutUp {
        heaps = List.copyOf(heaps);
        left = List.copyOf(left);
    }

    /** As planned. */
    public static CutUp of(Opened opened) {
        OpenedPiece piece = opened.piece();
        Map<ClothPiece, Map<String, Long>> heaps = new LinkedHashMap<>();
        for (OpenedPiece.Cut cut : piece.cuts()) {
            for (CutBlock block : cut.blocks()) {
                heaps.computeIfAbsent(cutPiece(block), any -> new LinkedHashMap<>())
                        .merge(cut.cut().useLabel(), block.count() * opened.count(), Long::sum);
            }
        }
        List<Heap> all = new ArrayList<>();
        heaps.forEach((size, uses) -> uses.forEach((use, count) -> all.add(new Heap(size, count, use))));
        Map<ClothPiece, Long> left = new LinkedHashMap<>();
        piece.leftovers()
                .forEach(rest ->
                        left.merge(leftOf(piece.piece(), rest.width(), rest.height()), opened.count(), Long::sum));
        return new CutUp(
                piece.piece(),
                opened.count(),
                all,
                left.entrySet().stream()
                        .map(each -> new Left(each.getKey(), each.getValue()))
                        .toList());
    }

    private static ClothPiece cutPiece(CutBlock block) {
        return new ClothPiece(PieceForm.CUT, block.pieceWidth(), block.pieceHeight(), ClothPiece.Edge.STRAIGHT);
    }

    /**
     * What is left of a piece: what reaches from selvage to selvage is still a length, what is as wide as the strip still a strip;
     * anything else is a scrap.
     */
    public static ClothPiece leftOf(ClothPiece piece, Length width, Length length) {
        boolean same = (piece.form() == PieceForm.YARDAGE && width.equals(piece.width()))
                || (piece.form() == PieceForm.STRIP && length.equals(piece.length()));
        PieceForm form = same ? piece.form() : PieceForm.SCRAP;
        return new ClothPiece(form, width, length, ClothPiece.Edge.STRAIGHT);
    }

    /**
     * The same where something else is left than was planned; refused where that would be more than there was.
     *
     * @param where the fabric, for whoever is told what is wrong
     */
    public CutUp leaving(List<Left> really, String where, MeasureSystem system) {
        CutUp corrected = new CutUp(from, count, heaps, really);
        Area over = corrected.cut().plus(corrected.kept());
        if (over.compareTo(taken()) > 0) {
            throw new RefusedException(new Problem(
                    "What is left of " + where,
                    system.writeArea(corrected.kept()) + " left and " + system.writeArea(cut())
                            + " cut are more than the " + system.writeArea(taken()) + " that there was",
                    "measure what is left again"));
        }
        return corrected;
    }

    /** Of all of them, before anything was cut. */
    public Area taken() {
        return from.area().times(count);
    }

    /** Of all that was cut. */
    public Area cut() {
        return heaps.stream().map(Heap::area).reduce(Area.ZERO, Area::plus);
    }

    /** Of all that is left. */
    public Area kept() {
        return left.stream().map(Left::area).reduce(Area.ZERO, Area::plus);
    }

    /** What is neither cut nor left: ends that were cut true, and rests too narrow to keep. */
    public Area trimmed() {
        return taken().minus(cut()).minus(kept());
    }
}

package org.goldentally.core.cutting;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;

/**
 * How pieces of one cut size lie on one piece of cloth: strips first, then the strips cut up, then what is left.
 *
 * <p>What is cut, the leftovers and the trimmings add up to the piece, exactly.
 *
 * @param blocks the cut pieces, in the order in which they are cut
 * @param leftovers rectangles that are still worth keeping, at least {@link #WORTH_KEEPING} on each side
 * @param trimmings the narrow rest
 * @param straightCuts how many straight cuts it takes
 * @param slackWidth what is left beyond the cuts across the piece
 * @param slackLength the same along the piece
 */
public record PieceLayout(
        ClothPiece piece,
        List<CutBlock> blocks,
        List<Rectangle> leftovers,
        List<Rectangle> trimmings,
        int straightCuts,
        Length slackWidth,
        Length slackLength) {

    /**
     * A leftover narrower than this is trimmings: 1 1/2 in still makes a patch of 1 in finished (our own limit; common
     * practice, no source).
     */
    public static final Length WORTH_KEEPING = Length.inches(1, 1, 2);

    /**
     * The longest cut made with one laying of the ruler; a longer end of cloth is cut off strip by strip (common
     * practice, no source).
     */
    static final Length LONGEST_RULER = Length.inches(24);

    public PieceLayout {
        blocks = List.copyOf(blocks);
        leftovers = List.copyOf(leftovers);
        trimmings = List.copyOf(trimmings);
    }

    /** How many pieces are cut. */
    public long count() {
        return blocks.stream().mapToLong(CutBlock::count).sum();
    }

    /** Every cut piece at its place; there may be very many. */
    public List<Rectangle> cuts() {
        return blocks.stream().flatMap(block -> block.pieces().stream()).toList();
    }

    /** What the pieces take of the cloth. */
    public Area cutArea() {
        Area sum = Area.ZERO;
        for (CutBlock block : blocks) {
            sum = sum.plus(block.area());
        }
        return sum;
    }

    /** Rests that are large enough to keep. */
    public Area leftoverArea() {
        return total(leftovers);
    }

    /** Rests that are too narrow to keep, and edges cut true. */
    public Area trimmingsArea() {
        return total(trimmings);
    }

    private static Area total(List<Rectangle> rectangles) {
        Area sum = Area.ZERO;
        for (Rectangle rectangle : rectangles) {
            sum = sum.plus(rectangle.area());
        }
        return sum;
    }

    /** As many pieces of the cut size as the cloth gives; see {@link #of(ClothPiece, CutSize, long)}. */
    public static PieceLayout of(ClothPiece piece, CutSize size) {
        return of(piece, size, Long.MAX_VALUE);
    }

    /**
     * Lays pieces of one cut size on the cloth, {@code atMost} of them.
     *
     * <ol>
     *   <li>Strips across the cloth as high as the piece, then strips as high as the piece turned: of all divisions the
     *       one that gives most pieces, with the fewest turned.
     *   <li>The same with strips along the cloth; it is taken only where it gives more.
     *   <li>Where fewer are wanted than it gives, they lie so that they take the least of it.
     *   <li>Only as many strips are cut as are needed; the last strip is cut only as far as needed.
     *   <li>The rest beyond the strips stays whole; the ends of the strips are kept as one where the ruler reaches.
     * </ol>
     */
    public static PieceLayout of(ClothPiece piece, CutSize size, long atMost) {
        return of(piece, size, atMost, CuttingRules.NOW);
    }

    /** The same by these rules. */
    public static PieceLayout of(ClothPiece piece, CutSize size, long atMost, CuttingRules rules) {
        StripDivision across = StripDivision.best(piece.width(), piece.length(), size);
        StripDivision along = StripDivision.best(piece.length(), piece.width(), size.transposed());
        if (rules == CuttingRules.FORMER) {
            return across.capacity() >= Math.min(along.capacity(), atMost)
                    ? lay(piece, across, atMost, false)
                    : lay(piece, along, atMost, true);
        }
        return across.capacity() >= Math.min(along.capacity(), atMost)
                ? lay(piece, StripDivision.shortest(piece.width(), piece.length(), size, atMost), atMost, false)
                : lay(
                        piece,
                        StripDivision.shortest(piece.length(), piece.width(), size.transposed(), atMost),
                        atMost,
                        true);
    }

    /** How many pieces of the size the cloth gives; the count of {@link #of} without laying them. */
    public static long capacity(ClothPiece piece, CutSize size) {
        return Math.max(
                StripDivision.best(piece.width(), piece.length(), size).capacity(),
                StripDivision.best(piece.length(), piece.width(), size.transposed())
                        .capacity());
    }

    private static PieceLayout lay(ClothPiece piece, StripDivision division, long atMost, boolean transposed) {
        Length width = transposed ? piece.length() : piece.width();
        Length length = transposed ? piece.width() : piece.length();
        Builder builder = new Builder(width, transposed);
        long wanted = atMost;
        for (StripDivision.Strips strips : division.strips()) {
            wanted -= builder.cut(strips, Math.min(wanted, strips.pieces()));
        }
        builder.keepRest(length);
        return builder.build(piece);
    }

    /** Collects rectangles from the top of the piece downwards. */
    private static final class Builder {
        private final Length width;
        private final boolean transposed;
        private final List<CutBlock> blocks = new ArrayList<>();
        private final List<Rectangle> leftovers = new ArrayList<>();
        private final List<Rectangle> trimmings = new ArrayList<>();
        private Length y = Length.ZERO;
        private Length slackAcross;
        private int straightCuts;

        Builder(Length width, boolean transposed) {
            this.width = width;
            this.transposed = transposed;
            this.slackAcross = width;
        }

        long cut(StripDivision.Strips strips, long wanted) {
            long full = wanted / strips.perStrip();
            long inLast = wanted % strips.perStrip();
            Length top = y;
            if (full > 0) {
                cutStrips(strips, strips.perStrip(), full);
                keepEnds(strips, top, full);
            }
            if (inLast > 0) {
                top = y;
                cutStrips(strips, inLast, 1);
                Length end = strips.pieceWidth().times(inLast);
                keep(end, top, width.minus(end), strips.height());
            }
            return wanted;
        }

        private void cutStrips(StripDivision.Strips strips, long across, long along) {
            CutBlock block = new CutBlock(Length.ZERO, y, strips.pieceWidth(), strips.height(), across, along);
            blocks.add(transposed ? block.transposed() : block);
            slackAcross =
                    Length.min(slackAcross, width.minus(strips.pieceWidth().times(across)));
            straightCuts = Math.addExact(straightCuts, Math.toIntExact(along * (1 + across)));
            y = y.plus(strips.height().times(along));
        }

        private void keepEnds(StripDivision.Strips strips, Length top, long count) {
            Length start = strips.pieceWidth().times(strips.perStrip());
            Length endWidth = width.minus(start);
            Length height = strips.height().times(count);
            if (endWidth.isZero()) {
                straightCuts -= Math.toIntExact(count);
            } else if (height.isLongerThan(LONGEST_RULER)) {
                for (long i = 0; i < count; i++) {
                    keep(start, top.plus(strips.height().times(i)), endWidth, strips.height());
                }
            } else {
                keep(start, top, endWidth, height);
                straightCuts -= Math.toIntExact(count) - 1;
            }
        }

        void keepRest(Length length) {
            Length rest = length.minus(y);
            if (rest.isZero()) {
                straightCuts -= straightCuts > 0 ? 1 : 0;
            }
            keep(Length.ZERO, y, width, rest);
        }

        private void keep(Length x, Length top, Length keptWidth, Length keptHeight) {
            if (!keptWidth.isPositive() || !keptHeight.isPositive()) {
                return;
            }
            boolean worthKeeping = keptWidth.isAtLeast(WORTH_KEEPING) && keptHeight.isAtLeast(WORTH_KEEPING);
            (worthKeeping ? leftovers : trimmings).add(place(x, top, keptWidth, keptHeight));
        }

        private Rectangle place(Length x, Length top, Length placedWidth, Length placedHeight) {
            Rectangle rectangle = new Rectangle(x, top, placedWidth, placedHeight);
            return transposed ? rectangle.transposed() : rectangle;
        }

        PieceLayout build(ClothPiece piece) {
            Length slackDown = (transposed ? piece.width() : piece.length()).minus(y);
            return new PieceLayout(
                    piece,
                    blocks,
                    leftovers,
                    trimmings,
                    straightCuts,
                    transposed ? slackDown : slackAcross,
                    transposed ? slackAcross : slackDown);
        }
    }
}

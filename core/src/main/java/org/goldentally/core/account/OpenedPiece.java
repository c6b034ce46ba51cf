package org.goldentally.core.account;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.cutting.CuttingRules;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.cutting.TightFit;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;

/**
 * A piece of cloth that is cut into: what is cut from it and where, what is left of it, and what falls as trimmings.
 * These three add up to the piece, exactly.
 *
 * @param cuts in the order in which they are cut
 * @param leftovers rectangles worth keeping
 * @param trimmings the narrow rest, what squaring up an end costs among it
 * @param strips how planned strips are cut; empty where one size is cut after the other
 */
public record OpenedPiece(
        ClothPiece piece,
        List<Cut> cuts,
        List<Rectangle> leftovers,
        List<Rectangle> trimmings,
        List<LaidStrip> strips) {

    public OpenedPiece {
        cuts = List.copyOf(cuts);
        leftovers = List.copyOf(leftovers);
        trimmings = List.copyOf(trimmings);
        strips = List.copyOf(strips);
    }

    /** What makes strips differ at the table: the sizes in them and in which order, not where they lie. */
    List<Object> layouts() {
        if (strips.isEmpty()) {
            return cuts.stream()
                    .flatMap(cut -> cut.blocks().stream())
                    .<Object>map(block -> List.of(block.pieceWidth(), block.pieceHeight(), block.across()))
                    .toList();
        }
        return strips.stream()
                .<Object>map(strip -> strip.segments().stream()
                        .map(segment -> List.of(
                                segment.width(),
                                segment.pieces().stream()
                                        .map(LaidStrip.LaidPiece::height)
                                        .toList()))
                        .toList())
                .toList();
    }

    /** Pieces cut of it in all. */
    public long count() {
        return cuts.stream().mapToLong(Cut::count).sum();
    }

    /** Whether it was cut for the quilt before and is used as it is: there is nothing to do with it. */
    public boolean isCutAlready() {
        return piece.form() == PieceForm.CUT
                && cuts.stream()
                        .flatMap(cut -> cut.blocks().stream())
                        .anyMatch(block -> CuttingSteps.isUsedWhole(block, piece));
    }

    /** Whether cuts come closer to an edge that has still to be cut true than there should be room. */
    public boolean isTight(Length room) {
        return TightFit.of(
                piece, cuts.stream().flatMap(cut -> cut.blocks().stream()).toList(), room);
    }

    /** Equal pieces cut in one go, at their place on the cloth. */
    public record Cut(ClothCut cut, List<CutBlock> blocks) {

        /** Pieces cut in one go, over all its blocks. */
        public long count() {
            return blocks.stream().mapToLong(CutBlock::count).sum();
        }

        /** What these pieces take, as cut. */
        public Area area() {
            return blocks.stream().map(CutBlock::area).reduce(Area.ZERO, Area::plus);
        }
    }

    /** What is cut out of the piece, before any is trimmed. */
    public Area used() {
        return cuts.stream().map(Cut::area).reduce(Area.ZERO, Area::plus);
    }

    /** Rests that are large enough to keep. */
    public Area left() {
        return sum(leftovers);
    }

    /** Rests that are too narrow to keep, and edges cut true. */
    public Area trimmed() {
        return sum(trimmings);
    }

    static Area sum(List<Rectangle> rectangles) {
        return rectangles.stream().map(Rectangle::area).reduce(Area.ZERO, Area::plus);
    }

    /** A piece on the table, that more and more is cut from. */
    static final class OnTable {
        private final ClothPiece piece;
        private final List<Cut> cuts = new ArrayList<>();
        private final List<Rectangle> free = new ArrayList<>();
        private final List<Rectangle> trimmings = new ArrayList<>();
        private final CuttingRules rules;

        /** @param squaringUp what squaring up the end of a length costs */
        OnTable(ClothPiece piece, Length squaringUp, CuttingRules rules) {
            this.rules = rules;
            this.piece = piece;
            Length lost = piece.form() == PieceForm.YARDAGE ? Length.min(squaringUp, piece.length()) : Length.ZERO;
            if (lost.isPositive()) {
                trimmings.add(new Rectangle(Length.ZERO, Length.ZERO, piece.width(), lost));
            }
            if (piece.length().isLongerThan(lost)) {
                free.add(new Rectangle(
                        Length.ZERO, lost, piece.width(), piece.length().minus(lost)));
            }
        }

        boolean isUntouched() {
            return cuts.isEmpty();
        }

        List<Rectangle> free() {
            return free;
        }

        /** Cuts as many as are wanted, or as there is room for, from a free rectangle; gives how many. */
        long cutFrom(Rectangle from, ClothCut cut, long wanted) {
            ClothPiece rest = new ClothPiece(piece.form(), from.width(), from.height(), piece.edge());
            PieceLayout layout = PieceLayout.of(rest, cut.size(), wanted, rules);
            if (layout.blocks().isEmpty()) {
                return 0;
            }
            free.remove(from);
            List<CutBlock> placed = layout.blocks().stream()
                    .map(block -> new CutBlock(
                            block.x().plus(from.x()),
                            block.y().plus(from.y()),
                            block.pieceWidth(),
                            block.pieceHeight(),
                            block.across(),
                            block.along()))
                    .toList();
            cuts.add(new Cut(cut, placed));
            layout.leftovers().forEach(left -> free.add(moved(left, from)));
            layout.trimmings().forEach(left -> trimmings.add(moved(left, from)));
            return layout.count();
        }

        private static Rectangle moved(Rectangle rectangle, Rectangle to) {
            return new Rectangle(
                    rectangle.x().plus(to.x()), rectangle.y().plus(to.y()), rectangle.width(), rectangle.height());
        }

        /** The same cuts on a piece only so long; what reaches beyond is cut off the rests. */
        OpenedPiece cutOffAt(Length length) {
            OnTable shorter =
                    new OnTable(new ClothPiece(piece.form(), piece.width(), length, piece.edge()), Length.ZERO, rules);
            shorter.cuts.addAll(cuts);
            shorter.free.clear();
            shorter.trimmings.addAll(trimmings);
            for (Rectangle rest : free) {
                Length bottom = Length.min(rest.y().plus(rest.height()), length);
                Length height = bottom.minus(rest.y());
                if (height.isPositive()) {
                    Rectangle kept = new Rectangle(rest.x(), rest.y(), rest.width(), height);
                    (height.isAtLeast(PieceLayout.WORTH_KEEPING) ? shorter.free : shorter.trimmings).add(kept);
                }
            }
            return shorter.asCut();
        }

        OpenedPiece asCut() {
            return new OpenedPiece(piece, cuts, free, trimmings, List.of());
        }
    }
}

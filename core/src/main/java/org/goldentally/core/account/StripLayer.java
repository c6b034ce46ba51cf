package org.goldentally.core.account;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.LaidStrip.LaidPiece;
import org.goldentally.core.account.LaidStrip.LaidSegment;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.cutting.yardage.Section;
import org.goldentally.core.cutting.yardage.Strip;
import org.goldentally.core.cutting.yardage.StripOrder;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Length;

/** Lays planned strips on a piece of cloth: every piece, leftover and trimming at its place, exactly. */
final class StripLayer {

    private final ClothPiece piece;
    private final Length mark;
    private final List<Rectangle> leftovers = new ArrayList<>();
    private final List<Rectangle> trimmings = new ArrayList<>();
    private final List<LaidStrip> laid = new ArrayList<>();
    private Length y = Length.ZERO;

    /** Where a planned piece comes from: the next that is wanted of its size. */
    interface NextOfSize {
        ClothCut take(int item);
    }

    /** A block of equal pieces and what it is for. */
    private record Block(ClothCut cut, CutBlock block) {}

    private StripLayer(ClothPiece piece, Length mark, Length squaringUp) {
        this.piece = piece;
        this.mark = mark;
        if (squaringUp.isPositive()) {
            trimmings.add(new Rectangle(Length.ZERO, Length.ZERO, piece.width(), squaringUp));
            y = squaringUp;
        }
    }

    /**
     * Lays sections and then strips one under the other.
     *
     * @param mark length of one mark of the plan
     * @param squaringUp what squaring up the end costs, before the first strip
     */
    static OpenedPiece lay(
            ClothPiece piece,
            List<Section> sections,
            List<Strip> strips,
            Length mark,
            Length squaringUp,
            NextOfSize next) {
        StripLayer layer = new StripLayer(piece, mark, squaringUp);
        sections.forEach(section -> layer.lay(section, next));
        layer.lay(strips, Length.ZERO, next);
        return layer.done();
    }

    /** Long pieces from the left edge on, and strips of what is beside them. */
    private void lay(Section section, NextOfSize next) {
        Length top = y;
        Length high = mark.times(section.height());
        Length wide = mark.times(section.width());
        List<LaidSegment> segments = new ArrayList<>();
        Length x = Length.ZERO;
        for (Strip.Stacked stacked : section.longs()) {
            Length width = mark.times(stacked.width());
            Length height = mark.times(stacked.height());
            segments.add(new LaidSegment(x, width, List.of(new LaidPiece(next.take(stacked.item()), width, height))));
            x = x.plus(width);
        }
        shorterOnes(section, top, high);
        laid.add(new LaidStrip(Length.ZERO, top, wide, high, segments));
        lay(section.strips(), wide, next);
        Length bottom = top.plus(high);
        keep(wide, y, piece.width().minus(wide), bottom.minus(y));
        y = bottom;
    }

    /** What is left below long pieces that are shorter than the longest, those of one length together. */
    private void shorterOnes(Section section, Length top, Length high) {
        List<Strip.Stacked> longs = section.longs();
        Length from = Length.ZERO;
        Length x = Length.ZERO;
        for (int i = 0; i < longs.size(); i++) {
            x = x.plus(mark.times(longs.get(i).width()));
            boolean last = i + 1 == longs.size()
                    || longs.get(i + 1).height() != longs.get(i).height();
            if (last) {
                Length height = mark.times(longs.get(i).height());
                keep(from, top.plus(height), x.minus(from), high.minus(height));
                from = x;
            }
        }
    }

    private void lay(List<Strip> strips, Length from, NextOfSize next) {
        List<Strip> inOrder = new ArrayList<>(strips);
        inOrder.sort(StripOrder.HIGHEST_FIRST);
        inOrder.forEach(strip -> lay(strip, from, next));
    }

    private void lay(Strip strip, Length from, NextOfSize next) {
        Length height = mark.times(strip.height());
        Length x = from;
        List<LaidSegment> segments = new ArrayList<>();
        List<Strip.Segment> inOrder = new ArrayList<>(strip.segments());
        inOrder.sort(Comparator.comparingInt(StripLayer::stackHeight)
                .thenComparingInt(Strip.Segment::width)
                .reversed()
                .thenComparing(StripOrder.SEGMENTS));
        Length restFrom = from;
        for (int i = 0; i < inOrder.size(); i++) {
            Strip.Segment segment = inOrder.get(i);
            Length width = mark.times(segment.width());
            List<LaidPiece> pieces = new ArrayList<>();
            Length top = y;
            for (Strip.Stacked stacked : widestFirst(segment)) {
                Length pieceWidth = mark.times(stacked.width());
                Length pieceHeight = mark.times(stacked.height());
                pieces.add(new LaidPiece(next.take(stacked.item()), pieceWidth, pieceHeight));
                keep(x.plus(pieceWidth), top, width.minus(pieceWidth), pieceHeight);
                top = top.plus(pieceHeight);
            }
            segments.add(new LaidSegment(x, width, pieces));
            x = x.plus(width);
            boolean runEnds = i + 1 == inOrder.size() || !inOrder.get(i + 1).equals(segment);
            if (runEnds) {
                Length stack = mark.times(stackHeight(segment));
                keep(restFrom, y.plus(stack), x.minus(restFrom), height.minus(stack));
                restFrom = x;
            }
        }
        keep(x, y, piece.width().minus(x), height);
        laid.add(new LaidStrip(from, y, piece.width().minus(from), height, segments));
        y = y.plus(height);
    }

    /** Those that are trimmed lie below those that are as wide as the segment. */
    private static List<Strip.Stacked> widestFirst(Strip.Segment segment) {
        return segment.stack().stream()
                .sorted(Comparator.comparingInt(Strip.Stacked::width).reversed())
                .toList();
    }

    private static int stackHeight(Strip.Segment segment) {
        return segment.stack().stream().mapToInt(Strip.Stacked::height).sum();
    }

    private void keep(Length x, Length top, Length width, Length height) {
        if (width.isPositive() && height.isPositive()) {
            boolean worthKeeping =
                    width.isAtLeast(PieceLayout.WORTH_KEEPING) && height.isAtLeast(PieceLayout.WORTH_KEEPING);
            (worthKeeping ? leftovers : trimmings).add(new Rectangle(x, top, width, height));
        }
    }

    private OpenedPiece done() {
        Length rest = piece.length().minus(y);
        keep(Length.ZERO, y, piece.width(), rest);
        Map<ClothCut, List<CutBlock>> byCut = new LinkedHashMap<>();
        for (Block block : merged()) {
            byCut.computeIfAbsent(block.cut, any -> new ArrayList<>()).add(block.block);
        }
        List<OpenedPiece.Cut> cuts = new ArrayList<>();
        byCut.forEach((cut, blocks) -> cuts.add(new OpenedPiece.Cut(cut, blocks)));
        return new OpenedPiece(piece, cuts, leftovers, trimmings, laid);
    }

    /** Equal pieces side by side, and equal rows above each other, are one block. */
    private List<Block> merged() {
        List<Block> blocks = new ArrayList<>();
        for (LaidStrip strip : laid) {
            for (Block row : rows(strip)) {
                int above = -1;
                for (int i = 0; i < blocks.size(); i++) {
                    if (stands(blocks.get(i), row)) {
                        above = i;
                    }
                }
                if (above < 0) {
                    blocks.add(row);
                } else {
                    blocks.set(above, new Block(row.cut, higher(blocks.get(above).block, row.block.along())));
                }
            }
        }
        return blocks;
    }

    private static List<Block> rows(LaidStrip strip) {
        Map<Length, List<Block>> byRow = new LinkedHashMap<>();
        for (LaidSegment segment : strip.segments()) {
            Length top = strip.y();
            for (LaidPiece laidPiece : segment.pieces()) {
                List<Block> row = byRow.computeIfAbsent(top, any -> new ArrayList<>());
                CutBlock single = new CutBlock(segment.x(), top, laidPiece.width(), laidPiece.height(), 1, 1);
                if (row.isEmpty() || !goesOn(row.getLast(), laidPiece.cut(), single)) {
                    row.add(new Block(laidPiece.cut(), single));
                } else {
                    Block last = row.removeLast();
                    row.add(new Block(last.cut, wider(last.block)));
                }
                top = top.plus(laidPiece.height());
            }
        }
        return byRow.values().stream().flatMap(List::stream).toList();
    }

    private static CutBlock higher(CutBlock block, long rows) {
        return new CutBlock(
                block.x(), block.y(), block.pieceWidth(), block.pieceHeight(), block.across(), block.along() + rows);
    }

    private static boolean goesOn(Block last, ClothCut cut, CutBlock next) {
        return last.cut.equals(cut)
                && last.block.pieceWidth().equals(next.pieceWidth())
                && last.block.pieceHeight().equals(next.pieceHeight())
                && last.block
                        .x()
                        .plus(last.block.pieceWidth().times(last.block.across()))
                        .equals(next.x());
    }

    private static CutBlock wider(CutBlock block) {
        return new CutBlock(
                block.x(), block.y(), block.pieceWidth(), block.pieceHeight(), block.across() + 1, block.along());
    }

    private static boolean stands(Block above, Block below) {
        return above.cut.equals(below.cut)
                && above.block.x().equals(below.block.x())
                && above.block.pieceWidth().equals(below.block.pieceWidth())
                && above.block.pieceHeight().equals(below.block.pieceHeight())
                && above.block.across() == below.block.across()
                && above.block
                        .y()
                        .plus(above.block.pieceHeight().times(above.block.along()))
                        .equals(below.block.y());
    }
}

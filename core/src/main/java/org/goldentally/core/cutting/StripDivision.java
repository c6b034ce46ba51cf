package org.goldentally.core.cutting;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.measure.Length;

/**
 * A rectangle of cloth divided into strips across its whole width, each strip holding pieces of one cut size lying one
 * way.
 *
 * @param strips upright ones first, then turned ones
 */
record StripDivision(List<Strips> strips) {

    /** Several equal strips: how high, how wide a piece in them is, how many pieces in each, how many strips. */
    record Strips(Length height, Length pieceWidth, long perStrip, long count) {
        long pieces() {
            return perStrip * count;
        }
    }

    long capacity() {
        return strips.stream().mapToLong(Strips::pieces).sum();
    }

    /** The least length that gives so many pieces, with the fewest turned; as many as there are, where it gives fewer. */
    static StripDivision shortest(Length width, Length length, CutSize size, long wanted) {
        StripDivision most = best(width, length, size);
        if (wanted >= most.capacity() || !size.turnable()) {
            return most;
        }
        long[] counts = Length.inCommonMeasure(width, length, size.width(), size.height());
        long pieceWidth = counts[2];
        long pieceHeight = counts[3];
        long perUpright = counts[0] / pieceWidth;
        long perTurned = pieceWidth == pieceHeight ? 0 : counts[0] / pieceHeight;
        if (perTurned == 0) {
            return most;
        }
        long mostUpright = perUpright == 0 ? 0 : Math.min(Math.ceilDiv(wanted, perUpright), counts[1] / pieceHeight);
        long least = Long.MAX_VALUE;
        StripDivision shortest = most;
        for (long upright = mostUpright; upright >= 0; upright--) {
            long turned = Math.ceilDiv(Math.max(0, wanted - upright * perUpright), perTurned);
            long taken = upright * pieceHeight + turned * pieceWidth;
            if (taken <= counts[1] && taken < least) {
                least = taken;
                shortest = division(size, perUpright, upright, perTurned, turned);
            }
        }
        return shortest;
    }

    static StripDivision best(Length width, Length length, CutSize size) {
        long[] counts = Length.inCommonMeasure(width, length, size.width(), size.height());
        long across = counts[0];
        long down = counts[1];
        long pieceWidth = counts[2];
        long pieceHeight = counts[3];
        long perUpright = across / pieceWidth;
        long perTurned = size.turnable() && pieceWidth != pieceHeight ? across / pieceHeight : 0;
        long mostUpright = perUpright == 0 ? 0 : down / pieceHeight;
        if (perTurned == 0) {
            return division(size, perUpright, mostUpright, 0, 0);
        }
        long bestUpright = mostUpright;
        long bestTurned = (down - pieceHeight * mostUpright) / pieceWidth;
        for (long upright = mostUpright - 1; upright >= 0; upright--) {
            long turned = (down - pieceHeight * upright) / pieceWidth;
            if (upright * perUpright + turned * perTurned > bestUpright * perUpright + bestTurned * perTurned) {
                bestUpright = upright;
                bestTurned = turned;
            }
        }
        return division(size, perUpright, bestUpright, perTurned, bestTurned);
    }

    private static StripDivision division(CutSize size, long perUpright, long upright, long perTurned, long turned) {
        List<Strips> strips = new ArrayList<>();
        if (perUpright > 0 && upright > 0) {
            strips.add(new Strips(size.height(), size.width(), perUpright, upright));
        }
        if (perTurned > 0 && turned > 0) {
            strips.add(new Strips(size.width(), size.height(), perTurned, turned));
        }
        return new StripDivision(List.copyOf(strips));
    }
}

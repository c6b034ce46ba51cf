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

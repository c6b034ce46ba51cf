package org.goldentally.core.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;

/**
 * What one typed line says: {@code 42 squares 10 in marigold prints} is 42 pieces of the cloth "marigold prints".
 *
 * @param clothName empty where none was typed
 * @param pack how the pieces share out among several prints; empty where all are of one cloth
 */
public record ShelfLine(int count, ClothPiece piece, String clothName, Optional<Pack> pack) {

    /**
     * A pack of several prints: {@code 42 squares 10 in autumn, 21 prints, two of each}.
     *
     * @param prints how many different ones
     * @param each of each print
     * @param extra pieces beyond that, of the first print
     * @param undersized how many measure less, of the last print
     * @param undersizedSide what these measure
     */
    public record Pack(int prints, int each, int extra, int undersized, Optional<Length> undersizedSide) {

        /** Pieces of print {@code number}, from 1, that measure what the line says. */
        public int countOf(int number) {
            return each + (number == 1 ? extra : 0) - (number == prints ? undersized : 0);
        }

        /**
         * What there is of each print, in their order; a print that is all undersized has no others.
         *
         * @param piece as the line says it measures
         */
        public List<OfPrint> shared(ClothPiece piece) {
            List<OfPrint> shared = new ArrayList<>();
            for (int print = 1; print <= prints; print++) {
                if (countOf(print) > 0) {
                    shared.add(new OfPrint(print, countOf(print), piece));
                }
                if (print == prints && undersizedSide.isPresent()) {
                    shared.add(new OfPrint(print, undersized, smaller(piece, undersizedSide.get())));
                }
            }
            return shared;
        }

        /** A square is smaller both ways, a strip is narrower. */
        private static ClothPiece smaller(ClothPiece piece, Length side) {
            Length across = piece.form() == PieceForm.SQUARE ? side : piece.width();
            return new ClothPiece(piece.form(), across, side, piece.edge());
        }

        /** Equal pieces of one print, which is counted from 1. */
        public record OfPrint(int print, int count, ClothPiece piece) {}
    }

    /** So many pieces of a cloth, of no pack. */
    public ShelfLine(int count, ClothPiece piece, String clothName) {
        this(count, piece, clothName, Optional.empty());
    }

    /** The same of another fabric. */
    public ShelfLine named(String other) {
        return new ShelfLine(count, piece, other, pack);
    }

    /** The line as understood, said back: {@code 42 squares, 10 in – marigold prints}. */
    public String describe(MeasureSystem system) {
        String what = piece.describe(count, system);
        String named = clothName.isEmpty() ? what : what + " – " + clothName;
        return named + pack.map(each -> ", " + describe(each, system)).orElse("");
    }

    /**
     * The line in the words that one would type for it, so that it can be corrected in place and is read again exactly as
     * it was: {@code 2 squares 10 in autumn 3}.
     */
    public String asTyped(MeasureSystem system) {
        LengthWriter writer = system.writer();
        String unit = " " + system.abbreviation();
        String across = writer.writeForFile(piece.width());
        String along = writer.writeForFile(piece.length()) + unit;
        String sides = across + " x " + along;
        String form = piece.form().name(count);
        String words = switch (piece.form()) {
            case SQUARE ->
                piece.width().equals(piece.length()) ? form + " " + across + unit : form + " measured " + sides;
            case STRIP -> form + " " + sides;
            case FAT_QUARTER, FAT_EIGHTH -> form + " measured " + sides;
            case SCRAP -> form + " " + sides;
            // A line has no word for a piece that was cut for a quilt; typed again it is a scrap of that size.
            case CUT -> PieceForm.SCRAP.name(count) + " " + sides;
            case YARDAGE -> form + " " + across + unit + " wide " + along + " long";
        };
        return (count + " " + words + (clothName.isEmpty() ? "" : " " + QuotedNames.asTyped(clothName))).strip()
                + (piece.edge() == ClothPiece.Edge.PINKED ? " pinked" : "");
    }

    private static String describe(Pack pack, MeasureSystem system) {
        return pack.prints + (pack.prints == 1 ? " print, " : " prints, ") + pack.each + " of each"
                + (pack.extra > 0 ? ", and " + pack.extra + " extra of the first" : "")
                + pack.undersizedSide
                        .map(side -> ", " + pack.undersized + " of the last undersized, "
                                + system.writer().writeWithUnit(side))
                        .orElse("");
    }
}

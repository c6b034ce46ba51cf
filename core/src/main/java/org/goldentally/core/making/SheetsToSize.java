package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.BiasStrips;
import org.goldentally.core.method.CutPiece;
import org.goldentally.core.method.GridOfCells;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.method.UnitSizes;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.work.Remembering;

/**
 * How large the sheets of a method are cut that draws many units on one: as large as the units want and no larger, so that
 * 16 units by grid take 8 cells and not a sheet of 49.
 *
 * <ol>
 *   <li>The recipe for the largest sheet says how large a cell is and how many units such a sheet gives.
 *   <li>Of all rectangles of cells, or squares for bias strips, that one is taken whose sheets buy least beyond the shelf,
 *       in the lengths that shops cut; then the one with fewest sheets, then least fabric, then the one most like a square.
 * </ol>
 *
 * @param shopLength the least length that shops cut, as an area of the usual width in square inches
 */
record SheetsToSize(Supply supply, double shopLength) {

    private static final int MOST_REMEMBERED = 500;

    /** Equal sheets that one is divided into, to fit what lies on the shelf; more of them come of the largest. */
    private static final int MOST_SHEETS = 8;

    /** A sheet that is tried: so many, each so large. */
    private record Tried(ClothPiece piece, long sheets, double area, long lengthsToBuy) {
        /** Of equal areas the one most like a square has least of it. */
        Length halfTheEdge() {
            return piece.width().plus(piece.length());
        }
    }

    static boolean drawsOnSheets(PiecingMethod method) {
        return method instanceof GridOfCells || method instanceof BiasStrips;
    }

    /**
     * The piece of fabric that a sheet is cut to.
     *
     * @param largest the recipe on a sheet as large as hands and rulers allow
     * @param onPiece the recipe on a piece of some size
     * @param step by which smaller squares for bias strips are tried
     */
    ClothPiece sheet(Wanted units, PiecingMethod method, Recipe largest, Recipes onPiece, Length step) {
        Stream<Tried> sheets =
                method instanceof GridOfCells ? grids(units, largest) : squares(units, largest, onPiece, step);
        return sheets.min(Comparator.comparingLong(Tried::lengthsToBuy)
                        .thenComparingLong(Tried::sheets)
                        .thenComparingDouble(Tried::area)
                        .thenComparing(Tried::halfTheEdge))
                .orElseThrow()
                .piece;
    }

    /** What a method makes of a piece of fabric. */
    @FunctionalInterface
    interface Recipes {
        Recipe on(ClothPiece piece);
    }

    private Stream<Tried> grids(Wanted units, Recipe largest) {
        Length cell = largest.sizesToCut().getFirst();
        CutSize most = largest.cuts().getFirst().size();
        int across = Math.toIntExact(most.width().wholeTimes(cell));
        int down = Math.toIntExact(most.height().wholeTimes(cell));
        long cells = Math.ceilDiv(units.all(), 2);
        return alike(cells, (long) across * down)
                .boxed()
                .flatMap(ofSheet -> IntStream.rangeClosed(1, across)
                        .filter(a -> Math.ceilDiv(ofSheet, a) <= down)
                        .mapToObj(a -> {
                            long b = Math.ceilDiv(ofSheet, a);
                            return tried(units, cell.times(a), cell.times(b), 2L * a * b);
                        }));
    }

    /** What each of a few equal sheets has to give: all of it on one, halves on two, and so on; as much as fits at most. */
    private static LongStream alike(long all, long most) {
        return LongStream.rangeClosed(1, MOST_SHEETS)
                .map(sheets -> Math.min(most, Math.ceilDiv(all, sheets)))
                .distinct();
    }

    private Stream<Tried> squares(Wanted units, Recipe largest, Recipes onPiece, Length step) {
        List<Square> squares = SQUARES.of(
                new OfSquares(units.key().unit(), largest.cuts(), largest.sizesToCut(), largest.sizes(), step), () -> {
                    List<Square> sizes = new ArrayList<>();
                    Length most = largest.cuts().getFirst().size().width();
                    sizes.add(new Square(most, largest.unitsPerSet()));
                    for (Length side = most.minus(step); side.isPositive(); side = side.minus(step)) {
                        Recipe recipe = onPiece.on(piece(side, side));
                        Length cut = recipe.cuts().getFirst().size().width();
                        sizes.add(new Square(cut, recipe.unitsPerSet()));
                        if (cut.isLongerThan(side)) {
                            break;
                        }
                    }
                    return sizes;
                });
        long most = squares.stream().mapToLong(Square::units).max().orElse(1);
        return alike(units.all(), most)
                .mapToObj(ofSheet -> squares.stream()
                        .filter(square -> square.units >= ofSheet)
                        .min(Comparator.comparing(Square::side))
                        .orElse(squares.getFirst()))
                .map(square -> tried(units, square.side, square.side, square.units));
    }

    /** A square for bias strips and the units that a pair of them gives. */
    private record Square(Length side, long units) {}

    /** What the squares of bias strips follow from. */
    private record OfSquares(
            PatchworkUnit unit, List<CutPiece> cuts, List<Length> strips, UnitSizes sizes, Length step) {}

    /** The squares are the same for every top, and asked for again and again while plans are searched for. */
    private static final Remembering<OfSquares, List<Square>> SQUARES = new Remembering<>(MOST_REMEMBERED);

    private Tried tried(Wanted units, Length width, Length length, long unitsASheet) {
        long sheets = Math.ceilDiv(units.all(), unitsASheet);
        double area = width.times(length).times(sheets).toDoubleSquareInches();
        CutSize size = new CutSize(width, length, true);
        double missing = area
                * (missing(units.cloth(ClothRole.A), size, sheets) + missing(units.cloth(ClothRole.B), size, sheets));
        return new Tried(piece(width, length), sheets, area, (long) Math.ceil(missing / shopLength));
    }

    /** The part of the sheets that is not on the shelf. */
    private double missing(String cloth, CutSize size, long sheets) {
        return Math.max(0, 1 - (double) supply.capacity(cloth, size) / sheets);
    }

    private static ClothPiece piece(Length width, Length length) {
        return new ClothPiece(PieceForm.YARDAGE, width, length, ClothPiece.Edge.STRAIGHT);
    }
}

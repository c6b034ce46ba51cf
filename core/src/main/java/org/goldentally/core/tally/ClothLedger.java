package org.goldentally.core.tally;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * One cloth's account: what is cut of it, from which pieces on hand, what stays whole, and what is to be bought.
 *
 * <p>How it is cut, as a quilter would by hand, one size a strip:
 *
 * <ol>
 *   <li>Largest pieces first, so that cloth which a larger piece needs is never cut up for a smaller one.
 *   <li>What is left of pieces that are cut into already comes before any whole piece; the smallest rest that will do.
 *   <li>Then whole pieces in the order that keeps the most useful leftovers: scraps, strips, precuts, fat quarters,
 *       yardage last (common practice, no source); among equals the smaller first.
 *   <li>What cannot be cut from the shelf is cut from cloth to buy, in the same way.
 * </ol>
 *
 * <p>For every piece: cut + left + trimmed = the piece, exactly; a rest is in one place only, so it is never promised
 * twice.
 *
 * @param cuts all that the quilt needs of this cloth, largest first
 * @param opened pieces that are cut into, equal ones cut alike counted together
 * @param untouched pieces that stay whole
 * @param missing what the shelf does not give
 * @param toBuy the cloth to buy for that; empty where nothing is missing, or where it cannot be cut from any cloth
 * @param widthToBuy usable width of the cloth that would be bought
 * @param tooLarge pieces that fit no cloth of the width to buy
 */
public record ClothLedger(
        String cloth,
        List<ClothCut> cuts,
        List<Opened> opened,
        List<ShelfPieces> untouched,
        List<ClothCut> missing,
        Optional<ToBuy> toBuy,
        List<ClothCut> tooLarge,
        Length widthToBuy) {

    /** Equal pieces of the shelf that are cut alike. */
    public record Opened(String key, long count, OpenedPiece piece) {}

    /** A length of cloth to buy, and how it is cut. */
    public record ToBuy(Purchase purchase, OpenedPiece piece) {}

    public boolean isEnough() {
        return missing.isEmpty();
    }

    /** Area of all that is cut, from the shelf and to buy. */
    public Area needed() {
        return cuts.stream().map(ClothCut::area).reduce(Area.ZERO, Area::plus);
    }

    public Area taken() {
        return sum(each -> each.piece().area());
    }

    public Area used() {
        return sum(OpenedPiece::used);
    }

    public Area left() {
        return sum(OpenedPiece::left);
    }

    public Area trimmed() {
        return sum(OpenedPiece::trimmed);
    }

    private Area sum(java.util.function.Function<OpenedPiece, Area> of) {
        return opened.stream()
                .map(each -> of.apply(each.piece).times(each.count))
                .reduce(Area.ZERO, Area::plus);
    }

    /** @param widthToBuy usable width of the cloth that would be bought */
    public static ClothLedger of(
            String cloth, List<ClothCut> needed, List<ShelfPieces> shelf, Length widthToBuy, MeasureSystem system) {
        List<ClothCut> cuts = alikeTogether(needed);
        cuts.sort(Comparator.comparing((ClothCut cut) -> longer(cut))
                .reversed()
                .thenComparing(
                        Comparator.comparing((ClothCut cut) -> shorter(cut)).reversed()));
        Table table = new Table(shelf);
        List<ClothCut> missing = new ArrayList<>();
        for (ClothCut cut : cuts) {
            long open = table.cut(cut);
            if (open > 0) {
                missing.add(cut.of(open));
            }
        }
        List<ClothCut> tooLarge = new ArrayList<>();
        Optional<ToBuy> toBuy = buy(missing, widthToBuy, system, tooLarge);
        return new ClothLedger(
                cloth,
                List.copyOf(cuts),
                table.opened(),
                table.untouched(),
                missing,
                toBuy,
                List.copyOf(tooLarge),
                widthToBuy);
    }

    /** Pieces of one size for the same kind of unit are cut in one go, whatever cloths they will meet. */
    private static List<ClothCut> alikeTogether(List<ClothCut> needed) {
        Map<List<Object>, ClothCut> together = new LinkedHashMap<>();
        needed.forEach(cut -> together.merge(List.of(cut.size(), cut.name(), cut.useLabel()), cut, ClothCut::and));
        return new ArrayList<>(together.values());
    }

    private static Length longer(ClothCut cut) {
        return Length.max(cut.size().width(), cut.size().height());
    }

    private static Length shorter(ClothCut cut) {
        return Length.min(cut.size().width(), cut.size().height());
    }

    private static Optional<ToBuy> buy(
            List<ClothCut> missing, Length width, MeasureSystem system, List<ClothCut> tooLarge) {
        // Each piece in a strip of its own is surely enough, and what is bought may be a step longer.
        Length endless =
                missing.stream().map(cut -> longer(cut).times(cut.count())).reduce(Purchase.step(system), Length::plus);
        OpenedPiece.OnTable length =
                new OpenedPiece.OnTable(new ClothPiece(PieceForm.YARDAGE, width, endless, ClothPiece.Edge.STRAIGHT));
        for (ClothCut cut : missing) {
            if (Table.cutFromOpened(length, cut, cut.count()) > 0) {
                tooLarge.add(cut);
            }
        }
        if (length.isUntouched()) {
            return Optional.empty();
        }
        // The rest of the length is the rectangle that reaches down to the end.
        Length exact = length.free().stream()
                .filter(free -> free.y().plus(free.height()).equals(endless)
                        && free.width().equals(width))
                .map(Rectangle::y)
                .findFirst()
                .orElse(endless);
        Purchase purchase = Purchase.of(exact, system);
        return Optional.of(new ToBuy(purchase, length.cutOffAt(purchase.bought())));
    }

    /** The pieces of one cloth, while they are cut. */
    private static final class Table {
        private final List<ShelfPieces> whole = new ArrayList<>();
        private final List<Integer> wholeCounts = new ArrayList<>();
        private final Map<String, List<OpenedPiece.OnTable>> opened = new LinkedHashMap<>();

        Table(List<ShelfPieces> shelf) {
            List<ShelfPieces> order = new ArrayList<>(shelf);
            order.sort(Comparator.<ShelfPieces>comparingInt(
                            p -> keepValue(p.piece().form()))
                    .thenComparing(p -> p.piece().area()));
            order.forEach(pieces -> {
                whole.add(pieces);
                wholeCounts.add(pieces.count());
            });
        }

        /** Cuts as many as the shelf gives; what is still open is missing. */
        long cut(ClothCut cut) {
            long open = cut.count();
            List<OpenedPiece.OnTable> tables =
                    opened.values().stream().flatMap(List::stream).toList();
            for (OpenedPiece.OnTable table : tables) {
                if (open == 0) {
                    return 0;
                }
                open = cutFromOpened(table, cut, open);
            }
            for (int i = 0; i < whole.size() && open > 0; i++) {
                ShelfPieces pieces = whole.get(i);
                long perPiece = PieceLayout.capacity(pieces.piece(), cut.size());
                while (perPiece > 0 && open > 0 && wholeCounts.get(i) > 0) {
                    OpenedPiece.OnTable table = new OpenedPiece.OnTable(pieces.piece());
                    open = cutFromOpened(table, cut, open);
                    wholeCounts.set(i, wholeCounts.get(i) - 1);
                    opened.computeIfAbsent(pieces.key(), any -> new ArrayList<>())
                            .add(table);
                }
            }
            return open;
        }

        /** The smallest rest that will do comes first; gives how many are still open. */
        static long cutFromOpened(OpenedPiece.OnTable table, ClothCut cut, long wanted) {
            long open = wanted;
            List<Rectangle> rests = new ArrayList<>(table.free());
            rests.sort(Comparator.comparing(Rectangle::area));
            for (Rectangle rest : rests) {
                if (open == 0) {
                    break;
                }
                open -= table.cutFrom(rest, cut, open);
            }
            return open;
        }

        List<Opened> opened() {
            Map<List<Object>, Long> counts = new LinkedHashMap<>();
            opened.forEach((key, tables) ->
                    tables.forEach(table -> counts.merge(List.of(key, table.asCut()), 1L, Long::sum)));
            List<Opened> alike = new ArrayList<>();
            counts.forEach((piece, count) ->
                    alike.add(new Opened((String) piece.getFirst(), count, (OpenedPiece) piece.getLast())));
            return alike;
        }

        List<ShelfPieces> untouched() {
            List<ShelfPieces> untouched = new ArrayList<>();
            for (int i = 0; i < whole.size(); i++) {
                if (wholeCounts.get(i) > 0) {
                    untouched.add(new ShelfPieces(
                            whole.get(i).key(), wholeCounts.get(i), whole.get(i).piece()));
                }
            }
            return untouched;
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
    }
}

package org.goldentally.core.account;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.account.ClothLedger.Opened;
import org.goldentally.core.account.ClothLedger.ToBuy;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.CuttingRules;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * Cuts one cloth as a quilter would by hand, one size a strip.
 *
 * <ol>
 *   <li>Largest pieces first, so that cloth which a larger piece needs is never cut up for a smaller one.
 *   <li>A precut, scrap or fat quarter that the pieces use up comes first: nothing of it is left worth keeping.
 *   <li>Then what is left of pieces that are cut into already, before any other whole piece; the smallest rest that will
 *       do.
 *   <li>Then whole pieces in the order that keeps the most useful leftovers: scraps, strips, precuts, fat quarters,
 *       yardage last (common practice, no source); among equals the smaller first.
 *   <li>What cannot be cut from the shelf is cut from cloth to buy, in the same way.
 *   <li>Where another order of the sizes buys less, or opens less, that one is taken.
 * </ol>
 */
final class PlainCutting {

    /** The order in which pieces are cut into: what is least useful whole comes first, and the smaller of equals. */
    static final Comparator<ShelfPieces> KEEP_MOST_USEFUL = Comparator.<ShelfPieces>comparingInt(
                    pieces -> keepValue(pieces.piece().form()))
            .thenComparing(pieces -> pieces.piece().area());

    private PlainCutting() {}

    private static int keepValue(PieceForm form) {
        return switch (form) {
            case CUT -> -1;
            case SCRAP -> 0;
            case STRIP -> 1;
            case SQUARE, FAT_EIGHTH -> 2;
            case FAT_QUARTER -> 3;
            case YARDAGE -> 4;
        };
    }

    /** In which order sizes are cut: where one order opens a piece too many, another may not. */
    private static final List<Comparator<ClothCut>> ORDERS = List.of(
            Comparator.comparing(ClothCut::longerSide)
                    .reversed()
                    .thenComparing(Comparator.comparing(ClothCut::shorterSide).reversed()),
            Comparator.comparing((ClothCut cut) -> cut.longerSide().times(cut.shorterSide()))
                    .reversed(),
            Comparator.comparing(ClothCut::shorterSide)
                    .reversed()
                    .thenComparing(Comparator.comparing(ClothCut::longerSide).reversed()));

    /** The least bought first, then the fewest pieces that are cut into and not used up, then the least trimmed away. */
    private static final Comparator<ClothLedger> BETTER = Comparator.<ClothLedger>comparingInt(
                    ledger -> ledger.tooLarge().size())
            .thenComparing(
                    ledger -> ledger.toBuy().map(buy -> buy.purchase().exact()).orElse(Length.ZERO))
            .thenComparingLong(PlainCutting::notUsedUp)
            .thenComparing(ClothLedger::trimmed);

    private static long notUsedUp(ClothLedger ledger) {
        return ledger.opened().stream()
                .filter(each -> !each.piece().used().equals(each.piece().piece().area()))
                .mapToLong(ClothLedger.Opened::count)
                .sum();
    }

    /** @param cuts the request's, alike ones together, largest first */
    static ClothLedger account(CuttingRequest request, List<ClothCut> cuts) {
        if (cuts.size() == 1 || request.rules() == CuttingRules.FORMER) {
            return account(request, cuts, cuts, true);
        }
        // Without a shelf there is nothing to be used up.
        List<Boolean> usingUp = request.shelf().isEmpty() ? List.of(true) : List.of(true, false);
        return ORDERS.stream()
                .map(order -> cuts.stream().sorted(order).toList())
                .distinct()
                .flatMap(order -> usingUp.stream().map(usesUp -> account(request, cuts, order, usesUp)))
                .min(BETTER)
                .orElseThrow();
    }

    /**
     * Cut in one order.
     *
     * @param usesUp whether pieces that a size uses up come before what is left of those that are cut into
     */
    private static ClothLedger account(
            CuttingRequest request, List<ClothCut> cuts, List<ClothCut> order, boolean usesUp) {
        Table table = new Table(request, usesUp);
        List<ClothCut> missing = new ArrayList<>();
        for (ClothCut cut : order) {
            long open = table.cut(cut);
            if (open > 0) {
                missing.add(cut.of(open));
            }
        }
        List<ClothCut> tooLarge = new ArrayList<>();
        Optional<ToBuy> toBuy = buy(missing, request, tooLarge);
        return new ClothLedger(request, cuts, table.opened(), table.untouched(), missing, toBuy, List.copyOf(tooLarge));
    }

    private static Optional<ToBuy> buy(List<ClothCut> missing, CuttingRequest request, List<ClothCut> tooLarge) {
        Length width = request.widthToBuy();
        MeasureSystem system = request.system();
        // Each piece in a strip of its own is surely enough, and what is bought may be a step longer.
        Length endless = missing.stream()
                .map(cut -> cut.longerSide().times(cut.count()))
                .reduce(Purchase.step(system).plus(request.squaringUp()), Length::plus);
        OpenedPiece.OnTable length = new OpenedPiece.OnTable(
                new ClothPiece(PieceForm.YARDAGE, width, endless, ClothPiece.Edge.STRAIGHT),
                request.squaringUp(),
                request.rules());
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
        return Optional.of(new ToBuy(purchase, length.cutOffAt(purchase.bought()), Optional.empty()));
    }

    /** The pieces of one cloth, while they are cut. */
    private static final class Table {
        private final List<ShelfPieces> whole = new ArrayList<>();
        private final List<Integer> wholeCounts = new ArrayList<>();
        private final Map<String, List<OpenedPiece.OnTable>> opened = new LinkedHashMap<>();

        private final CuttingRequest request;
        private final boolean usesUp;

        Table(CuttingRequest request, boolean usesUp) {
            this.usesUp = usesUp;
            this.request = request;
            List<ShelfPieces> order = new ArrayList<>(request.shelf());
            order.sort(KEEP_MOST_USEFUL);
            order.forEach(pieces -> {
                whole.add(pieces);
                wholeCounts.add(pieces.count());
            });
        }

        /** Cuts as many as the shelf gives; what is still open is missing. */
        long cut(ClothCut cut) {
            long open = cut.count();
            for (int i = 0; usesUp && i < whole.size() && open > 0; i++) {
                long perPiece = usedUpBy(whole.get(i).piece(), cut.size());
                long pieces = perPiece == 0 ? 0 : Math.min(open / perPiece, wholeCounts.get(i));
                if (pieces > 0) {
                    open -= pieces * perPiece - cutFromWhole(i, cut, pieces * perPiece);
                }
            }
            List<OpenedPiece.OnTable> tables =
                    opened.values().stream().flatMap(List::stream).toList();
            for (OpenedPiece.OnTable table : tables) {
                if (open == 0) {
                    return 0;
                }
                open = cutFromOpened(table, cut, open);
            }
            for (int i = 0; i < whole.size() && open > 0; i++) {
                open = cutFromWhole(i, cut, open);
            }
            return open;
        }

        /** How many such pieces use up a precut, scrap or fat quarter, so that nothing else worth keeping is left of it. */
        private static long usedUpBy(ClothPiece piece, CutSize size) {
            if (piece.form() == PieceForm.YARDAGE) {
                return 0;
            }
            PieceLayout layout = PieceLayout.of(piece, size);
            return layout.leftovers().isEmpty() ? layout.count() : 0;
        }

        private long cutFromWhole(int place, ClothCut cut, long wanted) {
            ShelfPieces pieces = whole.get(place);
            long open = wanted;
            while (open > 0 && wholeCounts.get(place) > 0) {
                OpenedPiece.OnTable table =
                        new OpenedPiece.OnTable(pieces.piece(), request.squaringUp(), request.rules());
                long before = open;
                open = cutFromOpened(table, cut, open);
                if (open == before) {
                    return open;
                }
                wholeCounts.set(place, wholeCounts.get(place) - 1);
                opened.computeIfAbsent(pieces.key(), any -> new ArrayList<>()).add(table);
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
    }
}

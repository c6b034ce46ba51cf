package org.goldentally.core.tally;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.measure.MeasureSystem;

/**
 * Other ways to buy what is short than by the length: fat quarters, precut pieces like those on the shelf, one more pack.
 * Each is counted by cutting: the pieces are put on the shelf, and the account must then be enough; one piece fewer is not.
 * They are cut one size a strip, so a thriftier way of cutting may do with fewer.
 */
public record WaysToBuy(List<Pieces> pieces, List<Packs> packs) {

    /** Nobody buys more pieces of one print than this (our own limit). */
    private static final int MOST_PIECES = 24;

    /** Nor more packs (our own limit). */
    private static final int MOST_PACKS = 1_000;

    /** More than a few fat quarters are offered only where they are not more fabric than the length by this factor (our own). */
    private static final double NOT_SILLY = 4.0 / 3;

    private static final int A_FEW = 2;

    /**
     * Equal pieces of one cloth.
     *
     * @param cost empty where their price is not known
     */
    public record Pieces(String cloth, ClothPiece piece, int count, Optional<BigDecimal> cost) {}

    /**
     * Packs of several prints: each as much again as lies there of them.
     *
     * @param prints of which there is something in the pack
     * @param pieces in one pack, in words
     * @param instead cloths that then need not be bought by the length
     * @param cost empty where the price of a pack is not known
     */
    public record Packs(
            String pack, int count, int prints, String pieces, List<String> instead, Optional<BigDecimal> cost) {}

    public WaysToBuy {
        pieces = List.copyOf(pieces);
        packs = List.copyOf(packs);
    }

    /** Ways for all cloths of a tally that are short. */
    public static WaysToBuy of(
            TopTally tally, Map<String, List<ShelfPieces>> shelf, Prices prices, ClothCutter cutter) {
        List<Pieces> pieces = new ArrayList<>();
        for (ClothLedger ledger : tally.ledgers()) {
            if (ledger.toBuy().isPresent() && ledger.tooLarge().isEmpty()) {
                for (ClothPiece form : forms(ledger.request())) {
                    enough(ledger, form, cutter)
                            .filter(count -> isNoSillierThanTheLength(ledger, form, count))
                            .ifPresent(count -> pieces.add(new Pieces(
                                    ledger.cloth(),
                                    form,
                                    count,
                                    prices.ofPiece(ledger.cloth(), form.form()).map(price -> price.times(count)))));
                }
            }
        }
        return new WaysToBuy(pieces, packs(tally, shelf, prices, cutter));
    }

    /** Eight fat quarters are two yards: nobody takes them for one yard and an eighth. */
    private static boolean isNoSillierThanTheLength(ClothLedger ledger, ClothPiece form, int count) {
        double length = ledger.toBuy().stream()
                .mapToDouble(buy ->
                        buy.purchase().bought().times(ledger.widthToBuy()).toDoubleSquareInches())
                .sum();
        return count <= A_FEW
                || form.form() != PieceForm.FAT_QUARTER
                || form.area().times(count).toDoubleSquareInches() <= length * NOT_SILLY;
    }

    /** More packs of those that prints which are short come from. */
    public static List<Packs> packs(
            TopTally tally, Map<String, List<ShelfPieces>> shelf, Prices prices, ClothCutter cutter) {
        List<Packs> packs = new ArrayList<>();
        Set<String> names = new LinkedHashSet<>();
        tally.top().design().cloths().stream()
                .filter(cloth -> !cloth.pack().isEmpty() && !cloth.dealt())
                .forEach(cloth -> names.add(cloth.pack()));
        names.forEach(name -> packs(tally, name, shelf, prices, cutter).ifPresent(packs::add));
        return packs;
    }

    /** A fat quarter, and precut pieces as they lie there. */
    private static List<ClothPiece> forms(CuttingRequest request) {
        UsualSizes usual = UsualSizes.of(request.system());
        Set<ClothPiece> forms = new LinkedHashSet<>();
        forms.add(new ClothPiece(
                PieceForm.FAT_QUARTER, usual.halfWidth(), usual.halfPurchase(), ClothPiece.Edge.STRAIGHT));
        request.shelf().stream()
                .map(ShelfPieces::piece)
                .filter(piece -> piece.form() == PieceForm.SQUARE || piece.form() == PieceForm.STRIP)
                .forEach(forms::add);
        return List.copyOf(forms);
    }

    /** The least number of such pieces with which nothing is missing. */
    private static Optional<Integer> enough(ClothLedger ledger, ClothPiece form, ClothCutter cutter) {
        for (int count = 1; count <= MOST_PIECES; count++) {
            ClothLedger with = with(ledger.request(), List.of(new ShelfPieces("bought", count, form)), cutter);
            if (with.isEnough()) {
                return Optional.of(count);
            }
            if (with.missing().equals(ledger.missing())) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static ClothLedger with(CuttingRequest request, List<ShelfPieces> more, ClothCutter cutter) {
        List<ShelfPieces> shelf = new ArrayList<>(request.shelf());
        shelf.addAll(more);
        return cutter.account(new CuttingRequest(
                request.cloth(),
                request.cuts(),
                shelf,
                request.widthToBuy(),
                request.system(),
                CuttingChoice.PLAIN,
                request.squaringUp()));
    }

    /** Packs as there is one of, so many that none of its prints is short any more. */
    private static Optional<Packs> packs(
            TopTally tally, String name, Map<String, List<ShelfPieces>> shelf, Prices prices, ClothCutter cutter) {
        Map<String, List<ShelfPieces>> onePack = onePack(tally.top().design().cloths(), name, shelf);
        List<ClothLedger> lacking = tally.ledgers().stream()
                .filter(ledger -> ledger.toBuy().isPresent() && onePack.containsKey(ledger.cloth()))
                .toList();
        if (lacking.size() < 2) {
            return Optional.empty();
        }
        return leastPacks(lacking, onePack, cutter)
                .map(count -> new Packs(
                        name,
                        count,
                        onePack.size(),
                        inWords(onePack, tally.top().design().system()),
                        lacking.stream().map(ClothLedger::cloth).toList(),
                        prices.ofPack(name).map(price -> price.times(count))));
    }

    /** The least number that is enough: doubled until it is, then halved between. */
    private static Optional<Integer> leastPacks(
            List<ClothLedger> lacking, Map<String, List<ShelfPieces>> onePack, ClothCutter cutter) {
        // Where a pack gives a print nothing that is missing, no number of packs does.
        boolean never = lacking.stream()
                .anyMatch(ledger ->
                        withPacks(1, ledger, onePack, cutter).missing().equals(ledger.missing()));
        if (never) {
            return Optional.empty();
        }
        int enough = 1;
        while (!areEnough(enough, lacking, onePack, cutter)) {
            enough *= 2;
            if (enough > MOST_PACKS) {
                return Optional.empty();
            }
        }
        int tooFew = enough / 2;
        while (enough - tooFew > 1) {
            int middle = (enough + tooFew) / 2;
            if (areEnough(middle, lacking, onePack, cutter)) {
                enough = middle;
            } else {
                tooFew = middle;
            }
        }
        return Optional.of(enough);
    }

    private static boolean areEnough(
            int packs, List<ClothLedger> lacking, Map<String, List<ShelfPieces>> onePack, ClothCutter cutter) {
        return lacking.stream()
                .allMatch(ledger -> withPacks(packs, ledger, onePack, cutter).isEnough());
    }

    private static ClothLedger withPacks(
            int packs, ClothLedger ledger, Map<String, List<ShelfPieces>> onePack, ClothCutter cutter) {
        List<ShelfPieces> more = onePack.getOrDefault(ledger.cloth(), List.of()).stream()
                .map(pieces -> new ShelfPieces("bought", pieces.count() * packs, pieces.piece()))
                .toList();
        return with(ledger.request(), more, cutter);
    }

    /** What lies there of each print of a pack: a second pack has as much. */
    private static Map<String, List<ShelfPieces>> onePack(
            List<ClothInHand> cloths, String name, Map<String, List<ShelfPieces>> shelf) {
        Map<String, List<ShelfPieces>> there = new LinkedHashMap<>();
        for (ClothInHand cloth : cloths) {
            List<ShelfPieces> precut = shelf.getOrDefault(cloth.key(), List.of()).stream()
                    .filter(pieces -> pieces.piece().form() != PieceForm.YARDAGE
                            && pieces.piece().form() != PieceForm.SCRAP
                            && pieces.piece().form() != PieceForm.CUT)
                    .toList();
            if (cloth.pack().equals(name) && !cloth.dealt() && !precut.isEmpty()) {
                there.put(cloth.key(), precut);
            }
        }
        return there;
    }

    private static String inWords(Map<String, List<ShelfPieces>> onePack, MeasureSystem system) {
        Map<ClothPiece, Integer> counts = new LinkedHashMap<>();
        onePack.values().stream()
                .flatMap(List::stream)
                .forEach(pieces -> counts.merge(pieces.piece(), pieces.count(), Integer::sum));
        List<String> said = new ArrayList<>();
        counts.forEach((piece, count) -> said.add(piece.describe(count, system)));
        return String.join("; ", said);
    }
}

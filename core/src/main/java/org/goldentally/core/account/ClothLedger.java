package org.goldentally.core.account;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cutting.CuttingRules;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;

/**
 * One cloth's account: what is cut of it, from which pieces on hand, what stays whole, and what is to be bought.
 *
 * <p>It is cut one size a strip, as by hand ({@link PlainCutting}), or by a plan ({@link PlannedCutting}).
 *
 * <p>For every piece: cut + left + trimmed = the piece, exactly; a rest is in one place only, so it is never promised
 * twice.
 *
 * @param request what was asked for
 * @param cuts all that the quilt needs of this cloth, largest first
 * @param opened pieces that are cut into, equal ones cut alike counted together
 * @param untouched pieces that stay whole
 * @param missing what the shelf does not give
 * @param toBuy the cloth to buy for that; empty where nothing is missing, or where it cannot be cut from any cloth
 * @param tooLarge pieces that fit no cloth of the width to buy
 */
public record ClothLedger(
        CuttingRequest request,
        List<ClothCut> cuts,
        List<Opened> opened,
        List<ShelfPieces> untouched,
        List<ClothCut> missing,
        Optional<ToBuy> toBuy,
        List<ClothCut> tooLarge) {

    /** Equal pieces of the shelf that are cut alike. */
    public record Opened(String key, long count, OpenedPiece piece) {

        /** Whether they were to be bought and are cut into by now. */
        public boolean isBought() {
            return key.equals(BOUGHT);
        }
    }

    /**
     * A length of cloth to buy, and how it is cut.
     *
     * @param atLeast proven: no plan of the same style is shorter for what is missing; empty where nothing is known
     */
    public record ToBuy(Purchase purchase, OpenedPiece piece, Optional<Length> atLeast) {}

    /** The cloth's key in the quilt. */
    public String cloth() {
        return request.cloth();
    }

    /** Usable width of the cloth that would be bought. */
    public Length widthToBuy() {
        return request.widthToBuy();
    }

    /** How it is cut. */
    public CuttingChoice choice() {
        return request.choice();
    }

    /** Whether nothing is missing: the shelf alone gives every piece. */
    public boolean isEnough() {
        return missing.isEmpty();
    }

    /** Under which a length that was bought is counted once it is cut into. */
    public static final String BOUGHT = "bought";

    /**
     * The same once what is to buy is bought and cut into, so that it is not bought twice.
     *
     * @param ticked keys of the cutting steps that are done
     */
    public ClothLedger boughtWhereCut(Set<String> ticked) {
        boolean cutInto =
                toBuy.isPresent() && SheetSteps.of(this).getLast().stream().anyMatch(step -> step.isIn(ticked));
        if (!cutInto) {
            return this;
        }
        List<Opened> more = new ArrayList<>(opened);
        more.add(new Opened(BOUGHT, 1, toBuy.orElseThrow().piece()));
        return new ClothLedger(request, cuts, more, untouched, tooLarge, Optional.empty(), tooLarge);
    }

    /** Area of all that is cut, from the shelf and to buy. */
    public Area needed() {
        return cuts.stream().map(ClothCut::area).reduce(Area.ZERO, Area::plus);
    }

    /** All cloth that is cut into, what is bought for it too. */
    public Area taken() {
        return sum(each -> each.piece().area());
    }

    /** What is cut out of the cloth that is cut into, before any is trimmed. */
    public Area used() {
        return sum(OpenedPiece::used);
    }

    /** Rests that are large enough to keep. */
    public Area left() {
        return sum(OpenedPiece::left);
    }

    /** Rests that are too narrow to keep, and edges cut true. */
    public Area trimmed() {
        return sum(OpenedPiece::trimmed);
    }

    /** Over every piece that is cut into, from the shelf and bought: used + left + trimmed = taken. */
    private Area sum(java.util.function.Function<OpenedPiece, Area> of) {
        Area ofShelf = opened.stream()
                .map(each -> of.apply(each.piece).times(each.count))
                .reduce(Area.ZERO, Area::plus);
        return toBuy.map(buy -> ofShelf.plus(of.apply(buy.piece()))).orElse(ofShelf);
    }

    /** The account cut as the request says; cut sizes on no common ruler are cut plainly. */
    public static ClothLedger of(CuttingRequest request) {
        return of(request, length -> true);
    }

    /**
     * Works the account out.
     *
     * @param goOn asked now and then with the best length so far, in marks; a long search ends when it says no
     */
    public static ClothLedger of(CuttingRequest request, Predicate<Integer> goOn) {
        List<ClothCut> cuts = alikeTogether(request.cuts());
        cuts.sort(Comparator.comparing(ClothCut::longerSide)
                .reversed()
                .thenComparing(Comparator.comparing(ClothCut::shorterSide).reversed()));
        return AlreadyCut.of(request, cuts)
                .map(already -> already.with(stillToCut(already.rest(), already.open(), goOn)))
                .orElseGet(() -> stillToCut(request, cuts, goOn));
    }

    private static ClothLedger stillToCut(CuttingRequest request, List<ClothCut> cuts, Predicate<Integer> goOn) {
        if (request.choice().style() == CuttingStyle.PLAIN || cuts.isEmpty()) {
            return PlainCutting.account(request, List.copyOf(cuts));
        }
        Optional<ClothLedger> planned = PlannedCutting.account(request, List.copyOf(cuts), goOn);
        if (planned.isPresent() && request.rules() == CuttingRules.FORMER) {
            return planned.get();
        }
        List<ClothLedger> accounts = new ArrayList<>(planned.stream().toList());
        if (planned.isPresent() && request.choice().style() == CuttingStyle.THRIFTY) {
            PlannedCutting.account(request.with(request.choice().in(CuttingStyle.TIDY)), List.copyOf(cuts), goOn)
                    .ifPresent(tidy -> accounts.add(tidy.insteadOf(planned.get())));
        }
        accounts.add(PlainCutting.account(
                planned.isPresent() ? request : request.with(CuttingChoice.PLAIN), List.copyOf(cuts)));
        return accounts.stream()
                .reduce((best, simpler) -> simpler.buysLessThan(best) ? simpler : best)
                .orElseThrow();
    }

    /** This account, where it is given for one of a style that takes more trouble: what is proven is proven of that style. */
    private ClothLedger insteadOf(ClothLedger other) {
        Optional<Length> atLeast = other.toBuy.flatMap(ToBuy::atLeast);
        return new ClothLedger(
                other.request,
                cuts,
                opened,
                untouched,
                missing,
                toBuy.map(buy -> new ToBuy(buy.purchase(), buy.piece(), atLeast)),
                tooLarge);
    }

    /** Whoever takes more trouble never buys more for it: the simpler account stands where it is the shorter. */
    private boolean buysLessThan(ClothLedger other) {
        return tooLarge.size() < other.tooLarge.size()
                || (tooLarge.size() == other.tooLarge.size() && length().isShorterThan(other.length()));
    }

    /** Of cloth to buy, to the mark. */
    private Length length() {
        return toBuy.map(buy -> buy.purchase().exact()).orElse(Length.ZERO);
    }

    /** Pieces of one size for the same kind of unit are cut in one go, whatever cloths they will meet. */
    private static List<ClothCut> alikeTogether(List<ClothCut> needed) {
        Map<List<Object>, ClothCut> together = new LinkedHashMap<>();
        needed.forEach(cut -> together.merge(List.of(cut.size(), cut.name(), cut.useLabel()), cut, ClothCut::and));
        return new ArrayList<>(together.values());
    }

    /** The same account with more cut of the pieces that are cut into, as a binding is cut of what is left over. */
    public ClothLedger withMore(List<ClothCut> more, List<Opened> others) {
        List<ClothCut> all = new ArrayList<>(cuts);
        all.addAll(more);
        return new ClothLedger(request, List.copyOf(all), List.copyOf(others), untouched, missing, toBuy, tooLarge);
    }

    /**
     * What all of it would be as one length of cloth, cut in the same way, whatever is on hand; the account itself where
     * nothing is, so that the two never disagree.
     */
    public Optional<Purchase> asYardage(ClothCutter cutter) {
        ClothLedger bought = opened.isEmpty() ? this : cutter.account(request.withoutShelf());
        return bought.toBuy().map(ToBuy::purchase);
    }

    /** How many of each kind of piece on hand are cut into. */
    public Map<ClothPiece, Long> openedPieces() {
        Map<ClothPiece, Long> pieces = new LinkedHashMap<>();
        opened.forEach(each -> pieces.merge(each.piece().piece(), each.count(), Long::sum));
        return pieces;
    }

    /** Pieces of cloth as they are cut, what is to be bought with them. */
    public List<OpenedPiece> piecesCut() {
        List<OpenedPiece> pieces = new ArrayList<>();
        opened.forEach(each -> pieces.add(each.piece()));
        toBuy.ifPresent(buy -> pieces.add(buy.piece()));
        return pieces;
    }

    /** How many differently cut strips there are: each wants a look at the plan. */
    public int layouts() {
        return (int) piecesCut().stream()
                .flatMap(piece -> piece.layouts().stream())
                .distinct()
                .count();
    }
}

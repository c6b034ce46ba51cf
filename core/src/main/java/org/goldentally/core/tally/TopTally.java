package org.goldentally.core.tally;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.account.ShelfSupply;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.CuttingRules;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.finishing.FabricWidths;
import org.goldentally.core.finishing.Finishing;
import org.goldentally.core.finishing.ScrappyBinding;
import org.goldentally.core.finishing.StripPlan;
import org.goldentally.core.finishing.StripPlans;
import org.goldentally.core.making.BonusUnits;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.MakingPlan;
import org.goldentally.core.making.Supply;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.making.Use;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;

/**
 * The tally of a whole top: how each group of units is made, and each cloth's account.
 *
 * @param making how all units and pieces are made
 * @param strips strips of sashing, borders and binding, joined where they are longer than the cloth is wide
 * @param ledgers one for each cloth of the quilt that anything is cut of
 * @param undressed pieces of patches that have no cloth yet
 * @param bonus units sewn of cut-off corners, where the quilter wants them
 * @param unplanned units that no method makes in their cloths; no cloth is counted for them
 */
public record TopTally(
        QuiltTop top,
        TopCount count,
        MakingPlan making,
        List<StripPlan> strips,
        List<ClothLedger> ledgers,
        List<ClothCut> undressed,
        List<BonusUnits> bonus,
        List<TopCount.Group> unplanned) {

    /** For each group of units the ways to make it, and the one that is taken. */
    public List<UnitPlans.Choice> choices() {
        return making.choices();
    }

    /** Whether pieces are panels of the backing. */
    public boolean isBacking(ClothCut cut) {
        return cut.uses().contains(Use.Finish.BACKING);
    }

    /** The strips of the binding; empty where there is none. */
    public Optional<StripPlan> binding() {
        return strips.stream()
                .filter(strip -> strip.kind() == StripPlan.Kind.BINDING)
                .findFirst();
    }

    /** What the quilter should put right of the plan: what says nothing. */
    public List<Problem> problems() {
        return Stream.of(top.read().work().problems(), making.problems(), RulerNotes.of(this))
                .flatMap(List::stream)
                .toList();
    }

    /** Whether patches, sashing or borders have no fabric yet, so that nobody can tell what they take. */
    public boolean hasUndressed() {
        return undressed.stream().anyMatch(cut -> cut.uses().stream().noneMatch(use -> use instanceof Use.Finish));
    }

    /** Tallied with every account worked out afresh. */
    public static TopTally of(QuiltTop top, Map<String, List<ShelfPieces>> shelf) {
        return of(top, shelf, ClothLedger::of);
    }

    /** Tallied with accounts from whoever may remember them. */
    public static TopTally of(QuiltTop top, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        return of(top, TopCount.of(top), top.read(), shelf, cutter);
    }

    /** The same as its sheets were laid out before; for quilts of which some are cut already. */
    public static TopTally byFormerRules(QuiltTop top, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        return of(top, TopCount.of(top), top.read(), shelf, cutter, CuttingRules.FORMER);
    }

    /**
     * The tally of a top that is counted already, made as another design says: to try methods without counting anew.
     *
     * @param read differs from the top's in nothing that changes the count
     */
    public static TopTally of(
            QuiltTop top, TopCount count, ReadDesign read, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        return of(top, count, read, shelf, cutter, CuttingRules.NOW);
    }

    private static TopTally of(
            QuiltTop top,
            TopCount count,
            ReadDesign read,
            Map<String, List<ShelfPieces>> shelf,
            ClothCutter cutter,
            CuttingRules rules) {
        QuiltDesign design = read.typed();
        Length usual = UsualSizes.of(design.system()).widthOfFabric();
        MakingPlan making = UnitPlans.of(count, read, usual, supply(shelf, rules));
        List<StripPlan> strips = new ArrayList<>(new StripPlans(
                        top, read, cloth -> width(shelf.getOrDefault(cloth, List.of()), usual), rules)
                .of(count));
        FinishingDesign finish = design.finishing();
        Finishing finishing = Finishing.of(top, finish.panels(), widths(design, shelf));
        Optional<StripPlan> binding = finishing.binding().map(each -> StripPlans.binding(each, finish));
        Optional<StripPlan> backing = finishing.backing().flatMap(each -> StripPlans.backing(each, finish));
        backing.ifPresent(strips::add);
        boolean scrappy = finish.scrappyBinding() && binding.isPresent();
        binding.filter(any -> !scrappy).ifPresent(strips::add);
        List<ClothLedger> ledgers = ledgers(read, making, strips, shelf, cutter, rules);
        if (scrappy) {
            LengthWriter writer = design.system().writer();
            ScrappyBinding scraps = ScrappyBinding.from(ledgers, binding.get(), writer);
            strips.add(scraps.plan());
            // What the leftovers do not reach is cut of the cloth of the binding, which changes its account.
            ledgers = scraps.isEnough()
                    ? scraps.ledgers()
                    : ScrappyBinding.from(ledgers(read, making, strips, shelf, cutter, rules), binding.get(), writer)
                            .ledgers();
        }
        return new TopTally(
                top,
                count,
                making,
                strips,
                ledgers,
                undressed(making, strips),
                bonus(making, design, top),
                UnitPlans.unplanned(count, making.choices()));
    }

    private static List<BonusUnits> bonus(MakingPlan making, QuiltDesign design, QuiltTop top) {
        return making.choices().stream()
                .map(UnitPlans.Choice::chosen)
                .filter(plan -> design.plan().bonus().contains(plan.key().choice()))
                .flatMap(plan -> BonusUnits.of(plan, top.settings()).stream())
                .toList();
    }

    /** What is to be cut of cloth that is not chosen yet. */
    private static List<ClothCut> undressed(MakingPlan making, List<StripPlan> strips) {
        List<ClothCut> undressed = making.cuts().stream()
                .filter(cut -> cut.cloth().isEmpty())
                .collect(java.util.stream.Collectors.toCollection(ArrayList::new));
        strips.stream()
                .flatMap(strip -> strip.cuts().stream())
                .filter(cut -> cut.cloth().isEmpty() && cut.count() > 0)
                .forEach(undressed::add);
        return undressed;
    }

    private static List<ClothLedger> ledgers(
            ReadDesign read,
            MakingPlan making,
            List<StripPlan> strips,
            Map<String, List<ShelfPieces>> shelf,
            ClothCutter cutter,
            CuttingRules rules) {
        return requests(read, making, strips, shelf, rules).stream()
                .map(cutter::account)
                .toList();
    }

    /** The former rules knew of no fabric how wide it is. */
    private static Supply supply(Map<String, List<ShelfPieces>> shelf, CuttingRules rules) {
        ShelfSupply supply = new ShelfSupply(shelf);
        return rules == CuttingRules.NOW ? supply : supply.withoutWidths();
    }

    /** What is to be cut of each cloth of the quilt that anything is cut of. */
    private static List<CuttingRequest> requests(
            ReadDesign read,
            MakingPlan making,
            List<StripPlan> strips,
            Map<String, List<ShelfPieces>> shelf,
            CuttingRules rules) {
        QuiltDesign design = read.typed();
        Length usual = UsualSizes.of(design.system()).widthOfFabric();
        Map<String, List<ClothCut>> byCloth = new LinkedHashMap<>();
        making.cuts().forEach(cut -> add(byCloth, cut));
        strips.stream()
                .flatMap(strip -> strip.cuts().stream())
                .filter(cut -> cut.count() > 0)
                .forEach(cut -> add(byCloth, cut));
        Length squaringUp = read.work().squaringUp();
        Length backingWidth = strips.stream()
                .filter(strip -> strip.kind() == StripPlan.Kind.BACKING)
                .map(StripPlan::cutWidth)
                .reduce(Length.ZERO, Length::max);
        List<CuttingRequest> requests = new ArrayList<>();
        for (ClothInHand cloth : design.cloths()) {
            List<ClothCut> cuts = byCloth.get(cloth.key());
            if (cuts != null) {
                List<ShelfPieces> pieces = shelf.getOrDefault(cloth.key(), List.of());
                requests.add(new CuttingRequest(
                        cloth.key(),
                        cloth.directional() ? unturned(cuts) : cuts,
                        pieces,
                        cloth.key().equals(design.finishing().backingCloth())
                                ? Length.max(width(pieces, usual), backingWidth)
                                : width(pieces, usual),
                        design.system(),
                        design.plan().cuttingOf(cloth.key()),
                        squaringUp,
                        rules));
            }
        }
        return requests;
    }

    /** What is to be cut of one cloth, to try other ways of cutting it. */
    public Optional<CuttingRequest> request(String cloth, Map<String, List<ShelfPieces>> shelf) {
        return requests(top.read(), making, strips, shelf, CuttingRules.NOW).stream()
                .filter(request -> request.cloth().equals(cloth))
                .findFirst();
    }

    /** A print with an up and a down is never cut turned. */
    private static List<ClothCut> unturned(List<ClothCut> cuts) {
        return cuts.stream().map(ClothCut::unturned).toList();
    }

    private static void add(Map<String, List<ClothCut>> byCloth, ClothCut cut) {
        byCloth.computeIfAbsent(cut.cloth(), any -> new ArrayList<>()).add(cut);
    }

    /**
     * The same with what is bought and cut into on hand.
     *
     * @param ticked keys of the cutting steps that are done
     */
    public TopTally boughtWhereCut(Set<String> ticked) {
        return ticked.isEmpty()
                ? this
                : withLedgers(
                        top,
                        ledgers.stream()
                                .map(ledger -> ledger.boughtWhereCut(ticked))
                                .toList());
    }

    /** The same with other accounts, such as those of many kits together. */
    public TopTally withLedgers(QuiltTop other, List<ClothLedger> others) {
        return new TopTally(other, count, making, strips, List.copyOf(others), undressed, bonus, unplanned);
    }

    /** How wide the fabrics of binding and backing are, where they are on the shelf as yardage. */
    public static FabricWidths widths(QuiltDesign design, Map<String, List<ShelfPieces>> shelf) {
        return new FabricWidths(
                widest(shelf.getOrDefault(design.finishing().bindingCloth(), List.of())),
                widest(shelf.getOrDefault(design.finishing().backingCloth(), List.of())));
    }

    private static Optional<Length> widest(List<ShelfPieces> pieces) {
        return pieces.stream()
                .map(ShelfPieces::piece)
                .filter(piece -> piece.form() == PieceForm.YARDAGE)
                .map(org.goldentally.core.cloth.ClothPiece::width)
                .max(Length::compareTo);
    }

    /** Cloth is bought, and strips are cut, as wide as the yardage on hand; else as wide as is usual. */
    public static Length width(List<ShelfPieces> pieces, Length usual) {
        return widest(pieces).orElse(usual);
    }
}

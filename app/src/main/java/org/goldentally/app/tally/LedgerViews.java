package org.goldentally.app.tally;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.goldentally.app.tally.TallyView.BandView;
import org.goldentally.app.tally.TallyView.LedgerView;
import org.goldentally.app.tally.TallyView.UseView;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.StyleChoices;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.formula.Working;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.making.Use;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Known;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.GroupKey;

/** A cloth's account as shown: its band to scale, what it is used for, what is left, what to buy. */
final class LedgerViews {

    private LedgerViews() {}

    static LedgerView ledger(
            ClothLedger ledger,
            ClothInHand cloth,
            Optional<Price> price,
            Optional<Purchase> asYardage,
            MeasureSystem system) {
        List<String> leftovers = LedgerWords.leftovers(ledger, system);
        Optional<Purchase> purchase = ledger.toBuy().map(ClothLedger.ToBuy::purchase);
        return new LedgerView(
                cloth.key(),
                cloth.name(),
                cloth.colour(),
                system.writeArea(ledger.needed()),
                asYardage.map(each -> exactly(each, system)).orElse(""),
                ledger.isEnough(),
                ledger.opened().stream().anyMatch(each -> each.key().equals(ClothLedger.BOUGHT)),
                LedgerWords.onHand(ledger, system),
                bands(ledger, leftovers),
                ledger.cuts().stream().map(cut -> use(cut, system)).toList(),
                ledger.untouched().stream()
                        .map(pieces -> pieces.piece().describe(pieces.count(), system))
                        .toList(),
                leftovers,
                system.writeArea(ledger.trimmed()),
                purchase.map(each -> system.writer().writeWithUnit(each.exact()))
                        .orElse(null),
                purchase.map(each -> price.map(sold -> sold.sold(each)).orElse(each))
                        .map(Purchase::write)
                        .orElse(null),
                purchase.flatMap(each -> price.flatMap(sold -> sold.of(each)))
                        .map(BigDecimal::toPlainString)
                        .orElse(null),
                ledger.choice().style().label(),
                StyleChoices.proof(ledger, system),
                ledger.toBuy()
                        .map(buy -> LedgerWords.leftovers(buy.piece(), system))
                        .orElse(List.of()),
                problems(ledger, cloth, system),
                workings(ledger, system));
    }

    private static String exactly(Purchase purchase, MeasureSystem system) {
        return purchase.write() + " (" + system.writer().writeWithUnit(purchase.exact()) + " exactly)";
    }

    private static UseView use(ClothCut cut, MeasureSystem system) {
        return new UseView(
                texts(cut.uses()), cut.useLabel(), cut.count(), cut.name() + " " + LedgerWords.size(cut, system));
    }

    private static List<Problem> problems(ClothLedger ledger, ClothInHand cloth, MeasureSystem system) {
        List<Problem> problems = new ArrayList<>();
        for (ClothCut cut : ledger.tooLarge()) {
            problems.add(new Problem(
                    cloth.name(),
                    "a " + cut.name() + " cut " + LedgerWords.size(cut, system) + " for " + cut.useLabel()
                            + " fits no fabric of the usual width",
                    "choose fewer at a time, smaller pieces, or wider fabric"));
        }
        Length room = UsualSizes.of(system).tightWithin();
        ledger.piecesCut().stream()
                .filter(piece -> piece.isTight(room))
                .findFirst()
                .ifPresent(piece -> problems.add(new Problem(
                        cloth.name(),
                        "tight fit: the cuts come closer than "
                                + system.writer().writeWithUnit(room) + " to an edge of the "
                                + piece.piece().describe(system) + " that has still to be cut true",
                        "measure the pieces before the first cut, and type what they really measure")));
        return problems;
    }

    private static List<Working> workings(ClothLedger ledger, MeasureSystem system) {
        List<Working> workings = new ArrayList<>();
        workings.add(new Working(
                ledger.toBuy().isPresent() ? "From the shelf and bought" : "From the shelf",
                system.writeArea(ledger.taken()) + " taken = " + system.writeArea(ledger.used()) + " cut + "
                        + system.writeArea(ledger.left()) + " left + " + system.writeArea(ledger.trimmed())
                        + " trimmed away"));
        ledger.toBuy()
                .ifPresent(buy -> workings.add(new Working(
                        "To buy",
                        system.writer().writeWithUnit(buy.purchase().exact()) + " of fabric "
                                + system.writer()
                                        .writeWithUnit(buy.piece().piece().width())
                                + " wide, "
                                + system.writer().writeWithUnit(ledger.request().squaringUp())
                                + " for squaring up the end among it; rounded up to what shops sell: "
                                + buy.purchase().write())));
        return workings;
    }

    private static List<BandView> bands(ClothLedger ledger, List<String> leftovers) {
        Area missing = ledger.missing().stream().map(ClothCut::area).reduce(Area.ZERO, Area::plus);
        // What is short is drawn where the bought cloth is cut; what no cloth gives is drawn beside it.
        Area fromBought = ledger.toBuy().map(buy -> buy.piece().used()).orElse(Area.ZERO);
        Area whole = ledger.taken().plus(missing.minus(fromBought));
        Map<String, Area> areas = new LinkedHashMap<>();
        Map<String, Set<String>> uses = new LinkedHashMap<>();
        ledger.opened()
                .forEach(opened -> opened.piece().cuts().forEach(cut -> {
                    String label = shortLabel(cut.cut());
                    areas.merge(label, cut.area().times(opened.count()), Area::plus);
                    uses.computeIfAbsent(label, any -> new LinkedHashSet<>())
                            .addAll(texts(cut.cut().uses()));
                }));
        List<BandView> bands = new ArrayList<>();
        areas.forEach((label, area) ->
                bands.add(new BandView("used", label, area.percentOf(whole), List.copyOf(Known.of(uses, label)))));
        add(bands, "left", leftovers.isEmpty() ? "left" : "left " + leftovers.getFirst(), ledger.left(), whole);
        add(bands, "trimmed", "trimmed away", ledger.trimmed(), whole);
        add(bands, "missing", "short", missing, whole);
        return bands;
    }

    /** What a band is called, in few words: what is cut for the same kind of unit is one. */
    private static String shortLabel(ClothCut cut) {
        return switch (cut.uses().getFirst()) {
            case Use.ForUnits(UnitsKey units) -> units.unit().name();
            case Use.ForStrips(GroupKey group) -> group.label();
            case Use.Finish finish -> cut.useLabel();
        };
    }

    private static List<String> texts(List<Use> uses) {
        return uses.stream().map(Use::text).toList();
    }

    private static void add(List<BandView> bands, String what, String label, Area area, Area whole) {
        if (!area.isZero()) {
            bands.add(new BandView(what, label, area.percentOf(whole), List.of()));
        }
    }
}

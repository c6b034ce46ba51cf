package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.making.LeastOfUnits;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.tally.TopTally;

/**
 * What no plan for a top can do with less than, whatever methods, cut sizes and joins it chooses: so a plan that does with
 * just that is proven the best, and of any other it can be told how far from it it is at most.
 *
 * <ol>
 *   <li>Each group by each way that is open takes at least {@link LeastOfUnits}, cut by the exact school.
 *   <li>What is to be bought of a cloth is at least its area less all that lies on the shelf, rounded up to what shops sell.
 *   <li>Ways that take more of every cloth than another can be left out. What is then still open is chosen by an integer
 *       program ({@link LeastBought}); the other figures add up group by group.
 * </ol>
 *
 * @param bought cloth, as lengths of its width; empty where something fits no cloth, so that nothing can be said
 * @param cuts with the ruler
 */
public record PlanBound(Optional<Area> bought, double sewingMinutes, double cuts) {

    /** Far less than a figure differs by. */
    private static final double ROUNDING = 1e-6;

    static PlanBound of(TopTally tally, Map<String, List<PiecingMethod>> open, Map<String, List<ShelfPieces>> shelf) {
        SewingSettings exact = tally.top().settings().with(Allowance.EXACT);
        List<List<LeastOfUnits>> groups = new ArrayList<>();
        for (UnitPlans.Choice choice : tally.choices()) {
            List<PiecingMethod> methods = open.get(choice.chosen().key().choice());
            groups.add(choice.ways().stream()
                    .filter(way ->
                            methods == null ? way.method() == choice.chosen().method() : methods.contains(way.method()))
                    .map(way -> new LeastOfUnits(way, way.method().recipe(way.unit(), exact, cloth(tally))))
                    .toList());
        }
        double minutes = 0;
        double pieces = 0;
        for (List<LeastOfUnits> ways : groups) {
            minutes += ways.stream()
                    .mapToDouble(
                            way -> PlanCosts.minutesToSew(way.sets(), way.sewingCuts(), way.seams(), way.trimmed()))
                    .min()
                    .orElse(0);
            pieces += ways.stream().mapToDouble(LeastOfUnits::pieces).min().orElse(0);
        }
        boolean fits =
                tally.ledgers().stream().allMatch(ledger -> ledger.tooLarge().isEmpty());
        return new PlanBound(
                fits ? Optional.of(bought(tally, groups, shelf)) : Optional.empty(),
                minutes,
                Math.max(0, pieces - notCut(tally, shelf)));
    }

    private static ClothPiece cloth(TopTally tally) {
        Length width = UsualSizes.of(tally.top().design().system()).widthOfFabric();
        return new ClothPiece(PieceForm.YARDAGE, width, width, ClothPiece.Edge.STRAIGHT);
    }

    /** Pieces of which nobody knows the cloth are in no account; any precut may be used as it comes. */
    private static long notCut(TopTally tally, Map<String, List<ShelfPieces>> shelf) {
        long undressed =
                tally.undressed().stream().mapToLong(cut -> cut.count()).sum();
        return undressed
                + shelf.values().stream()
                        .flatMap(List::stream)
                        .filter(pieces -> pieces.piece().form() != PieceForm.YARDAGE)
                        .mapToLong(ShelfPieces::count)
                        .sum();
    }

    private static Area bought(TopTally tally, List<List<LeastOfUnits>> groups, Map<String, List<ShelfPieces>> shelf) {
        Map<String, Double> lacking = new LinkedHashMap<>();
        tally.ledgers().forEach(ledger -> lacking.put(ledger.cloth(), -onShelf(ledger.cloth(), shelf)));
        strips(tally).forEach((cloth, area) -> lacking.computeIfPresent(cloth, (any, before) -> before + area));
        List<List<Map<String, Double>>> undecided = new ArrayList<>();
        for (List<LeastOfUnits> ways : groups) {
            List<Map<String, Double>> areas = LeastBought.worthTrying(ways.stream()
                    .map(way -> areas(way, lacking.keySet().stream().toList()))
                    .toList());
            if (areas.size() == 1) {
                areas.getFirst().forEach((cloth, area) -> lacking.merge(cloth, area, Double::sum));
            } else if (areas.size() > 1) {
                undecided.add(areas);
            }
        }
        Map<String, LeastBought.Sold> sold = new LinkedHashMap<>();
        for (ClothLedger ledger : tally.ledgers()) {
            sold.put(
                    ledger.cloth(),
                    new LeastBought.Sold(
                            ledger.widthToBuy(),
                            Purchase.step(tally.top().design().system()),
                            ledger.request().squaringUp()));
        }
        return new LeastBought(sold, lacking, undecided).area();
    }

    private static Map<String, Double> areas(LeastOfUnits way, List<String> cloths) {
        LeastOfUnits.Cloth cloth = way.cloth();
        Map<String, Double> areas = new HashMap<>();
        cloths.forEach(key -> {
            double area = cloth.squareInches(key);
            if (area > 0) {
                areas.put(key, area);
            }
        });
        return areas;
    }

    /** Sashing and borders by their finished area: how they are joined is open. */
    private static Map<String, Double> strips(TopTally tally) {
        Map<String, Double> areas = new HashMap<>();
        for (TopCount.Group group : tally.count().strips()) {
            areas.merge(
                    group.cloths().getFirst(),
                    group.unit()
                            .finishedWidth()
                            .times(group.unit().finishedHeight())
                            .times(group.count())
                            .toDoubleSquareInches(),
                    Double::sum);
        }
        return areas;
    }

    private static double onShelf(String cloth, Map<String, List<ShelfPieces>> shelf) {
        return shelf.getOrDefault(cloth, List.of()).stream()
                .mapToDouble(pieces -> pieces.piece()
                        .width()
                        .times(pieces.piece().length())
                        .times(pieces.count())
                        .toDoubleSquareInches())
                .sum();
    }

    /** How far a plan can be from the best at most, in the aim that it is chosen for. */
    public String proof(Aim aim, PlanCosts costs) {
        return switch (aim) {
            case BUYS_LEAST ->
                bought.map(least -> costs.bought().compareTo(least) <= 0
                                ? "Proven: no plan buys less."
                                : over("buys", costs.bought().toDoubleSquareInches(), least.toDoubleSquareInches()))
                        .orElse("");
            case SEWS_LEAST -> over("sews", costs.sewingMinutes(), sewingMinutes);
            case CUTS_SIMPLEST -> over("cuts", (double) costs.cuts(), cuts);
        };
    }

    /** Rounded up, so that it is never better than said. */
    private static String over(String does, double plan, double least) {
        if (least <= 0) {
            return plan <= 0 ? "Proven: no plan " + does + " less." : "";
        }
        long percent = (long) Math.ceil((plan / least - 1) * 100 - ROUNDING);
        return percent <= 0
                ? "Proven: no plan " + does + " less."
                : "Proven: " + percent + " % over the least any plan " + does + ", at most.";
    }
}

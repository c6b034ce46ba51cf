package org.goldentally.core.tally;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.cutting.yardage.Demand;
import org.goldentally.core.cutting.yardage.YardagePlan;
import org.goldentally.core.cutting.yardage.YardagePlanner;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;

/**
 * What one cloth takes from yardage in each style of cutting, so that the quilter sees what trouble saves.
 *
 * @param cuts what is cut, item by item as the plans number them
 * @param mark the common measure of all lengths in the plans
 */
public record YardageChoices(
        List<ClothCut> cuts,
        Length widthOfFabric,
        Length mark,
        Map<CuttingStyle, YardagePlan> plans,
        MeasureSystem system) {

    /** Strips over 20 in are awkward to handle (common practice, no source). */
    private static final Length TALLEST_STRIP = Length.inches(20);

    /** Finer than this the search would be slow: 4,000 marks across, a tenth of a millimetre on the widest cloth. */
    private static final long MOST_MARKS = 4_000;

    /** Plans all three styles; thrifty ones take a moment. */
    public static YardageChoices of(List<ClothCut> cuts, Length widthOfFabric, MeasureSystem system) {
        List<ClothCut> fitting = bySize(cuts).stream()
                .filter(cut ->
                        !Length.min(cut.size().width(), cut.size().height()).isLongerThan(widthOfFabric))
                .toList();
        List<Length> lengths = new ArrayList<>(List.of(widthOfFabric));
        fitting.forEach(cut -> {
            lengths.add(cut.size().width());
            lengths.add(cut.size().height());
        });
        long[] marks = Length.inCommonMeasure(lengths.toArray(Length[]::new));
        if (marks[0] > MOST_MARKS) {
            throw new RefusedException(new Problem(
                    "Cutting plan",
                    "the cut sizes lie on no common ruler",
                    "choose sizes on the marks of the ruler, or cut plain as the account shows"));
        }
        Length mark = widthOfFabric.dividedBy(marks[0]);
        List<Demand.Item> items = new ArrayList<>();
        for (int i = 0; i < fitting.size(); i++) {
            items.add(new Demand.Item(
                    Math.toIntExact(marks[1 + 2 * i]),
                    Math.toIntExact(marks[2 + 2 * i]),
                    Math.toIntExact(fitting.get(i).count()),
                    fitting.get(i).size().turnable()));
        }
        Demand demand = new Demand(Math.toIntExact(marks[0]), items, Math.toIntExact(TALLEST_STRIP.wholeTimes(mark)));
        Map<CuttingStyle, YardagePlan> plans = new LinkedHashMap<>();
        for (CuttingStyle style : CuttingStyle.values()) {
            YardagePlan plan = YardagePlanner.plan(demand, style, YardagePlanner.USUAL_BUDGET, length -> true);
            if (!plan.faults().isEmpty()) {
                throw new IllegalStateException("a plan that cannot be cut: " + plan.faults());
            }
            plans.put(style, plan);
        }
        return new YardageChoices(fitting, widthOfFabric, mark, plans, system);
    }

    /** Pieces of one size are one item, whatever they are for. */
    private static List<ClothCut> bySize(List<ClothCut> cuts) {
        Map<CutSize, ClothCut> bySize = new LinkedHashMap<>();
        cuts.forEach(cut -> bySize.merge(cut.size(), cut, (known, more) -> known.of(known.count() + more.count())));
        return List.copyOf(bySize.values());
    }

    /** Length of cloth that a plan takes. */
    public Length length(YardagePlan plan) {
        return mark.times(plan.length());
    }

    public Purchase purchase(YardagePlan plan) {
        return Purchase.of(length(plan), system);
    }

    /** How good a plan is known to be: a bound says nothing about a very short list, and then nothing is claimed. */
    public String proof(YardagePlan plan) {
        if (plan.isProvenShortest()) {
            return "no plan in strips is shorter";
        }
        Purchase least = Purchase.of(mark.times(plan.lowerBound()), system);
        if (least.bought().equals(purchase(plan).bought())) {
            return "no plan in strips buys less";
        }
        return "at most " + system.writer().writeWithUnit(mark.times((long) plan.length() - plan.lowerBound()))
                + " over what is proven to be needed";
    }
}

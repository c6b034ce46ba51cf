package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.finishing.Finishing;
import org.goldentally.core.finishing.StripPlan;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.making.LeastOfUnits;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.quilt.QuiltTop;
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
 * @param width of the widest cloth, in which lengths are told
 */
public record PlanBound(Optional<Area> bought, double sewingMinutes, double cuts, Length width) {

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
                    .mapToDouble(way -> PlanCosts.minutesToSew(
                            way.sets(), way.sewingCuts(), way.seams(), way.trimmed(), way.biasUnits()))
                    .min()
                    .orElse(0);
            pieces += ways.stream().mapToDouble(LeastOfUnits::pieces).min().orElse(0);
        }
        boolean fits =
                tally.ledgers().stream().allMatch(ledger -> ledger.tooLarge().isEmpty());
        return new PlanBound(
                fits ? Optional.of(bought(tally, groups, shelf)) : Optional.empty(),
                minutes,
                Math.max(0, pieces - notCut(tally, shelf)),
                tally.ledgers().stream().map(ClothLedger::widthToBuy).reduce(Length.inches(1), Length::max));
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
        Map<String, LeastBought.Wanted> wanted = new LinkedHashMap<>();
        Map<String, LongPieces> strips = strips(tally);
        for (ClothLedger ledger : tally.ledgers()) {
            List<ShelfPieces> pieces = shelf.getOrDefault(ledger.cloth(), List.of());
            LongPieces longOnes = strips.getOrDefault(ledger.cloth(), LongPieces.NONE);
            wanted.put(
                    ledger.cloth(),
                    new LeastBought.Wanted(
                            longOnes.area - area(pieces.stream()),
                            longOnes.area - area(pieces.stream().filter(each -> longOnes.canComeOf(each.piece())))));
        }
        List<List<Map<String, Double>>> undecided = new ArrayList<>();
        for (List<LeastOfUnits> ways : groups) {
            List<Map<String, Double>> areas = LeastBought.worthTrying(ways.stream()
                    .map(way -> areas(way, List.copyOf(wanted.keySet())))
                    .toList());
            if (areas.size() == 1) {
                areas.getFirst()
                        .forEach((cloth, area) -> wanted.computeIfPresent(cloth, (any, before) -> before.and(area)));
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
                            Purchase.step(tally.top().design().system())));
        }
        return new LeastBought(sold, wanted, undecided).area();
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

    /**
     * Long pieces of one cloth.
     *
     * @param shortest none is cut shorter, however they are joined
     */
    private record LongPieces(double area, Length shortest) {
        private static final LongPieces NONE = new LongPieces(0, Length.ZERO);

        LongPieces and(double more, Length length) {
            return new LongPieces(area + more, area == 0 ? length : Length.min(shortest, length));
        }

        boolean canComeOf(ClothPiece piece) {
            return Length.max(piece.width(), piece.length()).isAtLeast(shortest);
        }
    }

    /**
     * Sashing and borders by their finished area, since how they are joined is open; the binding as it is cut
     * in every plan, the backing by what it covers. Joined ones are cut as long as the cloth is wide.
     */
    private static Map<String, LongPieces> strips(TopTally tally) {
        Map<String, Length> widths = new HashMap<>();
        tally.ledgers().forEach(ledger -> widths.put(ledger.cloth(), ledger.widthToBuy()));
        Map<String, LongPieces> strips = new HashMap<>();
        for (TopCount.Group group : tally.count().strips()) {
            String cloth = group.cloths().getFirst();
            Length length = group.unit().finishedWidth();
            add(
                    strips,
                    cloth,
                    length.times(group.unit().finishedHeight())
                            .times(group.count())
                            .toDoubleSquareInches(),
                    Length.min(length, widths.getOrDefault(cloth, length)));
        }
        for (StripPlan strip : tally.strips()) {
            addFinishing(strips, strip, tally.top());
        }
        return strips;
    }

    private static void addFinishing(Map<String, LongPieces> strips, StripPlan strip, QuiltTop top) {
        if (strip.kind() == StripPlan.Kind.BINDING && !top.design().finishing().scrappyBinding()) {
            strip.cuts()
                    .forEach(cut -> add(
                            strips,
                            cut.cloth(),
                            cut.area().toDoubleSquareInches(),
                            Length.max(cut.size().width(), cut.size().height())));
        }
        if (strip.kind() == StripPlan.Kind.BACKING) {
            // Whichever way its panels run, they cover it, and none is shorter than its shorter side.
            Finishing finishing = Finishing.of(top);
            add(
                    strips,
                    strip.cloth(),
                    finishing.backingWidth().times(finishing.backingHeight()).toDoubleSquareInches(),
                    Length.min(finishing.backingWidth(), finishing.backingHeight()));
        }
    }

    private static void add(Map<String, LongPieces> strips, String cloth, double area, Length length) {
        strips.put(cloth, strips.getOrDefault(cloth, LongPieces.NONE).and(area, length));
    }

    private static double area(Stream<ShelfPieces> pieces) {
        return pieces.mapToDouble(each -> each.piece()
                        .width()
                        .times(each.piece().length())
                        .times(each.count())
                        .toDoubleSquareInches())
                .sum();
    }

    /** How far a plan can be from the best at most, in the aim that it is chosen for; empty where nothing is known. */
    public String proof(Aim aim, PlanCosts costs, MeasureSystem system) {
        return switch (aim) {
            case BUYS_LEAST ->
                bought.map(least -> proofOfBuying(costs, least, system)).orElse("");
            case SEWS_LEAST -> proofOfSewing(costs);
            case CUTS_SIMPLEST -> proofOfCutting(costs);
        };
    }

    /** Whether what a plan buys is proven to be the least. */
    boolean isLeast(PlanCosts costs) {
        return bought.filter(least -> costs.bought().compareTo(least) <= 0).isPresent();
    }

    private String proofOfBuying(PlanCosts costs, Area least, MeasureSystem system) {
        if (isLeast(costs)) {
            return "Proven: no plan buys less.";
        }
        return least.isZero()
                ? "Not proven: by its area the fabric on the shelf would do."
                : "Proven: every plan buys at least " + inAll(least, system) + " in all, this one "
                        + inAll(costs.bought(), system) + ".";
    }

    private String inAll(Area area, MeasureSystem system) {
        Length one = Length.inches(1);
        return Purchase.of(one.scaledBy(area, one.times(width)), system).write();
    }

    /** Rounded up, so that it is never better than said. */
    private String proofOfSewing(PlanCosts costs) {
        long percent =
                sewingMinutes <= 0 ? 0 : (long) Math.ceil((costs.sewingMinutes() / sewingMinutes - 1) * 100 - ROUNDING);
        return percent <= 0 && (sewingMinutes > 0 || costs.sewingMinutes() <= 0)
                ? "Proven: no plan sews less."
                : sewingMinutes <= 0
                        ? ""
                        : "Proven: at most " + percent + " % more sewing than the least there can be.";
    }

    private String proofOfCutting(PlanCosts costs) {
        long least = (long) Math.ceil(cuts - ROUNDING);
        return costs.cuts() <= least
                ? "Proven: no plan cuts less."
                : least <= 0 ? "" : "Proven: every plan takes at least " + least + " cuts.";
    }
}

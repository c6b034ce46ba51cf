package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.account.ShelfSupply;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.MakingPlan;
import org.goldentally.core.making.Supply;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;

/**
 * How many blocks each print has cloth for, so that prints are used as evenly as there is cloth of them.
 *
 * @param blocks for each free place, for each print by its key; a print that is not on the shelf has none
 * @param alike by their sort, blocks whose units come of one set, so that they are alike: two where a pair gives one unit
 *     to each
 * @param shelf the pieces themselves, by the key of their print; empty where nothing is known of them
 */
public record Stock(
        Map<String, Map<String, Double>> blocks, Map<String, Integer> alike, Map<String, List<ShelfPieces>> shelf) {

    /** Where nothing is known of the shelf all prints go equally far. */
    public static final Stock UNKNOWN = new Stock(Map.of(), Map.of(), Map.of());

    private static final int MOST_ALIKE = 8;

    public Stock {
        blocks = Map.copyOf(blocks);
        alike = Map.copyOf(alike);
        shelf = Map.copyOf(shelf);
    }

    /** Where it is known only how far prints go. */
    Stock(Map<String, Map<String, Double>> blocks, Map<String, Integer> alike) {
        this(blocks, alike, Map.of());
    }

    /**
     * From what is on the shelf: what a block takes of a free place, as pieces of each size, beside how many of that size
     * a piece of the shelf gives.
     */
    public static Stock of(QuiltDesign design, Map<String, List<ShelfPieces>> shelf, boolean freeTurns) {
        FreePlaces free = new FreePlaces(design);
        QuiltDesign undealt = free.undealt();
        QuiltTop top = QuiltTop.of(freeTurns ? everyOtherMirrored(free, undealt) : undealt);
        MakingPlan plan = UnitPlans.of(
                TopCount.of(top),
                top.read(),
                UsualSizes.of(design.system()).widthOfFabric(),
                shared(free, new ShelfSupply(shelf)));
        Map<String, Map<String, Double>> blocks = new HashMap<>();
        for (String key : free.allowed.keySet()) {
            long inBlocks = free.hands.stream()
                    .filter(hand -> hand.freeKeys.contains(key))
                    .count();
            List<ClothCut> cuts =
                    plan.cuts().stream().filter(cut -> cut.cloth().equals(key)).toList();
            Map<String, Double> ofPrint = new HashMap<>();
            free.prints.forEach(print -> ofPrint.put(
                    print.key(), blocks(shelf.getOrDefault(print.key(), List.of()), cuts, Math.max(1, inBlocks))));
            blocks.put(key, ofPrint);
        }
        return new Stock(blocks, alike(free, plan), shelf);
    }

    /** What the prints that a free place may have give together; places that have the same prints share them. */
    private static Supply shared(FreePlaces free, Supply ofPrints) {
        return (cloth, size) -> {
            int[] prints = free.allowed.get(cloth);
            if (prints == null) {
                return ofPrints.capacity(cloth, size);
            }
            long sharing = free.allowed.values().stream()
                    .filter(other -> Arrays.equals(other, prints))
                    .count();
            long all = Arrays.stream(prints)
                    .mapToLong(print -> ofPrints.capacity(free.prints.get(print).key(), size))
                    .sum();
            return all / sharing;
        };
    }

    /** Where blocks may be mirrored, both hands that a crossing gives are used. */
    private static QuiltDesign everyOtherMirrored(FreePlaces free, QuiltDesign undealt) {
        List<PlaceDesign> places = new ArrayList<>();
        List<Hand> hands = free.hands.stream().filter(Hand::isWholeBlock).toList();
        for (int i = 0; i < hands.size(); i++) {
            PlaceDesign place = free.place(hands.get(i));
            places.add(new PlaceDesign(
                    place.row(), place.column(), place.block(), place.quarterTurns(), i % 2 == 1, List.of()));
        }
        return undealt.withPlaces(places);
    }

    private static Map<String, Integer> alike(FreePlaces free, MakingPlan plan) {
        Map<Set<String>, Integer> unitsOfRun = new HashMap<>();
        for (UnitPlans.Choice choice : plan.choices()) {
            UnitPlan units = choice.chosen();
            unitsOfRun.merge(Set.copyOf(units.cloths()), units.run().units(), Math::max);
        }
        Map<String, Integer> alike = new HashMap<>();
        for (Hand hand : free.hands) {
            alike.computeIfAbsent(hand.sort(), any -> alike(free, hand, unitsOfRun));
        }
        return alike;
    }

    private static int alike(FreePlaces free, Hand hand, Map<Set<String>, Integer> unitsOfRun) {
        Map<Set<String>, Integer> inOne = new HashMap<>();
        hand.units.stream()
                .filter(unit -> unit.cloths().stream().anyMatch(free.allowed::containsKey))
                .forEach(unit -> inOne.merge(Set.copyOf(unit.cloths()), 1, Integer::sum));
        int most = 1;
        for (Map.Entry<Set<String>, Integer> units : inOne.entrySet()) {
            most = Math.max(most, Math.ceilDiv(unitsOfRun.getOrDefault(units.getKey(), 1), units.getValue()));
        }
        return Math.min(MOST_ALIKE, most);
    }

    /** How many of a sort come of one set. */
    int alike(String sort) {
        return alike.getOrDefault(sort, 1);
    }

    /** A piece gives so many of one size if it is cut for that alone; a block takes a share of it for each size. */
    private static double blocks(List<ShelfPieces> pieces, List<ClothCut> cuts, long inBlocks) {
        double sum = 0;
        for (ShelfPieces piece : pieces) {
            double shareOfPiece = 0;
            for (ClothCut cut : cuts) {
                long perPiece = PieceLayout.capacity(piece.piece(), cut.size());
                shareOfPiece += perPiece == 0 ? Double.POSITIVE_INFINITY : (double) cut.count() / inBlocks / perPiece;
            }
            sum += shareOfPiece == 0 ? 0 : piece.count() / shareOfPiece;
        }
        return sum;
    }

    /** Blocks that a print has cloth for at a free place; 0 for none. */
    double blocksOf(String free, String print) {
        return blocks.getOrDefault(free, Map.of()).getOrDefault(print, 0.0);
    }

    /** Whether any print is on the shelf at all. */
    boolean isKnown(Set<String> free) {
        return free.stream()
                .anyMatch(key ->
                        blocks.getOrDefault(key, Map.of()).values().stream().anyMatch(each -> each > 0));
    }
}

package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.measure.Area;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.quilt.TopPart;

/**
 * Dresses the blocks that come to a top when it grows as those that are there were dealt.
 *
 * <p>Where places of a block have other prints than the block was designed in, each of its fabrics that changes is a slot, and
 * the prints that lie in that slot anywhere, with the others of their packs that are in hand, are what it takes turns of. A new
 * place gets in each slot the print of which most is left, unless that lies in the block already or in one beside it.
 */
public final class GrownTop {

    /** So much more fabric than its finished area a patch takes, when what is left is judged (our own estimate). */
    private static final double WITH_SEAMS = 1.4;

    /** More than there ever is of a print, in square inches: what lies beside is taken only where nothing else is there. */
    private static final double FAR = 1e6;

    private final QuiltDesign design;
    private final Map<Spot, TopPart> old;
    private final Map<Spot, Set<String>> lying = new HashMap<>();
    private final Map<String, Double> left = new HashMap<>();
    private final Map<String, Map<String, Set<String>>> slots = new HashMap<>();

    private record Spot(int row, int column) {}

    private GrownTop(QuiltDesign design, QuiltTop before, Map<String, List<ShelfPieces>> onHand) {
        this.design = design;
        this.old = blocks(before);
        onHand.forEach((cloth, pieces) -> left.put(cloth, area(pieces)));
        TopCount.of(before)
                .areas()
                .forEach((cloth, area) -> left.merge(cloth, -area.toDoubleSquareInches() * WITH_SEAMS, Double::sum));
        old.forEach((spot, part) -> lying.put(spot, cloths(part)));
    }

    /**
     * The places of a top with those that are new dressed; all as they are where nothing was dealt.
     *
     * @param design the top as it is now, larger
     * @param before how it was set before
     * @param onHand what there is of each fabric, by its key
     */
    public static List<PlaceDesign> places(
            QuiltDesign design, SettingDesign before, Map<String, List<ShelfPieces>> onHand) {
        return new GrownTop(design, QuiltTop.of(design.withSetting(before)), onHand).dressed();
    }

    private List<PlaceDesign> dressed() {
        Map<Spot, PlaceDesign> known = design.places().stream()
                .collect(Collectors.toMap(place -> new Spot(place.row(), place.column()), place -> place, (a, b) -> a));
        known.forEach(this::learn);
        List<PlaceDesign> places = new ArrayList<>(design.places());
        blocks(QuiltTop.of(design)).forEach((spot, part) -> {
            Map<String, Set<String>> ofBlock = slots.getOrDefault(part.blockKey(), Map.of());
            if (!old.containsKey(spot) && !known.containsKey(spot) && !ofBlock.isEmpty()) {
                List<Exchange> exchanges = deal(spot, part, ofBlock);
                if (!exchanges.isEmpty()) {
                    places.add(new PlaceDesign(spot.row, spot.column, "", 0, false, exchanges));
                }
            }
        });
        return places;
    }

    /** What lies in the slots of a place that was dealt. */
    private void learn(Spot spot, PlaceDesign place) {
        TopPart part = old.get(spot);
        if (part != null) {
            place.exchanges().forEach(exchange -> {
                Set<String> prints = slots.computeIfAbsent(part.blockKey(), any -> new LinkedHashMap<>())
                        .computeIfAbsent(exchange.from(), any -> new LinkedHashSet<>());
                if (prints.isEmpty() && isPrint(exchange.from())) {
                    prints.add(exchange.from());
                }
                prints.add(exchange.to());
                prints.addAll(packOf(exchange.to()));
            });
        }
    }

    private boolean isPrint(String cloth) {
        return design.cloth(cloth)
                .filter(each -> each.standsFor() == ClothInHand.StandsFor.ITSELF)
                .isPresent();
    }

    private List<String> packOf(String cloth) {
        String pack = design.cloth(cloth).map(ClothInHand::pack).orElse("");
        return pack.isEmpty()
                ? List.of()
                : design.cloths().stream()
                        .filter(each -> each.pack().equals(pack) && isPrint(each.key()))
                        .map(ClothInHand::key)
                        .toList();
    }

    private List<Exchange> deal(Spot spot, TopPart part, Map<String, Set<String>> ofBlock) {
        Set<String> here = cloths(part);
        here.removeAll(ofBlock.keySet());
        Set<String> beside = beside(spot);
        List<Exchange> exchanges = new ArrayList<>();
        ofBlock.forEach((from, prints) -> {
            String to = best(prints, here, beside);
            here.add(to);
            left.merge(to, -areaOf(part, from) * WITH_SEAMS, Double::sum);
            if (!to.equals(from)) {
                exchanges.add(new Exchange(from, to));
            }
        });
        lying.put(spot, here);
        return exchanges;
    }

    private String best(Collection<String> prints, Set<String> here, Set<String> beside) {
        String best = prints.iterator().next();
        double most = Double.NEGATIVE_INFINITY;
        for (String print : prints) {
            double much = left.getOrDefault(print, 0.0)
                    - (beside.contains(print) ? FAR : 0)
                    - (here.contains(print) ? FAR * FAR : 0);
            if (much > most) {
                best = print;
                most = much;
            }
        }
        return best;
    }

    private Set<String> beside(Spot spot) {
        Set<String> beside = new LinkedHashSet<>();
        for (int row = spot.row - 1; row <= spot.row + 1; row++) {
            for (int column = spot.column - 1; column <= spot.column + 1; column++) {
                beside.addAll(lying.getOrDefault(new Spot(row, column), Set.of()));
            }
        }
        return beside;
    }

    private static Map<Spot, TopPart> blocks(QuiltTop top) {
        Map<Spot, TopPart> blocks = new LinkedHashMap<>();
        top.parts().stream()
                .filter(part -> part.isBlock() && !part.blockKey().isEmpty())
                .forEach(part -> blocks.putIfAbsent(new Spot(part.row(), part.column()), part));
        return blocks;
    }

    private static Set<String> cloths(TopPart part) {
        return part.figure().patches().stream()
                .map(FigurePatch::cloth)
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    private static double areaOf(TopPart part, String cloth) {
        return part.figure().patches().stream()
                .filter(patch -> patch.cloth().equals(cloth))
                .mapToDouble(patch -> patch.outline().area().toDoubleSquareInches())
                .sum();
    }

    private static double area(List<ShelfPieces> pieces) {
        return pieces.stream()
                .map(each -> each.piece().area().times(each.count()))
                .reduce(Area.ZERO, Area::plus)
                .toDoubleSquareInches();
    }
}

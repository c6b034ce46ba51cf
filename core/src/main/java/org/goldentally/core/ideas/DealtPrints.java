package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;

/**
 * Prints that take turns over the places of a top: at each place one that is not a block's worth behind the others, and of
 * those the one that lies near the place least, then the one that most is left of. The same cloths and places are dealt alike each time.
 */
final class DealtPrints {

    private final IdeaSketch sketch;
    private final Map<String, Double> letterArea;
    private final Map<ShelfCloth, Double> left = new HashMap<>();
    private final Map<List<Integer>, Set<String>> lying = new HashMap<>();

    /** @param letterArea how much of a block each of its cloths is */
    DealtPrints(IdeaSketch sketch, Map<String, Double> letterArea) {
        this.sketch = sketch;
        this.letterArea = letterArea;
        sketch.dressing().all().forEach(cloth -> left.put(cloth, cloth.area().toDoubleSquareInches()));
    }

    /** A place of a block, by its row and column on the top. */
    record Spot(int row, int column) {}

    /** For each letter the cloth that the block is designed in. */
    Map<String, ShelfCloth> designedIn() {
        Map<String, ShelfCloth> chosen = new HashMap<>();
        List<ShelfCloth> taken = new ArrayList<>();
        for (String letter : sketch.letters()) {
            List<ShelfCloth> heap = heap(letter);
            ShelfCloth cloth = heap.stream()
                    .filter(each -> !taken.contains(each))
                    .findFirst()
                    .orElse(heap.getFirst());
            boolean asBefore = isOnePrint(letter) && chosen.keySet().stream().anyMatch(this::isOnePrint);
            chosen.put(letter, asBefore ? firstPrint(chosen) : cloth);
            taken.add(cloth);
        }
        return chosen;
    }

    private ShelfCloth firstPrint(Map<String, ShelfCloth> chosen) {
        return chosen.entrySet().stream()
                .filter(each -> isOnePrint(each.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElseThrow();
    }

    private boolean isOnePrint(String letter) {
        return sketch.dressing().spread() == Dressing.Spread.ONE_A_BLOCK && !letter.equals(Dressing.BACKGROUND);
    }

    private List<ShelfCloth> heap(String letter) {
        return sketch.dressing().of(letter, sketch.letters());
    }

    /** The places whose cloths are others than those the block is designed in. */
    List<PlaceDesign> places(List<Spot> spots, Map<String, ShelfCloth> designedIn, Map<ShelfCloth, String> keys) {
        List<PlaceDesign> places = new ArrayList<>();
        for (Spot spot : spots) {
            Map<String, ShelfCloth> here = chosenAt(spot);
            List<Exchange> exchanges = new ArrayList<>();
            Set<String> exchanged = new TreeSet<>();
            for (String letter : sketch.letters()) {
                String from = keyOf(keys, designedIn.get(letter));
                String to = keyOf(keys, here.get(letter));
                if (!from.equals(to) && exchanged.add(from)) {
                    exchanges.add(new Exchange(from, to));
                }
            }
            if (!exchanges.isEmpty()) {
                places.add(new PlaceDesign(spot.row, spot.column, "", 0, false, exchanges));
            }
        }
        return places;
    }

    private static String keyOf(Map<ShelfCloth, String> keys, @org.jspecify.annotations.Nullable ShelfCloth cloth) {
        String key = cloth == null ? null : keys.get(cloth);
        if (key == null) {
            throw new IllegalStateException("a fabric of no dressing");
        }
        return key;
    }

    private Map<String, ShelfCloth> chosenAt(Spot spot) {
        Map<String, Integer> beside = beside(spot);
        Map<String, ShelfCloth> here = new HashMap<>();
        Set<String> names = new TreeSet<>();
        for (String letter : sketch.letters()) {
            boolean asBefore = isOnePrint(letter) && here.keySet().stream().anyMatch(this::isOnePrint);
            ShelfCloth cloth = asBefore ? firstPrint(here) : best(letter, beside, names);
            here.put(letter, cloth);
            names.add(cloth.name());
            left.merge(cloth, -letterArea.getOrDefault(letter, 0.0), Double::sum);
        }
        lying.put(List.of(spot.row, spot.column), names);
        return here;
    }

    private ShelfCloth best(String letter, Map<String, Integer> beside, Set<String> here) {
        List<ShelfCloth> heap = heap(letter);
        double mostLeft = heap.stream().mapToDouble(this::left).max().orElse(0);
        double inTurn = mostLeft - NEARLY * takenBy(letter);
        ShelfCloth best = heap.getFirst();
        double most = Double.NEGATIVE_INFINITY;
        for (ShelfCloth cloth : Strides.over(heap)) {
            boolean hidden = here.contains(cloth.name()) && heap.size() > 1;
            double much = left(cloth)
                    - FAR * beside.getOrDefault(cloth.name(), 0)
                    - (left(cloth) < inTurn ? FAR * FAR : 0)
                    - (hidden ? FAR * FAR * FAR : 0);
            if (much > most) {
                best = cloth;
                most = much;
            }
        }
        return best;
    }

    private double left(ShelfCloth cloth) {
        return left.getOrDefault(cloth, 0.0);
    }

    /** How much of a block is of the print that this letter stands for. */
    private double takenBy(String letter) {
        return isOnePrint(letter)
                ? letterArea.entrySet().stream()
                        .filter(each -> isOnePrint(each.getKey()))
                        .mapToDouble(Map.Entry::getValue)
                        .sum()
                : letterArea.getOrDefault(letter, 0.0);
    }

    /** More cloth than any shelf has of one print, in square inches. */
    private static final double FAR = 1e6;

    /** A print of which a block's worth less is left than of another has had its turn; areas here are not exact. */
    private static final double NEARLY = 0.99;

    /** What lies near, by its name: 1 two steps away, 2 right beside, so that two prints lie like the fields of a chessboard. */
    private Map<String, Integer> beside(Spot spot) {
        Map<String, Integer> beside = new HashMap<>();
        for (int row = spot.row - 2; row <= spot.row; row++) {
            for (int column = spot.column - 2; column <= spot.column + 2; column++) {
                int near = 3 - Math.abs(row - spot.row) - Math.abs(column - spot.column);
                if (near > 0) {
                    lying.getOrDefault(List.of(row, column), Set.of())
                            .forEach(name -> beside.merge(name, near, Math::max));
                }
            }
        }
        return beside;
    }
}

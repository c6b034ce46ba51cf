package org.goldentally.core.deal;

import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.problem.Known;

/** How many combinations of prints a pack has for the free places of a block: six prints for any two are fifteen. */
record PossibleCombinations(FreePlaces free) {

    /** How many more prints would let all blocks of each sort differ, the spare ones among them. */
    int printsFor(Collection<Made> blocks) {
        int most = 0;
        Set<String> seen = new HashSet<>();
        for (Hand hand : free.hands) {
            if (!hand.isWholeBlock() || !seen.add(hand.sort())) {
                continue;
            }
            long ofSort = blocks.stream()
                    .filter(made -> made.sort().startsWith(hand.sort()))
                    .count();
            int more = 0;
            while (with(hand, more) < ofSort) {
                more++;
            }
            most = Math.max(most, more);
        }
        return most;
    }

    /** Places for the same prints are filled in any order. */
    private double with(Hand hand, int more) {
        List<ClothInHand> places = hand.freeKeys.stream()
                .map(key -> free.design.cloth(key).orElseThrow())
                .toList();
        Map<String, Integer> alike = new LinkedHashMap<>();
        places.forEach(place -> alike.merge(kind(place), 1, Integer::sum));
        double combinations = 1;
        for (ClothInHand place : places) {
            Integer count = alike.remove(kind(place));
            if (count != null) {
                combinations *= ways(prints(place, more), count);
            }
        }
        return combinations;
    }

    private static String kind(ClothInHand place) {
        return place.standsFor() + " " + place.pack() + " " + place.but();
    }

    /** More prints of a pack come by halves to its lights and darks. */
    private int prints(ClothInHand place, int more) {
        int ofPack = (int) free.prints.stream()
                .filter(print -> print.pack().equals(place.pack()))
                .count();
        int now = Known.of(free.allowed, place.key()).length;
        return switch (place.standsFor()) {
            case LIGHT_PRINT -> now + (ofPack + more - (ofPack + more) / 2) - (ofPack - ofPack / 2);
            case DARK_PRINT -> now + (ofPack + more) / 2 - ofPack / 2;
            case ANY_PRINT, ITSELF -> now + more;
        };
    }

    private static double ways(int prints, int places) {
        double ways = 1;
        for (int i = 0; i < places; i++) {
            ways *= (double) (prints - i) / (i + 1);
        }
        return ways;
    }
}

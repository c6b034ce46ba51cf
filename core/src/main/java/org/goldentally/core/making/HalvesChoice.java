package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Which halves are sewn for crossings. The quarters A B C D round a unit come from the halves A B and C D, or from B C and
 * D A. Halves are sewn in pairs, two alike at a time, so the choice is made for the fewest kinds of halves of which an odd
 * number is wanted: the odd one wants loose triangles, or leaves a half over.
 *
 * <p>The squares of each cloth are the same either way: every crossing takes a triangle for each of its four quarters.
 *
 * <p>A descent: each unit's choice is turned round as long as that leaves fewer odd ones. It need not find the fewest of
 * all (our own choice: what it costs is bias seams, not cloth).
 */
final class HalvesChoice {

    /** Four quarters in the order in which they go round the unit, crossed so many times. */
    record Crossing(Wanted units, List<Half> first, List<Half> second, long count) {

        /** From the sizes of the squares and the cloths round the unit. */
        static Crossing round(
                Wanted units, List<String> cloths, org.goldentally.core.cutting.CutSize size, long count) {
            return new Crossing(
                    units,
                    List.of(Half.of(cloths.get(0), cloths.get(1), size), Half.of(cloths.get(2), cloths.get(3), size)),
                    List.of(Half.of(cloths.get(1), cloths.get(2), size), Half.of(cloths.get(3), cloths.get(0), size)),
                    count);
        }

        boolean isOdd() {
            return count % 2 == 1;
        }
    }

    private final List<Crossing> crossings;
    private final boolean[] second;
    private final Map<Half, Long> wanted;

    private HalvesChoice(List<Crossing> crossings, Map<Half, Long> already) {
        this.crossings = crossings;
        this.second = new boolean[crossings.size()];
        this.wanted = new HashMap<>(already);
        for (int i = 0; i < second.length; i++) {
            count(i, 1);
        }
    }

    /**
     * The halves of each crossing.
     *
     * @param already halves that are wanted in any case
     */
    static Map<Crossing, List<Half>> of(List<Crossing> crossings, Map<Half, Long> already) {
        HalvesChoice choice = new HalvesChoice(crossings, already);
        choice.descend();
        Map<Crossing, List<Half>> halves = new LinkedHashMap<>();
        for (int i = 0; i < crossings.size(); i++) {
            halves.put(crossings.get(i), choice.halves(i));
        }
        return halves;
    }

    private void descend() {
        List<Integer> odd = new ArrayList<>();
        for (int i = 0; i < second.length; i++) {
            if (crossings.get(i).isOdd()) {
                odd.add(i);
            }
        }
        boolean better = true;
        while (better) {
            better = false;
            for (int i : odd) {
                better |= turnIfFewer(i);
            }
        }
    }

    private boolean turnIfFewer(int i) {
        Crossing crossing = crossings.get(i);
        int before = odd(crossing);
        turn(i);
        if (odd(crossing) < before) {
            return true;
        }
        turn(i);
        return false;
    }

    private int odd(Crossing crossing) {
        return (int) java.util.stream.Stream.concat(crossing.first.stream(), crossing.second.stream())
                .distinct()
                .filter(half -> wanted.getOrDefault(half, 0L) % 2 == 1)
                .count();
    }

    private void turn(int i) {
        count(i, -1);
        second[i] = !second[i];
        count(i, 1);
    }

    private void count(int i, int sign) {
        halves(i).forEach(half -> wanted.merge(half, sign * crossings.get(i).count, Long::sum));
    }

    private List<Half> halves(int i) {
        return second[i] ? crossings.get(i).second : crossings.get(i).first;
    }
}

package org.goldentally.core.deal;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntConsumer;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.work.Work;

/** Tells each block, and each unit along an edge, what lies beside it and what lies near. */
record Neighbours(SettingDesign.Kind setting, List<Hand> hands) {

    void meet() {
        blocks();
        edges();
    }

    /** Blocks by their rows, so that sashing between them parts them no more than a seam does. */
    private void blocks() {
        Map<List<Integer>, Integer> at = new HashMap<>();
        for (int i = 0; i < hands.size(); i++) {
            if (!hands.get(i).isEdge()) {
                at.put(List.of(hands.get(i).part.row(), hands.get(i).part.column()), i);
            }
        }
        at.forEach((place, index) -> {
            SideBySide steps = SideBySide.of(setting, place.getFirst());
            meetAt(at, place, steps.touching(), other -> beside(index, other));
            meetAt(at, place, steps.nearby(), other -> near(index, other));
        });
    }

    private static void meetAt(Map<List<Integer>, Integer> at, List<Integer> place, int[][] steps, IntConsumer met) {
        for (int[] step : steps) {
            Integer other = at.get(List.of(place.get(0) + step[0], place.get(1) + step[1]));
            if (other != null) {
                met.accept(other);
            }
        }
    }

    /** Edges by where they lie: what touches them, and the next but one along the same strip. */
    private void edges() {
        if (hands.stream().noneMatch(Hand::isEdge)) {
            return;
        }
        List<Outline> outlines = hands.stream().map(Hand::outline).toList();
        for (int i = 0; i < hands.size(); i++) {
            if (!hands.get(i).isEdge()) {
                continue;
            }
            Work.spend(hands.size());
            for (int j = 0; j < hands.size(); j++) {
                boolean seenOnce = !hands.get(j).isEdge() || j > i;
                if (seenOnce && i != j && outlines.get(i).touches(outlines.get(j))) {
                    beside(i, j);
                } else if (j > i && isNextButOne(hands.get(i), hands.get(j))) {
                    near(i, j);
                }
            }
        }
    }

    private static boolean isNextButOne(Hand one, Hand other) {
        return other.isEdge() && one.part.equals(other.part) && Math.abs(one.unit - other.unit) == 2;
    }

    private void beside(int one, int other) {
        hands.get(one).neighbours.add(other);
        hands.get(other).neighbours.add(one);
    }

    private void near(int one, int other) {
        hands.get(one).nearby.add(other);
        hands.get(other).nearby.add(one);
    }
}

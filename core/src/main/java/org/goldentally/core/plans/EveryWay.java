package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.method.PiecingMethod;

/** Every combination of the ways in which the groups of a small top can be made. */
final class EveryWay {

    /** Combinations of larger tops are too many to be worked out one by one (our own limit). */
    static final int MOST_COMBINATIONS = 100;

    private EveryWay() {}

    /**
     * A design for each combination; none where there are too many.
     *
     * @param groups what is open, by the choice keys of groups
     */
    static List<QuiltDesign> of(Map<String, List<PiecingMethod>> groups, QuiltDesign from) {
        long combinations = 1;
        for (List<PiecingMethod> ways : groups.values()) {
            combinations = Math.min(combinations * ways.size(), MOST_COMBINATIONS + 1L);
        }
        if (combinations > MOST_COMBINATIONS) {
            return List.of();
        }
        List<QuiltDesign> designs = new ArrayList<>(List.of(from));
        groups.forEach((key, ways) -> {
            List<QuiltDesign> more = new ArrayList<>();
            designs.forEach(design -> ways.forEach(way -> more.add(PlanMoves.by(design, List.of(key), way))));
            designs.clear();
            designs.addAll(more);
        });
        return designs;
    }
}

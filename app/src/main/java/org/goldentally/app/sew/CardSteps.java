package org.goldentally.app.sew;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.goldentally.app.drawing.StepView;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.step.SetSteps;
import org.goldentally.core.step.Step;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.ClothRole;

/** The steps of a card, and which cloth plays which part in them. */
final class CardSteps {

    private final QuiltTop top;
    private final Map<String, Integer> clothPlaces;

    CardSteps(TopTally tally, Map<String, Integer> clothPlaces) {
        this.top = tally.top();
        this.clothPlaces = clothPlaces;
    }

    List<Step> of(MadeSet set) {
        QuiltDesign design = top.design();
        return steps(set)
                .lighterOnTop(
                        cloth -> design.cloth(cloth)
                                .map(ClothInHand::judgedLightness)
                                .orElse(0.0),
                        set)
                .steps();
    }

    List<StepView> views(List<Step> steps) {
        return steps.stream()
                .map(step -> StepView.of(step, top.design().system()))
                .toList();
    }

    /** For each part that a cloth plays, A to D, the place of that cloth among the quilt's; -1 where there is none. */
    List<Integer> roles(MadeSet set) {
        Map<ClothRole, String> cloths = steps(set).cloths();
        return Arrays.stream(ClothRole.values())
                .map(role -> cloths.containsKey(role) ? clothPlaces.getOrDefault(cloths.get(role), -1) : -1)
                .toList();
    }

    private SetSteps steps(MadeSet set) {
        return SetSteps.of(set, top.settings(), top.design().plan().habits());
    }
}

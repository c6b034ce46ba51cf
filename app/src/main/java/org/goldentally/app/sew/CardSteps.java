package org.goldentally.app.sew;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.goldentally.app.drawing.StepView;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.step.MakingSteps;
import org.goldentally.core.step.Step;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.UnitDrawing;

/** The steps of a card, and which cloth plays which part in them. */
final class CardSteps {

    private final QuiltTop top;
    private final Map<String, Integer> clothPlaces;

    CardSteps(TopTally tally, Map<String, Integer> clothPlaces) {
        this.top = tally.top();
        this.clothPlaces = clothPlaces;
    }

    List<StepView> of(UnitPlan plan) {
        Map<ClothRole, Double> lightness = new EnumMap<>(ClothRole.class);
        places(plan).forEach((role, place) -> {
            if (place >= 0) {
                lightness.put(role, top.design().cloths().get(place).judgedLightness());
            }
        });
        List<Step> steps = MakingSteps.of(
                plan.method(),
                plan.unit(),
                plan.recipe(),
                top.settings(),
                top.design().plan().habits());
        return Step.lighterOnTop(steps, role -> lightness.getOrDefault(role, 0.0)).stream()
                .map(StepView::of)
                .toList();
    }

    /** For each part that a cloth plays, A to D, the place of that cloth among the quilt's; -1 where there is none. */
    List<Integer> roles(UnitPlan plan) {
        Map<ClothRole, Integer> places = places(plan);
        return Arrays.stream(ClothRole.values())
                .map(role -> places.getOrDefault(role, -1))
                .toList();
    }

    private Map<ClothRole, Integer> places(UnitPlan plan) {
        Map<ClothRole, Integer> places = new EnumMap<>(ClothRole.class);
        List<UnitDrawing.UnitPatch> patches = UnitDrawing.of(plan.unit());
        for (int i = 0; i < patches.size(); i++) {
            places.putIfAbsent(
                    patches.get(i).cloth(),
                    clothPlaces.getOrDefault(plan.cloths().get(i), -1));
        }
        return places;
    }
}

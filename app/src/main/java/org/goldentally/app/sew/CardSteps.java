package org.goldentally.app.sew;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.goldentally.app.drawing.StepView;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.UnitDrawing;
import org.goldentally.core.piecing.step.Step;
import org.goldentally.core.quilt.Judging;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.tally.UnitPlan;

/** The steps of a card, and which cloth plays which part in them. */
final class CardSteps {

    private final QuiltTop top;
    private final Map<String, Integer> clothPlaces;

    CardSteps(TopTally tally, Map<String, Integer> clothPlaces) {
        this.top = tally.top();
        this.clothPlaces = clothPlaces;
    }

    List<StepView> of(UnitPlan plan) {
        return steps(plan).stream().map(StepView::of).toList();
    }

    private List<Step> steps(UnitPlan plan) {
        return plan.method()
                .steps(
                        plan.unit(),
                        plan.recipe(),
                        top.settings(),
                        top.design().plan().habits());
    }

    /** For each part that a cloth plays, A to D, the place of that cloth among the quilt's; -1 where there is none. */
    List<Integer> roles(UnitPlan plan) {
        Map<ClothRole, Integer> roles = new LinkedHashMap<>();
        List<UnitDrawing.UnitPatch> patches = UnitDrawing.of(plan.unit());
        for (int i = 0; i < patches.size(); i++) {
            roles.putIfAbsent(
                    patches.get(i).cloth(),
                    clothPlaces.getOrDefault(plan.cloths().get(i), -1));
        }
        lighterOnTop(plan, roles);
        List<Integer> byRole = new ArrayList<>();
        for (ClothRole role : ClothRole.values()) {
            byRole.add(roles.getOrDefault(role, -1));
        }
        return byRole;
    }

    /** Of a pair the lighter cloth lies on top; the cloths of its units may change places, which only turns them. */
    private void lighterOnTop(UnitPlan plan, Map<ClothRole, Integer> roles) {
        Integer a = roles.get(ClothRole.A);
        Integer b = roles.get(ClothRole.B);
        boolean pair = plan.unit() instanceof PatchworkUnit.HalfSquareTriangleUnit
                || plan.unit() instanceof PatchworkUnit.QuarterSquareTriangleUnit hourglass && hourglass.cloths() == 2;
        if (!pair || a == null || b == null || a < 0 || b < 0) {
            return;
        }
        ClothRole upper = steps(plan).stream()
                .flatMap(step -> step.drawing().stream())
                .flatMap(shape -> shape instanceof Step.ClothShape cloth && cloth.layer() > 0
                        ? Stream.of(cloth.cloth())
                        : Stream.empty())
                .findFirst()
                .orElse(ClothRole.A);
        double lightA = Judging.lightness(top.design().cloths().get(a));
        double lightB = Judging.lightness(top.design().cloths().get(b));
        boolean upperIsDarker = upper == ClothRole.A ? lightA < lightB : lightB < lightA;
        if (upperIsDarker) {
            roles.put(ClothRole.A, b);
            roles.put(ClothRole.B, a);
        }
    }
}

package org.goldentally.core.tally;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.meaning.SquareRulers;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.UnitSizes;
import org.goldentally.core.problem.Problem;

/** Units that no square ruler at hand can trim, each size once. */
final class RulerNotes {

    private RulerNotes() {}

    static List<Problem> of(TopTally tally) {
        SquareRulers rulers = tally.top().read().work().rulers();
        MeasureSystem system = tally.top().design().system();
        Set<Problem> problems = new LinkedHashSet<>();
        for (UnitPlans.Choice choice : tally.choices()) {
            UnitPlan plan = choice.chosen();
            UnitSizes sizes = plan.recipe().sizes();
            if (sizes.needsTrimming() && !plan.unit().isTriangle()) {
                rulers.cannotTrim(
                                sizes.trimmedWidth(),
                                sizes.trimmedHeight(),
                                plan.method().crosses(),
                                system)
                        .ifPresent(
                                why -> problems.add(
                                        new Problem(
                                                "Trimming, " + plan.label(),
                                                why,
                                                "trim these with a long ruler and the lines of the mat, or name another square ruler")));
            }
        }
        return List.copyOf(problems);
    }
}

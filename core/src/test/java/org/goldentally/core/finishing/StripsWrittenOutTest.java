package org.goldentally.core.finishing;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.chance.Written;
import org.goldentally.core.design.FinishingDesign.Panels;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.SomeQuilts;
import org.junit.jupiter.api.Test;

/** The long strips, bindings and backings of a few quilts, written out; their lengths are tested by counting. */
class StripsWrittenOutTest {

    @Test
    void stripsOfSomeQuilts() {
        List<String> lines = new ArrayList<>();
        SomeQuilts.tallies().forEach((name, tally) -> {
            lines.add("= " + name);
            QuiltTop top = tally.top();
            new StripPlans(top, top.read(), cloth -> Length.inches(42))
                    .of(tally.count())
                    .forEach(plan -> lines.addAll(said(plan)));
            Finishing finishing = Finishing.of(top);
            lines.add("- " + finishing.binding());
            for (Panels panels : Panels.values()) {
                Finishing way = Finishing.of(top, panels);
                lines.add("- " + panels + ": " + way.backing().orElse(null));
                way.workings().forEach(working -> lines.add("  " + working.what() + ": " + working.how()));
                way.problems().forEach(problem -> lines.add("  ! " + problem.where() + ": " + problem.why()));
            }
            if (finishing.binding().isPresent()) {
                StripPlan binding = StripPlans.binding(
                        finishing.binding().orElseThrow(), top.design().finishing());
                lines.addAll(said(binding));
                ScrappyBinding scrappy = ScrappyBinding.from(
                        tally.ledgers(), binding, top.design().system().writer());
                lines.add("  of leftovers: " + scrappy.fromLeftovers() + " strips, enough " + scrappy.isEnough() + ", "
                        + scrappy.length() + ", cuts " + scrappy.plan().cuts().size() + "; "
                        + scrappy.plan().working().how());
            }
        });
        Written.as("strips.txt", lines);
    }

    private static List<String> said(StripPlan plan) {
        List<String> lines = new ArrayList<>();
        lines.add("- " + plan.kind() + " " + plan.label() + " of " + plan.cloth() + ", " + plan.cutWidth() + " wide"
                + (plan.joined() ? ", joined" : "") + ", " + plan.count() + " of " + plan.stripsCut() + " strips");
        plan.sides().forEach(side -> lines.add("  " + side));
        plan.cuts()
                .forEach(cut -> lines.add("  " + cut.count() + " x "
                        + cut.size().width() + " x " + cut.size().height()));
        lines.add("  " + plan.working().what() + ": " + plan.working().how());
        return lines;
    }
}

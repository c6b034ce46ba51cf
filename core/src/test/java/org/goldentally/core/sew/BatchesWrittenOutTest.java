package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.chance.Written;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.step.SetSteps;
import org.goldentally.core.step.Step;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

/** The batches of a few quilts, written out, with the words of their steps and what to do when units go wrong. */
class BatchesWrittenOutTest {

    private static final BenchState.Counts SOME_SPOILED = new BenchState.Counts(4, 3, 0, 0, 1, 0);

    @Test
    void batchesOfSomeQuilts() {
        List<String> lines = new ArrayList<>();
        SomeQuilts.tallies().forEach((name, tally) -> {
            lines.add("= " + name);
            Batches.of(tally).forEach(batch -> lines.addAll(said(batch, tally)));
        });
        Written.as("batches.txt", lines);
    }

    private static List<String> said(Batch batch, TopTally tally) {
        List<String> lines = new ArrayList<>();
        lines.add("- " + batch.kind() + " " + batch.key().text());
        lines.add("  " + batch.title() + "; " + batch.subtitle() + "; one of: " + batch.run());
        lines.add("  needed " + batch.needed() + ", " + batch.perSet() + " a " + batch.setName() + ", planned "
                + batch.setsPlanned() + ", parts " + batch.partIds().size() + ", hands " + batch.hands());
        WaysOut ways = WaysOut.of(batch, SOME_SPOILED, tally);
        lines.add("  with some spoiled: left " + batch.setsLeft(SOME_SPOILED) + ", beyond "
                + batch.setsBeyondPlan(SOME_SPOILED) + ", " + ways);
        new CardChecks(tally).of(batch).forEach(check -> lines.add("  check " + check.what() + ": " + check.size()));
        batch.set().ifPresent(set -> {
            SetSteps steps = SetSteps.of(set, tally.top().read().sizes().settings(), Habits.USUAL)
                    .lighterOnTop(cloth -> cloth.charAt(0), set);
            lines.add("  in " + steps.cloths());
            for (Step step : steps.steps()) {
                lines.add("  " + step.kind() + ": " + step.text());
            }
            RestOfBatch.of(batch, steps.steps(), Habits.USUAL).forEach(line -> lines.add("  rest: " + line));
        });
        return lines;
    }

    @Test
    void layoutsOfSomeQuilts() {
        List<String> lines = new ArrayList<>();
        SomeQuilts.tallies().forEach((name, tally) -> {
            lines.add("= " + name);
            TopPressing pressing = TopPressing.of(tally.top());
            for (TopPressing.Sort sort : pressing.sorts()) {
                for (TopPressing.Way way : sort.ways()) {
                    lines.add("- " + sort.key().text() + " in way " + way.letter() + ", "
                            + way.parts().size() + " of them");
                    lines.addAll(said(way.layout(), tally));
                }
            }
            pressing.rows().ifPresent(rows -> {
                lines.add("- rows");
                lines.addAll(said(rows, tally));
            });
        });
        Written.as("layouts.txt", lines);
    }

    private static List<String> said(Layout layout, TopTally tally) {
        List<String> lines = new ArrayList<>();
        LayoutWords.presses(layout).forEach(press -> lines.add("  " + press));
        LayoutWords.notes(layout).forEach(note -> lines.add("  note: " + note));
        LayoutWords.joins(layout, tally.top().design().system().writer()).forEach(join -> lines.add("  " + join));
        return lines;
    }
}

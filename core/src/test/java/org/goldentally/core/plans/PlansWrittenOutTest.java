package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.account.KnownAccounts;
import org.goldentally.core.chance.Written;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

/** Plans of a few quilts in words, what they cost, how far they can be from the best, and what would do; written out. */
class PlansWrittenOutTest {

    @Test
    void plansOfSomeQuilts() {
        List<String> lines = new ArrayList<>();
        SomeQuilts.tallies().forEach((name, tally) -> {
            lines.add("= " + name);
            lines.addAll(said(tally));
            ShelfAnswer answer = ShelfAnswer.of(tally.top(), SomeQuilts.SHELF, new KnownAccounts());
            lines.add("  enough " + answer.isEnough() + ", too large " + answer.hasTooLarge() + ", undressed "
                    + answer.hasUndressed());
            answer.plans().forEach((aim, plan) -> {
                lines.add("- " + aim.label() + ": " + plan.costs());
                lines.addAll(said(plan.tally()));
            });
            answer.changes()
                    .forEach(change -> lines.add("- " + change.key() + ": " + change.what() + " -> " + change.effect()
                            + (change.enough() ? ", enough" : "")));
        });
        Written.as("plans.txt", lines);
    }

    private static List<String> said(TopTally tally) {
        List<String> lines = new ArrayList<>();
        PlanInWords.of(tally, ShoppingList.of(tally, Prices.UNKNOWN))
                .forEach(sentence -> lines.add("  " + sentence.about() + ": " + sentence.text()));
        PlanInWords.notCounted(tally).forEach(line -> lines.add("  not counted: " + line));
        PlanCosts costs = PlanCosts.of(tally);
        lines.add("  " + costs + ", " + PlanInWords.hours(costs.minutes()));
        return lines;
    }
}

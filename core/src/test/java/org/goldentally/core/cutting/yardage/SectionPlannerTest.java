package org.goldentally.core.cutting.yardage;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.function.IntUnaryOperator;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cutting.yardage.Demand.Item;
import org.junit.jupiter.api.Test;

/** Plans with long pieces along the cloth; every plan is checked piece by piece ({@link SectionedPlan#faults}). */
class SectionPlannerTest {

    /** In eighths of an inch: four of 4 1/2 × 75 1/2 in leave 22 in, in which 18 rows of five 4 in squares lie (worked by hand). */
    @Test
    void whatIsBesideLongPiecesIsFilled() {
        Demand demand = new Demand(320, List.of(new Item(36, 604, 4, false), new Item(32, 32, 90, false)), 160);
        SectionedPlan plan = plan(demand, CuttingStyle.TIDY, 2_000);
        assertThat(plan.faults()).isEmpty();
        assertThat(plan.length()).isEqualTo(604);
        assertThat(plan.lowerBound()).isEqualTo(604);
        assertThat(plan.sections()).singleElement().satisfies(section -> {
            assertThat(section.width()).isEqualTo(144);
            assertThat(section.strips()).hasSize(18);
        });
    }

    @Test
    void withoutLongPiecesThereAreNoSections() {
        Demand demand = new Demand(320, List.of(new Item(36, 36, 20, false), new Item(320, 20, 4, true)), 160);
        assertThat(plan(demand, CuttingStyle.TIDY, 500).sections()).isEmpty();
    }

    /** Whatever is asked for, the plan can be cut, is as long as its bound at least, and never longer than strips alone. */
    @Tries(20)
    void everyPlanCanBeCut(Chance chance) {
        List<Item> items = AlongLists.items(chance);
        Demand demand = new Demand(320, items, 160);
        SectionedPlan plan = plan(demand, chance.of(CuttingStyle.TIDY, CuttingStyle.THRIFTY), 800);
        assertThat(plan.faults()).isEmpty();
        assertThat(plan.lowerBound()).isLessThanOrEqualTo(plan.length());
        assertThat((long) plan.lowerBound() * 320)
                .isGreaterThanOrEqualTo(Math.min(demand.area(), plan.length() * 320L));
    }

    /**
     * Lists that no number here was chosen by, each with the shortest length that sixteen times the search finds: no plan is
     * more than 3 % longer. All forty stand in the benchmark; these are the quickest.
     */
    @Test
    void plansAreNearTheShortestKnown() throws IOException {
        for (AlongLists list : AlongLists.all().subList(0, 6)) {
            SectionedPlan plan = plan(list.demand(), CuttingStyle.THRIFTY, YardagePlanner.USUAL_BUDGET);
            assertThat(plan.length()).as(list.name()).isBetween(list.bound(), list.best() * 103 / 100);
        }
    }

    private static SectionedPlan plan(Demand demand, CuttingStyle style, int budget) {
        return SectionPlanner.plan(demand, style, budget, IntUnaryOperator.identity(), length -> true);
    }
}

package org.goldentally.core.cutting.yardage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.goldentally.core.cutting.yardage.Demand.Item;
import org.goldentally.core.cutting.yardage.Strip.Segment;
import org.goldentally.core.cutting.yardage.Strip.Stacked;
import org.junit.jupiter.api.Test;

/** What is wrong with a plan is told piece by piece; of two squares of 4 and an oblong of 6 × 3, on cloth 10 wide. */
class YardagePlanTest {

    private static final Demand DEMAND =
            new Demand(10, List.of(new Item(4, 4, 2, true), new Item(6, 3, 1, false)), Demand.UNLIMITED);

    private static final Stacked SQUARE = new Stacked(0, 4, 4);
    private static final Stacked OBLONG = new Stacked(1, 6, 3);

    @Test
    void whatCanBeCutHasNoFaults() {
        assertThat(plan(strip(4, SQUARE, OBLONG), strip(4, SQUARE)).faults()).isEmpty();
        assertThat(plan(strip(4, SQUARE, OBLONG), strip(4, SQUARE)).length()).isEqualTo(8);
    }

    @Test
    void everyFaultIsNamed() {
        assertThat(plan(strip(4, SQUARE, OBLONG)).faults())
                .containsExactly("1 of Item[width=4, height=4, count=2, turnable=true] are missing");
        assertThat(plan(strip(4, SQUARE, OBLONG, SQUARE)).faults()).containsExactly("a strip 14 wide on fabric of 10");
        assertThat(plan(strip(3, SQUARE, OBLONG), strip(4, SQUARE)).faults())
                .containsExactly("a stack of 4 in a strip of 3");
        assertThat(plan(strip(6, SQUARE, new Stacked(1, 3, 6)), strip(4, SQUARE))
                        .faults())
                .containsExactly("a piece of Item[width=6, height=3, count=1, turnable=false] lies as 3 x 6");
        Segment tooNarrow = new Segment(3, 4, List.of(SQUARE));
        assertThat(plan(strip(4, SQUARE, OBLONG), new Strip(4, List.of(tooNarrow)))
                        .faults())
                .containsExactly("a piece 4 wide in a segment of 3");
    }

    private static Strip strip(int height, Stacked... pieces) {
        return new Strip(
                height,
                List.of(pieces).stream()
                        .map(piece -> Segment.of(List.of(piece)))
                        .toList());
    }

    private static YardagePlan plan(Strip... strips) {
        return new YardagePlan(DEMAND, List.of(strips), 0);
    }
}

package org.goldentally.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.YearMonth;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.stock.FabricYear.Act;
import org.goldentally.core.stock.FabricYear.Change;
import org.goldentally.core.stock.FabricYear.Sums;
import org.junit.jupiter.api.Test;

class FabricYearTest {

    private static final YearMonth MAY = YearMonth.of(2026, 5);

    /** A yard of 42 in is 1,512 square inches; half of it is cut, 500 are left, so 256 were trimmed away (worked by hand). */
    @Test
    void whatWasCutAndWhatWasTrimmedAreToldApart() {
        FabricYear year = FabricYear.of(List.of(
                new Act(MAY, false, List.of(new Change("teal", false, Area.ZERO, area(1512)))),
                new Act(
                        MAY.plusMonths(1),
                        true,
                        List.of(
                                new Change("teal", false, area(1512), Area.ZERO),
                                new Change("teal", false, Area.ZERO, area(500)),
                                new Change("teal", true, Area.ZERO, area(756)),
                                new Change("rose", true, Area.ZERO, area(100)),
                                new Change("rose", false, Area.ZERO, area(40))))));
        assertThat(year.months()).hasSize(2);
        assertThat(year.months().getFirst().sums()).isEqualTo(new Sums(area(1512), area(0), area(0), area(0)));
        Sums teal = year.fabrics().getFirst().sums();
        assertThat(teal).isEqualTo(new Sums(area(1512), area(756), area(256), area(0)));
        assertThat(teal.left()).isEqualTo(area(500));
        assertThat(year.fabrics().getLast().sums())
                .as("bought to be cut")
                .isEqualTo(new Sums(area(140), area(100), area(0), area(0)));
    }

    /** Whatever is done, what is said to be left is what a plain count of the lines finds; months and fabrics agree. */
    @Tries(200)
    void whatIsLeftIsWhatLiesThere(Chance chance) {
        Map<String, List<Integer>> shelf = new HashMap<>();
        List<Act> acts = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            String fabric = chance.of("teal", "rose", "oat");
            List<Integer> lines = shelf.computeIfAbsent(fabric, any -> new ArrayList<>());
            YearMonth month = MAY.plusMonths(i / 4);
            if (lines.isEmpty() || chance.flag()) {
                int came = chance.between(1, 2000);
                lines.add(came);
                acts.add(new Act(month, false, List.of(new Change(fabric, false, Area.ZERO, area(came)))));
                continue;
            }
            int was = lines.removeLast();
            int left = chance.between(0, was);
            lines.add(left);
            List<Change> changes = new ArrayList<>(List.of(new Change(fabric, false, area(was), area(left))));
            boolean cuts = chance.flag();
            if (cuts) {
                changes.add(new Change(fabric, true, Area.ZERO, area(chance.between(0, was - left))));
            }
            acts.add(new Act(month, cuts, changes));
        }
        FabricYear year = FabricYear.of(acts);
        for (FabricYear.OfFabric each : year.fabrics()) {
            int there = shelf.get(each.fabric()).stream()
                    .mapToInt(Integer::intValue)
                    .sum();
            assertThat(each.sums().left()).isEqualTo(area(there));
            assertThat(each.sums().trimmed().isNegative()).isFalse();
        }
        Area byMonth = year.months().stream().map(each -> each.sums().left()).reduce(Area.ZERO, Area::plus);
        Area byFabric = year.fabrics().stream().map(each -> each.sums().left()).reduce(Area.ZERO, Area::plus);
        assertThat(byMonth).isEqualTo(byFabric);
    }

    private static Area area(int squareInches) {
        return Length.inches(squareInches).times(Length.inches(1));
    }
}

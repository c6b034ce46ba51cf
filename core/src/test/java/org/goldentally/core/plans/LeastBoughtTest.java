package org.goldentally.core.plans;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.plans.LeastBought.Sold;
import org.goldentally.core.plans.LeastBought.Wanted;
import org.junit.jupiter.api.Test;

/** The least that is bought, worked by hand, and against every choice there is. */
class LeastBoughtTest {

    private static final Sold QUARTER = new Sold(Length.inches(40), Length.inches(9));
    private static final Wanted NOTHING = new Wanted(0, 0);

    /** Steps of 360 in². Two groups: each takes 350 of a, or 200 of each; 100 of b are wanted in any case. */
    @Test
    void undecidedGroupsAreChosenByAnIntegerProgram() {
        List<Map<String, Double>> ways = LeastBought.worthTrying(
                List.of(Map.of("a", 350.0), Map.of("a", 200.0, "b", 200.0), Map.of("a", 210.0, "b", 200.0)));
        assertThat(ways).hasSize(2);
        // Both of a alone: 700 of a, 100 of b: 2 + 1. One each: 550 and 300: 2 + 1. Both of both: 400, 500: 2 + 2.
        assertThat(new LeastBought(
                                inOrder("a", QUARTER, "b", QUARTER),
                                Map.of("a", NOTHING, "b", new Wanted(100, 0)),
                                List.of(ways, ways))
                        .area())
                .isEqualTo(steps(3));
    }

    /** Of two ways that take the same one is left, and of two that each take less of something both. */
    @Test
    void aWayThatTakesNoMoreTakesThePlaceOfTheOther() {
        Map<String, Double> a = Map.of("a", 10.0);
        Map<String, Double> b = Map.of("b", 10.0);
        Map<String, Double> both = Map.of("a", 10.0, "b", 10.0);
        Map<String, Double> more = Map.of("a", 11.0);
        assertThat(LeastBought.worthTrying(List.of(a, Map.of("a", 10.0)))).containsExactly(a);
        assertThat(LeastBought.worthTrying(List.of(a, b))).containsExactly(a, b);
        assertThat(LeastBought.worthTrying(List.of(both, a, b))).containsExactly(a, b);
        assertThat(LeastBought.worthTrying(List.of(a, both, b, more))).containsExactly(a, b);
        assertThat(LeastBought.worthTrying(List.of(more, b, a))).containsExactly(b, a);
    }

    /** What fills a length to the thread is that length; a little more is the next; what lies there wants none. */
    @Test
    void whatIsDecidedIsRoundedUpClothByCloth() {
        Map<String, Sold> sold = inOrder("a", QUARTER, "b", new Sold(Length.inches(42), Length.inches(9)));
        assertThat(least(sold, new Wanted(360, 0), new Wanted(-1_000, -50))).isEqualTo(steps(1));
        assertThat(least(sold, new Wanted(360.01, 0), new Wanted(1, 0)))
                .isEqualTo(steps(2).plus(Length.inches(42).times(Length.inches(9))));
        // Long pieces do not come of the short ones that lie there.
        assertThat(least(sold, new Wanted(-1_000, 361), NOTHING)).isEqualTo(steps(2));
    }

    private static Area least(Map<String, Sold> sold, Wanted a, Wanted b) {
        return new LeastBought(sold, Map.of("a", a, "b", b), List.of()).area();
    }

    /**
     * 41 groups are too many to choose in whole ways: 41 × 10 in² are 1.139 quarters, 45.56 of 40 in, counted as 46. 40
     * groups are chosen in whole: 400 in² are two quarters.
     */
    @Test
    void ofVeryManyGroupsALowerFigureIsKnown() {
        List<Map<String, Double>> ways = List.of(Map.of("a", 10.0), Map.of("b", 2_000.0));
        Map<String, Sold> sold = inOrder("a", QUARTER, "b", QUARTER);
        Map<String, Wanted> nothing = Map.of("a", NOTHING, "b", NOTHING);
        assertThat(new LeastBought(sold, nothing, Collections.nCopies(41, ways)).area())
                .isEqualTo(Length.inches(46).times(Length.inches(9)));
        assertThat(new LeastBought(sold, nothing, Collections.nCopies(40, ways)).area())
                .isEqualTo(steps(2));
    }

    @Tries(60)
    void noChoiceOfWaysBuysLess(Chance chance) {
        Map<String, Sold> sold = new LinkedHashMap<>();
        Map<String, Wanted> wanted = new HashMap<>();
        for (String cloth : List.of("a", "b", "c").subList(0, chance.between(1, 3))) {
            sold.put(cloth, new Sold(chance.of(Length.inches(40), Length.inches(42, 1, 2)), Length.inches(9)));
            wanted.put(cloth, new Wanted(chance.between(-500, 700), chance.between(-500, 700)));
        }
        List<List<Map<String, Double>>> groups =
                chance.list(1, 4, () -> chance.list(1, 3, () -> way(chance, List.copyOf(sold.keySet()))));
        Area area = new LeastBought(sold, wanted, groups).area();
        assertThat(area).as(chance.toString()).isEqualTo(leastOf(sold, wanted, groups));
    }

    private static Map<String, Double> way(Chance chance, List<String> cloths) {
        Map<String, Double> way = new HashMap<>();
        cloths.forEach(cloth -> way.put(cloth, (double) chance.between(0, 5) * 100));
        return way;
    }

    /** Every way of the first group with every choice of the others; of what is wanted then, whole lengths of each cloth. */
    private static Area leastOf(
            Map<String, Sold> sold, Map<String, Wanted> wanted, List<List<Map<String, Double>>> groups) {
        if (groups.isEmpty()) {
            Area all = Area.ZERO;
            for (Map.Entry<String, Sold> cloth : sold.entrySet()) {
                Wanted of = wanted.get(cloth.getKey());
                Area one = cloth.getValue().width().times(cloth.getValue().step());
                Area bought = Area.ZERO;
                while (bought.toDoubleSquareInches() < Math.max(of.all(), of.longOnes())) {
                    bought = bought.plus(one);
                }
                all = all.plus(bought);
            }
            return all;
        }
        List<Area> each = new ArrayList<>();
        for (Map<String, Double> way : groups.getFirst()) {
            Map<String, Wanted> with = new HashMap<>(wanted);
            way.forEach((cloth, area) ->
                    with.computeIfPresent(cloth, (any, before) -> new Wanted(before.all() + area, before.longOnes())));
            each.add(leastOf(sold, with, groups.subList(1, groups.size())));
        }
        return Collections.min(each);
    }

    private static Area steps(int count) {
        return QUARTER.width().times(QUARTER.step()).times(count);
    }

    private static Map<String, Sold> inOrder(String one, Sold first, String other, Sold second) {
        Map<String, Sold> sold = new LinkedHashMap<>();
        sold.put(one, first);
        sold.put(other, second);
        return sold;
    }
}

package org.goldentally.core.making;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.design.MakingDesign.OddOnes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.GroupKey;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.SplitQuarterUnit;
import org.goldentally.core.unit.PatchworkUnit.StripSetSegment;
import org.goldentally.core.unit.PatchworkUnit.StripSetTriangleUnit;
import org.goldentally.core.unit.UnitSymmetry;
import org.goldentally.core.unit.UnitSymmetry.Hand;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The making plan beside what counting proves: a square holds two triangles, so of no cloth can there be fewer squares than
 * half its triangles (counting; the trails by Euler 1736). What the sets give is sewn on paper.
 */
class MakingPlanTest {

    private static final PatchworkUnit HALF_SQUARE = new HalfSquareTriangleUnit(Length.inches(3));
    private static final PatchworkUnit GOOSE = new FlyingGeeseUnit(Length.inches(6));

    private static Map<String, Long> squares(MakingPlan plan) {
        return plan.cuts().stream()
                .collect(Collectors.groupingBy(ClothCut::cloth, TreeMap::new, Collectors.summingLong(ClothCut::count)));
    }

    private static long all(MakingPlan plan) {
        return plan.cuts().stream().mapToLong(ClothCut::count).sum();
    }

    /** 27 units that follow one another from cloth to cloth (counting). */
    private static WantedUnits oneTrail(boolean round) {
        WantedUnits demand = new WantedUnits();
        for (int i = 0; i < 27; i++) {
            demand.want(HALF_SQUARE, 1, "c" + i, "c" + (round && i == 26 ? 0 : i + 1));
        }
        return demand;
    }

    @ParameterizedTest
    @CsvSource({
        "open-chain, false, 28, 1",
        "closed-ring, false, 28, 1",
        "closed-ring, true, 27, 1",
        "open-chain, true, 28, 1",
        "loose-triangles, false, 28, 27",
        "two-at-a-time, false, 28, 27"
    })
    void unitsThatFollowOneAnotherTakeOneSquareMoreThanUnitsOrNone(
            String method, boolean round, long squares, int sets) {
        MakingPlan plan = oneTrail(round).by("half-square", method).plan();
        assertThat(all(plan)).isEqualTo(squares);
        assertThat(plan.sets()).hasSize(sets);
    }

    @Test
    void inPairsEachOddUnitCostsAWholeOneOfBoth() {
        MakingPlan plan = oneTrail(false)
                .by("half-square", "two-at-a-time")
                .sharing(OddOnes.IN_PAIRS, 40)
                .plan();
        assertThat(all(plan)).isEqualTo(54);
        assertThat(plan.spares()).hasSize(27).allMatch(spare -> spare.count() == 1);
    }

    @Test
    void whereCombinationsLieApartNothingIsSaved() {
        WantedUnits apart = new WantedUnits();
        for (int i = 0; i < 27; i++) {
            apart.want(HALF_SQUARE, 1, "a" + i, "b" + i);
        }
        for (String method : List.of("two-at-a-time", "loose-triangles", "closed-ring", "open-chain")) {
            assertThat(all(apart.by("half-square", method).plan())).isEqualTo(54);
        }
        assertThat(apart.by("half-square", "two-at-a-time").plan().choices())
                .as("and a pair with a spare is nicer to sew than one unit of loose triangles")
                .allMatch(choice -> choice.chosen().loose() == 0);
    }

    @Test
    void aLongChainIsCutAtTheCostOfOneSquareEach() {
        WantedUnits demand = oneTrail(false).by("half-square", "open-chain").sharing(OddOnes.SHARED, 10);
        MakingPlan plan = demand.plan();
        assertThat(plan.sets()).hasSize(3).allMatch(set -> set.perRun() == 9);
        assertThat(all(plan)).isEqualTo(30);
    }

    @Test
    void aLongRingFallsIntoRingsWhereAClothComesAgain() {
        MakingPlan plan = new WantedUnits()
                .want(HALF_SQUARE, 80, "a", "b")
                .by("half-square", "closed-ring")
                .plan();
        assertThat(plan.sets()).hasSize(2).allMatch(set -> set.perRun() == 40);
        assertThat(squares(plan)).isEqualTo(Map.of("a", 40L, "b", 40L));
    }

    /** Oat 6 lines, teal 5, rose 5 (counting). */
    @Test
    void halfSquaresShareTheSquaresOfTheirCloths() {
        WantedUnits demand = new WantedUnits()
                .want(HALF_SQUARE, 3, "oat", "teal")
                .want(HALF_SQUARE, 3, "oat", "rose")
                .want(HALF_SQUARE, 2, "teal", "rose");
        assertThat(squares(demand.plan())).isEqualTo(Map.of("oat", 3L, "teal", 3L, "rose", 3L));
        assertThat(squares(demand.by("half-square", "two-at-a-time")
                        .sharing(OddOnes.IN_PAIRS, 40)
                        .plan()))
                .as("each by itself: 2+2, 2+2, 1+1")
                .isEqualTo(Map.of("oat", 4L, "teal", 3L, "rose", 3L));
    }

    @Test
    void crossingsShareTheirHalves() {
        PatchworkUnit four = new QuarterSquareTriangleUnit(Length.inches(4), 4);
        WantedUnits demand = new WantedUnits();
        String[] prints = {"a", "b", "c", "d", "e", "f"};
        for (int i = 0; i < 6; i += 2) {
            int next = (i + 2) % 6;
            List<String> round = List.of(prints[i], prints[i + 1], prints[next], prints[next + 1]);
            demand.want(four, false, 1, round).want(four, true, 1, round);
        }
        MakingPlan plan = demand.plan();
        assertThat(squares(plan).values()).as("six squares, not twelve").containsOnly(1L);
        assertThat(plan.spares()).isEmpty();
        assertThat(plan.sets().stream().filter(MadeSet.Halves.class::isInstance))
                .hasSize(3);
    }

    @Test
    void aFieldOfOneHandWastesEverySecondCrossingUnit() {
        PatchworkUnit four = new QuarterSquareTriangleUnit(Length.inches(4), 4);
        List<String> round = List.of("a", "b", "c", "d");
        WantedUnits oneHand = new WantedUnits().want(four, false, 12, round);
        MakingPlan crossed = oneHand.plan();
        assertThat(squares(crossed).values()).containsOnly(6L);
        assertThat(crossed.spares()).extracting(MakingPlan.Spare::count).containsExactly(12L);
        MakingPlan mirrored = new WantedUnits()
                .want(four, false, 6, round)
                .want(four, true, 6, round)
                .plan();
        assertThat(squares(mirrored).values()).containsOnly(3L);
        assertThat(mirrored.spares()).isEmpty();
        MakingPlan loose = oneHand.by("hourglass-4", "hourglass-loose-quarters").plan();
        assertThat(squares(loose).values())
                .as("four quarters a square, of any hand")
                .containsOnly(3L);
        assertThat(loose.spares()).isEmpty();
    }

    /** Bodies and wings are counted by cloth over the whole top (counting). */
    @Test
    void geeseShareBodiesAndWings() {
        WantedUnits demand = new WantedUnits()
                .want(GOOSE, 10, "oat", "rose", "rose")
                .want(GOOSE, 6, "oat", "teal", "teal")
                .by("goose", "geese-loose-triangles");
        assertThat(squares(demand.plan())).isEqualTo(Map.of("oat", 4L, "rose", 10L, "teal", 6L));
    }

    @Test
    void segmentsOfSeveralLengthsComeFromTheSameStripSets() {
        // Sets 40 in long: twelve segments of 6 1/2 in and four of 3 1/2 in are 92 in, so three sets, not two and one
        // more.
        WantedUnits demand = new WantedUnits()
                .want(new StripSetSegment(Length.inches(2), Length.inches(6), 2), 11, "a", "b")
                .want(new StripSetSegment(Length.inches(2), Length.inches(3), 2), 2, "a", "b");
        assertThat(squares(demand.plan())).isEqualTo(Map.of("a", 2L, "b", 2L));
        assertThat(new WantedUnits()
                        .want(new StripSetSegment(Length.inches(2), Length.inches(6), 2), 11, "a", "b")
                        .plan()
                        .cuts())
                .allMatch(cut -> cut.count() == 2);
    }

    /**
     * 6 in units: strips of 2 3/4 in make sets 5 in high, 40 in long, so of 7 triangles (check value of the trade): 49 of
     * each kind come of 14 sets begun by turns. For one kind alone each set is begun with it and gives 4 of it: 12 sets.
     */
    @Test
    void ofStripSetTrianglesTheFloorsAreTakenOverBothKinds() {
        PatchworkUnit striped = new StripSetTriangleUnit(Length.inches(6));
        MakingPlan both = new WantedUnits()
                .want(striped, 24, "a", "a", "b")
                .want(striped, 24, "b", "b", "a")
                .plan();
        assertThat(both.cuts()).extracting(ClothCut::count).containsExactly(14L, 14L);
        assertThat(both.spareUnits()).isZero();
        assertThat(both.choices().getFirst().chosen().runsInWords())
                .isEqualTo("14 strip sets, 7 begun with one kind and 7 with the other");

        MakingPlan one = new WantedUnits().want(striped, 24, "a", "a", "b").plan();
        assertThat(one.cuts()).extracting(ClothCut::count).containsExactly(12L, 12L);
        assertThat(one.spares())
                .as("12 sets give 36 triangles of the other kind")
                .containsExactly(
                        new MakingPlan.Spare("strip-set triangle square, 6 in finished", List.of("b", "b", "a"), 18));
        assertThat(one.spareUnits()).isEqualTo(18);
    }

    @Tries(34)
    void squaresOfHalfSquaresAreNeverMoreThanHalfTheTriangles(Chance chance) {
        for (int i = 0; i < 40; i++) {
            halfSquaresReachTheBound(chance);
        }
    }

    private static void halfSquaresReachTheBound(Chance chance) {
        WantedUnits demand = halfSquares(chance);
        String method = chance.of("two-at-a-time", "loose-triangles", "closed-ring");
        demand.by("half-square", method).sharing(OddOnes.SHARED, 1000);
        MakingPlan plan = demand.plan();
        squares(plan)
                .forEach((cloth, count) -> assertThat(count)
                        .as(() -> cloth + ", " + method + ", " + demand.groups)
                        .isEqualTo(Math.ceilDiv(demand.patches(cloth), 2)));
        sewn(demand, plan);
    }

    @Tries(34)
    void squaresOfCrossingsAreNeverMoreThanHalfTheirTriangles(Chance chance) {
        for (int i = 0; i < 40; i++) {
            crossingsReachTheBound(chance);
        }
    }

    private static void crossingsReachTheBound(Chance chance) {
        WantedUnits demand = new WantedUnits();
        List<String> prints = prints(chance);
        Map<String, Long> triangles = new TreeMap<>();
        int groups = chance.between(1, 14);
        Map<List<String>, long[]> crossings = new LinkedHashMap<>();
        for (int i = 0; i < groups; i++) {
            List<String> round =
                    IntStream.range(0, 4).mapToObj(any -> chance.of(prints)).toList();
            PatchworkUnit unit = hourglass(round);
            UnitSymmetry.Counted counted = UnitSymmetry.counted(unit, round, chance.flag());
            long count = chance.between(1, 7);
            demand.want(unit, counted.hand() == Hand.RIGHT, count, counted.cloths());
            crossings
                    .computeIfAbsent(counted.cloths(), any -> new long[3])[
                    counted.hand().ordinal()] += count;
        }
        crossings.forEach((round, hands) -> {
            long runs = hands[0] > 0 ? Math.ceilDiv(hands[0], 2) : Math.max(hands[1], hands[2]);
            round.forEach(cloth -> triangles.merge(cloth, runs, Long::sum));
        });
        MakingPlan plan = demand.plan();
        squares(plan)
                .forEach((cloth, count) -> assertThat(count)
                        .as(() -> cloth + " of " + demand.groups)
                        .isEqualTo(Math.ceilDiv(triangles.get(cloth), 2)));
        sewn(demand, plan);
    }

    @Tries(34)
    void everyUnitIsMadeOfSetsThatAreListed(Chance chance) {
        for (int i = 0; i < 40; i++) {
            sewnOfSets(chance);
        }
    }

    private static void sewnOfSets(Chance chance) {
        WantedUnits demand = halfSquares(chance);
        List<String> prints = prints(chance);
        int groups = chance.between(1, 10);
        for (int i = 0; i < groups; i++) {
            List<String> round =
                    IntStream.range(0, 4).mapToObj(any -> chance.of(prints)).toList();
            switch (chance.between(0, 2)) {
                case 0 -> demand.want(hourglass(round), chance.flag(), chance.between(1, 9), round);
                case 1 ->
                    demand.want(
                            new SplitQuarterUnit(Length.inches(4)),
                            chance.flag(),
                            chance.between(1, 9),
                            List.of(round.get(0) + "1", round.get(1) + "2", round.get(2) + "3"));
                default ->
                    demand.want(
                            GOOSE,
                            chance.flag(),
                            chance.between(1, 9),
                            List.of(round.get(0), round.get(1), round.get(2)));
            }
        }
        if (chance.flag()) {
            demand.by(
                    "half-square",
                    chance.of("two-at-a-time", "four-at-a-time", "eight-at-a-time", "open-chain", "closed-ring"));
        }
        if (chance.flag()) {
            List.of("two", "three", "four")
                    .forEach(cloths -> demand.by("hourglass of " + cloths + " cloths", "hourglass-loose-quarters"));
        }
        demand.sharing(chance.of(OddOnes.values()), chance.between(3, 40));
        sewn(demand, demand.plan());
    }

    private static WantedUnits halfSquares(Chance chance) {
        WantedUnits demand = new WantedUnits();
        List<String> prints = prints(chance);
        int groups = chance.between(1, 20);
        for (int i = 0; i < groups; i++) {
            demand.want(HALF_SQUARE, chance.between(1, 9), chance.of(prints), chance.of(prints));
        }
        return demand;
    }

    private static List<String> prints(Chance chance) {
        return IntStream.range(0, chance.between(2, 9)).mapToObj(i -> "p" + i).toList();
    }

    /** Of two cloths where both opposite quarters are alike, of three where one is, else of four. */
    private static PatchworkUnit hourglass(List<String> round) {
        int alike = (round.get(0).equals(round.get(2)) ? 1 : 0) + (round.get(1).equals(round.get(3)) ? 1 : 0);
        return new QuarterSquareTriangleUnit(Length.inches(4), 4 - alike);
    }

    /** Sews it on paper: all that is wanted comes of it, and the cloth is what the plan says. */
    private static void sewn(WantedUnits demand, MakingPlan plan) {
        SewnOnPaper paper = new SewnOnPaper(plan);
        Map<String, Long> wanted = new TreeMap<>();
        demand.groups.forEach((group, count) -> {
            List<String> round = group.hand() == Hand.RIGHT ? mirrored(group) : group.cloths();
            wanted.merge(SewnOnPaper.read(round), count, Long::sum);
        });
        wanted.forEach((round, count) -> assertThat(paper.units.getOrDefault(round, 0L))
                .as(() -> round + " of " + demand.groups)
                .isGreaterThanOrEqualTo(count));
        Map<String, Long> cut = new TreeMap<>();
        plan.cuts()
                .forEach(piece -> cut.merge(piece.cloth() + " " + piece.size().width(), piece.count(), Long::sum));
        assertThat(paper.cut).isEqualTo(cut);
        long made = paper.units.values().stream().mapToLong(Long::longValue).sum();
        long needed = wanted.values().stream().mapToLong(Long::longValue).sum();
        long spare = plan.spares().stream().mapToLong(MakingPlan.Spare::count).sum();
        assertThat(made + paper.leftOver() - needed)
                .as(() -> "spares by name of " + plan.sets())
                .isEqualTo(spare);
    }

    /** As the mirror image is read. */
    private static List<String> mirrored(GroupKey group) {
        return group.cloths().reversed();
    }
}

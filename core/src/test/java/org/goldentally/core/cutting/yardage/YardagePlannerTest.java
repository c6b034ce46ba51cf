package org.goldentally.core.cutting.yardage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.chance.Written;
import org.goldentally.core.work.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Plans against lists whose shortest lengths are known. The proven ones were proven outside this project, by a general
 * integer solver on an exact model and by bounds of linear programs; every plan is checked piece by piece here.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class YardagePlannerTest {

    private static final int SMALL_BUDGET = 1_500;

    private final Map<List<Object>, YardagePlan> planned = new HashMap<>();

    static Stream<Instances> listsUpToMedium() throws IOException {
        return Instances.all().stream()
                .filter(list -> List.of("tiny", "small", "medium", "border").contains(list.size()));
    }

    @ParameterizedTest
    @MethodSource("listsUpToMedium")
    void plansAreWholeAndNearTheShortestKnown(Instances list) {
        YardagePlan plan = plan(list.demand(), CuttingStyle.THRIFTY);
        check(plan);
        assertThat(plan.length()).isGreaterThanOrEqualTo(plan.lowerBound()).isLessThanOrEqualTo((int)
                Math.ceil(list.best() * 1.025));
        assertThat(plan.lowerBound()).isLessThanOrEqualTo(list.best());
        if (list.size().equals("tiny")) {
            assertThat(plan.length()).isLessThanOrEqualTo(list.best());
        }
    }

    static Stream<Instances> tinyLists() throws IOException {
        return Instances.all().stream().filter(list -> list.size().equals("tiny"));
    }

    /** Not only the lengths given: a general integer solver finds the shortest of tiny lists anew. */
    @ParameterizedTest
    @MethodSource("tinyLists")
    void tinyPlansAreAsShortAsAGeneralSolverFinds(Instances list) {
        assertThat(plan(list.demand(), CuttingStyle.THRIFTY).length())
                .isEqualTo(
                        GeneralSolver.shortestWithin(list.demand(), 1_000_000).orElseThrow());
    }

    @ParameterizedTest
    @MethodSource("listsUpToMedium")
    void moreTroubleNeverTakesMoreCloth(Instances list) {
        YardagePlan plain = plan(list.demand(), CuttingStyle.PLAIN);
        YardagePlan tidy = plan(list.demand(), CuttingStyle.TIDY);
        YardagePlan thrifty = plan(list.demand(), CuttingStyle.THRIFTY);
        check(plain);
        check(tidy);
        assertThat(plain.length()).isLessThanOrEqualTo(list.oneSize());
        assertThat(tidy.length()).isLessThanOrEqualTo(plain.length());
        assertThat(thrifty.length())
                .isLessThanOrEqualTo(YardagePlanner.plan(
                                list.demand(),
                                CuttingStyle.TIDY,
                                SMALL_BUDGET / YardagePlanner.TIDY_SHARE,
                                length -> true)
                        .length());
        assertThat(tidy.strips())
                .allSatisfy(strip -> assertThat(strip.segments())
                        .allSatisfy(segment -> assertThat(segment.stack()).hasSize(1)));
    }

    /** How long each list comes out is written down: a change that is not meant to change plans is seen to change none. */
    @Test
    void lengthsOfTheLists() throws IOException {
        List<String> lines = new ArrayList<>();
        for (Instances list : listsUpToMedium().toList()) {
            StringBuilder line = new StringBuilder(list.name());
            for (CuttingStyle style : CuttingStyle.values()) {
                YardagePlan plan = plan(list.demand(), style);
                line.append("; ").append(style).append(' ').append(plan.length());
                line.append(" in ").append(plan.strips().size()).append(" strips");
            }
            line.append("; at least ")
                    .append(plan(list.demand(), CuttingStyle.THRIFTY).lowerBound());
            lines.add(line.toString());
        }
        Written.as("cutting-lengths.txt", lines);
    }

    /** 18 squares of 6 in from 40 in cloth: 6 a strip, three strips, 18 in (worked by hand). */
    @Test
    void equalSquaresLieInStrips() {
        YardagePlan plan = plan(demand(new Demand.Item(48, 48, 18, true)), CuttingStyle.THRIFTY);
        assertThat(plan.length()).isEqualTo(144);
        assertThat(plan.isProvenShortest()).isTrue();
    }

    /** 4 in pieces are trimmed to 3 in where a stack has room for them: 2 + 3 in high beside 5 in (worked by hand). */
    @Test
    void aNarrowerPieceIsTrimmedFromAStack() {
        Demand demand = demand(
                new Demand.Item(288, 40, 1, false),
                new Demand.Item(32, 16, 1, false),
                new Demand.Item(24, 24, 1, false));
        YardagePlan thrifty = plan(demand, CuttingStyle.THRIFTY);
        check(thrifty);
        assertThat(thrifty.length()).isEqualTo(40);
        assertThat(plan(demand, CuttingStyle.TIDY).length()).isEqualTo(56);
    }

    /** The work is counted, so that it is the same on every machine, and less than a page may cost (7,000,000). */
    @Test
    void fiftyThousandPiecesOfSixtySizesAreBoundedWork() {
        Chance chance = new Chance(7);
        List<Demand.Item> items = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            items.add(new Demand.Item(chance.between(8, 108), chance.between(8, 108), 833, true));
        }
        Demand demand = new Demand(320, items, 160);
        YardagePlan plan = Work.of(5_000_000)
                .within(() ->
                        YardagePlanner.plan(demand, CuttingStyle.THRIFTY, YardagePlanner.USUAL_BUDGET, length -> true));
        check(plan);
        assertThat(plan.length()).isLessThanOrEqualTo(plan.lowerBound() * 1_001 / 1_000);
    }

    @Test
    void aPlanComesOutTheSameEachTime() throws IOException {
        Demand demand = Instances.all().get(20).demand();
        assertThat(planAnew(demand, CuttingStyle.THRIFTY).strips())
                .isEqualTo(planAnew(demand, CuttingStyle.THRIFTY).strips());
    }

    @Test
    void aPlanThatIsStoppedKeepsTheBestSoFar() throws IOException {
        Demand demand = Instances.all().get(20).demand();
        List<Integer> seen = new ArrayList<>();
        YardagePlan stopped = YardagePlanner.plan(demand, CuttingStyle.THRIFTY, 1_000_000, length -> {
            seen.add(length);
            return seen.size() < 2;
        });
        check(stopped);
        assertThat(seen).hasSizeBetween(2, 3);
        assertThat(stopped.length()).isLessThanOrEqualTo(seen.getLast());
    }

    @Test
    void aPieceWiderThanTheClothIsRefused() {
        assertThatThrownBy(() -> demand(new Demand.Item(400, 500, 1, true)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("wider than the fabric of 320");
        assertThat(plan(demand(new Demand.Item(400, 100, 1, true)), CuttingStyle.THRIFTY)
                        .length())
                .isEqualTo(400);
    }

    @Tries(80)
    void whateverIsAskedIsCutAndDirectionalClothIsNeverTurned(Chance chance) {
        Demand demand = demands(chance);
        for (CuttingStyle style : CuttingStyle.values()) {
            YardagePlan plan = plan(demand, style);
            check(plan);
            assertThat((long) plan.length() * demand.widthOfFabric()).isGreaterThanOrEqualTo(demand.area());
            assertThat(plan.lowerBound()).isLessThanOrEqualTo(plan.length());
        }
    }

    private static Demand demands(Chance chance) {
        List<Demand.Item> items = chance.list(
                1,
                6,
                () -> new Demand.Item(
                        chance.between(6, 300), chance.between(6, 300), chance.between(1, 60), chance.flag()));
        return new Demand(320, items, 160);
    }

    private static Demand demand(Demand.Item... items) {
        return new Demand(320, List.of(items), 160);
    }

    /** Planned once, whichever tests look at it. */
    private YardagePlan plan(Demand demand, CuttingStyle style) {
        return planned.computeIfAbsent(List.of(demand, style), any -> planAnew(demand, style));
    }

    private static YardagePlan planAnew(Demand demand, CuttingStyle style) {
        return YardagePlanner.plan(demand, style, SMALL_BUDGET, length -> true);
    }

    /** Shares nothing with the planner: lays every piece down and counts. */
    private static void check(YardagePlan plan) {
        assertThat(plan.faults()).isEmpty();
        Map<Integer, Integer> cut = new HashMap<>();
        int length = 0;
        for (Strip strip : plan.strips()) {
            int x = 0;
            for (Strip.Segment segment : strip.segments()) {
                int y = 0;
                for (Strip.Stacked piece : segment.stack()) {
                    Demand.Item item = plan.demand().items().get(piece.item());
                    boolean asGiven = item.width() == piece.width() && item.height() == piece.height();
                    boolean turned = item.height() == piece.width() && item.width() == piece.height();
                    assertThat(asGiven || turned && item.turnable()).isTrue();
                    assertThat(piece.width()).isLessThanOrEqualTo(segment.width());
                    y += piece.height();
                    cut.merge(piece.item(), 1, Integer::sum);
                }
                assertThat(y).isLessThanOrEqualTo(strip.height());
                x += segment.width();
            }
            assertThat(x).isLessThanOrEqualTo(plan.demand().widthOfFabric());
            length += strip.height();
        }
        assertThat(length).isEqualTo(plan.length());
        for (int i = 0; i < plan.demand().items().size(); i++) {
            assertThat(cut.getOrDefault(i, 0))
                    .isGreaterThanOrEqualTo(plan.demand().items().get(i).count());
        }
    }
}

package org.goldentally.core.cutting.yardage;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.NoOverlap2dConstraint;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cutting.yardage.Demand.Item;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;

class PiecePlannerTest {

    private static final int MOST_OPENED_TOO_MANY = 2;

    /** Of the general solver, in its own measure of work. */
    private static final double MOST_WORK = 20;

    /** Three of 2 1/2 in and sixteen of 2 in come from one 10 in square: marks of 1/2 in (worked by hand). */
    @Test
    void sixteenAndThreeSquaresComeFromOne() {
        Demand demand = new Demand(20, 20, List.of(square(5, 3), square(4, 16)), 20);
        List<PiecePlanner.Layout> layouts = PiecePlanner.plan(demand, 4, CuttingStyle.THRIFTY);
        assertThat(pieces(layouts)).isEqualTo(1);
        assertThat(missing(demand, layouts)).isZero();
    }

    @Test
    void whatTheClothDoesNotGiveIsLeftOpen() {
        Demand demand = new Demand(20, 20, List.of(square(20, 3)), 20);
        List<PiecePlanner.Layout> layouts = PiecePlanner.plan(demand, 2, CuttingStyle.TIDY);
        assertThat(pieces(layouts)).isEqualTo(2);
        assertThat(missing(demand, layouts)).isEqualTo(1);
    }

    /** A general constraint solver, free of strips, tells how few squares could do: ours takes that or one more. */
    @Test
    void aGeneralSolverNeedsHardlyFewerPiecesOfCloth() {
        List<Demand> demands = List.of(
                new Demand(40, 40, List.of(square(28, 2), square(12, 8)), 40),
                new Demand(40, 40, List.of(new Item(26, 14, 3, true), square(14, 3)), 40),
                new Demand(36, 40, List.of(new Item(18, 10, 6, true), square(13, 3)), 40),
                new Demand(40, 40, List.of(square(19, 5), square(9, 4)), 40));
        int same = 0;
        for (Demand demand : demands) {
            List<PiecePlanner.Layout> layouts = PiecePlanner.plan(demand, 9, CuttingStyle.THRIFTY);
            assertThat(missing(demand, layouts)).isZero();
            int ours = pieces(layouts);
            assertThat(canBeCutFrom(demand, ours)).isTrue();
            same += canBeCutFrom(demand, ours - 1) ? 0 : 1;
        }
        assertThat(same).isEqualTo(demands.size());
    }

    @Tries(60)
    void layoutsFitTheClothAndNothingIsCutThatIsNotWanted(Chance chance) {
        List<Item> items = items(chance);
        CuttingStyle style = chance.of(CuttingStyle.values());
        Demand demand = new Demand(40, 36, items, 40);
        List<PiecePlanner.Layout> layouts = PiecePlanner.plan(demand, 3, style);
        assertThat(pieces(layouts)).isLessThanOrEqualTo(3);
        for (PiecePlanner.Layout layout : layouts) {
            assertThat(layout.strips().stream().mapToInt(Strip::height).sum()).isLessThanOrEqualTo(36);
            for (Strip strip : layout.strips()) {
                assertThat(strip.segments().stream()
                                .mapToInt(Strip.Segment::width)
                                .sum())
                        .isLessThanOrEqualTo(40);
                assertThat(strip.segments())
                        .allSatisfy(segment -> assertThat(segment.height()).isLessThanOrEqualTo(strip.height()));
            }
        }
        assertThat(missing(demand, layouts)).isNotNegative();
    }

    /**
     * Lists that come from so many pieces of cloth for certain, for they were cut from them with nothing left over: few of
     * them open one more.
     */
    @Test
    void whatWasCutFromSoManyPiecesComesFromAsMany() {
        int more = 0;
        for (int seed = 0; seed < 60; seed++) {
            Chance chance = new Chance(seed);
            int pieces = chance.between(2, 6);
            List<Item> items = cutUp(chance, pieces);
            List<PiecePlanner.Layout> layouts =
                    PiecePlanner.plan(new Demand(80, 72, items, 72), pieces + 1, CuttingStyle.THRIFTY);
            assertThat(missing(new Demand(80, 72, items, 72), layouts)).isZero();
            more += pieces(layouts) - pieces;
        }
        assertThat(more).isLessThanOrEqualTo(MOST_OPENED_TOO_MANY);
    }

    /** Two layouts of strips and segments, cut from 10 by 9 in in steps of half an inch. */
    private static List<Item> cutUp(Chance chance, int pieces) {
        Map<List<Integer>, Integer> cut = new LinkedHashMap<>();
        for (int layout = 0; layout < 2; layout++) {
            int times = layout == 0 ? pieces - 1 : 1;
            for (int height : parts(chance, 72)) {
                for (int width : parts(chance, 80)) {
                    cut.merge(List.of(width, height), times, Integer::sum);
                }
            }
        }
        return cut.entrySet().stream()
                .map(each -> new Item(each.getKey().getFirst(), each.getKey().getLast(), each.getValue(), true))
                .toList();
    }

    private static List<Integer> parts(Chance chance, int whole) {
        List<Integer> parts = new ArrayList<>();
        int part = 4 * chance.between(4, 9);
        int left = whole;
        for (; left - part >= 16; left -= part) {
            parts.add(part);
        }
        parts.add(left);
        return parts;
    }

    private static List<Item> items(Chance chance) {
        return chance.list(
                1,
                4,
                () -> new Item(chance.between(3, 34), chance.between(3, 34), chance.between(1, 9), chance.flag()));
    }

    private static Item square(int side, int count) {
        return new Item(side, side, count, true);
    }

    private static int pieces(List<PiecePlanner.Layout> layouts) {
        return layouts.stream().mapToInt(PiecePlanner.Layout::count).sum();
    }

    /** How many pieces are still wanted; less than none if too many were cut. */
    private static int missing(Demand demand, List<PiecePlanner.Layout> layouts) {
        int[] open = demand.counts();
        for (PiecePlanner.Layout layout : layouts) {
            int[] counts = layout.counts(open.length);
            for (int i = 0; i < open.length; i++) {
                open[i] -= counts[i] * layout.count();
                if (open[i] < 0) {
                    return -1;
                }
            }
        }
        return java.util.Arrays.stream(open).sum();
    }

    /** Any arrangement, guillotine or not, with each piece upright or turned, on so many pieces of cloth side by side. */
    private static boolean canBeCutFrom(Demand demand, int cloths) {
        if (cloths == 0) {
            return false;
        }
        Loader.loadNativeLibraries();
        CpModel model = new CpModel();
        NoOverlap2dConstraint apart = model.addNoOverlap2D();
        for (Item item : demand.items()) {
            for (int n = 0; n < item.count(); n++) {
                place(model, apart, item, demand, cloths);
            }
        }
        CpSolver solver = new CpSolver();
        // Its work is bounded, not its time: the same answer on a busy machine, by one worker.
        solver.getParameters().setNumWorkers(1).setMaxDeterministicTime(MOST_WORK);
        CpSolverStatus status = solver.solve(model);
        Assumptions.assumeTrue(status != CpSolverStatus.UNKNOWN, "too much work for the general solver");
        return status != CpSolverStatus.INFEASIBLE;
    }

    private static void place(CpModel model, NoOverlap2dConstraint apart, Item item, Demand demand, int cloths) {
        List<com.google.ortools.sat.Literal> ways = new ArrayList<>();
        for (int cloth = 0; cloth < cloths; cloth++) {
            int from = cloth * demand.widthOfFabric();
            for (boolean turned :
                    item.turnable() && item.width() != item.height() ? List.of(false, true) : List.of(false)) {
                int width = turned ? item.height() : item.width();
                int height = turned ? item.width() : item.height();
                if (width > demand.widthOfFabric() || height > demand.longest()) {
                    continue;
                }
                var here = model.newBoolVar("");
                IntVar x = model.newIntVar(from, from + demand.widthOfFabric() - width, "");
                IntVar y = model.newIntVar(0, demand.longest() - height, "");
                IntervalVar across = model.newOptionalIntervalVar(
                        x, LinearExpr.constant(width), LinearExpr.affine(x, 1, width), here, "");
                IntervalVar along = model.newOptionalIntervalVar(
                        y, LinearExpr.constant(height), LinearExpr.affine(y, 1, height), here, "");
                apart.addRectangle(across, along);
                ways.add(here);
            }
        }
        model.addExactlyOne(ways);
    }
}

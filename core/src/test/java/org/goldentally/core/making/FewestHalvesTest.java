package org.goldentally.core.making;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.making.HalvesChoice.Crossing;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.junit.jupiter.api.Test;

/**
 * Where odd halves are not sewn of loose triangles, the choice of halves decides how many squares are cut. OR-Tools, a
 * general solver, proves the fewest; it may divide the crossings of one unit between both ways, which the descent does not.
 */
class FewestHalvesTest {

    private static final CutSize SQUARE = CutSize.square(Length.inches(5, 1, 2));

    @Test
    void pairsAreAtMostTwoInAHundredMoreThanTheFewestProved() {
        Loader.loadNativeLibraries();
        long chosen = 0;
        long fewest = 0;
        for (int seed = 0; seed < 150; seed++) {
            List<Crossing> crossings = crossings(new Chance(seed));
            long pairs = pairs(crossings);
            long proved = proved(crossings);
            assertThat(pairs).as("seed " + seed).isGreaterThanOrEqualTo(proved);
            chosen += pairs;
            fewest += proved;
        }
        assertThat((double) chosen / fewest)
                .as(chosen + " pairs, " + fewest + " proved")
                .isLessThan(1.02);
    }

    private static List<Crossing> crossings(Chance chance) {
        List<String> prints =
                IntStream.range(0, chance.between(4, 7)).mapToObj(i -> "p" + i).toList();
        List<Crossing> crossings = new ArrayList<>();
        int groups = chance.between(3, 12);
        for (int i = 0; i < groups; i++) {
            List<String> round = new ArrayList<>();
            while (round.size() < 4) {
                String print = chance.of(prints);
                if (!round.contains(print)) {
                    round.add(print);
                }
            }
            UnitsKey key = new UnitsKey(new QuarterSquareTriangleUnit(Length.inches(4), 4), round);
            Wanted wanted = new Wanted(key, "", "" + i, 1, 0, 0, 0, 0, 0, Map.of());
            // A top wants each group once.
            if (crossings.stream().noneMatch(other -> other.units().equals(wanted))) {
                crossings.add(Crossing.round(wanted, round, SQUARE, chance.between(1, 9)));
            }
        }
        return crossings;
    }

    private static long pairs(List<Crossing> crossings) {
        Map<Half, Long> wanted = new HashMap<>();
        HalvesChoice.of(crossings, Map.of())
                .forEach((crossing, halves) -> halves.forEach(half -> wanted.merge(half, crossing.count(), Long::sum)));
        return wanted.values().stream()
                .mapToLong(count -> Math.ceilDiv(count, 2))
                .sum();
    }

    private static long proved(List<Crossing> crossings) {
        CpModel model = new CpModel();
        Map<Half, LinearExprBuilder> halves = new HashMap<>();
        for (Crossing crossing : crossings) {
            IntVar first = model.newIntVar(0, crossing.count(), "");
            for (Half half : crossing.first()) {
                halves.computeIfAbsent(half, any -> LinearExpr.newBuilder()).addTerm(first, 1);
            }
            for (Half half : crossing.second()) {
                halves.computeIfAbsent(half, any -> LinearExpr.newBuilder())
                        .addTerm(first, -1)
                        .add(crossing.count());
            }
        }
        List<IntVar> pairs = new ArrayList<>();
        halves.values().forEach(half -> {
            IntVar pair = model.newIntVar(0, 1_000, "");
            model.addLessOrEqual(half, LinearExpr.term(pair, 2));
            pairs.add(pair);
        });
        model.minimize(LinearExpr.sum(pairs.toArray(IntVar[]::new)));
        CpSolver solver = new CpSolver();
        assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
        return Math.round(solver.objectiveValue());
    }
}

package org.goldentally.core.cutting.yardage;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPObjective;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/**
 * The shortest length there is, by a general integer solver (OR-Tools with SCIP) on a flow model of its own: for each
 * height of a strip, a path of segments across the cloth; for each width of a segment, a path of pieces no wider up the strip. It
 * shares nothing with the planner.
 */
public final class GeneralSolver {

    private static final double NO_LIMIT = Double.POSITIVE_INFINITY;

    private GeneralSolver() {}

    /** Within so much work, the same on a busy machine; empty where that is not enough. */
    public static OptionalInt shortestWithin(Demand demand, long nodes) {
        return shortest(
                demand, solver -> solver.setSolverSpecificParametersAsString("limits/totalnodes = " + nodes + "\n"));
    }

    /** Within so many seconds, for a benchmark; empty where the solver does not finish in time. */
    public static OptionalInt shortest(Demand demand, int seconds) {
        return shortest(demand, solver -> solver.setTimeLimit(1000L * seconds));
    }

    private static OptionalInt shortest(Demand demand, Consumer<MPSolver> limit) {
        Loader.loadNativeLibraries();
        MPSolver solver = MPSolver.createSolver("SCIP");
        limit.accept(solver);
        List<MPConstraint> wanted = new ArrayList<>();
        demand.items().forEach(item -> wanted.add(solver.makeConstraint(item.count(), NO_LIMIT)));
        MPObjective length = solver.objective();
        length.setMinimization();
        Set<Integer> widths = demand.lyings().stream().map(Demand.Lying::width).collect(Collectors.toSet());
        for (int height : heights(demand)) {
            MPVariable strips = solver.makeIntVar(0, NO_LIMIT, "strips " + height);
            length.setCoefficient(strips, height);
            Map<Integer, MPConstraint> across = new HashMap<>();
            node(solver, across, 0).setCoefficient(strips, 1);
            node(solver, across, demand.widthOfFabric()).setCoefficient(strips, -1);
            for (int at : sums(demand.widthOfFabric(), widths)) {
                waste(solver, across, at, demand.widthOfFabric());
            }
            widths.forEach(width -> {
                MPConstraint stacks = solver.makeConstraint(0, 0);
                for (int at : sums(demand.widthOfFabric() - width, widths)) {
                    MPVariable segment = solver.makeIntVar(0, NO_LIMIT, "");
                    node(solver, across, at).setCoefficient(segment, -1);
                    node(solver, across, at + width).setCoefficient(segment, 1);
                    stacks.setCoefficient(segment, 1);
                }
                Map<Integer, MPConstraint> up = new HashMap<>();
                MPVariable started = solver.makeIntVar(0, NO_LIMIT, "");
                stacks.setCoefficient(started, -1);
                node(solver, up, 0).setCoefficient(started, 1);
                node(solver, up, height).setCoefficient(started, -1);
                List<Demand.Lying> within = demand.lyings().stream()
                        .filter(lying -> lying.width() <= width)
                        .toList();
                List<Integer> pieceHeights =
                        within.stream().map(Demand.Lying::height).distinct().toList();
                for (int at : sums(height, pieceHeights)) {
                    waste(solver, up, at, height);
                    for (Demand.Lying lying : within) {
                        if (at + lying.height() <= height) {
                            MPVariable piece = solver.makeIntVar(0, NO_LIMIT, "");
                            node(solver, up, at).setCoefficient(piece, -1);
                            node(solver, up, at + lying.height()).setCoefficient(piece, 1);
                            wanted.get(lying.item()).setCoefficient(piece, 1);
                        }
                    }
                }
            });
        }
        return solver.solve() == MPSolver.ResultStatus.OPTIMAL
                ? OptionalInt.of((int) Math.round(length.value()))
                : OptionalInt.empty();
    }

    /** What comes in goes out. */
    private static MPConstraint node(MPSolver solver, Map<Integer, MPConstraint> nodes, int at) {
        return nodes.computeIfAbsent(at, any -> solver.makeConstraint(0, 0));
    }

    private static void waste(MPSolver solver, Map<Integer, MPConstraint> nodes, int at, int end) {
        if (at < end) {
            MPVariable waste = solver.makeIntVar(0, NO_LIMIT, "");
            node(solver, nodes, at).setCoefficient(waste, -1);
            node(solver, nodes, end).setCoefficient(waste, 1);
        }
    }

    private static TreeSet<Integer> heights(Demand demand) {
        TreeSet<Integer> heights = sums(
                demand.highestStrip(),
                demand.lyings().stream().map(Demand.Lying::height).toList());
        heights.remove(0);
        return heights;
    }

    /** All sums of these lengths up to a limit, 0 among them. */
    private static TreeSet<Integer> sums(int limit, Iterable<Integer> lengths) {
        TreeSet<Integer> sums = new TreeSet<>();
        if (limit < 0) {
            return sums;
        }
        sums.add(0);
        for (Integer at = 0; at != null; at = sums.higher(at)) {
            for (int each : lengths) {
                if (at + each <= limit) {
                    sums.add(at + each);
                }
            }
        }
        return sums;
    }
}

package org.goldentally.core.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.IntUnaryOperator;
import org.goldentally.core.cutting.yardage.AlongLists;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.cutting.yardage.GeneralSolver;
import org.goldentally.core.cutting.yardage.Instances;
import org.goldentally.core.cutting.yardage.SectionPlanner;
import org.goldentally.core.cutting.yardage.SectionedPlan;
import org.goldentally.core.cutting.yardage.YardagePlan;
import org.goldentally.core.cutting.yardage.YardagePlanner;

/**
 * Our lengths beside the shortest known ones and the lower bounds, and how long each plan took; beside small lists the
 * length that a general integer solver proves, where it does in time; run by {@code ./golden-tally bench cutting}.
 */
public final class CuttingBenchmark {

    private static final int EIGHTHS_OF_A_YARD = 36;
    private static final int SOLVER_SECONDS = 20;

    private CuttingBenchmark() {}

    public static void main(String[] args) throws IOException {
        int budget = args.length > 0 ? Integer.parseInt(args[0]) : YardagePlanner.USUAL_BUDGET;
        CuttingStyle style = args.length > 1 ? CuttingStyle.valueOf(args[1]) : CuttingStyle.THRIFTY;
        for (int warm = 0; warm < 3; warm++) {
            for (Instances instance : Instances.all().subList(0, 20)) {
                YardagePlanner.plan(instance.demand(), style, budget, length -> true);
            }
        }
        System.out.println("Open lists:");
        measure(Instances.all(), style, budget);
        System.out.println("Lists it was not tuned with:");
        measure(Instances.unseen(), style, budget);
        System.out.println("Lists with borders along the fabric:");
        along(style, budget);
    }

    private static void along(CuttingStyle style, int budget) throws IOException {
        List<Double> over = new ArrayList<>();
        for (AlongLists list : AlongLists.all()) {
            SectionedPlan plan =
                    SectionPlanner.plan(list.demand(), style, budget, IntUnaryOperator.identity(), length -> true);
            double percent = 100.0 * (plan.length() - list.best()) / list.best();
            over.add(percent);
            System.out.printf(
                    "%-10s %7d %7d %7d %7.2f%n", list.name(), plan.length(), list.best(), list.bound(), percent);
        }
        double mean = over.stream().mapToDouble(Double::doubleValue).average().orElse(0);
        System.out.printf("over best: mean %.3f %%, worst %.2f %%%n", mean, Collections.max(over));
    }

    private static void measure(List<Instances> all, CuttingStyle style, int budget) {
        List<Double> over = new ArrayList<>();
        List<Double> millis = new ArrayList<>();
        int sameYards = 0;
        System.out.printf(
                "%-10s %7s %7s %7s %7s %7s %8s %7s%n",
                "list", "ours", "best", "bound", "solver", "over %", "layouts", "ms");
        for (Instances instance : all) {
            long start = System.nanoTime();
            YardagePlan plan = YardagePlanner.plan(instance.demand(), style, budget, length -> true);
            double took = (System.nanoTime() - start) / 1e6;
            if (!plan.faults().isEmpty()) {
                throw new IllegalStateException(instance.name() + ": " + plan.faults());
            }
            double percent = 100.0 * (plan.length() - instance.best()) / instance.best();
            over.add(percent);
            millis.add(took);
            int eighths = Math.ceilDiv(plan.length(), EIGHTHS_OF_A_YARD);
            sameYards += eighths <= instance.bestEighthYards() ? 1 : 0;
            System.out.printf(
                    "%-10s %7d %7d %7d %7s %7.2f %8d %7.0f%s%n",
                    instance.name(),
                    plan.length(),
                    instance.best(),
                    instance.lowerBound(),
                    solver(instance),
                    percent,
                    plan.layouts(),
                    took,
                    eighths > instance.bestEighthYards() ? "  buys more" : "");
        }
        // What the solver took is not counted in the times above.
        double mean = over.stream().mapToDouble(Double::doubleValue).average().orElse(0);
        Collections.sort(millis);
        System.out.printf(
                "over best: mean %.3f %%, worst %.2f %%; same eighths of a yard bought: %d of %d; median %.0f ms, longest"
                        + " %.0f ms%n",
                mean, Collections.max(over), sameYards, all.size(), millis.get(millis.size() / 2), millis.getLast());
    }

    private static String solver(Instances instance) {
        if (!List.of("tiny", "small").contains(instance.size())) {
            return "";
        }
        OptionalInt shortest = GeneralSolver.shortest(instance.demand(), SOLVER_SECONDS);
        return shortest.isPresent() ? "" + shortest.getAsInt() : "…";
    }
}

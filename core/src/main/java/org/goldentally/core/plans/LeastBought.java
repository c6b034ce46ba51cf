package org.goldentally.core.plans;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Known;
import org.goldentally.core.solver.Programs;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/**
 * The least that is bought in all, by an integer program: of each undecided group one way, of each cloth so many of the
 * lengths that shops sell that its area is there. Solved by a general solver (ojAlgo); with many undecided groups the ways
 * may be mixed, which gives a lower figure, never a higher one.
 *
 * @param sold how each cloth is sold
 * @param wanted of each cloth in any case, less what lies on the shelf
 * @param undecided for each group the areas of each way
 */
record LeastBought(Map<String, Sold> sold, Map<String, Wanted> wanted, List<List<Map<String, Double>>> undecided) {

    /** So many undecided groups are chosen in whole ways (our own limit: a moment's work). */
    private static final int MOST_IN_WHOLE = 40;

    private static final int MOST_SOLVER_STEPS = 20_000;

    /** Figures are rounded so much in favour of needing less that none is ever claimed that is not so. */
    private static final double SLACK = 1e-6;

    /** A cloth of a width, sold in steps of a length. */
    record Sold(Length width, Length step) {
        double area() {
            return width.times(step).toDoubleSquareInches();
        }
    }

    /**
     * Cloth that is wanted beyond the shelf, in square inches; less than nothing where there is more than that.
     *
     * @param longOnes the same of long pieces, which cannot come of what is shorter
     */
    record Wanted(double all, double longOnes) {
        Wanted and(double more) {
            return new Wanted(all + more, longOnes);
        }

        double least() {
            return Math.max(all, longOnes);
        }
    }

    /** Ways that take no more of every cloth than some other. */
    static List<Map<String, Double>> worthTrying(List<Map<String, Double>> ways) {
        List<Map<String, Double>> worth = new ArrayList<>();
        for (Map<String, Double> way : ways) {
            if (worth.stream().noneMatch(other -> takesNoMore(other, way))) {
                worth.removeIf(other -> takesNoMore(way, other));
                worth.add(way);
            }
        }
        return worth;
    }

    private static boolean takesNoMore(Map<String, Double> one, Map<String, Double> other) {
        return one.entrySet().stream()
                .allMatch(each -> each.getValue() <= other.getOrDefault(each.getKey(), 0.0) + SLACK);
    }

    Area area() {
        if (undecided.isEmpty()) {
            Area all = Area.ZERO;
            for (Map.Entry<String, Sold> cloth : sold.entrySet()) {
                double steps = Known.of(wanted, cloth.getKey()).least()
                        / cloth.getValue().area();
                long bought = Math.max(0, (long) Math.ceil(steps - SLACK));
                all = all.plus(
                        cloth.getValue().width().times(cloth.getValue().step()).times(bought));
            }
            return all;
        }
        Length[] widths = sold.values().stream().map(Sold::width).toArray(Length[]::new);
        long[] measured = Length.inCommonMeasure(widths);
        OptionalDouble chosen = undecided.size() <= MOST_IN_WHOLE ? solve(measured, true) : OptionalDouble.empty();
        double value = chosen.isPresent()
                ? chosen.getAsDouble()
                : solve(measured, false).orElse(0);
        long least = (long) Math.ceil(value - SLACK);
        // In the measure that all widths are whole numbers of.
        Sold first = sold.values().iterator().next();
        return first.width().dividedBy(measured[0]).times(first.step()).times(Math.max(0, least));
    }

    private OptionalDouble solve(long[] widths, boolean whole) {
        ExpressionsBasedModel model = Programs.counts(MOST_SOLVER_STEPS);
        buyEnough(model, widths, whole);
        makeEachGroup(model, whole);
        Optimisation.Result result = model.minimise();
        return result.getState().isOptimal() ? OptionalDouble.of(result.getValue()) : OptionalDouble.empty();
    }

    /** Of each cloth as much as what is decided takes, and its longest pieces. */
    private void buyEnough(ExpressionsBasedModel model, long[] widths, boolean whole) {
        int i = 0;
        for (Map.Entry<String, Sold> cloth : sold.entrySet()) {
            Variable bought = model.newVariable("buy " + i)
                    .lower(Math.max(
                            0,
                            Known.of(wanted, cloth.getKey()).longOnes()
                                            / cloth.getValue().area()
                                    - SLACK))
                    .integer(whole)
                    .weight(widths[i]);
            Expression enough = model.newExpression("enough " + i)
                    .lower(Known.of(wanted, cloth.getKey()).all()
                                    / cloth.getValue().area()
                            - SLACK);
            enough.set(bought, 1);
            i++;
        }
    }

    /** Each group is made one way, which takes its cloth. */
    private void makeEachGroup(ExpressionsBasedModel model, boolean whole) {
        for (int group = 0; group < undecided.size(); group++) {
            Expression one = model.newExpression("one way " + group).level(1);
            for (int way = 0; way < undecided.get(group).size(); way++) {
                Variable taken = model.newVariable(group + " by " + way)
                        .lower(BigDecimal.ZERO)
                        .upper(BigDecimal.ONE)
                        .integer(whole);
                one.set(taken, 1);
                int cloth = 0;
                for (Map.Entry<String, Sold> each : sold.entrySet()) {
                    Double area = undecided.get(group).get(way).get(each.getKey());
                    if (area != null) {
                        model.getExpression("enough " + cloth)
                                .set(taken, -area / each.getValue().area());
                    }
                    cloth++;
                }
            }
        }
    }
}

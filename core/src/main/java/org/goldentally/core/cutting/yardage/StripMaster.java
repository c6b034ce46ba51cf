package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.work.Work;

/**
 * The least length if strips could be cut in parts: a linear program over all strips there could be, solved by making only
 * the strips that pay (column generation, Gilmore and Gomory 1961, from memory).
 *
 * <p>A revised simplex with the inverse of the basis, one row a size, started from strips of one size each. The prices it
 * ends with tell what a piece of each size is worth; divided by the most that any strip earns for its height they are a
 * proven lower bound in any round.
 */
final class StripMaster {

    private static final double PAYS = 1e-7;
    private static final int NEW_STRIPS_A_ROUND = 12;
    private static final int MOST_ROUNDS = 400;

    private final Demand demand;
    private final StripPricing pricing;
    private final int rows;
    private final List<Strip> strips = new ArrayList<>();
    private final List<int[]> columns = new ArrayList<>();
    private final int[] basis;
    private final double[][] inverse;
    private final double[] amounts;
    private final double[] prices;
    private double bound;

    StripMaster(Demand demand, StripPricing pricing) {
        this.demand = demand;
        this.pricing = pricing;
        this.rows = demand.items().size();
        this.basis = new int[rows];
        this.inverse = new double[rows][rows];
        this.amounts = new double[rows];
        this.prices = new double[rows];
        start();
    }

    /** A strip of one size for each size: the way round that takes less length a piece. */
    private void start() {
        double[] only = new double[rows];
        for (int i = 0; i < rows; i++) {
            java.util.Arrays.fill(only, 0);
            only[i] = 1;
            StripPricing.Priced priced = pricing.new Priced(only);
            int best = -1;
            double least = Double.MAX_VALUE;
            for (int j = 0; j < priced.value.length; j++) {
                double perPiece = pricing.heights()[j] / Math.max(1e-9, priced.value[j]);
                if (priced.value[j] > 0.5 && perPiece < least - 1e-12) {
                    least = perPiece;
                    best = j;
                }
            }
            basis[i] = add(priced.strip(best));
            int count = columns.get(basis[i])[i];
            inverse[i][i] = 1.0 / count;
            amounts[i] = demand.items().get(i).count() / (double) count;
        }
    }

    private int add(Strip strip) {
        strips.add(strip);
        columns.add(strip.counts(rows));
        return strips.size() - 1;
    }

    void solve() {
        for (int round = 0; round < MOST_ROUNDS; round++) {
            simplex();
            StripPricing.Priced priced = pricing.new Priced(prices);
            double most = 1;
            List<int[]> paying = new ArrayList<>();
            for (int j = 0; j < priced.value.length; j++) {
                int height = pricing.heights()[j];
                most = Math.max(most, priced.value[j] / height);
                if (priced.value[j] > height + PAYS) {
                    paying.add(new int[] {j, (int) Math.round((priced.value[j] / height) * 1e6)});
                }
            }
            double worth = 0;
            for (int i = 0; i < rows; i++) {
                worth += prices[i] * demand.items().get(i).count();
            }
            bound = Math.max(bound, worth / most);
            if (paying.isEmpty()) {
                return;
            }
            paying.sort((a, b) -> Integer.compare(b[1], a[1]));
            int before = strips.size();
            for (int[] each : paying.subList(0, Math.min(NEW_STRIPS_A_ROUND, paying.size()))) {
                Strip strip = priced.strip(each[0]);
                if (!strips.contains(strip)) {
                    add(strip);
                }
            }
            if (strips.size() == before) {
                return;
            }
        }
    }

    /** Brings in strips that pay until none of those known does. */
    private void simplex() {
        for (int step = 0; step < 20 * rows + 5 * strips.size() + 200; step++) {
            Work.spend(1 + (long) rows * (rows + strips.size()) / StripPricing.LOOKS_A_STEP);
            reprice();
            int entering = Integer.MIN_VALUE;
            double best = -PAYS;
            for (int c = 0; c < strips.size(); c++) {
                double reduced = strips.get(c).height() - worth(columns.get(c));
                if (reduced < best) {
                    best = reduced;
                    entering = c;
                }
            }
            for (int i = 0; i < rows; i++) {
                // Cutting more than is asked: a column that takes one piece away and costs nothing.
                if (prices[i] < best) {
                    best = prices[i];
                    entering = -1 - i;
                }
            }
            if (entering == Integer.MIN_VALUE || !pivot(entering)) {
                return;
            }
        }
    }

    private void reprice() {
        java.util.Arrays.fill(prices, 0);
        for (int r = 0; r < rows; r++) {
            double cost = basis[r] < 0 ? 0 : strips.get(basis[r]).height();
            if (cost != 0) {
                for (int i = 0; i < rows; i++) {
                    prices[i] += cost * inverse[r][i];
                }
            }
        }
    }

    private double worth(int[] column) {
        double worth = 0;
        for (int i = 0; i < rows; i++) {
            worth += prices[i] * column[i];
        }
        return worth;
    }

    private boolean pivot(int entering) {
        double[] change = new double[rows];
        for (int r = 0; r < rows; r++) {
            for (int i = 0; i < rows; i++) {
                double entry = entering >= 0 ? columns.get(entering)[i] : -1 - entering == i ? -1 : 0;
                change[r] += inverse[r][i] * entry;
            }
        }
        int leaving = -1;
        double least = Double.MAX_VALUE;
        for (int r = 0; r < rows; r++) {
            if (change[r] > 1e-9) {
                double ratio = amounts[r] / change[r];
                if (ratio < least - 1e-12) {
                    least = ratio;
                    leaving = r;
                }
            }
        }
        if (leaving < 0) {
            return false;
        }
        double by = change[leaving];
        for (int i = 0; i < rows; i++) {
            inverse[leaving][i] /= by;
        }
        amounts[leaving] = least;
        for (int r = 0; r < rows; r++) {
            if (r != leaving && change[r] != 0) {
                for (int i = 0; i < rows; i++) {
                    inverse[r][i] -= change[r] * inverse[leaving][i];
                }
                amounts[r] = Math.max(0, amounts[r] - change[r] * least);
            }
        }
        basis[leaving] = entering;
        return true;
    }

    /** What a piece of each size is worth in length of cloth. */
    double[] prices() {
        return prices.clone();
    }

    /** No plan is shorter than this. */
    double bound() {
        return bound;
    }

    List<Strip> strips() {
        return strips;
    }

    /** How many of each strip the solution in parts would cut. */
    double[] amountsOfStrips() {
        double[] all = new double[strips.size()];
        for (int r = 0; r < rows; r++) {
            if (basis[r] >= 0) {
                all[basis[r]] += amounts[r];
            }
        }
        return all;
    }
}

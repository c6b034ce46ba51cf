package org.goldentally.core.cutting.yardage;

/**
 * What pieces are worth in length of cloth, by the plan in parts of strips.
 *
 * @param prices of each size
 * @param ranking the prices again, but nothing is quite worthless: a size that others leave room for still has to be cut
 */
record StripPrices(double[] prices, double[] ranking) {

    /** The least that a piece is taken to be worth, as a share of the length its area takes. */
    private static final double LEAST_WORTH = 0.05;

    /** Less than this is nothing: the prices are decimals. */
    static final double NOTHING = 1e-9;

    static StripPrices of(Demand demand, double[] prices) {
        double[] worth = new double[prices.length];
        for (int i = 0; i < worth.length; i++) {
            Demand.Item item = demand.items().get(i);
            worth[i] = Math.max(prices[i], LEAST_WORTH * item.width() * item.height() / demand.widthOfFabric());
        }
        return new StripPrices(prices, worth);
    }

    int sizes() {
        return prices.length;
    }

    /** What pieces are worth, those that are too many left out. */
    double of(int[] counts) {
        double worth = 0;
        for (int i = 0; i < counts.length; i++) {
            worth += prices[i] * Math.max(0, counts[i]);
        }
        return worth;
    }
}

package org.goldentally.core.plans;

import java.util.Comparator;

/** What a plan is chosen for; what comes first decides, the rest only where that is equal. */
public enum Aim {
    BUYS_LEAST(
            "buys least",
            Comparator.comparing(PlanCosts::bought)
                    .thenComparingLong(PlanCosts::biasUnits)
                    .thenComparingLong(PlanCosts::piecesOpened)
                    .thenComparingDouble(PlanCosts::minutes)),
    SEWS_LEAST(
            "sews least",
            Comparator.comparingDouble(PlanCosts::sewingMinutes)
                    .thenComparing(PlanCosts::bought)
                    .thenComparingDouble(PlanCosts::minutes)),
    CUTS_SIMPLEST(
            "cuts simplest",
            Comparator.comparingLong(PlanCosts::cuts)
                    .thenComparing(PlanCosts::bought)
                    .thenComparingDouble(PlanCosts::minutes));

    private final String label;
    private final Comparator<PlanCosts> order;

    Aim(String label, Comparator<PlanCosts> order) {
        this.label = label;
        // Pieces that no cloth of the width to buy can give make a plan useless, whatever else it saves.
        this.order = Comparator.comparingLong(PlanCosts::impossible).thenComparing(order);
    }

    /** As on the page. */
    public String label() {
        return label;
    }

    /** Better ones first. */
    Comparator<PlanCosts> order() {
        return order;
    }

    boolean isBetter(PlanCosts one, PlanCosts other) {
        return order.compare(one, other) < 0;
    }
}

package org.goldentally.core.plans;

import java.util.IdentityHashMap;
import java.util.Map;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.tally.TopTally;

/**
 * How long it takes to cut and piece a whole top, borders and all: the units as {@link PlanCosts} guesses them, and what joins
 * them. Quilting and binding are not among it.
 *
 * <p>A guess before anything is sewn (our own figures): a seam inside a block is laid, matched and pressed in 24 s, one
 * between blocks, rows and borders, which is pinned, in 90 s, and either is sewn at 2 s an inch.
 */
public final class PiecingTime {

    private static final double MINUTES_A_JOIN = 0.4;
    private static final double MINUTES_A_PINNED_JOIN = 1.5;
    private static final double MINUTES_AN_INCH = 1.0 / 30;

    private PiecingTime() {}

    /** Minutes in all. */
    public static double minutes(TopTally tally) {
        return PlanCosts.of(tally).minutes() + toJoin(tally.top());
    }

    /** Units into blocks and rows of units, these into a top. */
    static double toJoin(QuiltTop top) {
        Map<Figure, Double> inside = new IdentityHashMap<>();
        double minutes = 0;
        Length edges = Length.ZERO;
        for (TopPart part : top.parts()) {
            Figure figure = part.figure();
            minutes += inside.computeIfAbsent(figure, PiecingTime::toJoin);
            edges = edges.plus(around(figure.finishedWidth(), figure.finishedHeight()));
        }
        Length seams = edges.minus(around(top.finishedWidth(), top.finishedHeight()));
        return minutes + joined(top.parts().size() - 1L, seams, MINUTES_A_PINNED_JOIN);
    }

    private static double toJoin(Figure figure) {
        Length edges = Length.ZERO;
        for (FigureUnit unit : figure.units()) {
            edges = edges.plus(around(unit.unit().finishedWidth(), unit.unit().finishedHeight()));
        }
        Length seams = edges.minus(around(figure.finishedWidth(), figure.finishedHeight()));
        return joined(figure.units().size() - 1L, seams, MINUTES_A_JOIN);
    }

    /** @param edges twice as long as the seams: each joins two */
    private static double joined(long joins, Length edges, double minutesAJoin) {
        return Math.max(0, joins) * minutesAJoin
                + Math.max(0, edges.dividedBy(2).toDoubleInches()) * MINUTES_AN_INCH;
    }

    private static Length around(Length width, Length height) {
        return width.plus(height).times(2);
    }
}

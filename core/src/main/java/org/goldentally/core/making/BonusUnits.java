package org.goldentally.core.making;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.formula.Expression;
import org.goldentally.core.formula.Factor;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;

/**
 * Half-square triangle units from the corners that stitch and flip cuts away: a second seam is sewn twice the seam
 * allowance outside the first before the corner is cut off between them.
 *
 * <p>A corner square cut {@code s} loses {@code 2a√2} of its side to the two seams: {@code s − 2√2·a} is the raw unit
 * (geometry); it is trimmed down to the ruler's next mark. Squares of 3 1/2 in give raw units of 2.79 in, trimmed to 2 3/4
 * in.
 *
 * @param plan what they fall from
 * @param corner cloth of the corner squares
 * @param base cloth they are flipped onto
 * @param count one for each corner
 */
public record BonusUnits(
        UnitPlan plan, String corner, String base, long count, Length trimmedSize, Length finishedSize) {

    static final Formula RAW = Formula.exact(
            "raw size, bonus unit",
            Expression.figure(Input.CUT)
                    .minus(Expression.figure(Input.SEAM).times(2).times(Factor.ROOT_TWO)));

    /** Smaller than this nobody sews on (our own limit). */
    private static final Length LEAST_FINISHED = Length.inches(0, 1, 2);

    /** The bonus units of a plan; empty where nothing is flipped, its cloths are mixed, or they would be too small. */
    public static Optional<BonusUnits> of(UnitPlan plan, SewingSettings settings) {
        if (!plan.method().flipsCorners()) {
            return Optional.empty();
        }
        List<ClothCut> cuts = plan.cutsFor(plan.made());
        if (cuts.size() != 2) {
            return Optional.empty();
        }
        ClothCut base = cuts.getFirst();
        ClothCut corner = cuts.getLast();
        Length raw =
                RAW.exactly(Figures.of(Input.CUT, corner.size().width()).and(Input.SEAM, settings.seamAllowance()));
        Length trimmed = raw.roundedDownTo(settings.grid());
        Length finished = trimmed.minus(settings.seamAllowance().times(2));
        boolean worthIt = finished.isAtLeast(LEAST_FINISHED) && !corner.cloth().equals(base.cloth());
        return worthIt
                ? Optional.of(new BonusUnits(plan, corner.cloth(), base.cloth(), corner.count(), trimmed, finished))
                : Optional.empty();
    }
}

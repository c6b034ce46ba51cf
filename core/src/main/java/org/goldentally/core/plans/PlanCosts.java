package org.goldentally.core.plans;

import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CutAlike;
import org.goldentally.core.account.CuttingSteps;
import org.goldentally.core.account.LaidStrip;
import org.goldentally.core.account.OpenedPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.tally.TopTally;

/**
 * What a plan takes, so that plans can be set side by side.
 *
 * <p>Minutes are a guess before anything is sewn (our own figures): a cut with the ruler, through so many layers as the
 * quilter stacks, 12 s, a set laid, marked and pressed 45 s, a sheet with its grid drawn and pinned 6 min, a seam 2 s an
 * inch, a cut between seams 6 s, a unit trimmed 25 s, a unit with bias edges 15 s more, since it is laid, pinned and
 * pressed with care. They order plans; {@link PiecingTime} adds the joining, which is the same for all of them. What a quilter really takes is told from her own log.
 *
 * @param bought cloth, as lengths of its width
 * @param piecesOpened pieces of the shelf that are cut into, and lengths that are bought
 * @param cuts with the ruler: strips, segments and pieces
 * @param seams all seams of the units, not those that join them
 * @param trimmedUnits units that are trimmed after they are sewn
 * @param trimmings what that takes off, and what falls beside the pieces
 * @param biasUnits units with bias edges to handle, of loose triangles or their own
 * @param impossible sizes that no cloth of the width to buy can give
 */
public record PlanCosts(
        Area bought,
        long piecesOpened,
        long cuts,
        Length seams,
        long trimmedUnits,
        Area trimmings,
        long biasUnits,
        long impossible,
        double sewingMinutes,
        double minutes) {

    private static final double MINUTES_A_CUT = 0.2;
    private static final double MINUTES_A_SET = 0.75;
    private static final double A_SHEET_IS_SETS = 8;
    private static final double MINUTES_AN_INCH = 1.0 / 30;
    private static final double MINUTES_A_CUT_BETWEEN_SEAMS = 0.1;
    private static final double MINUTES_TO_TRIM = 25.0 / 60;
    private static final double MINUTES_A_BIAS_UNIT = 15.0 / 60;

    /** Whether any fabric is bought, or some piece fits none. */
    boolean buysSomething() {
        return !bought.isZero() || impossible > 0;
    }

    /** Of a tally. */
    public static PlanCosts of(TopTally tally) {
        Cut cut = Cut.of(tally);
        Area trimmings = cut.trimmings;
        Length seams = Length.ZERO;
        long trimmed = 0;
        long bias = 0;
        double sets = 0;
        double sewingCuts = 0;
        for (UnitPlans.Choice choice : tally.choices()) {
            UnitPlan plan = choice.chosen();
            seams = seams.plus(plan.seams());
            // A plain piece is cut and lies ready: it is no set that is sewn.
            sets += plan.seams().isZero() ? 0 : plan.sets() * weightOfASet(plan.method());
            sewingCuts += plan.sewingCuts();
            bias += plan.biasUnits();
            if (plan.recipe().sizes().needsTrimming()) {
                trimmed += plan.needed() + plan.extra();
                trimmings = trimmings.plus(plan.recipe().sizes().trimmedAway().times(plan.needed() + plan.extra()));
            }
        }
        double sewing = minutesToSew(sets, sewingCuts, seams, trimmed, (double) bias);
        return new PlanCosts(
                cut.bought,
                cut.opened,
                cut.cuts,
                seams,
                trimmed,
                trimmings,
                bias,
                cut.impossible,
                sewing,
                sewing + MINUTES_A_CUT * cutsInStacks(tally));
    }

    /** What the accounts of all cloths add up to. */
    private record Cut(Area bought, long opened, long cuts, Area trimmings, long impossible) {

        static Cut of(TopTally tally) {
            return tally.ledgers().stream().map(Cut::of).reduce(new Cut(Area.ZERO, 0, 0, Area.ZERO, 0), Cut::and);
        }

        private static Cut of(ClothLedger ledger) {
            Area bought = Area.ZERO;
            long opened = 0;
            long cuts = 0;
            for (ClothLedger.Opened each : ledger.opened()) {
                opened += each.count();
                cuts += each.count() * cutsOf(each.piece());
            }
            if (ledger.toBuy().isPresent()) {
                ClothLedger.ToBuy buy = ledger.toBuy().get();
                bought = buy.purchase().bought().times(ledger.widthToBuy());
                opened++;
                cuts += cutsOf(buy.piece());
            }
            return new Cut(
                    bought, opened, cuts, ledger.trimmed(), ledger.tooLarge().size());
        }

        private Cut and(Cut other) {
            return new Cut(
                    bought.plus(other.bought),
                    opened + other.opened,
                    cuts + other.cuts,
                    trimmings.plus(other.trimmings),
                    impossible + other.impossible);
        }
    }

    /** Cloths that are cut alike lie on one another, so a cut of theirs is made once for each stack. */
    private static long cutsInStacks(TopTally tally) {
        int layers = tally.top().design().plan().layers();
        long cuts = 0;
        for (CutAlike alike : CutAlike.of(tally.ledgers())) {
            for (ClothLedger.Opened each : alike.first().opened()) {
                cuts += cutsOf(each.piece()) * alike.passes(each.piece().piece(), each.count(), layers);
            }
            cuts += alike.first()
                    .toBuy()
                    .map(buy -> cutsOf(buy.piece()) * alike.passes(buy.piece().piece(), 1, layers))
                    .orElse(0L);
        }
        return cuts;
    }

    /** A sheet or tube is drawn, pinned and sewn as a whole. */
    static double weightOfASet(PiecingMethod method) {
        return method.isForMany() ? A_SHEET_IS_SETS : 1;
    }

    static double minutesToSew(double sets, double sewingCuts, Length seams, long trimmed, double bias) {
        return MINUTES_A_SET * sets
                + MINUTES_A_CUT_BETWEEN_SEAMS * sewingCuts
                + MINUTES_AN_INCH * seams.toDoubleInches()
                + MINUTES_TO_TRIM * trimmed
                + MINUTES_A_BIAS_UNIT * bias;
    }

    /**
     * Squaring up a length, each strip, each piece of it: a segment of one piece is one cut, of several one for each, and
     * one more for each that is narrower than its segment.
     */
    static long cutsOf(OpenedPiece opened) {
        long cuts = opened.piece().form() == PieceForm.YARDAGE ? 1 : 0;
        long planned = 0;
        for (LaidStrip strip : opened.strips()) {
            cuts++;
            for (LaidStrip.LaidSegment segment : strip.segments()) {
                cuts += segment.pieces().size()
                        + segment.pieces().stream()
                                .filter(piece -> piece.width().isShorterThan(segment.width()))
                                .count();
                planned += segment.pieces().size();
            }
        }
        for (OpenedPiece.Cut cut : opened.cuts()) {
            planned -= cut.count();
            if (planned < 0) {
                for (CutBlock block : cut.blocks()) {
                    cuts += CuttingSteps.isUsedWhole(block, opened.piece()) ? 0 : block.along() + block.count();
                }
            }
        }
        return cuts;
    }
}

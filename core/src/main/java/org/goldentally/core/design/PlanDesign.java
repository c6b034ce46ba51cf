package org.goldentally.core.design;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;

/**
 * How the quilter goes about the work: how cloth is cut, what is made beyond need, how seams are marked and pressed.
 *
 * @param cutting how each cloth is cut; what is not named is cut plainly
 * @param extras units made for mishaps
 * @param bonus groups whose cut-off corners are sewn into bonus units, by their choice key
 * @param marking what is drawn before units are sewn
 * @param pressing where seam allowances go
 * @param squaringUp cloth that squaring up the end of a length costs, as typed; empty is as usual
 * @param making how units are made together
 * @param kits how many are made of it, and in which cloths; none is the quilt alone
 */
public record PlanDesign(
        @LeftOut("[]") List<CuttingChoice> cutting,
        @LeftOut("[]") List<ExtraUnits> extras,
        @LeftOut("[]") List<String> bonus,
        @LeftOut("\"CUTTING_LINE\"") Habits.Marking marking,
        @LeftOut("\"TO_THE_DARK\"") Habits.Pressing pressing,
        @LeftOut("\"\"") String squaringUp,
        @LeftOut("{}") MakingDesign making,
        @LeftOut("[]") List<KitDesign> kits) {

    /** The usual search for a plan; up to {@value #MOST_EFFORT} times as long on demand. */
    public static final int USUAL_EFFORT = 1;

    public static final int MOST_EFFORT = 16;

    /** Nothing beyond need, cut plainly, marked and pressed the usual way, ends squared up as is usual. */
    public static final PlanDesign USUAL = new PlanDesign(
            List.of(),
            List.of(),
            List.of(),
            Habits.USUAL.marking(),
            Habits.USUAL.pressing(),
            "",
            MakingDesign.USUAL,
            List.of());

    private static final int MOST_CHOICES = 2_000;
    private static final int MOST_KINDS_OF_KIT = 40;

    /**
     * How one cloth is cut.
     *
     * @param cloth its key; empty for every cloth that is not named
     * @param effort how long the plan is searched for, in multiples of the usual; a plan comes out the same each time
     */
    public record CuttingChoice(
            String cloth, CuttingStyle style, @LeftOut("1") int effort) {

        public static final CuttingChoice PLAIN = new CuttingChoice("", CuttingStyle.PLAIN, USUAL_EFFORT);

        public CuttingChoice {
            Limits.text(cloth, 60, "cloth");
            Limits.required(style, "style");
            Limits.between(effort, USUAL_EFFORT, MOST_EFFORT, "effort");
        }
    }

    /**
     * Units beyond need.
     *
     * @param units choice key of a group, or the name of a unit; empty for all
     * @param typed a count such as {@code 4}, or a share such as {@code 5 %}
     */
    public record ExtraUnits(String units, String typed) {
        public ExtraUnits {
            Limits.text(units, 400, "units");
            Limits.text(typed, 20, "typed");
        }
    }

    public PlanDesign {
        Limits.list(cutting, MOST_CHOICES, "cutting");
        Limits.list(extras, MOST_CHOICES, "extras");
        Limits.texts(bonus, MOST_CHOICES, 400, "bonus");
        Limits.required(marking, "marking");
        Limits.required(pressing, "pressing");
        Limits.text(squaringUp, 40, "squaringUp");
        Limits.required(making, "making");
        Limits.list(kits, MOST_KINDS_OF_KIT, "kits");
        cutting = List.copyOf(cutting);
        extras = List.copyOf(extras);
        bonus = List.copyOf(bonus);
        kits = List.copyOf(kits);
    }

    public PlanDesign withCutting(List<CuttingChoice> others) {
        return new PlanDesign(others, extras, bonus, marking, pressing, squaringUp, making, kits);
    }

    public PlanDesign withBonus(List<String> others) {
        return new PlanDesign(cutting, extras, others, marking, pressing, squaringUp, making, kits);
    }

    public PlanDesign withExtras(List<ExtraUnits> others) {
        return new PlanDesign(cutting, others, bonus, marking, pressing, squaringUp, making, kits);
    }

    public PlanDesign withHabits(Habits.Marking otherMarking, Habits.Pressing otherPressing) {
        return new PlanDesign(cutting, extras, bonus, otherMarking, otherPressing, squaringUp, making, kits);
    }

    public PlanDesign withSquaringUp(String typed) {
        return new PlanDesign(cutting, extras, bonus, marking, pressing, typed, making, kits);
    }

    public PlanDesign withMaking(MakingDesign other) {
        return new PlanDesign(cutting, extras, bonus, marking, pressing, squaringUp, other, kits);
    }

    public PlanDesign withKits(List<KitDesign> others) {
        return new PlanDesign(cutting, extras, bonus, marking, pressing, squaringUp, making, others);
    }

    public Habits habits() {
        return new Habits(marking, pressing);
    }

    /** How a cloth is cut: as chosen for it, else as chosen for all, else plainly. */
    public CuttingChoice cuttingOf(String cloth) {
        return choice(cloth).or(() -> choice("")).orElse(CuttingChoice.PLAIN);
    }

    private Optional<CuttingChoice> choice(String cloth) {
        return cutting.stream().filter(each -> each.cloth().equals(cloth)).findFirst();
    }

    /** What is typed for the first of these that anything is typed for: a group, its kind of unit, all. */
    public Optional<ExtraUnits> extraOf(String... mostSpecialFirst) {
        for (String units : mostSpecialFirst) {
            Optional<ExtraUnits> found =
                    extras.stream().filter(extra -> extra.units().equals(units)).findFirst();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }
}

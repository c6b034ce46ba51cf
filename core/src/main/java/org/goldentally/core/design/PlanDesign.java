package org.goldentally.core.design;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
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
 * @param cutSizes how large the pieces of some groups are cut, where it is not by the quilt's school
 * @param rulers the square rulers at hand, as typed, such as {@code 12 1/2, 6 1/2}; empty is not said
 * @param layers cloths that are cut alike are laid on one another to so many layers
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
        @LeftOut("[]") List<KitDesign> kits,
        @LeftOut("[]") List<CutSizeChoice> cutSizes,
        @LeftOut("\"\"") String rulers,
        @LeftOut("4") int layers) {

    /** The usual search for a plan; up to {@value #MOST_EFFORT} times as long on demand. */
    public static final int USUAL_EFFORT = 1;

    public static final int MOST_EFFORT = 16;

    /** Layers of cloth that are cut at once (common practice, no source). */
    public static final int USUAL_LAYERS = 4;

    private static final int MOST_LAYERS = 12;

    /** Nothing beyond need, cut plainly, marked and pressed the usual way, ends squared up as is usual. */
    public static final PlanDesign USUAL = new PlanDesign(
            List.of(),
            List.of(),
            List.of(),
            Habits.USUAL.marking(),
            Habits.USUAL.pressing(),
            "",
            MakingDesign.USUAL,
            List.of(),
            List.of(),
            "",
            USUAL_LAYERS);

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

        /** The same cloth in another style, searched for as long as usual. */
        public CuttingChoice in(CuttingStyle other) {
            return new CuttingChoice(cloth, other, USUAL_EFFORT);
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

    /**
     * How large the pieces of a group are cut, made by one method: a school, a size, or what the unit measures untrimmed.
     *
     * @param units choice key of a group, or the name of a unit
     * @param method by which they are made; another method has other sizes
     * @param typed {@code exact}, {@code 5 1/2}, {@code raw 5}
     * @param byHand whether the quilter said so, so that no plan changes it
     */
    public record CutSizeChoice(
            String units,
            String method,
            String typed,
            @LeftOut("true") boolean byHand) {
        public CutSizeChoice {
            Limits.text(units, 400, "units");
            Limits.text(method, 60, "method");
            Limits.text(typed, 40, "typed");
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
        Limits.list(cutSizes, MOST_CHOICES, "cutSizes");
        Limits.text(rulers, 200, "rulers");
        Limits.between(layers, 1, MOST_LAYERS, "layers");
        cutting = List.copyOf(cutting);
        extras = List.copyOf(extras);
        bonus = List.copyOf(bonus);
        kits = List.copyOf(kits);
        cutSizes = List.copyOf(cutSizes);
    }

    /** The same with cloths cut in other ways. */
    public PlanDesign withCutting(List<CuttingChoice> others) {
        return changed(parts -> parts.cutting = others);
    }

    /** The same with other bonus units kept. */
    public PlanDesign withBonus(List<String> others) {
        return changed(parts -> parts.bonus = others);
    }

    /** The same with other units beyond need. */
    public PlanDesign withExtras(List<ExtraUnits> others) {
        return changed(parts -> parts.extras = others);
    }

    /** The same with other habits of marking and pressing. */
    public PlanDesign withHabits(Habits.Marking otherMarking, Habits.Pressing otherPressing) {
        return changed(parts -> {
            parts.marking = otherMarking;
            parts.pressing = otherPressing;
        });
    }

    /** The same with another amount for cutting edges true, as typed. */
    public PlanDesign withSquaringUp(String typed) {
        return changed(parts -> parts.squaringUp = typed);
    }

    /** The same made in another way. */
    public PlanDesign withMaking(MakingDesign other) {
        return changed(parts -> parts.making = other);
    }

    /** The same with other kits. */
    public PlanDesign withKits(List<KitDesign> others) {
        return changed(parts -> parts.kits = others);
    }

    /** The same with other cut sizes chosen by hand. */
    public PlanDesign withCutSizes(List<CutSizeChoice> others) {
        return changed(parts -> parts.cutSizes = others);
    }

    /** The same with other square rulers in the house, as typed. */
    public PlanDesign withRulers(String typed) {
        return changed(parts -> parts.rulers = typed);
    }

    /** The same cut through so many layers. */
    public PlanDesign withLayers(int count) {
        return changed(parts -> parts.layers = count);
    }

    private PlanDesign changed(Consumer<Parts> change) {
        Parts parts = new Parts(this);
        change.accept(parts);
        return parts.together();
    }

    /** What a copy may have otherwise. */
    private static final class Parts {
        private List<CuttingChoice> cutting;
        private List<ExtraUnits> extras;
        private List<String> bonus;
        private Habits.Marking marking;
        private Habits.Pressing pressing;
        private String squaringUp;
        private MakingDesign making;
        private List<KitDesign> kits;
        private List<CutSizeChoice> cutSizes;
        private String rulers;
        private int layers;

        Parts(PlanDesign of) {
            cutting = of.cutting;
            extras = of.extras;
            bonus = of.bonus;
            marking = of.marking;
            pressing = of.pressing;
            squaringUp = of.squaringUp;
            making = of.making;
            kits = of.kits;
            cutSizes = of.cutSizes;
            rulers = of.rulers;
            layers = of.layers;
        }

        PlanDesign together() {
            return new PlanDesign(
                    cutting, extras, bonus, marking, pressing, squaringUp, making, kits, cutSizes, rulers, layers);
        }
    }

    /** How this quilter marks and presses. */
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

    /** What is said of the first of these, made by this method. */
    public Optional<CutSizeChoice> cutSizeOf(String method, String... mostSpecialFirst) {
        return Arrays.stream(mostSpecialFirst)
                .flatMap(units -> cutSizes.stream()
                        .filter(each ->
                                each.units().equals(units) && each.method().equals(method)))
                .findFirst();
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

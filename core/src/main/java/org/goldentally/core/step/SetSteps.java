package org.goldentally.core.step;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.making.Half;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitDrawing;

/**
 * The steps of a set in a making plan: from cut pieces to the unit, to a half that is crossed later, or from halves on.
 *
 * @param steps with drawings, by the parts that cloths play
 * @param cloths which cloth plays each part
 */
public record SetSteps(List<Step> steps, Map<ClothRole, String> cloths) {

    /** Steps of a set as it is made in a top. */
    public static SetSteps of(MadeSet set, SewingSettings settings, Habits habits) {
        return switch (set) {
            case MadeSet.Whole whole ->
                new SetSteps(all(set, whole.plan().unit(), settings, habits), roles(whole.plan()));
            case MadeSet.Single single ->
                new SetSteps(
                        single.besidePairs()
                                ? looseHalves(set, single.plan(), settings, habits)
                                : all(set, single.plan().unit(), settings, habits),
                        roles(single.plan()));
            case MadeSet.Halves halves -> new SetSteps(halves(halves, settings, habits), roles(halves.half()));
            case MadeSet.Crossed crossed ->
                new SetSteps(
                        fromHalves(all(set, crossed.plan().unit(), settings, habits)),
                        roles(crossed.plan().unit(), crossed.clothsFromFirstHalf()));
            case MadeSet.Joined joined ->
                new SetSteps(
                        MakingSteps.of(chain(joined.closed()), joined.unit(), set.recipe(), settings, habits),
                        inOrder(joined.squares()));
        };
    }

    /** The lighter of two cloths on top, for all steps in which cut pieces lie on each other. */
    public SetSteps lighterOnTop(java.util.function.ToDoubleFunction<String> lightness, MadeSet set) {
        return set instanceof MadeSet.Crossed
                ? this
                : new SetSteps(
                        Step.lighterOnTop(
                                steps,
                                role -> cloths.containsKey(role) ? lightness.applyAsDouble(cloths.get(role)) : 0.0),
                        cloths);
    }

    private static List<Step> all(MadeSet set, PatchworkUnit unit, SewingSettings settings, Habits habits) {
        return MakingSteps.of(set.method(), unit, set.recipe(), settings, habits);
    }

    /** Where rings were chosen, what does not come out as a ring is sewn as a chain, and the other way round. */
    private static PiecingMethod chain(boolean closed) {
        return Methods.of(closed ? MethodId.CLOSED_RING : MethodId.OPEN_CHAIN);
    }

    private static List<Step> looseHalves(MadeSet set, UnitPlan plan, SewingSettings settings, Habits habits) {
        return SquareSteps.looseHalfSquares(side(set), plan.recipe().sizes().trimmedWidth(), settings, habits);
    }

    private static Length side(MadeSet set) {
        return set.recipe().cuts().getFirst().size().width();
    }

    /** Two squares, or two loose triangles, sewn to halves that are pressed and not trimmed. */
    private static List<Step> halves(MadeSet.Halves set, SewingSettings settings, Habits habits) {
        Length side = side(set);
        List<Step> toUnit = set.loose()
                ? SquareSteps.looseHalfSquares(side, side, settings, habits)
                : PairSteps.twoAtATime(side, settings, habits)
                        .steps(
                                "the two squares",
                                SquareSteps.lowerHalf(side),
                                SquareSteps.seamOfLowerHalf(side, settings),
                                side,
                                false);
        List<Step> steps = new ArrayList<>();
        for (Step step : toUnit) {
            if (step.kind() == Step.Kind.PRESS) {
                steps.add(new Step(step.kind(), step.text() + " Do not trim yet.", step.drawing(), step.caution()));
            } else if (step.kind() != Step.Kind.TRIM) {
                steps.add(step);
            }
        }
        return steps;
    }

    /** What is done once the halves are pressed. */
    private static List<Step> fromHalves(List<Step> all) {
        int pressed = 0;
        while (all.get(pressed).kind() != Step.Kind.PRESS) {
            pressed++;
        }
        return all.subList(pressed + 1, all.size());
    }

    private static Map<ClothRole, String> roles(UnitPlan plan) {
        return roles(plan.unit(), plan.cloths());
    }

    private static Map<ClothRole, String> roles(PatchworkUnit unit, List<String> cloths) {
        Map<ClothRole, String> roles = new EnumMap<>(ClothRole.class);
        List<UnitDrawing.UnitPatch> patches = UnitDrawing.of(unit);
        for (int i = 0; i < patches.size(); i++) {
            roles.putIfAbsent(patches.get(i).cloth(), cloths.get(i));
        }
        return roles;
    }

    private static Map<ClothRole, String> roles(Half half) {
        return inOrder(List.of(half.one(), half.other()));
    }

    private static Map<ClothRole, String> inOrder(List<String> cloths) {
        Map<ClothRole, String> roles = new EnumMap<>(ClothRole.class);
        Arrays.stream(ClothRole.values())
                .limit(cloths.size())
                .forEach(role -> roles.put(role, cloths.get(role.place())));
        return roles;
    }
}

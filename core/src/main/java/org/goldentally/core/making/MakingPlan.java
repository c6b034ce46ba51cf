package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.goldentally.core.problem.Problem;

/**
 * How everything in a top is made: which sets are sewn, of what, and where their parts come from. Half-squares and loose
 * parts are shared over all groups and sizes, so the account of a cloth follows from this plan and not from the groups one
 * by one.
 *
 * @param choices for each group the ways there are, and the one that is taken
 * @param sets what is sewn, in an order in which it can be sewn: halves before they are crossed
 * @param problems what the quilter says of cut sizes that cannot be
 * @param parts pieces that are cut into loose parts for several sets
 */
public record MakingPlan(
        List<UnitPlans.Choice> choices, List<MadeSet> sets, List<LooseParts> parts, List<Problem> problems) {

    public MakingPlan {
        choices = List.copyOf(choices);
        sets = List.copyOf(sets);
        parts = List.copyOf(parts);
        problems = List.copyOf(problems);
    }

    /** All pieces that are cut of cloth. */
    public List<ClothCut> cuts() {
        return Stream.concat(
                        sets.stream().flatMap(set -> set.cuts().stream()),
                        parts.stream().map(LooseParts::pieces))
                .toList();
    }

    /**
     * Something made or cut beyond need.
     *
     * @param cloths keys of its cloths
     */
    public record Spare(String what, List<String> cloths, long count) {}

    /** What is left over of sets and of loose parts, by name. */
    public List<Spare> spares() {
        List<Spare> spares = new ArrayList<>();
        for (MadeSet set : sets) {
            if (set.spare() > 0) {
                spares.add(of(set));
            }
        }
        choices.stream()
                .map(UnitPlans.Choice::chosen)
                .flatMap(plan -> ofStripSets(plan).stream())
                .distinct()
                .forEach(spares::add);
        for (LooseParts loose : parts) {
            if (loose.spare() > 0) {
                spares.add(new Spare(
                        (loose.perPiece() == 4 ? "quarter triangle" : "triangle") + " for the "
                                + loose.pieces().useLabel(),
                        List.of(loose.pieces().cloth()),
                        loose.spare()));
            }
        }
        return spares;
    }

    private static Spare of(MadeSet set) {
        String what = switch (set) {
            case MadeSet.Halves halves -> "half for the " + halves.plan().label();
            case MadeSet.Planned planned -> planned.plan().label();
            case MadeSet.Joined joined -> "chain";
        };
        return new Spare(what, set.cloths(), set.spare());
    }

    /** What strip sets give beyond the units wanted of either kind; groups that share them have them all alike. */
    private static List<Spare> ofStripSets(UnitPlan plan) {
        return plan.triangles().stream()
                .flatMap(sets -> sets.spares().stream())
                .map(kind -> new Spare(plan.label(), kind.cloths(), kind.wanted()))
                .toList();
    }

    /** Units beyond need, of all kinds; loose parts are none. */
    public long spareUnits() {
        long ofStripSets = choices.stream()
                .map(UnitPlans.Choice::chosen)
                .flatMap(plan -> ofStripSets(plan).stream())
                .distinct()
                .mapToLong(Spare::count)
                .sum();
        return ofStripSets
                + choices.stream().mapToLong(choice -> choice.chosen().spare()).sum();
    }
}

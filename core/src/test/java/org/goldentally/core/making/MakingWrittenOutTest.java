package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.chance.Written;
import org.goldentally.core.design.MakingDesign.OddOnes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.junit.jupiter.api.Test;

/** How the units of a few quilts are made, every way of each group with its workings, written out. */
class MakingWrittenOutTest {

    private static final Length THREE = Length.inches(3);

    @Test
    void makingOfSomeQuilts() {
        List<String> lines = new ArrayList<>();
        SomeQuilts.tallies().forEach((name, tally) -> {
            lines.add("= " + name);
            lines.addAll(said(tally.making()));
        });
        lines.add("= odd units of three fabrics, shared");
        lines.addAll(said(odd().sharing(OddOnes.SHARED, 40).plan()));
        lines.add("= odd units of three fabrics, in pairs");
        lines.addAll(said(odd().sharing(OddOnes.IN_PAIRS, 40).plan()));
        lines.add("= units of both hands, and a ring");
        lines.addAll(said(new WantedUnits()
                .want(new QuarterSquareTriangleUnit(THREE, 4), 5, "a", "b", "c", "d")
                .want(new QuarterSquareTriangleUnit(THREE, 4), true, 3, List.of("a", "b", "c", "d"))
                .want(new HalfSquareTriangleUnit(THREE), 1, "a", "b")
                .want(new HalfSquareTriangleUnit(THREE), 1, "b", "c")
                .want(new HalfSquareTriangleUnit(THREE), 1, "c", "a")
                .by("half-square", "closed-ring")
                .plan()));
        Written.as("making.txt", lines);
    }

    private static WantedUnits odd() {
        return new WantedUnits()
                .want(new HalfSquareTriangleUnit(THREE), 3, "a", "b")
                .want(new HalfSquareTriangleUnit(THREE), 1, "b", "c")
                .want(new HalfSquareTriangleUnit(THREE), 1, "c", "a")
                .want(new FlyingGeeseUnit(THREE), 5, "a", "b", "b");
    }

    private static List<String> said(MakingPlan plan) {
        List<String> lines = new ArrayList<>();
        for (UnitPlans.Choice choice : plan.choices()) {
            lines.add("- " + choice.chosen().label() + " of " + choice.chosen().cloths() + ", by the quilter "
                    + choice.byQuilter());
            for (UnitPlan way : choice.ways()) {
                lines.add("  " + (way.equals(choice.chosen()) ? "* " : "")
                        + way.method().displayName() + ": "
                        + way.runsInWords() + ", made " + way.made() + ", spare " + way.spare() + ", sewn ends "
                        + way.setEnds());
                way.workings().stream()
                        .filter(working -> working.what().startsWith("How many")
                                || working.what().equals("Spare"))
                        .forEach(working -> lines.add("    " + working.what() + ": " + working.how()));
            }
        }
        for (MadeSet set : plan.sets()) {
            lines.add("- set " + set.getClass().getSimpleName() + " by "
                    + set.method().displayName() + ", runs " + set.runs() + ", used " + set.used() + ", " + set.perRun()
                    + " a run");
        }
        for (ClothCut cut : plan.cuts()) {
            lines.add("  " + cut.count() + " " + cut.name() + " of " + cut.cloth() + " for "
                    + cut.uses().stream().map(Use::text).toList() + ": " + cut.useLabel());
        }
        plan.spares().forEach(spare -> lines.add("  spare " + spare));
        return lines;
    }
}

package org.goldentally.core.sew;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.Half;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.quilt.PartId;
import org.goldentally.core.unit.PatchworkUnit;

/** What the sets of a making plan are called as batches at the machine. */
final class SetWords {

    private final QuiltDesign design;
    private final Map<UnitsKey, List<PartId>> parts;

    /** @param parts of the top that use each group of units */
    SetWords(QuiltDesign design, Map<UnitsKey, List<PartId>> parts) {
        this.design = design;
        this.parts = parts;
    }

    /** A batch for what is sewn; plain pieces and loose triangles are only cut. */
    Optional<Batch> batch(MadeSet set) {
        return switch (set) {
            case MadeSet.Whole whole -> isCutOnly(whole.plan()) ? Optional.empty() : Optional.of(whole(whole));
            case MadeSet.Single single -> Optional.of(single(single));
            case MadeSet.Crossed crossed -> Optional.of(crossed(crossed));
            case MadeSet.Halves halves -> Optional.of(halves(halves));
            case MadeSet.Joined joined -> Optional.of(joined(joined));
        };
    }

    private static boolean isCutOnly(UnitPlan plan) {
        return plan.unit() instanceof PatchworkUnit.PlainPatch || plan.unit().isTriangle();
    }

    private Batch whole(MadeSet.Whole set) {
        UnitPlan plan = set.plan();
        return units(
                new BatchKey.Units(plan.key()),
                plan,
                names(plan.cloths()) + ", " + plan.method().displayName(),
                set,
                plan.run().name(),
                new Batch.Line(plan.label(), plan.method().displayName(), names(plan.cloths())));
    }

    private Batch single(MadeSet.Single set) {
        UnitPlan plan = set.plan();
        return set.besidePairs()
                ? units(
                        new BatchKey.OddUnits(plan.key()),
                        plan,
                        names(plan.cloths()) + ", the odd one of loose triangles",
                        set,
                        "unit",
                        new Batch.Line(plan.label(), "odd one, of loose triangles", names(plan.cloths())))
                : units(
                        new BatchKey.Units(plan.key()),
                        plan,
                        names(plan.cloths()) + ", " + plan.method().displayName(),
                        set,
                        "unit",
                        new Batch.Line(plan.label(), plan.method().displayName(), names(plan.cloths())));
    }

    private Batch crossed(MadeSet.Crossed set) {
        UnitPlan plan = set.plan();
        String of = set.halves().size() == 2
                ? names(set.halves().getFirst()) + " crossed with "
                        + names(set.halves().getLast())
                : names(set.halves().getFirst()) + " crossed with a plain square of "
                        + set.cuts().stream()
                                .map(cut -> name(cut.cloth()))
                                .distinct()
                                .collect(Collectors.joining(" · "));
        return units(
                new BatchKey.Units(plan.key()),
                plan,
                of,
                set,
                "crossing",
                new Batch.Line(plan.label(), "cross them", names(plan.cloths())));
    }

    private Batch units(BatchKey key, UnitPlan plan, String subtitle, MadeSet set, String setName, Batch.Line line) {
        return new Batch(
                key,
                Batch.Kind.UNITS,
                plan.label(),
                subtitle,
                set.used(),
                set.perRun(),
                setName,
                Optional.of(set),
                parts.getOrDefault(plan.key(), List.of()),
                Optional.empty(),
                line);
    }

    private Batch halves(MadeSet.Halves set) {
        boolean shared = set.groups().stream().map(UnitsKey::unit).distinct().count() > 1;
        return new Batch(
                new BatchKey.Halves(set.half(), set.loose()),
                Batch.Kind.HALVES,
                "halves for the " + set.plan().label(),
                names(set.half()) + ", " + (set.loose() ? "of loose triangles" : "two at a time") + ", not trimmed",
                set.used(),
                set.perRun(),
                set.loose() ? "half" : "pair",
                Optional.of(set),
                partsOf(set.groups()),
                Optional.empty(),
                new Batch.Line(
                        shared ? "halves for several units" : set.plan().label(),
                        set.loose() ? "loose triangles" : "pairs, two at a time",
                        names(set.half())));
    }

    private Batch joined(MadeSet.Joined set) {
        String squares = set.squares().size() + " squares: "
                + names(set.squares().stream().distinct().limit(4).toList())
                + (set.squares().stream().distinct().count() > 4 ? " …" : "");
        String makes = set.unit().name() + ", "
                + design.system().writer().writeWithUnit(set.unit().finishedWidth()) + " finished";
        return new Batch(
                new BatchKey.Joined(set.unit(), set.closed(), set.squares(), set.number()),
                Batch.Kind.UNITS,
                (set.closed() ? "ring " : "chain ") + set.number() + " of "
                        + set.unit().name() + "s, "
                        + design.system().writer().writeWithUnit(set.unit().finishedWidth()) + " finished",
                squares,
                set.used(),
                set.perRun(),
                set.closed() ? "ring" : "chain",
                Optional.of(set),
                partsOf(set.groups()),
                Optional.empty(),
                new Batch.Line(makes, (set.closed() ? "ring " : "chain ") + set.number(), squares));
    }

    private List<PartId> partsOf(List<UnitsKey> groups) {
        return groups.stream()
                .flatMap(group -> parts.getOrDefault(group, List.of()).stream())
                .distinct()
                .toList();
    }

    private String names(Half half) {
        return names(List.of(half.one(), half.other()));
    }

    private String names(List<String> cloths) {
        return cloths.stream().distinct().map(this::name).collect(Collectors.joining(" · "));
    }

    private String name(String cloth) {
        return design.cloth(cloth).map(ClothInHand::name).orElse("not dressed");
    }
}

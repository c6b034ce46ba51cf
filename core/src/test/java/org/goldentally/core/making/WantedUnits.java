package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.design.MakingDesign;
import org.goldentally.core.design.MakingDesign.OddOnes;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.GroupKey;
import org.goldentally.core.quilt.GroupKey.Sort;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitSymmetry;

/** Units wanted, for a plan without a top. */
public final class WantedUnits {
    final Map<GroupKey, Long> groups = new LinkedHashMap<>();
    private QuiltDesign design = QuiltDesign.first(MeasureSystem.INCH);

    public WantedUnits want(PatchworkUnit unit, long count, String... cloths) {
        return want(unit, false, count, List.of(cloths));
    }

    public WantedUnits want(PatchworkUnit unit, boolean mirrored, long count, List<String> cloths) {
        UnitSymmetry.Counted counted = UnitSymmetry.counted(unit, cloths, mirrored);
        groups.merge(
                new GroupKey(Sort.UNIT, GroupKey.As.ITSELF, counted.unit(), counted.cloths(), counted.hand()),
                count,
                Long::sum);
        return this;
    }

    public WantedUnits by(String unit, String method) {
        List<MethodChoice> methods = new ArrayList<>(design.methods());
        methods.add(new MethodChoice(unit, method));
        design = design.withMethods(methods);
        return this;
    }

    public WantedUnits sharing(OddOnes odd, int mostSquares) {
        design = design.withPlan(PlanDesign.USUAL.withMaking(MakingDesign.USUAL.withSharing(odd, mostSquares)));
        return this;
    }

    public MakingPlan plan() {
        List<TopCount.Group> units = groups.entrySet().stream()
                .map(each -> new TopCount.Group(each.getKey(), each.getValue(), 1, List.of()))
                .toList();
        TopCount count = new TopCount(units, List.of(), List.of(), List.of(), Area.ZERO, Map.of());
        return UnitPlans.of(count, ReadDesign.of(design), Length.inches(40), Supply.NOTHING);
    }

    /** Patches of each cloth in all units, those of the spare hand not among them. */
    public long patches(String cloth) {
        return groups.entrySet().stream()
                .mapToLong(each -> each.getValue()
                        * each.getKey().cloths().stream().filter(cloth::equals).count())
                .sum();
    }
}

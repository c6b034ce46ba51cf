package org.goldentally.core.versions;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SashingDesign;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.meaning.BorderSizes;
import org.goldentally.core.meaning.TopSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.plans.PiecingTime;
import org.goldentally.core.plans.PlanCosts;
import org.goldentally.core.plans.PlanInWords;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;

/**
 * Two or more quilts side by side, a row for each thing that they can differ in.
 *
 * @param rows in the order in which a quilter asks: how large, of what, how much cloth, how much work
 */
public record Comparison(List<Row> rows) {

    /** What stands where a quilt has no such thing. */
    private static final String NONE = "–";

    /** Of loose triangles, whose long sides are on the bias before they are sewn. */
    private static final Set<MethodId> LOOSE = Set.of(
            MethodId.LOOSE_HALF_SQUARES,
            MethodId.LOOSE_QUARTERS,
            MethodId.LOOSE_TRIANGLES,
            MethodId.LOOSE_GEESE,
            MethodId.ROWS_AND_TRIANGLE);

    /**
     * One thing of all of them.
     *
     * @param values one for each, in their order
     */
    public record Row(String what, List<String> values) {
        public Row {
            values = List.copyOf(values);
        }

        /** Whether not all are the same. */
        public boolean differs() {
            return values.stream().distinct().count() > 1;
        }
    }

    /** One of those that are compared. */
    public record Version(TopTally tally, ShoppingList shopping) {

        private QuiltTop top() {
            return tally.top();
        }

        private QuiltDesign design() {
            return top().design();
        }

        private MeasureSystem system() {
            return design().system();
        }
    }

    public Comparison {
        rows = List.copyOf(rows);
    }

    /**
     * Side by side.
     *
     * @param cutter works out accounts, or remembers them
     */
    public static Comparison of(List<Version> versions, ClothCutter cutter) {
        List<Row> rows = new ArrayList<>();
        addSizes(rows, versions);
        manyRows(rows, versions, Comparison::units);
        row(rows, "Units to spare", versions, each -> String.valueOf(spare(each.tally())));
        row(rows, "Units of loose triangles (bias edges)", versions, each -> String.valueOf(loose(each.tally())));
        manyRows(rows, versions, each -> cloth(each, cutter));
        addCosts(rows, versions);
        return new Comparison(rows);
    }

    private static void addSizes(List<Row> rows, List<Version> versions) {
        row(rows, "Top, finished", versions, each -> {
            QuiltTop top = each.top();
            return sides(each, top.finishedWidth(), top.finishedHeight());
        });
        row(rows, "Blocks", versions, each -> each.top().blocksInWords());
        row(rows, "Block, finished", versions, each -> {
            TopSizes sizes = each.top().sizes();
            return sides(each, sizes.blockWidth(), sizes.blockHeight());
        });
        row(rows, "Sashing, finished", versions, Comparison::sashing);
        row(rows, "Borders, finished", versions, Comparison::borders);
    }

    private static String sashing(Version version) {
        SashingDesign sashing = version.design().sashing();
        if (sashing.unwanted()) {
            return NONE;
        }
        String width =
                version.system().writer().writeWithUnit(version.top().sizes().sashing());
        return sashing.between() == SashingDesign.Between.BOTH
                ? width
                : width + ", " + sashing.between().words();
    }

    private static long spare(TopTally tally) {
        return tally.making().spareUnits();
    }

    private static void addCosts(List<Row> rows, List<Version> versions) {
        row(rows, "To buy", versions, each -> {
            List<String> lengths = each.shopping().lengths();
            return lengths.isEmpty() ? "nothing" : String.join(", ", lengths);
        });
        row(rows, "Money, for what has a price", versions, each -> {
            BigDecimal total = each.shopping().total();
            return total.signum() == 0 ? NONE : total.setScale(2).toPlainString();
        });
        row(
                rows,
                "Pieces of fabric cut into",
                versions,
                each -> String.valueOf(costs(each).piecesOpened()));
        row(
                rows,
                "Cuts with the ruler",
                versions,
                each -> String.valueOf(costs(each).cuts()));
        row(
                rows,
                "Seams of the units",
                versions,
                each -> Purchase.writeRoughly(costs(each).seams(), each.system()));
        row(
                rows,
                "Time to cut and piece the top",
                versions,
                each -> PlanInWords.hours(PiecingTime.minutes(each.tally())));
    }

    private static void row(List<Row> rows, String what, List<Version> versions, Function<Version, String> value) {
        rows.add(new Row(what, versions.stream().map(value).toList()));
    }

    /** A row for each thing that any of them has. */
    private static void manyRows(
            List<Row> rows, List<Version> versions, Function<Version, Map<String, String>> valuesOf) {
        List<Map<String, String>> values = versions.stream().map(valuesOf).toList();
        Set<String> all = new LinkedHashSet<>();
        values.forEach(each -> all.addAll(each.keySet()));
        all.forEach(what -> rows.add(new Row(
                what, values.stream().map(each -> each.getOrDefault(what, NONE)).toList())));
    }

    private static String sides(Version version, Length width, Length height) {
        LengthWriter writer = version.system().writer();
        return writer.write(width) + " × " + writer.writeWithUnit(height);
    }

    /** {@code 1 1/2 in oat, 3 in pieced}, from the inside out; unlike sides behind their border. */
    private static String borders(Version version) {
        LengthWriter writer = version.system().writer();
        List<String> said = new ArrayList<>();
        for (int i = 0; i < version.design().borders().size(); i++) {
            BorderDesign border = version.design().borders().get(i);
            BorderSizes sizes = version.top().sizes().borders().get(i);
            String width = writer.writeWithUnit(sizes.width());
            StringBuilder all = new StringBuilder(
                    switch (border.kind()) {
                        case PLAIN -> width + " " + name(version, border.cloth());
                        case PIECED -> width + " pieced";
                        case SPACER -> "spacer of " + name(version, border.cloth()) + ", " + width + " at least";
                    });
            for (BorderSideDesign side : border.unlike()) {
                String wide = writer.writeWithUnit(sizes.on(side.side()).width());
                all.append(" (")
                        .append(side.side().words())
                        .append(": ")
                        .append(
                                switch (side.kind()) {
                                    case NONE -> "none";
                                    case PLAIN -> wide + " " + name(version, side.cloth());
                                    case PIECED -> wide + " pieced";
                                })
                        .append(")");
            }
            said.add(all.toString());
        }
        return said.isEmpty() ? NONE : String.join(", ", said);
    }

    /** How many of each unit, whatever its cloths. */
    private static Map<String, String> units(Version version) {
        Map<String, Long> counts = new LinkedHashMap<>();
        for (UnitPlans.Choice choice : version.tally().choices()) {
            UnitPlan plan = choice.chosen();
            String unit = plan.unit().name() + ", "
                    + sides(version, plan.unit().finishedWidth(), plan.unit().finishedHeight()) + " finished";
            counts.merge(unit, plan.needed(), Long::sum);
        }
        Map<String, String> said = new LinkedHashMap<>();
        counts.forEach((unit, count) -> said.put(unit, String.valueOf(count)));
        return said;
    }

    private static long loose(TopTally tally) {
        return tally.choices().stream()
                .map(UnitPlans.Choice::chosen)
                .mapToLong(plan -> LOOSE.contains(plan.method().id()) ? plan.needed() : plan.loose())
                .sum();
    }

    /** What each cloth takes, and the prints of a pack together, as lengths: one measure for cloth at hand and to buy. */
    private static Map<String, String> cloth(Version version, ClothCutter cutter) {
        Map<String, Length> lengths = new LinkedHashMap<>();
        for (ClothLedger ledger : version.tally().ledgers()) {
            String name = version.design()
                    .cloth(ledger.cloth())
                    .map(cloth -> cloth.pack().isEmpty() ? cloth.name() : cloth.pack())
                    .orElse("fabric not chosen");
            ledger.asYardage(cutter)
                    .ifPresent(length -> lengths.merge("Fabric, as lengths: " + name, length.bought(), Length::plus));
        }
        Map<String, String> said = new LinkedHashMap<>();
        lengths.forEach((name, length) -> said.put(name, Purchase.write(length, version.system())));
        return said;
    }

    private static PlanCosts costs(Version version) {
        return PlanCosts.of(version.tally());
    }

    private static String name(Version version, String cloth) {
        return version.design().cloth(cloth).map(ClothInHand::name).orElse("fabric not chosen");
    }
}

package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.goldentally.core.block.Figure.InnerBlock;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.making.BonusUnits;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.problem.Known;
import org.goldentally.core.quilt.PartId;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.SpareFigure;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.sew.Batch.Kind;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.PatchworkUnit;

/** The batches of a quilt in the order in which they are sewn: units by method and cloths, blocks, rows, borders. */
public final class Batches {

    private final TopTally tally;
    private final QuiltDesign design;
    private final LengthWriter writer;

    private Batches(TopTally tally) {
        this.tally = tally;
        this.design = tally.top().design();
        this.writer = design.system().writer();
    }

    /** All the work of a tally in the order in which it is sewn. */
    public static List<Batch> of(TopTally tally) {
        Batches batches = new Batches(tally);
        List<Batch> all = new ArrayList<>(batches.units());
        all.addAll(batches.bonus());
        all.addAll(batches.innerBlocks());
        all.addAll(batches.blocks());
        batches.sashing().ifPresent(all::add);
        batches.rows().ifPresent(all::add);
        all.addAll(batches.borders());
        batches.binding().ifPresent(all::add);
        return all;
    }

    /** Those of units and of the halves that go into them: the sets of the making plan that are sewn. */
    public static List<Batch> ofUnits(TopTally tally) {
        return new Batches(tally).units();
    }

    private String name(String cloth) {
        return design.cloth(cloth).map(each -> each.name()).orElse("not dressed");
    }

    /**
     * What makes one unit stands together, in the order in which it is begun; of it, halves before they are crossed, then chains
     * of one method after each other, the largest batch first.
     */
    private List<Batch> units() {
        Map<Optional<PatchworkUnit>, List<Batch>> byUnit = new LinkedHashMap<>();
        // Halves that go into several kinds are sewn before any of them is begun.
        byUnit.put(Optional.empty(), new ArrayList<>());
        sets().forEach(batch ->
                byUnit.computeIfAbsent(batch.unit(), any -> new ArrayList<>()).add(batch));
        return byUnit.values().stream().flatMap(List::stream).toList();
    }

    private List<Batch> sets() {
        Map<UnitsKey, List<PartId>> parts = tally.count().units().stream()
                .collect(Collectors.groupingBy(
                        UnitPlans::key,
                        Collectors.flatMapping(group -> group.partIds().stream(), Collectors.toList())));
        SetWords words = new SetWords(design, parts);
        return tally.making().sets().stream()
                .flatMap(set -> words.batch(set).stream())
                .sorted(Comparator.comparing(Batch::kind)
                        .thenComparing(batch -> batch.set()
                                .map(set -> set.recipe().sizes().finishedWidth())
                                .orElse(Length.ZERO))
                        .thenComparing(batch -> batch.set()
                                .map(set -> set.recipe().sizes().finishedHeight())
                                .orElse(Length.ZERO))
                        .thenComparing(batch ->
                                batch.set().map(set -> set.method().key()).orElse(""))
                        .thenComparing(Comparator.comparingLong(Batch::needed).reversed()))
                .toList();
    }

    private List<Batch> bonus() {
        return tally.bonus().stream().map(this::bonus).toList();
    }

    private Batch bonus(BonusUnits bonus) {
        return new Batch(
                new BatchKey.Bonus(bonus.plan().key()),
                Kind.BONUS,
                "bonus half-square triangle, " + writer.writeWithUnit(bonus.finishedSize()) + " finished",
                name(bonus.corner()) + " · " + name(bonus.base()) + ", from the offcuts; trim to "
                        + writer.writeWithUnit(bonus.trimmedSize()),
                bonus.count(),
                1,
                "unit",
                Optional.empty(),
                List.of());
    }

    /** What smaller blocks, set into others, have in common as a batch. */
    private record InnerSort(String key, String name, Length width, Length height, boolean mirrored) {}

    /** Blocks that are set into others are sewn first, the innermost before all, each with a size of its own to check. */
    private List<Batch> innerBlocks() {
        Map<InnerSort, List<InnerBlock>> bySort = new LinkedHashMap<>();
        Map<InnerSort, List<PartId>> parts = new LinkedHashMap<>();
        Map<InnerSort, Set<String>> dressings = new LinkedHashMap<>();
        for (TopPart part : tally.top().parts()) {
            for (InnerBlock inner : part.figure().innerBlocks()) {
                InnerSort sort = new InnerSort(
                        inner.block().key(),
                        inner.block().name(),
                        inner.finishedWidth(),
                        inner.finishedHeight(),
                        inner.mirrored() != part.placing().mirrored());
                bySort.computeIfAbsent(sort, any -> new ArrayList<>()).add(inner);
                parts.computeIfAbsent(sort, any -> new ArrayList<>()).add(part.id());
                dressings
                        .computeIfAbsent(sort, any -> new HashSet<>())
                        .add(inner.block().toString());
            }
        }
        List<Batch> batches = new ArrayList<>();
        bySort.forEach((sort, inner) -> batches.add(innerBlocks(
                sort,
                inner,
                Known.of(dressings, sort).size(),
                Known.of(parts, sort).stream().distinct().toList())));
        return batches.reversed();
    }

    private Batch innerBlocks(InnerSort sort, List<InnerBlock> inner, int dressings, List<PartId> parts) {
        return new Batch(
                new BatchKey.InnerBlocks(sort.key, sort.width, sort.height, sort.mirrored),
                Kind.BLOCKS,
                sort.name + ", set into other blocks, "
                        + (sort.width.equals(sort.height) ? "" : writer.write(sort.width) + " × ")
                        + writer.writeWithUnit(sort.height) + " finished" + (sort.mirrored ? ", mirrored" : ""),
                dressings == 1 ? "all in the same fabrics" : "in " + dressings + " different dressings",
                inner.size(),
                1,
                "block",
                Optional.empty(),
                parts,
                Optional.of(new InnerBlock(inner.getFirst().block(), sort.width, sort.height, sort.mirrored)),
                new Batch.Line("blocks", sort.name + ", set into others", ""));
    }

    /** A block and its mirror image are two batches: one is not the other turned. */
    private List<Batch> blocks() {
        Map<BatchKey.Blocks, List<TopPart>> byKind = new LinkedHashMap<>();
        tally.top().parts().stream()
                .filter(TopPart::isBlock)
                .filter(part -> !part.blockKey().isEmpty())
                .forEach(part -> byKind.computeIfAbsent(TopPressing.sortOf(part), any -> new ArrayList<>())
                        .add(part));
        List<Batch> batches = new ArrayList<>();
        byKind.forEach((key, parts) -> {
            TopPart first = parts.getFirst();
            long dressings = parts.stream().map(TopPart::figure).distinct().count();
            long spares = SpareFigure.of(tally.top()).stream()
                    .filter(spare -> spare.blockKey().equals(first.blockKey())
                            && spare.mirrored() == first.placing().mirrored())
                    .count();
            batches.add(new Batch(
                    key,
                    Kind.BLOCKS,
                    first.name() + (first.placing().mirrored() ? ", mirrored" : ""),
                    (dressings == 1 ? "all in the same fabrics" : "in " + dressings + " different dressings")
                            + (spares > 0 ? ", " + spares + " to spare" : ""),
                    parts.size() + spares,
                    1,
                    "block",
                    Optional.empty(),
                    parts.stream().map(TopPart::id).toList()));
        });
        return batches;
    }

    /** How many blocks stand in each diagonal row of a top on point; none where rows are straight. */
    static List<Long> diagonalRows(QuiltTop top) {
        if (top.design().setting().kind() != SettingDesign.Kind.ON_POINT) {
            return List.of();
        }
        Map<Length, Long> rows = new TreeMap<>();
        top.parts().stream().filter(TopPart::isBlock).forEach(part -> {
            Point centre = part.placing()
                    .apply(new Point(
                            part.figure().finishedWidth().dividedBy(2),
                            part.figure().finishedHeight().dividedBy(2)));
            rows.merge(centre.x().plus(centre.y()), 1L, Long::sum);
        });
        return List.copyOf(rows.values());
    }

    /** Strips that are sewn of units, or joined since they are longer than the cloth is wide; others are only cut. */
    private Optional<Batch> sashing() {
        List<TopPart> sewn = tally.top().parts().stream()
                .filter(part -> StripSteps.isSewn(part, tally))
                .toList();
        long ofUnits = sewn.stream().filter(StripSteps::isOfUnits).count();
        long joined = sewn.size() - ofUnits;
        List<String> said = new ArrayList<>();
        if (ofUnits > 0) {
            said.add(ofUnits + " sewn of units");
        }
        if (joined > 0) {
            said.add(joined + " joined, since they are longer than the fabric is wide");
        }
        return sewn.isEmpty()
                ? Optional.empty()
                : Optional.of(new Batch(
                        BatchKey.Once.SASHING,
                        Kind.SASHING,
                        "Sashing",
                        String.join(", ", said),
                        sewn.size(),
                        1,
                        "strip",
                        Optional.empty(),
                        sewn.stream().map(TopPart::id).toList()));
    }

    private Optional<Batch> rows() {
        List<Long> diagonal = diagonalRows(tally.top());
        long rows = diagonal.isEmpty()
                ? tally.top().parts().stream()
                        .filter(TopPart::isInARow)
                        .mapToInt(TopPart::row)
                        .distinct()
                        .count()
                : diagonal.size();
        return rows == 0
                ? Optional.empty()
                : Optional.of(new Batch(
                        BatchKey.Once.ROWS,
                        Kind.ROWS,
                        "Rows of the top",
                        "blocks into rows, then row to row",
                        rows,
                        1,
                        "row",
                        Optional.empty(),
                        tally.top().parts().stream()
                                .filter(TopPart::isInARow)
                                .map(TopPart::id)
                                .toList()));
    }

    private List<Batch> borders() {
        List<Batch> batches = new ArrayList<>();
        for (int i = 0; i < design.borders().size(); i++) {
            int number = i + 1;
            List<PartId> parts = tally.top().parts().stream()
                    .map(TopPart::id)
                    .filter(part -> part.ofBorder().equals(Optional.of(number)))
                    .toList();
            long sides =
                    parts.stream().filter(PartId.BorderSide.class::isInstance).count();
            if (sides > 0) {
                batches.add(new Batch(
                        new BatchKey.Border(number),
                        Kind.BORDER,
                        "Border " + number,
                        kinds(design.borders().get(i)) + ", " + (sides == 1 ? "1 side" : sides + " sides"),
                        sides,
                        1,
                        "side",
                        Optional.empty(),
                        parts));
            }
        }
        return batches;
    }

    /** {@code plain}; of unlike sides {@code plain and pieced}. */
    private static String kinds(BorderDesign border) {
        if (border.kind() == BorderDesign.Kind.SPACER) {
            return "spacer";
        }
        return Arrays.stream(BorderSideDesign.Side.values())
                .map(border::on)
                .filter(side -> side.kind() != BorderSideDesign.Kind.NONE)
                .map(side -> side.kind().name().toLowerCase(Locale.ROOT))
                .distinct()
                .sorted(Comparator.reverseOrder())
                .collect(Collectors.joining(" and "));
    }

    private Optional<Batch> binding() {
        return tally.binding()
                .map(strip -> new Batch(
                        BatchKey.Once.BINDING,
                        Kind.BINDING,
                        "Binding",
                        strip.working().how(),
                        1,
                        1,
                        "binding",
                        Optional.empty(),
                        List.of()));
    }
}

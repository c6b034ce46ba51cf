package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.design.BorderSideDesign.Side;
import org.goldentally.core.finishing.BorderPrint;
import org.goldentally.core.finishing.StripPlan;
import org.goldentally.core.finishing.StripPlan.Source;
import org.goldentally.core.making.Use;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.quilt.PartId;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.tally.TopTally;

/**
 * What is done, one after the other, with the strips of sashing and of borders (common practice, no source): joined strips
 * first, then rows of units, then the sides of a border, those that end at the blocks before those that go over them.
 */
public final class StripSteps {

    private static final List<String> MITRES = List.of(
            "Pin each strip middle to middle, the ends hanging over alike. Sew from one seam allowance before a corner to"
                    + " one before the next, and back-stitch there.",
            "Fold the top on the diagonal, lay two strips on each other, and sew the mitre at 45° from the end of the seam"
                    + " outwards. See that it lies flat, then trim to a seam allowance and press it open.");

    private final TopTally tally;
    private final QuiltTop top;
    private final LengthWriter writer;

    /** For all cards of a tally. */
    public StripSteps(TopTally tally) {
        this.tally = tally;
        this.top = tally.top();
        this.writer = top.design().system().writer();
    }

    /**
     * A row of units that is sewn before it is sewn on.
     *
     * @param name {@code border 1, above and below}, {@code sashing strip}
     * @param count how many are alike
     * @param notes what it is made of, how it begins and ends
     */
    public record Row(String name, long count, Figure figure, List<String> notes) {}

    /** Strips of sashing that are sewn, before rows are: of units, or joined. */
    static boolean isSewn(TopPart part, TopTally tally) {
        return part.kind() == TopPart.Kind.SASHING && (isOfUnits(part) || isJoined(part, tally));
    }

    /** Of a run of strips as wide as their cloth, and longer than one of them. */
    private static boolean isJoined(TopPart part, TopTally tally) {
        Length longer = Length.max(part.figure().finishedWidth(), part.figure().finishedHeight());
        Length length = tally.top().settings().unfinished(longer);
        return tally.strips().stream()
                .filter(strip -> strip.kind() == StripPlan.Kind.SASHING && strip.joined())
                .filter(strip -> strip.cloth().equals(clothOf(part)))
                .anyMatch(strip ->
                        length.isLongerThan(strip.cuts().getFirst().size().width()));
    }

    private static String clothOf(TopPart part) {
        return part.figure().units().getFirst().cloths().getFirst();
    }

    /** The strips that parts of a batch are cut of. */
    static List<StripPlan> stripsOf(Batch batch, TopTally tally) {
        return tally.strips().stream()
                .filter(strip -> tally.count().strips().stream()
                        .filter(group -> strip.uses().contains(new Use.ForStrips(group.key())))
                        .anyMatch(group -> group.partIds().stream().anyMatch(batch.partIds()::contains)))
                .toList();
    }

    /** Whether it is sewn of several units. */
    static boolean isOfUnits(TopPart part) {
        return part.isRowOfUnits() && part.figure().units().size() > 1;
    }

    /** The rows of units of a batch, each sort once. */
    public List<Row> rows(Batch batch) {
        Map<Figure, List<TopPart>> alike = new LinkedHashMap<>();
        top.parts().stream()
                .filter(part -> batch.partIds().contains(part.id()) && isOfUnits(part))
                .forEach(part -> alike.computeIfAbsent(part.figure(), any -> new ArrayList<>())
                        .add(part));
        List<Row> rows = new ArrayList<>();
        alike.forEach((figure, parts) -> rows.add(new Row(name(parts), parts.size(), figure, notes(figure, parts))));
        return rows;
    }

    private static String name(List<TopPart> parts) {
        TopPart first = parts.getFirst();
        return first.id() instanceof PartId.BorderSide border
                ? "border " + border.border() + ", " + BorderPrint.names(sides(parts))
                : parts.size() == 1 ? "the sashing strip" : "each of " + parts.size() + " sashing strips";
    }

    private static List<Side> sides(List<TopPart> parts) {
        return parts.stream()
                .map(part -> ((PartId.BorderSide) part.id()).number())
                .sorted()
                .map(Side::of)
                .toList();
    }

    private List<String> notes(Figure figure, List<TopPart> parts) {
        List<FigureUnit> units = figure.units();
        Map<String, Long> counts =
                units.stream().collect(Collectors.groupingBy(this::said, LinkedHashMap::new, Collectors.counting()));
        List<String> notes = new ArrayList<>();
        notes.add(units.size() + " units: "
                + counts.entrySet().stream()
                        .sorted(Map.Entry.<String, Long>comparingByValue(Comparator.reverseOrder()))
                        .map(each -> each.getValue() + " × " + each.getKey())
                        .collect(Collectors.joining(", "))
                + ".");
        boolean unlike = units.stream().map(FigureUnit::cloths).distinct().count() > 1 || counts.size() > 1;
        if (unlike) {
            notes.add("It begins with " + inFabrics(units.getFirst()) + " and ends with " + inFabrics(units.getLast())
                    + ".");
        }
        notes.add(
                parts.getFirst().isOfBorder()
                        ? "Drawn with the outside of the quilt up. Lay it beside the top before it is sewn: it should be as"
                                + " long as the top measures, and is eased, or taken in at a few seams, where it is not."
                        : "Sew one, measure it, then chain the others.");
        return notes;
    }

    private String said(FigureUnit unit) {
        Length width = unit.unit().finishedWidth();
        Length height = unit.unit().finishedHeight();
        return unit.unit().name() + " " + (width.equals(height) ? "" : writer.write(width) + " × ")
                + writer.writeWithUnit(height) + " finished";
    }

    private String inFabrics(FigureUnit unit) {
        return unit.unit().name() + " ("
                + unit.cloths().stream()
                        .distinct()
                        .map(key -> top.design()
                                .cloth(key)
                                .map(cloth -> cloth.name())
                                .orElse("no fabric yet"))
                        .collect(Collectors.joining(", "))
                + ")";
    }

    /** What is done one after the other; nothing for other batches. */
    public List<String> of(Batch batch) {
        return switch (batch.key()) {
            case BatchKey.Border border -> border(batch, border.number());
            case BatchKey.Once once when once == BatchKey.Once.SASHING -> sashing(batch);
            default -> List.of();
        };
    }

    private List<String> sashing(Batch batch) {
        List<String> steps = new ArrayList<>();
        stripsOf(batch, tally).forEach(strip -> join(strip, steps));
        if (!rows(batch).isEmpty()) {
            steps.add(
                    "Sew the units of each strip in the order of the drawing, in pairs first, then the pairs. Press as"
                            + " the arrows say.");
        }
        steps.add(
                "Lay the strips between the blocks. They are sewn on with the rows, and their seams are pressed towards"
                        + " them where they are plain.");
        return steps;
    }

    private void join(StripPlan strip, List<String> steps) {
        if (strip.joined()) {
            long joined = strip.cuts().getFirst().count();
            steps.add("Join " + joined + " strips " + writer.writeWithUnit(strip.cutWidth())
                    + " wide, cut across the fabric, into one run; press the joins open. Cut from it "
                    + strip.sides().stream()
                            .filter(side -> side.source() == Source.RUN || side.source() == Source.END_OF_RUN)
                            .map(side -> side.count() + " of " + writer.writeWithUnit(side.cutLength())
                                    + (side.source() == Source.END_OF_RUN ? ", last, where no join falls in them" : ""))
                            .collect(Collectors.joining(", then "))
                    + ".");
        }
    }

    private List<String> border(Batch batch, int number) {
        List<String> steps = new ArrayList<>();
        stripsOf(batch, tally).forEach(strip -> join(strip, steps));
        if (!rows(batch).isEmpty()) {
            steps.add("Sew the units of each side in the order of the drawing. Press as the arrows say.");
        }
        boolean mitred = top.parts().stream()
                .anyMatch(part -> part.kind() == TopPart.Kind.MITRED_BORDER
                        && batch.partIds().contains(part.id()));
        if (mitred) {
            steps.addAll(MITRES);
        } else {
            steps.addAll(sidesInTurn(batch, number));
        }
        return steps;
    }

    private List<String> sidesInTurn(Batch batch, int number) {
        List<Side> sides = batch.partIds().stream()
                .filter(PartId.BorderSide.class::isInstance)
                .map(part -> Side.of(((PartId.BorderSide) part).number()))
                .sorted()
                .toList();
        List<Side> first = first(number, sides);
        List<Side> then = sides.stream().filter(side -> !first.contains(side)).toList();
        List<String> steps = new ArrayList<>();
        if (!first.isEmpty()) {
            steps.add(sewOn(first, batch, "First"));
        }
        boolean corners = batch.partIds().stream().anyMatch(PartId.BorderCorner.class::isInstance);
        if (!then.isEmpty()) {
            String withCorners = corners
                    ? "Sew a corner to each end of the strips " + BorderPrint.names(then)
                            + " and press towards the strip, so that the seams lie against those of the top. "
                    : "";
            steps.add(withCorners + sewOn(then, batch, first.isEmpty() ? "First" : "Then"));
        }
        return steps;
    }

    /** The sides that end at what is inside; the others go over their ends. */
    private List<Side> first(int number, List<Side> sides) {
        List<Side> standing = sides.stream()
                .filter(side -> side == Side.RIGHT || side == Side.LEFT)
                .toList();
        List<Side> lying = sides.stream()
                .filter(side -> side == Side.UPPER || side == Side.LOWER)
                .toList();
        boolean standingOver = top.parts().stream()
                .filter(part -> part.id() instanceof PartId.BorderSide border && border.border() == number)
                .filter(part -> standing.contains(Side.of(((PartId.BorderSide) part.id()).number())))
                .anyMatch(part -> reachesOver(part, number));
        return standingOver ? lying : standing;
    }

    /** Whether a standing side is longer than what lies inside its border is high. */
    private boolean reachesOver(TopPart part, int number) {
        Assembly.Box inside = Layout.around(top.parts().stream()
                .filter(each -> each.id().ofBorder().orElse(0) < number)
                .flatMap(each -> each.outlines().stream())
                .flatMap(outline -> outline.corners().stream())
                .toList());
        return part.figure().finishedWidth().isLongerThan(inside.height());
    }

    private String sewOn(List<Side> sides, Batch batch, String when) {
        boolean pieced = top.parts().stream()
                .filter(part -> batch.partIds().contains(part.id()) && isOfUnits(part))
                .anyMatch(
                        part -> part.id() instanceof PartId.BorderSide side && sides.contains(Side.of(side.number())));
        boolean across = sides.contains(Side.UPPER) || sides.contains(Side.LOWER);
        return when + " " + BorderPrint.names(sides) + ": measure the top through the middle, "
                + (across ? "from side to side" : "from top to bottom")
                + (pieced ? ", and see that the strips are as long." : ", and trim the strips to that.")
                + " Pin the ends, the middle and the quarters, ease what is longer, sew, and"
                + " press towards the border.";
    }
}

package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import org.goldentally.core.finishing.StripPlan;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.method.UnitSizes;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.tally.TopTally;

/** The sizes to check on a card: raw, trimmed and centre mark of a unit; lengths of borders. */
public final class CardChecks {

    /**
     * A size to check.
     *
     * @param what {@code trimmed}
     * @param size {@code 3 1/2 × 3 1/2 in}
     */
    public record Check(String what, String size) {}

    private final TopTally tally;
    private final LengthWriter writer;

    /** For all cards of a tally. */
    public CardChecks(TopTally tally) {
        this.tally = tally;
        this.writer = tally.top().design().system().writer();
    }

    /** Those of one batch. */
    public List<Check> of(Batch batch) {
        List<Check> checks = new ArrayList<>();
        batch.set().ifPresent(set -> {
            if (set instanceof MadeSet.Halves halves) {
                Length raw = halves.half().rawSize(tally.top().settings());
                checks.add(new Check("raw, not trimmed yet", writer.write(raw) + " × " + writer.writeWithUnit(raw)));
            } else {
                unitChecks(set.recipe().sizes(), checks);
            }
        });
        if (batch.key() == BatchKey.Once.SASHING) {
            StripSteps.stripsOf(batch, tally)
                    .forEach(strip -> strip.sides().forEach(side -> checks.add(check(strip, side))));
            rowsOfUnits(batch, "strip", checks);
        }
        if (batch.key() instanceof BatchKey.Border border) {
            borderChecks(batch, border.number(), checks);
        }
        return checks;
    }

    private void unitChecks(UnitSizes sizes, List<Check> checks) {
        checks.add(new Check(
                "raw, as sewn", writer.write(sizes.rawWidth()) + " × " + writer.writeWithUnit(sizes.rawHeight())));
        checks.add(new Check(
                "trimmed", writer.write(sizes.trimmedWidth()) + " × " + writer.writeWithUnit(sizes.trimmedHeight())));
        checks.add(new Check(
                "centre mark, half of trimmed",
                writer.writeWithUnit(sizes.trimmedWidth().dividedBy(2))));
    }

    /** Long sides first, cut over-length and trimmed to what the top really measures through the middle. */
    private void borderChecks(Batch batch, int border, List<Check> checks) {
        StripSteps.stripsOf(batch, tally)
                .forEach(strip -> strip.sides().forEach(side -> checks.add(check(strip, side))));
        rowsOfUnits(batch, "side", checks);
        Assembly.Box inside = insideOf(border);
        checks.add(new Check(
                "measure the real top through the middle, both ways, before trimming",
                writer.write(inside.width().plus(seams())) + " × "
                        + writer.writeWithUnit(inside.height().plus(seams())) + " unfinished expected"));
    }

    private void rowsOfUnits(Batch batch, String thing, List<Check> checks) {
        tally.top().parts().stream()
                .filter(part -> batch.partIds().contains(part.id()))
                .filter(StripSteps::isOfUnits)
                .collect(Collectors.groupingBy(TopPart::figure, LinkedHashMap::new, Collectors.counting()))
                .forEach((figure, count) -> checks.add(new Check(
                        counted(count, thing) + ", sewn of units, unfinished",
                        writer.write(figure.finishedHeight().plus(seams())) + " × "
                                + writer.writeWithUnit(figure.finishedWidth().plus(seams())))));
    }

    private Check check(StripPlan strip, StripPlan.Side side) {
        String from = switch (side.source()) {
            case RUN -> " from the joined run";
            case END_OF_RUN -> " from the end of the run, where no join falls in it";
            case ALONG -> " along the length of the fabric";
            case ACROSS -> "";
        };
        String which = counted(side.count(), "strip") + (side.where().isEmpty() ? "" : " " + side.where());
        String cut = writer.write(strip.cutWidth()) + " × ";
        return side.isOverLength()
                ? new Check(
                        which + ", cut over-length" + from + ", then trim",
                        cut + writer.write(side.cutLength()) + " to " + writer.writeWithUnit(side.trimmedLength()))
                : new Check(
                        which + ", cut"
                                + (strip.kind() == StripPlan.Kind.BORDER && side.source() == StripPlan.Source.ACROSS
                                        ? " exactly: the fabric is no wider"
                                        : from),
                        cut + writer.writeWithUnit(side.cutLength()));
    }

    /** What is sewn before a border: everything but it and those outside it. */
    private Assembly.Box insideOf(int border) {
        List<Point> corners = tally.top().parts().stream()
                .filter(part -> part.id().ofBorder().orElse(0) < border)
                .flatMap(part -> part.outlines().stream())
                .flatMap(outline -> outline.corners().stream())
                .toList();
        return Layout.around(corners);
    }

    private static String counted(long count, String thing) {
        return count == 1 ? "1 " + thing : count + " " + thing + "s";
    }

    private Length seams() {
        return tally.top().settings().seamAllowance().times(2);
    }
}

package org.goldentally.app.tally;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.cutting.yardage.Strip;
import org.goldentally.core.cutting.yardage.YardagePlan;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.tally.YardageChoices;

/**
 * What a cloth takes from yardage, plainly, tidily and thriftily cut; strips to draw, in inches.
 *
 * @param widthOfFabric of the cloth, in inches
 */
record YardageView(String cloth, double widthOfFabric, String width, List<StyleView> styles) {

    /**
     * One style.
     *
     * @param layouts how many differently cut strips there are
     * @param proof how good the plan is known to be
     */
    record StyleView(
            String style,
            String meaning,
            String length,
            String bought,
            int layouts,
            String proof,
            List<StripDrawn> strips) {}

    /** Equal strips, drawn once. */
    record StripDrawn(double height, String heightText, int count, List<PieceDrawn> pieces) {}

    record PieceDrawn(double x, double y, double width, double height, String label) {}

    static YardageView of(String cloth, YardageChoices choices) {
        LengthWriter writer = choices.system().writer();
        List<StyleView> styles = new ArrayList<>();
        choices.plans()
                .forEach((style, plan) -> styles.add(new StyleView(
                        style.label(),
                        style.meaning(),
                        writer.writeWithUnit(choices.length(plan)),
                        choices.purchase(plan).write(),
                        plan.layouts(),
                        choices.proof(plan),
                        strips(plan, choices))));
        return new YardageView(
                cloth, choices.widthOfFabric().toDoubleInches(), writer.writeWithUnit(choices.widthOfFabric()), styles);
    }

    private static List<StripDrawn> strips(YardagePlan plan, YardageChoices choices) {
        Map<Strip, Integer> counts = new LinkedHashMap<>();
        plan.strips().forEach(strip -> counts.merge(strip, 1, Integer::sum));
        List<StripDrawn> drawn = new ArrayList<>();
        counts.forEach((strip, count) -> drawn.add(strip(strip, count, choices)));
        return drawn;
    }

    private static StripDrawn strip(Strip strip, int count, YardageChoices choices) {
        LengthWriter writer = choices.system().writer();
        List<PieceDrawn> pieces = new ArrayList<>();
        int x = 0;
        for (Strip.Segment segment : strip.segments()) {
            int y = 0;
            for (Strip.Stacked piece : segment.stack()) {
                Length width = choices.mark().times(segment.width());
                Length height = choices.mark().times(piece.height());
                String label =
                        width.equals(height) ? writer.write(width) : writer.write(height) + " × " + writer.write(width);
                pieces.add(new PieceDrawn(
                        choices.mark().times(x).toDoubleInches(),
                        choices.mark().times(y).toDoubleInches(),
                        width.toDoubleInches(),
                        height.toDoubleInches(),
                        label));
                y += piece.height();
            }
            x += segment.width();
        }
        Length height = choices.mark().times(strip.height());
        return new StripDrawn(height.toDoubleInches(), writer.writeWithUnit(height), count, pieces);
    }
}

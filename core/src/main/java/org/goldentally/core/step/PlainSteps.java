package org.goldentally.core.step;

import static org.goldentally.core.step.Sketch.line;

import java.util.List;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.unit.ClothRole;

/** Steps of plain pieces and strips. */
final class PlainSteps {

    private static final Length NONE = Length.ZERO;

    private PlainSteps() {}

    /** A plain piece: the strip, and the piece cut from it. */
    static List<Step> plain(Length width, Length height, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        Length length = width.times(4);
        List<Line> cuts = List.of(
                line(width, NONE, width, height),
                line(width.times(2), NONE, width.times(2), height),
                line(width.times(3), NONE, width.times(3), height));
        return List.of(
                new Sketch()
                        .cloth(ClothRole.A, Sketch.rectangle(length, height))
                        .step(
                                Step.Kind.CUT_PIECES,
                                "Square up the end of the fabric and cut a strip of " + writer.writeWithUnit(height)
                                        + "."),
                new Sketch()
                        .cloth(ClothRole.A, Sketch.rectangle(length, height))
                        .cut(cuts)
                        .step(Step.Kind.CUT, "Cut it into pieces of " + writer.writeWithUnit(width) + "."));
    }

    static List<Step> strip(Length width, Length length, SewingSettings settings) {
        return List.of(new Sketch()
                .cloth(ClothRole.A, Sketch.rectangle(length, width))
                .step(
                        Step.Kind.CUT_PIECES,
                        "Square up the end of the fabric and cut strips of "
                                + settings.system().writer().writeWithUnit(width) + "."));
    }
}

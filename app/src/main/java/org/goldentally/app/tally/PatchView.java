package org.goldentally.app.tally;

import java.util.Locale;
import java.util.stream.Collectors;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.quilt.Patch;

/** A patch to draw: its corners as SVG points in inches, and which cloth of the block it is. */
record PatchView(String points, String cloth) {

    static PatchView of(Patch patch) {
        return new PatchView(
                patch.outline().corners().stream().map(PatchView::point).collect(Collectors.joining(" ")),
                patch.cloth().name());
    }

    private static String point(Point point) {
        return number(point.x().toDoubleInches()) + "," + number(point.y().toDoubleInches());
    }

    private static String number(double value) {
        String text = String.format(Locale.ROOT, "%.4f", value);
        return text.replaceAll("0+$", "").replaceAll("\\.$", "");
    }
}

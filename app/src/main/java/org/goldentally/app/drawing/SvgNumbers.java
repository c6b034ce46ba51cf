package org.goldentally.app.drawing;

import java.util.Locale;
import java.util.stream.Collectors;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;

/** Points and matrices for SVG, in inches to four decimals: finer than any line on a screen or printer. */
public final class SvgNumbers {

    private static final int PARTS = 10_000;

    private SvgNumbers() {}

    /** Corners of an outline, as SVG reads them. */
    public static String points(Polygon outline) {
        return outline.corners().stream()
                .map(point -> number(point.x().toDoubleInches()) + ","
                        + number(point.y().toDoubleInches()))
                .collect(Collectors.joining(" "));
    }

    /** Where the origin and the two unit steps come to lie say what the matrix is. */
    public static String matrix(Placing placing) {
        Point origin = placing.apply(Point.ORIGIN);
        Point right = placing.apply(Point.at(Length.inches(1), Length.ZERO));
        Point down = placing.apply(Point.at(Length.ZERO, Length.inches(1)));
        double x = origin.x().toDoubleInches();
        double y = origin.y().toDoubleInches();
        return number(right.x().toDoubleInches() - x) + " " + number(right.y().toDoubleInches() - y) + " "
                + number(down.x().toDoubleInches() - x) + " " + number(down.y().toDoubleInches() - y) + " "
                + number(x) + " " + number(y);
    }

    /** To four decimals, without zeros that say nothing. */
    public static String number(double value) {
        long parts = Math.round(value * PARTS);
        if (parts % PARTS == 0) {
            return Long.toString(parts / PARTS);
        }
        return String.format(Locale.ROOT, "%.4f", parts / (double) PARTS).replaceAll("0+$", "");
    }
}

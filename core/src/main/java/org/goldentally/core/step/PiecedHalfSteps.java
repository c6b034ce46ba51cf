package org.goldentally.core.step;

import static org.goldentally.core.step.Sketch.line;
import static org.goldentally.core.step.Sketch.square;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.geometry.Line;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;

/**
 * A pieced half: rows of small units and loose triangles, and the large triangle.
 *
 * @param large the large square as cut
 * @param smallCut the small squares as cut
 */
record PiecedHalfSteps(
        Length finished, int rows, Length large, Length smallCut, SewingSettings settings, Habits habits) {

    private static final Length NONE = Length.ZERO;

    List<Step> steps() {
        List<Step> steps = new ArrayList<>(cutAndSewSmallOnes());
        steps.add(
                rows(new Sketch())
                        .step(
                                Step.Kind.JOIN,
                                "Trim the small units, lay them out with a loose triangle at the end of every row, and join: rows first, then the rows. Compare with the picture before sewing."));
        steps.add(rows(new Sketch())
                .trim(Polygon.of(Point.ORIGIN, Point.at(finished, NONE), Point.at(NONE, finished)))
                .step(Step.Kind.TRIM, trimmedHalf()));
        List<Line> longSide = List.of(line(NONE, finished, finished, NONE));
        steps.add(whole().stitch(longSide)
                .step(
                        Step.Kind.STITCH,
                        "Join the pieced half to the large triangle on the long side, pieced half on top; points want "
                                + written(settings.seamAllowance()) + " beyond them."));
        steps.add(whole().stitch(longSide)
                .trim(square(NONE, NONE, finished))
                .step(
                        Step.Kind.PRESS,
                        "Press to the large triangle. The unit measures " + written(settings.unfinished(finished))
                                + " from raw edge to raw edge; the drawing shows it finished."));
        return steps;
    }

    private List<Step> cutAndSewSmallOnes() {
        int pairs = rows * (rows - 1) / 2;
        return List.of(
                new Sketch()
                        .cloth(ClothRole.A, square(NONE, NONE, large))
                        .cut(List.of(line(NONE, NONE, large, large)))
                        .step(
                                Step.Kind.CUT_PIECES,
                                "Cut the large square, " + written(large)
                                        + ", exactly: this unit cannot be trimmed later. Cut it once from corner to corner."),
                new Sketch()
                        .cloth(ClothRole.B, square(NONE, NONE, smallCut))
                        .cut(List.of(line(NONE, smallCut, smallCut, NONE)))
                        .step(
                                Step.Kind.CUT_PIECES,
                                "For two such units sew " + pairs + (pairs == 1 ? " pair" : " pairs")
                                        + " of small squares, cut " + written(smallCut) + ", two at a time: "
                                        + 2 * pairs + " small units, trimmed to "
                                        + written(settings.unfinished(small())) + ". Cut " + rows
                                        + " more small squares once from corner to corner: " + 2 * rows
                                        + " loose triangles."));
    }

    private Length small() {
        return finished.dividedBy(rows);
    }

    private String written(Length length) {
        return settings.system().writer().writeWithUnit(length);
    }

    /** The small units as they lie, with a loose triangle at the end of every row. */
    private Sketch rows(Sketch sketch) {
        Length small = small();
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < rows - row; column++) {
                Length x = small.times(column);
                Length y = small.times(row);
                Point upperRight = Point.at(x.plus(small), y);
                Point lowerLeft = Point.at(x, y.plus(small));
                sketch.cloth(ClothRole.B, Polygon.of(Point.at(x, y), upperRight, lowerLeft));
                if (column < rows - row - 1) {
                    Point lowerRight = Point.at(x.plus(small), y.plus(small));
                    sketch.cloth(ClothRole.C, Polygon.of(upperRight, lowerRight, lowerLeft));
                }
            }
        }
        return sketch;
    }

    private Sketch whole() {
        return rows(new Sketch())
                .cloth(
                        ClothRole.A,
                        Polygon.of(Point.at(finished, NONE), Point.at(finished, finished), Point.at(NONE, finished)));
    }

    /**
     * The loose triangles at the ends of the rows are cut as large as the small squares, with their room: so the legs of
     * the pieced half come out {@code finished + small cut − small finished} long (geometry), which is more than the large
     * triangle's by that room.
     */
    private String trimmedHalf() {
        Length legs = finished.plus(smallCut.minus(small()));
        Length over = legs.minus(large);
        return over.isPositive()
                ? "The pieced half is " + written(legs) + " on its legs, raw: "
                        + written(over) + " more than the large triangle. Trim its long side, ruler on the"
                        + " square corner, until both legs measure " + written(large)
                        + "; keep the seam allowance beyond every point."
                : "The pieced half is " + written(legs)
                        + " on its legs, raw, as the large triangle is: check it before you join them.";
    }
}

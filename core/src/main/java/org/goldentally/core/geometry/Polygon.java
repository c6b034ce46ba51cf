package org.goldentally.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;

/**
 * A patch: a convex polygon with exact corners.
 *
 * <p>Its corners go round in one direction without repeats. Only what the drawings of units, blocks and cuts need is
 * here: area, mirror image, and what a straight cut leaves on either side.
 */
public record Polygon(List<Point> corners) {

    public Polygon {
        corners = List.copyOf(corners);
        if (corners.size() < 3) {
            throw new IllegalArgumentException("a patch has three corners or more, not " + corners);
        }
    }

    /** A polygon by its corners in order, either way round; the last is joined to the first. */
    public static Polygon of(Point... corners) {
        return new Polygon(List.of(corners));
    }

    /** A rectangle with its upper left corner at the given place. */
    public static Polygon rectangle(Point upperLeft, Length width, Length height) {
        return of(
                upperLeft,
                upperLeft.plus(width, Length.ZERO),
                upperLeft.plus(width, height),
                upperLeft.plus(Length.ZERO, height));
    }

    /** Exactly, by the cross products of its corners. */
    public Area area() {
        Area twice = Area.ZERO;
        for (int i = 0; i < corners.size(); i++) {
            Point here = corners.get(i);
            Point next = corners.get((i + 1) % corners.size());
            twice = twice.plus(here.x().times(next.y())).minus(next.x().times(here.y()));
        }
        Area area = twice.half();
        return area.isNegative() ? Area.ZERO.minus(area) : area;
    }

    /** Folded over along a line. */
    public Polygon mirroredAcross(Line line) {
        return new Polygon(corners.stream().map(line::mirror).toList());
    }

    /** The same, moved right and down. */
    public Polygon movedBy(Length dx, Length dy) {
        return map(corner -> corner.plus(dx, dy));
    }

    Polygon map(UnaryOperator<Point> move) {
        return new Polygon(corners.stream().map(move).toList());
    }

    /** Turned by 45 degrees clockwise about the origin: a square on point comes to stand straight. */
    public Polygon turnedHalfRight() {
        return map(Point::turnedHalfRight);
    }

    /**
     * What lies on the positive side of a line (see {@link Line#side}); an empty list if nothing does.
     *
     * <p>Walks round the corners, keeps those on the side, and puts a corner in where an edge crosses the line. The
     * crossing is exact: it divides the edge in the proportion of the corners' distances.
     */
    public List<Polygon> onPositiveSideOf(Line line) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Point here = corners.get(i);
            Point next = corners.get((i + 1) % corners.size());
            Area sideHere = line.side(here);
            Area sideNext = line.side(next);
            if (!sideHere.isNegative()) {
                kept.add(here);
            }
            boolean crosses =
                    !sideHere.isZero() && !sideNext.isZero() && sideHere.isNegative() != sideNext.isNegative();
            if (crosses) {
                kept.add(crossing(here, sideHere, next, sideNext));
            }
        }
        if (kept.size() < 3) {
            return List.of();
        }
        Polygon part = new Polygon(kept);
        return part.area().isZero() ? List.of() : List.of(part);
    }

    private static Point crossing(Point here, Area sideHere, Point next, Area sideNext) {
        Area whole = sideHere.minus(sideNext);
        return new Point(
                here.x().plus(next.x().minus(here.x()).scaledBy(sideHere, whole)),
                here.y().plus(next.y().minus(here.y()).scaledBy(sideHere, whole)));
    }
}

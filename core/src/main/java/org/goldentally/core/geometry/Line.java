package org.goldentally.core.geometry;

import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;

/** A straight line from one point to another; its left side is the one on the left hand when walking along it. */
public record Line(Point from, Point to) {

    Length dx() {
        return to.x().minus(from.x());
    }

    Length dy() {
        return to.y().minus(from.y());
    }

    /** Positive on one side of the line, negative on the other, nothing on it (twice a triangle's area). */
    public Area side(Point point) {
        return dx().times(point.y().minus(from.y())).minus(dy().times(point.x().minus(from.x())));
    }

    /**
     * The mirror image of a point across this line, as a patch lands when it is pressed open over a seam.
     *
     * <p>Works for lines along the grain and at 45 degrees, which are all the lines of this trade; these keep every
     * coordinate of the form {@code a + b·√2}.
     */
    public Point mirror(Point point) {
        Length dx = dx();
        Length dy = dy();
        Length px = point.x().minus(from.x());
        Length py = point.y().minus(from.y());
        if (dy.isZero()) {
            return new Point(point.x(), from.y().minus(py));
        }
        if (dx.isZero()) {
            return new Point(from.x().minus(px), point.y());
        }
        if (dx.equals(dy)) {
            return new Point(from.x().plus(py), from.y().plus(px));
        }
        if (dx.equals(dy.negated())) {
            return new Point(from.x().minus(py), from.y().minus(px));
        }
        throw new IllegalStateException("only lines along the grain or at 45 degrees can be folded over: " + this);
    }

    /** The same line, moved right and down. */
    public Line movedBy(Length dx, Length dy) {
        return new Line(from.plus(dx, dy), to.plus(dx, dy));
    }
}

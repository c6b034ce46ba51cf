package org.goldentally.core.geometry;

import org.goldentally.core.measure.Length;

/** A point of a drawing: {@code x} to the right, {@code y} down, as on a cutting mat seen from above. */
public record Point(Length x, Length y) {

    public static final Point ORIGIN = new Point(Length.ZERO, Length.ZERO);

    /** A point so far right and so far down. */
    public static Point at(Length x, Length y) {
        return new Point(x, y);
    }

    /** Both lengths added. */
    public Point plus(Length dx, Length dy) {
        return new Point(x.plus(dx), y.plus(dy));
    }

    /** Halfway between this point and the other. */
    public Point middleTo(Point other) {
        return new Point(x.plus(other.x).dividedBy(2), y.plus(other.y).dividedBy(2));
    }

    /** Turned by 45 degrees clockwise about the origin. */
    public Point turnedHalfRight() {
        return new Point(x.minus(y).dividedByRootTwo(), x.plus(y).dividedByRootTwo());
    }
}

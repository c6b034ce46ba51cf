package org.goldentally.core.geometry;

import org.goldentally.core.measure.Length;

/**
 * How a figure lies on the top: mirrored left to right first, then turned clockwise by quarter turns inside its own box,
 * then, on point, turned by a further 45 degrees about the origin, and moved at last.
 *
 * @param boxWidth width of the figure before it is turned
 * @param boxHeight height of the figure before it is turned
 */
public record Placing(
        Length boxWidth,
        Length boxHeight,
        boolean mirrored,
        int quarterTurns,
        boolean onPoint,
        Length right,
        Length down) {

    public Placing {
        quarterTurns = Math.floorMod(quarterTurns, 4);
    }

    /** As drawn, with its upper left corner at the place given. */
    public static Placing upright(Length boxWidth, Length boxHeight, Length right, Length down) {
        return new Placing(boxWidth, boxHeight, false, 0, false, right, down);
    }

    /** Mirrored, then turned clockwise, with the upper left corner of what comes of it at the place given. */
    public static Placing turned(
            Length boxWidth, Length boxHeight, boolean mirrored, int quarterTurns, Length right, Length down) {
        return new Placing(boxWidth, boxHeight, mirrored, quarterTurns, false, right, down);
    }

    /** The same, moved on. */
    public Placing movedBy(Length dx, Length dy) {
        return new Placing(boxWidth, boxHeight, mirrored, quarterTurns, onPoint, right.plus(dx), down.plus(dy));
    }

    /** The same, turned but not moved. */
    public Placing notMoved() {
        return new Placing(boxWidth, boxHeight, mirrored, quarterTurns, onPoint, Length.ZERO, Length.ZERO);
    }

    /** Width of the box once the figure is turned. */
    public Length turnedWidth() {
        return quarterTurns % 2 == 0 ? boxWidth : boxHeight;
    }

    /** Height of the box once the figure is turned. */
    public Length turnedHeight() {
        return quarterTurns % 2 == 0 ? boxHeight : boxWidth;
    }

    /** An outline as it comes to lie. */
    public Polygon apply(Polygon outline) {
        return outline.map(this::apply);
    }

    /** A point as it comes to lie. */
    public Point apply(Point point) {
        Point turned = turn(point);
        return (onPoint ? turned.turnedHalfRight() : turned).plus(right, down);
    }

    private Point turn(Point point) {
        Length x = mirrored ? boxWidth.minus(point.x()) : point.x();
        Length y = point.y();
        return switch (quarterTurns) {
            case 1 -> new Point(boxHeight.minus(y), x);
            case 2 -> new Point(boxWidth.minus(x), boxHeight.minus(y));
            case 3 -> new Point(y, boxWidth.minus(x));
            default -> new Point(x, y);
        };
    }
}

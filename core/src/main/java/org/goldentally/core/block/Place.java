package org.goldentally.core.block;

import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;
import org.jspecify.annotations.Nullable;

/**
 * A box inside a figure: its own size, and how it came to lie there, one placing inside the other.
 *
 * @param width of the box as seen from inside, before it is turned
 * @param outer the box in which it lies; none for the figure itself
 * @param placing how it lies in that
 */
public record Place(Length width, Length height, @Nullable Place outer, Placing placing) {

    /** The whole figure. */
    static Place filling(Length width, Length height) {
        return new Place(width, height, null, Placing.upright(width, height, Length.ZERO, Length.ZERO));
    }

    /** A smaller box in this one. */
    Place inside(Length x, Length y, Length innerWidth, Length innerHeight) {
        return new Place(innerWidth, innerHeight, this, Placing.upright(innerWidth, innerHeight, x, y));
    }

    /** This box for something that is put in mirrored and turned; its own width and height then change places. */
    Place turned(boolean mirrored, int quarterTurns) {
        boolean upright = quarterTurns % 2 == 0;
        Length innerWidth = upright ? width : height;
        Length innerHeight = upright ? height : width;
        return new Place(
                innerWidth,
                innerHeight,
                this,
                Placing.turned(innerWidth, innerHeight, mirrored, quarterTurns, Length.ZERO, Length.ZERO));
    }

    /** From the box to the figure. */
    Polygon apply(Polygon outline) {
        Polygon placed = placing.apply(outline);
        return outer == null ? placed : outer.apply(placed);
    }

    /** Where the box lies in the figure. */
    public Polygon box() {
        return apply(Polygon.rectangle(Point.ORIGIN, width, height));
    }

    /** Whether what is in it is seen mirrored in the figure. */
    public boolean mirrored() {
        return placing.mirrored() != (outer != null && outer.mirrored());
    }

    /** Quarter turns clockwise in the figure, after mirroring: a mirrored box turns what lies in it the other way. */
    public int quarterTurns() {
        if (outer == null) {
            return placing.quarterTurns();
        }
        int inner = outer.mirrored() ? -placing.quarterTurns() : placing.quarterTurns();
        return Math.floorMod(outer.quarterTurns() + inner, 4);
    }

    Place movedRight(Length by) {
        return outer == null
                ? new Place(width, height, null, placing.movedBy(by, Length.ZERO))
                : new Place(width, height, outer.movedRight(by), placing);
    }
}

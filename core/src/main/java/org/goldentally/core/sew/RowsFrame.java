package org.goldentally.core.sew;

import java.util.List;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.sew.Assembly.Box;

/**
 * The top turned so that its rows lie level: as it is, or, where blocks stand on their corners, turned by 45 degrees
 * clockwise, so that the diagonal row in the upper left comes first. What lies inside the borders begins at the origin.
 */
public record RowsFrame(boolean onPoint, Length dx, Length dy) {

    /** The frame of a top. */
    public static RowsFrame of(QuiltTop top) {
        boolean onPoint = top.design().setting().kind() == SettingDesign.Kind.ON_POINT;
        RowsFrame turned = new RowsFrame(onPoint, Length.ZERO, Length.ZERO);
        List<Point> corners = top.parts().stream()
                .filter(part -> !part.isOfBorder())
                .flatMap(part -> part.outlines().stream())
                .flatMap(outline -> outline.corners().stream())
                .map(turned::apply)
                .toList();
        if (corners.isEmpty()) {
            return turned;
        }
        Box box = Layout.around(corners);
        return new RowsFrame(onPoint, box.left().negated(), box.top().negated());
    }

    Point apply(Point ofTop) {
        return (onPoint ? ofTop.turnedHalfRight() : ofTop).plus(dx, dy);
    }

    /** An outline of the top as it lies here. */
    public Polygon apply(Polygon ofTop) {
        return (onPoint ? ofTop.turnedHalfRight() : ofTop).movedBy(dx, dy);
    }

    /** Quarter turns of a part as it lies here. */
    int quarterTurns(TopPart part) {
        Placing placing = part.placing();
        return Math.floorMod(placing.quarterTurns() + (onPoint && placing.onPoint() ? 1 : 0), 4);
    }
}

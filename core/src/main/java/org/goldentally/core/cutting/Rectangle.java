package org.goldentally.core.cutting;

import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;

/** A rectangle of cloth at its place on the piece it is cut from; {@code x} across, {@code y} along. */
public record Rectangle(Length x, Length y, Length width, Length height) {

    /** Width times height. */
    public Area area() {
        return width.times(height);
    }

    Rectangle transposed() {
        return new Rectangle(y, x, height, width);
    }
}

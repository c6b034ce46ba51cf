package org.goldentally.core.meaning;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.BorderSideDesign.Side;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;

/**
 * The sizes of a border, as they were typed.
 *
 * @param alike of the sides that are like each other
 * @param unlike of the others
 */
public record BorderSizes(SideSizes alike, Map<Side, SideSizes> unlike) {

    /**
     * Of one side.
     *
     * @param width finished; nothing where there is no border, the least one of a spacer
     * @param unitLength how long plain and striped units are along it; nothing is as long as it is wide
     */
    public record SideSizes(Length width, Length unitLength) {}

    public BorderSizes {
        unlike = Map.copyOf(unlike);
    }

    /** Finished width of the sides that are like each other. */
    public Length width() {
        return alike.width();
    }

    /** Sizes of a side; those of all where it is not unlike them. */
    public SideSizes on(Side side) {
        return unlike.getOrDefault(side, alike);
    }

    static BorderSizes of(BorderDesign border, String where, MeasureSystem system, List<Problem> problems) {
        Length width = border.kind() == BorderDesign.Kind.SPACER
                ? TopSizes.read(LengthReader.read(where + ", least width", border.width(), system), problems)
                : TopSizes.wide(where + ", finished width", border.width(), system, problems);
        SideSizes alike = new SideSizes(width, unitLength(border.unitLength(), where, system, problems));
        Map<Side, SideSizes> unlike = new EnumMap<>(Side.class);
        for (BorderSideDesign side : border.unlike()) {
            String place = where + ", " + side.side().words();
            Length wide = side.kind() == BorderSideDesign.Kind.NONE
                    ? Length.ZERO
                    : TopSizes.wide(place + ", finished width", side.width(), system, problems);
            unlike.put(side.side(), new SideSizes(wide, unitLength(side.unitLength(), place, system, problems)));
        }
        return new BorderSizes(alike, unlike);
    }

    private static Length unitLength(String typed, String where, MeasureSystem system, List<Problem> problems) {
        return typed.isBlank() ? Length.ZERO : TopSizes.wide(where + ", finished unit length", typed, system, problems);
    }
}

package org.goldentally.core.cutting.yardage;

import java.util.Comparator;
import java.util.List;
import org.goldentally.core.cutting.yardage.Strip.Segment;
import org.goldentally.core.cutting.yardage.Strip.Stacked;

/** Orders strips and segments by what they are, so that the same plan is laid out the same way each time. */
public final class StripOrder {

    private static final Comparator<Stacked> PIECES = Comparator.comparingInt(Stacked::item)
            .thenComparingInt(Stacked::width)
            .thenComparingInt(Stacked::height);

    /** By size, then by what lies in them. */
    public static final Comparator<Segment> SEGMENTS = Comparator.comparingInt(Segment::width)
            .thenComparingInt(Segment::height)
            .thenComparing(Segment::stack, inTurn(PIECES));

    /** The highest first, equal ones by their segments. */
    public static final Comparator<Strip> HIGHEST_FIRST =
            Comparator.comparingInt(Strip::height).reversed().thenComparing(Strip::segments, inTurn(SEGMENTS));

    private StripOrder() {}

    /** Lists by their first difference; a shorter one first. */
    private static <T> Comparator<List<T>> inTurn(Comparator<T> order) {
        return (one, other) -> {
            for (int i = 0; i < Math.min(one.size(), other.size()); i++) {
                int found = order.compare(one.get(i), other.get(i));
                if (found != 0) {
                    return found;
                }
            }
            return Integer.compare(one.size(), other.size());
        };
    }
}

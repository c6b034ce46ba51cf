package org.goldentally.core.yields;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.unit.PatchworkUnit;

/**
 * How many units of other sizes cover as much as some do, or as a whole top: 800 of 3 in finished are 7,200 square inches, as
 * 588 of 3 1/2 in or 450 of 4 in are (counting: area ÷ area of a unit, rounded up to whole units). Whole rows may want more.
 *
 * @param unit the kind, in any size
 * @param area finished, to be covered
 */
public record SameArea(PatchworkUnit unit, Area area) {

    private static final int LARGEST_INCHES = 12;
    private static final int HALVES_UP_TO_INCHES = 6;
    private static final int LARGEST_CENTIMETRES = 30;
    private static final int EACH_UP_TO_CENTIMETRES = 12;

    /** So many units of a size cover it. */
    public record Row(Length namedSize, long units) {}

    /** As much as so many units of this size. */
    public static SameArea asMuchAs(long units, PatchworkUnit unit) {
        return new SameArea(unit, area(unit).times(units));
    }

    /** In the sizes that are sewn most, the asked one among them, from small to large. */
    public List<Row> rows(MeasureSystem system) {
        return Stream.concat(Stream.of(unit.namedSize()), usualSizes(system))
                .distinct()
                .sorted()
                .map(size -> new Row(size, units(unit.resized(size))))
                .toList();
    }

    private long units(PatchworkUnit other) {
        Length one = Length.inches(1);
        Length times = one.scaledBy(area, area(other));
        long whole = times.wholeTimes(one);
        return times.equals(one.times(whole)) ? whole : whole + 1;
    }

    private static Area area(PatchworkUnit unit) {
        return unit.finishedWidth().times(unit.finishedHeight());
    }

    /** Halves up to 6 in, then whole inches; whole centimetres up to 12, then every third (ours). */
    private static Stream<Length> usualSizes(MeasureSystem system) {
        return system == MeasureSystem.INCH
                ? IntStream.rangeClosed(2, 2 * LARGEST_INCHES)
                        .filter(half -> half % 2 == 0 || half < 2 * HALVES_UP_TO_INCHES)
                        .mapToObj(half -> system.one().times(half).dividedBy(2))
                : IntStream.rangeClosed(2, LARGEST_CENTIMETRES)
                        .filter(each -> each <= EACH_UP_TO_CENTIMETRES || each % 3 == 0)
                        .mapToObj(system.one()::times);
    }
}

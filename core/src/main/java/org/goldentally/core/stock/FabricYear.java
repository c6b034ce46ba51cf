package org.goldentally.core.stock;

import java.time.YearMonth;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiFunction;
import org.goldentally.core.measure.Area;

/**
 * What came to a shelf and what went from it, by month and by fabric, read off all that was done to it. For each fabric what came
 * less what was cut, trimmed away and taken off is what lies there, exactly.
 *
 * @param months those in which anything happened, in order
 * @param fabrics in the order in which they came
 */
public record FabricYear(List<Month> months, List<OfFabric> fabrics) {

    /**
     * Something that was done to the shelf.
     *
     * @param cuts whether fabric was cut and put away by it; else it came, was corrected or went
     */
    public record Act(YearMonth month, boolean cuts, List<Change> changes) {
        public Act {
            changes = List.copyOf(changes);
        }
    }

    /**
     * How much lay there of a fabric in one line of the shelf, before an act and after it.
     *
     * @param cutPieces whether the line is of pieces that are cut for a quilt
     */
    public record Change(String fabric, boolean cutPieces, Area before, Area after) {
        Area more() {
            return after.minus(before);
        }
    }

    /**
     * Sums of areas.
     *
     * @param came bought, found, put back
     * @param cut for quilts
     * @param trimmed away when it was cut
     * @param takenOff corrected, given away, used up otherwise
     */
    public record Sums(Area came, Area cut, Area trimmed, Area takenOff) {

        /** Nothing yet. */
        public static final Sums NONE = new Sums(Area.ZERO, Area.ZERO, Area.ZERO, Area.ZERO);

        Sums and(Sums other) {
            return new Sums(
                    came.plus(other.came),
                    cut.plus(other.cut),
                    trimmed.plus(other.trimmed),
                    takenOff.plus(other.takenOff));
        }

        /** What came and did not go. */
        public Area left() {
            return came.minus(cut).minus(trimmed).minus(takenOff);
        }
    }

    /** All fabrics in one month. */
    public record Month(YearMonth month, Sums sums) {}

    /** One fabric over all months. */
    public record OfFabric(String fabric, Sums sums) {}

    /** Read off acts in the order in which they were done. */
    public static FabricYear of(List<Act> acts) {
        Map<YearMonth, Sums> months = new TreeMap<>();
        Map<String, Sums> fabrics = new LinkedHashMap<>();
        for (Act act : acts) {
            Map<String, List<Change>> byFabric = new LinkedHashMap<>();
            act.changes()
                    .forEach(change -> byFabric.computeIfAbsent(change.fabric(), any -> new ArrayList<>())
                            .add(change));
            byFabric.forEach((fabric, changes) -> {
                Sums sums = act.cuts() ? cutUp(changes) : cameOrWent(changes);
                BiFunction<Sums, Sums, Sums> and = Sums::and;
                months.merge(act.month(), sums, and);
                fabrics.merge(fabric, sums, and);
            });
        }
        return new FabricYear(
                months.entrySet().stream()
                        .map(each -> new Month(each.getKey(), each.getValue()))
                        .toList(),
                fabrics.entrySet().stream()
                        .map(each -> new OfFabric(each.getKey(), each.getValue()))
                        .toList());
    }

    /** What was bought to be cut never lay on the shelf: it came with the act, as much as was cut of it and is left. */
    private static Sums cutUp(List<Change> changes) {
        Area cut = changes.stream().filter(Change::cutPieces).map(Change::more).reduce(Area.ZERO, Area::plus);
        Area more = whole(changes);
        Area trimmed = Area.ZERO.minus(more).minus(cut);
        return trimmed.isNegative()
                ? new Sums(cut.plus(more), cut, Area.ZERO, Area.ZERO)
                : new Sums(Area.ZERO, cut, trimmed, Area.ZERO);
    }

    private static Sums cameOrWent(List<Change> changes) {
        Area more = whole(changes);
        return more.isNegative()
                ? new Sums(Area.ZERO, Area.ZERO, Area.ZERO, Area.ZERO.minus(more))
                : new Sums(more, Area.ZERO, Area.ZERO, Area.ZERO);
    }

    /** Of what is not cut. */
    private static Area whole(List<Change> changes) {
        return changes.stream()
                .filter(change -> !change.cutPieces())
                .map(Change::more)
                .reduce(Area.ZERO, Area::plus);
    }
}

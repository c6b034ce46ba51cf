package org.goldentally.core.meaning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Reading;

/**
 * The square rulers at hand, for trimming units true: {@code 12 1/2, 6 1/2 by 1/4} is one of 12 1/2 in with the marks that
 * the quilt is cut by, and one of 6 1/2 in with quarters only.
 */
public record SquareRulers(List<Ruler> rulers) {

    /** Nothing is said, so nothing is missed. */
    public static final SquareRulers NOT_SAID = new SquareRulers(List.of());

    private static final Pattern BETWEEN_RULERS = Pattern.compile(";|,(?=\\s|$)|\\band\\b");
    private static final Pattern BY = Pattern.compile("\\bby\\b");
    private static final String WHERE = "Square rulers";

    /** A square ruler. */
    public record Ruler(Length side, Grid marks) {}

    public SquareRulers {
        rulers = List.copyOf(rulers);
    }

    /** @param usual the marks of a ruler of which nothing else is said */
    static Reading<SquareRulers> read(String typed, MeasureSystem system, Grid usual) {
        List<Ruler> rulers = new ArrayList<>();
        Reading<SquareRulers> all = Reading.of(NOT_SAID);
        for (String each : BETWEEN_RULERS.split(typed.toLowerCase(Locale.ROOT))) {
            if (!each.isBlank()) {
                all = all.then(before -> ruler(each.strip(), system, usual).then(ruler -> {
                    rulers.add(ruler);
                    return Reading.of(new SquareRulers(rulers));
                }));
            }
        }
        return all;
    }

    private static Reading<Ruler> ruler(String typed, MeasureSystem system, Grid usual) {
        String[] parts = BY.split(typed, 2);
        return LengthReader.readPositive(WHERE, parts[0].strip(), system).then(side -> {
            if (parts.length == 1) {
                return Reading.of(new Ruler(side, usual));
            }
            return LengthReader.readPositive(WHERE + ", marks", parts[1].strip(), system)
                    .then(step ->
                            marks(parts[1].strip(), step, system).then(marks -> Reading.of(new Ruler(side, marks))));
        });
    }

    private static Reading<Grid> marks(String typed, Length step, MeasureSystem system) {
        return system.grids().stream()
                .filter(grid -> grid.step().equals(step))
                .findFirst()
                .<Reading<Grid>>map(Reading::of)
                .orElseGet(() -> Reading.refused(
                        WHERE,
                        "marks every “" + typed + "” are on no ruler that is known here",
                        "say by "
                                + String.join(
                                        " or by ",
                                        system.grids().stream().map(Grid::label).toList())));
    }

    /**
     * Why none of them trims a unit to this size; empty where one does, or where none is named.
     *
     * @param fromTheCentre whether it is trimmed from its centre, so that half of it is set on the ruler
     */
    public Optional<String> cannotTrim(Length width, Length height, boolean fromTheCentre, MeasureSystem system) {
        Length longer = Length.max(width, height);
        List<Ruler> reaching =
                rulers.stream().filter(ruler -> ruler.side().isAtLeast(longer)).toList();
        if (rulers.isEmpty()) {
            return Optional.empty();
        }
        if (reaching.isEmpty()) {
            Length largest = rulers.stream()
                    .map(Ruler::side)
                    .max(Comparator.naturalOrder())
                    .orElseThrow();
            return Optional.of(system.writer().writeWithUnit(longer) + " is more than your largest square ruler, "
                    + system.writer().writeWithUnit(largest));
        }
        List<Length> set = fromTheCentre
                ? List.of(width, height, width.dividedBy(2), height.dividedBy(2))
                : List.of(width, height);
        Optional<Length> off = set.stream()
                .filter(size -> reaching.stream().noneMatch(ruler -> size.isOn(ruler.marks())))
                .findFirst();
        return off.map(
                size -> system.writer().writeWithUnit(size) + " is on no mark of your square rulers that reach it");
    }
}

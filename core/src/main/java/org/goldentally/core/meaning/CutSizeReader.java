package org.goldentally.core.meaning;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.OwnCut;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Reading;

/** Reads how large pieces are cut: {@code exact}, {@code 5 1/2}, {@code raw 5}. */
final class CutSizeReader {

    private static final String WHERE = "Cut size";
    private static final String RAW = "raw";

    private CutSizeReader() {}

    static Reading<OwnCut> read(String typed, MeasureSystem system, Grid grid) {
        String tidy = typed.strip().toLowerCase(Locale.ROOT);
        Optional<Allowance> school = Arrays.stream(Allowance.values())
                .filter(each -> each.label().equals(tidy))
                .findFirst();
        if (school.isPresent()) {
            return Reading.of(new OwnCut.BySchool(school.get()));
        }
        if (tidy.startsWith(RAW)) {
            return LengthReader.readPositive(WHERE + ", raw", tidy.substring(RAW.length()), system)
                    .then(size -> Reading.of(new OwnCut.Raw(size)));
        }
        return LengthReader.readPositive(WHERE, tidy, system).then(size -> onMarks(typed.strip(), size, system, grid));
    }

    private static Reading<OwnCut> onMarks(String typed, Length size, MeasureSystem system, Grid grid) {
        return size.isOn(grid)
                ? Reading.of(new OwnCut.Cut(size))
                : Reading.refused(
                        WHERE,
                        "“" + typed + "” lies between the marks of your ruler, every " + grid.label(),
                        "cut " + system.writer().writeWithUnit(size.roundedUpTo(grid))
                                + ", or choose a ruler with finer marks");
    }
}

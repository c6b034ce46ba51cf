package org.goldentally.app.shelf;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.stock.FabricYear;
import org.goldentally.core.stock.FabricYear.Sums;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What came to the shelf and what went from it, by month and by fabric. */
@RestController
@RequestMapping("/api/shelf")
class YearController {

    private static final int INCHES_IN_A_YARD = 36;
    private static final List<String> COLUMNS = List.of("of", "unit", "came", "cut", "trimmed", "taken off", "left");

    private final FabricActs acts;

    YearController(FabricActs acts) {
        this.acts = acts;
    }

    /**
     * The year in fabric.
     *
     * @param unit what its figures are in, such as {@code yd of fabric 42 in wide}
     */
    record YearView(String unit, List<FabricRowView> months, List<FabricRowView> fabrics) {}

    /** Figures are for showing: the areas are exact, these have one decimal. */
    record FabricRowView(String what, double came, double cut, double trimmed, double takenOff, double left) {}

    @GetMapping("/year")
    YearView year(@RequestParam(defaultValue = "INCH") MeasureSystem system) {
        FabricYear year = FabricYear.of(acts.all());
        Area unit = unit(system);
        return new YearView(
                (system == MeasureSystem.INCH ? "yd" : "m") + " of fabric "
                        + system.writer().writeWithUnit(UsualSizes.of(system).widthOfFabric()) + " wide",
                year.months().stream()
                        .map(each -> row(each.month().toString(), each.sums(), unit))
                        .toList(),
                year.fabrics().stream()
                        .map(each -> row(each.fabric(), each.sums(), unit))
                        .toList());
    }

    /** The same as a table, months first. */
    @GetMapping(path = "/year.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> table(@RequestParam(defaultValue = "INCH") MeasureSystem system) {
        YearView year = year(system);
        List<List<String>> rows = Stream.concat(year.months().stream(), year.fabrics().stream())
                .map(row -> List.of(
                        row.what(),
                        year.unit(),
                        written(row.came()),
                        written(row.cut()),
                        written(row.trimmed()),
                        written(row.takenOff()),
                        written(row.left())))
                .toList();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=year-in-fabric.csv")
                .body(CsvTable.write(COLUMNS, rows));
    }

    private static String written(double figure) {
        return String.format(Locale.ROOT, "%.1f", figure);
    }

    /** A yard, or a metre, of fabric of the usual width. */
    private static Area unit(MeasureSystem system) {
        Length length = system == MeasureSystem.INCH ? Length.inches(INCHES_IN_A_YARD) : Length.centimetres(100, 0, 1);
        return UsualSizes.of(system).widthOfFabric().times(length);
    }

    private static FabricRowView row(String what, Sums sums, Area unit) {
        return new FabricRowView(
                what,
                figure(sums.came(), unit),
                figure(sums.cut(), unit),
                figure(sums.trimmed(), unit),
                figure(sums.takenOff(), unit),
                figure(sums.left(), unit));
    }

    private static double figure(Area area, Area unit) {
        return Math.round(area.percentOf(unit) / 10) / 10.0;
    }
}

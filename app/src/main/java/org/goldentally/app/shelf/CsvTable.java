package org.goldentally.app.shelf;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.goldentally.app.text.CleanText;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;

/** Tables as comma separated text with a heading line (RFC 4180). */
public final class CsvTable {

    private static final int MOST_ROWS = 20_000;
    private static final String MARK = "'";
    private static final Pattern FORMULA = Pattern.compile("[=+@\\t\\r-]");

    private CsvTable() {}

    /** @throws RefusedException if this is no such table, or a column is missing */
    static List<CSVRecord> read(String where, String text, List<String> columns) {
        String table = withoutMark(text);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(table))
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .setIgnoreHeaderCase(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(table), format)) {
            List<String> missing = columns.stream()
                    .filter(column -> !parser.getHeaderMap().containsKey(column))
                    .toList();
            if (!missing.isEmpty()) {
                throw new RefusedException(new Problem(
                        where + ", line 1",
                        "there is no column named " + String.join(", ", missing),
                        "the first line names the columns: " + String.join(",", columns)));
            }
            List<CSVRecord> rows = parser.stream().limit(MOST_ROWS + 1L).toList();
            if (rows.size() > MOST_ROWS) {
                throw new RefusedException(
                        new Problem(where, "it has more than " + MOST_ROWS + " lines", "bring it in in several files"));
            }
            return rows;
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException broken) {
            throw new RefusedException(new Problem(
                    where,
                    "it cannot be read as a table of text separated by commas or semicolons",
                    "save it as CSV, with a first line that names the columns: " + String.join(",", columns)));
        }
    }

    /** Where a comma is the decimal point, tables are written with semicolons: the heading line shows which it is. */
    private static char delimiter(String table) {
        String heading =
                table.lines().filter(line -> !line.isBlank()).findFirst().orElse("");
        long semicolons = heading.chars().filter(sign -> sign == ';').count();
        long tabs = heading.chars().filter(sign -> sign == '\t').count();
        long commas = heading.chars().filter(sign -> sign == ',').count();
        return semicolons > Math.max(commas, tabs) ? ';' : tabs > commas ? '\t' : ',';
    }

    /** Some programs put an invisible mark before the first letter. */
    private static String withoutMark(String text) {
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    /** What begins like a formula is marked as text, so that a spreadsheet shows it and does not work it out. */
    private static String noFormula(String cell) {
        return FORMULA.matcher(cell).lookingAt() ? MARK + cell : cell;
    }

    /** A cell as it was before {@link #noFormula}. */
    static String cell(CSVRecord row, String column) {
        String cell = row.isSet(column) ? CleanText.line(row.get(column)).strip() : "";
        return cell.startsWith(MARK) && FORMULA.matcher(cell.substring(1)).lookingAt() ? cell.substring(1) : cell;
    }

    /** Writes a table by RFC 4180, which {@link #read} reads again. */
    public static String write(List<String> columns, List<List<String>> rows) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(columns);
            for (List<String> row : rows) {
                printer.printRecord(row.stream().map(CsvTable::noFormula).toList());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }
}

package org.goldentally.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.apache.commons.csv.CSVRecord;
import org.goldentally.core.problem.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Tables as RFC 4180 has them, and as programs write them all the same. */
class CsvTableTest {

    private static final List<String> COLUMNS = List.of("cloth", "count");

    @ParameterizedTest
    @ValueSource(
            strings = {
                "cloth,count\noat,3\n",
                "\uFEFFcloth,count\r\noat,3\r\n",
                "cloth;count\noat;3",
                "cloth\tcount\noat\t3",
                "Cloth,COUNT\n\n oat , 3 \n"
            })
    void commasSemicolonsAndTabsAreToldByTheHeading(String text) {
        List<CSVRecord> rows = CsvTable.read("File", text, COLUMNS);
        assertThat(rows).hasSize(1);
        assertThat(CsvTable.cell(rows.getFirst(), "cloth")).isEqualTo("oat");
        assertThat(CsvTable.cell(rows.getFirst(), "count")).isEqualTo("3");
        assertThat(CsvTable.cell(rows.getFirst(), "colour")).isEmpty();
    }

    /** What begins like a formula is text to a spreadsheet, and comes back as it was; so does what was marked by hand. */
    @ParameterizedTest
    @ValueSource(strings = {"=1+2", "+oat", "-oat", "@oat", "'oat", "oat, \"the\" best", "o'at", "'"})
    void aCellComesBackAsItWas(String cell) {
        String text = CsvTable.write(COLUMNS, List.of(List.of(cell, "3")));
        CSVRecord row = CsvTable.read("File", text, COLUMNS).getFirst();
        assertThat(CsvTable.cell(row, "cloth")).isEqualTo(cell);
        if ("=+-@".indexOf(cell.charAt(0)) >= 0) {
            assertThat(text).contains("'" + cell);
        }
    }

    @Test
    void whatIsNoTableIsRefused() {
        assertThatThrownBy(() -> CsvTable.read("File", "cloth\noat\n", COLUMNS))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("there is no column named count");
        assertThatThrownBy(() -> CsvTable.read("File", "cloth,count\n\"oat,3\n", COLUMNS))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("it cannot be read as a table");
        assertThatThrownBy(() -> CsvTable.read("File", "cloth,count\n" + "oat,3\n".repeat(20_001), COLUMNS))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("more than 20000 lines");
    }
}

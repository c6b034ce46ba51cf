package org.goldentally.core.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.goldentally.core.chance.Written;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is typed about one unit, and what every kind of unit is asked for. */
class TypedUnitTest {

    @Test
    void everyKindIsReadAsItIsCalled() {
        List<String> lines = new ArrayList<>();
        for (UnitKind kind : UnitKind.values()) {
            lines.add("= " + kind.label() + ", " + kind.sizeLabel());
            lines.add("  alone " + kind.standsAlone() + ", in blocks " + kind.goesIntoBlocks() + ", height "
                    + kind.hasHeight() + ", corner " + kind.hasCorner() + ", of any length " + kind.isOfAnyLength()
                    + ", wants " + kind.wants());
            lines.add("  counted " + kind.counted() + ", in blocks " + kind.countedInBlocks() + ", usually "
                    + kind.usualCount() + ", of 99 " + kind.withinCounts(99) + ", of 2 " + kind.withinCounts(2));
            lines.add("  fits 2 x 2 " + kind.fits(Length.inches(2), Length.inches(2)) + ", 2 x 1 "
                    + kind.fits(Length.inches(2), Length.inches(1)) + ", 3 x 1 "
                    + kind.fits(Length.inches(3), Length.inches(1)) + "; in a row of 2 "
                    + kind.lengthInRow(Length.inches(2), 0) + ", turned " + kind.lengthInRow(Length.inches(2), 1));
            if (kind != UnitKind.BLOCK) {
                lines.add("  typed " + new TypedUnit(kind, "4", "6", "1 1/2", 3).read(MeasureSystem.INCH));
            }
            if (kind.goesIntoBlocks() && kind != UnitKind.BLOCK) {
                lines.add("  patches " + kind.patches(2) + ", in a cell "
                        + kind.unit(Length.inches(4), Length.inches(2), 2, 1, 4, List.of("a", "b", "a", "c")));
            }
        }
        Written.as("units.txt", lines);
    }

    @Test
    void quartersThatFaceEachOtherMakeTheHourglass() {
        for (String each : List.of("abab 2", "abac 3", "abcb 3", "abcd 4", "aabb 4", "ab 2")) {
            List<String> cloths = Arrays.asList(each.split(" ")[0].split(""));
            assertThat(UnitKind.HOURGLASS.unit(Length.inches(2), Length.inches(2), 0, 0, 0, cloths))
                    .hasFieldOrPropertyWithValue("cloths", Integer.parseInt(each.split(" ")[1]));
        }
    }

    /** Corners that share a side must leave room for each other: half of the width for two, of the height for three. */
    @ParameterizedTest
    @CsvSource({"6, 4, 1, 4", "6, 4, 2, 3", "6, 4, 4, 2", "4, 6, 2, 2", "4, 6, 3, 2"})
    void theLargestCornerIsSaid(String width, String height, int corners, String most) {
        assertThat(new TypedUnit(UnitKind.CORNER_FLIP, width, height, most, corners).read(MeasureSystem.INCH))
                .isNotNull();
        assertThatThrownBy(() -> new TypedUnit(UnitKind.CORNER_FLIP, width, height, most + " 1/8", corners)
                        .read(MeasureSystem.INCH))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(most + " 1/8 in is too large");
    }

    @Test
    void whatIsNoUnitIsRefusedWithItsPlace() {
        assertThatThrownBy(() -> new TypedUnit(UnitKind.BLOCK, "4", "", "", 0).read(MeasureSystem.INCH))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("a smaller block is no unit");
        assertThatThrownBy(() -> new TypedUnit(UnitKind.PLAIN, "wide", "-2", "", 0).read(MeasureSystem.INCH))
                .isInstanceOf(RefusedException.class)
                .satisfies(refused ->
                        assertThat(((RefusedException) refused).problems()).hasSize(2));
        assertThatThrownBy(() -> new TypedUnit(UnitKind.HOURGLASS, "4", "", "", 7).read(MeasureSystem.INCH))
                .isInstanceOf(RefusedException.class);
        assertThat(new TypedUnit(UnitKind.PLAIN, "4", " ", "", 0)
                        .read(MeasureSystem.INCH)
                        .finishedHeight())
                .isEqualTo(Length.inches(4));
    }
}

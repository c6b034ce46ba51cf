package org.goldentally.core.design;

import java.util.List;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;

/**
 * Strips between the blocks.
 *
 * @param width finished, as typed; empty is no sashing
 * @param units what a strip is made of, taking turns along it; a single plain piece fills it whole
 * @param cornerstones key of the cloth of the squares between the strips; empty lets long strips run between the rows
 * @param around whether it runs round the outside too
 * @param between where it lies: between rows of blocks only, each strip is as long as the rows
 */
public record SashingDesign(
        @LeftOut("\"\"") String width,
        @LeftOut("[]") List<UnitDesign> units,
        @LeftOut("\"\"") String cornerstones,
        @LeftOut("false") boolean around,
        @LeftOut("\"BOTH\"") Between between) {

    /** What it parts from each other. */
    public enum Between {
        BOTH("between blocks and rows"),
        ROWS("between rows only"),
        COLUMNS("between the blocks of a row only");

        private final String words;

        Between(String words) {
            this.words = words;
        }

        /** As on the page: {@code between rows only}. */
        public String words() {
            return words;
        }

        /** Whether there are strips between the blocks of a row. */
        public boolean partsColumns() {
            return this != ROWS;
        }

        /** Whether there are strips between the rows. */
        public boolean partsRows() {
            return this != COLUMNS;
        }
    }

    public static final SashingDesign NONE = new SashingDesign("", List.of(), "", false);

    /** Between blocks and rows. */
    public SashingDesign(String width, List<UnitDesign> units, String cornerstones, boolean around) {
        this(width, units, cornerstones, around, Between.BOTH);
    }

    public SashingDesign {
        Limits.text(width, 40, "width");
        Limits.list(units, 24, "units");
        Limits.text(cornerstones, 60, "cornerstones");
        units = List.copyOf(units);
    }

    /** Whether there is none: no width is typed. */
    public boolean unwanted() {
        return width.isBlank();
    }
}

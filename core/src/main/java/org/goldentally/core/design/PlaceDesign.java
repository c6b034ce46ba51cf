package org.goldentally.core.design;

import java.util.List;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;

/**
 * A place of the top that differs from what the setting says. Rows and columns count from 0.
 *
 * @param block key of the block there; empty for the setting's own
 * @param exchanges cloths that are others here than in the block
 * @param locked whether it stays as it is when free places are laid out anew
 */
public record PlaceDesign(
        int row,
        int column,
        @LeftOut("\"\"") String block,
        @LeftOut("0") int quarterTurns,
        @LeftOut("false") boolean mirrored,
        @LeftOut("[]") List<Exchange> exchanges,
        @LeftOut("false") boolean locked) {

    /** A place that may be laid out anew. */
    public PlaceDesign(
            int row, int column, String block, int quarterTurns, boolean mirrored, List<Exchange> exchanges) {
        this(row, column, block, quarterTurns, mirrored, exchanges, false);
    }

    /** The same with other cloths. */
    public PlaceDesign with(List<Exchange> others) {
        return new PlaceDesign(row, column, block, quarterTurns, mirrored, others, locked);
    }

    /** One cloth for another, by their keys. */
    public record Exchange(String from, String to) {
        public Exchange {
            Limits.text(from, 60, "from");
            Limits.text(to, 60, "to");
        }
    }

    public PlaceDesign {
        Limits.between(row, 0, 1_000, "row");
        Limits.between(column, 0, 1_000, "column");
        Limits.text(block, 60, "block");
        Limits.list(exchanges, 200, "exchanges");
        quarterTurns = Math.floorMod(quarterTurns, 4);
        exchanges = List.copyOf(exchanges);
    }
}

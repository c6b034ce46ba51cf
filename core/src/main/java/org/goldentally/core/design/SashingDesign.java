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
 */
public record SashingDesign(
        @LeftOut("\"\"") String width,
        @LeftOut("[]") List<UnitDesign> units,
        @LeftOut("\"\"") String cornerstones,
        @LeftOut("false") boolean around) {

    public static final SashingDesign NONE = new SashingDesign("", List.of(), "", false);

    public SashingDesign {
        Limits.text(width, 40, "width");
        Limits.list(units, 24, "units");
        Limits.text(cornerstones, 60, "cornerstones");
        units = List.copyOf(units);
    }

    public boolean unwanted() {
        return width.isBlank();
    }
}

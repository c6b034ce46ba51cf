package org.goldentally.core.tally;

import java.util.List;
import org.goldentally.core.measure.Area;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PiecingMethod;
import org.goldentally.core.piecing.Recipe;
import org.goldentally.core.piecing.Working;

/**
 * How a group of equal units or pieces is made: 160 half-square triangles eight at a time are 20 pairs, none spare.
 *
 * @param key of the group: what it is and its cloths; the same for all methods
 * @param cloths key of the cloth of each patch
 * @param needed units the top needs, both hands together
 * @param left of these, left hands, where hands differ
 * @param sets runs of the method; they round up, by hand too, since half a pair makes nothing
 * @param made units that these give
 */
public record UnitPlan(
        String key,
        String label,
        PatchworkUnit unit,
        List<String> cloths,
        long needed,
        long left,
        long right,
        PiecingMethod method,
        Recipe recipe,
        long sets,
        long made,
        List<ClothCut> cuts,
        List<Working> workings) {

    public long spare() {
        return made - needed;
    }

    /** Cloth that is cut for it. */
    public Area clothCut() {
        return cuts.stream().map(ClothCut::area).reduce(Area.ZERO, Area::plus);
    }
}

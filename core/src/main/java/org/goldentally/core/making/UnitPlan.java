package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.formula.Working;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.unit.PatchworkUnit;

/**
 * How a group of equal units or pieces is made: 160 half-square triangles eight at a time are 20 pairs, none spare.
 *
 * @param key of the group: what it is and its cloths; the same for all methods
 * @param name of the units without their size
 * @param cloths key of the cloth of each patch
 * @param needed units the top needs, both hands together
 * @param extra made beyond that for mishaps, as the quilter asked
 * @param left of these, left hands, where hands differ
 * @param sets runs of the method; they round up, by hand too, since half a pair makes nothing
 * @param made units that these give
 */
public record UnitPlan(
        UnitsKey key,
        String name,
        String label,
        PatchworkUnit unit,
        List<String> cloths,
        long needed,
        long extra,
        long left,
        long right,
        PiecingMethod method,
        Recipe recipe,
        long sets,
        long made,
        List<ClothCut> cuts) {

    /** How each figure came about; put into words only when asked, since most plans are only compared. */
    public List<Working> workings() {
        List<Working> workings = new ArrayList<>(recipe.workings());
        boolean handed = recipe.hands().differ() && left + right > 0;
        workings.add(new Working(
                "How many " + recipe.setWord(2),
                handed
                        ? left + " left and " + right + " right"
                                + (extra > 0 ? ", and " + extra + " for mishaps" : "") + "; " + oneSet()
                                + " gives "
                                + recipe.hands().left() + " and "
                                + recipe.hands().right() + ": " + sets
                        : (extra > 0 ? "(" + needed + " + " + extra + " for mishaps)" : "" + needed) + " ÷ "
                                + recipe.unitsPerSet() + " a " + recipe.setWord(1)
                                + ", rounded up to whole ones: " + sets));
        workings.add(new Working(
                "Spare", sets + " × " + recipe.unitsPerSet() + " made − " + needed + " needed = " + spare()));
        return workings;
    }

    private String oneSet() {
        boolean named = recipe.setWord(1).equals(recipe.setName());
        return named ? "a " + recipe.setName() : "a set (" + recipe.setName() + ")";
    }

    /** Made beyond what the top needs, those for mishaps among them. */
    public long spare() {
        return made - needed;
    }

    /**
     * A sewn end that is left of each set.
     *
     * @param width across the strips, as sewn
     */
    public record SetEnd(long count, Length length, Length width) {}

    /** Ends of strip sets that are worth keeping: sewn already, so that no cloth's account has them. */
    public Optional<SetEnd> setEnds() {
        return recipe.setEnd()
                .filter(end -> end.isAtLeast(PieceLayout.WORTH_KEEPING))
                .map(end -> new SetEnd(sets, end, recipe.sizes().rawHeight()));
    }

    /** Cloth that is cut for it. */
    public Area clothCut() {
        return cuts.stream().map(ClothCut::area).reduce(Area.ZERO, Area::plus);
    }
}

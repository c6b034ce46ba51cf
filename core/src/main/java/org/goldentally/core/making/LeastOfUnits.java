package org.goldentally.core.making;

import java.util.LinkedHashMap;
import java.util.Map;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.Chain;
import org.goldentally.core.method.CutPiece;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.method.StripSetCut;
import org.goldentally.core.method.StripSetTriangles;
import org.goldentally.core.unit.ClothRole;

/**
 * What a group made by one way takes at the very least, whatever it shares with others: the part of a set that its units
 * are, nothing rounded up (counting). A square of two triangles is half taken by each unit that wants one.
 *
 * @param way any plan by that way
 * @param recipe by the school that takes least
 */
public record LeastOfUnits(UnitPlan way, Recipe recipe) {

    /** Cloth cut of each cloth, by its key, so many times. */
    public record Cloth(Map<String, Area> times, long dividedBy) {
        /** In square inches, a little low rather than high. */
        public double squareInches(String cloth) {
            Area area = times.get(cloth);
            return area == null ? 0 : area.toDoubleSquareInches() / dividedBy;
        }
    }

    private long units() {
        return way.needed() + way.extra();
    }

    /** Cloth that is cut. */
    public Cloth cloth() {
        Map<String, Area> areas = new LinkedHashMap<>();
        if (way.method() instanceof Chain) {
            Area square = area(recipe.cuts().getFirst());
            add(areas, way.wanted().cloth(ClothRole.A), square.times(units()));
            add(areas, way.wanted().cloth(ClothRole.B), square.times(units()));
            return new Cloth(areas, 2);
        }
        long divisor = 1;
        for (CutPiece cut : recipe.cuts()) {
            divisor *= patches(cut);
        }
        for (CutPiece cut : recipe.cuts()) {
            long all = patches(cut);
            for (Map.Entry<String, Integer> cloth :
                    way.wanted().clothsOf(cut.role()).entrySet()) {
                add(
                        areas,
                        cloth.getKey(),
                        area(cut).times(cut.perSet()).times(units()).times(cloth.getValue() * (divisor / all)));
            }
        }
        return new Cloth(areas, divisor * mostUnitsPerSet());
    }

    /** Of two strip sets of an odd number of triangles, one unit more than the two give by themselves. */
    private long mostUnitsPerSet() {
        return switch (way.method()) {
            case StripSetCut segments -> 1;
            case StripSetTriangles triangles -> recipe.unitsPerSet() + 1L;
            default -> recipe.unitsPerSet();
        };
    }

    private long patches(CutPiece cut) {
        return Math.max(
                1,
                way.wanted().clothsOf(cut.role()).values().stream()
                        .mapToInt(Integer::intValue)
                        .sum());
    }

    private static void add(Map<String, Area> areas, String cloth, Area area) {
        areas.merge(cloth, area, Area::plus);
    }

    /** Of a strip that segments are cut from, what one segment takes. */
    private Area area(CutPiece cut) {
        return way.method() instanceof StripSetCut
                ? cut.size().height().times(recipe.sizes().rawWidth())
                : cut.size().width().times(cut.size().height());
    }

    /** Pieces that are cut. */
    public double pieces() {
        if (sharesStrips()) {
            return 0;
        }
        long perSet = recipe.cuts().stream().mapToLong(CutPiece::perSet).sum();
        return way.method() instanceof Chain ? units() : (double) perSet * units() / recipe.unitsPerSet();
    }

    private boolean sharesStrips() {
        return SharedSets.shares(way.method()) && !(way.method() instanceof Chain);
    }

    /** Sets that are laid, marked and pressed. */
    public double sets() {
        return SharedSets.shares(way.method()) || seams().isZero() ? 0 : (double) units() / recipe.unitsPerSet();
    }

    /** Cuts between seams. */
    public double sewingCuts() {
        return SharedSets.shares(way.method()) ? 0 : (double) recipe.sewing().cuts() * units() / recipe.unitsPerSet();
    }

    /** Seams, of those that are sewn for these units alone. */
    public Length seams() {
        return SharedSets.shares(way.method())
                ? Length.ZERO
                : recipe.sewing().seamLength().times(units()).dividedBy(recipe.unitsPerSet());
    }

    /** Units with bias edges. */
    public double biasUnits() {
        return way.hasBias() ? (double) way.needed() : 0;
    }

    /** Units that have to be trimmed, whatever the school. */
    public long trimmed() {
        return recipe.sizes().needsTrimming() && !way.unit().isTriangle() ? units() : 0;
    }
}

package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Expression;
import org.goldentally.core.formula.Factor;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangle;
import org.goldentally.core.unit.PatchworkUnit.SideSettingTriangle;

/**
 * Loose triangles cut from squares: quarter triangles and side setting triangles on both diagonals, four a square, with
 * the long side on the straight grain; corner setting triangles on one diagonal, two a square, with the short sides on it.
 */
public final class LooseTriangles implements PiecingMethod {

    /** Cut on both diagonals; the long side of each triangle is a side of the square: 4 in -> 5 1/4 in. */
    static final Formula QUARTER = Formula.cut(
            "square for loose quarter triangles",
            Expression.figure(Input.LONG_SIDE).plus(Rules.SEAM.times(Factor.TWO_AND_TWO_ROOTS)));

    /** A side setting triangle's long side is the diagonal of the block it stands beside: block 12 in -> 18 1/4 in. */
    static final Formula SIDE = Formula.cut(
            "square for side setting triangles",
            Expression.figure(Input.BLOCK).times(Factor.ROOT_TWO).plus(Rules.SEAM.times(Factor.TWO_AND_TWO_ROOTS)));

    /** A corner setting triangle's long side is the block's side, so its short sides are that over √2. */
    static final Formula CORNER = Formula.cut(
            "square for corner setting triangles",
            Expression.figure(Input.BLOCK).dividedByRootTwo().plus(Rules.SEAM.times(Factor.TWO_AND_ROOT_TWO)));

    @Override
    public MethodId id() {
        return MethodId.LOOSE_TRIANGLES;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof QuarterSquareTriangle
                || unit instanceof SideSettingTriangle
                || unit instanceof CornerSettingTriangle;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        return unit instanceof CornerSettingTriangle corner ? corner(corner, settings) : quarters(unit, settings);
    }

    private static Recipe quarters(PatchworkUnit unit, SewingSettings settings) {
        Length longSide = unit.finishedWidth();
        boolean ofBlock = unit instanceof SideSettingTriangle;
        CutRule rule = new CutRule(
                        "Cut square",
                        ofBlock ? SIDE : QUARTER,
                        Sizes.figures(ofBlock ? Input.BLOCK : Input.LONG_SIDE, unit.namedSize(), settings),
                        Sizes.roomForLooseTriangle(settings))
                .orOwn(settings);
        Length cut = rule.cut(settings);
        return triangles(rule, cut, 4, 2, OuterEdges.MIXED, settings)
                .sizes(UnitSizes.untrimmed(cut, cut.dividedBy(2), longSide, unit.finishedHeight()))
                .because(
                        "Triangles",
                        () -> "the square is cut on both diagonals: 4, the long side of each on the straight grain")
                .build();
    }

    private static Recipe corner(CornerSettingTriangle unit, SewingSettings settings) {
        CutRule rule = new CutRule(
                        "Cut square",
                        CORNER,
                        Sizes.figures(Input.BLOCK, unit.namedSize(), settings),
                        Sizes.roomForLooseTriangle(settings))
                .orOwn(settings);
        Length cut = rule.cut(settings);
        return triangles(rule, cut, 2, 1, OuterEdges.MIXED, settings)
                .sizes(UnitSizes.untrimmed(cut, cut, unit.finishedWidth(), unit.finishedHeight()))
                .because(
                        "Triangles",
                        () -> "the square is cut on one diagonal: 2, the short sides of each on the straight grain")
                .build();
    }

    private static Recipe.Builder triangles(
            CutRule rule, Length cut, int count, int cuts, OuterEdges edges, SewingSettings settings) {
        return Recipe.forA("square")
                .takes(CutPiece.squares(ClothRole.A, "cloth", cut, 1))
                .gives(count)
                .sewn(cuts, Length.ZERO)
                .edges(edges)
                .cutBy(rule, settings);
    }
}

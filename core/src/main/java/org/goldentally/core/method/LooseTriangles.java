package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
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

    /** The long side finished at {@code L} wants a square of {@code L + a(2 + 2√2)}. */
    private static Recipe quarters(PatchworkUnit unit, SewingSettings settings) {
        Length longSide = unit.finishedWidth();
        String named = Sizes.write(unit.namedSize(), settings)
                + (unit instanceof SideSettingTriangle ? " block × √2" : " long side");
        CutRule rule = new CutRule(
                "Cut square",
                named + " + " + Sizes.seam(settings) + " × (2 + 2√2)",
                longSide.plus(Constants.quarterSquare(settings)),
                Sizes.roomForLooseTriangle(settings));
        Length cut = rule.cut(settings);
        return triangles(rule, cut, 4, 2, OuterEdges.MIXED, settings)
                .sizes(UnitSizes.untrimmed(cut, cut.dividedBy(2), longSide, unit.finishedHeight()))
                .because(
                        "Triangles",
                        () -> "the square is cut on both diagonals: 4, the long side of each on the straight grain")
                .build();
    }

    /** Short sides finished at {@code B/√2} want a square of {@code B/√2 + a(2 + √2)}. */
    private static Recipe corner(CornerSettingTriangle unit, SewingSettings settings) {
        CutRule rule = new CutRule(
                "Cut square",
                Sizes.write(unit.namedSize(), settings) + " block ÷ √2 + " + Sizes.seam(settings) + " × (2 + √2)",
                unit.finishedWidth().plus(Constants.halfSquare(settings)),
                Sizes.roomForLooseTriangle(settings));
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
                .because(() -> rule.working(settings));
    }
}

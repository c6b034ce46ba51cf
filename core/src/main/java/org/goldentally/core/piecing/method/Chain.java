package org.goldentally.core.piecing.method;

import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.measure.Length;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.CutPiece;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.piecing.PiecingMethod;
import org.goldentally.core.piecing.Recipe;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.piecing.UnitSizes;
import org.goldentally.core.piecing.step.Habits;
import org.goldentally.core.piecing.step.SquareSteps;
import org.goldentally.core.piecing.step.Step;

/**
 * Squares of as many cloths joined each to the next on one diagonal and cut apart: every unit pairs two different cloths.
 * An open chain of n squares gives n − 1 units and leaves two loose triangles; a closed ring gives n.
 */
public final class Chain implements PiecingMethod {

    /** Squares in a chain, where nobody says otherwise (our own choice). */
    static final int SQUARES = 8;

    private final boolean closed;

    private Chain(boolean closed) {
        this.closed = closed;
    }

    public static Chain open() {
        return new Chain(false);
    }

    public static Chain closed() {
        return new Chain(true);
    }

    @Override
    public String key() {
        return closed ? "closed-ring" : "open-chain";
    }

    @Override
    public boolean joinsManyCloths() {
        return true;
    }

    @Override
    public String displayName() {
        return closed ? "closed ring of 8" : "open chain of 8";
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof HalfSquareTriangleUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule rule = Sizes.halfSquare("Cut square", finished, Sizes.roomForOneSeam(settings), settings);
        Length cut = rule.cut(settings);
        Length raw = cut.minus(Constants.diagonalSeam(settings));
        int units = closed ? SQUARES : SQUARES - 1;
        String cutText = Sizes.write(cut, settings);
        return Recipe.forA(closed ? "ring" : "chain")
                .takes(CutPiece.squares(ClothRole.A, "each of 8 prints", cut, 1))
                .ofCloths(SQUARES)
                .gives(units)
                .sizes(UnitSizes.square(raw, trimmed, finished))
                .sewn(
                        SQUARES,
                        cut.timesRootTwo()
                                .minus(settings.seamAllowance().times(2))
                                .times(units))
                .widestSeam(cut.minus(trimmed).dividedByRootTwo())
                .pairings(units)
                .because(() -> rule.working(settings))
                .because(() -> Sizes.rawWorking(cutText + " cut − " + Sizes.seam(settings) + " × √2", raw, settings))
                .because(() -> Sizes.trimmedWorking(finished, trimmed, settings))
                .because(
                        "Units",
                        () -> closed
                                ? "8 squares, the last joined to the first: 8 units"
                                : "8 squares, 7 joins: 7 units, and a loose triangle at each end")
                .build();
    }

    @Override
    public List<Step> steps(PatchworkUnit unit, Recipe recipe, SewingSettings settings, Habits habits) {
        return SquareSteps.chain(
                recipe.cuts().getFirst().size().width(), recipe.sizes().trimmedWidth(), closed, settings, habits);
    }
}

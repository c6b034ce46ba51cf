package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Input;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;

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

    /** The last square is not joined to the first: two loose triangles are left over. */
    public static Chain open() {
        return new Chain(false);
    }

    /** A ring: nothing is left over. */
    public static Chain closed() {
        return new Chain(true);
    }

    /** Whether the last square is joined to the first. */
    public boolean isClosed() {
        return closed;
    }

    @Override
    public MethodId id() {
        return closed ? MethodId.CLOSED_RING : MethodId.OPEN_CHAIN;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof HalfSquareTriangleUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule rule = Sizes.halfSquare("Cut square", finished, Sizes.roomForOneSeam(settings), settings)
                .orOwn(settings);
        Length cut = rule.cut(settings);
        Figures sewn = Sizes.figures(Input.CUT, cut, settings).and(Input.TRIMMED, trimmed);
        Length raw = Rules.RAW_ONE_SEAM.exactly(sewn);
        int units = closed ? SQUARES : SQUARES - 1;
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
                .widestSeam(Rules.WIDEST_ONE_SEAM.exactly(sewn))
                .pairings(units)
                .cutBy(rule, settings)
                .because(() -> Sizes.rawWorking(Rules.RAW_ONE_SEAM, sewn, settings))
                .because(() -> Sizes.trimmedWorking(finished, settings))
                .because(
                        "Units",
                        () -> closed
                                ? "8 squares, the last joined to the first: 8 units"
                                : "8 squares, 7 joins: 7 units, and a loose triangle at each end")
                .build();
    }
}

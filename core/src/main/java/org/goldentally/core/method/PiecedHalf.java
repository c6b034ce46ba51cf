package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.PiecedHalfUnit;

/**
 * Rows of small half-square triangle units ended by loose triangles make one half, a large triangle the other. The long
 * seam is on the bias and the unit cannot be trimmed later, so the large triangle is cut exact; the small units are cut
 * with room and trimmed.
 *
 * <p>A half of n rows holds n(n − 1)/2 small units and n loose triangles. A set is two units: one large square, and for
 * the small ones n(n − 1)/2 pairs two at a time and n squares for the loose triangles.
 */
public final class PiecedHalf implements PiecingMethod {

    @Override
    public MethodId id() {
        return MethodId.ROWS_AND_TRIANGLE;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof PiecedHalfUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        PiecedHalfUnit half = (PiecedHalfUnit) unit;
        int n = half.rows();
        int pairs = n * (n - 1) / 2;
        Length trimmed = settings.unfinished(unit.finishedWidth());
        CutRule large = Sizes.halfSquare("Cut large square", unit.finishedWidth(), Length.ZERO, settings);
        CutRule small = Sizes.halfSquare(
                        "Cut small squares", half.smallFinished(), Sizes.roomForOneSeam(settings), settings)
                .orOwn(settings);
        Length largeCut = large.cut(settings);
        Length smallCut = small.cut(settings);
        return Recipe.forA("two units")
                .takes(CutPiece.squares(ClothRole.A, "large triangle", largeCut, 1))
                .takes(CutPiece.squares(ClothRole.B, "small print", smallCut, pairs + n))
                .takes(CutPiece.squares(ClothRole.C, "small background", smallCut, pairs))
                .gives(2)
                .sizes(UnitSizes.square(trimmed, trimmed, unit.finishedWidth()))
                .sewn(
                        pairs + n + 1,
                        smallCut.timesRootTwo()
                                .times(2L * pairs)
                                .plus(trimmed.times(2L * (n - 1)))
                                .plus(largeCut.timesRootTwo().times(2)))
                .edges(OuterEdges.STRAIGHT_ONCE_SEWN)
                .because(() -> large.working(settings))
                .cutBy(small, settings)
                .because(
                        "Small units",
                        () -> n + " rows: " + pairs + " half-square triangles and " + n
                                + " loose triangles a unit; for two units "
                                + pairs + " pairs two at a time, and " + n + " squares cut once for " + 2 * n
                                + " loose triangles")
                .build();
    }
}

package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.StripSetTriangleUnit;

/**
 * Two strips sewn along one edge, the set cut into 45 degree triangles turned alternately, and two triangles of one kind
 * joined on their long sides: a square with a striped diamond, all outer edges on the bias.
 *
 * <p>A set of length L and height H gives floor(L/H) − 1 triangles: the first takes 2H of the length, each further one H.
 * They are of two kinds, one with the first cloth at the long side, one with the second; where the count is odd, the kind
 * that was begun with is one more. So two sets are made at a time, the second begun the other way: as many of each kind.
 */
public final class StripSetTriangles implements PiecingMethod {

    @Override
    public MethodId id() {
        return MethodId.STRIP_SET_TRIANGLES;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof StripSetTriangleUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        Length seam = settings.seamAllowance();
        CutRule rule = new CutRule(
                "Cut strip, width",
                "((" + Sizes.write(finished, settings) + " finished + 2 × " + Sizes.seam(settings) + ") ÷ √2 + 3 × "
                        + Sizes.seam(settings) + ") ÷ 2",
                trimmed.dividedByRootTwo().plus(seam.times(3)).dividedBy(2),
                Sizes.roomForOneSeam(settings).dividedByRootTwo().dividedBy(2));
        Length width = rule.cut(settings);
        Length setHeight = width.times(2).minus(seam.times(2));
        Length length = Length.max(Strips.lengthOn(piece), setHeight.times(3).roundedUpTo(settings.grid()));
        int triangles = Math.toIntExact(length.wholeTimes(setHeight) - 1);
        int ofEachKind = triangles / 2;
        Length raw = setHeight.minus(seam).timesRootTwo();
        return Recipe.forA("two strip sets")
                .takes(CutPiece.rectangles(ClothRole.A, "first strip", "strip", length, width, 2))
                .takes(CutPiece.rectangles(ClothRole.B, "second strip", "strip", length, width, 2))
                .gives(2 * ofEachKind)
                .hands(ofEachKind, ofEachKind)
                .sizes(UnitSizes.square(raw, trimmed, finished))
                .sewn(
                        2 * (triangles + 1),
                        length.times(2).plus(setHeight.times(2).times(2L * ofEachKind)))
                .widestSeam(width.times(2).minus(trimmed.dividedByRootTwo()).dividedBy(3))
                .edges(OuterEdges.BIAS)
                .because(() -> rule.working(settings))
                .because(
                        "Set height",
                        () -> "2 × " + Sizes.write(width, settings) + " strip − 2 × " + Sizes.seam(settings) + " = "
                                + Sizes.write(setHeight, settings))
                .because(() -> Sizes.rawWorking(
                        "(" + Sizes.write(setHeight, settings) + " set − " + Sizes.seam(settings) + ") × √2",
                        raw,
                        settings))
                .because(() -> Sizes.trimmedWorking(finished, trimmed, settings))
                .because(
                        "Triangles",
                        () -> Sizes.write(length, settings) + " long ÷ " + Sizes.write(setHeight, settings)
                                + ", cut off to whole, less 1 = " + triangles + " a set; two sets, the second begun the"
                                + " other way: " + triangles + " of each kind, 2 a unit: " + ofEachKind + " of each")
                .build();
    }
}

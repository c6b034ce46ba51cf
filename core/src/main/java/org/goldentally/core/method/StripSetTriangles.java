package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Expression;
import org.goldentally.core.formula.Factor;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;
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
 * that was begun with is one more. Of one piece of each cloth two sets are told, the second begun the other way: as many of
 * each kind. A whole top takes as many sets as its kinds want, each begun as it serves.
 */
public final class StripSetTriangles implements PiecingMethod {

    /** Two strips and a seam make the set; its triangles lose one more seam when two are joined. */
    static final Formula STRIP = Formula.cut(
            "strip for strip-set triangles",
            Rules.UNFINISHED
                    .expression()
                    .dividedByRootTwo()
                    .plus(Rules.SEAM.times(3))
                    .dividedBy(2));

    static final Formula SET =
            Formula.exact("height of a set of two strips", Rules.STRIP.times(2).minus(Rules.SEAM.times(2)));

    static final Formula RAW = Formula.exact(
            "raw size, strip-set triangles",
            Expression.figure(Input.SET).minus(Rules.SEAM).times(Factor.ROOT_TWO));

    static final Formula WIDEST_SEAM = Formula.exact(
            "widest seam, strip-set triangles",
            Rules.STRIP.times(2).minus(Rules.TRIMMED.dividedByRootTwo()).dividedBy(3));

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
        Length room = Sizes.roomForOneSeam(settings).dividedByRootTwo().dividedBy(2);
        CutRule rule = Sizes.cutFor("Cut strip, width", STRIP, finished, room, settings)
                .orOwn(settings);
        Length width = rule.cut(settings);
        Figures strips = Sizes.figures(Input.STRIP, width, settings).and(Input.TRIMMED, trimmed);
        Length setHeight = SET.exactly(strips);
        Length length = Length.max(Strips.lengthOn(piece), setHeight.times(3).roundedUpTo(settings.grid()));
        int triangles = triangles(length, setHeight);
        int ofEachKind = triangles / 2;
        Figures sewn = Sizes.figures(Input.SET, setHeight, settings);
        return Recipe.forA("two strip sets")
                .takes(CutPiece.rectangles(ClothRole.A, "first strip", "strip", length, width, 2))
                .takes(CutPiece.rectangles(ClothRole.B, "second strip", "strip", length, width, 2))
                .gives(2 * ofEachKind)
                .hands(ofEachKind, ofEachKind)
                .sizes(UnitSizes.square(RAW.exactly(sewn), trimmed, finished))
                .sewn(
                        2 * (triangles + 1),
                        length.times(2).plus(setHeight.times(2).times(2L * ofEachKind)))
                .widestSeam(WIDEST_SEAM.exactly(strips))
                .edges(OuterEdges.BIAS)
                .cutBy(rule, settings)
                .because("Set height", () -> setHeight(strips, settings))
                .because(() -> Sizes.rawWorking(RAW, sewn, settings))
                .because(() -> Sizes.trimmedWorking(finished, settings))
                .because(
                        "Triangles",
                        () -> Sizes.write(length, settings) + " long ÷ " + Sizes.write(setHeight, settings)
                                + ", cut off to whole, less 1 = " + triangles + " a set; two sets, the second begun the"
                                + " other way: " + triangles + " of each kind, 2 a unit: " + ofEachKind + " of each")
                .build();
    }

    /** Triangles of both kinds that one set gives, of strips as this recipe cuts them. */
    public static int trianglesASet(Recipe recipe, SewingSettings settings) {
        Length strip = recipe.cuts().getFirst().size().height();
        Figures strips = Sizes.figures(Input.STRIP, strip, settings);
        return triangles(recipe.cuts().getFirst().size().width(), SET.exactly(strips));
    }

    private static int triangles(Length length, Length setHeight) {
        return Math.toIntExact(length.wholeTimes(setHeight) - 1);
    }

    private static String setHeight(Figures strips, SewingSettings settings) {
        return SET.expression().withFigures(strips, settings.system().writer()) + " = "
                + Sizes.write(SET.exactly(strips), settings);
    }
}

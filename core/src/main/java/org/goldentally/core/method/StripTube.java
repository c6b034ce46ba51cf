package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Factor;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;

/**
 * Two strips sewn together along both long edges and cut into right-angled triangles, turned alternately; each opens to
 * a unit with all outer edges on the bias. The first triangle takes twice the strip's width of its length, each further
 * one the width once. The few stitches across the tip are picked out.
 */
public final class StripTube implements PiecingMethod {

    /** The triangles are as high as a strip less one seam, and half the unit's diagonal high. */
    static final Formula STRIP = Formula.cut(
            "strip for a tube", Rules.UNFINISHED.expression().dividedByRootTwo().plus(Rules.SEAM));

    static final Formula RAW =
            Formula.exact("raw size, strip tube", Rules.STRIP.minus(Rules.SEAM).times(Factor.ROOT_TWO));

    static final Formula WIDEST_SEAM =
            Formula.exact("widest seam, strip tube", Rules.STRIP.minus(Rules.TRIMMED.dividedByRootTwo()));

    @Override
    public MethodId id() {
        return MethodId.STRIP_TUBE;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof HalfSquareTriangleUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule rule = Sizes.cutFor(
                        "Cut strip, width",
                        STRIP,
                        finished,
                        Sizes.roomForOneSeam(settings).dividedByRootTwo(),
                        settings)
                .orOwn(settings);
        Length width = rule.cut(settings);
        Length length = Length.max(Strips.lengthOn(piece), width.times(2));
        int units = Math.toIntExact(length.wholeTimes(width) - 1);
        Figures sewn = Sizes.figures(Input.STRIP, width, settings).and(Input.TRIMMED, trimmed);
        Length raw = RAW.exactly(sewn);
        String widthText = Sizes.write(width, settings);
        return Recipe.forA("pair of strips")
                .takes(CutPiece.rectangles(ClothRole.A, "print", "strip", length, width, 1))
                .takes(CutPiece.rectangles(ClothRole.B, "background", "strip", length, width, 1))
                .gives(units)
                .sizes(UnitSizes.square(raw, trimmed, finished))
                .sewn(units + 1, length.times(2))
                .widestSeam(WIDEST_SEAM.exactly(sewn))
                .edges(OuterEdges.BIAS)
                .cutBy(rule, settings)
                .because(() -> Sizes.rawWorking(RAW, sewn, settings))
                .because(() -> Sizes.trimmedWorking(finished, settings))
                .because(
                        "Units",
                        () -> Sizes.write(length, settings) + " long ÷ " + widthText + ", cut off to whole = "
                                + (units + 1) + ", less 1 since the first triangle takes two widths: " + units)
                .build();
    }
}

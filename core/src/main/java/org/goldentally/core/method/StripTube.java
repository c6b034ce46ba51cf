package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
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
        CutRule rule = new CutRule(
                "Cut strip, width",
                "(" + Sizes.write(finished, settings) + " finished + 2 × " + Sizes.seam(settings) + ") ÷ √2 + "
                        + Sizes.seam(settings),
                trimmed.dividedByRootTwo().plus(settings.seamAllowance()),
                Sizes.roomForOneSeam(settings).dividedByRootTwo());
        Length width = rule.cut(settings);
        Length length = Length.max(Strips.lengthOn(piece), width.times(2));
        int units = Math.toIntExact(length.wholeTimes(width) - 1);
        Length raw = width.minus(settings.seamAllowance()).timesRootTwo();
        String widthText = Sizes.write(width, settings);
        return Recipe.forA("pair of strips")
                .takes(CutPiece.rectangles(ClothRole.A, "print", "strip", length, width, 1))
                .takes(CutPiece.rectangles(ClothRole.B, "background", "strip", length, width, 1))
                .gives(units)
                .sizes(UnitSizes.square(raw, trimmed, finished))
                .sewn(units + 1, length.times(2))
                .widestSeam(width.minus(trimmed.dividedByRootTwo()))
                .edges(OuterEdges.BIAS)
                .because(() -> rule.working(settings))
                .because(() -> Sizes.rawWorking(
                        "(" + widthText + " strip − " + Sizes.seam(settings) + ") × √2", raw, settings))
                .because(() -> Sizes.trimmedWorking(finished, trimmed, settings))
                .because(
                        "Units",
                        () -> Sizes.write(length, settings) + " long ÷ " + widthText + ", cut off to whole = "
                                + (units + 1) + ", less 1 since the first triangle takes two widths: " + units)
                .build();
    }
}

package org.goldentally.core.piecing.method;

import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.measure.Length;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.CutPiece;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PatchworkUnit.PlainPatch;
import org.goldentally.core.piecing.PatchworkUnit.StripPatch;
import org.goldentally.core.piecing.PiecingMethod;
import org.goldentally.core.piecing.Recipe;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.piecing.UnitSizes;
import org.goldentally.core.piecing.step.FlipSteps;
import org.goldentally.core.piecing.step.Habits;
import org.goldentally.core.piecing.step.Step;

/** Plain squares, rectangles and strips: cut at their unfinished size. */
public final class PlainCut implements PiecingMethod {

    @Override
    public String key() {
        return "plain-cut";
    }

    @Override
    public String displayName() {
        return "strips, then pieces";
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof PlainPatch || unit instanceof StripPatch;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        boolean strip = unit instanceof StripPatch;
        CutRule width = Sizes.plain("Cut width", unit.finishedWidth(), settings);
        CutRule height = Sizes.plain("Cut height", unit.finishedHeight(), settings);
        Length cutWidth = width.cut(settings);
        Length cutHeight = strip ? Strips.lengthOn(piece) : height.cut(settings);
        Recipe.Builder recipe = Recipe.forA(strip ? "strip" : "piece")
                .takes(new CutPiece(
                        ClothRole.A,
                        "cloth",
                        strip ? "strip" : cutWidth.equals(cutHeight) ? "square" : "rectangle",
                        strip ? CutSize.rectangle(cutHeight, cutWidth) : CutSize.rectangle(cutWidth, cutHeight),
                        1))
                .gives(1)
                .sizes(UnitSizes.untrimmed(
                        cutWidth,
                        cutHeight,
                        unit.finishedWidth(),
                        strip ? settings.finished(cutHeight) : unit.finishedHeight()))
                .because(() -> width.working(settings));
        return (strip ? recipe : recipe.because(() -> height.working(settings))).build();
    }

    @Override
    public List<Step> steps(PatchworkUnit unit, Recipe recipe, SewingSettings settings, Habits habits) {
        CutSize size = recipe.cuts().getFirst().size();
        return unit instanceof StripPatch
                ? FlipSteps.strip(size.height(), size.width(), settings)
                : FlipSteps.plain(size.width(), size.height(), settings);
    }
}

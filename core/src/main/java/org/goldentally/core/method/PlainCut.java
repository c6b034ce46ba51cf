package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.PlainPatch;
import org.goldentally.core.unit.PatchworkUnit.StripPatch;

/** Plain squares, rectangles and strips: cut at their unfinished size. */
public final class PlainCut implements PiecingMethod {

    @Override
    public MethodId id() {
        return MethodId.PLAIN_CUT;
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
}

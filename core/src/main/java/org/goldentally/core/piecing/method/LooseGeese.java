package org.goldentally.core.piecing.method;

import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.measure.Length;
import org.goldentally.core.piecing.OuterEdges;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.piecing.PiecingMethod;
import org.goldentally.core.piecing.Recipe;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.piecing.step.FlipSteps;
import org.goldentally.core.piecing.step.Habits;
import org.goldentally.core.piecing.step.Step;

/** Geese from loose triangles: bodies from squares cut on both diagonals, wings from squares cut on one; right grain everywhere. */
public final class LooseGeese implements PiecingMethod {

    @Override
    public String key() {
        return "geese-loose-triangles";
    }

    @Override
    public String displayName() {
        return "loose triangles";
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof FlyingGeeseUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length room = Sizes.roomForLooseTriangle(settings);
        return FourGeese.geese(unit, settings, room, room, "four bodies and eight wings")
                .sewn(
                        6,
                        settings.unfinished(unit.finishedHeight())
                                .timesRootTwo()
                                .times(8))
                .edges(OuterEdges.STRAIGHT_ONCE_SEWN)
                .because("Triangles", () -> "4 bodies from the large square, 2 wings from each small one: 4 geese")
                .build();
    }

    @Override
    public List<Step> steps(PatchworkUnit unit, Recipe recipe, SewingSettings settings, Habits habits) {
        return FlipSteps.looseGeese(
                recipe.cuts().getFirst().size().width(),
                recipe.cuts().getLast().size().width(),
                recipe.sizes().trimmedWidth(),
                recipe.sizes().trimmedHeight(),
                settings,
                habits);
    }
}

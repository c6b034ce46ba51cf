package org.goldentally.core.piecing.method;

import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.measure.Length;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.CutPiece;
import org.goldentally.core.piecing.PatchworkUnit;
import org.goldentally.core.piecing.PatchworkUnit.StripSetSegment;
import org.goldentally.core.piecing.PiecingMethod;
import org.goldentally.core.piecing.Recipe;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.piecing.UnitSizes;
import org.goldentally.core.piecing.step.Habits;
import org.goldentally.core.piecing.step.Step;
import org.goldentally.core.piecing.step.StripSteps;

/** Equal strips sewn side by side, and segments cut across the set. */
public final class StripSetCut implements PiecingMethod {

    private static final ClothRole[] ROLES = ClothRole.values();
    private static final String[] LABELS = {"first strip", "second strip", "third strip", "fourth strip"};

    @Override
    public String key() {
        return "strip-set-segments";
    }

    @Override
    public String displayName() {
        return "segments of a strip set";
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof StripSetSegment;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        int strips = ((StripSetSegment) unit).strips();
        CutRule rule = Sizes.plain("Cut strip, width", unit.namedSize(), settings);
        CutRule segmentRule = Sizes.plain("Cut segment", unit.finishedWidth(), settings);
        Length cut = rule.cut(settings);
        Length segment = segmentRule.cut(settings);
        Length length = Length.max(Strips.lengthOn(piece), segment);
        int segments = Math.toIntExact(length.wholeTimes(segment));
        Recipe.Builder recipe = Recipe.forA("strip set");
        for (int i = 0; i < strips; i++) {
            recipe.takes(CutPiece.rectangles(ROLES[i], LABELS[i], "strip", length, cut, 1));
        }
        Length height = settings.unfinished(unit.finishedHeight());
        return recipe.gives(segments)
                .sizes(UnitSizes.untrimmed(segment, height, unit.finishedWidth(), unit.finishedHeight()))
                .sewn(segments, length.times(strips - 1L))
                .leavesEnd(length.minus(segment.times(segments)))
                .because(() -> rule.working(settings))
                .because(() -> segmentRule.working(settings))
                .because(
                        "Segments",
                        () -> Sizes.write(length, settings) + " long ÷ " + Sizes.write(segment, settings)
                                + ", cut off to whole: " + segments)
                .build();
    }

    @Override
    public List<Step> steps(PatchworkUnit unit, Recipe recipe, SewingSettings settings, Habits habits) {
        return StripSteps.segments(
                recipe.cuts().getFirst().size().height(),
                recipe.sizes().rawWidth(),
                recipe.cuts().size(),
                settings,
                habits);
    }
}

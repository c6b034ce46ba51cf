package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.StripSetSegment;

/** Equal strips sewn side by side, and segments cut across the set. */
public final class StripSetCut implements PiecingMethod {

    private static final ClothRole[] ROLES = ClothRole.values();
    private static final String[] LABELS = {"first strip", "second strip", "third strip", "fourth strip"};

    @Override
    public MethodId id() {
        return MethodId.STRIP_SET_SEGMENTS;
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
}

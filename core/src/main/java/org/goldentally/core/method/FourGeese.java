package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Input;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;

/**
 * A large square with four small ones, sewn and cut in two goes: four geese without waste.
 *
 * <p>The large square gives four quarter triangles with the goose's width as long side, {@code W + a(2 + 2√2)}; each small
 * square two half-square triangles of the goose's height, {@code H + a(2 + √2)}.
 */
public final class FourGeese implements PiecingMethod {

    @Override
    public MethodId id() {
        return MethodId.FOUR_GEESE;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof FlyingGeeseUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        return geese(
                        unit,
                        settings,
                        Sizes.roomForTwoSeams(settings),
                        Sizes.roomForOneSeam(settings),
                        "large and four small squares")
                .sewn(5, seams(unit, settings))
                .build();
    }

    private static Length seams(PatchworkUnit unit, SewingSettings settings) {
        return settings.unfinished(unit.finishedHeight()).timesRootTwo().times(8);
    }

    /** What is cut for four geese from squares, whether they are sewn four at a time or from loose triangles. */
    static Recipe.Builder geese(
            PatchworkUnit unit, SewingSettings settings, Length roomForBody, Length roomForWings, String setName) {
        CutRule large = Sizes.quarterSquare("Cut large square", unit.finishedWidth(), roomForBody, settings)
                .orOwn(settings);
        CutRule small =
                Sizes.halfSquare("Cut small square", unit.finishedHeight(), large.halfTheRoom(roomForWings), settings);
        Length largeCut = large.cut(settings);
        Length smallCut = small.cut(settings);
        Length trimmedWidth = settings.unfinished(unit.finishedWidth());
        Length trimmedHeight = settings.unfinished(unit.finishedHeight());
        Figures body = Sizes.figures(Input.CUT, largeCut, settings).and(Input.TRIMMED, trimmedWidth);
        Figures wings = Sizes.figures(Input.CUT, smallCut, settings).and(Input.TRIMMED, trimmedHeight);
        Length rawWidth = Rules.RAW_TWO_SEAMS.exactly(body);
        Length rawHeight = Rules.RAW_ONE_SEAM.exactly(wings);
        return Recipe.forA(setName)
                .takes(CutPiece.squares(ClothRole.A, "goose", largeCut, 1))
                .takes(CutPiece.squares(ClothRole.B, "sky", smallCut, 4))
                .gives(4)
                .sizes(new UnitSizes(
                        rawWidth, rawHeight, trimmedWidth, trimmedHeight, unit.finishedWidth(), unit.finishedHeight()))
                .widestSeam(Length.min(Rules.WIDEST_TWO_SEAMS.exactly(body), Rules.WIDEST_ONE_SEAM.exactly(wings)))
                .cutBy(large, settings)
                .because(() -> small.working(settings))
                .because(() -> Sizes.rawWorking("width ", Rules.RAW_TWO_SEAMS, body, settings))
                .because(() -> Sizes.rawWorking("height ", Rules.RAW_ONE_SEAM, wings, settings));
    }
}

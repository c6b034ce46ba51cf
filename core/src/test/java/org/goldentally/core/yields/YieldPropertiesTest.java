package org.goldentally.core.yields;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.*;
import org.goldentally.core.yields.MethodAnswer.Impossible;
import org.goldentally.core.yields.MethodAnswer.Part;
import org.goldentally.core.yields.MethodAnswer.Possible;

/** What must hold for every unit, method, piece, school, grid and system. */
class YieldPropertiesTest {

    private static final YieldEngine ENGINE = new YieldEngine();

    private static PatchworkUnit units(Chance chance) {
        Length any = Length.inches(1);
        return chance.of(List.of(
                new HalfSquareTriangleUnit(any),
                new StripSetTriangleUnit(any),
                new QuarterSquareTriangleUnit(any, 2),
                new QuarterSquareTriangleUnit(any, 3),
                new QuarterSquareTriangleUnit(any, 4),
                new SplitQuarterUnit(any),
                new QuarterSquareTriangle(any),
                new FlyingGeeseUnit(any),
                new CornerFlipUnit(any, Length.inches(2), Length.inches(0, 1, 2), 3),
                new PiecedHalfUnit(any, 3),
                new SideSettingTriangle(any),
                new CornerSettingTriangle(any),
                new PlainPatch(any, Length.inches(1, 1, 2)),
                new StripPatch(any),
                new StripSetSegment(any, 3)));
    }

    private static SewingSettings settings(Chance chance) {
        MeasureSystem system = chance.of(MeasureSystem.values());
        return new SewingSettings(system, system.usualSeam(), chance.of(system.grids()), chance.of(Allowance.values()));
    }

    @Tries(400)
    void whatIsCutAndLeftAndTrimmedIsThePieceExactly(Chance chance) {
        PatchworkUnit unit = units(chance);
        SewingSettings settings = settings(chance);
        int eighths = chance.between(8, 96);
        int width = chance.between(40, 320);
        int length = chance.between(20, 400);
        for (MethodAnswer answer : ENGINE.ask(piece(width, length), sized(unit, eighths), settings)) {
            if (answer instanceof Possible possible) {
                for (Part part : possible.parts()) {
                    var layout = part.layout();
                    assertThat(layout.cutArea().plus(layout.leftoverArea()).plus(layout.trimmingsArea()))
                            .isEqualTo(piece(width, length).area());
                    assertThat(part.sets() * part.cut().perSet())
                            .isLessThanOrEqualTo(layout.cuts().size());
                }
                assertThat(possible.recipe()
                                .sizes()
                                .rawWidth()
                                .isAtLeast(possible.recipe().sizes().trimmedWidth()))
                        .isTrue();
                assertThat(possible.recipe()
                                .sizes()
                                .rawHeight()
                                .isAtLeast(possible.recipe().sizes().trimmedHeight()))
                        .isTrue();
                possible.recipe()
                        .sewing()
                        .widestSeam()
                        .ifPresent(widest -> assertThat(widest.isAtLeast(settings.seamAllowance()))
                                .as(
                                        "%s: the seam that was set is not too wide",
                                        answer.method().key())
                                .isTrue());
                assertThat(possible.unitsFromOneOfEach())
                        .isEqualTo(ENGINE.units(piece(width, length), sized(unit, eighths), answer.method(), settings));
            }
        }
    }

    @Tries(200)
    void theLargestSizeFitsAndTheNextOneDoesNot(Chance chance) {
        PatchworkUnit unit = units(chance);
        SewingSettings settings = settings(chance);
        int width = chance.between(40, 320);
        int length = chance.between(20, 400);
        ClothPiece piece = piece(width, length);
        for (PiecingMethod method : Methods.making(unit)) {
            ENGINE.largestNamedSize(piece, unit, method, settings).ifPresent(largest -> {
                assertThat(ENGINE.ask(piece, unit.resized(largest), method, settings))
                        .isInstanceOf(Possible.class);
                assertThat(ENGINE.ask(
                                piece, unit.resized(largest.plus(settings.grid().step())), method, settings))
                        .isInstanceOfSatisfying(
                                Impossible.class,
                                impossible -> assertThat(impossible.nearest()).contains(largest));
            });
        }
    }

    /** A larger square is cut off to more; strips, sheets and bias squares change with the piece and are left out. */
    @Tries(200)
    void aPieceThatShrinksNeverGivesMore(Chance chance) {
        PatchworkUnit unit = units(chance);
        SewingSettings settings = settings(chance);
        int eighths = chance.between(8, 60);
        int width = chance.between(40, 200);
        int length = chance.between(40, 200);
        List<String> byThePiece =
                List.of("grid", "strip-tube", "bias-strips", "strip-set-triangles", "strip-set-segments");
        for (PiecingMethod method : Methods.making(unit)) {
            if (!byThePiece.contains(method.key()) && !(unit instanceof StripPatch)) {
                assertThat(ENGINE.units(piece(width - 1, length), sized(unit, eighths), method, settings))
                        .as(method.key())
                        .isLessThanOrEqualTo(
                                ENGINE.units(piece(width, length), sized(unit, eighths), method, settings));
            }
        }
    }

    private static PatchworkUnit sized(PatchworkUnit unit, int eighths) {
        return unit.resized(Grid.EIGHTH_INCH.steps(eighths));
    }

    private static ClothPiece piece(int widthInEighths, int lengthInEighths) {
        return new ClothPiece(
                PieceForm.SCRAP,
                Grid.EIGHTH_INCH.steps(widthInEighths),
                Grid.EIGHTH_INCH.steps(lengthInEighths),
                ClothPiece.Edge.STRAIGHT);
    }
}

package org.goldentally.app.yields;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.goldentally.app.drawing.StepView;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.formula.Working;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.OuterEdges;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitDrawing;
import org.goldentally.core.yields.MethodAnswer;
import org.goldentally.core.yields.MethodAnswer.Impossible;
import org.goldentally.core.yields.MethodAnswer.Part;
import org.goldentally.core.yields.MethodAnswer.Possible;
import org.jspecify.annotations.Nullable;

/**
 * Every method side by side, for one piece and one unit. Numbers in drawings are inches; all text is for showing.
 *
 * @param piece one of the pieces that were typed
 * @param pieces how many of them there are
 * @param trimmed empty for loose triangles, which are not trimmed; their cut sizes stand with the method
 */
record YieldView(
        String unitOfLength,
        String piece,
        int pieces,
        double pieceWidth,
        double pieceLength,
        String unit,
        String finished,
        String trimmed,
        UnitPicture picture,
        List<MethodRow> methods) {

    /** The finished unit to draw, in inches. */
    record UnitPicture(double width, double height, List<StepView.ShapeView> patches) {
        static UnitPicture of(PatchworkUnit unit) {
            List<UnitDrawing.UnitPatch> patches = UnitDrawing.of(unit);
            return new UnitPicture(
                    UnitDrawing.lowerRight(patches).x().toDoubleInches(),
                    UnitDrawing.lowerRight(patches).y().toDoubleInches(),
                    patches.stream()
                            .map(patch -> new StepView.ShapeView(
                                    "cloth",
                                    StepView.svg(patch.outline().corners()),
                                    patch.cloth().name(),
                                    false,
                                    0))
                            .toList());
        }
    }

    record MethodRow(
            String key,
            String name,
            boolean possible,

            @Schema(description = "null where it is not possible") @Nullable
            Gives gives,

            @Schema(description = "null where it is possible") @Nullable
            Refused refused) {}

    /** Why a method does not do, and the largest size that it would do for; that is empty if there is none. */
    record Refused(Problem problem, String nearest, String nearestTyped) {}

    record Gives(
            long units,
            long unitsFromAll,
            int unitsPerSet,
            String setName,
            long sets,
            int cloths,
            String cutSizes,
            String rawSize,
            String trimmedSize,
            String finishedSize,
            String edges,
            boolean straightEdges,
            @Schema(types = {"string", "null"}) @Nullable String widestSeam,
            int clothPairings,
            long leftHand,
            long rightHand,
            long straightCuts,
            String seamLength,
            double wastePercent,
            boolean tight,
            List<PartView> parts,

            @Schema(description = "null where no number was asked for") @Nullable
            Wanted wanted,

            String largestFinished,
            List<Problem> hints,
            List<Working> workings) {}

    /** One part of the unit, and how its pieces lie on the piece of cloth. */
    record PartView(
            String cloth,
            String cut,
            int perSet,
            long perPiece,
            long sets,
            List<Cuts> cuts,
            List<Box> leftovers,
            String left) {}

    /** A rectangle to draw, in inches, with what is written on it. */
    record Box(double x, double y, double width, double height, String text) {}

    /** Equal pieces to draw, side by side in strips, in inches. */
    record Cuts(double x, double y, double pieceWidth, double pieceHeight, long across, long along) {
        static Cuts of(CutBlock block) {
            return new Cuts(
                    block.x().toDoubleInches(),
                    block.y().toDoubleInches(),
                    block.pieceWidth().toDoubleInches(),
                    block.pieceHeight().toDoubleInches(),
                    block.across(),
                    block.along());
        }
    }

    /** What some units need. */
    record Wanted(long units, long sets, long made, long spare, List<PiecesOf> pieces) {}

    record PiecesOf(String cloth, long pieces) {}

    static YieldView of(
            ClothPiece piece,
            int pieces,
            PatchworkUnit unit,
            SewingSettings settings,
            List<MethodAnswer> answers,
            Function<PiecingMethod, Optional<Length>> largest,
            int wanted) {
        MeasureSystem system = settings.system();
        return new YieldView(
                system.abbreviation(),
                piece.describe(system),
                pieces,
                piece.width().toDoubleInches(),
                piece.length().toDoubleInches(),
                unit.name(),
                sides(unit.finishedWidth(), unit.finishedHeight(), system),
                unit.isTriangle()
                        ? ""
                        : sides(
                                settings.unfinished(unit.finishedWidth()),
                                settings.unfinished(unit.finishedHeight()),
                                system),
                UnitPicture.of(unit),
                answers.stream()
                        .map(answer -> row(answer, pieces, settings, wanted, largest.apply(answer.method())))
                        .toList());
    }

    private static MethodRow row(
            MethodAnswer answer, int pieces, SewingSettings settings, int wanted, Optional<Length> largest) {
        String key = answer.method().key();
        String name = answer.method().displayName();
        LengthWriter writer = settings.system().writer();
        return switch (answer) {
            case Possible possible ->
                new MethodRow(key, name, true, gives(possible, pieces, settings, wanted, largest), null);
            case Impossible impossible ->
                new MethodRow(
                        key,
                        name,
                        false,
                        null,
                        new Refused(
                                impossible.problem(),
                                impossible.nearest().map(writer::writeWithUnit).orElse(""),
                                impossible.nearest().map(writer::write).orElse("")));
        };
    }

    private static Gives gives(
            Possible answer, int pieces, SewingSettings settings, int wanted, Optional<Length> largest) {
        Recipe recipe = answer.recipe();
        MeasureSystem system = settings.system();
        return new Gives(
                answer.unitsFromOneOfEach(),
                answer.unitsFrom(pieces),
                recipe.unitsPerSet(),
                recipe.setName(),
                answer.setsFromOneOfEach(),
                recipe.cloths(),
                String.join(
                        " and ",
                        recipe.sizesToCut().stream().map(system.writer()::write).toList()),
                sides(recipe.sizes().rawWidth(), recipe.sizes().rawHeight(), system),
                sides(recipe.sizes().trimmedWidth(), recipe.sizes().trimmedHeight(), system),
                sides(recipe.sizes().finishedWidth(), recipe.sizes().finishedHeight(), system),
                recipe.sewing().edges().label(),
                recipe.sewing().edges() == OuterEdges.STRAIGHT,
                recipe.sewing()
                        .widestSeam()
                        .map(seam -> system.writer().writeWithUnit(system.seamOnARuler(seam)))
                        .orElse(null),
                recipe.sewing().clothPairings(),
                answer.hands().left(),
                answer.hands().right(),
                answer.straightCuts(),
                system.writer().writeWithUnit(answer.seamLength().roundedUpTo(settings.grid())),
                Math.round(10 * answer.wasted().percentOf(answer.cloth())) / 10.0,
                answer.isTight(UsualSizes.of(system).tightWithin()),
                answer.parts().stream().map(part -> part(part, system)).toList(),
                wanted > 0 ? wanted(answer, wanted) : null,
                largest.map(system.writer()::write).orElse(""),
                answer.hints(),
                recipe.workings());
    }

    private static Wanted wanted(Possible answer, int units) {
        Possible.Enough enough = answer.enoughFor(units);
        return new Wanted(
                units,
                enough.sets(),
                enough.made(),
                enough.spare(),
                answer.parts().stream()
                        .map(part -> new PiecesOf(part.cut().clothLabel(), part.piecesFor(enough.sets())))
                        .toList());
    }

    private static PartView part(Part part, MeasureSystem system) {
        PieceLayout layout = part.layout();
        List<Box> leftovers = new ArrayList<>();
        for (Rectangle rest : layout.leftovers()) {
            leftovers.add(box(rest, sides(rest.width(), rest.height(), system)));
        }
        String left = String.join(
                "; ",
                layout.leftovers().stream()
                        .map(rest -> sides(rest.width(), rest.height(), system))
                        .distinct()
                        .map(size -> count(size, layout, system))
                        .toList());
        return new PartView(
                part.cut().clothLabel(),
                part.cut().name() + " "
                        + sides(part.cut().size().width(), part.cut().size().height(), system),
                part.cut().perSet(),
                layout.count(),
                part.sets(),
                layout.blocks().stream().map(Cuts::of).toList(),
                leftovers,
                left);
    }

    private static String count(String size, PieceLayout layout, MeasureSystem system) {
        long count = layout.leftovers().stream()
                .filter(rest -> sides(rest.width(), rest.height(), system).equals(size))
                .count();
        return (count == 1 ? "" : count + " of ") + size + " " + system.abbreviation();
    }

    private static Box box(Rectangle rectangle, String text) {
        return new Box(
                rectangle.x().toDoubleInches(),
                rectangle.y().toDoubleInches(),
                rectangle.width().toDoubleInches(),
                rectangle.height().toDoubleInches(),
                text);
    }

    /** {@code 4 1/2} of a square, {@code 4 1/2 × 2 1/2} of a rectangle. */
    static String sides(Length width, Length height, MeasureSystem system) {
        LengthWriter writer = system.writer();
        return width.equals(height) ? writer.write(width) : writer.write(width) + " × " + writer.write(height);
    }
}

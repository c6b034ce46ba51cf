package org.goldentally.app.tally;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.piecing.Allowance;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.CutPiece;
import org.goldentally.core.piecing.Working;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.tally.ClothTally;
import org.goldentally.core.tally.PiecesUsed;
import org.goldentally.core.tally.UnitTally;
import org.jspecify.annotations.Nullable;

/**
 * The tally of a quilt as shown: the units it needs, every method side by side, and what each school of allowance costs
 * with the chosen method.
 */
record TallyView(
        String unitOfLength,
        String unitName,
        String finishedSize,
        String trimmedSize,
        int unitsNeeded,
        List<MethodView> methods,
        List<AllowanceView> allowances,
        List<Problem> notices) {

    record MethodView(
            String key,
            String name,
            boolean chosen,
            boolean possible,
            boolean enough,
            List<Problem> obstacles,
            String cutSize,
            String rawSize,
            String trimmedSize,
            String finishedSize,
            int unitsPerSet,
            String setName,
            long sets,
            long made,
            long spare,
            String edges,
            @Schema(types = {"string", "null"}) @Nullable String widestSeam,
            List<ClothUseView> cloths,
            List<Working> workings) {}

    record ClothUseView(
            String role,
            String name,
            String cutSize,
            String cutName,
            long needed,
            long available,
            long shortBy,
            String clothCut,
            List<PiecesView> pieces,
            List<Problem> warnings,
            List<Working> workings) {}

    /** What is done with some equal pieces of the shelf. */
    record PiecesView(String piece, int onHand, int touched, int untouched, long cuts, List<String> leftovers) {}

    record AllowanceView(Allowance allowance, String label, MethodView method) {}

    static MethodView method(UnitTally tally, boolean chosen, Map<ClothRole, String> names) {
        MeasureSystem system = tally.settings().system();
        LengthWriter writer = system.writer();
        CutPiece first = tally.recipe().cuts().getFirst();
        return new MethodView(
                tally.method().key(),
                tally.method().displayName(),
                chosen,
                tally.isPossible(),
                tally.isEnough(),
                tally.obstacles(),
                writer.write(first.size().width()),
                writer.write(tally.recipe().sizes().rawWidth()),
                writer.write(tally.recipe().sizes().trimmedWidth()),
                writer.write(tally.recipe().sizes().finishedWidth()),
                tally.recipe().unitsPerSet(),
                tally.recipe().setName(),
                tally.sets(),
                tally.made(),
                tally.spare(),
                tally.recipe().sewing().edges().label(),
                tally.recipe()
                        .sewing()
                        .widestSeam()
                        .map(seam -> writer.writeDecimal(seam) + " " + system.abbreviation())
                        .orElse(null),
                tally.recipe().cuts().stream()
                        .map(cut -> cloth(
                                cut,
                                names.getOrDefault(cut.role(), cut.clothLabel()),
                                tally.cloths().get(cut.role()),
                                system))
                        .toList(),
                tally.workings());
    }

    private static ClothUseView cloth(CutPiece cut, String name, ClothTally tally, MeasureSystem system) {
        LengthWriter writer = system.writer();
        return new ClothUseView(
                cut.role().name(),
                name,
                writer.write(cut.size().width()),
                cut.name(),
                tally.needed(),
                tally.available(),
                tally.shortBy(),
                system.writeArea(cut.size().width().times(cut.size().height()).times(tally.needed())),
                tally.used().stream().map(used -> pieces(used, system)).toList(),
                tally.warnings(),
                tally.workings());
    }

    private static PiecesView pieces(PiecesUsed used, MeasureSystem system) {
        return new PiecesView(
                used.pieces().piece().describe(used.pieces().count(), system),
                used.pieces().count(),
                used.touched(),
                used.untouched(),
                used.cutCount(),
                used.leftovers().stream().map(left -> leftover(left, system)).toList());
    }

    private static String leftover(PiecesUsed.Leftover left, MeasureSystem system) {
        Rectangle rectangle = left.rectangle();
        String size = system.writer().write(rectangle.width()) + " × "
                + system.writer().writeWithUnit(rectangle.height());
        return left.count() == 1 ? size : left.count() + " of " + size;
    }
}

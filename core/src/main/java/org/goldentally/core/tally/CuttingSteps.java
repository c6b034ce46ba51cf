package org.goldentally.core.tally;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;

/** What to do with one piece of cloth, step by step: square up, strips, pieces from the strips, what to keep. */
public final class CuttingSteps {

    private CuttingSteps() {}

    /**
     * A step to tick off.
     *
     * @param pieces how many pieces it gives, of each piece of cloth
     */
    public record CuttingStep(String text, long pieces) {}

    public static List<CuttingStep> of(OpenedPiece opened, MeasureSystem system) {
        LengthWriter writer = system.writer();
        List<CuttingStep> steps = new ArrayList<>();
        if (opened.piece().form() == PieceForm.YARDAGE) {
            steps.add(new CuttingStep("Fold selvage to selvage and square up the end.", 0));
        }
        for (OpenedPiece.Cut cut : opened.cuts()) {
            for (CutBlock block : cut.blocks()) {
                steps.add(step(cut.cut(), block, opened.piece().width(), writer));
            }
        }
        if (!opened.leftovers().isEmpty()) {
            Map<String, Integer> sizes = new LinkedHashMap<>();
            for (Rectangle rest : opened.leftovers()) {
                sizes.merge(writer.write(rest.width()) + " × " + writer.writeWithUnit(rest.height()), 1, Integer::sum);
            }
            List<String> said = new ArrayList<>();
            sizes.forEach((size, count) -> said.add(count == 1 ? size : count + " of " + size));
            steps.add(new CuttingStep("Keep and label what is left: " + String.join("; ", said) + ".", 0));
        }
        return steps;
    }

    /** Strips lie the way in which the block is divided first: along its longer run. */
    private static CuttingStep step(ClothCut cut, CutBlock block, Length clothWidth, LengthWriter writer) {
        Length strip = block.pieceHeight();
        Length piece = block.pieceWidth();
        String size = piece.equals(strip)
                ? writer.writeWithUnit(piece)
                : writer.write(strip) + " × " + writer.writeWithUnit(piece);
        String what = block.count() == 1 ? "1 " + cut.name() : block.count() + " " + cut.name() + "s";
        String how = block.across() == 1 && block.pieceWidth().equals(clothWidth)
                ? ", across the whole width"
                : block.across() == 1 && block.along() == 1
                        ? ""
                        : block.along() == 1
                                ? ": one strip " + writer.writeWithUnit(strip) + " wide, cut into " + block.across()
                                : block.across() == 1
                                        ? ": " + block.along() + " strips " + writer.writeWithUnit(strip)
                                                + " wide, each cut off at " + writer.writeWithUnit(piece)
                                        : ": " + block.along() + " strips " + writer.writeWithUnit(strip)
                                                + " wide, each cut into " + block.across();
        return new CuttingStep(what + " cut " + size + how + ". For " + cut.useLabel() + ".", block.count());
    }
}

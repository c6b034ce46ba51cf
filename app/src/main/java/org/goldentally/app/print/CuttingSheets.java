package org.goldentally.app.print;

import org.goldentally.app.cut.CutView;
import org.goldentally.app.cut.CutView.ClothSheet;
import org.goldentally.app.cut.CutView.PieceSheet;
import org.goldentally.app.cut.CutView.SheetCut;

/** Cutting sheets on paper: for each cloth its heaps, and for each piece a diagram to scale and the steps to tick off. */
final class CuttingSheets {

    private static final float MOST_HIGH = 300;

    private CuttingSheets() {}

    static void print(PrintedPages pages, CutView cut) {
        if (cut.cloths().isEmpty()) {
            pages.paragraph("Nothing is to be cut yet.");
        }
        for (ClothSheet cloth : cut.cloths()) {
            pages.newPage();
            pages.heading("Cut " + cloth.name(), 20);
            pages.note("Blade care.", CutView.CAUTION);
            pages.table(
                    java.util.List.of("Heap", "Pieces", "Cut size", "For"),
                    cloth.labels().stream()
                            .map(label ->
                                    java.util.List.of(label.letter(), "" + label.count(), label.size(), label.use()))
                            .toList(),
                    0.1f,
                    0.12f,
                    0.26f,
                    0.52f);
            cloth.pieces().forEach(piece -> print(pages, cloth, piece));
        }
    }

    private static void print(PrintedPages pages, ClothSheet cloth, PieceSheet piece) {
        boolean turned = piece.length() > 1.4 * piece.width();
        double wide = turned ? piece.length() : piece.width();
        double high = turned ? piece.width() : piece.length();
        float height = (float) Math.min(MOST_HIGH, high * pages.width() / wide);
        pages.need(height + 90);
        pages.heading(
                piece.title() + (piece.toBuy() ? ", to buy" : "") + (piece.count() > 1 ? ", each cut like this" : ""),
                14);
        if (piece.tight()) {
            pages.paragraph(
                    "Tight fit: check the ruler's zero and measure the piece before the first cut.",
                    PrintedPages.TEXT,
                    0);
        }
        pages.space(4);
        PrintedPages.Drawing drawing = pages.drawing(wide, high, pages.width(), MOST_HIGH, 0);
        drawing.box(0, 0, wide, high, "#ffffff", 1.2f);
        piece.leftovers().forEach(rest -> {
            double[] at = place(rest.x(), rest.y(), rest.width(), rest.height(), turned);
            drawing.polygon(
                    new double[] {at[0], at[1], at[0] + at[2], at[1], at[0] + at[2], at[1] + at[3], at[0], at[1] + at[3]
                    },
                    "",
                    0.5f,
                    true);
            drawing.label("left " + rest.label(), at[0] + at[2] / 2, at[1] + at[3] / 2, at[2], at[3], 10);
        });
        piece.cuts().forEach(block -> block(drawing, block, cloth.colour(), turned));
        pages.below(drawing.points(high) + 10);
        piece.steps()
                .forEach(step -> pages.step(
                        step.text() + (step.running().isEmpty() ? "" : " (" + step.running() + ")"), step.done()));
        pages.space(8);
    }

    private static void block(PrintedPages.Drawing drawing, SheetCut block, String colour, boolean turned) {
        for (long i = 0; i < block.across() * block.along(); i++) {
            double x = block.x() + (i % block.across()) * block.width();
            double y = block.y() + Math.floorDiv(i, block.across()) * block.height();
            double[] at = place(x, y, block.width(), block.height(), turned);
            drawing.box(at[0], at[1], at[2], at[3], colour, 0.6f);
            drawing.label(block.letter(), at[0] + at[2] / 2, at[1] + at[3] / 2, at[2], at[3], 12);
        }
    }

    private static double[] place(double x, double y, double width, double height, boolean turned) {
        return turned ? new double[] {y, x, height, width} : new double[] {x, y, width, height};
    }
}

package org.goldentally.app.print;

import java.util.List;
import org.goldentally.app.sew.CardView;
import org.goldentally.core.design.ClothInHand;

/** A block, or the rows of the top, laid out for sewing: numbered pieces, the order of joining, the way of each seam. */
final class LayoutDrawing {

    /** Beyond so many pieces or seams a picture says more than words. */
    private static final int MANY = 16;

    private final PrintedPages pages;
    private final List<ClothInHand> cloths;

    LayoutDrawing(PrintedPages pages, List<ClothInHand> cloths) {
        this.pages = pages;
        this.cloths = cloths;
    }

    void print(CardView.LayoutPicture layout) {
        boolean large = layout.pieces().size() > MANY;
        float mostHigh = large ? 380 : 190;
        float mostWide = large ? pages.width() - Drawing.MEASURE_ROOM : 260;
        pages.need(mostHigh + 90);
        pages.heading("Laid out: " + layout.name());
        pages.space(4);
        float drawn = pages.drawing(
                layout.name() + " laid out, " + layout.across() + " wide, " + layout.down() + " high: "
                        + String.join("; ", layout.joins()),
                layout.width(),
                layout.height(),
                mostWide,
                mostHigh,
                0,
                drawing -> draw(drawing, layout));
        pages.below(drawn + Drawing.MEASURE_ROOM + 6);
        layout.joins().forEach(join -> pages.paragraph(join, PrintedPages.READ));
        if (!layout.presses().isEmpty()) {
            pages.paragraph(
                    "Press: "
                            + (layout.presses().size() > MANY
                                    ? "as the arrows show, seen from the right side: they point to the side that a seam"
                                            + " is pressed to; two arrows, open"
                                    : String.join("; ", layout.presses()))
                            + ".",
                    PrintedPages.READ);
        }
        layout.notes().forEach(pages::paragraph);
    }

    private void draw(Drawing drawing, CardView.LayoutPicture layout) {
        for (int i = 0; i < layout.patches().size(); i++) {
            int place = layout.cloths().get(i);
            drawing.polygon(
                    StepDrawing.points(layout.patches().get(i), 0, 0),
                    place >= 0 && place < cloths.size() ? cloths.get(place).colour() : "#ffffff",
                    0.3f,
                    false);
        }
        layout.pieces().forEach(piece -> {
            drawing.polygon(StepDrawing.points(piece.outline(), 0, 0), "", 1f, false);
            double room = 2 * Math.min(piece.labelX() - piece.x(), piece.x() + piece.width() - piece.labelX());
            drawing.plate(piece.number() + piece.way(), piece.labelX(), piece.labelY(), room, piece.height(), 12);
        });
        double size = Math.min(
                Math.max(layout.width(), layout.height()) / 45,
                layout.pieces().stream()
                                .mapToDouble(piece -> Math.max(piece.width(), piece.height()))
                                .min()
                                .orElse(1)
                        / 9);
        layout.seams().forEach(seam -> arrow(drawing, seam, size));
        drawing.measures(layout.width(), layout.height(), layout.across(), layout.down());
    }

    /** A head in the middle of the seam that points to where its allowances lie; two where it is pressed open. */
    private static void arrow(Drawing drawing, CardView.PressedSeam seam, double size) {
        double x = (seam.fromX() + seam.toX()) / 2;
        double y = (seam.fromY() + seam.toY()) / 2;
        boolean lying = seam.fromY() == seam.toY();
        switch (seam.direction()) {
            case LEFT -> head(drawing, x, y, -size, 0);
            case RIGHT -> head(drawing, x, y, size, 0);
            case UP -> head(drawing, x, y, 0, -size);
            case DOWN -> head(drawing, x, y, 0, size);
            case OPEN -> {
                head(drawing, x, y, lying ? 0 : size, lying ? size : 0);
                head(drawing, x, y, lying ? 0 : -size, lying ? -size : 0);
            }
        }
    }

    private static void head(Drawing drawing, double x, double y, double dx, double dy) {
        drawing.polygon(
                new double[] {x - dy, y + dx, x + 1.6 * dx, y + 1.6 * dy, x + dy, y - dx}, "#000000", 0.6f, false);
    }
}

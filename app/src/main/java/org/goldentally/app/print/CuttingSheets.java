package org.goldentally.app.print;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.app.cut.CutView;
import org.goldentally.app.cut.CutView.ClothSheet;
import org.goldentally.app.cut.CutView.PieceSheet;
import org.goldentally.app.cut.CutView.SheetCut;
import org.goldentally.app.cut.LikeSheets;

/**
 * Cutting sheets on paper: for each cloth, or for prints that are cut alike, its heaps, and for each piece a diagram to
 * scale with its measures and the steps to tick off.
 */
final class CuttingSheets {

    private static final float MOST_HIGH = 220;

    /** A diagram that is about as high as wide leaves room for its steps beside it. */
    private static final float NARROW = 170;

    /** More cloths are named beside their colours only. */
    private static final int MOST_NAMED = 3;

    private final PrintedPages pages;
    private final String unit;

    private CuttingSheets(PrintedPages pages, String unit) {
        this.pages = pages;
        this.unit = unit;
    }

    static void print(PrintedPages pages, CutView cut) {
        new CuttingSheets(pages, cut.unitOfLength()).print(cut);
    }

    private void print(CutView cut) {
        if (cut.cloths().isEmpty()) {
            pages.paragraph("Nothing is to be cut yet.");
            return;
        }
        boolean begun = false;
        for (LikeSheets alike : LikeSheets.of(cut)) {
            pages.chapter(chapter(alike));
            pages.swatches(
                    alike.cloths().stream().map(ClothSheet::name).toList(),
                    alike.cloths().stream().map(ClothSheet::colour).toList());
            if (!begun) {
                pages.note("Blade care.", CutView.CAUTION);
                begun = true;
            }
            stacks(alike, cut.layers());
            heaps(alike);
            if (!alike.first().already().isEmpty()) {
                pages.paragraph(
                        "Cut and put away: " + String.join("; ", alike.first().already()) + ".", PrintedPages.READ);
            }
            for (int i = 0; i < alike.first().pieces().size(); i++) {
                piece(alike, i);
            }
        }
    }

    private static String chapter(LikeSheets alike) {
        List<String> names = alike.cloths().stream().map(ClothSheet::name).toList();
        if (alike.isOne()) {
            return "Cut " + names.getFirst();
        }
        return "Cut "
                + (names.size() > MOST_NAMED
                        ? "these " + names.size() + " fabrics"
                        : String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.getLast())
                + ", each like this";
    }

    private void stacks(LikeSheets alike, int layers) {
        if (alike.isOne()) {
            return;
        }
        List<String> said = new ArrayList<>();
        for (int i = 0; i < alike.stacks().size(); i++) {
            said.add((i + 1) + ": " + alike.stacks().get(i).label() + ".");
        }
        pages.paragraph(
                "Laid on one another, to " + layers + " layers at most (a folded length is two). Stack "
                        + String.join(" ", said),
                PrintedPages.READ);
    }

    private void heaps(LikeSheets alike) {
        pages.table(
                PrintedPages.READ,
                List.of("Heap", alike.isOne() ? "Pieces" : "Each", "Cut, " + unit, "For"),
                alike.first().labels().stream()
                        .map(label -> List.of(label.letter(), "" + label.count(), label.size(), label.use()))
                        .toList(),
                0.12f,
                0.13f,
                0.25f,
                0.5f);
    }

    private void piece(LikeSheets alike, int number) {
        PieceSheet piece = alike.first().pieces().get(number);
        boolean turned = piece.length() > 1.4 * piece.width();
        double wide = turned ? piece.length() : piece.width();
        double high = turned ? piece.width() : piece.length();
        boolean narrow = wide <= 1.4 * high;
        float mostWide = narrow ? NARROW : pages.width() - Drawing.MEASURE_ROOM;
        float mostHigh = narrow ? NARROW : MOST_HIGH;
        float scale = (float) Math.min(mostWide / wide, mostHigh / high);
        float drawnHigh = (float) high * scale + Drawing.MEASURE_ROOM + 6;
        float drawnWide = (float) wide * scale + Drawing.MEASURE_ROOM;
        List<String> said = piece.steps().stream().map(CuttingSheets::said).toList();
        float below = narrow ? Math.max(drawnHigh, pages.stepsHeight(said, drawnWide)) : drawnHigh + 50;
        pages.need(below + 30);
        pages.heading(title(alike, piece));
        if (piece.tight()) {
            pages.paragraph(
                    "Tight fit: check the ruler's zero and measure the piece before the first cut.", PrintedPages.READ);
        }
        pages.space(4);
        Runnable drawn = () -> draw(alike, piece, turned, mostWide, mostHigh);
        Runnable steps = () -> {
            for (int i = 0; i < said.size(); i++) {
                pages.step(said.get(i), alike.isDone(number, i));
            }
        };
        if (narrow) {
            pages.stepsBeside(drawnWide, drawnHigh, drawn, steps);
        } else {
            drawn.run();
            pages.below(drawnHigh);
            pages.list(steps);
        }
        pages.space(6);
    }

    private static String said(CutView.SheetStep step) {
        return step.text() + (step.running().isEmpty() ? "" : " (" + step.running() + ")");
    }

    private void draw(LikeSheets alike, PieceSheet piece, boolean turned, float mostWide, float mostHigh) {
        double wide = turned ? piece.length() : piece.width();
        double high = turned ? piece.width() : piece.length();
        String across = turned ? piece.along() : piece.across();
        String down = turned ? piece.across() : piece.along();
        pages.drawing(words(piece, across, down), wide, high, mostWide, mostHigh, 0, drawing -> {
            drawing.box(0, 0, wide, high, "#ffffff", 1.2f);
            piece.leftovers().forEach(rest -> {
                double[] at = place(rest.x(), rest.y(), rest.width(), rest.height(), turned);
                drawing.outline(at[0], at[1], at[2], at[3]);
                drawing.label("left " + rest.label(), at[0] + at[2] / 2, at[1] + at[3] / 2, at[2], at[3], 13);
            });
            piece.cuts().forEach(block -> block(drawing, block, alike.first().colour(), turned));
            drawing.measures(wide, high, across, down);
        });
    }

    private static String title(LikeSheets alike, PieceSheet piece) {
        String title = piece.title() + (piece.toBuy() ? ", to buy" : "");
        if (!alike.isOne()) {
            return title + " of each fabric" + (piece.count() > 1 ? ", all cut like this" : "");
        }
        return title + (piece.count() > 1 ? ", each cut like this" : "");
    }

    /** What the diagram shows, for those who have it read to them. */
    private static String words(PieceSheet piece, String across, String down) {
        StringBuilder words = new StringBuilder("A piece " + across + " by " + down + ", cut into ");
        piece.cuts()
                .forEach(block -> words.append(block.across() * block.along())
                        .append(" of ")
                        .append(block.letter())
                        .append(", ")
                        .append(block.label())
                        .append("; "));
        piece.leftovers()
                .forEach(rest -> words.append("left ").append(rest.label()).append("; "));
        return words.toString();
    }

    /** Equal pieces that lie together: each with its letter, or, where they are small, the letter once; their size in the first. */
    private static void block(Drawing drawing, SheetCut block, String colour, boolean turned) {
        boolean lettered = true;
        for (long i = 0; i < block.across() * block.along(); i++) {
            double x = block.x() + (i % block.across()) * block.width();
            double y = block.y() + Math.floorDiv(i, block.across()) * block.height();
            double[] at = place(x, y, block.width(), block.height(), turned);
            drawing.box(at[0], at[1], at[2], at[3], colour, 0.6f);
            String label = i == 0 ? block.letter() + " " + block.label() : block.letter();
            lettered &= drawing.label(label, at[0] + at[2] / 2, at[1] + at[3] / 2, at[2], at[3], 13)
                    || (i == 0
                            && drawing.label(block.letter(), at[0] + at[2] / 2, at[1] + at[3] / 2, at[2], at[3], 13));
        }
        if (!lettered) {
            double[] all =
                    place(block.x(), block.y(), block.across() * block.width(), block.along() * block.height(), turned);
            drawing.plate(
                    block.letter() + " " + block.label(), all[0] + all[2] / 2, all[1] + all[3] / 2, all[2], all[3], 13);
        }
    }

    private static double[] place(double x, double y, double width, double height, boolean turned) {
        return turned ? new double[] {y, x, height, width} : new double[] {x, y, width, height};
    }
}

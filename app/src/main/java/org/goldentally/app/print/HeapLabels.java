package org.goldentally.app.print;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.app.cut.CutView;
import org.goldentally.app.cut.CutView.ClothSheet;
import org.goldentally.app.print.PrintedPages.CardLine;

/** Labels to pin on, eight to a page: one for each heap of equal pieces, and one for equal pieces that are left, with how many. */
final class HeapLabels {

    private static final int ACROSS = 2;
    private static final int A_PAGE = 8;

    private record Label(String colour, List<CardLine> lines) {}

    private HeapLabels() {}

    static void print(PrintedPages pages, String quilt, CutView cut) {
        List<Label> labels = new ArrayList<>();
        for (ClothSheet cloth : cut.cloths()) {
            cloth.labels()
                    .forEach(heap -> labels.add(new Label(
                            cloth.colour(),
                            List.of(
                                    new CardLine(heap.letter() + "  " + cloth.name(), 24, true),
                                    new CardLine(
                                            heap.count() + " cut " + heap.size() + " " + cut.unitOfLength(),
                                            PrintedPages.READ,
                                            true),
                                    new CardLine(heap.use(), PrintedPages.TEXT, false),
                                    new CardLine(quilt, PrintedPages.TEXT, false)))));
        }
        for (ClothSheet cloth : cut.cloths()) {
            for (CutView.PieceSheet piece : cloth.pieces()) {
                piece.leftovers()
                        .forEach(rest -> labels.add(new Label(
                                cloth.colour(),
                                List.of(
                                        new CardLine(cloth.name() + ", left", 20, true),
                                        new CardLine(
                                                piece.count() + " of " + rest.label() + " " + cut.unitOfLength(),
                                                PrintedPages.READ,
                                                true),
                                        new CardLine("from " + quilt, PrintedPages.TEXT, false)))));
            }
        }
        cards(pages, labels);
        if (labels.isEmpty()) {
            pages.paragraph("Nothing is to be cut yet, so there is no heap to label.");
        }
    }

    private static void cards(PrintedPages pages, List<Label> labels) {
        float wide = pages.width() / ACROSS;
        float high = pages.height() / (A_PAGE / ACROSS);
        for (int i = 0; i < labels.size(); i++) {
            int place = i % A_PAGE;
            if (place == 0) {
                pages.newPage();
            }
            Label label = labels.get(i);
            pages.card(
                    (place % ACROSS) * wide,
                    Math.floorDiv(place, ACROSS) * high,
                    wide,
                    high,
                    label.colour,
                    label.lines);
        }
    }
}

package org.goldentally.app.print;

import java.util.List;
import org.goldentally.app.kits.KitsView;
import org.goldentally.app.kits.KitsView.KitView;

/** Kits on paper: what to buy in all, and a label with its list for each kit. */
final class KitSheets {

    private KitSheets() {}

    static void print(PrintedPages pages, KitsView kits) {
        pages.chapter("To buy for " + kits.count() + (kits.count() == 1 ? " kit" : " kits"));
        pages.table(
                List.of("What", "Buy", "Cost"),
                kits.rows().stream()
                        .map(row -> List.of(row.what(), row.buy(), row.cost()))
                        .toList(),
                0.5f,
                0.3f,
                0.2f);
        if (!kits.total().isEmpty()) {
            pages.paragraph("In all " + kits.total() + ", " + kits.perKit() + " a kit, for what has a price.");
        }
    }

    /** After the cutting sheets: a label for each single kit. */
    static void labels(PrintedPages pages, String quilt, KitsView kits) {
        int number = 1;
        for (KitView kit : kits.kits()) {
            for (int i = 0; i < kit.count(); i++, number++) {
                pages.need(pages.tableHeight(kit.heaps().size() + 1) + 60);
                pages.heading(quilt + ", kit " + number + " of " + kits.count()
                        + (kit.name().isEmpty() ? "" : ": " + kit.name()));
                pages.table(
                        List.of("Fabric", "Pieces", "Cut size", "For"),
                        kit.heaps().stream()
                                .map(heap -> List.of(
                                        heap.cloth(),
                                        heap.count() + " " + heap.piece() + (heap.count() == 1 ? "" : "s"),
                                        heap.size(),
                                        heap.use()))
                                .toList(),
                        0.24f,
                        0.2f,
                        0.2f,
                        0.36f);
                pages.space(14);
            }
        }
    }
}

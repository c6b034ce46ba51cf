package org.goldentally.app.print;

import java.util.List;
import org.goldentally.app.plan.ShoppingView;

/** The shopping list on paper. */
final class ShoppingSheet {

    private ShoppingSheet() {}

    static void print(PrintedPages pages, ShoppingView list) {
        pages.heading("Shopping list", 20);
        pages.table(
                List.of("What", "Buy", "Exactly", "Width", "Price", "Cost"),
                list.printed(),
                0.3f,
                0.18f,
                0.16f,
                0.14f,
                0.14f,
                0.08f);
        if (list.unpriced() > 0) {
            pages.paragraph("The total counts what has a price; " + list.unpriced() + " lines have none.");
        }
    }
}

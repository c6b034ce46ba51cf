package org.goldentally.app.print;

import java.util.List;
import org.goldentally.app.plan.ShoppingView;

/** The shopping list on paper. */
final class ShoppingSheet {

    private ShoppingSheet() {}

    static void print(PrintedPages pages, ShoppingView list) {
        pages.chapter("Shopping list");
        pages.table(
                List.of("What", "Buy", "Exactly", "Width", "Price", "Cost"),
                list.printed(),
                0.26f,
                0.2f,
                0.13f,
                0.15f,
                0.15f,
                0.11f);
        if (list.unpriced() > 0) {
            pages.paragraph("The total counts what has a price; " + list.unpriced() + " lines have none.");
        }
    }
}

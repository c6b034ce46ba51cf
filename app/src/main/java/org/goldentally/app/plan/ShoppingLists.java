package org.goldentally.app.plan;

import org.goldentally.app.shelf.ClothsOfDesign;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.app.tally.QuiltPrices;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.tally.ShoppingList;
import org.springframework.stereotype.Component;

/** What is to be bought for a design, with the shelf and the prices as they are now. */
@Component
public class ShoppingLists {

    private final QuiltTally tallies;
    private final ClothsOfDesign shelf;
    private final PriceList prices;

    ShoppingLists(QuiltTally tallies, ClothsOfDesign shelf, PriceList prices) {
        this.tallies = tallies;
        this.shelf = shelf;
        this.prices = prices;
    }

    public ShoppingView of(QuiltDesign design) {
        return ShoppingView.of(list(design));
    }

    ShoppingList list(QuiltDesign design) {
        return ShoppingList.of(tallies.of(design), QuiltPrices.of(design, shelf.factsFor(design), prices.entries()));
    }
}

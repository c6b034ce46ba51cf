package org.goldentally.app.plan;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.goldentally.app.shelf.ClothsOfDesign;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.app.tally.BoughtAlready;
import org.goldentally.app.tally.QuiltPrices;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.tally.WaysToBuy;
import org.springframework.stereotype.Component;

/** What is to be bought for a design, with the shelf and the prices as they are now. */
@Component
public class ShoppingLists {

    private final QuiltTally tallies;
    private final BoughtAlready bought;
    private final ClothsOfDesign shelf;
    private final PriceList prices;

    ShoppingLists(QuiltTally tallies, BoughtAlready bought, ClothsOfDesign shelf, PriceList prices) {
        this.tallies = tallies;
        this.bought = bought;
        this.shelf = shelf;
        this.prices = prices;
    }

    /** Of a quilt, without what is bought and cut into by now. */
    public ShoppingView of(UUID quiltId, QuiltDesign design) {
        Map<String, List<ShelfPieces>> pieces = tallies.onHand(quiltId, design);
        TopTally tally = bought.in(quiltId, tallies.of(design, pieces));
        Prices known = prices(design);
        return ShoppingView.of(ShoppingList.of(tally, known), WaysToBuy.of(tally, pieces, known, tallies::account));
    }

    /** The same, in short. */
    public ShoppingList list(UUID quiltId, QuiltDesign design) {
        return ShoppingList.of(bought.in(quiltId, tallies.of(quiltId, design)), prices(design));
    }

    /** Of a design that is nobody's quilt yet. */
    public ShoppingList list(QuiltDesign design) {
        return ShoppingList.of(tallies.ofNobody(design), prices(design));
    }

    private Prices prices(QuiltDesign design) {
        return QuiltPrices.of(design, shelf.factsFor(design), prices.entries());
    }
}

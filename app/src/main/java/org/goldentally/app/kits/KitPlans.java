package org.goldentally.app.kits;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.goldentally.app.shelf.ClothsAtHand;
import org.goldentally.app.shelf.ClothsOfDesign;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.app.tally.QuiltPrices;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.kits.KitShopping;
import org.goldentally.core.kits.Kits;
import org.springframework.stereotype.Component;

/** The kits of a design, with the shelf and the prices as they are now. */
@Component
public class KitPlans {

    private final QuiltTally tallies;
    private final ClothsAtHand shelf;
    private final ClothsOfDesign cloths;
    private final PriceList prices;

    KitPlans(QuiltTally tallies, ClothsAtHand shelf, ClothsOfDesign cloths, PriceList prices) {
        this.tallies = tallies;
        this.shelf = shelf;
        this.cloths = cloths;
        this.prices = prices;
    }

    /** Kits of a design, planned from the shelf as it is now. */
    public Kits of(UUID quilt, QuiltDesign design) {
        Map<String, List<ShelfPieces>> pieces = tallies.onHand(quilt, design);
        return Kits.of(tallies.of(design, pieces), pieces, shelf.all(), tallies::account);
    }

    /** With all their cloths, those of other colourways too. */
    private Prices prices(Kits kits) {
        QuiltDesign design = kits.together().top().design();
        return QuiltPrices.of(design, cloths.factsFor(design), prices.entries());
    }

    /** The same with what to buy and what it costs. */
    public KitsView view(UUID quilt, QuiltDesign design) {
        Kits kits = of(quilt, design);
        KitShopping shopping = KitShopping.of(
                kits, tallies.of(quilt, design), tallies.onHand(quilt, design), prices(kits), tallies::account);
        return KitsView.of(kits, shopping, design.system());
    }
}

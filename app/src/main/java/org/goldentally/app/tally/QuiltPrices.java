package org.goldentally.app.tally;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.app.shelf.ClothFacts;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.design.QuiltDesign;

/** What each cloth of a quilt costs, where that is known. */
public final class QuiltPrices {

    private QuiltPrices() {}

    public static Map<String, Price> of(
            QuiltDesign design, Map<String, ClothFacts> facts, List<PriceList.PriceEntry> entries) {
        Map<String, Price> prices = new LinkedHashMap<>();
        design.cloths().forEach(cloth -> {
            ClothFacts said =
                    facts.getOrDefault(cloth.shelfCloth(), new ClothFacts(cloth.colour(), "", false, "", "", false));
            PriceList.priceOf(cloth.name(), said, entries).ifPresent(price -> prices.put(cloth.key(), price));
        });
        return prices;
    }
}

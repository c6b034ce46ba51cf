package org.goldentally.app.tally;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.app.shelf.ClothFacts;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.design.QuiltDesign;

/** What each cloth and each pack of a quilt costs, where that is known. */
public final class QuiltPrices {

    private QuiltPrices() {}

    /** Prices of the cloths of a design, those of its packs among them. */
    public static Prices of(QuiltDesign design, Map<String, ClothFacts> facts, List<PriceList.PriceEntry> entries) {
        Map<String, List<Price>> cloths = new LinkedHashMap<>();
        Map<String, List<Price>> packs = new LinkedHashMap<>();
        design.cloths().forEach(cloth -> {
            ClothFacts said =
                    facts.getOrDefault(cloth.shelfCloth(), new ClothFacts(cloth.colour(), "", false, "", "", false));
            cloths.putIfAbsent(cloth.key(), PriceList.pricesOf(cloth.name(), said, entries));
            packs.computeIfAbsent(
                    cloth.pack(),
                    pack -> PriceList.pricesOf(pack, new ClothFacts("", "", false, "", "", false), entries));
        });
        return new Prices(cloths, packs);
    }
}

package org.goldentally.core.tally;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.chance.Written;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.SomeQuilts;
import org.junit.jupiter.api.Test;

/** What is to buy for a few quilts, by the length and otherwise, what is not dressed, and bonus units, written out. */
class TallyWrittenOutTest {

    private static final Prices PRICES = new Prices(
            Map.of(
                    "a", List.of(Price.read("", "12 a yard").orThrow()),
                    "b",
                            List.of(
                                    Price.read("", "10.50 a yard").orThrow(),
                                    Price.read("", "3.20 a fat quarter").orThrow())),
            Map.of("dusk", List.of(Price.read("", "42 a pack").orThrow())));

    @Test
    void shoppingForSomeQuilts() {
        List<String> lines = new ArrayList<>();
        SomeQuilts.tops().forEach((name, tops) -> {
            Map<String, List<ShelfPieces>> shelf = new LinkedHashMap<>(SomeQuilts.SHELF);
            List<ShelfPieces> few = List.of(new ShelfPieces("few", 2, ClothPiece.square(Length.inches(5))));
            tops.design().cloths().forEach(cloth -> shelf.putIfAbsent(cloth.key(), few));
            TopTally tally = TopTally.of(tops.top(), shelf);
            lines.add("= " + name);
            ShoppingList list = ShoppingList.of(tally, PRICES);
            list.items()
                    .forEach(item -> lines.add(
                            "- " + item.label() + ": " + item.purchase().orElse(null) + ", " + item.width() + " x "
                                    + item.length() + ", " + item.cost().orElse(null)));
            lines.add("  " + list.lengths() + ", of fabrics " + list.lengthsOfCloths() + ", of none "
                    + list.lengthsOfNoCloth() + ", total " + list.total() + ", unpriced " + list.unpriced());
            WaysToBuy ways = WaysToBuy.of(tally, shelf, PRICES, ClothLedger::of);
            ways.pieces().forEach(way -> lines.add("  or " + way));
            ways.packs().forEach(pack -> lines.add("  or " + pack));
            tally.problems().forEach(problem -> lines.add("  ! " + problem.where() + ": " + problem.why()));
            tally.undressed().forEach(cut -> lines.add("  not dressed " + cut.count() + " " + cut.name()));
            tally.bonus().forEach(bonus -> lines.add("  bonus " + bonus));
            tally.strips().forEach(strip -> lines.add("  strips " + strip.kind() + " " + strip.label()));
        });
        Written.as("shopping.txt", lines);
    }
}

package org.goldentally.core.offers;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.KnownAccounts;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.chance.Written;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

/** What is offered for a few quilts, with a shelf and without, written out; that offers do what they say is tested apart. */
class OffersWrittenOutTest {

    @Test
    void offersForSomeQuilts() {
        List<String> lines = new ArrayList<>();
        SomeQuilts.tops().forEach((name, tops) -> {
            for (Map<String, List<ShelfPieces>> shelf :
                    List.of(SomeQuilts.SHELF, Map.<String, List<ShelfPieces>>of())) {
                lines.add("= " + name + (shelf.isEmpty() ? ", nothing on the shelf" : ""));
                for (Offer offer : Offers.of(TopTally.of(tops.top(), shelf), shelf, new KnownAccounts())) {
                    lines.add("- " + offer.kind() + " " + offer.key() + ": " + offer.what() + " -> " + offer.effect());
                }
            }
        });
        Written.as("offers.txt", lines);
    }
}

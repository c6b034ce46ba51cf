package org.goldentally.core.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;

class ShoppingListTest {

    /** Binding and backing are on the list whether or not their cloth is chosen, and once only. */
    @Test
    void whatFinishesAQuiltIsAlwaysOnTheList() {
        Tops tops = Tops.of(4, 5, "8", "pinwheel").finish(new FinishingDesign("", "2 1/2", "", "40", "4"));
        assertThat(names(tops)).contains("binding, fabric not chosen", "backing, fabric not chosen", "batting");
        tops.finish(new FinishingDesign("b", "2 1/2", "a", "40", "4"));
        assertThat(names(tops))
                .doesNotContain("binding, fabric not chosen", "backing, fabric not chosen")
                .contains("oat", "ink", "batting");
        tops.finish(new FinishingDesign("", "2 1/2", "", "40", "4", true));
        assertThat(names(tops)).as("from leftovers").doesNotContain("binding, fabric not chosen");
    }

    /** Four sides of 32 × 40 in are 144 in and what the joins take: five strips of 40 in cut 2 1/2 in wide are 12 1/2 in. */
    @Test
    void aBindingWithoutAClothIsAsLongAsItsStrips() {
        Tops tops = Tops.of(4, 5, "8", "pinwheel").finish(new FinishingDesign("", "2 1/2", "", "40", "4"));
        assertThat(ShoppingList.of(TopTally.of(tops.top(), Map.of()), Prices.UNKNOWN)
                        .items())
                .filteredOn(item -> item.what().startsWith("binding"))
                .extracting(item -> item.purchase().orElseThrow().exact().toString())
                .containsExactly("12 1/2 in");
    }

    private static java.util.List<String> names(Tops tops) {
        return ShoppingList.of(TopTally.of(tops.top(), Map.of()), Prices.UNKNOWN).items().stream()
                .map(ShoppingList.Item::label)
                .toList();
    }
}

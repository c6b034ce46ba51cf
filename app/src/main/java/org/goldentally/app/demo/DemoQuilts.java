package org.goldentally.app.demo;

import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.goldentally.app.shelf.Shelf.ShelfClothView;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.ideas.OurQuilts;
import org.jspecify.annotations.Nullable;

/** Our own quilts in the cloths of the demo shelf; three of them get a mistake to be found. */
final class DemoQuilts {

    private static final int FIRST_ROW_TOO_MANY = 4;
    private static final int SHORT_PRINTS = 7;

    private final Map<String, ShelfClothView> shelf;

    DemoQuilts(Map<String, ShelfClothView> shelf) {
        this.shelf = shelf;
    }

    /** All stars spin one way, but one was mirrored. */
    QuiltDesign lanternStreet() {
        QuiltDesign right = ours("lantern-street");
        return right.withPlaces(right.places().stream()
                .map(place -> place.row() == 3 && place.column() == 1
                        ? new PlaceDesign(3, 1, "", 0, true, place.exchanges())
                        : place)
                .toList());
    }

    /** Seven prints were taken twice more than there is of them, so the pack does not go far enough. */
    QuiltDesign harvestScraps() {
        QuiltDesign right = ours("harvest-scraps");
        AtomicInteger block = new AtomicInteger();
        return right.withPlaces(right.places().stream()
                .map(place -> place.row() < FIRST_ROW_TOO_MANY || block.get() >= 2 * SHORT_PRINTS
                        ? place
                        : place.with(List.of(new Exchange("b", "h" + (1 + block.getAndIncrement() % SHORT_PRINTS)))))
                .toList());
    }

    QuiltDesign geeseAtDusk() {
        return ours("geese-at-dusk");
    }

    QuiltDesign windowsillRunner() {
        return ours("windowsill-runner");
    }

    QuiltDesign marketDay() {
        return ours("market-day");
    }

    /** In the cloths of the shelf, as far as it has them. */
    private QuiltDesign ours(String key) {
        QuiltDesign design = OurQuilts.byKey(key).orElseThrow().design();
        return design.withCloths(design.cloths().stream().map(this::onShelf).toList());
    }

    private ClothInHand onShelf(ClothInHand cloth) {
        @Nullable ShelfClothView known = shelf.get(cloth.name());
        return known == null ? cloth : cloth.onShelfAs(known.id().toString());
    }
}

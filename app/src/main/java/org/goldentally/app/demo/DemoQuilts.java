package org.goldentally.app.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.goldentally.app.shelf.Shelf.ShelfClothView;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
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

    /** Its outer geese do not come out even yet: there is a border of 1 in in the place of the spacer. */
    QuiltDesign geeseAtDusk() {
        QuiltDesign right = ours("geese-at-dusk");
        List<BorderDesign> borders = new ArrayList<>(right.borders());
        borders.set(0, BorderDesign.plain("1", "d", Corners.BUTTED));
        return right.withBorders(borders);
    }

    /** One block was laid on its side, where it does not fit. */
    QuiltDesign windowsillRunner() {
        return ours("windowsill-runner")
                .withPlaces(List.of(
                        new PlaceDesign(1, 1, "", 2, false, List.of()),
                        new PlaceDesign(1, 4, "", 1, false, List.of())));
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

package org.goldentally.app.demo;

import java.util.List;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.Shelf;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/**
 * A made-up shelf and quilt to look around with; loaded once, into an empty database, by {@code golden-tally
 * demo}, before the first page can be asked for.
 */
@Component
@Profile("demo")
class DemoData implements SmartInitializingSingleton {

    private final Quilts quilts;
    private final Shelf shelf;

    DemoData(Quilts quilts, Shelf shelf) {
        this.quilts = quilts;
        this.shelf = shelf;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (!quilts.list().isEmpty() || !shelf.list().isEmpty()) {
            return;
        }
        List.of(
                        "42 squares 10 in marigold prints",
                        "2 yd oat 42 wide",
                        "3 fat quarters teal",
                        "1 1/2 yd ink 42 wide",
                        "scrap 9 x 13 brick")
                .forEach(line -> shelf.add(line, MeasureSystem.INCH));
        quilts.create("Lantern Street", QuiltDesign.first(MeasureSystem.INCH));
    }
}

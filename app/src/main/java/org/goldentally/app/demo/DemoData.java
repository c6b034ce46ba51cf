package org.goldentally.app.demo;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.ClothFacts;
import org.goldentally.app.shelf.PriceList;
import org.goldentally.app.shelf.Shelf;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.ideas.OurQuilts;
import org.goldentally.core.measure.MeasureSystem;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.stereotype.Component;

/**
 * A made-up shelf and five quilts to look around with; loaded once, into an empty database, by {@code golden-tally
 * demo}, before the first page can be asked for.
 */
@Component
class DemoData implements SmartInitializingSingleton {

    private final boolean wanted;
    private final Quilts quilts;
    private final Shelf shelf;
    private final PriceList prices;

    /** The profile is asked when the application starts: what it is made of is settled when it is built. */
    DemoData(Environment environment, Quilts quilts, Shelf shelf, PriceList prices) {
        this.wanted = environment.acceptsProfiles(Profiles.of("demo"));
        this.quilts = quilts;
        this.shelf = shelf;
        this.prices = prices;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (!wanted || !quilts.list().isEmpty() || !shelf.list().isEmpty()) {
            return;
        }
        OurQuilts.SQUARES.forEach(print -> shelf.add("6 squares 10 in " + print, MeasureSystem.INCH));
        List.of(
                        "3 yd oat 42 wide",
                        "2 yd navy 42 wide",
                        "3 fat quarters teal",
                        "2 fat quarters rose",
                        "1 1/4 yd cream 42 wide",
                        "scrap 9 x 13 sand",
                        "42 squares 10 in harvest, 21 prints, two of each")
                .forEach(line -> shelf.add(line, MeasureSystem.INCH));
        List.of("0.6 m linen 110 cm wide", "0.4 m denim 110 cm wide", "1 fat quarter mustard")
                .forEach(line -> shelf.add(line, MeasureSystem.CENTIMETRE));
        Map<String, Shelf.ShelfClothView> cloths = new HashMap<>();
        shelf.list().forEach(this::print);
        shelf.list().forEach(cloth -> cloths.put(cloth.name(), cloth));
        DemoQuilts demo = new DemoQuilts(cloths);
        prices.takeMadeUp(null);
        quilts.create("Market day", demo.marketDay());
        quilts.create("Harvest scraps", demo.harvestScraps());
        quilts.create("Windowsill runner", demo.windowsillRunner());
        quilts.create("Geese at dusk", demo.geeseAtDusk());
        quilts.create("Lantern Street", demo.lanternStreet());
    }

    private void print(Shelf.ShelfClothView cloth) {
        HousePrint print = OurQuilts.PRINTS.getOrDefault(cloth.name(), cloth.print());
        shelf.change(
                cloth.id(),
                cloth.version(),
                new ClothFacts(
                        cloth.colour(),
                        cloth.lightness(),
                        cloth.directional(),
                        cloth.kind(),
                        cloth.price(),
                        cloth.guessed(),
                        print));
    }
}

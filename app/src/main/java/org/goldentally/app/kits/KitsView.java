package org.goldentally.app.kits;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.kits.Kits;
import org.goldentally.core.kits.Kits.Heap;
import org.goldentally.core.kits.Kits.KitList;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;

/**
 * Kits as the page shows them.
 *
 * @param count of all kits
 * @param rows what is bought in all
 * @param total of what has a price; empty where nothing has
 * @param perKit the same for one kit, rounded up
 * @param saved what cutting together saves beside buying for each kit by itself; empty where it saves nothing
 */
public record KitsView(int count, List<BuyView> rows, String total, String perKit, String saved, List<KitView> kits) {

    /**
     * What to buy of one cloth for all kits.
     *
     * @param enough whether the shelf has all of it
     */
    public record BuyView(String what, String colour, String buy, String cost, boolean enough) {}

    public record KitView(String name, int count, List<HeapView> heaps) {}

    /**
     * Equal pieces in a kit.
     *
     * @param size as it is cut
     */
    public record HeapView(String cloth, String colour, long count, String piece, String size, String use) {}

    static KitsView of(Kits kits, TopTally one, Prices prices) {
        ShoppingList list = ShoppingList.of(kits.together(), prices);
        List<BuyView> rows = new ArrayList<>();
        for (ClothLedger ledger : kits.together().ledgers()) {
            if (ledger.toBuy().isEmpty()) {
                kits.together()
                        .top()
                        .design()
                        .cloth(ledger.cloth())
                        .ifPresent(cloth ->
                                rows.add(new BuyView(cloth.name(), cloth.colour(), "enough on the shelf", "", true)));
            }
        }
        BigDecimal total = BigDecimal.ZERO;
        for (ShoppingList.Item item : list.items()) {
            boolean counted = item.cloth().isPresent();
            Optional<Purchase> buy = item.purchase()
                    .map(each -> counted ? each : Purchase.of(each.exact().times(kits.count()), list.system()));
            Optional<BigDecimal> cost = item.cost();
            total = total.add(cost.orElse(BigDecimal.ZERO));
            rows.add(new BuyView(
                    item.what(),
                    item.cloth().map(cloth -> cloth.colour()).orElse(""),
                    buy.map(Purchase::write)
                            .orElseGet(() -> kits.count() + " × " + sides(item.width(), item.length(), list.system())),
                    cost.map(BigDecimal::toPlainString).orElse(""),
                    false));
        }
        return new KitsView(
                kits.count(),
                rows,
                total.signum() == 0 ? "" : total.setScale(2, RoundingMode.UP).toPlainString(),
                total.signum() == 0
                        ? ""
                        : total.divide(BigDecimal.valueOf(kits.count()), 2, RoundingMode.UP)
                                .toPlainString(),
                saved(kits, one),
                kits.lists().stream().map(kit -> view(kit, list.system())).toList());
    }

    /** What all lengths of one quilt, so many times, are longer than those of all kits; in one colourway only. */
    private static String saved(Kits kits, TopTally one) {
        if (kits.lists().size() > 1) {
            return "";
        }
        Length single = bought(one).times(kits.count());
        Length together = bought(kits.together());
        return single.isLongerThan(together)
                ? Purchase.write(single.minus(together), one.top().design().system())
                : "";
    }

    private static Length bought(TopTally tally) {
        return tally.ledgers().stream()
                .flatMap(ledger -> ledger.toBuy().stream())
                .map(buy -> buy.purchase().bought())
                .reduce(Length.ZERO, Length::plus);
    }

    private static KitView view(KitList kit, MeasureSystem system) {
        return new KitView(
                kit.name(),
                kit.count(),
                kit.heaps().stream().map(heap -> view(heap, system)).toList());
    }

    private static HeapView view(Heap heap, MeasureSystem system) {
        return new HeapView(
                heap.cloth().name(),
                heap.cloth().colour(),
                heap.cut().count(),
                heap.cut().name(),
                sides(heap.cut().size().width(), heap.cut().size().height(), system),
                heap.cut().useLabel());
    }

    private static String sides(Length width, Length height, MeasureSystem system) {
        LengthWriter writer = system.writer();
        return width.equals(height)
                ? writer.writeWithUnit(width)
                : writer.write(width) + " × " + writer.writeWithUnit(height);
    }
}

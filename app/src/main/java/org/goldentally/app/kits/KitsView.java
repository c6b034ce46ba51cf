package org.goldentally.app.kits;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.kits.KitShopping;
import org.goldentally.core.kits.Kits;
import org.goldentally.core.kits.Kits.Heap;
import org.goldentally.core.kits.Kits.KitList;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.tally.WaysToBuy;

/**
 * Kits as the page shows them.
 *
 * @param count of all kits
 * @param rows what is bought in all
 * @param notCounted what needs cloth that no account has
 * @param total of what has a price; empty where nothing has
 * @param perKit the same for one kit, rounded up
 * @param saved what cutting together saves beside buying for each kit by itself; empty where it saves nothing
 */
public record KitsView(
        int count,
        List<BuyView> rows,
        List<String> notCounted,
        String total,
        String perKit,
        String saved,
        List<KitView> kits) {

    /**
     * What to buy of one cloth for all kits.
     *
     * @param enough whether the shelf has all of it
     */
    public record BuyView(String what, String colour, String buy, String cost, boolean enough) {}

    /** How many kits of one colourway, and the heaps that go into each. */
    public record KitView(String name, int count, List<HeapView> heaps) {}

    /**
     * Equal pieces in a kit.
     *
     * @param size as it is cut
     */
    public record HeapView(String cloth, String colour, long count, String piece, String size, String use) {}

    static KitsView of(Kits kits, KitShopping shopping, MeasureSystem system) {
        List<BuyView> rows = new ArrayList<>();
        shopping.enough()
                .forEach(cloth -> rows.add(new BuyView(cloth.name(), cloth.colour(), "enough on the shelf", "", true)));
        shopping.packs().forEach(packs -> rows.add(packs(packs)));
        shopping.items()
                .forEach(item -> rows.add(new BuyView(
                        item.what(),
                        item.cloth().map(ClothInHand::colour).orElse(""),
                        item.purchase()
                                .map(Purchase::write)
                                .orElseGet(() -> kits.count() + " × " + sides(item.width(), item.length(), system)),
                        item.cost().map(BigDecimal::toPlainString).orElse(""),
                        false)));
        boolean priced = shopping.total().signum() > 0;
        return new KitsView(
                kits.count(),
                rows,
                shopping.notCounted(),
                priced ? shopping.total().toPlainString() : "",
                priced ? shopping.perKit().toPlainString() : "",
                shopping.saved().isZero() ? "" : Purchase.write(shopping.saved(), system),
                kits.lists().stream().map(kit -> view(kit, system)).toList());
    }

    private static BuyView packs(WaysToBuy.Packs packs) {
        boolean one = packs.count() == 1;
        return new BuyView(
                packs.pack(),
                "",
                packs.count() + (one ? " more pack: " : " more packs: each ") + packs.pieces(),
                packs.cost().map(BigDecimal::toPlainString).orElse(""),
                false);
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

package org.goldentally.app.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.ShoppingList.Item;
import org.goldentally.core.tally.WaysToBuy;
import org.jspecify.annotations.Nullable;

/**
 * What is to be bought for a quilt, in shop's units, with what it costs where the price is known.
 *
 * @param total of all rows whose price is known; empty where none is
 * @param unpriced how many rows have no price
 * @param packs packs that do instead of several lengths
 */
public record ShoppingView(List<ShoppingRow> rows, String total, int unpriced, List<PackRow> packs) {

    /** Columns of the file: numbers apart from their units, so that a spreadsheet can add them. */
    static final List<String> COLUMNS = List.of(
            "what",
            "buy",
            "buy unit",
            "exactly",
            "exactly unit",
            "width",
            "length",
            "length unit",
            "price",
            "price for",
            "cost");

    /** Other things that do as well: {@code 3 fat quarters, 18 × 20 in}; cheaper where both prices are known and it is. */
    public record OtherWay(String buy, String cost, boolean cheaper) {}

    /** Packs that do instead of lengths: how many, what is in one, and what they save buying. */
    public record PackRow(String buy, String instead, String cost, boolean cheaper) {}

    /** One row: a cloth, the backing, the batting. */
    public record ShoppingRow(
            String what,
            @Schema(types = {"string", "null"}) @Nullable String colour,
            String buy,
            String exactly,
            String width,
            String price,
            String cost,
            List<OtherWay> ways) {}

    static ShoppingView of(ShoppingList list, WaysToBuy ways) {
        LengthWriter writer = list.system().writer();
        return new ShoppingView(
                list.items().stream()
                        .map(item -> row(item, writer, ways(item, list, ways)))
                        .toList(),
                list.total().signum() == 0 ? "" : list.total().setScale(2).toPlainString(),
                list.unpriced(),
                ways.packs().stream().map(pack -> row(pack, list)).toList());
    }

    private static List<OtherWay> ways(Item item, ShoppingList list, WaysToBuy ways) {
        return ways.pieces().stream()
                .filter(way -> item.cloth()
                        .filter(cloth -> cloth.key().equals(way.cloth()))
                        .isPresent())
                .map(way -> new OtherWay(
                        way.piece().form() == PieceForm.FAT_QUARTER
                                ? way.count() + " " + PieceForm.FAT_QUARTER.name(way.count())
                                : way.piece().describe(way.count(), list.system()),
                        way.cost().map(BigDecimal::toPlainString).orElse(""),
                        isLess(way.cost(), item.cost())))
                .toList();
    }

    private static PackRow row(WaysToBuy.Packs pack, ShoppingList list) {
        List<Item> instead = list.items().stream()
                .filter(item -> item.cloth()
                        .filter(cloth -> pack.instead().contains(cloth.key()))
                        .isPresent())
                .toList();
        Optional<BigDecimal> lengths =
                instead.stream().allMatch(item -> item.cost().isPresent())
                        ? instead.stream().flatMap(item -> item.cost().stream()).reduce(BigDecimal::add)
                        : Optional.empty();
        String more = pack.count() == 1 ? "one more pack" : pack.count() + " more packs";
        return new PackRow(
                more + " of " + pack.pack() + ": " + (pack.count() == 1 ? "" : "each ") + pack.pieces() + ", "
                        + pack.prints() + " prints",
                "instead of lengths of " + instead.size() + (instead.size() == 1 ? " print" : " prints")
                        + lengths.map(cost -> ", " + cost.toPlainString()).orElse(""),
                pack.cost().map(BigDecimal::toPlainString).orElse(""),
                isLess(pack.cost(), lengths));
    }

    private static boolean isLess(Optional<BigDecimal> one, Optional<BigDecimal> other) {
        return one.isPresent() && other.isPresent() && one.get().compareTo(other.get()) < 0;
    }

    private static ShoppingRow row(Item item, LengthWriter writer, List<OtherWay> ways) {
        String both = writer.write(item.width()) + " × " + writer.writeWithUnit(item.length());
        return new ShoppingRow(
                item.label(),
                item.cloth().map(ClothInHand::colour).orElse(null),
                item.purchase().map(Purchase::write).orElse(both),
                item.purchase()
                        .map(purchase -> writer.writeWithUnit(purchase.exact()))
                        .orElse(""),
                item.purchase().isEmpty() ? "" : writer.writeWithUnit(item.width()) + " wide",
                item.price().map(Price::write).orElse("no price"),
                item.cost().map(BigDecimal::toPlainString).orElse(""),
                ways);
    }

    /** The rows to print, the total last. */
    public List<List<String>> printed() {
        List<List<String>> printed = new ArrayList<>();
        rows.forEach(row -> {
            printed.add(List.of(row.what(), row.buy(), row.exactly(), row.width(), row.price(), row.cost()));
            row.ways().forEach(way -> printed.add(List.of("", "or " + way.buy(), "", "", "", way.cost())));
        });
        packs.forEach(pack -> printed.add(List.of("or " + pack.buy(), pack.instead(), "", "", "", pack.cost())));
        if (!total.isEmpty()) {
            printed.add(List.of("total of what has a price", "", "", "", "", total));
        }
        return printed;
    }

    /** The rows of the file, each with as many cells as there are {@link #COLUMNS}. */
    static List<List<String>> table(ShoppingList list) {
        List<List<String>> table = new ArrayList<>();
        list.items().forEach(item -> table.add(cells(item, list)));
        if (list.total().signum() > 0) {
            List<String> total = new ArrayList<>(java.util.Collections.nCopies(COLUMNS.size(), ""));
            total.set(0, "total of what has a price");
            total.set(COLUMNS.size() - 1, list.total().setScale(2).toPlainString());
            table.add(total);
        }
        return table;
    }

    private static List<String> cells(Item item, ShoppingList list) {
        LengthWriter writer = list.system().writer();
        String unit = list.system().abbreviation();
        boolean cloth = item.purchase().isPresent();
        return List.of(
                item.label(),
                item.purchase().map(Purchase::writeDecimal).orElse("1"),
                cloth ? UsualSizes.of(list.system()).shopWord() : "piece",
                item.purchase()
                        .map(purchase -> writer.writeDecimal(purchase.exact()))
                        .orElse(""),
                cloth ? unit : "",
                writer.writeDecimal(item.width()),
                cloth ? "" : writer.writeDecimal(item.length()),
                unit,
                item.price().map(price -> price.amount().toPlainString()).orElse(""),
                item.price().map(price -> price.per().label()).orElse(""),
                item.cost().map(BigDecimal::toPlainString).orElse(""));
    }
}

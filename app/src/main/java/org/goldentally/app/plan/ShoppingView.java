package org.goldentally.app.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.ShoppingList.Item;
import org.jspecify.annotations.Nullable;

/**
 * What is to be bought for a quilt, in shop's units, with what it costs where the price is known.
 *
 * @param total of all rows whose price is known; empty where none is
 * @param unpriced how many rows have no price
 */
public record ShoppingView(List<ShoppingRow> rows, String total, int unpriced) {

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

    /** One row: a cloth, the backing, the batting. */
    public record ShoppingRow(
            String what,
            @Schema(types = {"string", "null"}) @Nullable String colour,
            String buy,
            String exactly,
            String width,
            String price,
            String cost) {}

    static ShoppingView of(ShoppingList list) {
        LengthWriter writer = list.system().writer();
        return new ShoppingView(
                list.items().stream().map(item -> row(item, writer)).toList(),
                list.total().signum() == 0 ? "" : list.total().setScale(2).toPlainString(),
                list.unpriced());
    }

    private static ShoppingRow row(Item item, LengthWriter writer) {
        String both = writer.write(item.width()) + " × " + writer.writeWithUnit(item.length());
        return new ShoppingRow(
                item.what(),
                item.cloth().map(ClothInHand::colour).orElse(null),
                item.purchase().map(Purchase::write).orElse(both),
                item.purchase()
                        .map(purchase -> writer.writeWithUnit(purchase.exact()))
                        .orElse(""),
                item.purchase().isEmpty() ? "" : writer.writeWithUnit(item.width()) + " wide",
                item.price().map(Price::write).orElse("no price"),
                item.cost().map(BigDecimal::toPlainString).orElse(""));
    }

    /** The rows to print, the total last. */
    public List<List<String>> printed() {
        List<List<String>> printed = new ArrayList<>();
        rows.forEach(row ->
                printed.add(List.of(row.what(), row.buy(), row.exactly(), row.width(), row.price(), row.cost())));
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
                item.what(),
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

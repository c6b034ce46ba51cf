package org.goldentally.app.plan;

import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.Finishing;
import org.goldentally.core.tally.ClothLedger;
import org.goldentally.core.tally.TopTally;
import org.jspecify.annotations.Nullable;

/**
 * What is to be bought for a quilt, in shop's units, with what it costs where the price is known.
 *
 * @param total of all rows whose price is known; empty where none is
 * @param unpriced how many rows have no price
 */
public record ShoppingView(List<ShoppingRow> rows, String total, int unpriced) {

    /** One row: a cloth, the backing, the batting. */
    public record ShoppingRow(
            String what,
            @Schema(types = {"string", "null"}) @Nullable String colour,
            String buy,
            String exactly,
            String width,
            String price,
            String cost) {}

    static ShoppingView of(TopTally tally, Map<String, Price> prices) {
        MeasureSystem system = tally.top().design().system();
        LengthWriter writer = system.writer();
        List<ShoppingRow> rows = new ArrayList<>();
        BigDecimal total = BigDecimal.ZERO;
        int unpriced = 0;
        for (ClothLedger ledger : tally.ledgers()) {
            if (ledger.toBuy().isEmpty()) {
                continue;
            }
            ClothInHand cloth = tally.top().design().cloth(ledger.cloth()).orElseThrow();
            Purchase purchase = ledger.toBuy().get().purchase();
            Optional<Price> price = Optional.ofNullable(prices.get(ledger.cloth()));
            Optional<BigDecimal> cost = price.flatMap(each -> each.of(purchase));
            total = total.add(cost.orElse(BigDecimal.ZERO));
            unpriced += cost.isEmpty() ? 1 : 0;
            rows.add(new ShoppingRow(
                    cloth.name(),
                    cloth.colour(),
                    purchase.write(),
                    writer.writeWithUnit(purchase.exact()),
                    writer.writeWithUnit(ledger.widthToBuy()) + " wide",
                    price.map(Price::write).orElse("no price"),
                    cost.map(BigDecimal::toPlainString).orElse("")));
        }
        Finishing finishing = tally.top().finishing();
        boolean inAnAccount = tally.ledgers().stream()
                .anyMatch(ledger -> ledger.cuts().stream().anyMatch(tally::isBacking));
        if (!inAnAccount && finishing.backing().isPresent()) {
            Finishing.Backing backing = finishing.backing().get();
            Purchase purchase = Purchase.of(backing.cloth(), system);
            rows.add(new ShoppingRow(
                    "backing, cloth not chosen",
                    null,
                    purchase.write(),
                    writer.writeWithUnit(purchase.exact()),
                    writer.writeWithUnit(backing.widthOfFabric()) + " wide",
                    "no price",
                    ""));
            unpriced++;
        }
        rows.add(new ShoppingRow(
                "batting",
                null,
                writer.write(finishing.backingWidth()) + " × " + writer.writeWithUnit(finishing.backingHeight()),
                "",
                "",
                "no price",
                ""));
        unpriced++;
        return new ShoppingView(
                rows, total.signum() == 0 ? "" : total.setScale(2).toPlainString(), unpriced);
    }

    public List<List<String>> table() {
        List<List<String>> table = new ArrayList<>();
        rows.forEach(
                row -> table.add(List.of(row.what(), row.buy(), row.exactly(), row.width(), row.price(), row.cost())));
        if (!total.isEmpty()) {
            table.add(List.of("total of what has a price", "", "", "", "", total));
        }
        return table;
    }
}

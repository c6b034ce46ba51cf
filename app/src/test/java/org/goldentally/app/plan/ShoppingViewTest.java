package org.goldentally.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.goldentally.app.plan.ShoppingView.OtherWay;
import org.goldentally.app.plan.ShoppingView.PackRow;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.ShoppingList.Item;
import org.goldentally.core.tally.WaysToBuy;
import org.junit.jupiter.api.Test;

class ShoppingViewTest {

    private static final Item OAT = item("a", "oat", "12 a yard");
    private static final Item INK = item("b", "ink", "8 a yard");
    private static final Item PLUM = item("c", "plum", "");
    private static final Item BACKING = new Item(
            "backing, fabric not chosen",
            Optional.empty(),
            Optional.of(Purchase.of(Length.inches(72), MeasureSystem.INCH)),
            Length.inches(42),
            Length.ZERO,
            Optional.empty());

    /** Half a yard of oat is 6.00; only what is known to be cheaper is called so. */
    @Test
    void otherWaysStandBelowTheirClothAndTellWhereTheyAreCheaper() {
        ShoppingView view = view(
                List.of(OAT, PLUM, BACKING),
                new WaysToBuy(
                        List.of(
                                pieces("a", PieceForm.FAT_QUARTER, 21, 18, 2, "5.00"),
                                pieces("a", PieceForm.FAT_QUARTER, 21, 18, 1, "6.00"),
                                pieces("a", PieceForm.STRIP, 42, 2, 3, ""),
                                pieces("c", PieceForm.SQUARE, 10, 10, 4, "1.00")),
                        List.of()));
        assertThat(view.rows().get(0).ways())
                .containsExactly(
                        new OtherWay("2 fat quarters", "5.00", true),
                        new OtherWay("1 fat quarter", "6.00", false),
                        new OtherWay("3 strips, 2 in wide, 42 in long", "", false));
        assertThat(view.rows().get(1).ways()).containsExactly(new OtherWay("4 squares, 10 in", "1.00", false));
        assertThat(view.rows().get(2).ways()).isEmpty();
        assertThat(view.rows().get(2).colour()).isNull();
        assertThat(view.total()).isEqualTo("6.00");
        assertThat(view.unpriced()).isEqualTo(2);
        assertThat(view.printed()).hasSize(3 + 4 + 1);
        assertThat(view.printed().getLast()).containsExactly("total of what has a price", "", "", "", "", "6.00");
    }

    @Test
    void packsStandInsteadOfLengths() {
        ShoppingView view = view(
                List.of(OAT, INK, PLUM),
                new WaysToBuy(
                        List.of(),
                        List.of(
                                new WaysToBuy.Packs(
                                        "dusk", 1, 21, "42 squares, 10 in", List.of("a", "b"), money("9.00")),
                                new WaysToBuy.Packs(
                                        "dusk", 2, 21, "42 squares, 10 in", List.of("a", "b"), money("11.00")),
                                new WaysToBuy.Packs("dawn", 2, 8, "8 fat quarters", List.of("a", "c"), money("1.00")),
                                new WaysToBuy.Packs("noon", 1, 8, "8 strips", List.of("a"), Optional.empty()))));
        assertThat(view.packs())
                .containsExactly(
                        new PackRow(
                                "one more pack of dusk: 42 squares, 10 in, 21 prints",
                                "instead of lengths of 2 prints, 10.00",
                                "9.00",
                                true),
                        new PackRow(
                                "2 more packs of dusk: each 42 squares, 10 in, 21 prints",
                                "instead of lengths of 2 prints, 10.00",
                                "11.00",
                                false),
                        new PackRow(
                                "2 more packs of dawn: each 8 fat quarters, 8 prints",
                                "instead of lengths of 2 prints",
                                "1.00",
                                false),
                        new PackRow(
                                "one more pack of noon: 8 strips, 8 prints",
                                "instead of lengths of 1 print, 6.00",
                                "",
                                false));
        assertThat(view.printed())
                .contains(List.of(
                        "or one more pack of noon: 8 strips, 8 prints",
                        "instead of lengths of 1 print, 6.00",
                        "",
                        "",
                        "",
                        ""));
    }

    @Test
    void withoutAnyPriceThereIsNoTotal() {
        ShoppingView view = view(List.of(PLUM), new WaysToBuy(List.of(), List.of()));
        assertThat(view.total()).isEmpty();
        assertThat(view.printed()).hasSize(1);
        assertThat(ShoppingView.table(new ShoppingList(List.of(PLUM), MeasureSystem.INCH)))
                .hasSize(1);
        assertThat(ShoppingView.table(new ShoppingList(List.of(PLUM, OAT), MeasureSystem.INCH))
                        .getLast())
                .startsWith("total of what has a price")
                .endsWith("6.00")
                .hasSameSizeAs(ShoppingView.COLUMNS);
    }

    private static ShoppingView view(List<Item> items, WaysToBuy ways) {
        return ShoppingView.of(new ShoppingList(items, MeasureSystem.INCH), ways);
    }

    private static WaysToBuy.Pieces pieces(
            String cloth, PieceForm form, int width, int length, int count, String cost) {
        return new WaysToBuy.Pieces(
                cloth,
                new ClothPiece(form, Length.inches(width), Length.inches(length), ClothPiece.Edge.STRAIGHT),
                count,
                cost.isEmpty() ? Optional.empty() : money(cost));
    }

    private static Optional<BigDecimal> money(String amount) {
        return Optional.of(new BigDecimal(amount));
    }

    private static Item item(String key, String name, String price) {
        return new Item(
                name,
                Optional.of(new ClothInHand(key, name, "#efe6d0")),
                Optional.of(Purchase.of(Length.inches(18), MeasureSystem.INCH)),
                Length.inches(42),
                Length.ZERO,
                price.isEmpty()
                        ? Optional.empty()
                        : Optional.of(Price.read("price", price).orThrow()));
    }
}

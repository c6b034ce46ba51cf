package org.goldentally.core.tally;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.finishing.Finishing;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * What is to be bought for a quilt: each cloth that is short, binding and backing where their cloth is not chosen yet, the
 * batting.
 *
 * @param system in which it is written
 */
public record ShoppingList(List<Item> items, MeasureSystem system) {

    /**
     * One thing to buy.
     *
     * @param what the name of the fabric; where none is chosen, what it is for
     * @param cloth of the quilt; empty where none is chosen for it
     * @param purchase a length of cloth; empty for batting, which is bought by both sides
     * @param width usable width of the cloth, or of the batting
     * @param length of the batting; nothing for cloth
     */
    public record Item(
            String what,
            Optional<ClothInHand> cloth,
            Optional<Purchase> purchase,
            Length width,
            Length length,
            Optional<Price> price) {

        /** With a word where its fabric is still to be chosen: {@code backing, fabric not chosen}. */
        public String label() {
            return cloth.isEmpty() && purchase.isPresent() ? what + ", fabric not chosen" : what;
        }

        /** Empty where the price is not known, or not one of lengths. */
        public Optional<BigDecimal> cost() {
            return price.flatMap(each -> purchase.flatMap(each::of));
        }
    }

    public ShoppingList {
        items = List.copyOf(items);
    }

    /**
     * What is to buy for a quilt.
     *
     * @param prices what is known of them; a cloth is not bought shorter than it is sold
     */
    public static ShoppingList of(TopTally tally, Prices prices) {
        MeasureSystem system = tally.top().design().system();
        List<Item> items = new ArrayList<>();
        for (ClothLedger ledger : tally.ledgers()) {
            ledger.toBuy()
                    .ifPresent(buy -> items.add(ofCloth(
                            tally.top().design().cloth(ledger.cloth()).orElseThrow(),
                            ledger.widthToBuy(),
                            buy.purchase(),
                            prices.ofLength(ledger.cloth()))));
        }
        Finishing finishing = Finishing.of(tally.top());
        finishing
                .binding()
                .filter(any -> tally.top().design().finishing().bindingCloth().isEmpty()
                        && !tally.top().design().finishing().scrappyBinding())
                .ifPresent(binding ->
                        items.add(notChosen("binding", Purchase.of(binding.cloth(), system), binding.widthOfFabric())));
        boolean inAnAccount = tally.ledgers().stream()
                .anyMatch(ledger -> ledger.cuts().stream().anyMatch(tally::isBacking));
        finishing
                .backing()
                .filter(any -> !inAnAccount)
                .ifPresent(backing ->
                        items.add(notChosen("backing", Purchase.of(backing.cloth(), system), backing.widthOfFabric())));
        items.add(new Item(
                "batting",
                Optional.empty(),
                Optional.empty(),
                finishing.backingWidth(),
                finishing.backingHeight(),
                Optional.empty()));
        return new ShoppingList(items, system);
    }

    private static Item ofCloth(ClothInHand cloth, Length width, Purchase purchase, Optional<Price> price) {
        return new Item(
                cloth.name(),
                Optional.of(cloth),
                Optional.of(price.map(each -> each.sold(purchase)).orElse(purchase)),
                width,
                Length.ZERO,
                price);
    }

    private static Item notChosen(String what, Purchase purchase, Length width) {
        return new Item(what, Optional.empty(), Optional.of(purchase), width, Length.ZERO, Optional.empty());
    }

    /** What is bought by the length, in few words: {@code 1 1/8 yd oat}. */
    public List<String> lengths() {
        return written(items);
    }

    /** Those of cloths of the quilt, without binding and backing that have no cloth yet. */
    public List<String> lengthsOfCloths() {
        return written(items.stream().filter(item -> item.cloth().isPresent()).toList());
    }

    /** Those of binding and backing that have no cloth yet. */
    public List<String> lengthsOfNoCloth() {
        return written(items.stream().filter(item -> item.cloth().isEmpty()).toList());
    }

    private static List<String> written(List<Item> items) {
        return items.stream()
                .flatMap(item -> item.purchase().stream().map(purchase -> purchase.write() + " " + item.label()))
                .toList();
    }

    /** Of all whose price is known. */
    public BigDecimal total() {
        return items.stream().flatMap(item -> item.cost().stream()).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    /** How many items have no known price. */
    public int unpriced() {
        return Math.toIntExact(
                items.stream().filter(item -> item.cost().isEmpty()).count());
    }
}

package org.goldentally.core.kits;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.measure.Length;
import org.goldentally.core.plans.PlanInWords;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.tally.WaysToBuy;

/**
 * What is bought for all kits together.
 *
 * @param enough cloths that the shelf has enough of
 * @param notCounted what needs cloth that no account has
 * @param items what is to buy by the length; a length is of all kits
 * @param packs more of the packs whose prints are short: they are sold as packs, and no length of them is among the items
 * @param total of all whose price is known
 * @param perKit the same for one of them, rounded up to the hundredth
 * @param saved how much less cloth it takes cut together than kit by kit, told as lengths whatever is on the shelf; nothing
 *     in several colourways
 */
public record KitShopping(
        List<ClothInHand> enough,
        List<String> notCounted,
        List<Item> items,
        List<WaysToBuy.Packs> packs,
        BigDecimal total,
        BigDecimal perKit,
        Length saved) {

    /**
     * One thing to buy.
     *
     * @param cloth empty where none is chosen for it
     * @param purchase of all kits; empty for batting, of which each kit has its own
     * @param width of one piece of batting
     * @param length of one piece of batting
     */
    public record Item(
            String what,
            Optional<ClothInHand> cloth,
            Optional<Purchase> purchase,
            Length width,
            Length length,
            Optional<BigDecimal> cost) {}

    /**
     * For kits.
     *
     * @param one the tally of one quilt
     * @param shelf what there is of each of its cloths
     */
    public static KitShopping of(
            Kits kits, TopTally one, Map<String, List<ShelfPieces>> shelf, Prices prices, ClothCutter cutter) {
        List<WaysToBuy.Packs> packs = WaysToBuy.packs(kits.together(), shelf, prices, cutter);
        Set<String> inPacks =
                packs.stream().flatMap(pack -> pack.instead().stream()).collect(Collectors.toSet());
        ShoppingList list = ShoppingList.of(kits.together(), prices);
        List<ClothInHand> enough = kits.together().ledgers().stream()
                .filter(ledger -> ledger.isEnough() && ledger.tooLarge().isEmpty())
                .flatMap(ledger -> kits.together().top().design().cloth(ledger.cloth()).stream())
                .toList();
        List<Item> items = new ArrayList<>();
        BigDecimal total =
                packs.stream().flatMap(pack -> pack.cost().stream()).reduce(BigDecimal.ZERO, BigDecimal::add);
        for (ShoppingList.Item item : list.items()) {
            if (item.cloth().map(ClothInHand::key).filter(inPacks::contains).isPresent()) {
                continue;
            }
            total = total.add(item.cost().orElse(BigDecimal.ZERO));
            // Accounts are of all kits already; what has no cloth yet is told of one quilt.
            Optional<Purchase> purchase = item.cloth().isPresent()
                    ? item.purchase()
                    : item.purchase().map(each -> Purchase.of(each.exact().times(kits.count()), list.system()));
            items.add(new Item(item.label(), item.cloth(), purchase, item.width(), item.length(), item.cost()));
        }
        Length single = asLengths(one, cutter).times(kits.count());
        Length together = asLengths(kits.together(), cutter);
        boolean saves = kits.lists().size() == 1 && single.isLongerThan(together);
        return new KitShopping(
                enough,
                PlanInWords.notCounted(kits.together()),
                List.copyOf(items),
                packs,
                total,
                total.divide(BigDecimal.valueOf(kits.count()), 2, RoundingMode.UP),
                saves ? single.minus(together) : Length.ZERO);
    }

    private static Length asLengths(TopTally tally, ClothCutter cutter) {
        return tally.ledgers().stream()
                .flatMap(ledger -> ledger.asYardage(cutter).stream())
                .map(Purchase::bought)
                .reduce(Length.ZERO, Length::plus);
    }
}

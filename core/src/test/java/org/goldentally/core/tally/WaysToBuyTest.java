package org.goldentally.core.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;

class WaysToBuyTest {

    /** Whatever is offered does: with it on the shelf nothing of the cloth is missing, and with one piece less it is. */
    @Tries(12)
    void whatIsOfferedIsEnoughAndOneLessIsNot(Chance chance) {
        // Made by the same method with more of it, too; by itself another shelf may choose another.
        QuiltTop top = Tops.of(chance.between(2, 6), chance.between(2, 6), "8", "pinwheel")
                .choose("half-square", chance.of(List.of("two-at-a-time", "eight-at-a-time")))
                .top();
        Map<String, List<ShelfPieces>> shelf = new HashMap<>();
        top.design().cloths().forEach(cloth -> shelf.put(cloth.key(), List.of(squares(chance.between(1, 2)))));
        WaysToBuy ways = WaysToBuy.of(TopTally.of(top, shelf), shelf, Prices.UNKNOWN, ClothLedger::of);
        for (WaysToBuy.Pieces way : ways.pieces()) {
            assertThat(isEnough(top, shelf, way, way.count())).isTrue();
            assertThat(isEnough(top, shelf, way, way.count() - 1)).isFalse();
        }
    }

    @Test
    void aFatQuarterIsOfferedForAShortLength() {
        QuiltTop top = Tops.of(2, 2, "8", "pinwheel").top();
        WaysToBuy ways = WaysToBuy.of(TopTally.of(top, Map.of()), Map.of(), Prices.UNKNOWN, ClothLedger::of);
        assertThat(ways.pieces()).hasSize(2).allSatisfy(way -> {
            assertThat(way.count()).isEqualTo(1);
            assertThat(isEnough(top, Map.of("a", List.of(), "b", List.of()), way, 1))
                    .isTrue();
        });
    }

    /** Nobody takes eight fat quarters, two yards of fabric, for a yard and an eighth; one for 1/8 yd she may. */
    @Tries(20)
    void fatQuartersAreNeverMuchMoreFabricThanTheLength(Chance chance) {
        QuiltTop top = Tops.of(chance.between(2, 9), chance.between(2, 9), "8", "pinwheel")
                .choose("half-square", "two-at-a-time")
                .top();
        TopTally tally = TopTally.of(top, Map.of());
        for (WaysToBuy.Pieces way :
                WaysToBuy.of(tally, Map.of(), Prices.UNKNOWN, ClothLedger::of).pieces()) {
            ClothLedger.ToBuy buy = tally.ledgers().stream()
                    .filter(ledger -> ledger.cloth().equals(way.cloth()))
                    .findFirst()
                    .orElseThrow()
                    .toBuy()
                    .orElseThrow();
            double yards = buy.purchase().bought().toDoubleInches() / 36;
            assertThat(way.count() <= 2 || way.count() / 4.0 <= yards * 1.34)
                    .as("%s fat quarters for %s yd", way.count(), yards)
                    .isTrue();
        }
    }

    private static boolean isEnough(
            QuiltTop top, Map<String, List<ShelfPieces>> shelf, WaysToBuy.Pieces way, int count) {
        Map<String, List<ShelfPieces>> with = new HashMap<>(shelf);
        List<ShelfPieces> pieces = new ArrayList<>(shelf.get(way.cloth()));
        if (count > 0) {
            pieces.add(new ShelfPieces("more", count, way.piece()));
        }
        with.put(way.cloth(), pieces);
        return TopTally.of(top, with).ledgers().stream()
                .filter(ledger -> ledger.cloth().equals(way.cloth()))
                .allMatch(ClothLedger::isEnough);
    }

    /** Both prints of a pack short: one more pack as there is one, priced by the pack, instead of two lengths. */
    @Test
    void onePackDoesInsteadOfALengthOfEachPrint() {
        Tops tops = Tops.of(3, 3, "8", "pinwheel");
        Map<String, List<ShelfPieces>> shelf = new LinkedHashMap<>();
        List<ClothInHand> cloths = tops.top().design().cloths().stream()
                .map(cloth -> ofPack(cloth, "autumn"))
                .toList();
        QuiltTop top = tops.cloths(cloths.toArray(new ClothInHand[0])).top();
        cloths.forEach(cloth -> shelf.put(cloth.key(), List.of(squares(4))));
        Prices prices = new Prices(
                Map.of(), Map.of("autumn", List.of(Price.read("", "42 a pack").orThrow())));
        TopTally tally = TopTally.of(top, shelf);
        WaysToBuy ways = WaysToBuy.of(tally, shelf, prices, ClothLedger::of);
        List<String> missing = tally.ledgers().stream()
                .filter(ledger -> !ledger.isEnough())
                .map(ClothLedger::cloth)
                .toList();
        assertThat(missing).hasSizeGreaterThan(1);
        assertThat(ways.packs()).singleElement().satisfies(pack -> {
            assertThat(pack.instead()).isEqualTo(missing);
            assertThat(pack.cost()).hasValue(new BigDecimal(42 * pack.count()).setScale(2));
            Map<String, List<ShelfPieces>> with = new HashMap<>(shelf);
            shelf.forEach((cloth, pieces) -> with.put(
                    cloth,
                    List.of(
                            squares(4),
                            new ShelfPieces(
                                    "more", 4 * pack.count(), pieces.getFirst().piece()))));
            assertThat(TopTally.of(top, with).ledgers()).allMatch(ClothLedger::isEnough);
        });
    }

    @Test
    void fatQuartersAreOfferedWhereTheyWouldDoAndCostWhatTheyCost() {
        QuiltTop top = Tops.of(2, 2, "8", "pinwheel").top();
        String cloth = top.design().cloths().getFirst().key();
        Prices prices = new Prices(
                Map.of(cloth, List.of(Price.read("", "3.20 a fat quarter").orThrow())), Map.of());
        WaysToBuy ways = WaysToBuy.of(TopTally.of(top, Map.of()), Map.of(), prices, ClothLedger::of);
        assertThat(ways.pieces())
                .filteredOn(way -> way.cloth().equals(cloth))
                .singleElement()
                .satisfies(way -> {
                    assertThat(way.piece().form()).isEqualTo(PieceForm.FAT_QUARTER);
                    assertThat(way.cost()).hasValue(new BigDecimal("3.20").multiply(BigDecimal.valueOf(way.count())));
                });
    }

    private static ShelfPieces squares(int count) {
        return new ShelfPieces("squares", count, ClothPiece.square(Length.inches(5)));
    }

    private static ClothInHand ofPack(ClothInHand cloth, String pack) {
        return new ClothInHand(
                cloth.key(),
                cloth.name(),
                cloth.colour(),
                cloth.lightness(),
                cloth.background(),
                cloth.shelfCloth(),
                cloth.directional(),
                pack,
                ClothInHand.StandsFor.ITSELF);
    }
}

package org.goldentally.core.kits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.OpenedPiece;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.block.Block;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.KitDesign;
import org.goldentally.core.design.KitDesign.OtherCloth;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.ideas.OurQuilts;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

class KitsTest {

    private final QuiltDesign geese =
            OurQuilts.byKey("geese-at-dusk").orElseThrow().design();

    /** Every piece of every kit is cut once: counted on the strips and blocks that are laid, not from what was asked for. */
    @Test
    void twelveKitsAreTwelveTimesThePiecesOfOne() {
        Kits kits = kits(geese, new KitDesign("", 12, List.of()));
        Map<String, Long> one = piecesCut(tally(geese));
        Map<String, Long> all = piecesCut(kits.together());
        assertThat(kits.count()).isEqualTo(12);
        assertThat(all.keySet()).isEqualTo(one.keySet());
        one.forEach((what, count) -> assertThat(all.get(what)).as(what).isEqualTo(12 * count));
    }

    @Test
    void cutTogetherTheyTakeNoMoreThanOneByOneAndNoLessThanTheirArea() {
        TopTally one = tally(geese);
        Kits kits = kits(geese, new KitDesign("", 12, List.of()));
        Length single = Length.ZERO;
        Length together = Length.ZERO;
        for (ClothLedger ledger : kits.together().ledgers()) {
            ClothLedger ofOne = one.ledgers().stream()
                    .filter(each -> each.cloth().equals(ledger.cloth()))
                    .findFirst()
                    .orElseThrow();
            Length all = ledger.toBuy().orElseThrow().purchase().bought();
            Length each = ofOne.toBuy().orElseThrow().purchase().bought();
            assertThat(all).isLessThanOrEqualTo(each.times(12));
            assertThat(all.times(ledger.widthToBuy()))
                    .isGreaterThan(ofOne.needed().times(12));
            single = single.plus(each.times(12));
            together = together.plus(all);
        }
        assertThat(together).isLessThan(single);
    }

    /** Twelve yards at 10.00 and a bit: a twelfth of it, and never less than what is paid in all. */
    @Test
    void aKitCostsItsShareRoundedUp() {
        Kits kits = kits(geese, new KitDesign("", 7, List.of()));
        Price tenAYard = new Price(BigDecimal.TEN, Price.Per.YARD, Length.ZERO);
        Prices prices = new Prices(Map.of("a", List.of(tenAYard), "d", List.of(tenAYard)), Map.of());
        KitShopping shopping = KitShopping.of(kits, tally(geese), Map.of(), prices, ClothLedger::of);
        BigDecimal paid = BigDecimal.ZERO;
        for (ClothLedger ledger : kits.together().ledgers()) {
            if (ledger.cloth().equals("a") || ledger.cloth().equals("d")) {
                Length bought = ledger.toBuy().orElseThrow().purchase().bought();
                paid = paid.add(
                        new BigDecimal(bought.wholeTimes(Length.inches(4, 1, 2))).multiply(new BigDecimal("1.25")));
            }
        }
        assertThat(shopping.total()).isEqualByComparingTo(paid);
        assertThat(shopping.perKit().multiply(BigDecimal.valueOf(7))).isGreaterThanOrEqualTo(paid);
        assertThat(shopping.perKit().subtract(new BigDecimal("0.01")).multiply(BigDecimal.valueOf(7)))
                .isLessThan(paid);
        assertThat(shopping.items())
                .filteredOn(item -> item.what().startsWith("backing"))
                .singleElement()
                .satisfies(item -> assertThat(item.purchase().orElseThrow().exact())
                        .isEqualTo(ShoppingList.of(tally(geese), prices).items().stream()
                                .filter(each -> each.what().startsWith("backing"))
                                .findFirst()
                                .orElseThrow()
                                .purchase()
                                .orElseThrow()
                                .exact()
                                .times(7)));
    }

    @Test
    void aColourwayTakesOtherClothsOfTheShelfOrToBuy() {
        ShelfCloth moss = new ShelfCloth(
                "moss-id",
                "moss",
                "#66753e",
                "",
                false,
                false,
                "",
                List.of(new ShelfPieces(
                        "m",
                        1,
                        new ClothPiece(
                                PieceForm.YARDAGE, Length.inches(44), Length.inches(36), ClothPiece.Edge.STRAIGHT))));
        QuiltDesign design = geese.withPlan(geese.plan()
                .withKits(List.of(
                        new KitDesign("dusk", 3, List.of()),
                        new KitDesign(
                                "morning",
                                2,
                                List.of(
                                        new OtherCloth("b", "moss"),
                                        new OtherCloth("c", "coral"),
                                        new OtherCloth("d", "teal"))))));
        Kits kits = Kits.of(tally(design), Map.of(), List.of(moss), ClothLedger::of);
        Map<String, Long> one = byCloth(tally(geese));
        Map<String, Long> all = new HashMap<>();
        for (ClothLedger ledger : kits.together().ledgers()) {
            String name = kits.together()
                    .top()
                    .design()
                    .cloth(ledger.cloth())
                    .orElseThrow()
                    .name();
            ledger.cuts().forEach(cut -> all.merge(name, cut.count(), Long::sum));
        }
        assertThat(kits.count()).isEqualTo(5);
        assertThat(all)
                .containsEntry("cream", 5 * one.get("cream"))
                .containsEntry("rose", 3 * one.get("rose"))
                .containsEntry("coral", 2 * one.get("rose"))
                .containsEntry("moss", 2 * one.get("teal"))
                .containsEntry("navy", 3 * one.get("navy"))
                // The second colourway has teal where the first has navy.
                .containsEntry("teal", 3 * one.get("teal") + 2 * one.get("navy"));
        ClothLedger ofMoss = kits.together().ledgers().stream()
                .filter(ledger -> !ledger.opened().isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(ofMoss.opened().getFirst().key()).isEqualTo("m");
        assertThat(kits.lists()).extracting(Kits.KitList::name).containsExactly("dusk", "morning");
        assertThat(kits.lists().getLast().heaps())
                .extracting(heap -> heap.cloth().name())
                .contains("moss", "coral", "teal", "cream")
                .doesNotContain("rose", "navy");
    }

    /** A shelf that one quilt uses up would seem to save all that the others buy; lengths are told without it. */
    @Test
    void whatIsSavedDoesNotDependOnTheShelf() {
        // Made by one method with and without a shelf.
        QuiltDesign geese =
                this.geese.withMethods(List.of(new QuiltDesign.MethodChoice("goose", "geese-four-at-a-time")));
        Kits bought = kits(geese, new KitDesign("", 12, List.of()));
        Length saved = KitShopping.of(bought, tally(geese), Map.of(), Prices.UNKNOWN, ClothLedger::of)
                .saved();
        Map<String, List<ShelfPieces>> shelf = Map.of("a", List.of(length("a", 108)), "d", List.of(length("d", 20)));
        QuiltDesign twelve = geese.withPlan(geese.plan().withKits(List.of(new KitDesign("", 12, List.of()))));
        TopTally one = TopTally.of(QuiltTop.of(twelve), shelf);
        Kits fromShelf = Kits.of(one, shelf, List.of(), ClothLedger::of);
        KitShopping shopping = KitShopping.of(fromShelf, one, shelf, Prices.UNKNOWN, ClothLedger::of);
        assertThat(saved).isGreaterThan(Length.ZERO);
        // Cloth on the shelf is as wide as cloth to buy here, so the lengths are the same.
        assertThat(shopping.saved()).isEqualTo(saved);
        assertThat(shopping.enough()).isEmpty();
        assertThat(one.ledgers().stream().filter(ClothLedger::isEnough)).isNotEmpty();
    }

    private static ShelfPieces length(String key, long inches) {
        return new ShelfPieces(
                key,
                1,
                new ClothPiece(
                        PieceForm.YARDAGE,
                        UsualSizes.of(MeasureSystem.INCH).widthOfFabric(),
                        Length.inches(inches),
                        ClothPiece.Edge.STRAIGHT));
    }

    /** Leftovers bind one quilt; of many that are cut together each still has its whole binding. */
    @Test
    void bindingsOfManyAreCutFromLengths() {
        QuiltDesign scrappy = geese.withFinishing(geese.finishing().boundFromLeftovers(true));
        assertThat(byCloth(kits(scrappy, new KitDesign("", 3, List.of())).together()))
                .isEqualTo(byCloth(kits(geese, new KitDesign("", 3, List.of())).together()));
    }

    /**
     * Four pinwheels of 12 in, each of one 10 in square of a print and one of white, four at a time: a class of twelve wants
     * twelve squares of each print, and eleven packs beside the one there is (counting). Prices: a pack at 20.00.
     */
    @Test
    void printsOfAPackAreBoughtAsPacks() {
        List<ClothInHand> cloths = new ArrayList<>(List.of(new ClothInHand("w", "white", "#ffffff")));
        Map<String, List<ShelfPieces>> shelf = new LinkedHashMap<>();
        shelf.put("w", List.of(length("w", 108)));
        List<PlaceDesign> places = new ArrayList<>();
        for (int print = 1; print <= 4; print++) {
            String key = "p" + print;
            cloths.add(new ClothInHand(
                    key,
                    "noon " + print,
                    "#33557" + print,
                    "",
                    false,
                    "",
                    false,
                    "noon",
                    ClothInHand.StandsFor.ITSELF,
                    false,
                    List.of()));
            shelf.put(key, List.of(new ShelfPieces(key, 1, ClothPiece.square(Length.inches(10)))));
            places.add(new PlaceDesign(
                    (print - 1) / 2, (print - 1) % 2, "", 0, false, List.of(new PlaceDesign.Exchange("p1", key))));
        }
        QuiltDesign noon = Tops.of(2, 2, "12", "pinwheel").design();
        noon = noon.withCloths(cloths)
                .withBlocks(noon.blocks().stream()
                        .map(block -> block.withUnits(unit -> unit.inCloths(each -> each.equals("a") ? "w" : "p1")))
                        .toList())
                .withPlaces(places)
                .withMethods(List.of(new QuiltDesign.MethodChoice("half-square", "four-at-a-time")))
                .withPlan(noon.plan().withKits(List.of(new KitDesign("", 12, List.of()))));
        TopTally one = TopTally.of(QuiltTop.of(noon), shelf, ClothLedger::of);
        Kits kits = Kits.of(one, shelf, List.of(), ClothLedger::of);
        Prices prices = new Prices(
                Map.of(), Map.of("noon", List.of(new Price(new BigDecimal("20"), Price.Per.PACK, Length.ZERO))));
        KitShopping shopping = KitShopping.of(kits, one, shelf, prices, ClothLedger::of);
        assertThat(shopping.packs()).singleElement().satisfies(packs -> {
            assertThat(packs.count()).isEqualTo(11);
            assertThat(packs.prints()).isEqualTo(4);
        });
        assertThat(shopping.items()).noneMatch(item -> item.what().startsWith("noon"));
        assertThat(shopping.items()).anyMatch(item -> item.what().equals("white"));
        assertThat(shopping.total()).isEqualByComparingTo("220");
    }

    @Test
    void whatIsNotDressedIsSaidNotToBeCounted() {
        QuiltDesign bare =
                geese.withBlocks(geese.blocks().stream().map(Block::undressed).toList());
        Kits kits = kits(bare, new KitDesign("", 2, List.of()));
        assertThat(KitShopping.of(kits, tally(bare), Map.of(), Prices.UNKNOWN, ClothLedger::of)
                        .notCounted())
                .containsExactly("fabric for what is not dressed yet");
    }

    @Test
    void moreKitsThanCanBePlannedAreRefused() {
        assertThatThrownBy(() -> kits(geese, new KitDesign("", 400, List.of()), new KitDesign("b", 101, List.of())))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("501 kits");
    }

    @Test
    void withoutKitsThereIsTheQuiltAlone() {
        Kits kits = Kits.of(tally(geese), Map.of(), List.of(), ClothLedger::of);
        assertThat(kits.count()).isOne();
        assertThat(piecesCut(kits.together())).isEqualTo(piecesCut(tally(geese)));
    }

    @Test
    void moreClothsThanAQuiltCanHaveAreRefused() {
        List<KitDesign> many = IntStream.range(0, 40)
                .mapToObj(kit -> new KitDesign(
                        "kit " + kit,
                        1,
                        IntStream.range(0, 5)
                                .mapToObj(cloth ->
                                        new OtherCloth("" + (char) ('a' + cloth), "cloth " + kit + " " + cloth))
                                .toList()))
                .toList();
        QuiltDesign market = OurQuilts.byKey("market-day").orElseThrow().design();
        QuiltDesign design = market.withPlan(market.plan().withKits(many));
        assertThatThrownBy(() -> Kits.of(tally(design), Map.of(), List.of(), ClothLedger::of))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("more than 200");
    }

    private static Kits kits(QuiltDesign design, KitDesign... kits) {
        QuiltDesign many = design.withPlan(design.plan().withKits(List.of(kits)));
        return Kits.of(tally(many), Map.of(), List.of(), ClothLedger::of);
    }

    private static TopTally tally(QuiltDesign design) {
        return TopTally.of(QuiltTop.of(design), Map.of());
    }

    private static Map<String, Long> byCloth(TopTally tally) {
        Map<String, Long> counts = new HashMap<>();
        for (ClothLedger ledger : tally.ledgers()) {
            String name =
                    tally.top().design().cloth(ledger.cloth()).orElseThrow().name();
            ledger.cuts().forEach(cut -> counts.merge(name, cut.count(), Long::sum));
        }
        return counts;
    }

    /** Pieces that lie on the cloth that is cut, by cloth and size. */
    private static Map<String, Long> piecesCut(TopTally tally) {
        Map<String, Long> counts = new HashMap<>();
        for (ClothLedger ledger : tally.ledgers()) {
            for (OpenedPiece piece : ledger.piecesCut()) {
                for (OpenedPiece.Cut cut : piece.cuts()) {
                    counts.merge(
                            ledger.cloth() + " " + cut.cut().size() + " "
                                    + cut.cut().useLabel(),
                            cut.count(),
                            Long::sum);
                }
            }
        }
        return counts;
    }
}

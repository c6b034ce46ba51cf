package org.goldentally.core.deal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.goldentally.core.cloth.PrintSwatches;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.ClothInHand.StandsFor;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.Judging;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;

class ScrappyDealTest {

    private static final String SEVEN = "autumn";

    /** "Any print on oat": a print a block, none beside itself, each used as often as the others, within one. */
    @Test
    void anyPrintOnOat() {
        QuiltDesign design = pinwheels(StandsFor.ITSELF, StandsFor.ANY_PRINT, 12);
        ScrappyDeal deal = ScrappyDeal.deal(design, Stock.UNKNOWN, 1);
        assertThat(deal.neighbours()).isZero();
        assertThat(deal.mostUsed() - deal.leastUsed()).isLessThanOrEqualTo(1);
        assertThat(deal.places()).hasSize(42);
        assertThat(Judging.of(QuiltTop.of(design.withPlaces(deal.places()))).sharedCloths())
                .isEmpty();
    }

    /** "A light and a dark of the pack, never twice the same in a block": they contrast in every unit. */
    @Test
    void aLightAndADarkContrast() {
        QuiltDesign design = pinwheels(StandsFor.LIGHT_PRINT, StandsFor.DARK_PRINT, 12);
        ScrappyDeal deal = ScrappyDeal.deal(design, Stock.UNKNOWN, 7);
        for (PlaceDesign place : deal.places()) {
            double light = lightness(design, dealt(place, "a"));
            double dark = lightness(design, dealt(place, "b"));
            assertThat(light).isGreaterThan(dark);
            assertThat(dealt(place, "a")).isNotEqualTo(dealt(place, "b"));
        }
        assertThat(deal.closePairs())
                .isEqualTo((int) deal.places().stream()
                                .filter(place -> Math.abs(lightness(
                                                        design,
                                                        place.exchanges()
                                                                .getFirst()
                                                                .to())
                                                - lightness(
                                                        design,
                                                        place.exchanges()
                                                                .getLast()
                                                                .to()))
                                        < design.closeInValue())
                                .count()
                        * 4)
                .isZero();
    }

    @Test
    void aPrintWithTwiceTheClothIsUsedTwiceAsMuch() {
        QuiltDesign design = pinwheels(StandsFor.ITSELF, StandsFor.ANY_PRINT, 6);
        Map<String, Double> blocks = new HashMap<>();
        for (int i = 0; i < 6; i++) {
            blocks.put("p" + i, i == 0 ? 12.0 : 6.0);
        }
        Map<String, Long> used = uses(ScrappyDeal.deal(design, new Stock(Map.of("b", blocks), Map.of()), 3));
        assertThat(used.get("p0")).isBetween(10L, 14L);
        assertThat(used.get("p1")).isBetween(4L, 8L);
    }

    @Test
    void theSameNumberDealsTheSameAndAnotherDealsAnew() {
        QuiltDesign design = pinwheels(StandsFor.ITSELF, StandsFor.ANY_PRINT, 12);
        assertThat(ScrappyDeal.deal(design, Stock.UNKNOWN, 5)).isEqualTo(ScrappyDeal.deal(design, Stock.UNKNOWN, 5));
        assertThat(ScrappyDeal.deal(design, Stock.UNKNOWN, 5)).isNotEqualTo(ScrappyDeal.deal(design, Stock.UNKNOWN, 6));
        QuiltDesign dealt =
                design.withPlaces(ScrappyDeal.deal(design, Stock.UNKNOWN, 5).places());
        assertThat(ScrappyDeal.deal(dealt, Stock.UNKNOWN, 6)).isEqualTo(ScrappyDeal.deal(design, Stock.UNKNOWN, 6));
    }

    @Test
    void aPackWithTooFewPrintsIsRefused() {
        assertThatThrownBy(() ->
                        ScrappyDeal.deal(pinwheels(StandsFor.ANY_PRINT, StandsFor.ANY_PRINT, 1), Stock.UNKNOWN, 1))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("2 places for prints of which the pack has 1");
        assertThatThrownBy(() ->
                        ScrappyDeal.deal(Tops.of(2, 2, "8", "pinwheel").top().design(), Stock.UNKNOWN, 1))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("no patch is waiting for a print");
    }

    @Test
    void whatTurnsAndOtherExchangesAPlaceHasStays() {
        QuiltDesign design = pinwheels(StandsFor.ITSELF, StandsFor.ANY_PRINT, 6)
                .withPlaces(List.of(new PlaceDesign(1, 1, "", 2, true, List.of(new PlaceDesign.Exchange("a", "p3")))));
        PlaceDesign place = ScrappyDeal.deal(design, Stock.UNKNOWN, 5).places().stream()
                .filter(each -> each.row() == 1 && each.column() == 1)
                .findFirst()
                .orElseThrow();
        assertThat(place.quarterTurns()).isEqualTo(2);
        assertThat(place.mirrored()).isTrue();
        assertThat(place.exchanges())
                .contains(new PlaceDesign.Exchange("a", "p3"))
                .hasSize(2);
        assertThat(new HashSet<>(place.exchanges())).hasSize(2);
    }

    /** 42 blocks, 60 prints: eighteen get no block, and every print is either dealt or named with the reason. */
    @Test
    void aPrintThatNoPlaceGotIsNamed() {
        QuiltDesign design = pinwheels(StandsFor.ITSELF, StandsFor.ANY_PRINT, 60);
        ScrappyDeal deal = ScrappyDeal.deal(design, Stock.UNKNOWN, 1);
        Map<String, Long> used = uses(deal);
        assertThat(deal.leftOut())
                .hasSize(60 - used.size())
                .allSatisfy(left -> assertThat(left.why()).isNotBlank())
                .extracting(ScrappyDeal.LeftOut::print)
                .doesNotContainAnyElementsOf(used.keySet().stream()
                        .map(key -> design.cloth(key).orElseThrow().name())
                        .toList());
        assertThat(ScrappyDeal.deal(pinwheels(StandsFor.ITSELF, StandsFor.ANY_PRINT, 6), Stock.UNKNOWN, 1)
                        .leftOut())
                .isEmpty();
    }

    private static Map<String, Long> uses(ScrappyDeal deal) {
        return deal.places().stream()
                .flatMap(place -> place.exchanges().stream())
                .collect(Collectors.groupingBy(PlaceDesign.Exchange::to, Collectors.counting()));
    }

    private static String dealt(PlaceDesign place, String to) {
        return place.exchanges().stream()
                .filter(exchange -> exchange.from().equals(to))
                .map(PlaceDesign.Exchange::to)
                .findFirst()
                .orElseThrow();
    }

    private static double lightness(QuiltDesign design, String cloth) {
        return design.cloth(cloth).orElseThrow().judgedLightness();
    }

    /** 6 by 7 pinwheels whose cloth a and b stand for what is said; prints p0, p1, … of a pack. */
    private static QuiltDesign pinwheels(StandsFor a, StandsFor b, int prints) {
        List<ClothInHand> cloths = new ArrayList<>();
        cloths.add(cloth("a", "#efe6d0", a));
        cloths.add(cloth("b", "#808080", b));
        List<String> swatches = PrintSwatches.ofPack("noon", prints);
        for (int i = 0; i < prints; i++) {
            // On oat all prints are dark enough; by themselves they differ.
            String overruled = a == StandsFor.ITSELF ? "40" : "";
            cloths.add(new ClothInHand(
                    "p" + i,
                    "autumn " + (i + 1),
                    swatches.get(i),
                    overruled,
                    false,
                    "",
                    false,
                    SEVEN,
                    StandsFor.ITSELF));
        }
        return Tops.of(6, 7, "8", "pinwheel")
                .cloths(cloths.toArray(ClothInHand[]::new))
                .top()
                .design();
    }

    private static ClothInHand cloth(String key, String colour, StandsFor standsFor) {
        String pack = standsFor == StandsFor.ITSELF ? "" : SEVEN;
        return new ClothInHand(key, key, colour, "", key.equals("a"), "", false, pack, standsFor);
    }
}

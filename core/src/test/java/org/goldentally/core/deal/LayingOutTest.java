package org.goldentally.core.deal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.goldentally.core.deal.OfAPack.free;
import static org.goldentally.core.deal.OfAPack.pinwheels;
import static org.goldentally.core.deal.OfAPack.print;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.ClothInHand.StandsFor;
import org.goldentally.core.design.MakingDesign.Variety;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What lies near what, what is counted of it, and what two sorts of blocks keep to themselves. */
class LayingOutTest {

    private static final double SIDE = 8;

    /** By the middles of the blocks: the next nearest after those that touch, straight and half-drop also two off in a row. */
    @ParameterizedTest
    @EnumSource
    void nearbyAreTheNextNearest(Kind setting) {
        QuiltDesign straight = pinwheels(4, 5, "8", 12, Variety.MANY, "");
        SettingDesign was = straight.setting();
        List<Hand> hands = new FreePlaces(
                        straight.withSetting(new SettingDesign(setting, 4, 5, was.blocks(), was.cloth(), was.halves())))
                .hands;
        List<Integer> whole = IntStream.range(0, hands.size())
                .filter(i -> hands.get(i).isWholeBlock())
                .boxed()
                .toList();
        assertThat(whole).hasSizeGreaterThan(15);
        for (int i : whole) {
            double[] one = middle(hands.get(i));
            List<Integer> nearby = new ArrayList<>();
            for (int j : whole) {
                double[] other = middle(hands.get(j));
                double across = Math.abs(one[0] - other[0]) / SIDE;
                double down = Math.abs(one[1] - other[1]) / SIDE;
                boolean twoOff = Math.abs(across + down - 2) < 0.01 && (across < 0.01 || down < 0.01);
                boolean corner = Math.abs(Math.hypot(across, down) - Math.sqrt(2)) < 0.01;
                if (setting == Kind.ON_POINT ? corner : twoOff || (setting == Kind.STRAIGHT && corner)) {
                    nearby.add(j);
                }
            }
            assertThat(hands.get(i).nearby.stream().filter(whole::contains))
                    .as(hands.get(i).part.where())
                    .containsExactlyInAnyOrderElementsOf(nearby);
        }
    }

    private static double[] middle(Hand hand) {
        List<Point> corners = hand.part.outlines().stream()
                .flatMap(patch -> patch.corners().stream())
                .toList();
        DoubleSummaryStatistics across = corners.stream()
                .mapToDouble(corner -> corner.x().toDoubleInches())
                .summaryStatistics();
        DoubleSummaryStatistics down = corners.stream()
                .mapToDouble(corner -> corner.y().toDoubleInches())
                .summaryStatistics();
        return new double[] {(across.getMin() + across.getMax()) / 2, (down.getMin() + down.getMax()) / 2};
    }

    /** Four blocks of four half-square triangles, all prints as light as each other: sixteen units (counting). */
    @Test
    void unitsOfClothsCloseInValueAreCounted() {
        assertThat(ScrappyDeal.deal(pinwheelsOf(prints(50, 50, 50, 50, 50)), Stock.UNKNOWN, 1)
                        .closePairs())
                .isEqualTo(16);
        assertThat(ScrappyDeal.deal(pinwheels(2, 2, "8", 6, Variety.MANY, ""), Stock.UNKNOWN, 1)
                        .closePairs())
                .isZero();
    }

    private static List<ClothInHand> prints(int... lightness) {
        return IntStream.range(0, lightness.length)
                .mapToObj(i -> print("p" + i, OfAPack.PACK, lightness[i]))
                .toList();
    }

    private static QuiltDesign pinwheelsOf(List<ClothInHand> prints) {
        List<ClothInHand> cloths =
                new ArrayList<>(List.of(free("a", StandsFor.ANY_PRINT), free("b", StandsFor.ANY_PRINT)));
        cloths.addAll(prints);
        return Tops.of(2, 2, "8", "pinwheel")
                .cloths(cloths.toArray(ClothInHand[]::new))
                .top()
                .design();
    }

    /** Pinwheels of two prints beside broken dishes of three: each block has prints at its own places, and those it may have. */
    @Test
    void blocksOfTwoSortsKeepTheirOwnPlaces() {
        List<ClothInHand> cloths = new ArrayList<>(List.of(
                free("a", StandsFor.LIGHT_PRINT), free("b", StandsFor.DARK_PRINT), free("c", StandsFor.DARK_PRINT)));
        cloths.addAll(OfAPack.prints(12));
        QuiltDesign design = Tops.of(5, 4, "8", "pinwheel", "broken-dishes")
                .cloths(cloths.toArray(ClothInHand[]::new))
                .top()
                .design();
        List<Hand> hands = new FreePlaces(design).hands;
        Set<String> dark = Set.of("p0", "p1", "p2", "p3", "p4", "p5");
        for (long seed = 1; seed <= 6; seed++) {
            QuiltDesign laid = ScrappyDeal.deal(design, Stock.UNKNOWN, seed).in(design);
            for (Hand hand : hands) {
                PlaceDesign place = laid.places().stream()
                        .filter(each -> each.row() == hand.part.row() && each.column() == hand.part.column())
                        .findFirst()
                        .orElseThrow();
                assertThat(place.exchanges())
                        .extracting(PlaceDesign.Exchange::from)
                        .containsExactlyInAnyOrderElementsOf(hand.freeKeys);
                assertThat(place.exchanges())
                        .allSatisfy(each -> assertThat(dark.contains(each.to()))
                                .isEqualTo(!each.from().equals("a")));
            }
        }
    }

    /** Three lights of a pack of six, on oat, in four blocks: one print more makes the fourth, whatever other packs there are. */
    @Test
    void printsOfOtherPacksAreNoneOfThisOne() {
        List<ClothInHand> cloths = new ArrayList<>(
                List.of(free("a", StandsFor.LIGHT_PRINT), print("b", "", 10), print("elsewhere", "dawn", 90)));
        cloths.addAll(OfAPack.prints(6));
        QuiltDesign design = Tops.of(2, 2, "8", "pinwheel")
                .cloths(cloths.toArray(ClothInHand[]::new))
                .top()
                .design();
        ScrappyDeal deal = ScrappyDeal.deal(
                design.withPlan(design.plan().withMaking(design.plan().making().with(Variety.ALL_DIFFERENT))),
                Stock.UNKNOWN,
                1);
        assertThat(deal.combinations()).isEqualTo(3);
        assertThat(deal.printsForAll()).isEqualTo(1);
    }

    /** Where nothing is known of the shelf, all of a pack are used alike; the same where nothing of it is on the shelf. */
    @Test
    void withoutAShelfAllPrintsAreUsedAlike() {
        QuiltDesign design = pinwheels(6, 4, "8", 12, Variety.MANY, "");
        ScrappyDeal unknown = ScrappyDeal.deal(design, Stock.UNKNOWN, 3);
        assertThat(unknown.mostUsed()).isEqualTo(4);
        assertThat(unknown.leastUsed()).isEqualTo(4);
        ScrappyDeal empty = ScrappyDeal.deal(design, Stock.of(design, Map.of(), false), 3);
        assertThat(empty.mostUsed()).isEqualTo(4);
        assertThat(empty.leastUsed()).isEqualTo(4);
        assertThat(empty.beyondStock()).isEmpty();
    }

    /**
     * Of cloth b a pinwheel takes two squares, broken dishes one; of c only broken dishes take one, two triangles at a time
     * (counting). Six squares are enough for four blocks of one and a half, and for six of one.
     */
    @Test
    void whatAPrintIsEnoughForGoesByTheBlocksThatMayHaveIt() {
        List<ClothInHand> cloths = new ArrayList<>(
                List.of(print("a", "", 90), free("b", StandsFor.ANY_PRINT), free("c", StandsFor.ANY_PRINT)));
        cloths.addAll(OfAPack.prints(6));
        QuiltDesign design = Tops.of(4, 2, "8", "pinwheel", "broken-dishes")
                .cloths(cloths.toArray(ClothInHand[]::new))
                .choose("half-square", "two-at-a-time")
                .top()
                .design();
        Stock stock = Stock.of(
                design,
                Map.of("p0", List.of(new ShelfPieces("squares", 6, ClothPiece.square(Length.inches(5))))),
                false);
        assertThat(stock.blocksOf("b", "p0")).isEqualTo(4, within(1e-9));
        assertThat(stock.blocksOf("c", "p0")).isEqualTo(6, within(1e-9));
        assertThat(stock.blocksOf("c", "p1")).isZero();
    }
}

package org.goldentally.core.deal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.goldentally.core.deal.OfAPack.PACK;
import static org.goldentally.core.deal.OfAPack.pinwheels;
import static org.goldentally.core.deal.OfAPack.prints;
import static org.goldentally.core.deal.OfAPack.squares;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.BlockPart;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.deal.Wish.Spot;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.ClothInHand.StandsFor;
import org.goldentally.core.design.MakingDesign.Variety;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.making.MakingPlan;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** Free places: made from the pack first, then laid out. */
class FreePlacesTest {

    /**
     * Twenty prints, a square of each: 10 pairs, 20 halves, 10 crossings, 20 hourglasses, 10 of each hand (counting). Nothing
     * is bought.
     */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void twentyHourglassesComeOfTwentySquares(long seed) {
        QuiltDesign design = hourglasses(20);
        Map<String, List<ShelfPieces>> shelf = squares(20, Length.inches(5, 1, 2));
        QuiltDesign laid = ScrappyDeal.deal(
                        design, Stock.of(design, shelf, true), new Wish(seed, Wish.What.MAKE, true, 0, Set.of()))
                .in(design);
        TopTally tally = TopTally.of(QuiltTop.of(laid), shelf);
        assertThat(tally.ledgers()).hasSize(20).allMatch(ClothLedger::isEnough);
        List<MadeSet> sets = tally.making().sets();
        assertThat(runs(sets, MadeSet.Halves.class)).isEqualTo(10);
        assertThat(runs(sets, MadeSet.Crossed.class)).isEqualTo(10);
        assertThat(tally.making().spares()).isEmpty();
    }

    private static long runs(List<MadeSet> sets, Class<?> kind) {
        return sets.stream().filter(kind::isInstance).mapToLong(MadeSet::runs).sum();
    }

    /** Nine pinwheels of 6 in units, four at a time, from eighteen contrasting squares (counting): each pair is one block. */
    @Test
    void ninePinwheelsComeOfNinePairs() {
        QuiltDesign design = pinwheels(3, 3, "12", 18, Variety.MANY, "four-at-a-time");
        Map<String, List<ShelfPieces>> shelf = squares(18, Length.inches(10));
        QuiltDesign laid =
                ScrappyDeal.deal(design, Stock.of(design, shelf, false), 1).in(design);
        TopTally tally = TopTally.of(QuiltTop.of(laid), shelf);
        assertThat(tally.ledgers()).hasSize(18).allMatch(ClothLedger::isEnough);
        assertThat(runs(tally.making().sets(), MadeSet.Whole.class)).isEqualTo(9);
        assertThat(tally.making().spares()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"FEW", "MANY", "ALL_DIFFERENT"})
    void asManyCombinationsAreMadeAsAreWished(Variety variety) {
        ScrappyDeal deal = ScrappyDeal.deal(pinwheels(5, 6, "8", 12, variety, ""), Stock.UNKNOWN, 3);
        switch (variety) {
            case FEW -> assertThat(deal.combinations()).isLessThanOrEqualTo(10);
            case MANY -> assertThat(deal.combinations()).isBetween(11, 30);
            case ALL_DIFFERENT -> assertThat(deal.combinations()).isEqualTo(30);
        }
    }

    /** Three lights and three darks are nine combinations, four and three twelve (counting): for ten blocks one is lacking. */
    @Test
    void howManyMorePrintsWouldLetAllDifferIsSaid() {
        assertThat(ScrappyDeal.deal(pinwheels(5, 2, "8", 6, Variety.ALL_DIFFERENT, ""), Stock.UNKNOWN, 1)
                        .printsForAll())
                .isEqualTo(1);
        assertThat(ScrappyDeal.deal(pinwheels(3, 3, "8", 6, Variety.ALL_DIFFERENT, ""), Stock.UNKNOWN, 1)
                        .printsForAll())
                .isZero();
    }

    @Test
    void aPrintThatIsNotOnTheShelfIsLeftOutAndThatIsSaid() {
        Stock stock = new Stock(Map.of("a", Map.of("p6", 9.0, "p7", 9.0), "b", Map.of("p0", 9.0, "p1", 9.0)), Map.of());
        ScrappyDeal deal = ScrappyDeal.deal(pinwheels(2, 2, "8", 12, Variety.MANY, ""), stock, 1);
        assertThat(deal.leftOut())
                .hasSize(8)
                .allSatisfy(left -> assertThat(left.why()).startsWith("there is none on the shelf"));
        assertThat(deal.beyondStock()).isEmpty();
    }

    /** In every setting: of all blocks those lie side by side whose outlines have an edge in common (JTS). */
    @ParameterizedTest
    @EnumSource
    void neighboursAreTheBlocksWithAnEdgeInCommon(Kind setting) {
        QuiltDesign straight = pinwheels(4, 5, "8", 12, Variety.MANY, "");
        SettingDesign was = straight.setting();
        QuiltDesign design =
                straight.withSetting(new SettingDesign(setting, 4, 5, was.blocks(), was.cloth(), was.halves()));
        List<Hand> hands = new FreePlaces(design).hands;
        assertThat(hands.size()).isGreaterThan(15);
        for (int i = 0; i < hands.size(); i++) {
            for (int j = 0; j < hands.size(); j++) {
                boolean edge = i != j
                        && outline(hands.get(i))
                                        .intersection(outline(hands.get(j)))
                                        .getLength()
                                > 0.1;
                assertThat(hands.get(i).neighbours.contains(j))
                        .as(setting + ": " + hands.get(i).part.where() + " and "
                                + hands.get(j).part.where())
                        .isEqualTo(edge);
            }
        }
    }

    private static Geometry outline(Hand hand) {
        List<Geometry> patches = hand.part.outlines().stream()
                .<Geometry>map(outline -> {
                    List<Coordinate> corners = new ArrayList<>(outline.corners().stream()
                            .map(corner -> new Coordinate(
                                    corner.x().toDoubleInches(), corner.y().toDoubleInches()))
                            .toList());
                    corners.add(corners.getFirst());
                    return new GeometryFactory().createPolygon(corners.toArray(Coordinate[]::new));
                })
                .toList();
        // As if drawn a hair larger, so that edges in common overlap whatever the decimals of a diagonal.
        return UnaryUnionOp.union(patches).buffer(1e-6).convexHull();
    }

    @Test
    void whatIsMadeStaysWhenItIsLaidOutAnew() {
        QuiltDesign made = laid(pinwheels(5, 6, "8", 12, Variety.MANY, ""), 3);
        ScrappyDeal anew = ScrappyDeal.deal(made, Stock.UNKNOWN, new Wish(9, Wish.What.LAY_OUT, false, 0, Set.of()));
        assertThat(anew.places()).isNotEqualTo(made.places());
        assertThat(dressings(anew.in(made))).isEqualTo(dressings(made));
        assertThat(cut(anew.in(made))).as("so no count changes").isEqualTo(cut(made));
        assertThatThrownBy(() -> ScrappyDeal.deal(
                        pinwheels(5, 6, "8", 12, Variety.MANY, ""),
                        Stock.UNKNOWN,
                        new Wish(9, Wish.What.LAY_OUT, false, 0, Set.of())))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("nothing is made yet");
    }

    /** Blocks that are mirrored by turns: laid out anew, each hand is made as often as before. */
    @Test
    void mirroredBlocksKeepTheirHandsWhenTheyAreLaidOutAnew() {
        QuiltDesign design = hourglasses(20);
        QuiltDesign made = ScrappyDeal.deal(design, Stock.UNKNOWN, new Wish(3, Wish.What.MAKE, true, 2, Set.of()))
                .in(design);
        QuiltDesign anew = ScrappyDeal.deal(made, Stock.UNKNOWN, new Wish(8, Wish.What.LAY_OUT, false, 0, Set.of()))
                .in(made);
        assertThat(anew.places()).isNotEqualTo(made.places());
        assertThat(cut(anew)).isEqualTo(cut(made));
        assertThat(TopTally.of(QuiltTop.of(anew), Map.of()).making().spares())
                .hasSameSizeAs(TopTally.of(QuiltTop.of(made), Map.of()).making().spares());
    }

    @Test
    void lockedPlacesStayAndOnlyTheChosenOnesAreLaidOutAnew() {
        QuiltDesign made = laid(pinwheels(5, 6, "8", 12, Variety.MANY, ""), 3);
        PlaceDesign first = at(made, 0, 0);
        List<PlaceDesign> places = new ArrayList<>(made.places());
        places.remove(first);
        places.add(new PlaceDesign(0, 0, "", 0, false, first.exchanges(), true));
        QuiltDesign locked = made.withPlaces(places);
        QuiltDesign anew = laid(locked, 77);
        assertThat(at(anew, 0, 0).exchanges()).isEqualTo(first.exchanges());
        assertThat(at(anew, 0, 0).locked()).isTrue();
        Set<Spot> row = new HashSet<>();
        for (int column = 0; column < 5; column++) {
            row.add(new Spot(2, column));
        }
        QuiltDesign rowAnew = ScrappyDeal.deal(made, Stock.UNKNOWN, new Wish(5, Wish.What.LAY_OUT, false, 0, row))
                .in(made);
        for (PlaceDesign place : made.places()) {
            if (place.row() != 2) {
                assertThat(at(rowAnew, place.row(), place.column())).isEqualTo(place);
            }
        }
        assertThat(dressings(rowAnew)).isEqualTo(dressings(made));
    }

    @Test
    void spareBlocksAreMadeToo() {
        QuiltDesign design = pinwheels(5, 6, "8", 12, Variety.MANY, "");
        ScrappyDeal deal = ScrappyDeal.deal(design, Stock.UNKNOWN, new Wish(5, Wish.What.MAKE, false, 1, Set.of()));
        assertThat(deal.spareBlocks()).hasSize(1);
        assertThat(deal.spareBlocks().getFirst().exchanges()).hasSize(2);
        assertThat(TopCount.of(QuiltTop.of(deal.in(design))).unitCount()).isEqualTo(31 * 4);
    }

    /** A layout in which no neighbours share a print is made up, then shuffled: one such is found again. */
    @Tries(12)
    void whereALayoutWithoutLikeNeighboursIsThereOneIsFound(Chance chance) {
        int across = chance.between(4, 8);
        int down = chance.between(4, 8);
        int prints = chance.between(10, 14);
        QuiltDesign design = pinwheels(across, down, "8", prints, Variety.MANY, "");
        List<List<Exchange>> lie = new ArrayList<>();
        for (int i = 0; i < across * down; i++) {
            Set<String> about = new HashSet<>();
            if (i % across > 0) {
                lie.get(i - 1).forEach(exchange -> about.add(exchange.to()));
            }
            if (i >= across) {
                lie.get(i - across).forEach(exchange -> about.add(exchange.to()));
            }
            lie.add(List.of(
                    new Exchange("a", other(chance, 0, prints / 2, about)),
                    new Exchange("b", other(chance, prints / 2, prints, about))));
        }
        List<PlaceDesign> shuffled = new ArrayList<>();
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < lie.size(); i++) {
            order.add(chance.between(0, order.size()), i);
        }
        for (int i = 0; i < lie.size(); i++) {
            shuffled.add(new PlaceDesign(i / across, i % across, "", 0, false, lie.get(order.get(i))));
        }
        ScrappyDeal deal = ScrappyDeal.deal(
                design.withPlaces(shuffled), Stock.UNKNOWN, new Wish(1, Wish.What.LAY_OUT, false, 0, Set.of()));
        assertThat(deal.neighbours())
                .as(() -> chance + " " + across + " × " + down)
                .isZero();
    }

    private static String other(Chance chance, int from, int to, Set<String> about) {
        while (true) {
            String print = "p" + chance.between(from, to - 1);
            if (!about.contains(print)) {
                return print;
            }
        }
    }

    private static QuiltDesign laid(QuiltDesign design, long seed) {
        return ScrappyDeal.deal(design, Stock.UNKNOWN, seed).in(design);
    }

    private static PlaceDesign at(QuiltDesign design, int row, int column) {
        return design.places().stream()
                .filter(place -> place.row() == row && place.column() == column)
                .findFirst()
                .orElseThrow();
    }

    private static Map<Set<Exchange>, Long> dressings(QuiltDesign design) {
        return design.places().stream()
                .collect(Collectors.groupingBy(place -> Set.copyOf(place.exchanges()), Collectors.counting()));
    }

    private static Map<String, Long> cut(QuiltDesign design) {
        MakingPlan plan = TopTally.of(QuiltTop.of(design), Map.of()).making();
        Map<String, Long> squares = new HashMap<>();
        plan.cuts().forEach(cut -> squares.merge(cut.cloth(), cut.count(), Long::sum));
        return squares;
    }

    /** Blocks of one hourglass each, its four quarters any print. */
    private static QuiltDesign hourglasses(int prints) {
        List<ClothInHand> cloths = new ArrayList<>();
        for (String key : List.of("f1", "f2", "f3", "f4")) {
            cloths.add(new ClothInHand(key, key, "#808080", "", false, "", false, PACK, StandsFor.ANY_PRINT));
        }
        cloths.addAll(prints(prints));
        UnitDesign unit = UnitDesign.of(UnitKind.HOURGLASS, 0, "f1", "f2", "f3", "f4");
        Block hourglass =
                new Block("hourglass", "Hourglass", List.of(1), List.of(1), List.of(new BlockPart(0, 0, 1, 1, unit)));
        QuiltDesign design = Tops.of(5, 4, "4", "pinwheel")
                .cloths(cloths.toArray(ClothInHand[]::new))
                .turns("hourglass")
                .top()
                .design();
        return design.withBlocks(List.of(hourglass));
    }
}

package org.goldentally.core.offers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.KnownAccounts;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.BlockPart;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.MakingDesign;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.making.Use;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.offers.Offer.Kind;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;

class OffersTest {

    /** An offer says what taking it does: the tally of the quilt with it taken buys just so much less. */
    @Test
    void aMethodIsOfferedWithWhatItSaves() {
        Tops top = Tops.of(6, 8, "8", "pinwheel").choose("half-square", "four-at-a-time");
        TopTally tally = tally(top, Map.of());
        Offer offer = only(Kind.METHOD, tally, Map.of());
        assertThat(offer.what()).contains("instead of four at a time for the half-square triangle, 4 in finished");
        TopTally taken = TopTally.of(QuiltTop.of(offer.design()), Map.of());
        Length saved = bought(tally).minus(bought(taken));
        assertThat(saved.isPositive()).isTrue();
        assertThat(offer.effect()).startsWith("buys ").contains(" less oat").contains(" less ink");
    }

    /** 74 of one hand need 37 squares of each of four cloths, 148; every other one mirrored 19 of each, 76 (counting). */
    @Test
    void everyOtherBlockMirroredUsesBothHandsOfACrossing() {
        UnitDesign unit = UnitDesign.of(UnitKind.HOURGLASS, 0, "a", "b", "c", "d");
        Block block =
                new Block("four", "Four fabrics", List.of(1), List.of(1), List.of(new BlockPart(0, 0, 1, 1, unit)));
        Tops tops = Tops.of(37, 2, "4", "pinwheel").turns("four");
        QuiltTop top = QuiltTop.of(tops.design().withBlocks(List.of(block)));
        TopTally tally = TopTally.of(top, Map.of());
        Offer offer = Offers.of(tally, Map.of(), new KnownAccounts()).stream()
                .filter(each -> each.kind() == Kind.MIRRORING)
                .findFirst()
                .orElseThrow();
        assertThat(offer.effect()).startsWith("148 pieces to cut become 76, ");
        TopTally taken = TopTally.of(QuiltTop.of(offer.design()), Map.of());
        assertThat(taken.making().cuts().stream().mapToLong(cut -> cut.count()).sum())
                .isEqualTo(76);
        assertThat(Offers.of(taken, Map.of(), new KnownAccounts())).noneMatch(each -> each.kind() == Kind.MIRRORING);
    }

    /** Half-square triangles in five combinations that follow one another: five squares in a ring, no loose triangles. */
    @Test
    void oddUnitsThatFollowOneAnotherAreOfferedAsAChain() {
        TopTally tally = TopTally.of(QuiltTop.of(fiveThatFollow()), Map.of());
        Offer offer = Offers.of(tally, Map.of(), new KnownAccounts()).stream()
                .filter(each -> each.kind() == Kind.CHAIN)
                .findFirst()
                .orElseThrow();
        assertThat(offer.effect()).startsWith("5 pieces to cut become 5, 5 batches 1; ");
        TopTally taken = TopTally.of(QuiltTop.of(offer.design()), Map.of());
        assertThat(taken.making().sets()).hasSize(1).allMatch(set -> set.used() == 5);
    }

    /**
     * One unit each of oat with rose, teal with ink, oat with ink, teal with rose: four half pairs. Rose and ink exchanged in
     * the first two blocks leave two pairs (counting): eight squares become four.
     */
    @Test
    void anExchangeThatMakesPairsWholeIsOffered() {
        QuiltDesign design = fourHalfPairs();
        TopTally tally = TopTally.of(QuiltTop.of(design), Map.of());
        Offer offer = Offers.of(tally, Map.of(), new KnownAccounts()).stream()
                .filter(each -> each.kind() == Kind.EXCHANGE)
                .findFirst()
                .orElseThrow();
        assertThat(offer.what()).startsWith("exchange ").contains("4 odd units fewer are left over");
        assertThat(offer.effect()).startsWith("8 pieces to cut become 4, 4 batches 2; ");
        TopTally taken = TopTally.of(QuiltTop.of(offer.design()), Map.of());
        assertThat(taken.making().cuts().stream().mapToLong(cut -> cut.count()).sum())
                .isEqualTo(4);
        assertThat(taken.making().spares()).isEmpty();
        assertThat(Offers.of(taken, Map.of(), new KnownAccounts())).noneMatch(each -> each.kind() == Kind.EXCHANGE);
    }

    private static QuiltDesign fourHalfPairs() {
        UnitDesign unit = UnitDesign.of(UnitKind.HALF_SQUARE, 0, "x", "y");
        Block block = new Block("one", "One", List.of(1), List.of(1), List.of(new BlockPart(0, 0, 1, 1, unit)));
        Tops tops = Tops.of(4, 1, "4", "pinwheel").turns("one").cloths(print("a"), print("b"), print("c"), print("d"));
        List<String> dressings = List.of("ab", "cd", "ad", "cb");
        for (int i = 0; i < 4; i++) {
            String cloths = dressings.get(i);
            tops.place(
                    0,
                    i,
                    "",
                    0,
                    false,
                    new Exchange("x", cloths.substring(0, 1)),
                    new Exchange("y", cloths.substring(1)));
        }
        PlanDesign inPairs = PlanDesign.USUAL.withMaking(
                MakingDesign.USUAL.withSharing(MakingDesign.OddOnes.IN_PAIRS, MakingDesign.USUAL_CHAIN));
        return tops.plan(inPairs)
                .choose("half-square", "two-at-a-time")
                .design()
                .withBlocks(List.of(block));
    }

    /**
     * Blocks that are locked keep their prints; with one more of each for mishaps there are pairs already; prints of other
     * packs, or such as would come close in value, are not exchanged.
     */
    @Test
    void whatIsLockedPairedOrUnlikeIsNotExchanged() {
        QuiltDesign design = fourHalfPairs();
        QuiltDesign locked = locked(design, 0, 2);
        QuiltDesign mishaps =
                design.withPlan(design.plan().withExtras(List.of(new PlanDesign.ExtraUnits("half-square", "1"))));
        QuiltDesign unlike = design.withCloths(List.of(
                judged("a", "dusk", "10"),
                judged("b", "dawn", "90"),
                judged("c", "noon", "10"),
                judged("d", "night", "90")));
        QuiltDesign close = design.withCloths(List.of(
                judged("a", "dusk", "10"),
                judged("b", "dusk", "60"),
                judged("c", "dusk", "45"),
                judged("d", "dusk", "90")));
        assertThat(exchanges(design)).isOne();
        assertThat(exchanges(locked)).as("locked").isZero();
        assertThat(exchanges(mishaps)).as("in pairs with those for mishaps").isZero();
        assertThat(exchanges(unlike)).as("of other packs").isZero();
        assertThat(exchanges(close)).as("exchanged where nothing comes close").isOne();
        // Of a with b and c with d only a with d and c with b can become.
        QuiltDesign meeting = design.withCloths(List.of(
                judged("a", "dusk", "10"),
                judged("b", "dusk", "60"),
                judged("c", "dusk", "45"),
                judged("d", "dusk", "12")));
        assertThat(exchanges(locked(meeting, 2, 3))).as("a and d come close").isZero();
        QuiltDesign apart = design.withCloths(List.of(
                judged("a", "dusk", "10"),
                judged("b", "dusk", "80"),
                judged("c", "dusk", "20"),
                judged("d", "dusk", "90")));
        assertThat(exchanges(locked(apart, 2, 3))).as("none come close").isOne();
    }

    /** Of loose triangles nothing is half a pair: one fewer of them leaves nothing less over. */
    @Test
    void onlyPairsAreMadeWhole() {
        QuiltDesign design = locked(fourHalfPairs(), 2, 3);
        QuiltDesign loose = design.withMethods(List.of(
                new MethodChoice("half-square:a,b", "loose-triangles"),
                new MethodChoice("half-square:c,d", "loose-triangles"),
                new MethodChoice("half-square:a,d", "two-at-a-time"),
                new MethodChoice("half-square:b,c", "two-at-a-time")));
        TopTally before = TopTally.of(QuiltTop.of(loose), Map.of());
        Offer offer = Offers.of(before, Map.of(), new KnownAccounts()).stream()
                .filter(each -> each.kind() == Kind.EXCHANGE)
                .findFirst()
                .orElseThrow();
        assertThat(halfPairs(before)).isEqualTo(2);
        assertThat(halfPairs(TopTally.of(QuiltTop.of(offer.design()), Map.of())))
                .isZero();
        assertThat(offer.what()).contains("2 odd units fewer are left over");
    }

    private static long halfPairs(TopTally tally) {
        return tally.choices().stream()
                .map(choice -> choice.chosen())
                .filter(plan -> plan.method().id() == MethodId.TWO_AT_A_TIME && plan.needed() % 2 == 1)
                .count();
    }

    private static QuiltDesign locked(QuiltDesign design, int... columns) {
        return design.withPlaces(design.places().stream()
                .map(place -> new PlaceDesign(
                        place.row(),
                        place.column(),
                        place.block(),
                        place.quarterTurns(),
                        place.mirrored(),
                        place.exchanges(),
                        IntStream.of(columns).anyMatch(column -> column == place.column())))
                .toList());
    }

    private static long exchanges(QuiltDesign design) {
        return Offers.of(TopTally.of(QuiltTop.of(design), Map.of()), Map.of(), new KnownAccounts()).stream()
                .filter(each -> each.kind() == Kind.EXCHANGE)
                .count();
    }

    private static ClothInHand judged(String key, String pack, String lightness) {
        return new ClothInHand(
                key, key, "#808080", lightness, false, "", false, pack, ClothInHand.StandsFor.ITSELF, false, List.of());
    }

    /** Only what is in pairs or of loose triangles is offered as a chain; other choices stay as they are. */
    @Test
    void aChainTakesThePlaceOfWhatWasChosenForItsUnitsOnly() {
        List<MethodChoice> others = List.of(
                new MethodChoice("half-square:a,b", "two-at-a-time"),
                new MethodChoice("goose", "geese-four-at-a-time"));
        QuiltDesign design = fiveThatFollow();
        Offer offer = chains(design.withMethods(others)).getFirst();
        assertThat(offer.design().methods())
                .hasSize(6)
                .contains(others.get(1), new MethodChoice("half-square:a,b", "closed-ring"))
                .doesNotContain(others.get(0));
        assertThat(chains(design.withMethods(List.of(new MethodChoice("half-square", "four-at-a-time")))))
                .isEmpty();
        assertThat(WayEffects.choosing(design.withMethods(others), "half-square:a,b", "grid")
                        .methods())
                .containsExactly(others.get(1), new MethodChoice("half-square:a,b", "grid"));
    }

    private static List<Offer> chains(QuiltDesign design) {
        return Offers.of(TopTally.of(QuiltTop.of(design), Map.of()), Map.of(), new KnownAccounts()).stream()
                .filter(each -> each.kind() == Kind.CHAIN)
                .toList();
    }

    private static QuiltDesign fiveThatFollow() {
        Tops tops = Tops.of(5, 1, "4", "pinwheel").turns("one");
        UnitDesign unit = UnitDesign.of(UnitKind.HALF_SQUARE, 0, "a", "b");
        Block block = new Block("one", "One", List.of(1), List.of(1), List.of(new BlockPart(0, 0, 1, 1, unit)));
        for (int i = 1; i < 5; i++) {
            String first = "" + (char) ('a' + i);
            String second = "" + (char) ('a' + (i + 1) % 5);
            tops.place(0, i, "", 0, false, new Exchange("a", first), new Exchange("b", second));
        }
        return tops.design().withBlocks(List.of(block));
    }

    private static ClothInHand print(String key) {
        return new ClothInHand(
                key, key, "#808080", "", false, "", false, "dusk", ClothInHand.StandsFor.ITSELF, true, List.of());
    }

    /** What saves for several combinations is one tap for all of them, and does what it says. */
    @Test
    void aMethodThatSavesForSeveralGroupsIsOfferedForAllAtOnce() {
        Tops top = Tops.of(6, 8, "8", "pinwheel").choose("half-square", "four-at-a-time");
        for (int row = 0; row < 8; row += 2) {
            for (int column = 0; column < 6; column++) {
                top.place(row, column, "", 0, false, new Exchange("a", "c"), new Exchange("b", "d"));
            }
        }
        TopTally tally = tally(top, Map.of());
        Offer offer = Offers.of(tally, Map.of(), new KnownAccounts()).stream()
                .filter(each -> each.key().startsWith("together "))
                .findFirst()
                .orElseThrow();
        assertThat(offer.what()).contains(" for these 2: ");
        TopTally taken = TopTally.of(QuiltTop.of(offer.design()), Map.of());
        assertThat(bought(taken).isShorterThan(bought(tally))).isTrue();
        assertThat(taken.choices())
                .allMatch(choice -> offer.key()
                        .equals("together " + choice.chosen().method().key()));
    }

    /** Geese of 2 by 4 in: corner squares of 2 1/2 in give raw units of 1.79 in: trimmed 1 3/4, finished 1 1/4 (geometry). */
    @Test
    void offcutsOfStitchAndFlipMakeBonusUnits() {
        Tops top = Tops.of(2, 2, "8", "dutchmans-puzzle").choose("goose", "geese-stitch-and-flip");
        TopTally tally = tally(top, Map.of());
        List<Offer> offers = Offers.of(tally, Map.of(), new KnownAccounts()).stream()
                .filter(offer -> offer.kind() == Kind.BONUS_UNITS)
                .toList();
        assertThat(offers).hasSize(2).allSatisfy(offer -> {
            assertThat(offer.what()).contains("make 32 bonus half-square triangle units");
            assertThat(offer.effect()).contains("trimmed 1 3/4, finished 1 1/4 in");
        });
        TopTally taken = TopTally.of(QuiltTop.of(offers.getFirst().design()), Map.of());
        assertThat(taken.bonus()).extracting(bonus -> bonus.count()).containsExactly(32L);
        assertThat(Offers.of(taken, Map.of(), new KnownAccounts()).stream()
                        .filter(offer -> offer.kind() == Kind.BONUS_UNITS))
                .hasSize(1);
    }

    /** Nine half-square triangles eight at a time leave seven spare: as wide as the border, they make its corners. */
    @Test
    void spareUnitsMakeTheCornersOfABorder() {
        Tops top = Tops.of(3, 1, "8", "pinwheel")
                .choose("half-square", "eight-at-a-time")
                .border(BorderDesign.plain("4", "c", Corners.BUTTED));
        TopTally tally = tally(top, Map.of());
        assertThat(tally.choices().getFirst().chosen().spare()).isEqualTo(4);
        Offer offer = only(Kind.SPARE_UNITS, tally, Map.of());
        assertThat(offer.what()).startsWith("4 of the 4 spare").endsWith("make the corners of border 1");
        TopTally taken = TopTally.of(QuiltTop.of(offer.design()), Map.of());
        assertThat(taken.choices().getFirst().chosen().spare()).isZero();
        assertThat(taken.choices().getFirst().chosen().sets())
                .isEqualTo(tally.choices().getFirst().chosen().sets());
    }

    /** Every strip of a scrappy binding is cut from what was left over; nothing of any piece is lost or used twice. */
    @Test
    void aBindingComesFromLeftoverStrips() {
        Tops top = Tops.of(3, 3, "8", "pinwheel").boundIn("c");
        Map<String, List<ShelfPieces>> shelf = shelf("a: 1 yd 42 wide", "b: 1 yd 42 wide");
        TopTally tally = tally(top, shelf);
        assertThat(buys(tally, "c").isPositive()).isTrue();
        Offer offer = only(Kind.SCRAPPY_BINDING, tally, shelf);
        assertThat(offer.what()).isEqualTo("a scrappy binding from the leftover strips");
        assertThat(offer.effect()).contains("less marigold");
        TopTally taken = TopTally.of(QuiltTop.of(offer.design()), shelf);
        assertThat(buys(taken, "c").isZero()).isTrue();
        Length reached = Length.ZERO;
        for (ClothLedger ledger : taken.ledgers()) {
            for (ClothLedger.Opened opened : ledger.opened()) {
                Area sum = opened.piece()
                        .used()
                        .plus(opened.piece().left())
                        .plus(opened.piece().trimmed());
                assertThat(sum).isEqualTo(opened.piece().piece().area());
                for (var cut : opened.piece().cuts()) {
                    if (cut.cut().uses().contains(Use.Finish.BINDING)) {
                        Length each = cut.cut().size().width().minus(Length.inches(2, 1, 2));
                        reached = reached.plus(each.times(cut.count() * opened.count()));
                    }
                }
            }
        }
        // 4 x 24 in round the top and 10 in more.
        assertThat(reached.isAtLeast(Length.inches(106))).isTrue();
    }

    @Test
    void everyWaySaysWhetherTheShelfAllowsIt() {
        // There is nothing on the shelf for the border; that is no matter of the units.
        Tops top = Tops.of(2, 2, "8", "pinwheel").border(BorderDesign.plain("2", "c", BorderDesign.Corners.BUTTED));
        Map<String, List<ShelfPieces>> shelf = shelf("a: 4 squares 10 in", "b: 4 squares 10 in");
        List<WayEffects.WayEffect> effects =
                WayEffects.of(tally(top, shelf), "half-square:a,b", shelf, new KnownAccounts());
        assertThat(effects)
                .anySatisfy(effect -> {
                    assertThat(effect.method()).isEqualTo("eight-at-a-time");
                    assertThat(effect.shelfAllows()).isTrue();
                })
                .anySatisfy(effect -> {
                    assertThat(effect.method()).isEqualTo("strip-tube");
                    assertThat(effect.shelfAllows()).isFalse();
                    assertThat(effect.effect()).contains("more oat");
                });
    }

    /** A pinwheel of 8 in eight at a time takes half a pair of squares of 9 3/4 in (worked by hand). */
    @Test
    void aShelfOfFourPairsReachesEightPinwheels() {
        Tops top = Tops.of(1, 1, "8", "pinwheel").choose("half-square", "eight-at-a-time");
        ShelfReach reach =
                ShelfReach.of(top.top().design(), "pinwheel", shelf("a: 1 yd 42 wide", "b: 4 squares 10 in"));
        assertThat(reach.blocks()).isEqualTo(8);
        assertThat(reach.layouts())
                .extracting(layout -> layout.across() + " x " + layout.down() + ", " + layout.over() + " over, "
                        + layout.finishedWidth() + " by " + layout.finishedHeight())
                .containsExactly("2 x 4, 0 over, 16 in by 32 in", "1 x 8, 0 over, 8 in by 64 in");
        assertThat(reach.firstOut()).singleElement().satisfies(out -> {
            assertThat(out.cloth()).isEqualTo("b");
            // Half a yard gives four more squares of 9 3/4 in: eight more blocks.
            assertThat(out.blocksWithMore()).isEqualTo(16);
        });
        assertThat(reach.accounts()).allMatch(ClothLedger::isEnough);
        assertThat(reach.wholeBlocks())
                .extracting(whole -> whole.cloth() + " " + whole.piece().describe(MeasureSystem.INCH))
                .containsExactly("b square, 10 in");
    }

    @Test
    void anEmptyShelfReachesNoBlock() {
        ShelfReach reach = ShelfReach.of(Tops.of(1, 1, "8", "pinwheel").top().design(), "pinwheel", Map.of());
        assertThat(reach.blocks()).isZero();
        assertThat(reach.layouts()).isEmpty();
        assertThat(reach.firstOut()).hasSize(2);
    }

    private static Offer only(Kind kind, TopTally tally, Map<String, List<ShelfPieces>> shelf) {
        List<Offer> offers = Offers.of(tally, shelf, new KnownAccounts()).stream()
                .filter(offer -> offer.kind() == kind)
                .toList();
        assertThat(offers).hasSize(1);
        return offers.getFirst();
    }

    private static Length bought(TopTally tally) {
        return tally.ledgers().stream()
                .flatMap(ledger -> ledger.toBuy().stream())
                .map(buy -> buy.purchase().bought())
                .reduce(Length.ZERO, Length::plus);
    }

    private static Length buys(TopTally tally, String cloth) {
        return tally.ledgers().stream()
                .filter(ledger -> ledger.cloth().equals(cloth))
                .flatMap(ledger -> ledger.toBuy().stream())
                .map(buy -> buy.purchase().bought())
                .findFirst()
                .orElse(Length.ZERO);
    }

    private static Map<String, List<ShelfPieces>> shelf(String... lines) {
        Map<String, List<ShelfPieces>> shelf = new LinkedHashMap<>();
        for (String line : lines) {
            ShelfLine read = ShelfLineReader.read("shelf", line.substring(3), MeasureSystem.INCH)
                    .orThrow();
            shelf.computeIfAbsent(line.substring(0, 1), any -> new ArrayList<>())
                    .add(new ShelfPieces(line, read.count(), read.piece()));
        }
        return shelf;
    }

    private static TopTally tally(Tops tops, Map<String, List<ShelfPieces>> shelf) {
        return TopTally.of(tops.top(), shelf);
    }
}

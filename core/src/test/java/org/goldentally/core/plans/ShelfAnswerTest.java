package org.goldentally.core.plans;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.KnownAccounts;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.BlockPart;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;

/** Plans chosen as a whole for the shelf there is. */
class ShelfAnswerTest {

    /**
     * Twelve pinwheels of 8 in want 48 half-square triangles of 4 in: 24 pairs of 5 in squares two at a time. The shelf has
     * just these, which no other method can use; so the answer is yes, and taking the plan buys nothing.
     */
    @Test
    void thePlanThatUsesWhatThereIsIsFound() {
        Map<String, List<ShelfPieces>> shelf = Map.of("a", squares(24, 5), "b", squares(24, 5));
        QuiltTop top = Tops.of(4, 3, "8", "pinwheel").top();
        ShelfAnswer answer = ShelfAnswer.of(top, shelf, new KnownAccounts());
        assertThat(answer.isEnough()).isTrue();
        QuiltDesign taken = answer.design("BUYS_LEAST").orElseThrow();
        assertThat(TopTally.of(QuiltTop.of(taken), shelf).ledgers()).allMatch(ClothLedger::isEnough);
        assertThat(answer.changes()).isEmpty();
    }

    /** 14 in squares were chosen where only 10 in squares lie there: eight at a time of 4 in wants 9 3/4 to 10 in. */
    @Test
    void theSquaresThatLieThereDecide() {
        Map<String, List<ShelfPieces>> shelf = Map.of("a", squares(6, 10), "b", squares(6, 10));
        QuiltTop top = Tops.of(4, 3, "8", "pinwheel").top();
        ShelfAnswer answer = ShelfAnswer.of(top, shelf, new KnownAccounts());
        assertThat(answer.isEnough()).isTrue();
        assertThat(answer.plans().get(Aim.BUYS_LEAST).tally().choices())
                .allMatch(choice -> choice.chosen().method().id() == MethodId.EIGHT_AT_A_TIME);
    }

    /**
     * The commonest purchase of all, a pack of colour and a pack of white, 42 squares of 10 in each: 42 pinwheels of 12 in
     * want 168 half-square triangles of 6 in, and 42 pairs four at a time give just these (counting).
     */
    @Test
    void twoPacksMakeTheirPinwheelsAndBuyNothing() {
        Map<String, List<ShelfPieces>> shelf = Map.of("a", squares(42, 10), "b", squares(42, 10));
        QuiltTop top = Tops.of(6, 7, "12", "pinwheel").top();
        assertThat(TopTally.of(top, shelf).ledgers())
                .as("what is planned by itself")
                .allMatch(ClothLedger::isEnough);
        ShelfAnswer answer = ShelfAnswer.of(top, shelf, new KnownAccounts());
        assertThat(answer.isEnough()).isTrue();
        assertThat(answer.plans().get(Aim.BUYS_LEAST).tally().choices())
                .allMatch(choice -> choice.chosen().method().id() == MethodId.FOUR_AT_A_TIME);
        assertThat(answer.plans().get(Aim.BUYS_LEAST).costs().biasUnits()).isEqualTo(168);
    }

    /** One square less of one of them is one pair less, so something has to be bought. */
    @Test
    void oneSquareLessIsNotEnough() {
        Map<String, List<ShelfPieces>> shelf = Map.of("a", squares(41, 10), "b", squares(42, 10));
        assertThat(ShelfAnswer.of(Tops.of(6, 7, "12", "pinwheel").top(), shelf, new KnownAccounts())
                        .isEnough())
                .isFalse();
    }

    /** A shelf cut from a plan that was made, a length or a pack of squares: whatever the top, the answer must be yes. */
    @Tries(12)
    void aShelfThatOnceWasEnoughIsEnough(Chance chance) {
        QuiltTop top = anyTop(chance);
        Map<String, List<ShelfPieces>> shelf = shelfOfAnyPlan(top, chance);
        ShelfAnswer answer = ShelfAnswer.of(top, shelf, new KnownAccounts());
        assertThat(answer.isEnough()).as(chance + " " + answer.missing()).isTrue();
    }

    /** The same less one piece, or an eighth of a yard: no, or a plan that its own accounts cut from what is there. */
    @Tries(12)
    void onePieceLessIsNotEnoughOrAnotherPlanIs(Chance chance) {
        QuiltTop top = anyTop(chance);
        Map<String, List<ShelfPieces>> shelf = shelfOfAnyPlan(top, chance);
        shelf.entrySet()
                .iterator()
                .next()
                .setValue(lessOne(shelf.values().iterator().next().getFirst()));
        ShelfAnswer answer = ShelfAnswer.of(top, shelf, new KnownAccounts());
        List<ClothLedger> ledgers = TopTally.of(
                        QuiltTop.of(answer.plans().get(Aim.BUYS_LEAST).design()), shelf)
                .ledgers();
        assertThat(ledgers.stream().allMatch(ClothLedger::isEnough))
                .as(chance.toString())
                .isEqualTo(answer.isEnough());
        for (ClothLedger ledger : ledgers) {
            Area given = ledger.opened().stream()
                    .map(each -> each.piece().used().times(each.count()))
                    .reduce(Area.ZERO, Area::plus);
            assertThat(given.compareTo(ledger.needed())).as(chance.toString()).isEqualTo(ledger.isEnough() ? 0 : -1);
            assertThat(ledger.opened().stream()
                            .mapToLong(ClothLedger.Opened::count)
                            .sum())
                    .isLessThanOrEqualTo(shelf.get(ledger.cloth()).stream()
                            .mapToLong(ShelfPieces::count)
                            .sum());
        }
    }

    private static QuiltTop anyTop(Chance chance) {
        return Tops.of(
                        chance.between(2, 5),
                        chance.between(2, 5),
                        chance.of(List.of("6", "8", "9")),
                        chance.of(List.of("pinwheel", "big-dipper", "dutchmans-puzzle", "churn-dash")))
                .top();
    }

    private static Map<String, List<ShelfPieces>> shelfOfAnyPlan(QuiltTop top, Chance chance) {
        TopTally any = anyPlan(top, chance);
        ClothPiece square = ClothPiece.square(Length.inches(chance.of(List.of(5, 10))));
        Map<String, List<ShelfPieces>> plenty = new LinkedHashMap<>();
        any.ledgers().forEach(ledger -> plenty.put(ledger.cloth(), List.of(new ShelfPieces("s", 900, square))));
        TopTally ofSquares = TopTally.of(any.top(), plenty);
        boolean packs = chance.flag() && ofSquares.ledgers().stream().allMatch(ClothLedger::isEnough);
        Map<String, List<ShelfPieces>> shelf = new LinkedHashMap<>();
        (packs ? ofSquares : any)
                .ledgers()
                .forEach(ledger ->
                        shelf.put(ledger.cloth(), List.of(packs ? squaresOf(ledger, square) : lengthOf(ledger))));
        return shelf;
    }

    private static ShelfPieces squaresOf(ClothLedger ledger, ClothPiece square) {
        int opened = (int)
                ledger.opened().stream().mapToLong(ClothLedger.Opened::count).sum();
        return new ShelfPieces("s", opened, square);
    }

    private static ShelfPieces lengthOf(ClothLedger ledger) {
        return new ShelfPieces(
                "s",
                1,
                new ClothPiece(
                        PieceForm.YARDAGE,
                        ledger.widthToBuy(),
                        ledger.toBuy().orElseThrow().purchase().bought(),
                        ClothPiece.Edge.STRAIGHT));
    }

    private static List<ShelfPieces> lessOne(ShelfPieces pieces) {
        if (pieces.count() > 1) {
            return List.of(new ShelfPieces(pieces.key(), pieces.count() - 1, pieces.piece()));
        }
        ClothPiece piece = pieces.piece();
        Length shorter = piece.length().minus(Length.inches(4, 1, 2));
        return shorter.isPositive()
                ? List.of(new ShelfPieces(
                        pieces.key(), 1, new ClothPiece(piece.form(), piece.width(), shorter, piece.edge())))
                : List.of();
    }

    private static TopTally anyPlan(QuiltTop top, Chance chance) {
        QuiltDesign design = top.design();
        for (UnitPlans.Choice choice : TopTally.of(top, Map.of()).choices()) {
            UnitPlan way = chance.of(choice.ways());
            List<MethodChoice> methods = new java.util.ArrayList<>(design.methods());
            methods.add(new MethodChoice(way.key().choice(), way.method().key(), false));
            design = design.withMethods(methods);
        }
        return TopTally.of(QuiltTop.of(design), Map.of());
    }

    /** Of a small top all is tried, and it says so: each way of each group with each style of each fabric, one by one. */
    @Tries(4)
    void whatIsSaidToBuyLeastIsNotBeatenByAnyChoice(Chance chance) {
        QuiltTop top = Tops.of(
                        chance.between(2, 3),
                        chance.between(2, 3),
                        chance.of(List.of("9", "12", "15")),
                        chance.of(List.of("pinwheel", "broken-dishes", "row-of-geese")))
                .top();
        ClothPiece quarter =
                new ClothPiece(PieceForm.FAT_QUARTER, Length.inches(21), Length.inches(18), ClothPiece.Edge.STRAIGHT);
        Map<String, List<ShelfPieces>> shelf = Map.of(
                "a", List.of(new ShelfPieces("s", chance.between(1, 3), quarter)),
                "b", List.of(new ShelfPieces("s", chance.between(1, 3), quarter)));
        ShelfAnswer answer = ShelfAnswer.of(top, shelf, new KnownAccounts());
        BestPlans.Tried plan = answer.plans().get(Aim.BUYS_LEAST);
        List<QuiltDesign> all = List.of(top.design());
        for (UnitPlans.Choice choice : TopTally.of(top, shelf).choices()) {
            all = all.stream()
                    .flatMap(design -> choice.ways().stream().map(way -> {
                        List<MethodChoice> methods = new ArrayList<>(design.methods());
                        methods.add(new MethodChoice(
                                way.key().choice(), way.method().key(), true));
                        return design.withMethods(methods);
                    }))
                    .toList();
        }
        if (answer.everyWay() > 0) {
            assertThat(all).as(chance.toString()).hasSizeLessThanOrEqualTo(answer.everyWay());
        }
        if (answer.everyWay() == 0 && !answer.bound().isLeast(plan.costs())) {
            return;
        }
        for (QuiltDesign ways : all) {
            for (CuttingStyle a : CuttingStyle.values()) {
                for (CuttingStyle b : CuttingStyle.values()) {
                    QuiltDesign cut = ways.withPlan(ways.plan()
                            .withCutting(List.of(
                                    new PlanDesign.CuttingChoice("a", a, PlanDesign.USUAL_EFFORT),
                                    new PlanDesign.CuttingChoice("b", b, PlanDesign.USUAL_EFFORT))));
                    assertThat(PlanCosts.of(TopTally.of(QuiltTop.of(cut), shelf))
                                    .bought())
                            .as(
                                    "%s: %s, %s and %s, against %s",
                                    chance, ways.methods(), a, b, answer.proof(Aim.BUYS_LEAST, plan))
                            .isGreaterThanOrEqualTo(plan.costs().bought());
                }
            }
        }
    }

    /** One pinwheel of two fabrics from nothing: every way to make its units, and the words for it. */
    @Test
    void thatEverythingWasTriedIsSaid() {
        ShelfAnswer answer = ShelfAnswer.of(Tops.of(1, 1, "8", "pinwheel").top(), Map.of(), new KnownAccounts());
        BestPlans.Tried plan = answer.plans().get(Aim.BUYS_LEAST);
        int ways = plan.tally().choices().getFirst().ways().size();
        assertThat(answer.everyWay()).isEqualTo(ways);
        assertThat(answer.proof(Aim.SEWS_LEAST, plan)).doesNotContain("tried");
        QuiltTop many = Tops.of(4, 5, "9", "churn-dash").top();
        assertThat(said(many.design()))
                .isEqualTo(
                        "All 9 ways to make its units were tried with pieces of these sizes, each cut in every style:"
                                + " none buys less.");
        QuiltDesign cutByHand = many.design()
                .withPlan(PlanDesign.USUAL.withCutting(
                        List.of(new PlanDesign.CuttingChoice("a", CuttingStyle.PLAIN, PlanDesign.USUAL_EFFORT))));
        assertThat(said(cutByHand)).as("other styles of oat were not tried").doesNotContain("none buys less");
        assertThat(said(Tops.of(4, 5, "9", "churn-dash")
                        .border(BorderDesign.plain("3", "", Corners.BUTTED))
                        .design()))
                .as("who knows what the border takes")
                .isEmpty();
    }

    private static String said(QuiltDesign design) {
        ShelfAnswer answer = ShelfAnswer.of(QuiltTop.of(design), Map.of(), new KnownAccounts());
        return answer.proof(Aim.BUYS_LEAST, answer.plans().get(Aim.BUYS_LEAST));
    }

    /** No plan of an aim is worse in what it aims at than any other that was looked at. */
    @Test
    void eachPlanIsTheBestOfTheThreeInItsOwnAim() {
        QuiltTop top = Tops.of(6, 7, "9", "dutchmans-puzzle")
                .border(BorderDesign.plain("4", "a", Corners.BUTTED))
                .top();
        ShelfAnswer answer = ShelfAnswer.of(top, Map.of("a", squares(30, 10)), new KnownAccounts());
        PlanCosts buys = answer.plans().get(Aim.BUYS_LEAST).costs();
        PlanCosts sews = answer.plans().get(Aim.SEWS_LEAST).costs();
        PlanCosts cuts = answer.plans().get(Aim.CUTS_SIMPLEST).costs();
        PlanCosts now = answer.now().costs();
        assertThat(buys.bought()).isLessThanOrEqualTo(sews.bought()).isLessThanOrEqualTo(cuts.bought());
        assertThat(buys.bought()).isLessThanOrEqualTo(now.bought());
        assertThat(sews.sewingMinutes())
                .isLessThanOrEqualTo(buys.sewingMinutes())
                .isLessThanOrEqualTo(cuts.sewingMinutes());
        assertThat(cuts.cuts()).isLessThanOrEqualTo(buys.cuts()).isLessThanOrEqualTo(sews.cuts());
    }

    @Test
    void whatWasChosenByHandStaysAndTheRestIsChosenAnew() {
        Map<String, List<ShelfPieces>> shelf = Map.of("a", squares(24, 5), "b", squares(24, 5));
        QuiltTop top = Tops.of(4, 3, "8", "pinwheel")
                .choose("half-square", "four-at-a-time")
                .top();
        ShelfAnswer answer = ShelfAnswer.of(top, shelf, new KnownAccounts());
        assertThat(answer.plans().values())
                .allSatisfy(plan -> assertThat(plan.tally().choices())
                        .allMatch(choice -> choice.chosen().method().id() == MethodId.FOUR_AT_A_TIME));
        assertThat(answer.isEnough()).isFalse();
        List<PlanDesign.CuttingChoice> cutting =
                List.of(new PlanDesign.CuttingChoice("a", CuttingStyle.THRIFTY, PlanDesign.USUAL_EFFORT));
        QuiltDesign byHand = top.design().withPlan(PlanDesign.USUAL.withCutting(cutting));
        assertThat(ShelfAnswer.of(QuiltTop.of(byHand), shelf, new KnownAccounts())
                        .plans()
                        .values())
                .allSatisfy(plan -> assertThat(plan.design().plan().cutting()).containsAll(cutting));
    }

    /**
     * 23 squares of 5 in give 46 units, two short of the 48: a row fewer is enough, and so is less room to trim where the
     * squares are too small by an eighth.
     */
    @Test
    void changesThatWouldDoAreOfferedWithTheirEffect() {
        Map<String, List<ShelfPieces>> shelf = Map.of("a", squares(23, 5), "b", squares(23, 5));
        QuiltTop top = Tops.of(4, 3, "8", "pinwheel").top();
        ShelfAnswer answer = ShelfAnswer.of(top, shelf, new KnownAccounts());
        assertThat(answer.isEnough()).isFalse();
        assertThat(answer.missing()).containsOnlyKeys("a", "b");
        assertThat(answer.changes()).extracting(ShelfAnswer.Change::key).contains("row", "column");
        assertThat(answer.changes()).allSatisfy(change -> {
            TopTally taken = TopTally.of(QuiltTop.of(change.design()), shelf);
            assertThat(taken.ledgers().stream().allMatch(ClothLedger::isEnough)).isEqualTo(change.enough());
        });
        Map<String, List<ShelfPieces>> small = new HashMap<>();
        small.put("a", squares(24, Length.inches(4, 7, 8)));
        small.put("b", squares(24, Length.inches(4, 7, 8)));
        ShelfAnswer exact = ShelfAnswer.of(
                Tops.of(4, 3, "8", "pinwheel").with(Allowance.TRIM).top(), small, new KnownAccounts());
        assertThat(exact.isEnough()).isTrue();
        assertThat(exact.plans().get(Aim.BUYS_LEAST).design().plan().cutSizes())
                .extracting(PlanDesign.CutSizeChoice::typed)
                .containsExactly("exact");
    }

    /** Squares of 5 1/4 in are not cut down to 5 where the simplest cuts are wanted: they are used as they come. */
    @Test
    void precutsAreUsedAsTheyComeWhereThatSavesCuts() {
        Map<String, List<ShelfPieces>> shelf =
                Map.of("a", squares(24, Length.inches(5, 1, 4)), "b", squares(24, Length.inches(5, 1, 4)));
        QuiltTop top = Tops.of(4, 3, "8", "pinwheel").top();
        ShelfAnswer answer = ShelfAnswer.of(top, shelf, new KnownAccounts());
        BestPlans.Tried simplest = answer.plans().get(Aim.CUTS_SIMPLEST);
        assertThat(simplest.costs().cuts()).isZero();
        assertThat(simplest.design().plan().cutSizes())
                .extracting(PlanDesign.CutSizeChoice::typed)
                .containsOnly("5 1/4");
        assertThat(answer.bound()
                        .proof(Aim.CUTS_SIMPLEST, simplest.costs(), top.design().system()))
                .isEqualTo("Proven: no plan cuts less.");
    }

    /** Two sizes of one kind: what would do for the small ones is not asked of the large ones. */
    @Test
    void aSizeThatIsTooSmallForOthersIsChosenForNoneOfThem() {
        QuiltTop top =
                Tops.of(4, 4, "12", "pinwheel", "big-dipper", "broken-dishes").top();
        Map<String, List<ShelfPieces>> shelf = Map.of("a", squares(40, 6), "b", squares(40, 9), "c", squares(40, 5));
        assertThat(ShelfAnswer.of(top, shelf, new KnownAccounts()).plans().values())
                .allSatisfy(plan -> assertThat(
                                TopTally.of(QuiltTop.of(plan.design()), shelf).problems())
                        .isEmpty());
    }

    /**
     * A top of 24 × 56 in, its backing 32 × 64: one panel of 64 in from top to bottom takes as much as two of 32 from side to
     * side, but two lengths of 33 in are what lies on the shelf.
     */
    @Test
    void theBackingRunsTheWayThatTheShelfHas() {
        QuiltTop top = Tops.of(3, 7, "8", "pinwheel")
                .finish(new FinishingDesign("", "2 1/2", "e", "40", "4"))
                .top();
        Map<String, List<ShelfPieces>> shelf = Map.of("e", lengths(2, Length.inches(33)));
        ShelfAnswer answer = ShelfAnswer.of(top, shelf, new KnownAccounts());
        assertThat(answer.missing()).doesNotContainKey("e");
        assertThat(answer.plans().get(Aim.BUYS_LEAST).design().finishing().panels())
                .isEqualTo(FinishingDesign.Panels.LYING);
        QuiltDesign byHand =
                top.design().withFinishing(top.design().finishing().withPanels(FinishingDesign.Panels.UPRIGHT));
        ShelfAnswer asChosen = ShelfAnswer.of(QuiltTop.of(byHand), shelf, new KnownAccounts());
        assertThat(asChosen.missing()).containsKey("e");
        assertThat(asChosen.plans().values())
                .allSatisfy(plan ->
                        assertThat(plan.design().finishing().panels()).isEqualTo(FinishingDesign.Panels.UPRIGHT));
    }

    private static List<ShelfPieces> lengths(int count, Length length) {
        return List.of(new ShelfPieces(
                "y", count, new ClothPiece(PieceForm.YARDAGE, Length.inches(40), length, ClothPiece.Edge.STRAIGHT)));
    }

    /** A cut size that was typed by hand stays, and a border's join that was chosen. */
    @Test
    void whatWasCutByHandStays() {
        Map<String, List<ShelfPieces>> shelf = Map.of("a", squares(24, 6), "b", squares(24, 6));
        QuiltDesign design = Tops.of(4, 3, "8", "pinwheel")
                .choose("half-square", "two-at-a-time")
                .top()
                .design();
        List<PlanDesign.CutSizeChoice> sizes =
                List.of(new PlanDesign.CutSizeChoice("half-square", "two-at-a-time", "5 3/8", true));
        ShelfAnswer answer = ShelfAnswer.of(
                QuiltTop.of(design.withPlan(design.plan().withCutSizes(sizes))), shelf, new KnownAccounts());
        assertThat(answer.plans().values())
                .allSatisfy(plan -> assertThat(plan.design().plan().cutSizes()).isEqualTo(sizes));
    }

    /** A long border of the cloth that is short: along the length it wants no join, and here less cloth. */
    @Test
    void bordersAreJoinedAsTheAimWants() {
        QuiltTop top = Tops.of(5, 6, "9", "pinwheel")
                .border(BorderDesign.plain("6", "c", Corners.BUTTED))
                .top();
        ShelfAnswer answer = ShelfAnswer.of(top, Map.of(), new KnownAccounts());
        PlanCosts buys = answer.plans().get(Aim.BUYS_LEAST).costs();
        for (BorderDesign.Join join : BorderDesign.Join.values()) {
            QuiltDesign joined =
                    PlanMoves.joined(answer.plans().get(Aim.BUYS_LEAST).design(), top.design(), join);
            assertThat(PlanCosts.of(TopTally.of(QuiltTop.of(joined), Map.of())).bought())
                    .isGreaterThanOrEqualTo(buys.bought());
        }
    }

    /**
     * Seven pinwheels have brick for ink, 14 squares of 5 in; twelve are there. Spruce lies beside it in value, and in one
     * block spruce instead is enough.
     */
    @Test
    void aNeighbourClothIsOfferedForAsFewBlocksAsAreEnough() {
        QuiltDesign design = Tops.of(7, 1, "8", "pinwheel")
                .choose("half-square", "two-at-a-time")
                .design();
        Map<String, List<ShelfPieces>> shelf = Map.of("a", squares(14, 5), "b", squares(12, 5), "d", squares(9, 5));
        ShelfAnswer answer = ShelfAnswer.of(QuiltTop.of(design), shelf, new KnownAccounts());
        ShelfAnswer.Change change = answer.changes().stream()
                .filter(each -> each.key().equals("neighbour-b-d"))
                .findFirst()
                .orElseThrow();
        assertThat(change.what()).isEqualTo("spruce instead of ink in block 7 of row 1");
        assertThat(change.enough()).isTrue();
        assertThat(TopTally.of(QuiltTop.of(change.design()), shelf).ledgers()).allMatch(ClothLedger::isEnough);
    }

    /** Block 7 has spruce for oat, so it has both already: spruce takes ink's place in the block before it. */
    @Test
    void whereTheTwoWouldMeetABlockStays() {
        QuiltDesign design = Tops.of(7, 1, "8", "pinwheel")
                .choose("half-square", "two-at-a-time")
                .place(0, 6, "", 0, false, new Exchange("a", "d"))
                .design();
        assertThat(neighbour(design, Map.of("a", squares(12, 5), "b", squares(12, 5), "d", squares(9, 5))))
                .isEqualTo("spruce instead of ink in block 6 of row 1");
    }

    /** Block 7 shows ink and spruce in units of their own: ink's place in it is not taken either. */
    @Test
    void aBlockThatHasBothInUnlikeUnitsStays() {
        UnitDesign ink = UnitDesign.of(UnitKind.HALF_SQUARE, 0, "a", "b");
        UnitDesign spruce = UnitDesign.of(UnitKind.HALF_SQUARE, 0, "a", "d");
        Block both = new Block(
                "both",
                "Both",
                List.of(1, 1),
                List.of(1, 1),
                List.of(
                        new BlockPart(0, 0, 1, 1, ink),
                        new BlockPart(1, 0, 1, 1, ink),
                        new BlockPart(0, 1, 1, 1, ink),
                        new BlockPart(1, 1, 1, 1, spruce)));
        QuiltDesign design = Tops.of(7, 1, "8", "pinwheel")
                .choose("half-square", "two-at-a-time")
                .place(0, 6, "both", 0, false)
                .design();
        List<Block> blocks = new ArrayList<>(design.blocks());
        blocks.add(both);
        // 27 units of ink, of 12 squares 24: three fewer would do, and so do four.
        assertThat(neighbour(
                        design.withBlocks(blocks),
                        Map.of("a", squares(30, 5), "b", squares(12, 5), "d", squares(9, 5))))
                .isEqualTo("spruce instead of ink in block 6 of row 1");
    }

    /** Of 20 squares for ten blocks 16 are there, then 12, then 10: two blocks change, four, and five. */
    @Test
    void blocksAreNamedOneByOneUpToFour() {
        QuiltDesign ten = Tops.of(10, 1, "8", "pinwheel")
                .choose("half-square", "two-at-a-time")
                .design();
        assertThat(neighbour(ten, Map.of("a", squares(20, 5), "b", squares(16, 5), "d", squares(20, 5))))
                .isEqualTo("spruce instead of ink in block 9 of row 1, block 10 of row 1");
        assertThat(neighbour(ten, Map.of("a", squares(20, 5), "b", squares(12, 5), "d", squares(20, 5))))
                .startsWith("spruce instead of ink in block 7 of row 1, ")
                .endsWith("block 10 of row 1");
        assertThat(neighbour(ten, Map.of("a", squares(20, 5), "b", squares(10, 5), "d", squares(20, 5))))
                .isEqualTo("spruce instead of ink in the last 5 blocks that have it");
    }

    private static String neighbour(QuiltDesign design, Map<String, List<ShelfPieces>> shelf) {
        return ShelfAnswer.of(QuiltTop.of(design), shelf, new KnownAccounts()).changes().stream()
                .filter(change -> change.key().equals("neighbour-b-d"))
                .map(ShelfAnswer.Change::what)
                .findFirst()
                .orElse("");
    }

    /** Half-squares of 50 in fit no cloth of 40, neither the light nor the dark of them. */
    @Test
    void whatFitsNoClothIsCountedInAllCloths() {
        QuiltTop top = Tops.of(1, 1, "50", "half-square-triangle").top();
        assertThat(TopTally.of(top, Map.of()).ledgers())
                .filteredOn(ledger -> !ledger.tooLarge().isEmpty())
                .hasSize(2);
        assertThat(PlanCosts.of(TopTally.of(top, Map.of())).impossible())
                .isEqualTo(TopTally.of(top, Map.of()).ledgers().stream()
                        .mapToLong(ledger -> ledger.tooLarge().size())
                        .sum());
    }

    /** Stopped at once, it is what is planned now at the worst; the same tries give the same answer. */
    @Test
    void aSearchThatIsStoppedKeepsTheBestSoFar() {
        QuiltTop top = Tops.of(6, 7, "9", "dutchmans-puzzle").top();
        ShelfAnswer whole = ShelfAnswer.of(top, Map.of(), new KnownAccounts());
        ShelfAnswer stopped = ShelfAnswer.of(top, Map.of(), new KnownAccounts(), tries -> tries < 4);
        assertThat(whole.whole()).isTrue();
        assertThat(stopped.whole()).isFalse();
        assertThat(stopped.plans().get(Aim.BUYS_LEAST).costs().bought())
                .isGreaterThanOrEqualTo(
                        whole.plans().get(Aim.BUYS_LEAST).costs().bought())
                .isLessThanOrEqualTo(stopped.now().costs().bought());
        assertThat(ShelfAnswer.of(top, Map.of(), new KnownAccounts())
                        .plans()
                        .get(Aim.BUYS_LEAST)
                        .design())
                .isEqualTo(whole.plans().get(Aim.BUYS_LEAST).design());
    }

    /** What is not dressed yet is no yes, however much there is of the other cloths. */
    @Test
    void nobodyCanSayYesToWhatHasNoClothYet() {
        QuiltDesign dressed = Tops.of(2, 2, "8", "pinwheel").design();
        QuiltDesign half = dressed.withBlocks(dressed.blocks().stream()
                .map(block -> block.withUnits(unit -> unit.inCloths(cloth -> cloth.equals("a") ? "" : cloth)))
                .toList());
        ShelfAnswer answer = ShelfAnswer.of(
                QuiltTop.of(half), Map.of("a", squares(99, 10), "b", squares(99, 10)), new KnownAccounts());
        assertThat(answer.hasUndressed()).isTrue();
        assertThat(answer.isEnough()).isFalse();
    }

    /** Two strips of a width, each cut into eight squares: squaring up, two strips, sixteen squares (counting). */
    @Test
    void cutsAreCounted() {
        QuiltTop top = Tops.of(2, 2, "4", "plain-square").top();
        TopTally tally = TopTally.of(top, Map.of("b", squares(4, Length.inches(10))));
        assertThat(PlanCosts.of(tally).cuts())
                .as("four squares of 4 1/2 in of one square: two strips, two squares each")
                .isEqualTo(2 + 4);
        TopTally bought = TopTally.of(top, Map.of());
        assertThat(bought.ledgers().getFirst().choice().style()).isEqualTo(CuttingStyle.PLAIN);
        assertThat(PlanCosts.of(bought).cuts())
                .as("squared up, one strip, four squares")
                .isEqualTo(1 + 1 + 4);
        assertThat(PlanCosts.of(bought).sewingMinutes()).isZero();
    }

    private static List<ShelfPieces> squares(int count, int inches) {
        return squares(count, Length.inches(inches));
    }

    private static List<ShelfPieces> squares(int count, Length side) {
        return List.of(new ShelfPieces("s", count, ClothPiece.square(side)));
    }
}

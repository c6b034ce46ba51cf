package org.goldentally.core.plans;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.OuterEdges;
import org.goldentally.core.plans.PlanInWords.About;
import org.goldentally.core.plans.PlanInWords.Sentence;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlanInWordsTest {

    private static final Pattern COUNT = Pattern.compile("(\\d+) (?:squares?|rectangles?|strips?|triangles?) cut");
    private static final List<String> BLOCKS =
            List.of("pinwheel", "sawtooth-star", "hourglass", "four-patch", "broken-dishes");

    /** Three by three pinwheels of 8 in: 36 half-square triangles of 4 in, 18 pairs cut 5 in (worked by hand). */
    @Test
    void aThrowOfPinwheelsIsToldInOneSentence() {
        TopTally tally = TopTally.of(
                Tops.of(3, 3, "8", "pinwheel")
                        .choose("half-square:a,b", "two-at-a-time")
                        .top(),
                Map.of());
        assertThat(texts(tally, Prices.UNKNOWN, About.MAKE))
                .containsExactly(
                        "Sew 36 units. 18 pairs, two at a time.",
                        "36 × half-square triangle, 4 in finished, two at a time: 36 squares cut 5 in, 18 of oat"
                                + " and 18 of ink.");
        assertThat(texts(tally, Prices.UNKNOWN, About.BUY))
                .singleElement()
                .asString()
                .startsWith("Buy ");
    }

    /** Three by three pinwheels have 36 half-square triangles (counted); of loose triangles each has bias to handle. */
    @Test
    void biasEdgesAreNamedBesideThePlan() {
        TopTally tally = TopTally.of(
                Tops.of(3, 3, "8", "pinwheel")
                        .choose("half-square", "loose-triangles")
                        .top(),
                Map.of());
        assertThat(texts(tally, Prices.UNKNOWN, About.BIAS))
                .containsExactly("36 units have bias edges: lift them, don't tug.");
    }

    /**
     * Three units on one ground in three prints: one is sewn as a pair and leaves one over, the triangles of two are cut apart
     * and share a square of the ground (worked by hand: 3 squares of prints, 2 of the ground).
     */
    @Test
    void oddUnitsOfLooseTrianglesAreNotCalledPairs() {
        Tops tops = Tops.of(3, 1, "4", "half-square-triangle");
        tops.place(0, 1, "", 0, false, new Exchange("a", "c"));
        tops.place(0, 2, "", 0, false, new Exchange("a", "d"));
        assertThat(texts(TopTally.of(tops.top(), Map.of()), Prices.UNKNOWN, About.MAKE))
                .satisfiesExactly(
                        all -> assertThat(all)
                                .isEqualTo("Sew 3 units. 1 pair, two at a time, and 2 odd units of loose triangles."),
                        units -> assertThat(units).contains("two at a time, 2 of them of loose triangles: 5 squares"));
    }

    /** Every piece that the plan cuts is in the sentences, once; every unit too. */
    @Tries(25)
    void theCountsAreThoseOfThePlan(Chance chance) {
        TopTally tally = TopTally.of(
                Tops.of(chance.between(1, 5), chance.between(1, 5), "12", chance.of(BLOCKS.toArray(new String[0])))
                        .choose("half-square", chance.of("loose-triangles", "eight-at-a-time"))
                        .top(),
                Map.of());
        List<String> made = texts(tally, Prices.UNKNOWN, About.MAKE);
        long told = made.stream()
                .flatMap(text -> COUNT.matcher(text).results())
                .map(MatchResult::group)
                .mapToLong(count -> Long.parseLong(count.substring(0, count.indexOf(' '))))
                .sum();
        assertThat(told)
                .isEqualTo(tally.making().cuts().stream()
                        .mapToLong(ClothCut::count)
                        .sum());
        long units = made.stream()
                .filter(text -> text.contains("finished"))
                .mapToLong(text -> Long.parseLong(text.substring(0, text.indexOf(' '))))
                .sum();
        assertThat(units)
                .isEqualTo(tally.choices().stream()
                        .mapToLong(choice ->
                                choice.chosen().needed() + choice.chosen().extra())
                        .sum());
        long bias = texts(tally, Prices.UNKNOWN, About.BIAS).stream()
                .mapToLong(text -> Long.parseLong(text.substring(0, text.indexOf(' '))))
                .sum();
        assertThat(bias)
                .isEqualTo(tally.choices().stream()
                        .map(UnitPlans.Choice::chosen)
                        .mapToLong(plan ->
                                plan.recipe().sewing().edges() == OuterEdges.STRAIGHT ? plan.loose() : plan.made())
                        .sum());
    }

    /**
     * Six pinwheels of 8 in of three prints, two of each, want 8 half-square triangles of each print: with 10 in squares one
     * pair of each eight at a time, 3 pairs in all and not "1 pair" three times (worked by hand).
     */
    @Test
    void pairsOfAllPrintsAreAddedUp() {
        Tops tops = Tops.of(6, 1, "8", "pinwheel");
        for (int i = 2; i < 6; i++) {
            tops.place(0, i, "", 0, false, new Exchange("a", i < 4 ? "c" : "d"));
        }
        Map<String, List<ShelfPieces>> shelf = new HashMap<>();
        List.of("a", "c", "d")
                .forEach(print ->
                        shelf.put(print, List.of(new ShelfPieces(print, 1, ClothPiece.square(Length.inches(10))))));
        shelf.put("b", List.of(new ShelfPieces("b", 3, ClothPiece.square(Length.inches(10)))));
        assertThat(texts(TopTally.of(tops.top(), shelf), Prices.UNKNOWN, About.MAKE))
                .first()
                .isEqualTo("Sew 24 units. 3 pairs, eight at a time.");
    }

    @Test
    void whatStaysWholeAndWhatItCostsIsTold() {
        Map<String, List<ShelfPieces>> shelf = Map.of(
                "a", List.of(new ShelfPieces("1", 40, ClothPiece.square(Length.inches(10)))),
                "b", List.of(new ShelfPieces("2", 2, ClothPiece.square(Length.inches(10)))));
        TopTally tally = TopTally.of(Tops.of(3, 3, "8", "pinwheel").top(), shelf);
        String left = texts(tally, Prices.UNKNOWN, About.LEFT).getFirst();
        int whole = tally.ledgers().getFirst().untouched().stream()
                .mapToInt(ShelfPieces::count)
                .sum();
        assertThat(whole).isPositive();
        assertThat(left).matches("You'll have " + whole + " whole 10 in squares and an? .* piece of .* left\\.");
        Prices prices =
                new Prices(Map.of("b", List.of(Price.read("", "8 a yard").orThrow())), Map.of());
        ShoppingList shopping = ShoppingList.of(tally, prices);
        List<String> lengths = shopping.items().stream()
                .flatMap(item -> item.purchase().stream().map(Purchase::write))
                .toList();
        assertThat(texts(tally, prices, About.BUY))
                .containsExactly("Buy " + lengths.get(0) + " of ink, "
                        + shopping.total().setScale(2) + " in all, plus " + lengths.get(1) + " for the binding and "
                        + lengths.get(2) + " for the backing.");
        assertThat(texts(TopTally.of(Tops.of(3, 3, "8", "pinwheel").top(), Map.of()), prices, About.BUY)
                        .getFirst())
                .contains(" yd of oat and ", " for what has a price, plus ");
    }

    @Test
    void fabricThatIsEnoughForTheTopIsCalledSoWhereTheBackIsStillToBuy() {
        Map<String, List<ShelfPieces>> shelf = Map.of("a", List.of(length()), "b", List.of(length()));
        TopTally tally = TopTally.of(Tops.of(3, 3, "8", "pinwheel").top(), shelf);
        assertThat(tally.ledgers()).allMatch(ClothLedger::isEnough);
        assertThat(texts(tally, Prices.UNKNOWN, About.BUY).getFirst())
                .matches("Your fabric is enough for the top\\. Buy .* for the binding and .* for the backing\\.");
    }

    /**
     * A border whose fabric nobody chose is counted all the same: round 24 × 24 in, 2 in wide finished and butted, two strips of
     * 24 1/2 and two of 28 1/2 in, over-length by an inch: 4 strips cut 2 1/2 in, 10 in and 1/2 in for the end: 3/8 yd.
     */
    @Test
    void aBorderWithoutAFabricIsCountedAndNothingIsCalledEnough() {
        TopTally tally = TopTally.of(
                Tops.of(3, 3, "8", "pinwheel")
                        .border(BorderDesign.plain("2", "", Corners.BUTTED))
                        .top(),
                Map.of("a", List.of(length()), "b", List.of(length())));
        assertThat(PlanInWords.notCounted(tally))
                .containsExactly("3/8 yd for border 1 strips, 2 in finished, fabric not chosen");
        assertThat(texts(tally, Prices.UNKNOWN, About.BUY).getFirst())
                .endsWith(" Still to choose: 3/8 yd for border 1 strips, 2 in finished, fabric not chosen.");
        assertThat(ShelfAnswer.of(tally.top(), Map.of("a", List.of(length()), "b", List.of(length())), ClothLedger::of)
                        .isEnough())
                .isFalse();
    }

    private static ShelfPieces length() {
        return new ShelfPieces(
                "l",
                1,
                new ClothPiece(PieceForm.YARDAGE, Length.inches(42), Length.inches(108), ClothPiece.Edge.STRAIGHT));
    }

    /** A block of 90 in, plain squares of 45 in: no cloth of 40 in gives them, so “nothing to buy” would be no answer. */
    @Test
    void whatNoClothGivesIsNotPassedOver() {
        TopTally tally = TopTally.of(Tops.of(1, 1, "90", "four-patch").top(), Map.of());
        assertThat(tally.ledgers()).anyMatch(ledger -> !ledger.tooLarge().isEmpty());
        assertThat(texts(tally, Prices.UNKNOWN, About.BUY).getFirst())
                .endsWith("Not counted: pieces that fit no fabric of the usual width.");
    }

    private static List<String> texts(TopTally tally, Prices prices, About about) {
        return PlanInWords.of(tally, ShoppingList.of(tally, prices)).stream()
                .filter(sentence -> sentence.about() == about)
                .map(Sentence::text)
                .toList();
    }

    /** An eight, an eleven, an eighteen and the eighties; nothing else on a ruler (how it is spoken). */
    @ParameterizedTest
    @CsvSource({
        "8, an",
        "8 1/2, an",
        "11, an",
        "18 1/4, an",
        "80, an",
        "88 7/8, an",
        "1, a",
        "10, a",
        "81, an",
        "180, a",
        "108, a"
    })
    void aSizeHasTheArticleThatIsSpoken(String number, String article) {
        assertThat(PlanInWords.withArticle(number + " × 9 in")).isEqualTo(article + " " + number + " × 9 in");
    }
}

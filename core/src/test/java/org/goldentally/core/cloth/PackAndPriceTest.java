package org.goldentally.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PackAndPriceTest {

    @ParameterizedTest(name = "{0} is understood as {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "42 squares 10 in autumn, 21 prints, two of each | 42 squares, 10 in – autumn, 21 prints, 2 of each",
                "42 squares 10 in autumn two of each | 42 squares, 10 in – autumn, 21 prints, 2 of each",
                "42 squares 10 in autumn, 42 prints | 42 squares, 10 in – autumn, 42 prints, 1 of each",
                "43 squares 10 in autumn, 21 prints, 2 of each and 1 extra"
                        + "| 43 squares, 10 in – autumn, 21 prints, 2 of each, and 1 extra of the first",
                "40 strips 2 1/2 in garden, 20 different prints, plus one undersized 2 1/4"
                        + "| '40 strips, 2 1/2 in wide, 40 in long – garden, 20 prints, 2 of each, 1 of the last undersized,"
                        + " 2 1/4 in'",
                "42 squares 10 in marigold prints | 42 squares, 10 in – marigold prints"
            })
    void packsOfSeveralPrintsAreUnderstood(String typed, String understood) {
        assertThat(ShelfLineReader.readForShelf("shelf", typed, MeasureSystem.INCH)
                        .orThrow()
                        .describe(MeasureSystem.INCH))
                .isEqualTo(understood.strip());
    }

    @ParameterizedTest(name = "{0} is refused: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "42 squares 10 in autumn, 20 prints, two of each | 20 prints, 2 of each make 40, not 42",
                "42 squares 10 in autumn, 20 prints | 20 prints, 2 of each make 40, not 42",
                "42 squares 10 in autumn, 0 prints | 0 prints are no pack",
                "42 squares 10 in autumn, 21 prints, 3 undersized 9 3/4 | 3 undersized are more than the 2 of one print"
            })
    void whatDoesNotAddUpIsRefused(String typed, String why) {
        Reading<ShelfLine> reading = ShelfLineReader.readForShelf("shelf", typed, MeasureSystem.INCH);
        assertThat(reading)
                .isInstanceOfSatisfying(
                        Reading.Refused.class,
                        refused -> assertThat(refused.problem().why()).isEqualTo(why));
    }

    @Test
    void aPackSharesOutToItsCount() {
        ShelfLine.Pack pack = ShelfLineReader.readForShelf(
                        "shelf",
                        "43 squares 10 in autumn, 21 prints, 2 of each and 1 extra, 1 undersized 9 3/4",
                        MeasureSystem.INCH)
                .orThrow()
                .pack()
                .orElseThrow();
        assertThat(pack.countOf(1)).isEqualTo(3);
        assertThat(pack.countOf(2)).isEqualTo(2);
        assertThat(pack.countOf(21)).isEqualTo(1);
        assertThat(pack.undersizedSide()).contains(Length.inches(9, 3, 4));
    }

    /** A shop that cuts off no less than half a yard sells half a yard for 1/8 yd, and what is longer as it is. */
    @Test
    void aShopSellsNoLessThanItCutsOff() {
        Price price = Price.read("price", "12 a yard, at least 1/2 yd").orThrow();
        Purchase little = Purchase.of(Length.inches(4), MeasureSystem.INCH);
        assertThat(price.sold(little).write()).isEqualTo("1/2 yd");
        assertThat(price.of(little)).hasValueSatisfying(cost -> assertThat(cost).isEqualByComparingTo("6"));
        assertThat(price.sold(Purchase.of(Length.inches(30), MeasureSystem.INCH))
                        .write())
                .isEqualTo("7/8 yd");
        Price metric = Price.read("price", "14 a metre, at least 0.5 m").orThrow();
        assertThat(metric.sold(Purchase.of(Length.centimetres(12, 0, 1), MeasureSystem.CENTIMETRE))
                        .write())
                .isEqualTo("0.5 m");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "3.20 a fat quarter | 3.20 a fat quarter",
                "42 a pack | 42.00 a pack",
                "0,80 each | 0.80 each",
                "3 a fat quarter, at least 1/2 yd | refused",
                "12 a yard, at least 3 squares 10 in | refused",
                "12 a yard, at least plenty | refused"
            })
    void shopsSellByThePieceAndThePackToo(String typed, String understood) {
        Reading<Price> reading = Price.read("price", typed);
        assertThat(
                        reading instanceof Reading.Understood<Price> read
                                ? read.value().write()
                                : "refused")
                .isEqualTo(understood);
    }

    /** 1 1/8 yd at 12.50 is 14.0625, rounded up; 1/8 yd at 9.99 is 1.24875; a yard in metres is 0.9144 of one. */
    @ParameterizedTest
    @CsvSource({"12.50 a yard, 40, 14.07", "'12,5/yd', 36, 12.50", "9.99 per yard, 4, 1.25", "10 a metre, 36, 9.15"})
    void whatIsBoughtCostsItsPartOfTheUnitRoundedUp(String typed, int inches, String cost) {
        Price price = Price.read("price", typed).orThrow();
        Purchase purchase = Purchase.of(Length.inches(inches), MeasureSystem.INCH);
        assertThat(price.of(purchase))
                .hasValueSatisfying(value -> assertThat(value).isEqualByComparingTo(cost));
    }

    @Test
    void aPriceForAPieceSaysNothingOfYardage() {
        Price each = Price.read("price", "4 each").orThrow();
        assertThat(each.of(Purchase.of(Length.inches(36), MeasureSystem.INCH))).isEmpty();
        assertThat(each.write()).isEqualTo("4.00 each");
        assertThat(Price.read("price", "cheap")).isInstanceOf(Reading.Refused.class);
    }

    @Test
    void printsOfAPackCanBeToldApart() {
        List<String> swatches = PrintSwatches.ofPack("noon", 21);
        assertThat(new HashSet<>(swatches)).hasSize(21);
        assertThat(swatches).allMatch(swatch -> swatch.matches("#[0-9a-f]{6}"));
        assertThat(swatches.stream()
                        .map(swatch -> Lightness.word(Lightness.of(swatch)))
                        .distinct())
                .containsExactlyInAnyOrder("light", "middle", "dark");
        double cream = Lightness.of(ColourWords.swatchFor("cream").colour());
        double black = Lightness.of(ColourWords.swatchFor("black").colour());
        assertThat(swatches).as("no star vanishes in cream").allMatch(swatch -> cream - Lightness.of(swatch) > 19.5);
        assertThat(swatches).as("nor in black").allMatch(swatch -> Lightness.of(swatch) - black > 20);
    }

    /** Autumn is reds, golds and olive, never lilac; 42 prints are 42 colours. */
    @Test
    void printsFollowTheWordsOfTheirName() {
        List<String> autumn = PrintSwatches.ofPack("autumn walk", 42);
        assertThat(new HashSet<>(autumn)).hasSize(42);
        assertThat(autumn)
                .allSatisfy(swatch -> assertThat((hue(swatch) + 40) % 360).isLessThan(130));
        List<String> teal = PrintSwatches.ofPack("teal", 8);
        assertThat(new HashSet<>(teal)).hasSize(8);
        assertThat(teal).allSatisfy(swatch -> assertThat(hue(swatch)).isBetween(160f, 200f));
        assertThat(PrintSwatches.ofPack("cream", 12)).allMatch(swatch -> Lightness.of(swatch) > 75);
        assertThat(PrintSwatches.ofPack("heap light", 6)).allMatch(swatch -> Lightness.of(swatch) > 70);
    }

    private static float hue(String swatch) {
        Color colour = Color.decode(swatch);
        return 360 * Color.RGBtoHSB(colour.getRed(), colour.getGreen(), colour.getBlue(), null)[0];
    }

    /** Half black and half white reflects half the light, which is L* 76 (CIE 15, from memory), not the middle grey. */
    @Test
    void aPhotographIsReadAsTheEyeSeesItFromAcrossTheRoom() {
        int[] checks = new int[100 * 100];
        for (int i = 0; i < checks.length; i++) {
            checks[i] = (i % 100 + i / 100) % 2 == 0 ? 0xffffff : 0;
        }
        assertThat(Lightness.of(PhotoSwatch.colour(checks, 100))).isCloseTo(76, Offset.offset(0.5));
        int[] brick = new int[100 * 100];
        Arrays.fill(brick, 0xffb5482f);
        // A finger at the rim does not count.
        Arrays.fill(brick, 0, 900, 0);
        assertThat(PhotoSwatch.colour(brick, 100)).isEqualTo("#b5482f");
    }

    /** 42 squares of 21 prints, one undersized, one more of the first: 3 of the first, 1 and 1 of the last (counting). */
    @Test
    void whatThereIsOfEachPrintAddsUp() {
        ClothPiece square = ClothPiece.square(Length.inches(10));
        ShelfLine.Pack pack = new ShelfLine.Pack(21, 2, 1, 1, Optional.of(Length.inches(9, 7, 8)));
        List<ShelfLine.Pack.OfPrint> shared = pack.shared(square);
        assertThat(shared.stream().mapToInt(ShelfLine.Pack.OfPrint::count).sum())
                .isEqualTo(43);
        assertThat(shared.getFirst()).isEqualTo(new ShelfLine.Pack.OfPrint(1, 3, square));
        assertThat(shared.get(20)).isEqualTo(new ShelfLine.Pack.OfPrint(21, 1, square));
        assertThat(shared.getLast())
                .isEqualTo(new ShelfLine.Pack.OfPrint(21, 1, ClothPiece.square(Length.inches(9, 7, 8))));
    }

    /** A strip that is too small is narrower, not shorter; a print that is all undersized has no others. */
    @Test
    void undersizedStripsAreNarrower() {
        ClothPiece strip =
                new ClothPiece(PieceForm.STRIP, Length.inches(42), Length.inches(2, 1, 2), ClothPiece.Edge.PINKED);
        List<ShelfLine.Pack.OfPrint> shared =
                new ShelfLine.Pack(2, 1, 0, 1, Optional.of(Length.inches(2))).shared(strip);
        assertThat(shared).hasSize(2);
        assertThat(shared.getLast().piece())
                .isEqualTo(
                        new ClothPiece(PieceForm.STRIP, Length.inches(42), Length.inches(2), ClothPiece.Edge.PINKED));
        assertThat(new ShelfLine.Pack(2, 1, 0, 0, Optional.empty()).shared(strip))
                .hasSize(2)
                .allMatch(each -> each.piece().equals(strip));
    }
}

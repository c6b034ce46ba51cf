package org.goldentally.core.deal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.ClothInHand.StandsFor;
import org.goldentally.core.design.MakingDesign.Variety;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.work.Work;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A pack that is enough is dealt so that it is enough: held by the accounts of the quilt that comes of it. */
class DealFromAPackTest {

    private static QuiltDesign anyTwo(int across, int down, String size, int prints, Variety variety) {
        List<ClothInHand> cloths = new ArrayList<>();
        cloths.add(OfAPack.free("a", StandsFor.ANY_PRINT));
        cloths.add(OfAPack.free("b", StandsFor.ANY_PRINT));
        cloths.addAll(OfAPack.prints(prints));
        QuiltDesign design = Tops.of(across, down, size, "pinwheel")
                .cloths(cloths.toArray(ClothInHand[]::new))
                .top()
                .design();
        return design.withPlan(design.plan().withMaking(design.plan().making().with(variety)));
    }

    private static List<ClothLedger> short_(
            QuiltDesign design, Map<String, List<ShelfPieces>> shelf, ScrappyDeal deal) {
        return TopTally.of(QuiltTop.of(deal.in(design)), shelf).ledgers().stream()
                .filter(ledger -> !ledger.isEnough())
                .toList();
    }

    private static Map<String, List<ShelfPieces>> squares(int... counts) {
        Map<String, List<ShelfPieces>> shelf = new LinkedHashMap<>();
        for (int i = 0; i < counts.length; i++) {
            shelf.put("p" + i, List.of(new ShelfPieces("s" + i, counts[i], ClothPiece.square(Length.inches(10)))));
        }
        return shelf;
    }

    /** 42 squares of 10 in, 21 prints, two of each: 21 pairs four at a time, 21 pinwheels of 12 in (counting). */
    @Tries(10)
    void twentyOnePinwheelsComeOfFortyTwoSquares(Chance chance) {
        int[] two = new int[21];
        java.util.Arrays.fill(two, 2);
        Map<String, List<ShelfPieces>> shelf = squares(two);
        Variety variety = chance.of(List.of(Variety.FEW, Variety.MANY));
        QuiltDesign design = anyTwo(3, 7, "12", 21, variety);
        ScrappyDeal deal = ScrappyDeal.deal(design, Stock.of(design, shelf, false), chance.between(0, 1_000));
        assertThat(deal.beyondStock()).isEmpty();
        assertThat(short_(design, shelf, deal)).isEmpty();
    }

    /**
     * Packs of any counts, and as many pinwheels of two unlike prints as they make: half of all squares, where no print has
     * more than half (a pairing of unlike things, counting). So it is never short.
     */
    @Tries(60)
    void aPackThatIsJustEnoughIsNeverShort(Chance chance) {
        int prints = chance.between(3, 14);
        int[] counts = new int[prints];
        int sum = 0;
        for (int i = 0; i < prints; i++) {
            counts[i] = chance.between(1, 5);
            sum += counts[i];
        }
        if (sum % 2 == 1) {
            counts[0]++;
            sum++;
        }
        int most = java.util.Arrays.stream(counts).max().orElse(0);
        if (most > sum / 2) {
            return;
        }
        QuiltDesign design = anyTwo(1, sum / 2, "12", prints, chance.of(List.of(Variety.FEW, Variety.MANY)));
        Map<String, List<ShelfPieces>> shelf = squares(counts);
        ScrappyDeal deal = ScrappyDeal.deal(design, Stock.of(design, shelf, false), chance.between(0, 1_000));
        assertThat(deal.beyondStock())
                .as(chance + " " + java.util.Arrays.toString(counts))
                .isEmpty();
        assertThat(short_(design, shelf, deal)).isEmpty();
    }

    /**
     * Hidden layouts: tops that are dealt in secret to four prints a block, hourglasses of four fabrics, or to places of
     * unlike sizes of fat quarters; the shelf is just what the accounts of the hidden top cut into. A deal of the same top finds
     * a way that buys nothing.
     */
    @Tries(60)
    void aShelfOfAHiddenLayoutIsNeverShort(Chance chance) {
        int prints = chance.between(4, 9);
        boolean crossed = chance.flag();
        List<ClothInHand> cloths = new ArrayList<>();
        int places = crossed ? 4 : 2;
        for (int i = 0; i < places; i++) {
            cloths.add(OfAPack.free("" + (char) ('a' + i), StandsFor.ANY_PRINT));
        }
        cloths.addAll(OfAPack.prints(prints));
        QuiltDesign free = (crossed
                        ? Tops.of(chance.between(2, 4), 2, "6", HOURGLASS)
                        : Tops.of(chance.between(2, 4), 3, "8", "ohio-star"))
                .cloths(cloths.toArray(ClothInHand[]::new))
                .top()
                .design();
        QuiltDesign hidden =
                ScrappyDeal.deal(free, Stock.UNKNOWN, chance.between(0, 1_000)).in(free);
        Map<String, List<ShelfPieces>> shelf = cutInto(hidden, crossed ? 10 : 0);
        ScrappyDeal deal = ScrappyDeal.deal(free, Stock.of(free, shelf, false), chance.between(0, 1_000));
        assertThat(short_(free, shelf, deal)).as("%s", chance).isEmpty();
        assertThat(deal.beyondStock()).isEmpty();
    }

    private static final String HOURGLASS = "four-cloth-hourglass";

    /** What a top is cut of, of squares of this side or of fat quarters, as few as its accounts open. */
    private static Map<String, List<ShelfPieces>> cutInto(QuiltDesign hidden, int side) {
        ClothPiece piece = side > 0
                ? ClothPiece.square(Length.inches(side))
                : new ClothPiece(PieceForm.FAT_QUARTER, Length.inches(21), Length.inches(18), ClothPiece.Edge.STRAIGHT);
        Map<String, List<ShelfPieces>> plenty = new LinkedHashMap<>();
        hidden.cloths()
                .forEach(cloth -> plenty.put(cloth.key(), List.of(new ShelfPieces("s" + cloth.key(), 40, piece))));
        Map<String, List<ShelfPieces>> shelf = new LinkedHashMap<>();
        TopTally.of(QuiltTop.of(hidden), plenty).ledgers().forEach(ledger -> {
            int opened = (int) ledger.opened().stream()
                    .mapToLong(ClothLedger.Opened::count)
                    .sum();
            shelf.put(ledger.cloth(), List.of(new ShelfPieces("s" + ledger.cloth(), opened, piece)));
        });
        return shelf;
    }

    /** One square too few is one print short, not two. */
    @Test
    void oneSquareTooFewIsOnePrintShort() {
        int[] counts = new int[21];
        java.util.Arrays.fill(counts, 2);
        counts[20] = 1;
        QuiltDesign design = anyTwo(3, 7, "12", 21, Variety.MANY);
        Map<String, List<ShelfPieces>> shelf = squares(counts);
        ScrappyDeal deal = ScrappyDeal.deal(design, Stock.of(design, shelf, false), 5);
        assertThat(deal.beyondStock()).hasSize(1);
        assertThat(short_(design, shelf, deal)).hasSize(1);
    }

    /** A shelf that is honestly short is said to be short: a third of the steps that a question may take, at most. */
    @ParameterizedTest
    @CsvSource({"5, 7, 21, 10", "8, 10, 42, 10", "12, 14, 42, 5"})
    void aShelfThatIsShortIsSaidToBe(int across, int down, int prints, int side) {
        QuiltDesign design = OfAPack.pinwheels(across, down, "8", prints, Variety.MANY, "");
        Stock stock = Stock.of(design, OfAPack.squares(prints, Length.inches(side)), false);
        ScrappyDeal deal = Work.of(3_000_000).within(() -> ScrappyDeal.deal(design, stock, 1));
        assertThat(deal.beyondStock()).isNotEmpty();
    }
}

package org.goldentally.core.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.assertj.core.data.Offset;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.Uses;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;

class ClothLedgerTest {

    @Test
    void restsOfPiecesAlreadyCutComeBeforeWholePieces() {
        ClothLedger ledger = ledger(List.of(cut(6, 6, 2), cut(3, 3, 5)), "3 squares 10 in");
        assertThat(ledger.isEnough()).isTrue();
        assertThat(ledger.untouched())
                .singleElement()
                .satisfies(whole -> assertThat(whole.count()).isEqualTo(1));
        assertThat(ledger.opened().stream().mapToLong(ClothLedger.Opened::count).sum())
                .isEqualTo(2);
    }

    @Test
    void scrapsComeBeforePrecutsAndYardageComesLast() {
        ClothLedger ledger = ledger(List.of(cut(4, 4, 3)), "1 yd 40 wide", "2 squares 10 in", "scrap 5 x 9");
        assertThat(ledger.opened())
                .extracting(opened -> opened.piece().piece().form().name())
                .containsExactly("SCRAP", "SQUARE");
    }

    /** 20 squares of 6 in from 40 in cloth: 6 a strip, 4 strips of 6 in and 1/2 in to square up, 24 1/2 in, bought as
     * 3/4 yd (worked by hand). */
    @Test
    void whatIsMissingIsBoughtInEighthsOfAYard() {
        ClothLedger ledger = ledger(List.of(cut(6, 6, 20)));
        assertThat(ledger.toBuy().orElseThrow().purchase().exact()).isEqualTo(Length.inches(24, 1, 2));
        assertThat(ledger.toBuy().orElseThrow().purchase().write()).isEqualTo("3/4 yd");
        assertThat(ledger(List.of(cut(50, 45, 1))).toBuy()).isEmpty();
        assertThat(ledger(List.of(cut(50, 45, 1))).tooLarge()).hasSize(1);
    }

    /** A square of 10 in gives 7 × 7 and 7 × 3, and 9 × 2 of what is beside them: four squares, where the longest first takes five. */
    @Test
    void anotherOrderOfTheSizesOpensLess() {
        assertThat(squaresOpened(cut(7, 7, 4), cut(7, 3, 4), cut(9, 2, 2))).isEqualTo(4);
    }

    /** Four give 8 × 7 and 9 × 3, one two of 8 × 4, one 8 × 4 and 9 × 3: six squares (worked by hand). */
    @Test
    void whatIsBesideTheLargeOnesComesBeforeAWholePiece() {
        assertThat(squaresOpened(cut(8, 7, 4), cut(8, 4, 3), cut(9, 3, 5))).isEqualTo(6);
    }

    private static long squaresOpened(ClothCut... cuts) {
        return ledger(List.of(cuts), "12 squares 10 in").opened().stream()
                .mapToLong(ClothLedger.Opened::count)
                .sum();
    }

    /** Two strips of 38 × 3 in lie across 40 in of fabric: 6 in of it, and not 38 (worked by hand). */
    @Test
    void fewPiecesLieSoThatTheyTakeTheLeastLength() {
        assertThat(ledger(List.of(cut(38, 3, 2)))
                        .toBuy()
                        .orElseThrow()
                        .purchase()
                        .exact())
                .isEqualTo(Length.inches(6, 1, 2));
    }

    @Test
    void piecesOfOneSizeForOneKindOfUnitAreCutInOneGo() {
        CutSize size = CutSize.square(Length.inches(4));
        ClothLedger ledger = ledger(
                List.of(
                        new ClothCut("a", size, "square", 3, Uses.named("with b"), "half-square triangle"),
                        new ClothCut("a", size, "square", 5, Uses.named("with c"), "half-square triangle"),
                        new ClothCut("a", size, "square", 2, Uses.named("plain"), "plain square")),
                "1 yd 40 wide");
        assertThat(ledger.cuts())
                .extracting(cut -> cut.count() + " for " + cut.uses())
                .containsExactly(
                        "8 for " + List.of(Uses.named("with b"), Uses.named("with c")),
                        "2 for " + List.of(Uses.named("plain")));
        assertThat(CuttingSteps.of(ledger.opened().getFirst().piece(), MeasureSystem.INCH))
                .extracting(CuttingSteps.CuttingStep::text)
                .containsExactly(
                        "Fold selvage to selvage and square up the end. Cut the selvages off each strip before you cut it up.",
                        "8 squares cut 4 in: one strip 4 in wide, cut into 8. For half-square triangle.",
                        "2 squares cut 4 in: one strip 4 in wide, cut into 2. For plain square.",
                        "Keep and label what is left: 40 × 31 1/2 in.");
    }

    @Test
    void stepsGiveEveryPieceOnce() {
        ClothLedger ledger = ledger(List.of(cut(40, 2, 3), cut(6, 6, 9), cut(3, 5, 11)), "1 yd 40 wide");
        OpenedPiece piece = ledger.opened().getFirst().piece();
        assertThat(CuttingSteps.of(piece, MeasureSystem.INCH).stream()
                        .mapToLong(CuttingSteps.CuttingStep::pieces)
                        .sum())
                .isEqualTo(23);
        assertThat(CuttingSteps.of(piece, MeasureSystem.INCH).get(1).text())
                .isEqualTo("3 pieces cut 2 × 40 in, across the whole width. For .");
    }

    /** One 10 in square holds one 6 7/8 in square and three 3 in squares (common practice, no source), or five of 3 in. */
    @Test
    void aPlanMixesSizesInOneSquareWhereCuttingOneSizeAfterTheOtherTakesTwo() {
        CutSize large = CutSize.square(Length.inches(6, 7, 8));
        List<ClothCut> cuts = List.of(
                new ClothCut("a", large, "square", 1, Uses.named("large"), "large"),
                new ClothCut("a", CutSize.square(Length.inches(3)), "square", 5, Uses.named("small"), "small"));
        ClothLedger thrifty = ledger(CuttingStyle.THRIFTY, cuts, "3 squares 10 in");
        assertThat(thrifty.isEnough()).isTrue();
        assertThat(thrifty.untouched().getFirst().count()).isEqualTo(2);
        OpenedPiece piece = thrifty.opened().getFirst().piece();
        assertThat(piece.isTight(Length.inches(0, 1, 8))).isFalse();
        assertThat(CuttingSteps.of(piece, MeasureSystem.INCH))
                .extracting(CuttingSteps.CuttingStep::text)
                .containsExactly(
                        "One strip 6 7/8 in wide, cut into 1 square 6 7/8 in for large; 1 segment 3 in wide, cut across"
                                + " into 2 of 3 in for small.",
                        "One strip 3 in wide, cut into 3 squares 3 in for small.");
    }

    /**
     * A yard squared up, 35 1/2 in, gives four of six strips of 8 7/8 in to the last mark; the rest is bought, 17 3/4 in
     * and 1/2 in to square up (worked by hand).
     */
    @Test
    void aPlanUsesTheYardageOnHandUpAndBuysTheRest() {
        CutSize strip = CutSize.rectangle(Length.inches(40), Length.inches(8, 7, 8));
        ClothLedger ledger = ledger(
                CuttingStyle.THRIFTY,
                List.of(new ClothCut("a", strip, "strip", 6, Uses.named("strips"), "")),
                "1 yd 40 wide");
        assertThat(ledger.opened().getFirst().piece().left()).isEqualTo(Area.ZERO);
        assertThat(ledger.toBuy().orElseThrow().purchase().exact()).isEqualTo(Length.inches(18, 1, 4));
        assertThat(ledger.toBuy().orElseThrow().atLeast()).contains(Length.inches(18, 1, 4));
        assertThat(ledger.opened().getFirst().piece().isTight(Length.inches(0, 1, 8)))
                .isTrue();
    }

    /** Nine 10 in squares lie there: they are used as they are, though the yardage is open for strips already. */
    @Test
    void precutsThatAreUsedUpComeBeforeTheRestsOfYardage() {
        for (CuttingStyle style : CuttingStyle.values()) {
            ClothLedger ledger =
                    ledger(style, List.of(cut(40, 3, 2), cut(10, 10, 9)), "3 yd 40 wide", "9 squares 10 in");
            assertThat(ledger.untouched()).as(style.label()).isEmpty();
            assertThat(ledger.opened())
                    .filteredOn(opened -> opened.piece().piece().form() == PieceForm.SQUARE)
                    .singleElement()
                    .satisfies(squares -> {
                        assertThat(squares.count()).isEqualTo(9);
                        assertThat(squares.piece().trimmed()).isEqualTo(Area.ZERO);
                    });
        }
    }

    /** 10 squares of 4 in fill one strip: 4 in and 1/2 in to square up are 1/8 yd to the last mark (worked by hand). */
    @Test
    void whatIsBoughtCountsInUsedLeftAndTrimmed() {
        ClothLedger ledger = ledger(List.of(cut(4, 4, 10)));
        assertThat(ledger.toBuy().orElseThrow().purchase().write()).isEqualTo("1/8 yd");
        assertThat(ledger.taken()).isEqualTo(Length.inches(40).times(Length.inches(4, 1, 2)));
        assertThat(ledger.used()).isEqualTo(Length.inches(40).times(Length.inches(4)));
        assertThat(ledger.trimmed()).isEqualTo(Length.inches(40).times(Length.inches(0, 1, 2)));
        assertThat(ledger.toBuy().orElseThrow().piece().isTight(Length.inches(0, 1, 8)))
                .isTrue();
    }

    @Test
    void aDirectionalPieceIsNeverTurned() {
        CutSize upright = new CutSize(Length.inches(4), Length.inches(30), false);
        for (CuttingStyle style : CuttingStyle.values()) {
            ClothLedger ledger = ledger(
                    style,
                    List.of(new ClothCut("a", upright, "strip", 4, Uses.named("border"), "border")),
                    "1 yd 40 wide");
            assertThat(ledger.opened().getFirst().piece().cuts().getFirst().blocks())
                    .allSatisfy(block -> assertThat(block.pieceHeight()).isEqualTo(Length.inches(30)));
        }
    }

    /**
     * Four sides of 4 1/2 × 75 1/2 in take 18 in of 40; the 22 in beside them hold 18 rows of five 4 in squares: 75 1/2 in,
     * and 1/2 in to square up, do for all (worked by hand).
     */
    @Test
    void whatIsBesideALongBorderIsCutToo() {
        CutSize along = new CutSize(Length.inches(4, 1, 2), Length.inches(75, 1, 2), false);
        List<ClothCut> cuts = List.of(
                new ClothCut("a", along, "strip", 4, Uses.named("border"), "border 1"),
                new ClothCut("a", CutSize.square(Length.inches(4)), "square", 90, Uses.named("plain"), "plain square"));
        for (CuttingStyle style : CuttingStyle.values()) {
            ClothLedger.ToBuy buy = ledger(style, cuts).toBuy().orElseThrow();
            assertThat(buy.purchase().exact()).as(style.label()).isEqualTo(Length.inches(76));
            check(buy.piece());
        }
        assertThat(CuttingSteps.of(
                        ledger(CuttingStyle.TIDY, cuts).toBuy().orElseThrow().piece(), MeasureSystem.INCH))
                .extracting(CuttingSteps.CuttingStep::text)
                .contains(
                        "Cut off a length of 75 1/2 in and open it out. Along it, from one edge: 4 strips"
                                + " 75 1/2 × 4 1/2 in for border 1.",
                        "Of the part 22 in wide beside the long pieces: 18 strips 4 in wide, each cut into 5 squares 4 in"
                                + " for plain square.");
    }

    /** Whoever takes more trouble in cutting never buys more for it, long pieces among them or not. */
    @Tries(30)
    void noStyleBuysMoreThanASimplerOne(Chance chance) {
        List<ClothCut> cuts = new ArrayList<>(cuts(chance));
        if (chance.flag()) {
            cuts.add(longOnes(chance));
        }
        Length before = length(CuttingStyle.PLAIN, cuts);
        for (CuttingStyle style : List.of(CuttingStyle.TIDY, CuttingStyle.THRIFTY)) {
            Length now = length(style, cuts);
            assertThat(now).as(style.label()).isLessThanOrEqualTo(before);
            before = now;
        }
    }

    private static Length length(CuttingStyle style, List<ClothCut> cuts) {
        return ledger(style, cuts).toBuy().orElseThrow().purchase().exact();
    }

    private static ClothCut longOnes(Chance chance) {
        CutSize size = new CutSize(
                Length.inches(0, chance.between(6, 40), 4), Length.inches(0, chance.between(120, 360), 4), false);
        return new ClothCut("a", size, "strip", chance.between(1, 4), Uses.named("border"), "border");
    }

    @Test
    void tenThousandPiecesAreAnswered() {
        ClothLedger ledger = ledger(List.of(cut(4, 4, 30_000), cut(2, 2, 10_000)), "10000 squares 10 in");
        assertThat(ledger.isEnough()).isTrue();
        assertThat(ledger.taken()).isEqualTo(ledger.used().plus(ledger.left()).plus(ledger.trimmed()));
    }

    /** Every piece is checked by a geometry library that knows nothing of strips: inside the cloth, and no two overlap. */
    @Tries(35)
    void everyPieceOfClothIsAccountedForExactly(Chance chance) {
        List<ClothCut> cuts = new ArrayList<>(cuts(chance));
        if (chance.between(1, 3) == 1) {
            cuts.add(longOnes(chance));
        }
        List<String> shelf = shelves(chance);
        CuttingStyle style = chance.of(CuttingStyle.values());
        ClothLedger ledger = ledger(style, cuts, shelf.toArray(String[]::new));
        for (ClothLedger.Opened opened : ledger.opened()) {
            check(opened.piece());
        }
        ledger.toBuy().ifPresent(buy -> {
            check(buy.piece());
            assertThat(buy.piece().piece().length()).isEqualTo(buy.purchase().bought());
        });
        if (ledger.opened().isEmpty()) {
            assertThat(ledger.asYardage(ClothLedger::of))
                    .isEqualTo(ledger.toBuy().map(ClothLedger.ToBuy::purchase));
        }
        assertThat(ledger.taken()).isEqualTo(ledger.used().plus(ledger.left()).plus(ledger.trimmed()));

        long cutFromShelf = ledger.opened().stream()
                .mapToLong(opened -> opened.count()
                        * opened.piece().cuts().stream()
                                .mapToLong(OpenedPiece.Cut::count)
                                .sum())
                .sum();
        long missing = ledger.missing().stream().mapToLong(ClothCut::count).sum();
        assertThat(cutFromShelf + missing)
                .isEqualTo(cuts.stream().mapToLong(ClothCut::count).sum());
        long bought = ledger.toBuy().stream()
                .flatMap(buy -> buy.piece().cuts().stream())
                .mapToLong(OpenedPiece.Cut::count)
                .sum();
        long tooLarge = ledger.tooLarge().stream().mapToLong(ClothCut::count).sum();
        assertThat(bought + tooLarge).isEqualTo(missing);
        long onShelf = shelf.stream().mapToLong(line -> read(line).count()).sum();
        assertThat(ledger.opened().stream().mapToLong(ClothLedger.Opened::count).sum()
                        + ledger.untouched().stream()
                                .mapToLong(ShelfPieces::count)
                                .sum())
                .isEqualTo(onShelf);
    }

    private static void check(OpenedPiece piece) {
        Area area = piece.piece().area();
        assertThat(piece.used().plus(piece.left()).plus(piece.trimmed())).isEqualTo(area);
        List<Envelope> all = new ArrayList<>();
        for (OpenedPiece.Cut cut : piece.cuts()) {
            for (CutBlock block : cut.blocks()) {
                for (long row = 0; row < block.along(); row++) {
                    for (long column = 0; column < block.across(); column++) {
                        all.add(box(
                                block.x().plus(block.pieceWidth().times(column)),
                                block.y().plus(block.pieceHeight().times(row)),
                                block.pieceWidth(),
                                block.pieceHeight()));
                    }
                }
            }
        }
        for (Rectangle rest : piece.leftovers()) {
            all.add(box(rest.x(), rest.y(), rest.width(), rest.height()));
        }
        for (Rectangle rest : piece.trimmings()) {
            all.add(box(rest.x(), rest.y(), rest.width(), rest.height()));
        }
        assertThat(all.stream().mapToDouble(Envelope::getArea).sum())
                .isCloseTo(area.toDoubleSquareInches(), Offset.offset(1e-6));
        Envelope cloth = box(
                Length.ZERO, Length.ZERO, piece.piece().width(), piece.piece().length());
        STRtree laid = new STRtree();
        all.forEach(each -> laid.insert(each, each));
        for (Envelope each : all) {
            assertThat(cloth.intersection(each).getArea()).isCloseTo(each.getArea(), Offset.offset(1e-9));
            List<?> beside = laid.query(each);
            assertThat(beside.stream()
                            .filter(other -> other != each)
                            .mapToDouble(other ->
                                    ((Envelope) other).intersection(each).getArea()))
                    .allSatisfy(common -> assertThat(common).isLessThan(1e-9));
        }
    }

    private static Envelope box(Length x, Length y, Length width, Length height) {
        return new Envelope(
                x.toDoubleInches(),
                x.plus(width).toDoubleInches(),
                y.toDoubleInches(),
                y.plus(height).toDoubleInches());
    }

    static List<ClothCut> cuts(Chance chance) {
        return chance.list(1, 5, () -> {
            int width = chance.between(6, 60);
            int height = chance.between(6, 60);
            return new ClothCut(
                    "a",
                    CutSize.rectangle(Length.inches(0, width, 4), Length.inches(0, height, 4)),
                    "piece",
                    chance.between(1, 40),
                    Uses.named(width + "x" + height),
                    "");
        });
    }

    private static List<String> shelves(Chance chance) {
        return chance.list(
                0,
                4,
                () -> chance.of(
                        "3 squares 10 in",
                        "1 yd 42 wide",
                        "2 fat quarters",
                        "scrap 9 x 13",
                        "4 strips 2 1/2 in",
                        "1/4 yd 40 wide"));
    }

    private static ClothCut cut(int width, int height, long count) {
        return new ClothCut(
                "a",
                CutSize.rectangle(Length.inches(width), Length.inches(height)),
                "piece",
                count,
                Uses.named(width + " x " + height),
                "");
    }

    private static ShelfLine read(String line) {
        return ShelfLineReader.read("shelf", line, MeasureSystem.INCH).orThrow();
    }

    private static ClothLedger ledger(List<ClothCut> cuts, String... shelf) {
        return ledger(CuttingStyle.PLAIN, cuts, shelf);
    }

    private static ClothLedger ledger(CuttingStyle style, List<ClothCut> cuts, String... shelf) {
        List<ShelfPieces> pieces = new ArrayList<>();
        for (int i = 0; i < shelf.length; i++) {
            ShelfLine line = read(shelf[i]);
            pieces.add(new ShelfPieces("line " + i, line.count(), line.piece()));
        }
        return ClothLedger.of(new CuttingRequest(
                "a",
                cuts,
                pieces,
                Length.inches(40),
                MeasureSystem.INCH,
                new CuttingChoice("a", style, 1),
                Length.inches(0, 1, 2)));
    }
}

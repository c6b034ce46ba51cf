package org.goldentally.core.yields;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.CutPiece;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.method.SeamCheck;
import org.goldentally.core.unit.Hands;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.PiecedHalfUnit;
import org.goldentally.core.unit.PatchworkUnit.PlainPatch;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.SideSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.SplitQuarterUnit;
import org.goldentally.core.unit.PatchworkUnit.StripSetSegment;
import org.goldentally.core.unit.PatchworkUnit.StripSetTriangleUnit;
import org.goldentally.core.yields.MethodAnswer.Impossible;
import org.goldentally.core.yields.MethodAnswer.Possible;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Figures that quilters know by heart. All common practice, no source, but for the setting triangles, which stand in most
 * handbooks (from memory) and follow from geometry.
 */
class CheckValuesTest {

    private static final YieldEngine ENGINE = new YieldEngine();
    private static final SewingSettings TRIM = SewingSettings.usual(MeasureSystem.INCH);
    private static final SewingSettings EXACT = TRIM.with(Allowance.EXACT);
    private static final SewingSettings ROOMY = TRIM.with(Allowance.ROOMY);

    @ParameterizedTest(name = "block {0}: sides from {1}, corners from {2}")
    @CsvSource({"6,9 3/4,5 1/8", "8,12 5/8,6 5/8", "9,14,7 1/4", "12,18 1/4,9 3/8"})
    void settingTriangles(int block, String side, String corner) {
        assertThat(cut(new SideSettingTriangle(Length.inches(block)), EXACT)).isEqualTo(side);
        assertThat(cut(new CornerSettingTriangle(Length.inches(block)), EXACT)).isEqualTo(corner);
    }

    @ParameterizedTest(name = "trimmed {0}: hourglass cut {1}")
    @CsvSource({"2 1/2,3 1/4", "4 1/2,5 1/4"})
    void hourglassSquares(String trimmed, String cut) {
        Length finished = EXACT.finished(inches(trimmed));
        assertThat(cut(new QuarterSquareTriangleUnit(finished, 2), EXACT)).isEqualTo(cut);
    }

    @Test
    void fiveInchSquaresGiveHourglassesOfFourTrimmedOrThreeAndAHalfRoomy() {
        assertThat(largestTrimmed("5 in square", new QuarterSquareTriangleUnit(Length.inches(1), 2), 0, TRIM))
                .isEqualTo("4");
        assertThat(largestTrimmed("5 in square", new QuarterSquareTriangleUnit(Length.inches(1), 2), 0, ROOMY))
                .isEqualTo("3 1/2");
    }

    @Test
    void threeInchSquaresGiveHourglassesOfOneAndAHalfFinishedJustOverTwoAndAQuarterRaw() {
        Possible answer = possible("3 in square", new QuarterSquareTriangleUnit(inches("1 1/2"), 2), 0, TRIM);
        assertThat(MeasureSystem.INCH.writer().write(answer.recipe().sizes().rawWidth()))
                .isEqualTo("just over 2 1/4");
        assertThat(answer.recipe().sizes().trimmedWidth()).isEqualTo(Length.inches(2));
    }

    @Test
    void aTenInchPairTrimsToSixAndAHalfFourAtATimeAndFourAndAHalfEightAtATime() {
        HalfSquareTriangleUnit any = new HalfSquareTriangleUnit(Length.inches(1));
        assertThat(largestTrimmed("10 in square", any, 1, TRIM)).isEqualTo("6 1/2");
        assertThat(largestTrimmed("10 in square", any, 2, TRIM)).isEqualTo("4 1/2");
        assertThat(possible("10 in square", new HalfSquareTriangleUnit(Length.inches(6)), 1, TRIM)
                        .unitsFromOneOfEach())
                .isEqualTo(4);
        assertThat(possible("10 in square", new HalfSquareTriangleUnit(Length.inches(4)), 2, TRIM)
                        .unitsFromOneOfEach())
                .isEqualTo(8);
    }

    @Test
    void aTenInchSquareHoldsASixAndSevenEighthsAndThreeThreesBesideIt() {
        PieceLayout large = PieceLayout.of(piece("10 in square"), CutSize.square(inches("6 7/8")));
        assertThat(large.cuts()).hasSize(1);
        long threes = large.leftovers().stream()
                .mapToLong(rest -> PieceLayout.capacity(
                        new ClothPiece(
                                org.goldentally.core.cloth.PieceForm.SCRAP,
                                rest.width(),
                                rest.height(),
                                ClothPiece.Edge.STRAIGHT),
                        CutSize.square(Length.inches(3))))
                .sum();
        assertThat(threes).isGreaterThanOrEqualTo(3);
        assertThat(large.slackWidth()).isEqualTo(inches("3 1/8"));
    }

    @Test
    void aTwoByFourGooseByStitchAndFlip() {
        Recipe recipe = possible("10 in square", new FlyingGeeseUnit(Length.inches(4)), 0, TRIM)
                .recipe();
        assertThat(recipe.cuts().get(0).size()).isEqualTo(CutSize.rectangle(inches("4 1/2"), inches("2 1/2")));
        assertThat(recipe.cuts().get(1).size()).isEqualTo(CutSize.square(inches("2 1/2")));
        assertThat(recipe.cuts().get(1).perSet()).isEqualTo(2);
    }

    @Test
    void geeseFourAtATimeFromOneLargeAndFourSmallSquares() {
        Recipe recipe = possible("10 in square", new FlyingGeeseUnit(Length.inches(6)), 1, EXACT)
                .recipe();
        assertThat(recipe.cuts().get(0).size()).isEqualTo(CutSize.square(inches("7 1/4")));
        assertThat(recipe.cuts().get(1).size()).isEqualTo(CutSize.square(inches("3 7/8")));
        assertThat(recipe.unitsPerSet()).isEqualTo(4);
    }

    @Test
    void fiftyGeeseFourAtATimeTakeTwoFatQuartersOfEachCloth() {
        Possible answer = possible("fat quarter", new FlyingGeeseUnit(Length.inches(4)), 1, TRIM);
        // 13 sets: 13 squares of 5 1/2 in, 9 from a fat quarter, and 52 of 3 in, 36 from one.
        assertThat(answer.parts()).extracting(part -> part.layout().count()).containsExactly(9L, 36L);
        assertThat(answer.parts()).extracting(part -> part.piecesFor(13)).containsExactly(2L, 2L);
        assertThat(answer.parts()).extracting(part -> part.piecesFor(9)).containsExactly(1L, 1L);
        assertThat(answer.parts()).extracting(part -> part.piecesFor(10)).containsExactly(2L, 2L);
    }

    @Test
    void anHourglassOfThreeClothsTakesTwoOfTheOppositeOne() {
        Recipe recipe = possible("10 in square", new QuarterSquareTriangleUnit(Length.inches(3), 3), 0, TRIM)
                .recipe();
        assertThat(recipe.cuts()).extracting(CutPiece::perSet).containsExactly(1, 1, 2);
        assertThat(recipe.unitsPerSet()).isEqualTo(4);
    }

    @Test
    void splitQuartersAreMirrorImagesInEqualNumber() {
        Recipe recipe = possible("10 in square", new SplitQuarterUnit(Length.inches(3)), 0, EXACT)
                .recipe();
        assertThat(recipe.cuts())
                .extracting(cut -> write(cut.size().width()))
                .containsExactly("4 1/4", "4 1/4", "3 7/8");
        assertThat(recipe.hands()).isEqualTo(new Hands(2, 2));
    }

    @ParameterizedTest(name = "two strip sets {0} long give {1} units of each kind")
    @CsvSource({"42,6", "40,6", "38,5", "9,1"})
    void theKindsOfStripSetTrianglesAreCountedApart(String length, int ofEachKind) {
        // 3 in finished: strips ((3 1/2 + 1/8) / √2 + 3/4) / 2 = 1.657, cut 1 3/4, so a set is 3 in high. 42 in give 13
        // triangles, 40 in 12, 38 in 11, 9 in 2; of an odd count one of each set goes into no unit.
        Recipe recipe = possible("1 3/4 strip " + length, new StripSetTriangleUnit(Length.inches(3)), 0, TRIM)
                .recipe();
        assertThat(recipe.hands()).isEqualTo(new Hands(ofEachKind, ofEachKind));
        assertThat(recipe.unitsPerSet()).isEqualTo(2 * ofEachKind);
    }

    @Test
    void aPiecedHalfOfThreeRowsHoldsThreeSmallUnitsAndThreeLooseTriangles() {
        Recipe recipe = possible("1 yd 40 wide", new PiecedHalfUnit(Length.inches(6), 3), 0, EXACT)
                .recipe();
        // Two units: 6 small half-square triangles are 3 pairs; 6 loose triangles are 3 squares more of the print.
        assertThat(recipe.cuts()).extracting(CutPiece::perSet).containsExactly(1, 6, 3);
        assertThat(recipe.cuts())
                .extracting(cut -> write(cut.size().width()))
                .containsExactly("6 7/8", "2 7/8", "2 7/8");
    }

    @Test
    void segmentsOfAStripSet() {
        Possible answer = possible("2 1/2 strip 42", new StripSetSegment(Length.inches(2), 2), 0, TRIM);
        assertThat(answer.unitsFromOneOfEach()).isEqualTo(16);
    }

    /** Strips 42 in long: 9 segments cut 4 1/2 in are 40 1/2, 7 cut 5 1/2 in are 38 1/2 (worked by hand). */
    @ParameterizedTest(name = "{0} and segments {1} in finished leave {2} of each set")
    @CsvSource({"1 yd 42 wide, 4, 1 1/2", "1 yd 42 wide, 5, 3 1/2", "2 1/2 strip 40, 2, nothing"})
    void theEndOfAStripSetIsLeft(String piece, int finished, String left) {
        Recipe recipe = possible(piece, new StripSetSegment(Length.inches(finished), 2), 0, TRIM)
                .recipe();
        assertThat(recipe.setEnd().map(CheckValuesTest::write).orElse("nothing"))
                .isEqualTo(left);
    }

    @Test
    void aPinkedPieceOfExactlyTheCutSizeIsAllowedAndMarkedTight() {
        HalfSquareTriangleUnit unit = new HalfSquareTriangleUnit(Length.inches(4));
        Possible straight = possible("10 in square", unit, 2, TRIM);
        assertThat(straight.isTight(Length.inches(0, 1, 8))).isFalse();
        Possible pinked = possible("10 in square pinked", unit, 2, TRIM);
        assertThat(pinked.isTight(Length.inches(0, 1, 8))).isTrue();
        assertThat(pinked.hints().getFirst().why())
                .isEqualTo("tight fit: the cuts come closer than 1/8 in to an edge that has still to be cut true, since"
                        + " it is pinked");
    }

    @Test
    void anEighthShortIsRefusedWithTheShortfallAndTheNearestSize() {
        MethodAnswer answer = ENGINE.ask(
                piece("9 7/8 in square"), new HalfSquareTriangleUnit(Length.inches(4)), Methods.ALL.get(2), TRIM);
        assertThat(answer).isInstanceOfSatisfying(Impossible.class, impossible -> {
            assertThat(impossible.problem().why())
                    .isEqualTo("the square is cut 10 in; the piece (square, 9 7/8 in) is 1/8 in too small");
            assertThat(impossible.nearest()).contains(inches("3 7/8"));
        });
    }

    @Test
    void sizesInThirdsSayThatTheRulerDoesNotShowThem() {
        Possible answer = possible("10 in square", new HalfSquareTriangleUnit(inches("10/3")), 0, TRIM);
        assertThat(answer.hints()).anySatisfy(hint -> {
            assertThat(hint.why()).isEqualTo("3 5/6 in trimmed is not on a ruler with marks every 1/8 in");
            assertThat(hint.fix()).isEqualTo("friendly finished sizes nearby are 3 1/4 and 3 3/8 in");
        });
    }

    @Test
    void aLittleLessSizeThatGivesManyMoreIsSaid() {
        Possible answer = possible("10 in square", new PlainPatch(inches("2 7/8"), inches("2 7/8")), 0, TRIM);
        assertThat(answer.unitsFromOneOfEach()).isEqualTo(4);
        assertThat(possible("10 in square", new PlainPatch(inches("3"), inches("3")), 0, TRIM)
                        .hints()
                        .getLast()
                        .why())
                .isEqualTo("at 2 3/4 in finished you would get 5 more");
    }

    @Test
    void aRectangleKeepsItsHeightWhenItsWidthChanges() {
        PlainPatch rectangle = new PlainPatch(inches("4"), inches("2"));
        assertThat(rectangle.resized(inches("3"))).isEqualTo(new PlainPatch(inches("3"), inches("2")));
        assertThat(new PlainPatch(inches("4"), inches("4")).resized(inches("3")))
                .isEqualTo(new PlainPatch(inches("3"), inches("3")));
        // 2 in finished is cut 2 1/2 in, whatever the width: 9 1/2 in finished is the widest from a 10 in square.
        assertThat(ENGINE.largestNamedSize(
                        piece("10 in square"),
                        rectangle,
                        Methods.making(rectangle).getFirst(),
                        TRIM))
                .contains(inches("9 1/2"));
    }

    @Test
    void aSeamOfNothingOrWiderThanAnyIsRefused() {
        assertThat(new SewingSettings(MeasureSystem.INCH, Length.ZERO, Grid.EIGHTH_INCH, Allowance.TRIM).problems())
                .extracting(problem -> problem.why())
                .containsExactly("a seam of 0 in holds nothing together");
        assertThat(new SewingSettings(MeasureSystem.INCH, Length.inches(12), Grid.MILLIMETRE, Allowance.TRIM)
                        .problems())
                .extracting(problem -> problem.why())
                .containsExactly(
                        "a seam of 12 in is wider than any patchwork seam",
                        "a ruler with marks every 0.1 cm does not go with in");
    }

    @ParameterizedTest(name = "{0} of {1} measured {2}: seam {3}")
    @CsvSource({
        "TWO_SQUARES,2 1/2,4 1/2,1/4",
        "TWO_SQUARES,2 1/2,4 9/16,7/32",
        "THREE_STRIPS,1 1/2,3 1/2,1/4",
        "THREE_STRIPS,1 1/2,3 1/4,5/16"
    })
    void theSeamReallySewnIsReadOffATestPiece(SeamCheck.TestPiece piece, String cut, String measured, String seam) {
        SeamCheck check =
                SeamCheck.read(piece, cut, measured, MeasureSystem.INCH).orThrow();
        assertThat(write(check.seam())).isEqualTo(seam);
        Recipe exact = possible("10 in square", new HalfSquareTriangleUnit(Length.inches(3)), 0, EXACT)
                .recipe();
        // 3 7/8 − 3 1/2 over √2 is 0.265: a seam of 5/16 is too wide, 1/4 is not.
        assertThat(check.reachesTrimmedSize(exact, EXACT)).isEqualTo(!seam.equals("5/16"));
    }

    @Test
    void theSeamCheckSaysWhatToChange() {
        SeamCheck wide = SeamCheck.read(SeamCheck.TestPiece.THREE_STRIPS, "1 1/2", "3 1/4", MeasureSystem.INCH)
                .orThrow();
        Recipe exact = possible("10 in square", new HalfSquareTriangleUnit(Length.inches(3)), 0, EXACT)
                .recipe();
        assertThat(wide.advice(exact, EXACT))
                .isEqualTo("falls short of its trimmed size: sew a narrower seam, up to 1/4 in, or cut larger and trim"
                        + " more");
        Recipe flipped = possible("10 in square", new FlyingGeeseUnit(Length.inches(4)), 0, EXACT)
                .recipe();
        assertThat(wide.advice(flipped, EXACT))
                .isEqualTo("nothing is trimmed here, so every unit comes out small: sew the seam that is set, 1/4 in");
    }

    @ParameterizedTest(name = "{0} cut, {1} measured is refused")
    @CsvSource({"2 1/2,5", "2 1/2,6", "2 1/2,2", "0,4"})
    void aTestPieceThatCannotBeIsRefused(String cut, String measured) {
        assertThat(SeamCheck.read(SeamCheck.TestPiece.TWO_SQUARES, cut, measured, MeasureSystem.INCH))
                .isInstanceOf(org.goldentally.core.problem.Reading.Refused.class);
    }

    private static String largestTrimmed(String piece, PatchworkUnit unit, int method, SewingSettings settings) {
        Length largest = ENGINE.largestNamedSize(
                        piece(piece), unit, Methods.making(unit).get(method), settings)
                .orElseThrow();
        return write(settings.unfinished(largest));
    }

    private static Possible possible(String piece, PatchworkUnit unit, int method, SewingSettings settings) {
        return (Possible) ENGINE.ask(piece(piece), unit, Methods.making(unit).get(method), settings);
    }

    private static String cut(PatchworkUnit unit, SewingSettings settings) {
        List<CutPiece> cuts = Methods.making(unit)
                .getFirst()
                .recipe(unit, settings, ClothPiece.square(Length.inches(20)))
                .cuts();
        return write(cuts.getFirst().size().width());
    }

    private static ClothPiece piece(String line) {
        return ShelfLineReader.read("piece", line, MeasureSystem.INCH).orThrow().piece();
    }

    private static Length inches(String text) {
        return LengthReader.readPositive("size", text, MeasureSystem.INCH).orThrow();
    }

    private static String write(Length length) {
        return MeasureSystem.INCH.writer().write(length);
    }
}

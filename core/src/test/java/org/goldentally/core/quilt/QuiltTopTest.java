package org.goldentally.core.quilt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.tuple;
import static org.goldentally.core.design.BorderSideDesign.Side.LEFT;
import static org.goldentally.core.design.BorderSideDesign.Side.LOWER;
import static org.goldentally.core.design.BorderSideDesign.Side.RIGHT;

import java.util.List;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.BlockPart;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BlockSizeDesign;
import org.goldentally.core.design.BlockSizeDesign.As;
import org.goldentally.core.design.BlockSizeDesign.Of;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.SashingDesign;
import org.goldentally.core.design.SettingDesign.Halves;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuiltTopTest {

    /**
     * Five units of 3 in on a side of 15 in are an odd number: two, one in the middle, and the mirror image of the two
     * (counting). With a unit said for the middle that one stands there.
     */
    @Test
    void aMirroredRowOfAnOddNumberHasOneInTheMiddle() {
        BorderDesign sawtooth = new BorderDesign(
                BorderDesign.Kind.PIECED,
                "3",
                "",
                List.of(UnitDesign.of(UnitKind.HALF_SQUARE, 0, "b", "a")),
                "",
                true,
                BorderDesign.Corners.UNITS,
                List.of());
        for (BorderDesign border :
                List.of(sawtooth, sawtooth.withMiddle(UnitDesign.of(UnitKind.HOURGLASS, 0, "c", "a", "c", "a")))) {
            QuiltTop top = Tops.of(3, 3, "5", "ohio-star").border(border).top();
            assertThat(top.flaws()).isEmpty();
            assertThat(top.fits()).isEmpty();
            Figure side = top.part(new PartId.BorderSide(1, 1)).orElseThrow().figure();
            assertThat(side.units()).hasSize(5);
            assertThat(side.units().get(2).unit().name())
                    .isEqualTo(border.middle().isEmpty() ? "half-square triangle" : "hourglass of two cloths");
            for (int i = 0; i < 2; i++) {
                assertThat(side.units().get(i).isMirrored())
                        .isNotEqualTo(side.units().get(4 - i).isMirrored());
            }
        }
    }

    @ParameterizedTest(name = "{0} {1} {2} is a block of {3} finished")
    @CsvSource({"BLOCK,FINISHED,8,8", "BLOCK,UNFINISHED,8 1/2,8", "UNIT,FINISHED,4,8", "UNIT,UNFINISHED,4 1/2,8"})
    void anySizeTypedGivesTheBlock(Of of, As as, String typed, int finished) {
        QuiltTop top = Tops.of(1, 1, "1", "pinwheel")
                .size(new BlockSizeDesign(of, as, typed, "", 2, 2))
                .top();
        assertThat(top.finishedWidth()).isEqualTo(Length.inches(finished));
    }

    @Test
    void allProblemsAreNamedAtOnce() {
        RefusedException refused = refused(Tops.of(1_000_000_000, 0, "8", "pinwheel")
                .sash("wide", "", false)
                .border(BorderDesign.plain("0", "a", Corners.BUTTED))
                .border(BorderDesign.plain("1/8", "a", Corners.BUTTED)));
        assertThat(refused.problems())
                .extracting(problem -> problem.where() + ": " + problem.why())
                .containsExactly(
                        "Blocks across: 1000000000 blocks in a row are more than we can plan",
                        "Blocks down: a top needs a block at least",
                        "Sashing, finished width: “wide” cannot be read as a length",
                        "Border 1, finished width: “0” is no size at all",
                        "Border 2, finished width: 1/8 in finished is too narrow to be sewn");
    }

    @Test
    void aFourHundredFootQuiltAndABlockOfNothingAreRefused() {
        assertThat(refused(Tops.of(100, 5, "4 ft", "pinwheel")).problems())
                .extracting(Problem::why)
                .containsExactly("the top would be 4800 in on this side, longer than any bed");
        assertThat(refused(Tops.of(2, 2, "1", "pinwheel")
                                .size(new BlockSizeDesign(Of.UNIT, As.UNFINISHED, "1/2", "", 2, 2)))
                        .problems())
                .extracting(problem -> problem.where() + ": " + problem.why())
                .containsExactly("Unit size, unfinished: 1/2 in leaves nothing to see once the seams are taken");
    }

    /** Widths of 3 × 4 blocks on point: 3·B·√2 and 4·B·√2 (geometry). */
    @Test
    void blocksOnPointMakeTheirTrianglesAndSize() {
        QuiltTop top = Tops.of(3, 4, "12", "ohio-star").set(Kind.ON_POINT).top();
        assertThat(top.finishedWidth()).isEqualTo(Length.inches(36).timesRootTwo());
        assertThat(top.finishedHeight()).isEqualTo(Length.inches(48).timesRootTwo());
        assertThat(top.blockCount()).isEqualTo(3 * 4 + 2 * 3);
        TopCount count = TopCount.of(top);
        assertThat(count.triangles())
                .extracting(group -> group.count() + " × " + group.label())
                .containsExactly("4 × corner setting triangle", "10 × side setting triangle");
        assertThat(count.trianglesInUnits()).isEqualTo(18 * 4 * 4L);
        assertThat(count.looseTriangleCount()).isEqualTo(14);
    }

    @Test
    void sashingOnPointHasWholeCornerstonesInsideAndHalvesAtTheEdge() {
        QuiltTop top = Tops.of(2, 2, "6", "shoo-fly")
                .set(Kind.ON_POINT)
                .sash("1", "c", false, UnitDesign.plain("b"))
                .top();
        TopCount count = TopCount.of(top);
        assertThat(count.strips())
                .extracting(group -> group.count() + " × " + group.unit().finishedWidth())
                .containsExactly("16 × 6 in");
        assertThat(count.triangles())
                .extracting(group -> group.count() + " × " + group.label())
                .containsExactly("4 × corner setting triangle", "8 × half cornerstone", "4 × side setting triangle");
        assertThat(count.pieces())
                .extracting(group -> group.count() + " × " + group.label())
                .contains("4 × cornerstone");
    }

    @Test
    void straightSashingIsCountedByLength() {
        Tops tops = Tops.of(3, 2, "8", "pinwheel").sash("2", "c", true, UnitDesign.plain("b"));
        TopCount stones = TopCount.of(tops.top());
        assertThat(stones.strips())
                .extracting(group -> group.count() + " × " + group.unit().finishedWidth())
                .containsExactly("17 × 8 in");
        assertThat(stones.pieces()).extracting(TopCount.Group::count).containsExactly(12L);
        QuiltTop long_ = tops.sash("2", "", false, UnitDesign.plain("b")).top();
        assertThat(long_.finishedWidth()).isEqualTo(Length.inches(28));
        assertThat(TopCount.of(long_).strips())
                .extracting(group -> group.count() + " × " + group.unit().finishedWidth())
                .containsExactly("4 × 8 in", "1 × 28 in");
    }

    /** 3 × 2 blocks of 8 in with 2 in: 24 × 18 with one strip between the rows, 28 × 16 with two between the columns. */
    @Test
    void sashingBetweenRowsOrColumnsOnlyMakesTheTopWiderOneWayOnly() {
        Tops tops = Tops.of(3, 2, "8", "pinwheel").sash("2", "c", false, UnitDesign.plain("b"));
        assertThat(sizeAndStrips(tops.sashed(SashingDesign.Between.ROWS))).isEqualTo("24 in × 18 in: 1 × 24 in");
        assertThat(sizeAndStrips(tops.sashed(SashingDesign.Between.COLUMNS))).isEqualTo("28 in × 16 in: 4 × 8 in");
        tops.sash("2", "c", true, UnitDesign.plain("b"));
        assertThat(sizeAndStrips(tops.sashed(SashingDesign.Between.ROWS))).isEqualTo("24 in × 22 in: 3 × 24 in");
        assertThat(sizeAndStrips(tops.sashed(SashingDesign.Between.COLUMNS))).isEqualTo("32 in × 16 in: 8 × 8 in");
        assertThatThrownBy(() -> tops.set(Kind.ON_POINT)
                        .sashed(SashingDesign.Between.ROWS)
                        .top())
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("on point it lies round each block");
    }

    private static String sizeAndStrips(Tops tops) {
        QuiltTop top = tops.top();
        assertThat(TopCount.of(top).pieces()).noneMatch(piece -> piece.label().equals("cornerstone"));
        return top.finishedWidth() + " × " + top.finishedHeight() + ": "
                + TopCount.of(top).strips().stream()
                        .map(group -> group.count() + " × " + group.unit().finishedWidth())
                        .collect(java.util.stream.Collectors.joining(", "));
    }

    @Test
    void sashingOfSquaresIsCountedAsSquares() {
        TopCount count = TopCount.of(Tops.of(2, 1, "8", "pinwheel")
                .sash("2", "", false, UnitDesign.plain("b"), UnitDesign.plain("c"))
                .top());
        assertThat(count.strips()).isEmpty();
        assertThat(count.pieces())
                .extracting(group -> group.count() + " × " + group.label() + " " + group.cloths())
                .containsExactly("2 × plain square [b]", "2 × plain square [c]");
    }

    @Test
    void halfDropRowsStartAndEndWithHalves() {
        QuiltTop top = Tops.of(3, 3, "8", "pinwheel").set(Kind.HALF_DROP).top();
        assertThat(top.flaws()).isEmpty();
        assertThat(top.finishedWidth()).isEqualTo(Length.inches(24));
        assertThat(TopCount.of(top).unitCount()).isEqualTo(9 * 4);
        assertThat(top.parts())
                .filteredOn(part -> part.row() == 1)
                .extracting(TopPart::name)
                .containsExactly("right half of Pinwheel", "Pinwheel", "Pinwheel", "left half of Pinwheel");
        QuiltTop odd = Tops.of(3, 3, "9", "ohio-star").set(Kind.HALF_DROP).top();
        assertThat(odd.flaws())
                .extracting(flaw -> flaw.problem().why())
                .containsOnly("Ohio Star has no seam down its middle, so it cannot be halved");
        assertThat(Tops.of(3, 3, "9", "ohio-star")
                        .set(Kind.HALF_DROP, Halves.PLAIN)
                        .top()
                        .flaws())
                .isEmpty();
    }

    @ParameterizedTest(name = "{0}: sides {2}, upper and lower {1}")
    @CsvSource({"BUTTED, 36, 40", "MITRED, 36, 46", "UNITS, 30, 40"})
    void borderStripsAreAsLongAsTheirCornersWant(Corners corners, String lying, String sides) {
        QuiltTop top = Tops.of(3, 4, "10", "four-patch")
                .border(BorderDesign.plain("3", "b", corners))
                .top();
        assertThat(top.parts())
                .filteredOn(part -> part.id() instanceof PartId.BorderSide side && side.border() == 1)
                .extracting(part -> LengthWriter.INCHES.write(part.figure().finishedWidth()))
                .containsExactly(lying, sides, lying, sides);
        assertThat(top.finishedWidth()).isEqualTo(Length.inches(36));
        assertThat(top.finishedHeight()).isEqualTo(Length.inches(46));
    }

    /** Laid on paper: 30 × 40 in, 3 in above and to the left, 5 in below, nothing to the right. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"BUTTED, 33 40 33 40", "UNITS, 30 40 30 40"})
    void aSideMayBeUnlikeTheOthersOrNotThere(Corners corners, String lengths) {
        QuiltTop top = Tops.of(3, 4, "10", "four-patch")
                .border(BorderDesign.plain("3", "b", corners)
                        .unlike(BorderSideDesign.none(RIGHT), BorderSideDesign.plain(LOWER, "5", "c")))
                .top();
        assertThat(top.flaws()).isEmpty();
        assertThat(top.finishedWidth()).isEqualTo(Length.inches(33));
        assertThat(top.finishedHeight()).isEqualTo(Length.inches(48));
        String[] upperLowerLeft = lengths.split(" ");
        assertThat(top.parts())
                .filteredOn(part -> part.id() instanceof PartId.BorderSide)
                .extracting(
                        TopPart::where,
                        part -> LengthWriter.INCHES.write(part.figure().finishedWidth()),
                        part -> LengthWriter.INCHES.write(part.figure().finishedHeight()),
                        part -> part.figure().patches().getFirst().cloth())
                .containsExactly(
                        tuple("border 1, upper side", upperLowerLeft[0], "3", "b"),
                        tuple("border 1, lower side", upperLowerLeft[2], "5", "c"),
                        tuple("border 1, left side", upperLowerLeft[3], "3", "b"));
        assertThat(top.parts())
                .filteredOn(part -> part.id() instanceof PartId.BorderCorner)
                .extracting(TopPart::where)
                .containsExactlyElementsOf(
                        corners == Corners.UNITS
                                ? List.of("border 1, upper left corner", "border 1, lower left corner")
                                : List.of());
    }

    @Test
    void unlikeSidesAreRefusedWhereTheyCannotBeSewn() {
        BorderDesign mitred = BorderDesign.plain("3", "b", Corners.MITRED);
        assertThat(problems(mitred.unlike(BorderSideDesign.plain(LOWER, "5", "c"))))
                .containsExactly("sides of unlike widths cannot be mitred: their ends do not meet on the diagonal");
        assertThat(problems(mitred.unlike(BorderSideDesign.plain(LOWER, "3", "c"))))
                .isEmpty();
        BorderDesign unlike = Tops.hourglasses("2").unlike(BorderSideDesign.none(LEFT));
        assertThat(problems(Tops.spacer("1"), unlike))
                .contains("a spacer makes one row of units come out even, and the sides of the border outside it"
                        + " differ");
        assertThat(Tops.of(3, 4, "10", "four-patch")
                        .border(Tops.spacer("1").unlike(BorderSideDesign.none(LEFT)))
                        .border(Tops.hourglasses("2"))
                        .top()
                        .finishedWidth())
                .isEqualTo(Length.inches(36));
        assertThatThrownBy(() -> Tops.of(3, 4, "10", "four-patch")
                        .border(mitred.unlike(BorderSideDesign.plain(RIGHT, "wide", "c")))
                        .top())
                .hasMessageContaining("Border 1, right side, finished width");
        assertThatThrownBy(() -> mitred.unlike(BorderSideDesign.none(LEFT), BorderSideDesign.none(LEFT)))
                .hasMessageContaining("said twice");
    }

    private static List<String> problems(BorderDesign... borders) {
        Tops tops = Tops.of(3, 4, "10", "four-patch");
        List.of(borders).forEach(tops::border);
        return tops.top().flaws().stream().map(flaw -> flaw.problem().why()).toList();
    }

    @Test
    void aPiecedBorderThatDividesItsSidesHasOneUnitInEachCorner() {
        TopCount count = TopCount.of(
                Tops.of(4, 5, "12", "shoo-fly").border(Tops.hourglasses("4")).top());
        assertThat(count.units())
                .filteredOn(group -> group.unit().name().startsWith("hourglass"))
                .extracting(TopCount.Group::count)
                .containsExactly(2 * 12 + 2 * 15 + 4L);
    }

    @Test
    void oneThatDoesNotSaysByHowMuchAndWhatWouldMakeItFit() {
        QuiltTop top = Tops.of(4, 5, "9 1/2", "four-patch")
                .border(Tops.hourglasses("4"))
                .top();
        assertThat(top.flaws())
                .extracting(flaw -> flaw.partId().text() + " " + flaw.problem().why())
                .startsWith(
                        "border-1-1 is shorter than its units: steps of 4 in finished do not divide 38 in; 2 in stays blank");
        BorderFit fit = top.fits().getFirst();
        assertThat(fit.spacerAcross()).isEqualTo(Length.inches(1));
        assertThat(fit.spacerUpright()).isEqualTo(Length.inches(0, 1, 4));
        assertThat(fit.widths()).contains(Length.inches(4, 3, 4));

        QuiltTop spaced = Tops.of(4, 5, "9 1/2", "four-patch")
                .border(Tops.spacer("1/2"))
                .border(Tops.hourglasses("4"))
                .top();
        assertThat(spaced.flaws()).isEmpty();
        assertThat(spaced.finishedWidth()).isEqualTo(Length.inches(40 + 8));
        assertThat(spaced.finishedHeight()).isEqualTo(Length.inches(52 + 8));
        for (Length width : fit.widths()) {
            assertThat(Tops.of(4, 5, "9 1/2", "four-patch")
                            .border(Tops.hourglasses(LengthWriter.INCHES.write(width)))
                            .top()
                            .flaws())
                    .isEmpty();
        }
    }

    @Test
    void roundATopOnPointOnlyASpacerHelps() {
        assertThat(Tops.of(3, 3, "9", "ohio-star")
                        .set(Kind.ON_POINT)
                        .border(Tops.hourglasses("3"))
                        .top()
                        .fits()
                        .getFirst()
                        .widths())
                .isEmpty();
        QuiltTop spaced = Tops.of(3, 3, "9", "ohio-star")
                .set(Kind.ON_POINT)
                .border(Tops.spacer("1"))
                .border(Tops.hourglasses("3"))
                .top();
        assertThat(spaced.flaws()).isEmpty();
        assertThat(spaced.finishedWidth()).isEqualTo(Length.inches(42 + 6));
    }

    @Test
    void aSawtoothMayMirrorAtTheMiddleOfEachSide() {
        UnitDesign tooth = UnitDesign.of(UnitKind.HALF_SQUARE, 2, "b", "a");
        QuiltTop top = Tops.of(2, 2, "6", "four-patch")
                .border(Tops.pieced("2", Corners.UNITS, true, tooth))
                .top();
        assertThat(top.flaws()).isEmpty();
        assertThat(top.parts().stream()
                        .filter(part -> part.id().equals(new PartId.BorderSide(1, 1)))
                        .flatMap(part -> part.figure().units().stream())
                        .map(unit -> unit.place().quarterTurns() + (unit.isMirrored() ? "m" : "")))
                .containsExactly("2", "2", "2", "2m", "2m", "2m");
    }

    @Test
    void aBlockThatDoesNotFitItsPlaceIsNamedThereAndLeftBlank() {
        QuiltTop top = Tops.of(2, 2, "8", "four-patch", "pinwheel").oblong("6").top();
        assertThat(top.flaws())
                .filteredOn(flaw -> flaw.partId().equals(new PartId.BlockAt(0, 1)))
                .extracting(
                        flaw -> flaw.problem().where() + ": " + flaw.problem().why())
                .contains("block Pinwheel, column 1, row 1: the half-square triangle does not fit its place: it wants a"
                        + " square cell, and this one is 3 × 4 in finished");
        assertThat(TopCount.of(top).blankArea())
                .isEqualTo(Length.inches(8).times(Length.inches(6)).times(2));

        QuiltTop turned = Tops.of(2, 2, "8", "four-patch")
                .oblong("6")
                .place(1, 0, "", 1, false)
                .top();
        assertThat(turned.flaws())
                .extracting(flaw -> flaw.problem().why())
                .containsExactly(
                        "the block does not fit its place: turned on its side, 8 × 6 in becomes 6 × 8 in finished");
    }

    @Test
    void friendlySizesAreOfferedForThirdsAndSixteenths() {
        assertThat(Tops.of(2, 2, "8", "ohio-star").top().notices())
                .extracting(notice -> notice.why() + " | " + notice.fix())
                .containsExactly(
                        "8 in over the 3 columns of Ohio Star gives units of 2 2/3 in finished, which is not on a"
                                + " ruler with marks every 1/8 in | friendly finished sizes nearby are 7 7/8 and 8 1/4 in");
        assertThat(Tops.of(2, 2, "12", "ohio-star", "sawtooth-star").top().notices())
                .isEmpty();
        assertThat(Tops.of(2, 2, "9", "ohio-star").oblong("8").top().notices())
                .extracting(notice -> notice.where() + ": " + notice.why())
                .containsExactly(
                        "Block size, height: 8 in over the 3 rows of Ohio Star gives units of 2 2/3 in finished,"
                                + " which is not on a ruler with marks every 1/8 in");
        assertThat(Tops.of(2, 2, "8", "ohio-star").oblong("9").top().notices())
                .extracting(Problem::where)
                .containsExactly("Block size, width");
        assertThat(Tops.of(2, 2, "1/4", "ohio-star").top().notices())
                .extracting(Problem::fix)
                .containsExactly("friendly finished sizes nearby are 3/8 in");
    }

    @Test
    void aPlaceMayHaveAnotherBlockTurnedMirroredAndInOtherCloths() {
        QuiltTop top = Tops.of(2, 2, "8", "double-pinwheel", "pinwheel")
                .place(0, 1, "double-pinwheel", 1, true, new Exchange("a", "d"))
                .top();
        TopCount count = TopCount.of(top);
        assertThat(count.units())
                .filteredOn(group -> group.label().equals("split quarter"))
                .extracting(group -> group.count() + " " + group.hand() + " " + group.cloths())
                .containsExactlyInAnyOrder("8 LEFT [b, c, a]", "4 RIGHT [b, c, d]");
    }

    @Test
    void blocksMayBeSetIntoEachOtherButNotIntoThemselves() {
        assertThat(TopCount.of(Tops.of(1, 1, "16", "star-within-a-star").top()).units())
                .extracting(group -> group.count() + " × " + group.unit().finishedWidth())
                .containsExactly("4 × 4 in", "4 × 8 in");
        UnitDesign itself = new UnitDesign(UnitKind.BLOCK, 0, "1/2", "loop", 0, false, List.of());
        Block loop = new Block("loop", "Loop", List.of(1), List.of(1), List.of(new BlockPart(0, 0, 1, 1, itself)));
        assertThat(Tops.of(1, 1, "8", "plain-square").blocks(loop).top().flaws())
                .extracting(flaw -> flaw.problem().why())
                .containsExactly("Loop cannot be a part of itself");
    }

    private static RefusedException refused(Tops tops) {
        return catchThrowableOfType(RefusedException.class, tops::top);
    }
}

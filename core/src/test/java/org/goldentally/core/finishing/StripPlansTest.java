package org.goldentally.core.finishing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.assertj.core.data.Offset;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.BorderDesign.Join;
import org.goldentally.core.design.BorderDesign.SideJoin;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.finishing.BorderPrint.Lie;
import org.goldentally.core.finishing.StripPlan.Source;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

class StripPlansTest {

    /**
     * 4 × 4 blocks of 12 in with 2 in sides are 48 and 52 in: 48 1/2 and 52 1/2 trimmed, 1 in over-length: 202 in, six
     * strips of 40 in reach 237 1/2, five only 198 (worked by hand); pair by pair it were 3 + 3 as well.
     */
    @Test
    void theFourSidesOfABorderAreCutFromOneRun() {
        TopTally tally = tally(Tops.of(4, 4, "12", "ohio-star").border(BorderDesign.plain("2", "b", Corners.BUTTED)));
        StripPlan border = tally.strips().stream()
                .filter(strip -> strip.kind() == StripPlan.Kind.BORDER)
                .reduce((one, other) -> {
                    throw new AssertionError("two runs for one border");
                })
                .orElseThrow();
        assertThat(border.sides())
                .containsExactly(
                        new StripPlan.Side(
                                2,
                                Length.inches(53, 1, 2),
                                Length.inches(52, 1, 2),
                                Source.RUN,
                                List.of(),
                                BorderPrint.Lie.ANY),
                        new StripPlan.Side(
                                2,
                                Length.inches(49, 1, 2),
                                Length.inches(48, 1, 2),
                                Source.RUN,
                                List.of(),
                                BorderPrint.Lie.ANY));
        assertThat(border.stripsCut()).isEqualTo(6);
        assertThat(border.working().how())
                .isEqualTo("2 of 53 1/2 in (over-length, trimmed to 52 1/2) and 2 of 49 1/2 in (over-length, trimmed to"
                        + " 48 1/2) = 206 in one run; strips across the width give 40, less 1/2 at each straight join: 6"
                        + " strips reach 237 1/2");
    }

    /**
     * 2 × 2 blocks of 8 in are 16 in square; 2 in to the right, 5 in below, nothing to the left: the standing side is 16 in,
     * the lying ones 16 + 2 in (worked by hand). What is as wide is one run, what is wider another.
     */
    @Test
    void unlikeSidesAreCutAsWideAndAsLongAsTheyAre() {
        TopTally tally = tally(Tops.of(2, 2, "8", "ohio-star")
                .border(BorderDesign.plain("2", "b", Corners.BUTTED)
                        .unlike(
                                BorderSideDesign.plain(BorderSideDesign.Side.LOWER, "5", "b"),
                                BorderSideDesign.none(BorderSideDesign.Side.LEFT))));
        assertThat(tally.strips())
                .filteredOn(strip -> strip.kind() == StripPlan.Kind.BORDER)
                .extracting(StripPlan::cutWidth, StripPlan::sides)
                .containsExactlyInAnyOrder(
                        tuple(
                                Length.inches(2, 1, 2),
                                List.of(
                                        new StripPlan.Side(1, Length.inches(19, 1, 2), Length.inches(18, 1, 2)),
                                        new StripPlan.Side(1, Length.inches(17, 1, 2), Length.inches(16, 1, 2)))),
                        tuple(
                                Length.inches(5, 1, 2),
                                List.of(new StripPlan.Side(1, Length.inches(19, 1, 2), Length.inches(18, 1, 2)))));
    }

    /**
     * Only what is longer than the fabric is wide is joined, and no join falls in a shorter one: the joins of a run are
     * laid out one after the other, at every whole strip less what each join takes.
     */
    @Test
    void noJoinFallsInAStripThatTheFabricGivesWhole() {
        long joined = 0;
        for (TopTally tally : SomeQuilts.tallies().values()) {
            for (StripPlan plan : tally.strips()) {
                if (plan.kind() != StripPlan.Kind.BORDER && plan.kind() != StripPlan.Kind.SASHING) {
                    continue;
                }
                joined += plan.joined() ? 1 : 0;
                Length at = Length.ZERO;
                for (StripPlan.Side side : plan.sides()) {
                    boolean ofRun = side.source() == Source.RUN || side.source() == Source.END_OF_RUN;
                    for (long n = 0; ofRun && n < side.count(); n++) {
                        Length end = at.plus(side.cutLength());
                        boolean holdsAJoin = holdsAJoin(plan, at, end);
                        assertThat(holdsAJoin).as(plan.label() + " " + side).isEqualTo(side.source() == Source.RUN);
                        at = end;
                    }
                }
            }
        }
        assertThat(joined).isGreaterThan(1);
    }

    private static boolean holdsAJoin(StripPlan plan, Length from, Length to) {
        Length width = plan.cuts().getFirst().size().width();
        boolean diagonal = plan.working().how().contains("diagonal join");
        Length each = width.minus(diagonal ? plan.cutWidth() : Length.inches(0, 1, 2));
        for (long n = 1; n < plan.cuts().getFirst().count(); n++) {
            Length join = each.times(n);
            if (from.isShorterThan(join) && join.isShorterThan(to)) {
                return true;
            }
        }
        return false;
    }

    /**
     * A print with an up and a down lies as its cloth does: up is along the length of the cloth. So in a standing side it is
     * upright where the piece is cut with its length along the cloth, in a lying one where it is cut across; read off
     * the pieces as they are cut, for every way to cut the sides.
     */
    @Test
    void aPrintIsUprightWhereThePieceIsCutSo() {
        for (Join upright : Join.values()) {
            for (Join lying : Join.values()) {
                BorderDesign border = BorderDesign.plain("3", "b", Corners.UNITS)
                        .joined(lying)
                        .joinedBySide(
                                new SideJoin(BorderSideDesign.Side.LEFT, upright),
                                new SideJoin(BorderSideDesign.Side.RIGHT, upright));
                Tops top = Tops.of(3, 4, "8", "ohio-star").directional("b").border(border);
                StripPlan plan = tally(top).strips().stream()
                        .filter(strip -> strip.kind() == StripPlan.Kind.BORDER)
                        .findFirst()
                        .orElseThrow();
                BorderPrint print = BorderPrint.of(border, "b", top.design());
                // Standing sides are 32 1/2 in, lying ones 24 1/2 in and an inch over-length.
                assertThat(isAlong(plan, Length.inches(33, 1, 2)))
                        .isEqualTo(print.on(BorderSideDesign.Side.LEFT) == Lie.UPRIGHT);
                assertThat(isAlong(plan, Length.inches(25, 1, 2)))
                        .isEqualTo(print.on(BorderSideDesign.Side.UPPER) == Lie.ON_ITS_SIDE);
                assertThat(plan.sides())
                        .extracting(StripPlan.Side::where)
                        .allMatch(where ->
                                where.contains("the print upright") || where.contains("the print on its side"));
            }
        }
    }

    private static boolean isAlong(StripPlan plan, Length longer) {
        return plan.cuts().stream()
                .filter(cut -> cut.longerSide().equals(longer))
                .findFirst()
                .orElseThrow()
                .size()
                .height()
                .equals(longer);
    }

    /** Left and right lie on their side until it is said how each side is cut; then all four stand upright. */
    @Test
    void aPrintOnItsSideIsSaidUntilItIsDecided() {
        BorderDesign border = BorderDesign.plain("3", "b", Corners.UNITS);
        Tops top = Tops.of(3, 4, "8", "ohio-star").directional("b").border(border);
        assertThat(BorderPrint.toDecide(top.design()))
                .singleElement()
                .satisfies(problem -> assertThat(problem.why())
                        .isEqualTo("ink stands upright above and below, and lies on its side right and left"));
        BorderDesign upright =
                border.joinedBySide(BorderPrint.uprightAllRound(border).toArray(SideJoin[]::new));
        Tops decided = Tops.of(3, 4, "8", "ohio-star").directional("b").border(upright);
        assertThat(BorderPrint.toDecide(decided.design())).isEmpty();
        assertThat(BorderPrint.inBordersOf(decided.design()))
                .singleElement()
                .satisfies(
                        each -> assertThat(each.says()).isEqualTo("ink stands upright above, right, below and left"));
    }

    /**
     * Two borders that have one side each, of one length and fabric, are two strips, though they are counted in one group; and as
     * many strips are cut or joined as the top has plain sides, for every quilt here (counting its parts).
     */
    @Test
    void everySideHasItsStrip() {
        BorderDesign left = BorderDesign.plain("2", "b", Corners.BUTTED)
                .unlike(
                        BorderSideDesign.none(BorderSideDesign.Side.UPPER),
                        BorderSideDesign.none(BorderSideDesign.Side.LOWER),
                        BorderSideDesign.none(BorderSideDesign.Side.RIGHT));
        BorderDesign right = BorderDesign.plain("2", "b", Corners.BUTTED)
                .unlike(
                        BorderSideDesign.none(BorderSideDesign.Side.UPPER),
                        BorderSideDesign.none(BorderSideDesign.Side.LOWER),
                        BorderSideDesign.none(BorderSideDesign.Side.LEFT));
        List<TopTally> all = new ArrayList<>(SomeQuilts.tallies().values());
        all.add(tally(Tops.of(2, 3, "8", "ohio-star").border(left).border(right)));
        for (TopTally tally : all) {
            long sides = tally.top().parts().stream()
                    .filter(part -> part.kind() == TopPart.Kind.BORDER || part.kind() == TopPart.Kind.MITRED_BORDER)
                    .count();
            long strips = tally.strips().stream()
                    .filter(strip -> strip.kind() == StripPlan.Kind.BORDER)
                    .mapToLong(StripPlan::count)
                    .sum();
            assertThat(strips).isEqualTo(sides);
        }
    }

    /** The card and the sheet say the same: over-length where the cloth is wide enough, exactly where it is not. */
    @ParameterizedTest(name = "{0} blocks of 6 in: cut {1}, trimmed to {2}")
    @CsvSource({"6, 37 1/2, 36 1/2, 6", "6, 39 1/2, 39 1/2, 6 1/2"})
    void overLengthIsPartOfThePlanOrNotAskedFor(int blocks, String cut, String trimmed, String size) {
        TopTally tally =
                tally(Tops.of(blocks, blocks, size, "ohio-star").border(BorderDesign.plain("2", "b", Corners.UNITS)));
        StripPlan border = tally.strips().stream()
                .filter(strip -> strip.kind() == StripPlan.Kind.BORDER)
                .findFirst()
                .orElseThrow();
        assertThat(border.sides().getFirst().cutLength()).hasToString(cut + " in");
        assertThat(border.sides().getFirst().trimmedLength()).hasToString(trimmed + " in");
        assertThat(border.joined()).isFalse();
        assertThat(border.cuts())
                .singleElement()
                .satisfies(strips -> assertThat(strips.size().width())
                        .isEqualTo(border.sides().getFirst().cutLength()));
    }

    /**
     * A mitred side is a trapezoid; the strip must hold it with its seam allowance all round, as a general geometry
     * library grows it (mitred corners of the offset).
     */
    @ParameterizedTest
    @CsvSource({"2", "3 1/2", "5"})
    void aMitredStripReachesOverItsCorners(String width) {
        TopTally tally = tally(Tops.of(2, 2, "8", "ohio-star").border(BorderDesign.plain(width, "b", Corners.MITRED)));
        StripPlan border = tally.strips().stream()
                .filter(strip -> strip.kind() == StripPlan.Kind.BORDER)
                .findFirst()
                .orElseThrow();
        double deep = Length.inches(0).plus(read(width)).toDoubleInches();
        double outer = 16 + 2 * deep;
        BufferParameters mitred = new BufferParameters(1, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 10);
        double needed = BufferOp.bufferOp(
                        new GeometryFactory().createPolygon(new Coordinate[] {
                            new Coordinate(0, 0),
                            new Coordinate(outer, 0),
                            new Coordinate(outer - deep, deep),
                            new Coordinate(deep, deep),
                            new Coordinate(0, 0)
                        }),
                        0.25,
                        mitred)
                .getEnvelopeInternal()
                .getWidth();
        double trimmed = border.sides().getFirst().trimmedLength().toDoubleInches();
        assertThat(trimmed).isGreaterThanOrEqualTo(needed).isCloseTo(needed, Offset.offset(0.125));
        assertThat(needed - outer).isCloseTo(1.207, Offset.offset(0.001));
    }

    /** Binding, scrappy binding without leftovers, and a border: the same strips for the same length. */
    @ParameterizedTest
    @CsvSource({"63 1/2", "60", "47", "71 1/4"})
    void bindingsOfStripsAndOfLeftoversAgree(String side) {
        FinishingDesign finishing = new FinishingDesign("b", "2 1/2", "", "40", "4");
        Tops plain = Tops.of(1, 1, side, "ohio-star").finish(finishing);
        Tops scrappy = Tops.of(1, 1, side, "ohio-star").finish(finishing.boundFromLeftovers(true));
        long ofStrips = tally(plain).binding().orElseThrow().stripsCut();
        // Nothing is on the shelf, so nothing is left over to bind with.
        assertThat(tally(scrappy).binding().orElseThrow().stripsCut()).isEqualTo(ofStrips);
    }

    /** Strips of a binding that are cut of what is left over are needed of their fabric, and used there, like any other piece. */
    @Test
    void stripsOfAScrappyBindingAreNeededAndUsed() {
        FinishingDesign finishing = new FinishingDesign("b", "2 1/2", "", "40", "4").boundFromLeftovers(true);
        Tops top = Tops.of(2, 2, "8", "ohio-star").finish(finishing);
        ClothPiece yard =
                new ClothPiece(PieceForm.YARDAGE, Length.inches(40), Length.inches(36), ClothPiece.Edge.STRAIGHT);
        Map<String, List<ShelfPieces>> shelf =
                Map.of("a", List.of(new ShelfPieces("a", 1, yard)), "b", List.of(new ShelfPieces("b", 1, yard)));
        TopTally bound = TopTally.of(top.top(), shelf);
        assertThat(bound.ledgers())
                .flatExtracting(ClothLedger::cuts)
                .extracting(ClothCut::useLabel)
                .contains("scrappy binding");
        for (ClothLedger ledger : bound.ledgers()) {
            assertThat(ledger.needed()).isEqualTo(ledger.used());
        }
    }

    @Test
    void squaringUpIsAsTypedElseAsIsUsual() {
        Tops top = Tops.of(2, 2, "8", "pinwheel");
        assertThat(ReadDesign.of(top.design()).work().squaringUp()).isEqualTo(Length.inches(0, 1, 2));
        Tops typed = Tops.of(2, 2, "8", "pinwheel").plan(PlanDesign.USUAL.withSquaringUp("1"));
        Length usual =
                tally(top).ledgers().getFirst().toBuy().orElseThrow().purchase().exact();
        Length more = tally(typed)
                .ledgers()
                .getFirst()
                .toBuy()
                .orElseThrow()
                .purchase()
                .exact();
        assertThat(more.minus(usual)).isEqualTo(Length.inches(0, 1, 2));
        Tops wrong = Tops.of(2, 2, "8", "pinwheel").plan(PlanDesign.USUAL.withSquaringUp("a bit"));
        assertThat(ReadDesign.of(wrong.design()).work().problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem.why()).isEqualTo("“a bit” cannot be read as a length"));
    }

    private static Length read(String text) {
        return org.goldentally.core.measure.LengthReader.readPositive("size", text, MeasureSystem.INCH)
                .orThrow();
    }

    private static TopTally tally(Tops tops) {
        return TopTally.of(tops.top(), Map.of("b", List.of()));
    }
}

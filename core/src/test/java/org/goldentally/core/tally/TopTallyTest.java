package org.goldentally.core.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.finishing.BorderPrint;
import org.goldentally.core.finishing.StripPlan;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class TopTallyTest {

    /** Blocks of 12 in on point: squares of 18 1/4 and 9 3/8 in (geometry; found in most handbooks, from memory). */
    @Test
    void settingTrianglesAreCutFromTheSquaresOfTheHandbooks() {
        TopTally tally =
                tally(Tops.of(3, 4, "12", "ohio-star").set(Kind.ON_POINT).with(Allowance.EXACT));
        assertThat(plan(tally, "side setting triangle").cuts())
                .extracting(cut -> cut.count() + " of " + cut.size().width())
                .containsExactly("3 of 18 1/4 in");
        assertThat(plan(tally, "corner setting triangle").cuts())
                .extracting(cut -> cut.count() + " of " + cut.size().width())
                .containsExactly("2 of 9 3/8 in");
        assertThat(plan(tally, "side setting triangle").spare()).isEqualTo(2);
    }

    @Test
    void theWayThatCutsLeastClothIsTakenUnlessTheQuilterChooses() {
        Tops pinwheels = Tops.of(4, 5, "8", "pinwheel");
        UnitPlan chosen = plan(tally(pinwheels), "half-square triangle");
        for (UnitPlan way : tally(pinwheels).choices().getFirst().ways()) {
            boolean usual = way.method().key().endsWith("at-a-time")
                    && !way.method().key().startsWith("four");
            if (usual) {
                assertThat(chosen.clothCut().compareTo(way.clothCut())).isNotPositive();
            }
        }
        assertThat(plan(tally(pinwheels.choose("half-square", "four-at-a-time")), "half-square triangle")
                        .method()
                        .key())
                .isEqualTo("four-at-a-time");
        assertThat(plan(tally(pinwheels.choose("half-square:a,b", "two-at-a-time")), "half-square triangle")
                        .method()
                        .key())
                .isEqualTo("two-at-a-time");
    }

    @Test
    void setsRoundUpForEachPairOfClothsAndSparesAreNamed() {
        TopTally tally = tally(Tops.of(3, 1, "8", "pinwheel")
                .place(0, 1, "", 0, false, new Exchange("b", "c"))
                .choose("half-square", "eight-at-a-time"));
        assertThat(tally.choices())
                .extracting(choice -> choice.chosen().needed() + " of "
                        + choice.chosen().cloths() + ": " + choice.chosen().sets() + " sets, "
                        + choice.chosen().spare() + " spare")
                .containsExactlyInAnyOrder("8 of [a, b]: 1 sets, 0 spare", "4 of [a, c]: 1 sets, 4 spare");
    }

    /** A crossing gives a split quarter of each hand: eight of one hand take eight crossings and leave eight of the other. */
    @Test
    void unitsOfOneHandTakeACrossingEach() {
        UnitPlan oneHand = plan(tally(Tops.of(2, 1, "8", "double-pinwheel")), "split quarter");
        assertThat(oneHand.left() + oneHand.right()).isEqualTo(8);
        assertThat(oneHand.runs()).isEqualTo(8);
        assertThat(oneHand.spare()).isEqualTo(8);
        UnitPlan bothHands =
                plan(tally(Tops.of(2, 1, "8", "double-pinwheel").place(0, 1, "", 0, true)), "split quarter");
        assertThat(bothHands.runs()).isEqualTo(4);
        assertThat(bothHands.spare()).isZero();
    }

    /** Four sides of 61 1/2 in, over-length, from 40 in cloth: 246 in; 7 strips joined give 7 × 40 − 6 × 1/2 = 277 in. */
    @Test
    void longBordersAreJoinedOfStripsAcrossTheWidth() {
        TopTally tally = tally(Tops.of(5, 5, "12", "ohio-star").border(BorderDesign.plain("3", "b", Corners.UNITS)));
        assertThat(tally.strips()).anySatisfy(strip -> {
            assertThat(strip.label()).isEqualTo("border 1 strips, 3 in finished");
            assertThat(strip.joined()).isTrue();
            assertThat(strip.sides())
                    .containsExactly(new StripPlan.Side(
                            4,
                            Length.inches(61, 1, 2),
                            Length.inches(60, 1, 2),
                            StripPlan.Source.RUN,
                            List.of(),
                            BorderPrint.Lie.ANY));
            assertThat(strip.stripsCut()).isEqualTo(7);
            assertThat(strip.cutWidth()).isEqualTo(Length.inches(3, 1, 2));
        });
    }

    /** The twins of an hourglass of three cloths may lie either way: it is planned all the same, from two C and one A, B. */
    @ParameterizedTest
    @CsvSource({"a, e, a, b", "e, a, b, a", "a, b, a, e", "b, a, e, a"})
    void anHourglassOfThreeClothsIsPlannedWhicheverWayItLies(String one, String two, String three, String four) {
        UnitDesign hourglass = UnitDesign.of(UnitKind.HOURGLASS, 0, one, two, three, four);
        TopTally tally = tally(Tops.of(3, 3, "8", "pinwheel")
                .border(new BorderDesign(
                        BorderDesign.Kind.PIECED,
                        "4",
                        "",
                        List.of(hourglass),
                        "",
                        false,
                        Corners.UNITS,
                        List.of(hourglass))));
        UnitPlan plan = plan(tally, "hourglass of three cloths");
        assertThat(plan.needed()).isEqualTo(28);
        assertThat(plan.cuts())
                .extracting(cut -> cut.cloth() + " " + cut.count())
                .containsExactlyInAnyOrder("b 7", "e 7", "a 14");
        assertThat(tally.unplanned()).isEmpty();
    }

    /** Everything that is counted is planned, or said not to be: for every block of the shelf. */
    @ParameterizedTest
    @MethodSource("blocks")
    void nothingThatIsCountedIsLeftOutInSilence(String block) {
        TopTally tally = tally(Tops.of(2, 2, "24", block));
        long counted = tally.count().unitCount()
                + tally.count().pieceCount()
                + tally.count().looseTriangleCount();
        long planned = tally.choices().stream()
                .mapToLong(choice -> choice.chosen().needed())
                .sum();
        assertThat(planned).isEqualTo(counted);
    }

    static Stream<String> blocks() {
        return TraditionalBlocks.ALL.stream().map(Block::key);
    }

    @Test
    void whatMixesClothsAsNoMethodDoesIsSaid() {
        UnitDesign half = UnitDesign.of(UnitKind.PIECED_HALF, 0, "a", "b", "c", "d", "e", "a", "b", "c", "d", "e");
        TopTally tally = tally(Tops.of(3, 3, "8", "pinwheel")
                .border(new BorderDesign(
                        BorderDesign.Kind.PIECED, "4", "", List.of(half), "", false, Corners.BUTTED, List.of())));
        assertThat(tally.unplanned())
                .singleElement()
                .satisfies(group -> assertThat(group.count()).isPositive());
    }

    @Test
    void whatHasNoClothIsNotCountedAsCloth() {
        QuiltTop bare = QuiltTop.of(
                org.goldentally.core.design.QuiltDesign.first(org.goldentally.core.measure.MeasureSystem.INCH));
        TopTally tally = TopTally.of(bare, Map.of());
        assertThat(tally.ledgers()).isEmpty();
        assertThat(tally.undressed()).isNotEmpty();
    }

    private static TopTally tally(Tops tops) {
        return TopTally.of(tops.top(), Map.of());
    }

    private static UnitPlan plan(TopTally tally, String unit) {
        List<UnitPlan> plans = tally.choices().stream()
                .map(UnitPlans.Choice::chosen)
                .filter(plan -> plan.unit().name().equals(unit))
                .toList();
        assertThat(plans).hasSize(1);
        return plans.getFirst();
    }
}

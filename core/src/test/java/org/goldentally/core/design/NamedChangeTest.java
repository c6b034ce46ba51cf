package org.goldentally.core.design;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class NamedChangeTest {

    private static final QuiltDesign DESIGN = Tops.of(4, 5, "8", "pinwheel")
            .border(BorderDesign.plain("4", "b", Corners.BUTTED))
            .border(BorderDesign.plain("2 in", "c", Corners.BUTTED))
            .design();

    static Stream<Arguments> changes() {
        Block star = TraditionalBlocks.byKey("ohio-star").orElseThrow();
        return Stream.of(
                change("nothing", design -> design),
                change(
                        "block size 9 in unfinished",
                        design -> design.withBlockSize(new BlockSizeDesign(
                                BlockSizeDesign.Of.BLOCK, BlockSizeDesign.As.UNFINISHED, "9", "", 1, 1))),
                change(
                        "block Ohio Star added",
                        design -> design.withBlocks(List.of(design.blocks().getFirst(), star))),
                change(
                        "block Pinwheel dressed",
                        design -> design.withBlocks(
                                List.of(design.blocks().getFirst().undressed()))),
                change(
                        "border 2 in taken off",
                        design -> design.withBorders(design.borders().subList(0, 1))),
                change(
                        "border 4 in taken off",
                        design -> design.withBorders(design.borders().subList(1, 2))),
                change(
                        "border 1: 5 in",
                        design -> design.withBorders(List.of(
                                BorderDesign.plain("5", "b", Corners.BUTTED),
                                design.borders().get(1)))),
                change(
                        "border 1: 4 in, a side unlike",
                        design -> design.withBorders(List.of(
                                design.borders().get(0).unlike(BorderSideDesign.none(BorderSideDesign.Side.LEFT)),
                                design.borders().get(1)))),
                change(
                        "border 2: 2 in, made otherwise",
                        design -> design.withBorders(
                                List.of(design.borders().get(0), BorderDesign.plain("2 in", "d", Corners.BUTTED)))),
                change(
                        "set on point",
                        design -> design.withSetting(new SettingDesign(
                                SettingDesign.Kind.ON_POINT,
                                4,
                                5,
                                List.of("pinwheel"),
                                "a",
                                SettingDesign.Halves.BLOCK))),
                Arguments.of(
                        "plain squares in the rows between, cloth of the setting",
                        DESIGN.withSetting(onPoint("a", SettingDesign.Between.SAME)),
                        DESIGN.withSetting(onPoint("c", SettingDesign.Between.PLAIN))),
                change(
                        "2 blocks take turns",
                        design -> design.withSetting(new SettingDesign(
                                SettingDesign.Kind.STRAIGHT,
                                4,
                                5,
                                List.of("pinwheel", "pinwheel"),
                                "a",
                                SettingDesign.Halves.BLOCK))),
                change("squaring up 1 in", design -> design.withPlan(PlanDesign.USUAL.withSquaringUp("1"))),
                change(
                        "1 place of the top",
                        design -> design.withPlaces(List.of(new PlaceDesign(0, 0, "", 1, false, List.of())))),
                change(
                        "sashing 1 1/2 in",
                        design -> design.withSashing(new SashingDesign("1 1/2", List.of(), "", false))),
                change("backing", design -> design.withFinishing(new FinishingDesign("", "2 1/2", "b", "40", "4"))),
                change(
                        "binding 2 1/4 in",
                        design -> design.withFinishing(new FinishingDesign("", "2 1/4", "", "40", "4"))),
                change(
                        "four at a time",
                        design -> design.withMethods(
                                List.of(new MethodChoice("half-square triangle", "four-at-a-time")))),
                change(
                        "cut 5 1/2 in",
                        design -> design.withPlan(PlanDesign.USUAL.withCutSizes(List.of(new PlanDesign.CutSizeChoice(
                                "half-square triangle", "two-at-a-time", "5 1/2", true))))),
                change(
                        "a plan for all units",
                        design -> design.withMethods(
                                        List.of(new MethodChoice("half-square triangle", "four-at-a-time", false)))
                                .withPlan(PlanDesign.USUAL.withCutSizes(List.of(new PlanDesign.CutSizeChoice(
                                        "half-square triangle", "four-at-a-time", "exact", false))))),
                change("square rulers", design -> design.withPlan(PlanDesign.USUAL.withRulers("6 1/2"))),
                change("6 layers at once", design -> design.withPlan(PlanDesign.USUAL.withLayers(6))),
                change(
                        "odd units in pairs",
                        design -> design.withPlan(PlanDesign.USUAL.withMaking(
                                MakingDesign.USUAL.withSharing(MakingDesign.OddOnes.IN_PAIRS, 40)))),
                change(
                        "at most 20 squares a chain",
                        design -> design.withPlan(PlanDesign.USUAL.withMaking(
                                MakingDesign.USUAL.withSharing(MakingDesign.OddOnes.SHARED, 20)))),
                change(
                        "extra units",
                        design -> design.withPlan(
                                PlanDesign.USUAL.withExtras(List.of(new PlanDesign.ExtraUnits("", "4"))))),
                change(
                        "cloth ink taken out and 2 more changes",
                        design -> design.withCloths(design.cloths().stream()
                                        .filter(cloth -> !cloth.key().equals("b"))
                                        .toList())
                                .withBorders(List.of())
                                .withSashing(new SashingDesign("1", List.of(), "", false))));
    }

    @Test
    void printsForFreePlacesAreSaid() {
        ClothInHand any =
                new ClothInHand("f", "any", "#808080", "", false, "", false, "dusk", ClothInHand.StandsFor.ANY_PRINT);
        List<ClothInHand> cloths = new ArrayList<>(DESIGN.cloths());
        cloths.add(any);
        QuiltDesign free = DESIGN.withCloths(cloths);
        QuiltDesign laid = free.withPlaces(List.of(
                new PlaceDesign(0, 0, "", 0, false, List.of(new PlaceDesign.Exchange("f", "a"))),
                new PlaceDesign(0, 1, "", 0, false, List.of(new PlaceDesign.Exchange("f", "b")))));
        assertThat(NamedChange.between(free, laid)).isEqualTo("free places laid out");
        List<EdgePlaceDesign> edges = List.of(edge(0, "f"), edge(1, "f"));
        assertThat(NamedChange.between(free, laid.withEdgePlaces(edges))).isEqualTo("free places laid out");
        assertThat(NamedChange.between(free, free.withEdgePlaces(List.of(edge(0, "b")))))
                .isEqualTo("1 unit of an edge");
    }

    private static EdgePlaceDesign edge(int unit, String from) {
        return new EdgePlaceDesign("border-1-1", unit, List.of(new PlaceDesign.Exchange(from, "a")), false);
    }

    private static SettingDesign onPoint(String cloth, SettingDesign.Between between) {
        return new SettingDesign(
                SettingDesign.Kind.ON_POINT, 4, 5, List.of("pinwheel"), cloth, SettingDesign.Halves.BLOCK, between, "");
    }

    private static Arguments change(String named, UnaryOperator<QuiltDesign> change) {
        return Arguments.of(named, DESIGN, change.apply(DESIGN));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("changes")
    void aChangeIsSaidInTheQuiltersWords(String named, QuiltDesign before, QuiltDesign after) {
        assertThat(NamedChange.between(before, after)).isEqualTo(named);
    }

    /** In short two are named and the rest counted; all of them are said where two designs are compared. */
    @Test
    void allDifferencesAreSaidEachByItself() {
        QuiltDesign other =
                DESIGN.withBorders(List.of()).withCloths(DESIGN.cloths().subList(0, 4));
        assertThat(NamedChange.all(DESIGN, other)).containsExactly("cloth brick taken out", "2 borders taken off");
        assertThat(NamedChange.all(DESIGN, DESIGN)).isEmpty();
    }

    @Test
    void aSizeWithoutAUnitIsOfTheQuiltsSystem() {
        QuiltDesign metric = QuiltDesign.first(MeasureSystem.CENTIMETRE);
        QuiltDesign bordered = metric.withBorders(List.of(BorderDesign.plain("7.5", "", Corners.BUTTED)));
        assertThat(NamedChange.between(metric, bordered)).isEqualTo("border 7.5 cm added");
    }
}

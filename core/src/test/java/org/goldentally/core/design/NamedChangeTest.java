package org.goldentally.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.goldentally.core.design.Sewn.sewn;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.measure.Grid;
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
                        "plain squares in the rows between, fabric of the setting",
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
                        design -> design.withMethods(List.of(new MethodChoice("half-square", "four-at-a-time")))),
                change(
                        "cut 5 1/2 in",
                        design -> design.withPlan(PlanDesign.USUAL.withCutSizes(
                                List.of(new PlanDesign.CutSizeChoice("half-square", "two-at-a-time", "5 1/2", true))))),
                change(
                        "a plan for all units",
                        design -> design.withMethods(List.of(new MethodChoice("half-square", "four-at-a-time", false)))
                                .withPlan(PlanDesign.USUAL.withCutSizes(List.of(new PlanDesign.CutSizeChoice(
                                        "half-square", "four-at-a-time", "exact", false))))),
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
                        "fabric ink taken out and 2 more changes",
                        design -> design.withCloths(design.cloths().stream()
                                        .filter(cloth -> !cloth.key().equals("b"))
                                        .toList())
                                .withBorders(List.of())
                                .withSashing(new SashingDesign("1", List.of(), "", false))));
    }

    static Stream<Arguments> smallerChanges() {
        PlanDesign plan = PlanDesign.USUAL;
        MakingDesign making = MakingDesign.USUAL;
        SettingDesign setting = DESIGN.setting();
        MakingDesign.SpareBlock spare = new MakingDesign.SpareBlock("pinwheel", List.of(), false);
        return Stream.of(
                change("seam 3/8 in", design -> sewn(design, "3/8", Grid.EIGHTH_INCH, 20)),
                change("ruler of 1/16 in", design -> sewn(design, design.seam(), Grid.SIXTEENTH_INCH, 20)),
                change("close in value below 12", design -> sewn(design, design.seam(), Grid.EIGHTH_INCH, 12)),
                change("room to trim: exact", design -> design.withAllowance(Allowance.EXACT)),
                change(
                        "order of the fabrics",
                        design -> design.withCloths(design.cloths().reversed())),
                change("fabric oat not as background", design -> design.withCloths(repainted(design, false))),
                change("block Pinwheel taken out", design -> design.withBlocks(List.of())),
                change(
                        "block Pinwheel changed",
                        design -> design.withBlocks(List.of(Block.empty("pinwheel", "Pinwheel", 4, 4)))),
                change(
                        "unit size 3 in finished",
                        design -> design.withBlockSize(new BlockSizeDesign(
                                BlockSizeDesign.Of.UNIT, BlockSizeDesign.As.FINISHED, "3", "", 1, 1))),
                change("set half-drop", design -> design.withSetting(set(SettingDesign.Kind.HALF_DROP, 4, 5, setting))),
                change("4 × 6 blocks", design -> design.withSetting(set(SettingDesign.Kind.STRAIGHT, 4, 6, setting))),
                change("5 × 5 blocks", design -> design.withSetting(set(SettingDesign.Kind.STRAIGHT, 5, 5, setting))),
                Arguments.of(
                        "set in straight rows",
                        DESIGN.withSetting(set(SettingDesign.Kind.HALF_DROP, 4, 5, setting)),
                        DESIGN),
                change(
                        "plain halves",
                        design -> design.withSetting(new SettingDesign(
                                setting.kind(), 4, 5, setting.blocks(), setting.cloth(), SettingDesign.Halves.PLAIN))),
                Arguments.of(
                        "half blocks",
                        DESIGN.withSetting(new SettingDesign(
                                setting.kind(), 4, 5, setting.blocks(), setting.cloth(), SettingDesign.Halves.PLAIN)),
                        DESIGN.withSetting(new SettingDesign(
                                setting.kind(), 4, 5, setting.blocks(), setting.cloth(), SettingDesign.Halves.BLOCK))),
                Arguments.of(
                        "the blocks in the rows between too",
                        DESIGN.withSetting(onPoint("a", SettingDesign.Between.OPEN)),
                        DESIGN.withSetting(onPoint("a", SettingDesign.Between.SAME))),
                Arguments.of(
                        "rows between left open",
                        DESIGN.withSetting(onPoint("a", SettingDesign.Between.SAME)),
                        DESIGN.withSetting(onPoint("a", SettingDesign.Between.OPEN))),
                Arguments.of(
                        "a block of their own in the rows between",
                        DESIGN.withSetting(onPoint("a", SettingDesign.Between.SAME)),
                        DESIGN.withSetting(onPoint("a", SettingDesign.Between.OTHER))),
                Arguments.of(
                        "one block all over",
                        DESIGN.withSetting(new SettingDesign(
                                setting.kind(), 4, 5, List.of("one", "two"), setting.cloth(), setting.halves())),
                        DESIGN),
                Arguments.of("no sashing", DESIGN.withSashing(new SashingDesign("1", List.of(), "", false)), DESIGN),
                change(
                        "sashing 1 in between rows only",
                        design -> design.withSashing(
                                new SashingDesign("1", List.of(), "", false, SashingDesign.Between.ROWS))),
                change("2 places of the top", design -> design.withPlaces(places(0, 1))),
                Arguments.of(
                        "1 place of the top",
                        DESIGN.withPlaces(places(0, 1, 2, 3)),
                        DESIGN.withPlaces(places(0, 1, 3))),
                Arguments.of(
                        "2 places of the top", DESIGN.withPlaces(places(1, 2)), DESIGN.withPlaces(places(0, 1, 2, 3))),
                change("2 units of edges", design -> design.withEdgePlaces(List.of(edge(0, "b"), edge(1, "b")))),
                Arguments.of("2 borders added", DESIGN.withBorders(List.of()), DESIGN),
                Arguments.of(
                        "border 6 in",
                        DESIGN.withBorders(List.of(BorderDesign.plain("4", "b", Corners.BUTTED))),
                        DESIGN.withBorders(List.of(BorderDesign.plain("6", "b", Corners.BUTTED)))),
                change("border of no size added", design -> {
                    List<BorderDesign> borders = new ArrayList<>(design.borders());
                    borders.add(BorderDesign.plain(" ", "b", Corners.BUTTED));
                    return design.withBorders(borders);
                }),
                change(
                        "binding 2 1/4 in, backing",
                        design -> design.withFinishing(new FinishingDesign("", "2 1/4", "b", "40", "4"))),
                change(
                        "binding 2 1/2 in",
                        design -> design.withFinishing(design.finishing().boundFromLeftovers(true))),
                Arguments.of(
                        "a method let go",
                        DESIGN.withMethods(List.of(new MethodChoice("half-square", "four-at-a-time"))),
                        DESIGN),
                Arguments.of(
                        "cut size let go",
                        DESIGN.withPlan(plan.withCutSizes(
                                List.of(new PlanDesign.CutSizeChoice("half-square", "grid", "exact", true)))),
                        DESIGN),
                change("1 layer at once", design -> design.withPlan(plan.withLayers(1))),
                change(
                        "way of cutting",
                        design -> design.withPlan(
                                plan.withCutting(List.of(new PlanDesign.CuttingChoice("b", CuttingStyle.TIDY, 1))))),
                Arguments.of("squaring up as is usual", DESIGN.withPlan(plan.withSquaringUp("1")), DESIGN),
                Arguments.of(
                        "odd units of loose triangles",
                        DESIGN.withPlan(plan.withMaking(making.withSharing(MakingDesign.OddOnes.IN_PAIRS, 40))),
                        DESIGN),
                change(
                        "variety of prints",
                        design -> design.withPlan(plan.withMaking(making.with(MakingDesign.Variety.FEW)))),
                change(
                        "1 spare block",
                        design -> design.withPlan(plan.withMaking(making.withSpareBlocks(List.of(spare))))),
                change(
                        "2 spare blocks",
                        design -> design.withPlan(plan.withMaking(making.withSpareBlocks(List.of(spare, spare))))),
                change("kits", design -> design.withPlan(plan.withKits(List.of(new KitDesign("gift", 3, List.of()))))),
                change("bonus units", design -> design.withPlan(plan.withBonus(List.of("goose")))),
                change(
                        "marking: draw nothing",
                        design -> design.withPlan(plan.withHabits(Habits.Marking.NOTHING, Habits.USUAL.pressing()))),
                change(
                        "pressing: open",
                        design -> design.withPlan(plan.withHabits(Habits.USUAL.marking(), Habits.Pressing.OPEN))),
                Arguments.of(
                        "small changes",
                        DESIGN.withBlocks(twoBlocks()),
                        DESIGN.withBlocks(twoBlocks().reversed())));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("smallerChanges")
    void whateverIsChangedIsSaid(String named, QuiltDesign before, QuiltDesign after) {
        assertThat(NamedChange.between(before, after)).isEqualTo(named);
    }

    /** What a plan chose besides goes with it; a method that was there before is nothing that it chose. */
    @Test
    void aPlanIsNamedOnceWithTheJoinsAndWaysOfCuttingThatItChose() {
        QuiltDesign planned = DESIGN.withMethods(List.of(new MethodChoice("half-square", "four-at-a-time", false)))
                .withBorders(DESIGN.borders().stream()
                        .map(border -> border.joined(BorderDesign.Join.DIAGONAL))
                        .toList())
                .withFinishing(DESIGN.finishing().withPanels(FinishingDesign.Panels.LYING))
                .withPlan(PlanDesign.USUAL.withCutting(
                        List.of(new PlanDesign.CuttingChoice("", CuttingStyle.THRIFTY, 1))));
        assertThat(NamedChange.all(DESIGN, planned)).containsExactly("a plan for all units");
        assertThat(NamedChange.all(planned, planned.withPlan(planned.plan().withLayers(2))))
                .containsExactly("2 layers at once");
        assertThat(NamedChange.all(DESIGN, planned.withMethods(List.of(new MethodChoice("half-square", "grid")))))
                .hasSize(5)
                .contains("grid", "border 2: 2 in, made otherwise", "backing", "way of cutting");
        QuiltDesign cutSizes = DESIGN.withPlan(PlanDesign.USUAL.withCutSizes(
                List.of(new PlanDesign.CutSizeChoice("half-square", "grid", "exact", false))));
        assertThat(NamedChange.all(cutSizes, cutSizes.withBorders(List.of()))).containsExactly("2 borders taken off");
    }

    private static List<Block> twoBlocks() {
        return List.of(
                DESIGN.blocks().getFirst(), TraditionalBlocks.byKey("ohio-star").orElseThrow());
    }

    private static List<ClothInHand> repainted(QuiltDesign design, boolean background) {
        List<ClothInHand> cloths = new ArrayList<>(design.cloths());
        ClothInHand first = cloths.getFirst();
        cloths.set(
                0,
                new ClothInHand(
                        first.key(),
                        first.name(),
                        first.colour(),
                        first.lightness(),
                        background,
                        "",
                        false,
                        "",
                        ClothInHand.StandsFor.ITSELF));
        return cloths;
    }

    private static SettingDesign set(SettingDesign.Kind kind, int across, int down, SettingDesign like) {
        return new SettingDesign(kind, across, down, like.blocks(), like.cloth(), like.halves());
    }

    private static List<PlaceDesign> places(int... columns) {
        return Arrays.stream(columns)
                .mapToObj(column -> new PlaceDesign(0, column, "", 1, false, List.of()))
                .toList();
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
        assertThat(NamedChange.between(free, free.withEdgePlaces(edges))).isEqualTo("free places laid out");
        assertThat(NamedChange.between(free, free.withEdgePlaces(List.of(edge(0, "b")))))
                .isEqualTo("1 unit of an edge");
        assertThat(NamedChange.between(free, free.withEdgePlaces(List.of(edge(0, "f")))))
                .as("one place is no laying out")
                .isEqualTo("1 unit of an edge");
        assertThat(NamedChange.between(free, free.withEdgePlaces(List.of(edge(0, "f"), edge(1, "b")))))
                .as("one of them is no free place")
                .isEqualTo("2 units of edges");
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
        assertThat(NamedChange.all(DESIGN, other)).containsExactly("fabric brick taken out", "2 borders taken off");
        assertThat(NamedChange.all(DESIGN, DESIGN)).isEmpty();
    }

    @Test
    void aSizeWithoutAUnitIsOfTheQuiltsSystem() {
        QuiltDesign metric = QuiltDesign.first(MeasureSystem.CENTIMETRE);
        QuiltDesign bordered = metric.withBorders(List.of(BorderDesign.plain("7.5", "", Corners.BUTTED)));
        assertThat(NamedChange.between(metric, bordered)).isEqualTo("border 7.5 cm added");
    }
}

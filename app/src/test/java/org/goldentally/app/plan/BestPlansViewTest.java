package org.goldentally.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.cloth.Price;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.FinishingDesign.Panels;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CutSizeChoice;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.plans.ShelfAnswer;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.WaysToBuy.Packs;
import org.junit.jupiter.api.Test;

/** Plans in the words of the page: how strips and panels come about, by hand and else, and what packs do instead. */
class BestPlansViewTest {

    private static final QuiltDesign PINWHEELS = pinwheels();

    @Test
    void whatWasChosenByHandIsSaidOfThePlanOfNow() {
        BestPlansView view = view(
                twoAtATimeCut("5")
                        .withBorders(List.of(
                                border(BorderDesign.Join.STRAIGHT),
                                border(BorderDesign.Join.DIAGONAL),
                                border(BorderDesign.Join.ALONG_LENGTH)))
                        .withFinishing(PINWHEELS.finishing().withPanels(Panels.LYING)),
                List.of());
        assertThat(view.now().ways())
                .containsExactly(
                        "half-square triangle: two at a time, cut 5 in",
                        "border 2: joined on the diagonal",
                        "border 3: cut along the length of the fabric",
                        "backing: panels from side to side");
        assertThat(view.enough()).isFalse();
        assertThat(view.now().unpriced()).isEqualTo(1);
        assertThat(view.now().money()).isNotEmpty();
    }

    @Test
    void aSchoolIsSaidByItsNameAndPanelsByTheirWay() {
        BestPlansView view = view(
                twoAtATimeCut("exact").withFinishing(PINWHEELS.finishing().withPanels(Panels.UPRIGHT)),
                List.of(
                        new Packs("dusk", 1, 21, "42 squares, 10 in", List.of("a", "b"), Optional.empty()),
                        new Packs("dawn", 2, 8, "8 fat quarters", List.of("a"), Optional.empty())));
        assertThat(view.now().ways())
                .containsExactly(
                        "half-square triangle: two at a time, cut exact", "backing: panels from top to bottom");
        assertThat(view.packs())
                .containsExactly(
                        "one more pack of dusk (42 squares, 10 in) instead of lengths of oat, ink",
                        "2 more packs of dawn (8 fat quarters each) instead of lengths of oat");
    }

    @Test
    void whatIsNotDressedIsMissing() {
        QuiltDesign undressed =
                PINWHEELS.withBlocks(List.of(PINWHEELS.blocks().getFirst().undressed()));
        assertThat(view(undressed, List.of()).missing()).containsExactly("fabric for what is not dressed yet");
    }

    @Test
    void manyMissingClothsAreSummedUp() {
        List<ClothInHand> cloths = new ArrayList<>();
        List<BorderDesign> borders = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            cloths.add(new ClothInHand("b" + i, "cloth " + i, "#808080"));
            borders.add(BorderDesign.plain("1", "b" + i, BorderDesign.Corners.BUTTED));
        }
        BestPlansView view =
                view(PINWHEELS.withCloths(cloths).withBorders(borders).withBlocks(List.of()), List.of());
        assertThat(view.missing()).hasSize(5).last().isEqualTo("3 more fabrics");
    }

    private static BestPlansView view(QuiltDesign design, List<Packs> packs) {
        ShelfAnswer found = ShelfAnswer.of(QuiltTop.of(design), Map.of(), ClothLedger::of);
        ShelfAnswer answer = new ShelfAnswer(
                found.now(),
                found.plans(),
                found.missing(),
                found.changes(),
                packs,
                found.bound(),
                found.everyWay(),
                found.whole());
        Prices prices =
                new Prices(Map.of("a", List.of(Price.read("price", "12 a yard").orThrow())), Map.of());
        return BestPlansView.of(answer, prices);
    }

    private static QuiltDesign twoAtATimeCut(String typed) {
        return PINWHEELS
                .withMethods(List.of(new MethodChoice("half-square", "two-at-a-time")))
                .withPlan(PlanDesign.USUAL.withCutSizes(
                        List.of(new CutSizeChoice("half-square", "two-at-a-time", typed, true))));
    }

    private static BorderDesign border(BorderDesign.Join join) {
        return BorderDesign.plain("2", "b", BorderDesign.Corners.BUTTED).joined(join);
    }

    private static QuiltDesign pinwheels() {
        QuiltDesign first = QuiltDesign.first(MeasureSystem.INCH)
                .withCloths(List.of(new ClothInHand("a", "oat", "#efe6d0"), new ClothInHand("b", "ink", "#22384d")));
        return first.withBlocks(List.of(TraditionalBlocks.byKey("pinwheel").orElseThrow()))
                .withSetting(new SettingDesign(
                        SettingDesign.Kind.STRAIGHT, 4, 5, List.of("pinwheel"), "", SettingDesign.Halves.BLOCK));
    }
}

package org.goldentally.core.meaning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.goldentally.core.design.BlockSizeDesign;
import org.goldentally.core.design.BlockSizeDesign.As;
import org.goldentally.core.design.BlockSizeDesign.Of;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.BorderSideDesign.Side;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CutSizeChoice;
import org.goldentally.core.design.PlanDesign.ExtraUnits;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.design.SashingDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.design.Sewn;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.OwnCut;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class ReadDesignTest {

    private static final QuiltDesign DESIGN = QuiltDesign.first(MeasureSystem.INCH)
            .withBlockSize(BlockSizeDesign.finishedBlock("8"))
            .withBorders(List.of());

    /** What cannot be drawn, each with its place, in the words of the page. */
    static Stream<Arguments> undrawable() {
        return Stream.of(
                refused("Seam: “a bit” cannot be read as a length", design -> seam(design, "a bit")),
                refused("Seam: a seam of 2 in is wider than any patchwork seam", design -> seam(design, "2")),
                refused("Blocks across: a top needs a block at least", design -> rows(design, 0, 1)),
                refused("Blocks across: 101 blocks in a row are more than we can plan", design -> rows(design, 101, 1)),
                refused("Blocks down: a top needs a block at least", design -> rows(design, 1, 0)),
                refused("Blocks down: 101 blocks in a row are more than we can plan", design -> rows(design, 1, 101)),
                refused(
                        "Block size, finished: nothing is typed here",
                        design -> size(design, Of.BLOCK, As.FINISHED, "")),
                refused(
                        "Block size, unfinished: 1/2 in leaves nothing to see once the seams are taken",
                        design -> size(design, Of.BLOCK, As.UNFINISHED, "1/2")),
                refused(
                        "Unit size, finished: 1/8 in leaves nothing to see once the seams are taken",
                        design -> size(design, Of.UNIT, As.FINISHED, "1/8")),
                refused(
                        "Block size height, finished: “0” is no size at all",
                        design -> design.withBlockSize(new BlockSizeDesign(Of.BLOCK, As.FINISHED, "8", "0", 1, 1))),
                refused(
                        "Block size, height: blocks on point must be square, or their corners do not meet",
                        design -> set(design, SettingDesign.Kind.ON_POINT)
                                .withBlockSize(new BlockSizeDesign(Of.BLOCK, As.FINISHED, "8", "9", 1, 1))),
                refused(
                        "Sashing, finished width: a half-drop has no room for sashing",
                        design -> set(sashed(design, "1", SashingDesign.Between.BOTH), SettingDesign.Kind.HALF_DROP)),
                refused(
                        "Sashing: on point it lies round each block, not between rows only",
                        design -> set(sashed(design, "1", SashingDesign.Between.ROWS), SettingDesign.Kind.ON_POINT)),
                refused(
                        "Sashing, finished width: 1/8 in finished is too narrow to be sewn",
                        design -> sashed(design, "1/8", SashingDesign.Between.BOTH)),
                refused(
                        "Border 1, finished width: nothing is typed here",
                        design -> design.withBorders(List.of(BorderDesign.plain("", "a", Corners.BUTTED)))),
                refused(
                        "Border 2, least width: “wide” cannot be read as a length",
                        design -> design.withBorders(
                                List.of(BorderDesign.plain("4", "a", Corners.BUTTED), spacer("wide")))),
                refused(
                        "Border 1, left side, finished width: “x” cannot be read as a length",
                        design -> design.withBorders(List.of(BorderDesign.plain("4", "a", Corners.BUTTED)
                                .unlike(BorderSideDesign.plain(Side.LEFT, "x", "a"))))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("undrawable")
    void whatCannotBeDrawnIsRefusedWithItsPlace(String said, QuiltDesign design) {
        assertThatThrownBy(() -> ReadDesign.of(design)).isInstanceOfSatisfying(RefusedException.class, refusal -> {
            assertThat(refusal.problems()).hasSize(1);
            Problem problem = refusal.problems().getFirst();
            assertThat(problem.where() + ": " + problem.why()).startsWith(said);
            assertThat(problem.fix()).isNotBlank();
        });
    }

    @Test
    void everythingThatCannotBeDrawnIsToldAtOnce() {
        QuiltDesign design = sashed(rows(seam(DESIGN, "x"), 0, 101), "y", SashingDesign.Between.BOTH);
        assertThatThrownBy(() -> ReadDesign.of(design))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refusal -> assertThat(refusal.problems().stream().map(Problem::where))
                                .containsExactly("Seam", "Blocks across", "Blocks down", "Sashing, finished width"));
    }

    @Test
    void sizesMeanWhatIsTyped() {
        assertThat(block(size(DESIGN, Of.BLOCK, As.FINISHED, "8"))).isEqualTo("8 in x 8 in");
        assertThat(block(size(DESIGN, Of.BLOCK, As.UNFINISHED, "8 1/2"))).isEqualTo("8 in x 8 in");
        assertThat(block(DESIGN.withBlockSize(new BlockSizeDesign(Of.BLOCK, As.FINISHED, "8", "10", 1, 1))))
                .isEqualTo("8 in x 10 in");
        assertThat(block(DESIGN.withBlockSize(new BlockSizeDesign(Of.UNIT, As.UNFINISHED, "2 1/2", "", 4, 3))))
                .isEqualTo("8 in x 6 in");
        assertThat(block(DESIGN.withBlockSize(new BlockSizeDesign(Of.UNIT, As.FINISHED, "2", "1", 4, 3))))
                .isEqualTo("8 in x 3 in");
        assertThat(block(size(DESIGN, Of.BLOCK, As.FINISHED, "1/4")))
                .as("the smallest")
                .isEqualTo("1/4 in x 1/4 in");
    }

    @Test
    void sashingPartsWhatItIsSaidToPart() {
        TopSizes both =
                ReadDesign.of(sashed(DESIGN, "1", SashingDesign.Between.BOTH)).sizes();
        TopSizes rows =
                ReadDesign.of(sashed(DESIGN, "1", SashingDesign.Between.ROWS)).sizes();
        TopSizes columns = ReadDesign.of(sashed(DESIGN, "1", SashingDesign.Between.COLUMNS))
                .sizes();
        assertThat(Stream.of(both, rows, columns).map(TopSizes::sashingBetweenRows))
                .containsExactly(Length.inches(1), Length.inches(1), Length.ZERO);
        assertThat(Stream.of(both, rows, columns).map(TopSizes::sashingBetweenColumns))
                .containsExactly(Length.inches(1), Length.ZERO, Length.inches(1));
        assertThat(ReadDesign.of(DESIGN).sizes().sashing()).isEqualTo(Length.ZERO);
    }

    @Test
    void sidesOfABorderHaveTheirOwnSizes() {
        BorderDesign border = BorderDesign.plain("4", "a", Corners.BUTTED)
                .unlike(BorderSideDesign.none(Side.LEFT), BorderSideDesign.plain(Side.UPPER, "6", "b"));
        BorderSizes sizes = ReadDesign.of(DESIGN.withBorders(List.of(border)))
                .sizes()
                .borders()
                .getFirst();
        assertThat(Stream.of(Side.UPPER, Side.RIGHT, Side.LOWER, Side.LEFT)
                        .map(side -> sizes.on(side).width()))
                .containsExactly(Length.inches(6), Length.inches(4), Length.inches(4), Length.ZERO);
        assertThat(sizes.width()).isEqualTo(Length.inches(4));
        assertThat(ReadDesign.of(DESIGN.withBorders(List.of(spacer("0"))))
                        .sizes()
                        .borders()
                        .getFirst()
                        .width())
                .as("a spacer may be nothing at least")
                .isEqualTo(Length.ZERO);
    }

    @Test
    void whatIsOnlyOfTheWorkIsAsUsualAndSaid() {
        QuiltDesign design = DESIGN.withFinishing(new FinishingDesign("a", "x", "b", "0", "-1"))
                .withMethods(List.of(new MethodChoice("all", "by-magic"), new MethodChoice("all", "grid")))
                .withPlan(PlanDesign.USUAL
                        .withSquaringUp("y")
                        .withExtras(List.of(new ExtraUnits("a", "many"), new ExtraUnits("b", " ")))
                        .withCutSizes(List.of(
                                new CutSizeChoice("all", "grid", "5 1/16", true),
                                new CutSizeChoice("all", "by-magic", "5", true)))
                        .withRulers("6 1/2 by 1/5"));
        ReadDesign read = ReadDesign.of(design);
        assertThat(places(read.finishing().problems()))
                .containsExactly(
                        "Binding, cut strip: “x” cannot be read as a length",
                        "Backing, usable width of its fabric: “0” is no size at all",
                        "Backing, larger on every side by: “-1” is less than nothing");
        assertThat(read.finishing().bindingStrip()).isEmpty();
        assertThat(read.finishing().overhang()).isEqualTo(Length.ZERO);
        assertThat(places(read.work().problems()))
                .containsExactly(
                        "Extra units: “many” is neither a count nor a share",
                        "Methods: “by-magic” is no method we know",
                        "Cut size: “5 1/16” lies between the marks of your ruler, every 1/8 in",
                        "Square rulers: marks every “1/5” are on no ruler that is known here",
                        "Squaring up an end: “y” cannot be read as a length");
        assertThat(read.work().squaringUp())
                .isEqualTo(ReadDesign.of(DESIGN).work().squaringUp());
        assertThat(read.work().methods()).containsOnly(java.util.Map.entry("all", MethodId.GRID_OF_CELLS));
        assertThat(read.work().extraOf("a", "b").map(count -> count.of(90))).contains(0L);
        assertThat(read.work().cutOf(MethodId.GRID_OF_CELLS, "all")).isEmpty();
    }

    @Test
    void whatIsOfTheWorkIsReadMostSpecialFirst() {
        WorkChoices work = ReadDesign.of(DESIGN.withPlan(PlanDesign.USUAL
                        .withSquaringUp("1/2")
                        .withExtras(List.of(
                                new ExtraUnits("geese", "4"), new ExtraUnits("", "5 %"), new ExtraUnits("", "9")))
                        .withCutSizes(List.of(
                                new CutSizeChoice("geese", "grid", "5", true),
                                new CutSizeChoice("all", "grid", "Roomy", true),
                                new CutSizeChoice("all", "grid", "6", true),
                                new CutSizeChoice("all", "bias-strips", "raw 4 3/4", true)))
                        .withRulers("12 1/2, 6 1/2 by 1/4 and 4")))
                .work();
        assertThat(work.problems()).isEmpty();
        assertThat(work.squaringUp()).isEqualTo(Length.inches(0, 1, 2));
        assertThat(work.extraOf("geese", "").map(count -> count.of(90))).contains(4L);
        assertThat(work.extraOf("stars", "").map(count -> count.of(90))).contains(5L);
        assertThat(work.extraOf("stars", "").map(count -> count.of(81))).contains(5L);
        assertThat(work.extraOf("stars")).isEmpty();
        assertThat(work.cutOf(MethodId.GRID_OF_CELLS, "geese", "all")).isEqualTo(cut("5"));
        assertThat(work.cutOf(MethodId.GRID_OF_CELLS, "stars", "all"))
                .isEqualTo(Optional.of(new OwnCut.BySchool(Allowance.ROOMY)));
        assertThat(work.cutOf(MethodId.BIAS_STRIPS, "stars", "all"))
                .isEqualTo(Optional.of(new OwnCut.Raw(Length.inches(4, 3, 4))));
        assertThat(work.cutOf(MethodId.OPEN_CHAIN, "all")).isEmpty();
        assertThat(work.rulers().rulers()).hasSize(3);
    }

    /** The ruler of 6 1/2 in has quarters only; half of 4 3/4 lies on none of these rulers. */
    @Test
    void squareRulersSayWhatTheyCannotTrim() {
        SquareRulers rulers = ReadDesign.of(DESIGN.withPlan(PlanDesign.USUAL.withRulers("8 1/2; 6 1/2 by 1/4")))
                .work()
                .rulers();
        assertThat(cannot(rulers, "4 1/2", false)).isEmpty();
        assertThat(cannot(rulers, "4 3/8", false)).isEmpty();
        assertThat(cannot(rulers, "8 1/2", false)).isEmpty();
        assertThat(cannot(rulers, "9", false)).contains("9 in is more than your largest square ruler, 8 1/2 in");
        assertThat(cannot(rulers, "4 3/8", true))
                .contains("2 3/16 in is on no mark of your square rulers that reach it");
        SquareRulers quarters = ReadDesign.of(DESIGN.withPlan(PlanDesign.USUAL.withRulers("6 1/2 by 1/4")))
                .work()
                .rulers();
        assertThat(cannot(quarters, "4 3/8", false))
                .contains("4 3/8 in is on no mark of your square rulers that reach it");
        assertThat(cannot(SquareRulers.NOT_SAID, "90", true)).isEmpty();
    }

    @Test
    void theSameTopIsMadeAsAnotherDesignSays() {
        QuiltDesign other = rows(DESIGN, 9, 9).withPlan(PlanDesign.USUAL.withSquaringUp("2"));
        ReadDesign made = ReadDesign.of(DESIGN).madeAs(other);
        assertThat(made.typed()).isEqualTo(other);
        assertThat(made.sizes()).isEqualTo(ReadDesign.of(DESIGN).sizes());
        assertThat(made.work().squaringUp()).isEqualTo(Length.inches(2));
    }

    private static Optional<String> cannot(SquareRulers rulers, String size, boolean fromTheCentre) {
        Length side = org.goldentally.core.measure.LengthReader.read("size", size, MeasureSystem.INCH)
                .orThrow();
        return rulers.cannotTrim(side, Length.inches(1), fromTheCentre, MeasureSystem.INCH);
    }

    private static Optional<OwnCut> cut(String size) {
        return Optional.of(
                new OwnCut.Cut(org.goldentally.core.measure.LengthReader.read("size", size, MeasureSystem.INCH)
                        .orThrow()));
    }

    private static List<String> places(List<Problem> problems) {
        List<String> said = new ArrayList<>();
        problems.forEach(problem -> said.add(problem.where() + ": " + problem.why()));
        return said;
    }

    private static String block(QuiltDesign design) {
        TopSizes sizes = ReadDesign.of(design).sizes();
        return sizes.blockWidth() + " x " + sizes.blockHeight();
    }

    private static Arguments refused(String said, UnaryOperator<QuiltDesign> change) {
        return Arguments.of(said, change.apply(DESIGN));
    }

    private static QuiltDesign size(QuiltDesign design, Of of, As as, String typed) {
        return design.withBlockSize(new BlockSizeDesign(of, as, typed, "", 1, 1));
    }

    private static QuiltDesign rows(QuiltDesign design, int across, int down) {
        return design.withSetting(new SettingDesign(
                design.setting().kind(),
                across,
                down,
                List.of(),
                "",
                design.setting().halves()));
    }

    private static QuiltDesign set(QuiltDesign design, SettingDesign.Kind kind) {
        return design.withSetting(
                new SettingDesign(kind, 2, 2, List.of(), "", design.setting().halves()));
    }

    private static QuiltDesign sashed(QuiltDesign design, String width, SashingDesign.Between between) {
        return design.withSashing(new SashingDesign(width, List.of(), "", false, between));
    }

    private static BorderDesign spacer(String least) {
        return new BorderDesign(BorderDesign.Kind.SPACER, least, "a", List.of(), "", false, Corners.BUTTED, List.of());
    }

    private static QuiltDesign seam(QuiltDesign was, String typed) {
        return Sewn.sewn(was, typed, was.grid(), was.closeInValue());
    }
}

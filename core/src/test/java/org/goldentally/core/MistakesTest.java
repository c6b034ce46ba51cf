package org.goldentally.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.JoinedStrips;
import org.goldentally.core.cutting.yardage.Demand;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.sew.LogEntry;
import org.goldentally.core.unit.Countable;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerFlipUnit;
import org.goldentally.core.unit.PatchworkUnit.PiecedHalfUnit;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.StripSetSegment;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What only a mistake of a programmer or a broken document could ask for throws at once, and names the value. */
class MistakesTest {

    private static final Length TWO = Length.inches(2);
    private static final Length NONE = Length.ZERO;

    static Stream<Arguments> mistakes() {
        return Stream.of(
                mistake("an hourglass has two to four cloths, not 1", () -> new QuarterSquareTriangleUnit(TWO, 1)),
                mistake("an hourglass has two to four cloths, not 5", () -> new QuarterSquareTriangleUnit(TWO, 5)),
                mistake("one to four corners can be flipped, not 0", () -> new CornerFlipUnit(TWO, TWO, TWO, 0)),
                mistake("one to four corners can be flipped, not 5", () -> new CornerFlipUnit(TWO, TWO, TWO, 5)),
                mistake("a pieced half has two to eight rows, not 1", () -> new PiecedHalfUnit(TWO, 1)),
                mistake("a pieced half has two to eight rows, not 9", () -> new PiecedHalfUnit(TWO, 9)),
                mistake("a strip set here has two to four strips, not 1", () -> new StripSetSegment(TWO, 1)),
                mistake("a strip set here has two to four strips, not 5", () -> new StripSetSegment(TWO, 5)),
                mistake(
                        "a piece of cloth has a width and a length, not 0 in x 0 in",
                        () -> ClothPiece.square(Length.ZERO)),
                mistake(
                        "a piece of cloth has a width and a length, not 2 in x 0 in",
                        () -> new ClothPiece(ClothPiece.square(TWO).form(), TWO, NONE, ClothPiece.Edge.STRAIGHT)),
                mistake("0 in", () -> CutSize.rectangle(NONE, TWO)),
                mistake("0 in", () -> CutSize.rectangle(TWO, NONE)),
                mistake("strips of 2 in that lose 2 in at each join grow no longer", () -> new JoinedStrips(TWO, TWO)),
                mistake("no piece to cut: 0 x 8, 1", () -> new Demand.Item(0, 8, 1, true)),
                mistake("no piece to cut: 8 x 0, 1", () -> new Demand.Item(8, 0, 1, true)),
                mistake("no piece to cut: 8 x 8, 0", () -> new Demand.Item(8, 8, 0, true)),
                mistake(
                        "wider than the fabric of 8",
                        () -> new Demand(8, List.of(new Demand.Item(9, 9, 1, true)), 100)),
                mistake("a set cannot give 0 units", () -> Recipe.forA("pair").build()),
                mistake("key of a fabric is missing", () -> new ClothInHand(" ", "oat", "#ffffff")),
                mistake("colour is not written like #aabbcc", () -> new ClothInHand("a", "oat", "oat")),
                mistake("cloths has two entries of the same key", () -> first().withCloths(List.of(oat(), oat()))),
                mistake("units is -1; it goes from 0 to 10000", () -> entry(LogEntry.Kind.SET_MADE, -1, "", false)),
                mistake(
                        "units is 10001; it goes from 0 to 10000",
                        () -> entry(LogEntry.Kind.SET_MADE, 10_001, "", false)),
                mistake("hand is neither left nor right", () -> entry(LogEntry.Kind.UNIT_SPOILED, 1, "both", false)),
                mistake("takesBack belongs to", () -> entry(LogEntry.Kind.TAKE_BACK, 0, "", false)),
                mistake("takesBack belongs to", () -> entry(LogEntry.Kind.NOTE, 0, "", true)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("mistakes")
    void throwsAndNamesTheValue(String said, Runnable mistake) {
        assertThatThrownBy(mistake::run)
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(said);
    }

    /** A count that may be chosen in the pages is one that the unit can have: neither side has a limit of its own. */
    @Test
    void whatMayBeChosenIsWhatAUnitCanHave() {
        for (Countable counted : Countable.values()) {
            List<Integer> may = IntStream.rangeClosed(-1, 20)
                    .filter(counted::allows)
                    .boxed()
                    .toList();
            assertThat(counted.counts()).isEqualTo(may);
            assertThat(counted.problem(may.getFirst() - 1).orElseThrow().fix())
                    .isEqualTo("choose " + may.getFirst() + " to " + may.getLast());
            assertThat(counted.problem(may.getLast())).isEmpty();
        }
    }

    /** A square called by another size stays a square; what is not square keeps the other side. */
    @Test
    void aUnitIsCalledByAnotherSize() {
        Length three = Length.inches(3);
        assertThat(resized(new CornerFlipUnit(TWO, TWO, Length.inches(1), 2))).isEqualTo("3 in x 3 in");
        assertThat(resized(new CornerFlipUnit(TWO, three.times(2), Length.inches(1), 2)))
                .isEqualTo("3 in x 6 in");
        assertThat(resized(new StripSetSegment(TWO, 3))).isEqualTo("3 in x 9 in");
        assertThat(resized(new StripSetSegment(TWO, Length.inches(5), 3))).isEqualTo("5 in x 9 in");
        assertThat(resized(new PatchworkUnit.PlainPatch(TWO, TWO))).isEqualTo("3 in x 3 in");
        assertThat(resized(new PatchworkUnit.PlainPatch(TWO, Length.inches(5)))).isEqualTo("3 in x 5 in");
    }

    private static String resized(PatchworkUnit unit) {
        PatchworkUnit other = unit.resized(Length.inches(3));
        return other.finishedWidth() + " x " + other.finishedHeight();
    }

    private static QuiltDesign first() {
        return QuiltDesign.first(MeasureSystem.INCH);
    }

    private static ClothInHand oat() {
        return new ClothInHand("a", "oat", "#efe6d0");
    }

    private static LogEntry entry(LogEntry.Kind kind, int units, String hand, boolean takesBack) {
        return new LogEntry(
                new UUID(1, 1),
                Instant.EPOCH,
                kind,
                "unit",
                units,
                hand,
                "",
                takesBack ? Optional.of(new UUID(1, 2)) : Optional.empty());
    }

    private static Arguments mistake(String said, Runnable mistake) {
        return Arguments.of(said, mistake);
    }
}

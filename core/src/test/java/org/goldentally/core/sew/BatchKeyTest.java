package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerFlipUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.PiecedHalfUnit;
import org.goldentally.core.unit.PatchworkUnit.PlainPatch;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangle;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.SideSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.SplitQuarterUnit;
import org.goldentally.core.unit.PatchworkUnit.StripPatch;
import org.goldentally.core.unit.PatchworkUnit.StripSetSegment;
import org.goldentally.core.unit.PatchworkUnit.StripSetTriangleUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The log finds what was sewn by these texts: they stay as they are for ever. */
class BatchKeyTest {

    private static final PatchworkUnit UNIT = new HalfSquareTriangleUnit(Length.inches(3));

    static Stream<Arguments> keys() {
        UnitsKey units = new UnitsKey(UNIT, List.of("a", "b"));
        Length four = Length.inches(4);
        String printed = "half-square triangle 3 in x 3 in HalfSquareTriangleUnit[namedSize=3 in]: a,b";
        return Stream.of(
                Arguments.of(new BatchKey.Units(units), "unit(half-square(3,[a,b]))", "unit " + printed),
                Arguments.of(new BatchKey.OddUnits(units), "odd-unit(half-square(3,[a,b]))", "odd " + printed),
                Arguments.of(new BatchKey.Bonus(units), "bonus(half-square(3,[a,b]))", "bonus " + printed),
                Arguments.of(
                        new BatchKey.Joined(UNIT, true, List.of("a", "b"), 2),
                        "ring(2,half-square(3),[a,b])",
                        "ring 2 3 in a,b"),
                Arguments.of(
                        new BatchKey.Joined(UNIT, false, List.of("a", "b"), 1),
                        "chain(1,half-square(3),[a,b])",
                        "chain 1 3 in a,b"),
                Arguments.of(
                        new BatchKey.InnerBlocks("star", four, four, false),
                        "inner(star,4,4)",
                        "inner star 4 in x 4 in"),
                Arguments.of(
                        new BatchKey.InnerBlocks("star", four, four, true),
                        "inner-mirrored(star,4,4)",
                        "inner star 4 in x 4 in mirrored"),
                Arguments.of(
                        new BatchKey.Blocks(TopPart.Kind.BLOCK, "star", false),
                        "blocks(block,star)",
                        "block BLOCK star"),
                Arguments.of(
                        new BatchKey.Blocks(TopPart.Kind.HALF_BLOCK, "star", true),
                        "blocks-mirrored(half-block,star)",
                        "block HALF_BLOCK star mirrored"),
                Arguments.of(new BatchKey.Border(2), "border(2)", "border 2"),
                Arguments.of(BatchKey.Once.ROWS, "once(rows)", "rows"),
                Arguments.of(BatchKey.Once.BINDING, "once(binding)", "binding"));
    }

    /** Every unit there is, with what it was called when keys were made of names. */
    static Stream<Arguments> units() {
        Length three = Length.inches(3);
        Length six = Length.inches(6);
        return Stream.of(
                Arguments.of(new HalfSquareTriangleUnit(three), "half-square triangle"),
                Arguments.of(new StripSetTriangleUnit(three), "strip-set triangle square"),
                Arguments.of(new QuarterSquareTriangleUnit(three, 2), "hourglass of two cloths"),
                Arguments.of(new QuarterSquareTriangleUnit(three, 3), "hourglass of three cloths"),
                Arguments.of(new QuarterSquareTriangleUnit(three, 4), "hourglass of four cloths"),
                Arguments.of(new SplitQuarterUnit(three), "split quarter"),
                Arguments.of(new QuarterSquareTriangle(three), "loose quarter triangle"),
                Arguments.of(new FlyingGeeseUnit(six), "flying goose"),
                Arguments.of(new CornerFlipUnit(six, three, Length.inches(1), 1), "corner flip, 1 corner"),
                Arguments.of(new CornerFlipUnit(six, three, Length.inches(1), 2), "corner flip, 2 corners"),
                Arguments.of(new PiecedHalfUnit(three, 2), "pieced half of 2 rows"),
                Arguments.of(new SideSettingTriangle(six), "side setting triangle"),
                Arguments.of(new CornerSettingTriangle(six), "corner setting triangle"),
                Arguments.of(new PlainPatch(three, three), "plain square"),
                Arguments.of(new PlainPatch(six, three), "plain rectangle"),
                Arguments.of(new StripPatch(three), "strip"),
                Arguments.of(new StripSetSegment(three, six, 3), "segment of 3 strips"));
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("units")
    void everyUnitIsFoundByWhatItWasCalled(PatchworkUnit unit, String was) {
        BatchKey key = new BatchKey.Units(new UnitsKey(unit, List.of("a", "b")));
        assertThat(key.inLog())
                .contains("unit " + was + " " + unit.finishedWidth() + " x " + unit.finishedHeight() + " " + unit
                        + ": a,b");
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("keys")
    void aKeyIsWrittenAndItsFormerOneKnown(BatchKey key, String text, String former) {
        assertThat(key.text()).isEqualTo(text);
        assertThat(key.inLog()).containsExactlyInAnyOrder(text, former);
    }

    /** As long as a chain may be; two that differ anywhere are told apart. */
    @Test
    void aLongKeyIsWrittenShortAndStillToldApart() {
        BatchKey one = new BatchKey.Joined(UNIT, false, Collections.nCopies(300, "cloth"), 1);
        BatchKey other = new BatchKey.Joined(UNIT, false, Collections.nCopies(301, "cloth"), 1);
        assertThat(one.text()).hasSizeLessThan(60).isNotEqualTo(other.text());
        assertThat(one.text()).isEqualTo(new BatchKey.Joined(UNIT, false, Collections.nCopies(300, "cloth"), 1).text());
    }
}

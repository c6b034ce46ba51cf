package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
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

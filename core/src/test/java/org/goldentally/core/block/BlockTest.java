package org.goldentally.core.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerFlipUnit;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.SplitQuarterUnit;
import org.goldentally.core.unit.UnitSymmetry;
import org.goldentally.core.unit.UnitSymmetry.Counted;
import org.goldentally.core.unit.UnitSymmetry.Hand;
import org.junit.jupiter.api.Test;

class BlockTest {

    private static final Length FOUR = Length.inches(4);

    @Test
    void theTwoHalvesOfABlockTogetherHaveAllItsUnits() {
        Block dutchman = TraditionalBlocks.byKey("dutchmans-puzzle").orElseThrow();
        assertThat(dutchman.half(Block.Half.LEFT).orElseThrow().parts().size()
                        + dutchman.half(Block.Half.RIGHT).orElseThrow().parts().size())
                .isEqualTo(dutchman.parts().size());
        assertThat(TraditionalBlocks.byKey("sawtooth-star").orElseThrow().half(Block.Half.LEFT))
                .isEmpty();
        Block acrossTheMiddle = BlockNotation.read("x", "X", "1 1", "1", "g*2x1:ab .");
        assertThat(acrossTheMiddle.half(Block.Half.LEFT)).isEmpty();
    }

    @Test
    void emptyCellsAreBlankAndUnitsOverTheEdgeOrEachOtherAreNamed() {
        Block block = new Block(
                "x",
                "X",
                List.of(1, 1),
                List.of(1, 1),
                List.of(
                        new BlockPart(0, 0, 2, 1, UnitDesign.plain("a")),
                        new BlockPart(1, 0, 1, 1, UnitDesign.plain("b")),
                        new BlockPart(1, 1, 2, 1, UnitDesign.plain("c"))));
        Figure figure = lay(block, 8, 8);
        assertThat(figure.flaws())
                .extracting(Problem::where)
                .containsExactly("block X, column 2, row 1", "block X, column 2, row 2");
        assertThat(figure.patches()).filteredOn(Figure.FigurePatch::isBlank).hasSize(2);
    }

    @Test
    void cornersThatRunOverEachOtherAreRefused() {
        assertThat(lay(BlockNotation.read("x", "X", "1", "1", "c4~2/3:ab"), 6, 6)
                        .flaws())
                .extracting(Problem::why)
                .containsExactly("corners of 4 in finished would run over each other in 6 × 6 in finished");
        assertThat(lay(BlockNotation.read("x", "X", "1", "1", "c1~1/1:ab"), 6, 6)
                        .flaws())
                .isEmpty();
    }

    @Test
    void aMissingSmallerBlockAndOneTooDeepAreNamed() {
        assertThat(lay(BlockNotation.read("x", "X", "1", "1", "b:gone"), 6, 6).flaws())
                .extracting(Problem::why)
                .containsExactly("the smaller block is not in this quilt any more");
        Figure deep = Figure.of(
                BlockNotation.read("b0", "B0", "1", "1", "b:b1"),
                FOUR,
                FOUR,
                key -> Optional.of(
                        BlockNotation.read(key, key, "1", "1", "b:b" + (Integer.parseInt(key.substring(1)) + 1))),
                MeasureSystem.INCH);
        assertThat(deep.flaws())
                .extracting(Problem::why)
                .containsExactly("blocks are set into each other more than 4 deep");
    }

    @Test
    void aGridBeyondAnythingSewnIsRefusedByItsField() {
        assertThatThrownBy(() -> Block.empty("x", "X", 25, 2)).hasMessage("columns has 25 entries; 24 are the most");
        assertThatThrownBy(() -> new Block("x", "X", List.of(), List.of(1), List.of()))
                .hasMessage("columns has no entry");
        assertThatThrownBy(() -> new Block("x", "X", List.of(1), List.of(0), List.of()))
                .hasMessage("rows is 0; it goes from 1 to 48");
    }

    @Test
    void turnedUnitsCountAsOneAndMirroredOnesAsTheOtherHand() {
        HalfSquareTriangleUnit half = new HalfSquareTriangleUnit(FOUR);
        assertThat(counted(half, false, "b", "a")).isEqualTo(counted(half, true, "a", "b"));
        assertThat(counted(half, false, "b", "a").hand()).isEqualTo(Hand.NONE);

        FlyingGeeseUnit goose = new FlyingGeeseUnit(FOUR);
        assertThat(counted(goose, false, "a", "b", "b").hand()).isEqualTo(Hand.NONE);
        assertThat(counted(goose, false, "a", "b", "c").hand())
                .isNotEqualTo(counted(goose, true, "a", "b", "c").hand());
        assertThat(counted(goose, true, "a", "b", "c")).isEqualTo(counted(goose, false, "a", "c", "b"));

        SplitQuarterUnit split = new SplitQuarterUnit(FOUR);
        assertThat(counted(split, false, "a", "b", "c").hand()).isEqualTo(Hand.LEFT);
        assertThat(counted(split, true, "a", "b", "c").hand()).isEqualTo(Hand.RIGHT);

        QuarterSquareTriangleUnit four = new QuarterSquareTriangleUnit(FOUR, 4);
        assertThat(counted(four, false, "b", "c", "d", "a")).isEqualTo(counted(four, false, "a", "b", "c", "d"));
        assertThat(counted(four, true, "a", "b", "c", "d").hand()).isEqualTo(Hand.RIGHT);

        CornerFlipUnit oblong = new CornerFlipUnit(FOUR, Length.inches(2), Length.inches(1), 1);
        assertThat(counted(oblong, false, "a", "b").hand()).isEqualTo(Hand.LEFT);
        assertThat(counted(oblong, true, "a", "b").hand()).isEqualTo(Hand.RIGHT);
    }

    private static Counted counted(PatchworkUnit unit, boolean mirrored, String... cloths) {
        return UnitSymmetry.counted(unit, List.of(cloths), mirrored);
    }

    private static Figure lay(Block block, int width, int height) {
        return Figure.of(
                block, Length.inches(width), Length.inches(height), TraditionalBlocks::byKey, MeasureSystem.INCH);
    }
}

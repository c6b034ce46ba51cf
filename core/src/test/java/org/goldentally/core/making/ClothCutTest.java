package org.goldentally.core.making;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.junit.jupiter.api.Test;

/** What pieces are for, and how the units that they are for are called. */
class ClothCutTest {

    private static final CutSize SQUARE = CutSize.square(Length.inches(5));
    private static final UnitsKey OAT_AND_INK =
            new UnitsKey(new HalfSquareTriangleUnit(Length.inches(4)), List.of("oat", "ink"));
    private static final UnitsKey OAT_AND_BRICK =
            new UnitsKey(new HalfSquareTriangleUnit(Length.inches(4)), List.of("oat", "brick"));

    @Test
    void piecesOfOneSizeAddUpAndKeepAllTheirUses() {
        ClothCut one = cut(3, OAT_AND_INK);
        ClothCut both = one.and(cut(4, OAT_AND_BRICK));
        assertThat(both.count()).isEqualTo(7);
        assertThat(both.uses()).containsExactly(new Use.ForUnits(OAT_AND_INK), new Use.ForUnits(OAT_AND_BRICK));
        assertThat(both.and(one).count()).isEqualTo(10);
        assertThat(both.and(one).uses()).as("each use once").hasSize(2);
    }

    /** As choices are kept in quilts: what it is and its cloths, whatever its size. */
    @Test
    void aChoiceIsKeptForUnitsOfAnySize() {
        assertThat(OAT_AND_INK.choice()).isEqualTo("half-square:oat,ink");
        assertThat(new UnitsKey(new HalfSquareTriangleUnit(Length.inches(3)), List.of("oat", "ink")).choice())
                .isEqualTo(OAT_AND_INK.choice());
        assertThat(OAT_AND_INK.text()).isEqualTo("half-square(4,[oat,ink])");
    }

    /** A half is the same whichever of its two cloths is named first. */
    @Test
    void aHalfHasNoFirstCloth() {
        assertThat(Half.of("oat", "ink", SQUARE)).isEqualTo(Half.of("ink", "oat", SQUARE));
        assertThat(Half.of("oat", "ink", SQUARE).one()).isEqualTo("ink");
        assertThat(Half.of("oat", "oat", SQUARE).isOfOneCloth()).isTrue();
        assertThat(Half.of("oat", "ink", SQUARE).isOfOneCloth()).isFalse();
    }

    private static ClothCut cut(int count, UnitsKey units) {
        return new ClothCut("oat", SQUARE, "square", count, new Use.ForUnits(units), "half-square triangles");
    }
}

package org.goldentally.core.quilt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.problem.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class QuiltTopTest {

    private static final SewingSettings INCHES = SewingSettings.usual(MeasureSystem.INCH);
    private static final GeometryFactory JTS = new GeometryFactory();

    @ParameterizedTest(name = "{0} {1} {2} is a block of {3} finished")
    @CsvSource({"BLOCK,FINISHED,8,8", "BLOCK,UNFINISHED,8 1/2,8", "UNIT,FINISHED,4,8", "UNIT,UNFINISHED,4 1/2,8"})
    void anySizeTypedGivesTheBlock(BlockSize.Of of, BlockSize.As as, String typed, int finished) {
        assertThat(new BlockSize(of, as, typed).finishedBlockSize(2, INCHES).orThrow())
                .isEqualTo(Length.inches(finished));
    }

    @Test
    void allProblemsAreNamedAtOnce() {
        RefusedException refused = catchThrowableOfType(
                RefusedException.class,
                () -> QuiltTop.read(
                        INCHES,
                        1_000_000_000,
                        0,
                        new BlockSize(BlockSize.Of.UNIT, BlockSize.As.UNFINISHED, "1/2"),
                        List.of()));
        assertThat(refused.problems())
                .extracting(problem -> problem.where() + ": " + problem.why())
                .containsExactly(
                        "Blocks across: 1000000000 blocks in a row are more than we can plan",
                        "Blocks down: 0 blocks make no top",
                        "Unit size, unfinished: 1/2 in leaves nothing to see of a unit once the seams are taken");
    }

    @Test
    void aFourHundredFootQuiltIsRefused() {
        RefusedException refused = catchThrowableOfType(
                RefusedException.class,
                () -> QuiltTop.read(
                        INCHES, 100, 5, new BlockSize(BlockSize.Of.BLOCK, BlockSize.As.FINISHED, "4 ft"), List.of()));
        assertThat(refused.problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem.why())
                        .isEqualTo("the top would be 4800 in on this side, longer than any bed"));
    }

    @Property(tries = 100)
    void thePatchesOfABlockTileItWithoutGapOrOverlap(
            @ForAll @IntRange(min = 4, max = 200) int eighths,
            @ForAll @Size(4) List<@IntRange(max = 3) Integer> turns) {
        QuiltTop top = new QuiltTop(INCHES, 1, 1, Length.inches(0, eighths, 8), placed(turns));
        Area sum = Area.ZERO;
        Geometry union = JTS.createPolygon();
        for (Patch patch : top.blockPatches()) {
            sum = sum.plus(patch.outline().area());
            Coordinate[] ring = java.util.stream.Stream.concat(
                            patch.outline().corners().stream(),
                            patch.outline().corners().stream().limit(1))
                    .map(p -> new Coordinate(p.x().toDoubleInches(), p.y().toDoubleInches()))
                    .toArray(Coordinate[]::new);
            union = union.union(JTS.createPolygon(ring));
        }
        double side = eighths / 8.0;
        assertThat(sum).isEqualTo(Length.inches(0, eighths, 8).times(Length.inches(0, eighths, 8)));
        assertThat(union.getArea()).isCloseTo(side * side, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(union.getEnvelopeInternal().getMaxX()).isEqualTo(side);
    }

    private static List<PlacedUnit> placed(List<Integer> turns) {
        return List.of(
                new PlacedUnit(0, 0, turns.get(0)),
                new PlacedUnit(1, 0, turns.get(1)),
                new PlacedUnit(0, 1, turns.get(2)),
                new PlacedUnit(1, 1, turns.get(3)));
    }
}

package org.goldentally.core.unit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.FoldedCloth;
import org.goldentally.core.unit.PatchworkUnit.*;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/** The finished patches fill the unit: their areas add up exactly, and a general geometry library (JTS) finds no overlap. */
class UnitDrawingTest {

    static Stream<PatchworkUnit> squaresAndRectangles() {
        Length size = Length.inches(3, 1, 3);
        Stream<PatchworkUnit> corners = IntStream.rangeClosed(1, 4)
                .mapToObj(count -> new CornerFlipUnit(size, Length.inches(5), Length.inches(1, 1, 4), count));
        Stream<PatchworkUnit> hourglasses =
                IntStream.rangeClosed(2, 4).mapToObj(count -> new QuarterSquareTriangleUnit(size, count));
        return Stream.of(
                        corners,
                        hourglasses,
                        Stream.<PatchworkUnit>of(
                                new HalfSquareTriangleUnit(size),
                                new StripSetTriangleUnit(size),
                                new SplitQuarterUnit(size),
                                new FlyingGeeseUnit(size),
                                new PiecedHalfUnit(size, 4),
                                new PlainPatch(size, Length.inches(2)),
                                new StripSetSegment(size, 3)))
                .flatMap(units -> units);
    }

    static Stream<PatchworkUnit> triangles() {
        Length size = Length.inches(6);
        return Stream.of(
                new QuarterSquareTriangle(size), new SideSettingTriangle(size), new CornerSettingTriangle(size));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("squaresAndRectangles")
    void patchesFillTheUnit(PatchworkUnit unit) {
        assertThat(sum(unit)).isEqualTo(unit.finishedWidth().times(unit.finishedHeight()));
        assertNoOverlap(unit);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("triangles")
    void aTriangleIsHalfItsBox(PatchworkUnit unit) {
        assertThat(sum(unit))
                .isEqualTo(unit.finishedWidth().times(unit.finishedHeight()).half());
    }

    private static Area sum(PatchworkUnit unit) {
        Area sum = Area.ZERO;
        for (UnitDrawing.UnitPatch patch : UnitDrawing.of(unit)) {
            sum = sum.plus(patch.outline().area());
        }
        return sum;
    }

    private static void assertNoOverlap(PatchworkUnit unit) {
        Geometry union = FoldedCloth.JTS.createPolygon();
        for (UnitDrawing.UnitPatch patch : UnitDrawing.of(unit)) {
            Coordinate[] ring = Stream.concat(
                            patch.outline().corners().stream(),
                            patch.outline().corners().stream().limit(1))
                    .map(p -> new Coordinate(p.x().toDoubleInches(), p.y().toDoubleInches()))
                    .toArray(Coordinate[]::new);
            union = union.union(FoldedCloth.JTS.createPolygon(ring));
        }
        assertThat(union.getArea()).isCloseTo(sum(unit).toDoubleSquareInches(), within(1e-9));
        assertThat(union.getEnvelopeInternal().getWidth())
                .isCloseTo(unit.finishedWidth().toDoubleInches(), within(1e-9));
    }
}

package org.goldentally.core.block;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** The shelf of blocks: each counted by hand from its drawing, and its patches laid down with a geometry library. */
class TraditionalBlocksTest {

    private static final GeometryFactory JTS = new GeometryFactory();

    /** Units of each kind as counted by hand: half-squares h, hourglasses q and so on, as in {@link BlockNotation}. */
    @ParameterizedTest(name = "{0} has {1}")
    @CsvSource({
        "plain-square, p1",
        "snowball, c1",
        "square-in-square, c1",
        "birds-in-the-air, r1",
        "three-strips, l1",
        "four-patch, p4",
        "pinwheel, h4",
        "broken-dishes, h4",
        "diamond, h4",
        "chevron, h4",
        "bow-tie, c2 p2",
        "big-dipper, q4",
        "double-pinwheel, s4",
        "rail-fence, l4",
        "double-four-patch, p10",
        "striped-pinwheel, z4",
        "nine-patch, p9",
        "friendship-star, h4 p5",
        "shoo-fly, h4 p5",
        "churn-dash, h4 l4 p1",
        "greek-cross, h4 l4 p1",
        "ohio-star, p5 q4",
        "swamp-angel, h4 p1 q4",
        "combination-star, c4 p1 q4",
        "eccentric-star, h8 p1",
        "rolling-stone, c4 l4 p1",
        "card-trick, h4 q1 s4",
        "jacobs-ladder, h4 p20",
        "contrary-wife, h4 p5",
        "split-nine-patch, h3 p6",
        "dutchmans-puzzle, g8",
        "flock-of-geese, h10",
        "crosses-and-losses, h6 p4",
        "lady-of-the-lake, h17",
        "sisters-choice, h8 p17",
        "double-irish-chain, p25",
        "log-cabin, p9",
        "bears-paw, h16 p13",
        "puss-in-the-corner, p9",
        "sawtooth-star, g4 p5",
        "star-within-a-star, g8 p9",
        "kings-crown, g4 p5",
        "spool, h4 p5",
        "row-of-geese, g4",
        "sawtooth-row, h4"
    })
    void unitsAreAsCountedByHand(String key, String counted) {
        Block block = TraditionalBlocks.byKey(key).orElseThrow();
        Map<String, Integer> units = new TreeMap<>();
        for (Figure.FigureUnit unit : laidOut(block).units()) {
            units.merge(letter(unit.unit().name()), 1, Integer::sum);
        }
        assertThat(units.entrySet().stream()
                        .map(entry -> entry.getKey() + entry.getValue())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(counted);
    }

    @Test
    void everyBlockIsCountedAboveAndAllKindsOfUnitsAreUsed() {
        assertThat(TraditionalBlocks.ALL)
                .hasSizeGreaterThanOrEqualTo(30)
                .extracting(Block::key)
                .doesNotHaveDuplicates();
        Set<String> used = TraditionalBlocks.ALL.stream()
                .flatMap(block -> TraditionalBlocks.unitsUsed(block).stream())
                .collect(Collectors.toSet());
        assertThat(used).hasSize((int) Arrays.stream(UnitKind.values())
                .filter(kind -> kind.goesIntoBlocks() && kind != UnitKind.BLOCK)
                .count());
        assertThat(TraditionalBlocks.ALL.stream().map(Block::grid).collect(Collectors.toSet()))
                .contains("2 × 2", "3 × 3", "4 × 4", "5 × 5", "1:2:1 × 1:2:1");
    }

    @Test
    void everyBlockIsDressedWholeAndItsPatchesFillItWithoutOverlap() {
        for (Block block : TraditionalBlocks.ALL) {
            Figure figure = laidOut(block);
            assertThat(figure.flaws()).as(block.name()).isEmpty();
            assertThat(figure.patches())
                    .as(block.name())
                    .noneMatch(patch -> patch.cloth().isEmpty());
            assertThat(figure.patches().stream()
                            .map(patch -> patch.outline().area())
                            .reduce(Area.ZERO, Area::plus))
                    .as(block.name())
                    .isEqualTo(figure.area());
            List<Geometry> outlines = new ArrayList<>();
            figure.patches().forEach(patch -> outlines.add(jts(patch.outline())));
            Geometry union = UnaryUnionOp.union(outlines);
            assertThat(union.getArea())
                    .as(block.name())
                    .isCloseTo(figure.area().toDoubleSquareInches(), org.assertj.core.data.Offset.offset(1e-6));
            assertThat(union.getEnvelopeInternal().getWidth())
                    .isCloseTo(figure.finishedWidth().toDoubleInches(), org.assertj.core.data.Offset.offset(1e-9));
        }
    }

    @ParameterizedTest(name = "looking for “{0}” finds {1}")
    @CsvSource({
        "ohio, Ohio Star",
        "3 x 3 hourglass corner flip, Combination Star",
        "7 × 7, Bear's Paw",
        "jacobs, Jacob's Ladder",
        "1:2:1 goose crown, King's Crown",
        "pieced half, Birds in the Air"
    })
    void blocksAreFoundByNameGridAndUnits(String words, String name) {
        assertThat(TraditionalBlocks.find(words)).extracting(Block::name).containsExactly(name);
    }

    @Test
    void nothingIsFoundForWordsThatNoBlockHas() {
        assertThat(TraditionalBlocks.find("submarine")).isEmpty();
        assertThat(TraditionalBlocks.find("  ")).hasSameSizeAs(TraditionalBlocks.ALL);
    }

    private static Figure laidOut(Block block) {
        return Figure.of(
                block,
                Length.inches(block.across()).times(4),
                Length.inches(block.down()).times(4),
                TraditionalBlocks::byKey,
                MeasureSystem.INCH);
    }

    private static String letter(String unit) {
        return unit.startsWith("half-square")
                ? "h"
                : unit.startsWith("hourglass")
                        ? "q"
                        : unit.startsWith("split")
                                ? "s"
                                : unit.startsWith("flying")
                                        ? "g"
                                        : unit.startsWith("corner")
                                                ? "c"
                                                : unit.startsWith("segment")
                                                        ? "l"
                                                        : unit.startsWith("strip-set")
                                                                ? "z"
                                                                : unit.startsWith("pieced") ? "r" : "p";
    }

    static Geometry jts(org.goldentally.core.geometry.Polygon polygon) {
        List<Coordinate> ring = new ArrayList<>();
        polygon.corners()
                .forEach(corner -> ring.add(
                        new Coordinate(corner.x().toDoubleInches(), corner.y().toDoubleInches())));
        ring.add(ring.getFirst());
        return JTS.createPolygon(ring.toArray(Coordinate[]::new));
    }
}

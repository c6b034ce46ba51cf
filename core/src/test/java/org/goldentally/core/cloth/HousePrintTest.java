package org.goldentally.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.goldentally.core.cloth.HousePrint.Corner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

class HousePrintTest {

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** A tile repeats without a break only if nothing hangs over its edges; a general geometry library tells whole outlines. */
    @ParameterizedTest
    @EnumSource
    void everythingIsDrawnWithinItsTile(HousePrint print) {
        for (HousePrint.Shape shape : print.shapes()) {
            assertThat(shape.outline())
                    .allMatch(at -> at.x() >= -1e-9 && at.x() <= print.width() + 1e-9)
                    .allMatch(at -> at.y() >= -1e-9 && at.y() <= print.height() + 1e-9);
            assertThat(outline(shape.outline()).isValid()).isTrue();
            assertThat(outline(shape.outline()).getArea()).isPositive();
        }
    }

    /** More than half of a fabric stays its own colour, so that a judged value stays true. */
    @ParameterizedTest
    @EnumSource
    void mostOfAPrintIsItsGround(HousePrint print) {
        double drawn = print.shapes().stream()
                .filter(shape -> shape.tone() != HousePrint.Tone.FAINT)
                .mapToDouble(shape -> outline(shape.outline()).getArea())
                .sum();
        assertThat(drawn / print.width() / print.height()).isLessThan(0.5);
    }

    private static org.locationtech.jts.geom.Polygon outline(List<Corner> corners) {
        Coordinate[] ring = IntStream.rangeClosed(0, corners.size())
                .mapToObj(i -> corners.get(i % corners.size()))
                .map(corner -> new Coordinate(corner.x(), corner.y()))
                .toArray(Coordinate[]::new);
        return GEOMETRY.createPolygon(ring);
    }

    @ParameterizedTest
    @CsvSource({
        "navy stripe, STRIPE",
        "red gingham, CHECK",
        "Rosebuds on cream, FLORAL",
        "oat, PLAIN",
        "starfish, PLAIN",
        "polka dots, DOT",
        "ivy leaves, LEAF"
    })
    void aNameThatSaysAPrintIsTakenAtItsWord(String fabric, HousePrint print) {
        assertThat(HousePrint.named(fabric)).isEqualTo(print);
    }

    @Test
    void printsOfAPackFollowItsNameOrTakeTurns() {
        Set<HousePrint> turns = new HashSet<>();
        for (int place = 0; place < 10; place++) {
            turns.add(HousePrint.ofPack("harvest", place));
            assertThat(HousePrint.ofPack("garden florals", place)).isEqualTo(HousePrint.FLORAL);
            assertThat(HousePrint.ofPack("winter solids", place)).isEqualTo(HousePrint.PLAIN);
        }
        assertThat(turns).hasSize(10).doesNotContain(HousePrint.PLAIN);
    }

    @ParameterizedTest
    @EnumSource
    void aPrintIsFoundByItsName(HousePrint print) {
        assertThat(HousePrint.of(print.displayName())).contains(print);
    }
}

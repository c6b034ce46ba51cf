package org.goldentally.core.quilt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Block.Half;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.design.SettingDesign.Between;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.measure.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

class HalvesTest {

    private static final GeometryFactory JTS = new GeometryFactory();

    @Test
    void ofATurnedBlockTheRightHalfIsWhatWasItsUpperOne() {
        assertThat(Half.RIGHT.before(false, 0)).isEqualTo(Half.RIGHT);
        assertThat(Half.RIGHT.before(false, 1)).isEqualTo(Half.UPPER);
        assertThat(Half.RIGHT.before(true, 0)).isEqualTo(Half.LEFT);
        assertThat(Half.RIGHT.before(true, 1)).isEqualTo(Half.UPPER);
    }

    /** A half at the end of a shifted row shows what a whole block there, turned and mirrored alike, shows of that half. */
    @Tries(60)
    void aHalfIsTheHalfOfTheBlockAsItStands(Chance chance) {
        int turns = chance.between(0, 3);
        boolean mirrored = chance.flag();
        boolean leftEnd = chance.flag();
        String block = chance.of("pinwheel", "broken-dishes", "big-dipper", "dutchmans-puzzle");
        int column = leftEnd ? 0 : 2;
        QuiltTop top = Tops.of(2, 2, "8", block)
                .set(Kind.HALF_DROP)
                .place(1, column, "", turns, mirrored)
                .place(0, 0, "", turns, mirrored)
                .top();
        TopPart half = top.part(new PartId.BlockAt(1, column)).orElseThrow();
        TopPart whole = top.part(new PartId.BlockAt(0, 0)).orElseThrow();
        assertThat(half.kind()).isEqualTo(TopPart.Kind.HALF_BLOCK);
        // The whole block lies at 0..8; its seen half is moved to where the half lies.
        double from = leftEnd ? 4 : 0;
        double shift = leftEnd ? -4 : 12;
        Geometry window = JTS.toGeometry(new Envelope(from, from + 4, 0, 8));
        for (Drawn seen : drawn(half)) {
            double same = drawn(whole).stream()
                    .filter(other -> other.cloth.equals(seen.cloth))
                    .mapToDouble(other -> moved(other.outline.intersection(window), shift, 8)
                            .intersection(seen.outline)
                            .getArea())
                    .sum();
            assertThat(same)
                    .as(seen.cloth)
                    .isCloseTo(seen.outline.getArea(), org.assertj.core.data.Offset.offset(1e-9));
        }
    }

    private record Drawn(Polygon outline, String cloth) {}

    private static List<Drawn> drawn(TopPart part) {
        List<org.goldentally.core.geometry.Polygon> outlines = part.outlines();
        return java.util.stream.IntStream.range(0, outlines.size())
                .mapToObj(i -> new Drawn(
                        jts(outlines.get(i)), part.figure().patches().get(i).cloth()))
                .sorted(Comparator.comparing(Drawn::cloth))
                .toList();
    }

    private static Geometry moved(Geometry geometry, double right, double down) {
        return org.locationtech.jts.geom.util.AffineTransformation.translationInstance(right, down)
                .transform(geometry);
    }

    private static Polygon jts(org.goldentally.core.geometry.Polygon polygon) {
        Coordinate[] ring = new Coordinate[polygon.corners().size() + 1];
        for (int i = 0; i < ring.length; i++) {
            var corner = polygon.corners().get(i % polygon.corners().size());
            ring[i] = new Coordinate(corner.x().toDoubleInches(), corner.y().toDoubleInches());
        }
        return JTS.createPolygon(ring);
    }

    /** 4 × 4 on point are 16 blocks and 3 × 3 places between them (counting). */
    @ParameterizedTest
    @CsvSource({
        "SAME, 25, 25, 16 blocks and 9 between them",
        "OTHER, 25, 25, 16 blocks and 9 between them",
        "PLAIN, 16, 16, 16 blocks and 9 plain squares between them",
        "OPEN, 16, 16, 16 blocks and 9 places left open between them"
    })
    void whatStandsBetweenBlocksOnPointIsSaidAndChosen(Between between, int blocks, int counted, String said) {
        Tops tops =
                Tops.of(4, 4, "6", "pinwheel", "ohio-star").set(Kind.ON_POINT).turns("pinwheel");
        QuiltTop top = tops.between(between, "ohio-star").top();
        assertThat(top.blocksInWords()).isEqualTo(said);
        assertThat(top.blockCount()).isEqualTo(blocks);
        assertThat(top.parts().stream()
                        .filter(part -> part.row() % 2 == 1)
                        .map(TopPart::name)
                        .distinct())
                .containsExactly(
                        switch (between) {
                            case SAME -> "Pinwheel";
                            case OTHER -> "Ohio Star";
                            case PLAIN -> "plain square between";
                            case OPEN -> "place left open";
                        });
        long squares = TopCount.of(top).pieces().stream()
                .filter(group -> group.unit().namedSize().equals(Length.inches(6)))
                .mapToLong(TopCount.Group::count)
                .sum();
        assertThat(squares).isEqualTo(25 - counted);
    }

    @Test
    void aHalfIsABlockOfItsOwn() {
        Block pinwheel = Tops.of(1, 1, "8", "pinwheel").design().blocks().getFirst();
        assertThat(pinwheel.half(Half.UPPER).orElseThrow().grid()).isEqualTo("2 × 1");
        assertThat(pinwheel.half(Half.LEFT).orElseThrow().grid()).isEqualTo("1 × 2");
        assertThat(pinwheel.half(Half.LOWER).orElseThrow().key())
                .isNotEqualTo(pinwheel.half(Half.UPPER).orElseThrow().key());
    }
}

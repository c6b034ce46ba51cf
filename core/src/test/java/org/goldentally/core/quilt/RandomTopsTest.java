package org.goldentally.core.quilt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.assertj.core.data.Offset;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.block.PartKind;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Area;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** Tops put together at random: whatever the quilter does, nothing is forgotten and nothing counted twice. */
class RandomTopsTest {

    private static final GeometryFactory JTS = new GeometryFactory();

    @Property(tries = 120)
    void patchesFillTheTopWithoutGapOrOverlap(@ForAll("tops") Tops tops) {
        QuiltTop top = tops.top();
        Area sum = Area.ZERO;
        List<Geometry> outlines = new ArrayList<>();
        for (TopPart part : top.parts()) {
            for (Polygon outline : part.outlines()) {
                sum = sum.plus(outline.area());
                outlines.add(jts(outline));
            }
        }
        assertThat(sum).isEqualTo(top.area());
        Geometry union = UnaryUnionOp.union(outlines);
        Offset<Double> thread = Offset.offset(1e-6 * top.area().toDoubleSquareInches());
        assertThat(union.getArea()).isCloseTo(top.area().toDoubleSquareInches(), thread);
        assertThat(union.getEnvelope().getArea()).isCloseTo(top.area().toDoubleSquareInches(), thread);
        assertThat(union.getEnvelopeInternal().getMinX()).isCloseTo(0, Offset.offset(1e-9));
    }

    @Property(tries = 120)
    void countsEqualAWalkOverAllPatches(@ForAll("tops") Tops tops) {
        QuiltTop top = tops.top();
        TopCount count = TopCount.of(top);
        Map<String, Long> walked = new TreeMap<>();
        Map<String, Area> walkedAreas = new TreeMap<>();
        Area blank = Area.ZERO;
        long patches = 0;
        for (TopPart part : top.parts()) {
            List<Polygon> outlines = part.outlines();
            Map<Integer, List<String>> clothsOfUnit = new TreeMap<>();
            for (int i = 0; i < outlines.size(); i++) {
                FigurePatch patch = part.figure().patches().get(i);
                if (patch.isBlank()) {
                    blank = blank.plus(outlines.get(i).area());
                    continue;
                }
                patches++;
                walkedAreas.merge(patch.cloth(), outlines.get(i).area(), Area::plus);
                clothsOfUnit
                        .computeIfAbsent(patch.unit(), any -> new ArrayList<>())
                        .add(patch.cloth());
            }
            clothsOfUnit.values().forEach(cloths -> {
                cloths.sort(null);
                walked.merge(cloths.toString(), 1L, Long::sum);
            });
        }
        Map<String, Long> counted = new TreeMap<>();
        for (TopCount.Group group : count.all()) {
            counted.merge(group.cloths().stream().sorted().toList().toString(), group.count(), Long::sum);
        }
        assertThat(counted).isEqualTo(walked);
        assertThat(count.all().stream()
                        .mapToLong(group -> group.count() * group.patchesEach())
                        .sum())
                .isEqualTo(patches);
        assertThat(count.areas()).isEqualTo(walkedAreas);
        assertThat(count.blankArea()).isEqualTo(blank);
    }

    /** Turned, a unit is the same; mirrored, it may be the other hand: so the sum of both hands never changes. */
    @Property(tries = 60)
    void turningABlockChangesNoCountAndMirroringOnlyHands(@ForAll("blockKeys") String key, @ForAll("turns") int turns) {
        TopCount plain = TopCount.of(Tops.of(1, 1, "12", key).top());
        TopCount turned = TopCount.of(
                Tops.of(1, 1, "12", key).place(0, 0, "", turns, false).top());
        TopCount mirrored = TopCount.of(
                Tops.of(1, 1, "12", key).place(0, 0, "", turns, true).top());
        assertThat(counts(turned, true)).isEqualTo(counts(plain, true));
        assertThat(counts(mirrored, false)).isEqualTo(counts(plain, false));
    }

    private static Map<String, Long> counts(TopCount count, boolean hands) {
        Map<String, Long> counts = new TreeMap<>();
        count.all()
                .forEach(group -> counts.merge(
                        group.label() + group.unit() + group.cloths() + (hands ? group.hand() : ""),
                        group.count(),
                        Long::sum));
        return counts;
    }

    @Provide
    Arbitrary<Integer> turns() {
        return Arbitraries.integers().between(0, 3);
    }

    @Provide
    Arbitrary<String> blockKeys() {
        return Arbitraries.of(TraditionalBlocks.ALL.stream()
                .filter(block -> block.across() == block.down())
                .map(Block::key)
                .toList());
    }

    @Provide
    Arbitrary<Tops> tops() {
        Arbitrary<Tops> plain = Combinators.combine(
                        Arbitraries.integers().between(1, 4),
                        Arbitraries.integers().between(1, 4),
                        Arbitraries.of("6", "7 1/2", "12", "10/3"),
                        blockKeys(),
                        blockKeys(),
                        Arbitraries.of(Kind.values()),
                        turns(),
                        Arbitraries.of(true, false))
                .as((across, down, size, one, other, kind, turns, mirrored) -> Tops.of(across, down, size, one, other)
                        .set(kind)
                        .place(0, 0, other, turns, mirrored, new Exchange("b", "d")));
        return Combinators.combine(
                        plain,
                        Arbitraries.integers().between(0, 3),
                        Arbitraries.integers().between(0, 5),
                        Arbitraries.of(Corners.values()),
                        Arbitraries.of(true, false))
                .as((tops, sashing, border, corners, flag) -> {
                    if (sashing > 0 && tops.design().setting().kind() != Kind.HALF_DROP) {
                        tops.sash(
                                sashing == 1 ? "1" : "1 1/2",
                                sashing == 3 ? "e" : "",
                                flag,
                                sashing == 2
                                        ? UnitDesign.of(PartKind.HALF_SQUARE, 0, "b", "a")
                                        : UnitDesign.plain("c"));
                    }
                    return border(tops, border, corners, flag);
                });
    }

    private static Tops border(Tops tops, int border, Corners corners, boolean flag) {
        UnitDesign goose = UnitDesign.of(PartKind.FLYING_GOOSE, flag ? 0 : 1, "b", "a", "a");
        return switch (border) {
            case 0 -> tops;
            case 1 -> tops.border(BorderDesign.plain("2 1/2", "b", corners));
            case 2 -> tops.border(Tops.hourglasses("2"));
            case 3 -> tops.border(Tops.spacer("1/2")).border(Tops.pieced("1 1/2", corners, flag, goose));
            case 4 ->
                tops.border(BorderDesign.plain("1", "c", corners))
                        .border(Tops.pieced("3", corners, flag, goose, UnitDesign.plain("d")));
            default -> tops.border(BorderDesign.plain("1", "c", corners)).border(BorderDesign.plain("4", "", corners));
        };
    }

    private static Geometry jts(Polygon polygon) {
        List<Coordinate> ring = new ArrayList<>();
        polygon.corners()
                .forEach(corner -> ring.add(
                        new Coordinate(corner.x().toDoubleInches(), corner.y().toDoubleInches())));
        ring.add(ring.getFirst());
        return JTS.createPolygon(ring.toArray(Coordinate[]::new));
    }
}

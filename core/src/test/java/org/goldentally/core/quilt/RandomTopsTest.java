package org.goldentally.core.quilt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.goldentally.core.design.BorderSideDesign.Side.LEFT;
import static org.goldentally.core.design.BorderSideDesign.Side.LOWER;
import static org.goldentally.core.design.BorderSideDesign.Side.RIGHT;
import static org.goldentally.core.design.BorderSideDesign.Side.UPPER;
import static org.goldentally.core.design.BorderSideDesign.none;
import static org.goldentally.core.design.BorderSideDesign.pieced;
import static org.goldentally.core.design.BorderSideDesign.plain;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.assertj.core.data.Offset;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.SashingDesign;
import org.goldentally.core.design.SettingDesign.Between;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Area;
import org.goldentally.core.unit.UnitKind;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/** Tops put together at random: whatever the quilter does, nothing is forgotten and nothing counted twice. */
class RandomTopsTest {

    private static final GeometryFactory JTS = new GeometryFactory();

    @Tries(120)
    void patchesFillTheTopWithoutGapOrOverlap(Chance chance) {
        Tops tops = tops(chance);
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

    @Tries(120)
    void countsEqualAWalkOverAllPatches(Chance chance) {
        Tops tops = tops(chance);
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
    @Tries(60)
    void turningABlockChangesNoCountAndMirroringOnlyHands(Chance chance) {
        String key = blockKeys(chance);
        int turns = turns(chance);
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

    private static int turns(Chance chance) {
        return chance.between(0, 3);
    }

    private static String blockKeys(Chance chance) {
        return chance.of(TraditionalBlocks.ALL.stream()
                .filter(block -> block.across() == block.down())
                .map(Block::key)
                .toList());
    }

    private static Tops tops(Chance chance) {
        String size = chance.of("6", "7 1/2", "12", "10/3");
        String other = blockKeys(chance);
        Kind kind = chance.of(Kind.values());
        Tops tops = Tops.of(chance.between(1, 4), chance.between(1, 4), size, blockKeys(chance), other)
                .set(kind)
                .between(chance.of(Between.values()), other)
                .place(0, 0, other, turns(chance), chance.flag(), new Exchange("b", "d"))
                .place(1, 0, "", turns(chance), chance.flag());
        int sashing = chance.between(0, 3);
        boolean flag = chance.flag();
        if (sashing > 0 && kind != Kind.HALF_DROP) {
            tops.sash(
                    sashing == 1 ? "1" : "1 1/2",
                    sashing == 3 ? "e" : "",
                    flag,
                    sashing == 2 ? UnitDesign.of(UnitKind.HALF_SQUARE, 0, "b", "a") : UnitDesign.plain("c"));
            if (kind == Kind.STRAIGHT) {
                tops.sashed(chance.of(SashingDesign.Between.values()));
            }
        }
        return border(tops, chance.between(0, 7), chance.of(Corners.values()), flag);
    }

    private static Tops border(Tops tops, int border, Corners corners, boolean flag) {
        UnitDesign goose = UnitDesign.of(UnitKind.FLYING_GOOSE, flag ? 0 : 1, "b", "a", "a");
        return switch (border) {
            case 0 -> tops;
            case 1 -> tops.border(BorderDesign.plain("2 1/2", "b", corners));
            case 2 -> tops.border(Tops.hourglasses("2"));
            case 3 -> tops.border(Tops.spacer("1/2")).border(Tops.pieced("1 1/2", corners, flag, goose));
            case 4 ->
                tops.border(BorderDesign.plain("1", "c", corners))
                        .border(Tops.pieced("3", corners, flag, goose, UnitDesign.plain("d")));
            case 5 -> tops.border(BorderDesign.plain("2", "b", corners).unlike(none(LEFT), plain(LOWER, "3 1/2", "d")));
            case 6 ->
                tops.border(Tops.hourglasses("2").unlike(plain(UPPER, "5", "c"), pieced(RIGHT, "1 1/2", goose, goose)))
                        .border(BorderDesign.plain("1", "c", corners)
                                .unlike(pieced(UPPER, "3", goose), none(RIGHT), plain(LEFT, "1", "e")));
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

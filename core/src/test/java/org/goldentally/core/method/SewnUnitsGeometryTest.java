package org.goldentally.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.goldentally.core.method.FoldedCloth.JTS;
import static org.goldentally.core.method.FoldedCloth.seam;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.OwnCut;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.FoldedCloth.Seam;
import org.goldentally.core.unit.Hands;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.SideSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.SplitQuarterUnit;
import org.goldentally.core.unit.PatchworkUnit.StripSetTriangleUnit;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Raw sizes and yields of the methods beyond pairs of squares, against sewing carried out with a general geometry library
 * (JTS), at 20 sizes and 3 seams: pieces laid, stitched, cut, mirrored across their seams, and measured.
 */
class SewnUnitsGeometryTest {

    private static final double CLOSE = 1e-5;

    static Stream<Arguments> sizesAndSeams() {
        return IntStream.rangeClosed(1, 20)
                .mapToObj(i -> Length.inches(0, 3 * i + 7, 8))
                .flatMap(size -> Stream.of(Length.inches(0, 1, 4), Length.inches(0, 3, 16), Length.centimetres(0, 3, 4))
                        .map(seam -> Arguments.of(size, seam)));
    }

    @ParameterizedTest(name = "{0} finished, seam {1}")
    @MethodSource("sizesAndSeams")
    void hourglasses(Length finished, Length seamAllowance) {
        Recipe recipe = recipe(new QuarterSquareTriangleUnit(finished, 2), "hourglass-crossed-pairs", seamAllowance);
        double a = seamAllowance.toDoubleInches();
        double half = openTwoAtATime(cutWidth(recipe, 0), a);
        // The half-square triangle has its seam from corner to corner; the second seam crosses it.
        Polygon layer = FoldedCloth.rectangle(0, 0, half, half);
        Seam second = seam(a * Math.sqrt(2), 0, half, half - a * Math.sqrt(2));
        Polygon part = below(layer, seam(0, 0, half, half));
        Geometry opened = FoldedCloth.open(part, second);
        assertThat(FoldedCloth.largestSquareOnSeam(opened, second)).isCloseTo(raw(recipe), within(CLOSE));
        // The first seam meets the second in the middle: that is the centre to trim by.
        Coordinate crossing =
                second.line().intersection(seam(0, half, half, 0).line()).getCoordinate();
        assertThat(crossing.distance(second.from())).isCloseTo(crossing.distance(second.to()), within(CLOSE));
    }

    @ParameterizedTest(name = "{0} finished, seam {1}")
    @MethodSource("sizesAndSeams")
    void splitQuarters(Length finished, Length seamAllowance) {
        Recipe recipe = recipe(new SplitQuarterUnit(finished), "split-quarter-pair", seamAllowance);
        double a = seamAllowance.toDoubleInches();
        double half = openTwoAtATime(cutWidth(recipe, 0), a);
        double plain = cutWidth(recipe, 2);
        // Laid corner on corner at the ends of the diagonal as far as both reach.
        double side = Math.min(half, plain);
        Seam second = seam(a * Math.sqrt(2), 0, side, side - a * Math.sqrt(2));
        Polygon part = below(FoldedCloth.rectangle(0, 0, side, side), seam(0, 0, side, side));
        assertThat(FoldedCloth.largestSquareOnSeam(FoldedCloth.open(part, second), second))
                .isCloseTo(raw(recipe), within(CLOSE));
    }

    @ParameterizedTest(name = "{0} wide, seam {1}")
    @MethodSource("sizesAndSeams")
    void geeseFourAtATime(Length finishedWidth, Length seamAllowance) {
        Recipe recipe = recipe(new FlyingGeeseUnit(finishedWidth.times(2)), "geese-four-at-a-time", seamAllowance);
        double l = cutWidth(recipe, 0);
        double s = cutWidth(recipe, 1);
        double off = seamAllowance.toDoubleInches() * Math.sqrt(2);
        Seam first = seam(off, 0, l, l - off);
        Seam second = seam(0, l - off, l - off, 0);
        // The lower half of the large square, its first wing opened over the first seam ...
        Polygon body = below(below(FoldedCloth.rectangle(0, 0, l, l), first), second);
        Polygon wing = below(below(FoldedCloth.rectangle(0, 0, s, s), first), seam(0, l, l, 0));
        // ... and a wing from the square in the right-angled corner, opened over the second.
        Polygon otherWing = below(below(FoldedCloth.rectangle(l - s, 0, s, s), second), seam(0, 0, l, l));
        Geometry goose = body.union(FoldedCloth.mirror(wing, first))
                .union(FoldedCloth.mirror(otherWing, second))
                .buffer(1e-7);
        double width = recipe.sizes().rawWidth().toDoubleInches();
        double height = recipe.sizes().rawHeight().toDoubleInches();
        assertThat(goose.covers(FoldedCloth.rectangle(off, 0, width, height))).isTrue();
        assertThat(goose.covers(FoldedCloth.rectangle(off, 0, width, height + 1e-4)))
                .isFalse();
        assertThat(goose.covers(FoldedCloth.rectangle(off, 0, width + 1e-4, 0.01)))
                .isFalse();
        // The point lies half the finished height's seam below the raw edge at least: it is not cut off.
        double point = width / 2;
        assertThat(recipe.sizes().trimmedHeight().toDoubleInches() - point)
                .isLessThanOrEqualTo(seamAllowance.toDoubleInches() + CLOSE);
    }

    @ParameterizedTest(name = "{0} finished, seam {1}")
    @MethodSource("sizesAndSeams")
    void stripTubes(Length finished, Length seamAllowance) {
        Recipe recipe = recipe(new HalfSquareTriangleUnit(finished), "strip-tube", seamAllowance);
        double w = recipe.cuts().getFirst().size().height().toDoubleInches();
        double length = cutWidth(recipe, 0);
        double a = seamAllowance.toDoubleInches();
        Polygon triangle = triangle(0, 0, 2 * w, 0, w, w);
        Seam held = seam(a, a, 2 * w - a, a);
        assertThat(FoldedCloth.largestSquareOnSeam(FoldedCloth.open(triangle, held), held))
                .isCloseTo(raw(recipe), within(CLOSE));
        assertThat(alternateTriangles(w, length)).isEqualTo(recipe.unitsPerSet());
    }

    @ParameterizedTest(name = "{0} finished, seam {1}")
    @MethodSource("sizesAndSeams")
    void stripSetTriangles(Length finished, Length seamAllowance) {
        Recipe recipe = recipe(new StripSetTriangleUnit(finished), "strip-set-triangles", seamAllowance);
        double a = seamAllowance.toDoubleInches();
        double strip = recipe.cuts().getFirst().size().height().toDoubleInches();
        double h = FoldedCloth.open(FoldedCloth.rectangle(0, 0, 10, strip), seam(0, a, 10, a))
                .getEnvelopeInternal()
                .getHeight();
        Seam held = seam(a, a, 2 * h - a, a);
        assertThat(FoldedCloth.largestSquareOnSeam(FoldedCloth.open(triangle(0, 0, 2 * h, 0, h, h), held), held))
                .isCloseTo(raw(recipe), within(CLOSE));
        int triangles = alternateTriangles(h, cutWidth(recipe, 0));
        // Two sets begun opposite ways have as many of each kind as one set has in all; two make a unit.
        assertThat(recipe.hands()).isEqualTo(new Hands(triangles / 2, triangles / 2));
    }

    @ParameterizedTest(name = "{0} finished, seam {1}")
    @MethodSource("sizesAndSeams")
    void bias(Length finished, Length seamAllowance) {
        SewingSettings settings = settings(seamAllowance);
        ClothPiece piece = ClothPiece.square(Length.inches(16));
        if (finished.isLongerThan(Length.inches(5))) {
            return;
        }
        Recipe recipe = Methods.byKey("bias-strips")
                .orElseThrow()
                .recipe(new HalfSquareTriangleUnit(finished), settings, piece);
        double a = seamAllowance.toDoubleInches();
        double diagonal = recipe.sizes().rawWidth().toDoubleInches() * Math.sqrt(2);
        double b = Math.ceil((diagonal / 2 + 2 * a) * 8 - 1e-9) / 8;
        int most = 0;
        for (int beside = 0; beside < 12; beside++) {
            most = Math.max(most, layOnBiasPanel(16, b, a, diagonal, beside));
        }
        assertThat(recipe.unitsPerSet()).isEqualTo(2 * most);
    }

    /**
     * Lays half units on every strip of one panel, along both of its seams, and counts them: every half must lie in its
     * strip, and no two on one strip may overlap. Returns 0 if that many seams do not fit.
     */
    private static int layOnBiasPanel(double s, double b, double a, double diagonal, int beside) {
        double rootTwo = Math.sqrt(2);
        int units = 0;
        for (int side = 0; side < (beside == 0 ? 1 : 2); side++) {
            for (int j = 0; j <= beside; j++) {
                double cut = j * b * rootTwo;
                double usable = (s - cut) * rootTwo - 2 * a - 2 * a * (beside - j);
                int onSeam = (int) Math.floor(usable / diagonal + 1e-9);
                if (onSeam < 1) {
                    return 0;
                }
                // The strip outside this seam, in its own cloth: from its stitching to that of the next seam outwards.
                double low = cut + a * rootTwo;
                double high = j < beside ? (j + 1) * b * rootTwo - a * rootTwo : s;
                Geometry strip = JTS.createPolygon(new Coordinate[] {
                            new Coordinate(0, low),
                            new Coordinate(0, high),
                            new Coordinate(s - high, s),
                            new Coordinate(s - low, s),
                            new Coordinate(0, low)
                        })
                        .buffer(1e-7);
                List<Polygon> halves = new ArrayList<>(halvesAlong(low, 2 * a * (beside - j), onSeam, diagonal, true));
                if (j < beside) {
                    double nextUsable = (s - (j + 1) * b * rootTwo) * rootTwo - 2 * a - 2 * a * (beside - j - 1);
                    int onNext = (int) Math.floor(nextUsable / diagonal + 1e-9);
                    // On its inner side the next seam is 2a longer at either end; its units start where the outer side
                    // does.
                    halves.addAll(halvesAlong(high, 2 * a + 2 * a * (beside - j - 1), onNext, diagonal, false));
                }
                for (int i = 0; i < halves.size(); i++) {
                    assertThat(strip.covers(halves.get(i)))
                            .as("half %s in its strip", i)
                            .isTrue();
                    for (int k = i + 1; k < halves.size(); k++) {
                        assertThat(halves.get(i).intersection(halves.get(k)).getArea())
                                .as("halves %s and %s", i, k)
                                .isLessThan(1e-6);
                    }
                }
                if (!(j == 0 && side == 1)) {
                    units += onSeam;
                }
            }
        }
        return units;
    }

    /** Right triangles standing side by side on the line y = x + offset, from a distance along it. */
    private static List<Polygon> halvesAlong(double offset, double start, int count, double diagonal, boolean above) {
        double leg = diagonal / Math.sqrt(2);
        List<Polygon> halves = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double x = (start + i * diagonal) / Math.sqrt(2);
            double y = x + offset;
            halves.add(
                    above
                            ? triangle(x, y, x + leg, y + leg, x, y + leg)
                            : triangle(x, y, x + leg, y + leg, x + leg, y));
        }
        return halves;
    }

    @ParameterizedTest(name = "block {0}, seam {1}")
    @MethodSource("sizesAndSeams")
    void settingTrianglesReachOneSeamBeyondTheFinishedTriangle(Length block, Length seamAllowance) {
        double a = seamAllowance.toDoubleInches();
        double b = block.toDoubleInches();
        // A triangle grown by a seam on every side, mitred: what has to be cut.
        double longSide = b * Math.sqrt(2);
        assertThat(cutExactly(new SideSettingTriangle(block), seamAllowance))
                .isGreaterThanOrEqualTo(
                        grownLongSide(triangle(0, 0, longSide, 0, longSide / 2, longSide / 2), a) - CLOSE);
        double leg = b / Math.sqrt(2);
        assertThat(cutExactly(new CornerSettingTriangle(block), seamAllowance))
                .isGreaterThanOrEqualTo(grownLongSide(triangle(0, 0, leg, 0, 0, leg), a) / Math.sqrt(2) - CLOSE);
        assertThat(cutExactly(new CornerSettingTriangle(block), seamAllowance))
                .isLessThan(grownLongSide(triangle(0, 0, leg, 0, 0, leg), a) / Math.sqrt(2) + 0.125);
    }

    private static double grownLongSide(Polygon finished, double a) {
        var mitred = new org.locationtech.jts.operation.buffer.BufferParameters();
        mitred.setJoinStyle(org.locationtech.jts.operation.buffer.BufferParameters.JOIN_MITRE);
        mitred.setMitreLimit(10);
        Geometry grown = org.locationtech.jts.operation.buffer.BufferOp.bufferOp(finished, a, mitred);
        Coordinate[] ring = grown.getCoordinates();
        double longest = 0;
        for (int i = 1; i < ring.length; i++) {
            longest = Math.max(longest, ring[i].distance(ring[i - 1]));
        }
        return longest;
    }

    private static double cutExactly(PatchworkUnit unit, Length seamAllowance) {
        SewingSettings exact = settings(seamAllowance).with(Allowance.EXACT);
        return Methods.making(unit)
                .getFirst()
                .recipe(unit, exact, ClothPiece.square(Length.inches(20)))
                .cuts()
                .getFirst()
                .size()
                .width()
                .toDoubleInches();
    }

    /** How many 45 degree triangles of a height, turned alternately, lie in a band of a length, by laying them down. */
    private static int alternateTriangles(double height, double length) {
        Geometry band = FoldedCloth.rectangle(0, 0, length, height).buffer(1e-7);
        Polygon upright = triangle(0, 0, 2 * height, 0, height, height);
        Polygon turned = triangle(0, height, 2 * height, height, height, 0);
        int count = 0;
        Geometry last = JTS.createPolygon();
        while (true) {
            Geometry next = AffineTransformation.translationInstance(count * height, 0)
                    .transform(count % 2 == 0 ? upright : turned);
            assertThat(next.intersection(last).getArea()).isLessThan(1e-6);
            if (!band.covers(next)) {
                return count;
            }
            last = next;
            count++;
        }
    }

    private static double openTwoAtATime(double s, double a) {
        Seam stitch = seam(a * Math.sqrt(2), 0, s, s - a * Math.sqrt(2));
        Polygon part = below(FoldedCloth.rectangle(0, 0, s, s), seam(0, 0, s, s));
        return FoldedCloth.largestSquareOnSeam(FoldedCloth.open(part, stitch), stitch);
    }

    /** The part of a layer on the lower right of a rising line, or on the lower left of a falling one. */
    private static Polygon below(Polygon layer, Seam line) {
        double dx = line.to().x - line.from().x;
        double dy = line.to().y - line.from().y;
        return FoldedCloth.cut(layer, List.of(FoldedCloth.longer(line))).stream()
                .filter(part -> {
                    Coordinate inside = part.getInteriorPoint().getCoordinate();
                    return dx * (inside.y - line.from().y) - dy * (inside.x - line.from().x) < 0;
                })
                .findFirst()
                .orElseThrow();
    }

    private static Polygon triangle(double x1, double y1, double x2, double y2, double x3, double y3) {
        return JTS.createPolygon(new Coordinate[] {
            new Coordinate(x1, y1), new Coordinate(x2, y2), new Coordinate(x3, y3), new Coordinate(x1, y1)
        });
    }

    /** By the school; with the narrowest seam as the quilter cuts it, half an inch larger than that. */
    private static Recipe recipe(PatchworkUnit unit, String method, Length seamAllowance) {
        PiecingMethod by = Methods.byKey(method).orElseThrow();
        ClothPiece piece = ClothPiece.square(Length.inches(40));
        Recipe bySchool = by.recipe(unit, settings(seamAllowance), piece);
        if (!seamAllowance.equals(Length.inches(0, 3, 16))) {
            return bySchool;
        }
        Length own = bySchool.cutWithRoom().orElseThrow().cut().plus(Length.inches(0, 1, 2));
        Recipe asTyped =
                by.recipe(unit, settings(seamAllowance).cutting(new OwnCut.Cut(own), unit.finishedWidth()), piece);
        assertThat(asTyped.sizesToCut()).contains(own);
        return asTyped;
    }

    private static SewingSettings settings(Length seamAllowance) {
        return new SewingSettings(MeasureSystem.INCH, seamAllowance, Grid.EIGHTH_INCH, Allowance.TRIM);
    }

    private static double cutWidth(Recipe recipe, int part) {
        return recipe.cuts().get(part).size().width().toDoubleInches();
    }

    private static double raw(Recipe recipe) {
        return recipe.sizes().rawWidth().toDoubleInches();
    }
}

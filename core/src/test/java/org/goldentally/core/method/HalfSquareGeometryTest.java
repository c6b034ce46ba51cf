package org.goldentally.core.method;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
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
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/**
 * The raw size and yield of each way with a pair of squares, against sewing, cutting and opening carried out by a
 * general geometry library (JTS), at 20 sizes and 3 seams.
 */
class HalfSquareGeometryTest {

    static Stream<Arguments> sizesAndSeams() {
        return IntStream.rangeClosed(1, 20)
                .mapToObj(i -> Length.inches(0, 3 * i + 7, 8))
                .flatMap(size -> Stream.of(Length.inches(0, 1, 4), Length.inches(0, 3, 16), Length.centimetres(0, 3, 4))
                        .map(seam -> Arguments.of(size, seam)));
    }

    @ParameterizedTest(name = "{0} finished, seam {1}")
    @MethodSource("sizesAndSeams")
    void rawUnitsComeOutAsSewn(Length finished, Length seamAllowance) {
        SewingSettings school = new SewingSettings(MeasureSystem.INCH, seamAllowance, Grid.EIGHTH_INCH, Allowance.TRIM);
        rawUnitsComeOutAsSewn(finished, school);
        // As large as the quilter likes them raw.
        Length liked = school.unfinished(finished).plus(Length.inches(0, 3, 16));
        rawUnitsComeOutAsSewn(finished, school.cutting(new OwnCut.Raw(liked), finished));
    }

    private static void rawUnitsComeOutAsSewn(Length finished, SewingSettings settings) {
        for (String method : List.of("two-at-a-time", "four-at-a-time", "eight-at-a-time")) {
            Recipe recipe = Methods.byKey(method)
                    .orElseThrow()
                    .recipe(new HalfSquareTriangleUnit(finished), settings, ClothPiece.square(finished));
            double side = recipe.cuts().getFirst().size().width().toDoubleInches();
            double a = settings.seamAllowance().toDoubleInches();
            List<Double> sewn = sew(method, side, a);
            assertThat(sewn).as(method).hasSize(recipe.unitsPerSet());
            assertThat(sewn)
                    .as(method)
                    .allSatisfy(raw ->
                            assertThat(raw).isCloseTo(recipe.sizes().rawWidth().toDoubleInches(), within(1e-5)));
            assertThat(recipe.sizes().rawWidth().isAtLeast(recipe.sizes().trimmedWidth()))
                    .isTrue();
            settings.ownRoom()
                    .ifPresent(room -> assertThat(recipe.sizes().rawWidth())
                            .isBetween(
                                    recipe.sizes().trimmedWidth().plus(room),
                                    recipe.sizes().trimmedWidth().plus(room).plus(Length.inches(0, 1, 8))));
            double widest = recipe.sewing().widestSeam().orElseThrow().toDoubleInches();
            assertThat(sew(method, side, widest))
                    .as("with the widest seam, " + method)
                    .allSatisfy(raw -> assertThat(raw)
                            .isCloseTo(recipe.sizes().trimmedWidth().toDoubleInches(), within(1e-5)));
        }
    }

    /** Every unit that comes of one pair, as the side of the largest square it can be trimmed to. */
    private static List<Double> sew(String method, double s, double a) {
        double off = a * Math.sqrt(2);
        List<Seam> cuts = new ArrayList<>();
        List<Seam> stitches = new ArrayList<>();
        switch (method) {
            case "two-at-a-time" -> {
                cuts.add(seam(0, 0, s, s));
                stitches.add(seam(0, off, s - off, s));
                stitches.add(seam(off, 0, s, s - off));
            }
            case "four-at-a-time" -> {
                cuts.add(seam(0, 0, s, s));
                cuts.add(seam(0, s, s, 0));
                stitches.add(seam(a, a, s - a, a));
                stitches.add(seam(a, s - a, s - a, s - a));
                stitches.add(seam(a, a, a, s - a));
                stitches.add(seam(s - a, a, s - a, s - a));
            }
            default -> {
                cuts.add(seam(0, 0, s, s));
                cuts.add(seam(0, s, s, 0));
                cuts.add(seam(0, s / 2, s, s / 2));
                cuts.add(seam(s / 2, 0, s / 2, s));
                stitches.add(seam(0, off, s - off, s));
                stitches.add(seam(off, 0, s, s - off));
                stitches.add(seam(0, s - off, s - off, 0));
                stitches.add(seam(off, s, s, off));
            }
        }
        List<Double> raw = new ArrayList<>();
        for (Polygon part : FoldedCloth.cut(FoldedCloth.rectangle(0, 0, s, s), cuts)) {
            // A part is held by the stitching that runs through most of it; others only cross a corner.
            Seam held = stitches.stream()
                    .max(java.util.Comparator.comparingDouble(
                            stitch -> part.intersection(stitch.line()).getLength()))
                    .orElseThrow();
            Geometry opened = FoldedCloth.open(part, held);
            raw.add(FoldedCloth.largestSquareOnSeam(opened, held));
        }
        return raw;
    }
}

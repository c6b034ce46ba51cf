package org.goldentally.core.step;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.FoldedCloth;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.step.Step.ClothShape;
import org.goldentally.core.step.Step.LineKind;
import org.goldentally.core.step.Step.LineShape;
import org.goldentally.core.step.Step.TrimShape;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.*;
import org.goldentally.core.unit.UnitDrawing;
import org.goldentally.core.unit.Units;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** The drawings of the steps, read with a general geometry library (JTS): what is drawn can be sewn and trimmed. */
class StepsTest {

    private static final SewingSettings TRIM = SewingSettings.usual(MeasureSystem.INCH);

    static Stream<Arguments> unitsAndMethods() {
        return Units.OF_EVERY_KIND.stream()
                .flatMap(unit -> Methods.making(unit).stream().map(method -> Arguments.of(unit, method.key())));
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("unitsAndMethods")
    void whatIsDrawnHoldsTogether(PatchworkUnit unit, String key) {
        PiecingMethod method = Methods.byKey(key).orElseThrow();
        Recipe recipe = method.recipe(unit, TRIM, ClothPiece.square(Length.inches(18)));
        List<Step> steps = MakingSteps.of(method, unit, recipe, TRIM, Habits.USUAL);
        assertThat(steps).isNotEmpty();
        for (Step step : steps) {
            assertThat(step.text()).isNotBlank().doesNotContain("just over");
            assertThat(step.drawing()).isNotEmpty();
            if (step.kind() == Step.Kind.CUT || step.kind() == Step.Kind.PRESS || step.kind() == Step.Kind.TRIM) {
                assertThat(step.caution())
                        .as("blades and irons want a caution: %s", step.text())
                        .isNotBlank();
            }
        }
        Geometry unitAtLast = openedUnit(steps.getLast(), unit);
        for (TrimShape trim : shapes(steps.getLast(), TrimShape.class)) {
            Polygon outline = polygon(trim.outline().corners());
            assertThat(unitAtLast.buffer(1e-6).covers(outline))
                    .as("the unit reaches its trimmed size")
                    .isTrue();
            if (!(unit instanceof PiecedHalfUnit)) {
                assertThat(outline.getArea())
                        .isCloseTo(
                                recipe.sizes().trimmedWidth().toDoubleInches()
                                        * recipe.sizes().trimmedHeight().toDoubleInches(),
                                within(1e-6));
            }
        }
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("unitsAndMethods")
    void seamsLieOnTheClothAndCutsNeverCrossAlongThem(PatchworkUnit unit, String key) {
        PiecingMethod method = Methods.byKey(key).orElseThrow();
        Recipe recipe = method.recipe(unit, TRIM, ClothPiece.square(Length.inches(18)));
        for (Step step : MakingSteps.of(method, unit, recipe, TRIM, Habits.USUAL)) {
            Geometry cloth = FoldedCloth.JTS.createPolygon();
            for (ClothShape shape : shapes(step, ClothShape.class)) {
                cloth = cloth.union(polygon(shape.outline().corners()));
            }
            List<Geometry> stitches = lines(step, LineKind.STITCH);
            for (Geometry stitch : stitches) {
                assertThat(cloth.buffer(1e-6).covers(stitch))
                        .as("%s: %s", step.kind(), step.text())
                        .isTrue();
                for (Geometry cut : lines(step, LineKind.CUT)) {
                    assertThat(cut.intersection(stitch).getLength()).isZero();
                }
            }
        }
    }

    /**
     * The trimmed unit of the last step shows each cloth where the finished unit has it, once it is turned or mirrored:
     * looked at in many points of what finishes inside the seams.
     */
    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("unitsAndMethods")
    void theLastStepShowsTheUnitAsItFinishes(PatchworkUnit unit, String key) {
        PiecingMethod method = Methods.byKey(key).orElseThrow();
        // Room to trim is taken off one side of the triangles of strips, and makes their inner stripe wider.
        SewingSettings settings = unit instanceof StripSetTriangleUnit
                ? new SewingSettings(MeasureSystem.INCH, TRIM.seamAllowance(), TRIM.grid(), Allowance.EXACT)
                : TRIM;
        Recipe recipe = method.recipe(unit, settings, ClothPiece.square(Length.inches(18)));
        Step last = MakingSteps.of(method, unit, recipe, settings, Habits.USUAL).getLast();
        List<TrimShape> trims = shapes(last, TrimShape.class);
        if (trims.size() == 1 && !(unit instanceof PiecedHalfUnit)) {
            assertThat(bestMatch(last, trims.getFirst(), unit)).isGreaterThan(0.97);
        }
    }

    /** The greatest share of points that have the same cloth, over all turns and mirror images. */
    private static double bestMatch(Step last, TrimShape trim, PatchworkUnit unit) {
        List<org.goldentally.core.geometry.Point> corners = trim.outline().corners();
        double best = 0;
        for (int turn = 0; turn < 8; turn++) {
            Coordinate origin = coordinate(corners.get(turn % 4));
            Coordinate along = coordinate(corners.get((turn + (turn < 4 ? 1 : 3)) % 4));
            Coordinate down = coordinate(corners.get((turn + (turn < 4 ? 3 : 1)) % 4));
            best = Math.max(best, match(last, unit, origin, along, down));
        }
        return best;
    }

    private static double match(Step last, PatchworkUnit unit, Coordinate origin, Coordinate along, Coordinate down) {
        double seam = 0.25;
        double width = unit.finishedWidth().toDoubleInches();
        double height = unit.finishedHeight().toDoubleInches();
        double wide = origin.distance(along);
        double high = origin.distance(down);
        if (Math.abs(wide - width - 2 * seam) > 0.01 || Math.abs(high - height - 2 * seam) > 0.01) {
            return 0;
        }
        int same = 0;
        int all = 0;
        for (double x = 0.11; x < width; x += 0.17) {
            for (double y = 0.13; y < height; y += 0.19) {
                double right = (x + seam) / wide;
                double low = (y + seam) / high;
                Geometry seen = point(
                        origin.x + right * (along.x - origin.x) + low * (down.x - origin.x),
                        origin.y + right * (along.y - origin.y) + low * (down.y - origin.y));
                Geometry inUnit = point(x, y);
                List<ClothRole> drawn = shapes(last, ClothShape.class).stream()
                        .filter(shape -> polygon(shape.outline().corners()).covers(seen))
                        .map(ClothShape::cloth)
                        .toList();
                all++;
                same += UnitDrawing.of(unit).stream()
                                .filter(patch ->
                                        polygon(patch.outline().corners()).covers(inUnit))
                                .anyMatch(patch -> !drawn.isEmpty() && drawn.getLast() == patch.cloth())
                        ? 1
                        : 0;
            }
        }
        return (double) same / all;
    }

    private static Geometry point(double x, double y) {
        return FoldedCloth.JTS.createPoint(new Coordinate(x, y));
    }

    /** Round the middle of an hourglass its cloths follow each other as in the finished unit, or in its mirror image. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4})
    void anHourglassOpensToItsCloths(int cloths) {
        PatchworkUnit unit = new QuarterSquareTriangleUnit(Length.inches(3), cloths);
        List<Step> steps = hourglassSteps(unit);
        List<ClothRole> round = round(shapes(steps.getLast(), ClothShape.class).stream()
                .map(shape -> new UnitDrawing.UnitPatch(shape.outline(), shape.cloth()))
                .toList());
        List<ClothRole> finished = round(UnitDrawing.of(unit));
        List<List<ClothRole>> turned = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            Collections.rotate(finished, 1);
            turned.add(List.copyOf(finished));
            turned.add(List.copyOf(finished.reversed()));
        }
        assertThat(turned).contains(round);
        // What is paired at first are neighbours in the unit.
        for (ClothShape upper : shapes(steps.getFirst(), ClothShape.class)) {
            for (ClothShape lower : shapes(steps.getFirst(), ClothShape.class)) {
                if (upper.layer() > lower.layer() && upper.outline().equals(lower.outline())) {
                    assertThat(turned)
                            .anyMatch(order -> order.subList(0, 2).equals(List.of(lower.cloth(), upper.cloth())));
                }
            }
        }
    }

    /**
     * Three rows of 2 in finished from 3 in squares: 1/4 in of allowance, two units of 2 in finished, and of the
     * triangle, cut 3 in on its leg, what its seam leaves, 2 3/4 in, are 7 in; the large triangle's leg is 6 7/8 (worked
     * by hand).
     */
    @Test
    void aPiecedHalfSaysHowMuchLargerItComesOutAndHowItsSmallUnitsAreMade() {
        PatchworkUnit unit = new PiecedHalfUnit(Length.inches(6), 3);
        PiecingMethod method = Methods.making(unit).getFirst();
        List<Step> steps = MakingSteps.of(
                method, unit, method.recipe(unit, TRIM, ClothPiece.square(Length.inches(18))), TRIM, Habits.USUAL);
        assertThat(steps)
                .extracting(Step::text)
                .anyMatch(text -> text.contains("7 in on its legs") && text.contains("6 7/8"))
                .anyMatch(text -> text.contains("3 pairs of small squares, cut 3 in, two at a time: 6 small units"))
                .anyMatch(text -> text.contains("3 more small squares once from corner to corner: 6 loose triangles"));
    }

    @Test
    void ofEachPairTheLighterClothLiesOnTop() {
        List<Step> steps = hourglassSteps(new QuarterSquareTriangleUnit(Length.inches(3), 3));
        Map<ClothRole, Double> darkC = Map.of(ClothRole.A, 60.0, ClothRole.B, 70.0, ClothRole.C, 10.0);
        Map<ClothRole, Double> lightC = Map.of(ClothRole.A, 60.0, ClothRole.B, 70.0, ClothRole.C, 95.0);
        assertThat(uppers(Step.lighterOnTop(steps, darkC::get).getFirst())).containsExactly(ClothRole.A, ClothRole.B);
        assertThat(uppers(Step.lighterOnTop(steps, lightC::get).getFirst())).containsExactly(ClothRole.C, ClothRole.C);
        assertThat(Step.lighterOnTop(steps, darkC::get).getLast()).isEqualTo(steps.getLast());
    }

    private static List<Step> hourglassSteps(PatchworkUnit unit) {
        PiecingMethod method = Methods.byKey("hourglass-crossed-pairs").orElseThrow();
        Recipe recipe = method.recipe(unit, TRIM, ClothPiece.square(Length.inches(18)));
        return MakingSteps.of(method, unit, recipe, TRIM, Habits.USUAL);
    }

    private static List<ClothRole> uppers(Step step) {
        return shapes(step, ClothShape.class).stream()
                .filter(shape -> shape.layer() > 0)
                .map(ClothShape::cloth)
                .toList();
    }

    /** The cloths by the angle at which they are seen from the middle. */
    private static List<ClothRole> round(List<UnitDrawing.UnitPatch> patches) {
        Geometry whole = FoldedCloth.JTS.createPolygon();
        for (UnitDrawing.UnitPatch patch : patches) {
            whole = whole.union(polygon(patch.outline().corners()));
        }
        Coordinate middle = whole.getCentroid().getCoordinate();
        return new ArrayList<>(patches.stream()
                .sorted(Comparator.comparingDouble(patch -> Angle.angle(
                        middle, polygon(patch.outline().corners()).getCentroid().getCoordinate())))
                .map(UnitDrawing.UnitPatch::cloth)
                .toList());
    }

    @Test
    void theMarkingSchoolsChangeWhatIsDrawn() {
        assertThat(marks(Habits.Marking.CUTTING_LINE)).containsExactly(1, 1);
        assertThat(marks(Habits.Marking.SEWING_LINES)).containsExactly(2, 2);
        assertThat(marks(Habits.Marking.NOTHING)).isEmpty();
    }

    @Test
    void thePressingSchoolsChangeWhatIsSaid() {
        PiecingMethod method = Methods.byKey("two-at-a-time").orElseThrow();
        HalfSquareTriangleUnit unit = new HalfSquareTriangleUnit(Length.inches(3));
        Recipe recipe = method.recipe(unit, TRIM, ClothPiece.square(Length.inches(10)));
        List<Step> steps = MakingSteps.of(
                method, unit, recipe, TRIM, new Habits(Habits.Marking.CUTTING_LINE, Habits.Pressing.OPEN));
        assertThat(steps)
                .filteredOn(step -> step.kind() == Step.Kind.PRESS)
                .singleElement()
                .satisfies(step -> {
                    assertThat(step.text()).contains("Press the seam open; sew such seams with a shorter stitch.");
                    assertThat(step.caution())
                            .isEqualTo("Fingers clear of the iron's point and of hot steam; press, do not slide.");
                });
    }

    /** How many marked lines each step with marks shows, two at a time. */
    private static List<Integer> marks(Habits.Marking marking) {
        PiecingMethod method = Methods.byKey("two-at-a-time").orElseThrow();
        HalfSquareTriangleUnit unit = new HalfSquareTriangleUnit(Length.inches(3));
        Recipe recipe = method.recipe(unit, TRIM, ClothPiece.square(Length.inches(10)));
        return MakingSteps.of(method, unit, recipe, TRIM, new Habits(marking, Habits.Pressing.TO_THE_DARK)).stream()
                .map(step -> lines(step, LineKind.MARK).size())
                .filter(count -> count > 0)
                .toList();
    }

    private static Geometry openedUnit(Step step, PatchworkUnit unit) {
        List<Geometry> patches = new ArrayList<>();
        for (ClothShape shape : shapes(step, ClothShape.class)) {
            if (shape.layer() == 0) {
                patches.add(polygon(shape.outline().corners()));
            }
        }
        Geometry union = FoldedCloth.JTS.createPolygon();
        double sum = 0;
        for (Geometry patch : patches) {
            assertThat(patch.getArea()).isPositive();
            union = union.union(patch);
            sum += patch.getArea();
        }
        // The wings of a goose, and flipped corners that meet, overlap in the seam allowance; nothing else does.
        boolean wings = unit instanceof FlyingGeeseUnit || unit instanceof CornerFlipUnit;
        assertThat(sum).isGreaterThan(union.getArea() - 1e-6);
        if (!wings) {
            assertThat(sum).isCloseTo(union.getArea(), within(1e-6));
        }
        return union;
    }

    private static <T extends Step.Shape> List<T> shapes(Step step, Class<T> kind) {
        return step.drawing().stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    private static List<Geometry> lines(Step step, LineKind kind) {
        return shapes(step, LineShape.class).stream()
                .filter(shape -> shape.kind() == kind)
                .<Geometry>map(shape -> FoldedCloth.JTS.createLineString(new Coordinate[] {
                    coordinate(shape.line().from()), coordinate(shape.line().to())
                }))
                .toList();
    }

    private static Polygon polygon(List<org.goldentally.core.geometry.Point> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i <= corners.size(); i++) {
            ring[i] = coordinate(corners.get(i % corners.size()));
        }
        return FoldedCloth.JTS.createPolygon(ring);
    }

    private static Coordinate coordinate(org.goldentally.core.geometry.Point point) {
        return new Coordinate(point.x().toDoubleInches(), point.y().toDoubleInches());
    }
}

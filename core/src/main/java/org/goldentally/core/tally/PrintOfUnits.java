package org.goldentally.core.tally;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.LongStream;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.UnitSymmetry;

/**
 * How a print with an up and a down lies in half-square triangles. A triangle stands upright where its square corner is the
 * same one on the top as it was in the square it was cut from. A square cut along one diagonal gives two opposite corners,
 * and the quilter chooses which by the direction of her line; one that makes eight at a time gives each corner twice; one
 * that is cut along both diagonals gives triangles that all lie slantwise (geometry).
 *
 * @param cloth key of the fabric
 * @param needed its triangles in units made so
 * @param upright how many of them can stand upright
 * @param rising of its squares, so many are cut from the lower left to the upper right, seen with the print upright
 * @param falling so many from the upper left to the lower right
 */
public record PrintOfUnits(String cloth, MethodId method, long needed, long upright, long rising, long falling) {

    /** Eight at a time each corner comes so often of a square. */
    private static final int OF_EIGHT = 2;

    private enum Corner {
        UPPER_LEFT,
        UPPER_RIGHT,
        LOWER_LEFT,
        LOWER_RIGHT
    }

    /** A fabric in units that are made together. */
    private record Made(UnitsKey units, String cloth) {}

    /** Each such print of a top whose blocks stand straight; on point nothing is said. */
    public static List<PrintOfUnits> of(TopTally tally) {
        Map<UnitsKey, UnitPlan> plans = new HashMap<>();
        tally.choices().stream()
                .map(UnitPlans.Choice::chosen)
                .filter(plan -> plan.unit() instanceof HalfSquareTriangleUnit)
                .forEach(plan -> plans.put(plan.key(), plan));
        Map<Made, Map<Corner, Long>> wanted = wanted(tally);
        Map<String, PrintOfUnits> found = new LinkedHashMap<>();
        wanted.forEach((made, corners) -> Optional.ofNullable(plans.get(made.units))
                .flatMap(plan -> lying(made.cloth, plan, corners))
                .ifPresent(each -> found.merge(each.cloth + " " + each.method, each, PrintOfUnits::plus)));
        return List.copyOf(found.values());
    }

    private static Map<Made, Map<Corner, Long>> wanted(TopTally tally) {
        Map<Made, Map<Corner, Long>> wanted = new LinkedHashMap<>();
        for (TopPart part : tally.top().parts()) {
            List<Figure.FigurePatch> patches = part.figure().patches();
            for (int i = 0; i < patches.size(); i++) {
                Figure.FigurePatch patch = patches.get(i);
                boolean hasAnUp = tally.top()
                        .design()
                        .cloth(patch.cloth())
                        .filter(ClothInHand::directional)
                        .isPresent();
                if (!patch.isBlank() && hasAnUp) {
                    FigureUnit unit = part.figure().units().get(patch.unit());
                    Polygon outline = part.placing().apply(patch.outline());
                    if (unit.unit() instanceof HalfSquareTriangleUnit && isOfTwoCloths(unit)) {
                        corner(outline)
                                .ifPresent(corner -> wanted.computeIfAbsent(
                                                new Made(keyOf(unit), patch.cloth()),
                                                any -> new EnumMap<>(Corner.class))
                                        .merge(corner, 1L, Long::sum));
                    }
                }
            }
        }
        return wanted;
    }

    private static boolean isOfTwoCloths(FigureUnit unit) {
        return unit.cloths().stream().distinct().count() > 1;
    }

    private static UnitsKey keyOf(FigureUnit unit) {
        UnitSymmetry.Counted counted = UnitSymmetry.counted(unit.unit(), unit.cloths(), unit.isMirrored());
        return new UnitsKey(counted.unit(), counted.cloths());
    }

    /** Of a triangle whose short sides run along the edges of the top, where its square corner is. */
    private static Optional<Corner> corner(Polygon triangle) {
        List<Point> corners = triangle.corners();
        if (corners.size() != 3) {
            return Optional.empty();
        }
        for (int i = 0; i < 3; i++) {
            Point at = corners.get(i);
            Point one = corners.get((i + 1) % 3);
            Point other = corners.get((i + 2) % 3);
            Point beside = one.y().equals(at.y()) ? one : other;
            Point above = beside.equals(one) ? other : one;
            if (beside.y().equals(at.y()) && above.x().equals(at.x())) {
                boolean left = at.x().isShorterThan(beside.x());
                boolean upper = at.y().isShorterThan(above.y());
                return Optional.of(
                        upper
                                ? left ? Corner.UPPER_LEFT : Corner.UPPER_RIGHT
                                : left ? Corner.LOWER_LEFT : Corner.LOWER_RIGHT);
            }
        }
        return Optional.empty();
    }

    private static Optional<PrintOfUnits> lying(String cloth, UnitPlan plan, Map<Corner, Long> wanted) {
        long needed = wanted.values().stream().mapToLong(Long::longValue).sum();
        MethodId method = plan.method().id();
        return switch (method) {
            // Odd ones of loose triangles share their squares with other units; nothing is promised of them.
            case TWO_AT_A_TIME ->
                Optional.of(plan)
                        .filter(pairs -> pairs.loose() == 0)
                        .map(pairs -> alongOneDiagonal(cloth, wanted, needed, pairs.runs()));
            case EIGHT_AT_A_TIME ->
                Optional.of(new PrintOfUnits(
                        cloth,
                        method,
                        needed,
                        wanted.values().stream()
                                .mapToLong(count -> Math.min(count, OF_EIGHT * plan.runs()))
                                .sum(),
                        0,
                        0));
            case FOUR_AT_A_TIME -> Optional.of(new PrintOfUnits(cloth, method, needed, 0, 0, 0));
            default -> Optional.empty();
        };
    }

    /** As many squares cut in the one direction as lets most stand upright, the fewest that do. */
    private static PrintOfUnits alongOneDiagonal(String cloth, Map<Corner, Long> wanted, long needed, long squares) {
        long rising = LongStream.rangeClosed(0, squares)
                .boxed()
                .max(Comparator.comparingLong((Long count) -> upright(wanted, count, squares - count))
                        .thenComparing(Comparator.reverseOrder()))
                .orElse(0L);
        long falling = squares - rising;
        return new PrintOfUnits(
                cloth, MethodId.TWO_AT_A_TIME, needed, upright(wanted, rising, falling), rising, falling);
    }

    private static long upright(Map<Corner, Long> wanted, long rising, long falling) {
        return Math.min(wanted.getOrDefault(Corner.UPPER_LEFT, 0L), rising)
                + Math.min(wanted.getOrDefault(Corner.LOWER_RIGHT, 0L), rising)
                + Math.min(wanted.getOrDefault(Corner.UPPER_RIGHT, 0L), falling)
                + Math.min(wanted.getOrDefault(Corner.LOWER_LEFT, 0L), falling);
    }

    private PrintOfUnits plus(PrintOfUnits other) {
        return new PrintOfUnits(
                cloth,
                method,
                needed + other.needed,
                upright + other.upright,
                rising + other.rising,
                falling + other.falling);
    }

    /** What is said of each. */
    public static List<Problem> notices(TopTally tally) {
        List<Problem> notices = new ArrayList<>();
        for (PrintOfUnits each : of(tally)) {
            String name = tally.top().design().cloth(each.cloth).orElseThrow().name();
            notices.add(new Problem("Print of " + name, each.says(), each.does(name)));
        }
        return notices;
    }

    private String says() {
        String units = needed + (needed == 1 ? " half-square triangle" : " half-square triangles") + " made "
                + method.displayName();
        if (method == MethodId.FOUR_AT_A_TIME) {
            return "it lies slantwise in " + (needed == 1 ? "the " : "all ") + units;
        }
        if (upright == needed) {
            return "it can stand upright in " + (needed == 1 ? "the " : "all ") + units;
        }
        return "it can stand upright in " + upright + " of the " + units + ", and lies otherwise in the rest";
    }

    private String does(String name) {
        return switch (method) {
            case FOUR_AT_A_TIME -> "make them two at a time, and you choose how it lies";
            case EIGHT_AT_A_TIME -> "sort the units by how the print lies before you lay them out";
            default -> lines(name);
        };
    }

    private String lines(String name) {
        String up = "lower left to upper right";
        String down = "upper left to lower right";
        String seen = ", seen from its right side with the print upright";
        if (falling == 0 || rising == 0) {
            return "cut each square of " + name + " from " + (falling == 0 ? up : down) + seen;
        }
        return "cut " + rising + (rising == 1 ? " square" : " squares") + " of " + name + " from " + up + " and "
                + falling + " from " + down + seen;
    }
}

package org.goldentally.core.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * Against squares of paper with an arrow up, cut with a general geometry library: a triangle stands upright on the top where
 * its two short sides lie as they lay in its square (geometry; rows run downwards).
 */
class PrintOfUnitsTest {

    private static final GeometryFactory JTS = new GeometryFactory();

    /** One pinwheel has one triangle of each corner: two squares, one cut the one way, one the other (worked by hand). */
    @Test
    void aPinwheelStandsUprightFromSquaresCutBothWays() {
        TopTally tally = tally(Tops.of(1, 1, "8", "pinwheel"), "two-at-a-time");
        assertThat(PrintOfUnits.notices(tally))
                .containsExactly(new Problem(
                        "Print of oat",
                        "it can stand upright in all 4 half-square triangles made two at a time",
                        "cut 1 square of oat from lower left to upper right and 1 from upper left to lower right, seen"
                                + " from its right side with the print upright"));
    }

    @Test
    void cutAlongBothDiagonalsItLiesSlantwise() {
        assertThat(PrintOfUnits.notices(tally(Tops.of(1, 1, "8", "pinwheel"), "four-at-a-time")))
                .extracting(Problem::why)
                .containsExactly("it lies slantwise in all 4 half-square triangles made four at a time");
    }

    @Test
    void aPrintWithoutAnUpOrOnPointIsNotSpokenOf() {
        assertThat(PrintOfUnits.of(TopTally.of(Tops.of(1, 1, "8", "pinwheel").top(), Map.of())))
                .isEmpty();
        assertThat(PrintOfUnits.of(tally(Tops.of(2, 2, "8", "pinwheel").set(Kind.ON_POINT), "two-at-a-time")))
                .isEmpty();
    }

    /** As many as it says stand upright, and no choice of lines has more. */
    @Tries(40)
    void asManyStandUprightAsPaperHas(Chance chance) {
        String block = chance.of("pinwheel", "broken-dishes", "shoo-fly", "half-square-triangle");
        Tops tops = Tops.of(chance.between(1, 4), chance.between(2, 4), "8", block);
        for (int row = 0; row < 2; row++) {
            tops.place(row, 0, "", chance.between(0, 3), chance.between(0, 1) == 1);
        }
        String method = chance.of("two-at-a-time", "four-at-a-time", "eight-at-a-time");
        TopTally tally = tally(tops, method);
        List<PrintOfUnits> prints = PrintOfUnits.of(tally);
        assertThat(prints).hasSize(1);
        PrintOfUnits print = prints.getFirst();
        long needed = 0;
        long most = 0;
        long asTold = 0;
        long squares = 0;
        for (Map.Entry<Set<String>, Map<String, Long>> group :
                wanted(tally.top()).entrySet()) {
            Map<String, Long> wanted = group.getValue();
            long runs = tally.choices().stream()
                    .map(choice -> choice.chosen())
                    .filter(plan -> Set.copyOf(plan.cloths()).equals(group.getKey()))
                    .filter(plan -> plan.method().id() == print.method())
                    .mapToLong(plan -> plan.runs())
                    .sum();
            long best = 0;
            for (long rising = 0; rising <= runs; rising++) {
                best = Math.max(best, upright(wanted, paper(method, rising, runs - rising)));
            }
            needed += sum(wanted.values());
            most += best;
            squares += runs;
            asTold += upright(
                    wanted, paper(method, Math.min(runs, print.rising()), runs - Math.min(runs, print.rising())));
        }
        assertThat(print.needed()).isEqualTo(needed);
        assertThat(print.upright()).isEqualTo(most);
        if (method.equals("two-at-a-time") && block.equals("pinwheel")) {
            assertThat(print.rising() + print.falling()).isEqualTo(squares);
            assertThat(asTold).as("squares cut as it says").isEqualTo(most);
        }
    }

    private static TopTally tally(Tops tops, String method) {
        return TopTally.of(tops.directional("a").choose("half-square", method).top(), Map.of());
    }

    /** Triangles of oat on the top, by what they are sewn to and the corner that is square. */
    private static Map<Set<String>, Map<String, Long>> wanted(QuiltTop top) {
        Map<Set<String>, Map<String, Long>> wanted = new HashMap<>();
        for (TopPart part : top.parts()) {
            List<Polygon> outlines = part.outlines();
            for (int i = 0; i < outlines.size(); i++) {
                boolean isOat = part.figure().patches().get(i).cloth().equals("a");
                List<Coordinate> corners = outlines.get(i).corners().stream()
                        .map(at ->
                                new Coordinate(at.x().toDoubleInches(), at.y().toDoubleInches()))
                        .toList();
                if (isOat && corners.size() == 3) {
                    wanted.computeIfAbsent(cloths(part, i), any -> new HashMap<>())
                            .merge(corner(corners), 1L, Long::sum);
                }
            }
        }
        return wanted;
    }

    private static Set<String> cloths(TopPart part, int patch) {
        int unit = part.figure().patches().get(patch).unit();
        return Set.copyOf(part.figure().units().get(unit).cloths());
    }

    /** The triangles of so many squares, by the corner that is square. */
    private static Map<String, Long> paper(String method, long rising, long falling) {
        Map<String, Long> cut = new HashMap<>();
        for (long i = 0; i < rising + falling; i++) {
            pieces(method, i < rising).forEach(corner -> cut.merge(corner, 1L, Long::sum));
        }
        return cut;
    }

    private static Stream<String> pieces(String method, boolean rising) {
        Polygonizer paper = new Polygonizer();
        Geometry lines =
                line(0, 0, 8, 0).union(line(8, 0, 8, 8)).union(line(8, 8, 0, 8)).union(line(0, 8, 0, 0));
        boolean both = !method.equals("two-at-a-time");
        lines = both || rising ? lines.union(line(0, 8, 8, 0)) : lines;
        lines = both || !rising ? lines.union(line(0, 0, 8, 8)) : lines;
        if (method.equals("eight-at-a-time")) {
            lines = lines.union(line(4, 0, 4, 8)).union(line(0, 4, 8, 4));
        }
        paper.add(lines);
        Collection<?> pieces = paper.getPolygons();
        return pieces.stream()
                .map(each -> corner(List.of(((org.locationtech.jts.geom.Polygon) each).getCoordinates())
                        .subList(0, 3)));
    }

    private static Geometry line(double x, double y, double toX, double toY) {
        return JTS.createLineString(new Coordinate[] {new Coordinate(x, y), new Coordinate(toX, toY)});
    }

    /** Which way the square corner points, from the middle of the long side. */
    private static String corner(List<Coordinate> triangle) {
        for (int i = 0; i < 3; i++) {
            Coordinate at = triangle.get(i);
            Coordinate one = triangle.get((i + 1) % 3);
            Coordinate other = triangle.get((i + 2) % 3);
            double turn = (one.x - at.x) * (other.x - at.x) + (one.y - at.y) * (other.y - at.y);
            if (Math.abs(turn) < 1e-9) {
                return Math.round(Math.signum(at.x - (one.x + other.x) / 2)) + " "
                        + Math.round(Math.signum(at.y - (one.y + other.y) / 2));
            }
        }
        throw new AssertionError("no square corner in " + triangle);
    }

    /** Those that lie as they lay in their squares. */
    private static long upright(Map<String, Long> wanted, Map<String, Long> cut) {
        return wanted.entrySet().stream()
                .filter(each -> !each.getKey().contains("0"))
                .mapToLong(each -> Math.min(each.getValue(), cut.getOrDefault(each.getKey(), 0L)))
                .sum();
    }

    private static long sum(Collection<Long> counts) {
        return counts.stream().mapToLong(Long::longValue).sum();
    }
}

package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.habits.Habits.Pressing;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.sew.PressingMap.Direction;
import org.goldentally.core.sew.PressingMap.Pressed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TopPressingTest {

    /** Every block by itself, and next to the one after it, in all three settings, some of them turned. */
    static Stream<Tops> tops() {
        List<String> keys =
                TraditionalBlocks.ALL.stream().map(block -> block.key()).toList();
        List<Tops> tops = new ArrayList<>();
        for (int i = 0; i < keys.size(); i++) {
            String next = keys.get((i + 1) % keys.size());
            tops.add(Tops.of(3, 3, "12", keys.get(i)));
            Tops mixed = Tops.of(4, 3, "12", keys.get(i), next);
            tops.add(i % 3 == 0 ? mixed.set(Kind.ON_POINT) : i % 3 == 1 ? mixed.set(Kind.HALF_DROP) : mixed);
            tops.add(Tops.of(3, 2, "12", keys.get(i), next)
                    .place(0, 1, next, 1, false)
                    .place(1, 1, keys.get(i), 3, true));
            tops.add(unruly(keys.get(i)));
        }
        return tops.stream();
    }

    /** A walk over all seams of the whole top in floating point, which knows nothing of how the map was made. */
    @ParameterizedTest
    @MethodSource("tops")
    void everyPairOfSeamsThatMeetsNestsOrOneIsOpen(Tops tops) {
        QuiltTop top = tops.top();
        TopPressing pressing = TopPressing.of(top);
        assertThat(meetings(top, pressing).stream().filter(Met::alike)).isEmpty();
        if (pressing.opened().isEmpty()) {
            assertThat(toDarker(pressing)).as("rather to the dark").isGreaterThan(-1e-6);
        }
        for (TopPressing.Opened opened : pressing.opened()) {
            assertThat(meetings(top, without(pressing, opened)).stream().filter(Met::alike))
                    .as("nothing is opened for nothing")
                    .isNotEmpty();
        }
    }

    /** How many inches more of all blocks go to the darker side than to the lighter one. */
    private static double toDarker(TopPressing pressing) {
        double sum = 0;
        for (TopPressing.Sort sort : pressing.sorts()) {
            for (TopPressing.Way way : sort.ways()) {
                for (Pressed seam : way.layout().pressing().seams()) {
                    sum += way.parts().size()
                            * seam.toDarker()
                            * seam.seam().length().toDoubleInches();
                }
            }
        }
        return sum;
    }

    /** Nine patches take turns as a chessboard: every seam nests, in two ways of pressing. */
    @Test
    void ninePatchesNeedTwoWays() {
        QuiltTop top = Tops.of(5, 4, "9", "nine-patch").top();
        TopPressing pressing = TopPressing.of(top);
        assertThat(pressing.opened()).isEmpty();
        assertThat(pressing.sorts()).singleElement().satisfies(sort -> {
            assertThat(sort.ways()).extracting(TopPressing.Way::letter).containsExactly("A", "B");
            assertThat(sort.ways()).extracting(way -> way.parts().size()).containsExactly(10, 10);
            assertThat(sort.ways().get(0).parts())
                    .allSatisfy(part -> assertThat((part.row() + part.column()) % 2)
                            .isEqualTo((sort.ways().get(0).parts().getFirst().row()
                                            + sort.ways()
                                                    .get(0)
                                                    .parts()
                                                    .getFirst()
                                                    .column())
                                    % 2));
        });
    }

    /** The middle seam of a four patch takes turns across the top; those above and below it already do in the block. */
    @Test
    void fourPatchesTakeTurnsOnlyAcross() {
        TopPressing pressing = TopPressing.of(Tops.of(4, 3, "8", "four-patch").top());
        assertThat(pressing.opened()).isEmpty();
        assertThat(pressing.sorts().getFirst().ways()).hasSize(2);
        List<TopPressing.Way> ways = pressing.sorts().getFirst().ways();
        List<Pressed> first = ways.get(0).layout().pressing().seams();
        List<Pressed> second = ways.get(1).layout().pressing().seams();
        for (int i = 0; i < first.size(); i++) {
            assertThat(first.get(i).equals(second.get(i)))
                    .isEqualTo(!first.get(i).seam().lying());
        }
    }

    @Test
    void sashingKeepsBlocksApartSoThatAllArePressedAlike() {
        TopPressing pressing = TopPressing.of(
                Tops.of(3, 3, "9", "nine-patch").sash("2", "b", true).top());
        assertThat(pressing.sorts().getFirst().ways()).hasSize(1);
        assertThat(pressing.opened()).isEmpty();
        assertThat(pressing.rows().orElseThrow().pieces()).hasSize(9 + 24 + 16);
    }

    /** Whatever lies round it: what is drawn begins in the corner. */
    @Test
    void theRowsBeginAtTheOriginInsideTheBorders() {
        Layout rows = TopPressing.of(Tops.of(3, 2, "9", "nine-patch")
                        .border(Tops.hourglasses("3"))
                        .top())
                .rows()
                .orElseThrow();
        assertThat(rows.assembly().root().box())
                .isEqualTo(Layout.around(List.of(Point.ORIGIN, Point.at(Length.inches(27), Length.inches(18)))));
        assertThat(rows.unfinishedWidth()).isEqualTo(Length.inches(27, 1, 2));
    }

    @Test
    void theSchoolThatPressesOpenHasNothingToTurn() {
        TopPressing pressing = TopPressing.of(Tops.of(3, 3, "9", "nine-patch")
                .plan(PlanDesign.USUAL.withHabits(PlanDesign.USUAL.marking(), Pressing.OPEN))
                .top());
        assertThat(pressing.sorts().getFirst().ways()).hasSize(1);
        assertThat(pressing.opened()).isEmpty();
    }

    /** On point, rows lie level once the top is turned: 3 across and 2 down are rows of 1, 3, 3 and 1 blocks. */
    @Test
    void rowsOnPointAreLaidOutWithTheirTriangles() {
        Layout rows = TopPressing.of(
                        Tops.of(3, 2, "9", "nine-patch").set(Kind.ON_POINT).top())
                .rows()
                .orElseThrow();
        assertThat(rows.assembly().root()).isInstanceOfSatisfying(Assembly.Joined.class, joined -> {
            assertThat(joined.above()).isTrue();
            assertThat(joined.parts())
                    .extracting(part -> ((Assembly.Joined) part).parts().size())
                    .containsExactly(3, 4, 4, 3);
        });
        assertThat(rows.pieces().stream().filter(piece -> piece.what().equals("setting triangle")))
                .hasSize(6);
    }

    /** A general constraint solver looks at all ways of pressing: none leaves fewer seams that cannot nest. */
    @ParameterizedTest
    @MethodSource("unruly")
    void noOtherChoiceOfWaysLeavesFewerSeamsToOpen(Tops tops) {
        QuiltTop top = tops.top();
        TopPressing pressing = TopPressing.of(top);
        long clashes = meetings(top, without(pressing, null)).stream()
                .filter(Met::alike)
                .count();
        assertThat(clashes).isEqualTo(clashes == 0 ? 0 : fewestClashes(top, pressing));
    }

    /** Four patches turned at random: three of their seams cannot nest, and each is named with what it meets. */
    @Test
    void seamsThatCannotNestAreNamed() {
        TopPressing pressing = TopPressing.of(unruly("four-patch").top());
        assertThat(pressing.opened()).hasSize(3).allSatisfy(opened -> {
            TopPart part = opened.part().orElseThrow();
            assertThat(pressing.openedIn(part)).contains(opened);
            assertThat(Math.abs(part.row() - opened.beside().orElseThrow().row())
                            + Math.abs(part.column()
                                    - opened.beside().orElseThrow().column()))
                    .isEqualTo(1);
        });
    }

    static Stream<Tops> unruly() {
        return TraditionalBlocks.ALL.stream().map(block -> unruly(block.key()));
    }

    /** Blocks of a kind turned without order: often not everything can nest. */
    private static Tops unruly(String block) {
        Tops tops = Tops.of(5, 4, "12", block);
        for (int i = 0; i < 20; i++) {
            tops.place(i / 5, i % 5, block, i * i * i % 7 % 4, false);
        }
        return tops;
    }

    /** A seam on the top: its ends and the way its allowances lie. */
    private record Laid(String spot, int seam, Point2D from, Point2D to, Optional<Point2D> way) {}

    private record Met(Laid one, Laid other) {
        boolean alike() {
            return one.way.isPresent() && other.way.isPresent() && one.way.get().distance(other.way.get()) < 1e-6;
        }
    }

    private static List<Met> meetings(QuiltTop top, TopPressing pressing) {
        List<Laid> laid = new ArrayList<>();
        Layout rows = pressing.rows().orElseThrow();
        for (TopPart part : top.parts()) {
            if (part.isBlock() && !part.blockKey().isEmpty()) {
                lay(part.id().text(), map(pressing, part), transform(part.placing()), laid);
            }
        }
        lay("rows", rows.pressing().seams(), rowsToTop(top, rows), laid);
        List<Met> met = new ArrayList<>();
        for (int i = 0; i < laid.size(); i++) {
            for (int j = i + 1; j < laid.size(); j++) {
                if (inLine(laid.get(i), laid.get(j))) {
                    met.add(new Met(laid.get(i), laid.get(j)));
                }
            }
        }
        return met;
    }

    private static List<Pressed> map(TopPressing pressing, TopPart part) {
        TopPressing.Sort sort = pressing.sort(part).orElseThrow();
        List<Pressed> map = sort.ways().stream()
                .filter(way -> way.parts().contains(part))
                .findFirst()
                .orElseThrow()
                .layout()
                .pressing()
                .seams();
        Set<Integer> open = new HashSet<>();
        pressing.openedIn(part).forEach(each -> open.add(each.seam()));
        List<Pressed> opened = new ArrayList<>();
        for (int i = 0; i < map.size(); i++) {
            opened.add(open.contains(i) ? new Pressed(map.get(i).seam(), Direction.OPEN, 0) : map.get(i));
        }
        return opened;
    }

    private static void lay(String spot, List<Pressed> seams, AffineTransform toTop, List<Laid> laid) {
        for (int i = 0; i < seams.size(); i++) {
            Pressed each = seams.get(i);
            Point2D way = switch (each.direction()) {
                case LEFT -> new Point2D.Double(-1, 0);
                case RIGHT -> new Point2D.Double(1, 0);
                case UP -> new Point2D.Double(0, -1);
                case DOWN -> new Point2D.Double(0, 1);
                case OPEN -> null;
            };
            laid.add(new Laid(
                    spot,
                    i,
                    toTop.transform(inches(each.seam().from()), null),
                    toTop.transform(inches(each.seam().to()), null),
                    Optional.ofNullable(way).map(vector -> toTop.deltaTransform(vector, null))));
        }
    }

    private static Point2D inches(Point point) {
        return new Point2D.Double(point.x().toDoubleInches(), point.y().toDoubleInches());
    }

    /** Layouts are mirrored already: what is left is to turn and to move. */
    private static AffineTransform transform(Placing placing) {
        AffineTransform transform = AffineTransform.getTranslateInstance(
                placing.right().toDoubleInches(), placing.down().toDoubleInches());
        if (placing.onPoint()) {
            transform.rotate(Math.PI / 4);
        }
        double w = placing.boxWidth().toDoubleInches();
        double h = placing.boxHeight().toDoubleInches();
        double turnedWidth = placing.quarterTurns() % 2 == 0 ? w : h;
        double turnedHeight = placing.quarterTurns() % 2 == 0 ? h : w;
        transform.translate(turnedWidth / 2, turnedHeight / 2);
        transform.quadrantRotate(placing.quarterTurns());
        transform.translate(-w / 2, -h / 2);
        return transform;
    }

    /** Found by where one block lies in both. */
    private static AffineTransform rowsToTop(QuiltTop top, Layout rows) {
        TopPart block =
                top.parts().stream().filter(TopPart::isBlock).findFirst().orElseThrow();
        Layout.LaidPiece piece = rows.pieces().stream()
                .filter(each -> each.id().equals(Optional.of(block.id())))
                .findFirst()
                .orElseThrow();
        Point2D onTop = transform(block.placing())
                .transform(
                        new Point2D.Double(
                                block.figure().finishedWidth().toDoubleInches() / 2,
                                block.figure().finishedHeight().toDoubleInches() / 2),
                        null);
        AffineTransform transform = AffineTransform.getTranslateInstance(onTop.getX(), onTop.getY());
        if (block.placing().onPoint()) {
            transform.rotate(-Math.PI / 4);
        }
        transform.translate(
                -(piece.box().left().toDoubleInches() + piece.box().right().toDoubleInches()) / 2,
                -(piece.box().top().toDoubleInches() + piece.box().bottom().toDoubleInches()) / 2);
        return transform;
    }

    private static boolean inLine(Laid a, Laid b) {
        for (Point2D[] one : new Point2D[][] {{a.from, a.to}, {a.to, a.from}}) {
            for (Point2D[] other : new Point2D[][] {{b.from, b.to}, {b.to, b.from}}) {
                if (one[0].distance(other[0]) < 1e-6) {
                    double cos = ((one[1].getX() - one[0].getX()) * (other[1].getX() - other[0].getX())
                                    + (one[1].getY() - one[0].getY()) * (other[1].getY() - other[0].getY()))
                            / one[0].distance(one[1])
                            / other[0].distance(other[1]);
                    return cos < -0.999;
                }
            }
        }
        return false;
    }

    /** The same without one opened seam, or without any. */
    private static TopPressing without(TopPressing pressing, TopPressing.Opened opened) {
        boolean ofRows = opened == null || opened.part().isEmpty();
        return new TopPressing(
                pressing.sorts(),
                pressing.rows(),
                opened == null
                        ? List.of()
                        : pressing.opened().stream()
                                .filter(each -> !each.equals(opened) || ofRows)
                                .toList());
    }

    /** Over all first ways of a sort, all second ways, and all choices between them. */
    private static int fewestClashes(QuiltTop top, TopPressing pressing) {
        Loader.loadNativeLibraries();
        List<Met> meetings = meetings(top, allInTheFirstWay(pressing)).stream()
                .filter(met -> !met.one.spot.equals(met.other.spot))
                .toList();
        CpModel model = new CpModel();
        Map<String, BoolVar> chosen = new HashMap<>();
        List<BoolVar> clashes = new ArrayList<>();
        for (Met met : meetings) {
            BoolVar clash = model.newBoolVar("");
            List<Literal> odd = new ArrayList<>(List.of(clash));
            for (Laid laid : List.of(met.one, met.other)) {
                String group = group(top, pressing, laid);
                BoolVar second = chosen.computeIfAbsent("second " + laid.spot, model::newBoolVar);
                BoolVar differs = chosen.computeIfAbsent("differs " + group, model::newBoolVar);
                BoolVar both = model.newBoolVar("");
                model.addMultiplicationEquality(both, new LinearArgument[] {second, differs});
                odd.add(both);
                odd.add(chosen.computeIfAbsent("first " + group, model::newBoolVar));
            }
            if (!met.alike()) {
                odd.add(model.trueLiteral());
            }
            model.addBoolXor(odd);
            clashes.add(clash);
        }
        model.minimize(LinearExpr.sum(clashes.toArray(LinearArgument[]::new)));
        CpSolver solver = new CpSolver();
        assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
        return (int) Math.round(solver.objectiveValue());
    }

    private static TopPressing allInTheFirstWay(TopPressing pressing) {
        return new TopPressing(
                pressing.sorts().stream()
                        .map(sort -> new TopPressing.Sort(
                                sort.key(),
                                List.of(new TopPressing.Way(
                                        "A",
                                        sort.ways().getFirst().layout(),
                                        sort.ways().stream()
                                                .flatMap(way -> way.parts().stream())
                                                .toList()))))
                        .toList(),
                pressing.rows(),
                List.of());
    }

    private static String group(QuiltTop top, TopPressing pressing, Laid laid) {
        Optional<TopPart> part = top.parts().stream()
                .filter(each -> each.id().text().equals(laid.spot))
                .findFirst();
        PressingMap map = part.flatMap(pressing::sort)
                .map(sort -> sort.ways().getFirst().layout())
                .orElseGet(() -> pressing.rows().orElseThrow())
                .pressing();
        for (List<Integer> group : map.groups()) {
            if (group.contains(laid.seam)) {
                return part.map(each -> TopPressing.sortOf(each).text()).orElse("rows") + " " + group;
            }
        }
        throw new IllegalArgumentException("seam " + laid.seam);
    }
}

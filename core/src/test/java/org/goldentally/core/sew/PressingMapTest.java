package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.habits.Habits.Pressing;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.sew.Assembly.Box;
import org.goldentally.core.sew.PressingMap.Direction;
import org.goldentally.core.sew.PressingMap.Pressed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PressingMapTest {

    static Stream<String> blocks() {
        return TraditionalBlocks.ALL.stream().map(Block::key);
    }

    /** A walk along every crossing of the block, which knows nothing of how the map was made. */
    @ParameterizedTest
    @MethodSource("blocks")
    void seamsNestWhereverTheyMeetOrOneIsPressedOpen(String block) {
        for (Pressing school : List.of(Pressing.TO_THE_DARK, Pressing.TO_THE_THINNER)) {
            Layout layout = layout(block, school);
            assertThat(faults(layout.pressing())).isEmpty();
            assertThat(layout.pieces()).extracting(Layout.LaidPiece::number).doesNotHaveDuplicates();
        }
        assertThat(layout(block, Pressing.OPEN).pressing().seams())
                .allSatisfy(seam -> assertThat(seam.direction()).isEqualTo(Direction.OPEN));
    }

    /** Rows of three columns each: nine pieces in rows, so that every seam can nest and none is open. */
    @Test
    void aNinePatchNestsThroughoutWithRowsPressedOppositeWays() {
        List<Box> boxes = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            boxes.add(box(i % 3, i / 3, i % 3 + 1, i / 3 + 1));
        }
        PressingMap map = PressingMap.of(Assembly.of(boxes), Pressing.TO_THE_DARK, part -> 50);
        assertThat(map.seams()).hasSize(8).noneMatch(seam -> seam.direction() == Direction.OPEN);
        assertThat(map.notes()).isEmpty();
        PressingMap other = map.turned(seam -> true);
        assertThat(other).isNotEqualTo(map);
        assertThat(other.turned(seam -> true)).isEqualTo(map);
        assertThat(faults(other)).isEmpty();
        assertThat(map.groups()).extracting(List::size).containsExactlyInAnyOrder(3, 3, 1, 1);
    }

    @Test
    void aSeamByItselfIsPressedToTheDarkerSide() {
        Assembly two = Assembly.of(List.of(box(0, 0, 1, 1), box(1, 0, 2, 1)));
        Box dark = box(1, 0, 2, 1);
        PressingMap map = PressingMap.of(
                two,
                Pressing.TO_THE_DARK,
                part -> part instanceof Assembly.Single single && single.box().equals(dark) ? 10 : 90);
        assertThat(map.seams().getFirst().direction()).isEqualTo(Direction.RIGHT);
        assertThat(map.seams().getFirst().againstSchool()).isFalse();
        assertThat(map.turned(seam -> true).notes())
                .containsExactly("One seam goes to the lighter side, so that all of them nest.");
    }

    /** Four pieces round a fifth: no straight seam runs through. */
    @Test
    void piecesRoundEachOtherNeedAPartialSeam() {
        Assembly spiral = Assembly.of(
                List.of(box(0, 0, 2, 1), box(2, 0, 3, 2), box(1, 2, 3, 3), box(0, 1, 1, 3), box(1, 1, 2, 2)));
        assertThat(spiral.straightOnly()).isFalse();
        assertThat(spiral.seams()).isEmpty();
        assertThat(layout("nine-patch", Pressing.OPEN).assembly().straightOnly())
                .isTrue();
    }

    /** Boxes cut at random by straight seams come together again: as many seams as joins, every piece once. */
    @Tries(100)
    void whatWasCutByStraightSeamsIsJoinedByThem(Chance chance) {
        List<Integer> cuts = cuts(chance);
        List<Box> boxes = new ArrayList<>(List.of(box(0, 0, 64, 64)));
        for (int cut : cuts) {
            Box box = boxes.remove(cut % boxes.size());
            boolean lying = cut / 7 % 2 == 0;
            Length middle = lying
                    ? box.top().plus(box.bottom()).dividedBy(2)
                    : box.left().plus(box.right()).dividedBy(2);
            boxes.add(
                    lying
                            ? new Box(box.left(), box.top(), box.right(), middle)
                            : new Box(box.left(), box.top(), middle, box.bottom()));
            boxes.add(
                    lying
                            ? new Box(box.left(), middle, box.right(), box.bottom())
                            : new Box(middle, box.top(), box.right(), box.bottom()));
        }
        Assembly assembly = Assembly.of(boxes);
        assertThat(assembly.straightOnly()).isTrue();
        assertThat(assembly.seams()).hasSize(boxes.size() - 1);
        assertThat(assembly.pieces()).containsExactlyInAnyOrderElementsOf(boxes);
        assertThat(faults(PressingMap.of(
                        assembly,
                        Pressing.TO_THE_DARK,
                        part -> part.box().left().toDoubleInches())))
                .isEmpty();
    }

    private static List<Integer> cuts(Chance chance) {
        return chance.list(0, 14, () -> chance.between(0, 1_000));
    }

    @Test
    void aBlockSaysWhatItMeasuresWhenItIsJoined() {
        Layout layout = layout("friendship-star", Pressing.TO_THE_DARK);
        assertThat(layout.unfinishedWidth()).isEqualTo(Length.inches(9, 1, 2));
        assertThat(layout.pieces()).hasSize(9);
    }

    /** A mirrored block is sewn as its mirror image: every piece at the other side, turned the other way. */
    @ParameterizedTest
    @MethodSource("blocks")
    void aMirroredBlockIsLaidOutAsItIsSewn(String key) {
        List<Layout.LaidPiece> plain = layout(key, Pressing.TO_THE_DARK, false).pieces();
        List<Layout.LaidPiece> mirrored =
                layout(key, Pressing.TO_THE_DARK, true).pieces();
        Length width = Length.inches(9);
        assertThat(mirrored)
                .extracting(
                        Layout.LaidPiece::box,
                        piece -> piece.quarterTurns() % 4,
                        Layout.LaidPiece::mirrored,
                        Layout.LaidPiece::what)
                .containsExactlyInAnyOrderElementsOf(plain.stream()
                        .map(piece -> tuple(
                                new Box(
                                        width.minus(piece.box().right()),
                                        piece.box().top(),
                                        width.minus(piece.box().left()),
                                        piece.box().bottom()),
                                (4 - piece.quarterTurns()) % 4,
                                !piece.what().equals("empty") && !piece.mirrored(),
                                piece.what()))
                        .toList());
    }

    private static Layout layout(String key, Pressing school) {
        return layout(key, school, false);
    }

    private static Layout layout(String key, Pressing school, boolean mirrored) {
        var design = Tops.of(1, 1, "9", key)
                .plan(PlanDesign.USUAL.withHabits(PlanDesign.USUAL.marking(), school))
                .design();
        Block block = TraditionalBlocks.byKey(key).orElseThrow();
        Figure figure = Figure.of(block, Length.inches(9), Length.inches(9), design::block, MeasureSystem.INCH);
        return Layout.of(List.of(figure), mirrored, ReadDesign.of(design));
    }

    private static Box box(int left, int top, int right, int bottom) {
        return new Box(Length.inches(left), Length.inches(top), Length.inches(right), Length.inches(bottom));
    }

    /** Every place where two seams in one line touch end to end, and both are pressed the same way. */
    private static List<String> faults(PressingMap map) {
        List<String> faults = new ArrayList<>();
        List<Point> ends = new ArrayList<>();
        map.seams()
                .forEach(each ->
                        ends.addAll(List.of(each.seam().from(), each.seam().to())));
        for (Point end : ends.stream().distinct().toList()) {
            for (boolean lying : new boolean[] {true, false}) {
                List<Pressed> before = touching(map, end, lying, true);
                List<Pressed> after = touching(map, end, lying, false);
                for (Pressed one : before) {
                    for (Pressed other : after) {
                        if (one.direction() == other.direction() && one.direction() != Direction.OPEN) {
                            faults.add(one.direction() + " on both sides of " + end);
                        }
                    }
                }
            }
        }
        return faults;
    }

    private static List<Pressed> touching(PressingMap map, Point at, boolean lying, boolean before) {
        return map.seams().stream()
                .filter(each -> {
                    double alongFrom = lying
                            ? each.seam().from().x().toDoubleInches()
                            : each.seam().from().y().toDoubleInches();
                    double alongTo = lying
                            ? each.seam().to().x().toDoubleInches()
                            : each.seam().to().y().toDoubleInches();
                    double off = lying
                            ? each.seam().from().y().minus(at.y()).toDoubleInches()
                            : each.seam().from().x().minus(at.x()).toDoubleInches();
                    double wanted = lying ? at.x().toDoubleInches() : at.y().toDoubleInches();
                    boolean straight = lying
                            ? each.seam().from().y().equals(each.seam().to().y())
                            : each.seam().from().x().equals(each.seam().to().x());
                    return straight && Math.abs(off) < 1e-9 && Math.abs((before ? alongTo : alongFrom) - wanted) < 1e-9;
                })
                .toList();
    }
}

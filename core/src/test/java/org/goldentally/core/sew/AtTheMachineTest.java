package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.BlockPart;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.sew.BenchState.Counts;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Batches, ways out when something goes wrong, the first unit measured, and the pace. */
class AtTheMachineTest {

    @Test
    void unitsComeBeforeBlocksThenRowsThenBorders() {
        List<Batch> batches = Batches.of(tally(Tops.of(4, 5, "8", "pinwheel")
                .place(1, 1, "", 0, true)
                .border(BorderDesign.plain("3", "b", Corners.BUTTED))));
        assertThat(batches)
                .extracting(batch -> batch.kind() + " " + batch.needed())
                .containsExactly("UNITS 80", "BLOCKS 19", "BLOCKS 1", "ROWS 5", "BORDER 4", "BINDING 1");
        assertThat(batches.get(2).title()).isEqualTo("Pinwheel, mirrored");
        assertThat(batches).extracting(batch -> batch.key().text()).doesNotHaveDuplicates();
    }

    @Test
    void aBorderOfUnlikeSidesSaysWhatTheyAreAndHowMany() {
        List<Batch> batches = Batches.of(tally(Tops.of(4, 5, "8", "pinwheel")
                .border(BorderDesign.plain("2", "b", Corners.BUTTED)
                        .unlike(
                                BorderSideDesign.none(BorderSideDesign.Side.LEFT),
                                BorderSideDesign.pieced(
                                        BorderSideDesign.Side.UPPER,
                                        "2",
                                        UnitDesign.of(UnitKind.HALF_SQUARE, 0, "a", "b"))))));
        assertThat(batches)
                .filteredOn(batch -> batch.kind() == Batch.Kind.BORDER)
                .extracting(Batch::subtitle, Batch::needed)
                .containsExactly(tuple("plain and pieced, 3 sides", 3L));
    }

    static Stream<Block> blocksOfBlocks() {
        return TraditionalBlocks.ALL.stream()
                .filter(block ->
                        block.parts().stream().anyMatch(part -> part.unit().kind() == UnitKind.BLOCK));
    }

    /** Sewn before what they are set into, as many as the block as designed has places for them, times six blocks. */
    @ParameterizedTest
    @MethodSource("blocksOfBlocks")
    void smallerBlocksAreSewnBeforeThoseTheyAreSetInto(Block outer) {
        List<Batch> blocks = Batches.of(tally(Tops.of(2, 3, "12", outer.key()))).stream()
                .filter(batch -> batch.kind() == Batch.Kind.BLOCKS)
                .toList();
        List<Batch> inner =
                blocks.stream().filter(batch -> batch.inner().isPresent()).toList();
        assertThat(blocks.subList(0, inner.size())).isEqualTo(inner);
        long places = outer.parts().stream()
                .filter(part -> part.unit().kind() == UnitKind.BLOCK)
                .count();
        Set<String> setIn = new HashSet<>();
        outer.parts().stream()
                .filter(part -> part.unit().kind() == UnitKind.BLOCK)
                .forEach(part -> setIn.add(part.unit().block()));
        assertThat(inner.stream()
                        .filter(batch -> setIn.contains(
                                batch.inner().orElseThrow().block().key()))
                        .mapToLong(Batch::needed)
                        .sum())
                .isEqualTo(6 * places);
        assertThat(inner)
                .allSatisfy(batch -> assertThat(batch.title()).contains(", set into other blocks, ", " in finished"));
    }

    /** Three by four on point: diagonal rows of 1, 3, 5, 5, 3 and 1 blocks, 18 together (counted on a drawing). */
    @Test
    void rowsOnPointRunOnTheDiagonal() {
        TopTally tally = tally(Tops.of(3, 4, "12", "ohio-star").set(Kind.ON_POINT));
        assertThat(Batches.diagonalRows(tally.top())).containsExactly(1L, 3L, 5L, 5L, 3L, 1L);
    }

    @Test
    void setsLeftFollowWhatIsMadeAndSpoiled() {
        Batch batch = units(tally(eight()));
        assertThat(batch.setsLeft(Counts.NONE)).isEqualTo(10);
        assertThat(batch.setsLeft(new Counts(10, 0, 80, 0, 0, 0))).isZero();
        assertThat(batch.setsLeft(new Counts(10, 0, 80, 1, 0, 0))).isEqualTo(1);
        assertThat(batch.setsBeyondPlan(new Counts(10, 0, 80, 1, 0, 0))).isEqualTo(1);
        assertThat(batch.setsBeyondPlan(new Counts(3, 1, 24, 0, 0, 0))).isEqualTo(1);
    }

    /** A crossing gives a split quarter of each hand; a spoiled left one is made up by a set, whatever right ones are over. */
    @Test
    void handsAreCountedApart() {
        Batch batch = units(tally(Tops.of(2, 1, "8", "double-pinwheel").place(0, 1, "", 0, true)));
        assertThat(batch.setsLeft(Counts.NONE)).isEqualTo(4);
        assertThat(batch.setsLeft(new Counts(4, 0, 8, 0, 0, 0))).isZero();
        assertThat(batch.setsLeft(new Counts(4, 0, 8, 1, 1, 0))).isEqualTo(1);
    }

    @Test
    void aMishapThatTheLeftoversCoverIsCutFromThem() {
        TopTally tally = tally(eight(), "a: 2 yd 42 wide", "b: 2 yd 42 wide");
        WaysOut out = WaysOut.of(units(tally), new Counts(10, 0, 80, 1, 0, 0), tally);
        assertThat(out.covered()).isTrue();
        assertThat(out.ways()).containsExactly("cut 1 more pair from what is left over");
        assertThat(WaysOut.of(units(tally), Counts.NONE, tally).ways()).isEmpty();
        assertThat(WaysOut.of(units(tally), Counts.NONE, tally).mayGoWrong()).isPositive();
    }

    /** Ten squares of each cloth for ten pairs: nothing is over, so a spoiled unit leads to the ways out, cheapest first. */
    @Test
    void aMishapThatNothingCoversSaysTheWaysOut() {
        TopTally tally = tally(eight(), "a: 10 squares 10 in", "b: 10 squares 10 in");
        WaysOut tight = WaysOut.of(units(tally), Counts.NONE, tally);
        assertThat(tight.mayGoWrong()).isZero();
        WaysOut out = WaysOut.of(units(tally), new Counts(9, 1, 72, 0, 0, 0), tally);
        assertThat(out.beyondPlan()).isEqualTo(1);
        assertThat(out.covered()).isFalse();
        assertThat(out.ways().getLast()).isEqualTo("buy 3/8 yd oat and 3/8 yd ink");
    }

    /** Twelve pairs of ten planned: all are made, and there is nothing to find a way out of. */
    @Test
    void onceAllAreMadeThereIsNoWayOutToFind() {
        TopTally tally = tally(eight(), "a: 10 squares 10 in", "b: 10 squares 10 in");
        WaysOut out = WaysOut.of(units(tally), new Counts(12, 0, 96, 1, 0, 0), tally);
        assertThat(out).isEqualTo(new WaysOut(0, true, 0, List.of()));
    }

    @Test
    void aNeighbourColourIsNamedWhereItsLeftoversGiveIt() {
        // Spruce stands in a border, so that it has an account with leftovers.
        TopTally tally = tally(
                eight().border(BorderDesign.plain("2", "d", Corners.BUTTED)),
                "a: 2 yd 42 wide",
                "b: 10 squares 10 in",
                "d: 2 yd 42 wide");
        WaysOut out = WaysOut.of(units(tally), new Counts(9, 1, 72, 0, 0, 0), tally);
        assertThat(out.covered()).isFalse();
        assertThat(out.ways()).anyMatch(way -> way.startsWith("take spruce for ink"));
    }

    /** Two at a time from 4 7/8 in, sewn with a seam s, gives a raw unit of S − s√2 (geometry): from it the seam comes back. */
    @ParameterizedTest
    @CsvSource({
        "0.25, true, about 1/4 in",
        "0.28, true, a little over 1/4 in",
        "0.30, true, about 5/16 in",
        "0.20, true, about 3/16 in",
        "0.45, false, about 7/16 in"
    })
    void aMeasuredUnitTellsTheSeam(double seam, boolean goOn, String onARuler) {
        TopTally tally = tally(Tops.of(4, 5, "8", "pinwheel").choose("half-square", "two-at-a-time"));
        Recipe recipe = units(tally).plan().orElseThrow().recipe();
        SewingSettings settings = tally.top().settings();
        double raw = recipe.cuts().getFirst().size().width().toDoubleInches() - seam * Math.sqrt(2);
        Length measured = Length.inches(0, (int) Math.round(raw * 10_000), 10_000);
        FirstUnit first = FirstUnit.of(measured, recipe, settings);
        assertThat(first.goOn()).isEqualTo(goOn);
        assertThat(first.seam()).hasValueSatisfying(found -> assertThat(found).isCloseTo(seam, Offset.offset(0.001)));
        assertThat(first.advice())
                .contains(goOn ? "go on" : "Too small to trim")
                .contains("a seam of " + onARuler + ".");
        FirstUnit huge = FirstUnit.of(recipe.sizes().rawWidth().times(2), recipe, settings);
        assertThat(huge.advice()).as("no seam makes it so large").doesNotContain("a seam of");
    }

    @Test
    void thePaceIsTheMiddleTimeBetweenSetsWithoutBreaks() {
        List<Batch> batches = Batches.of(tally(eight()));
        String units = batches.getFirst().key().text();
        List<LogEntry> log = new ArrayList<>();
        Instant at = Instant.parse("2026-11-23T08:00:00Z");
        // 9, 9, 12 minutes, two taps at once, a night between.
        for (Duration pause : List.of(
                Duration.ZERO,
                Duration.ofMinutes(9),
                Duration.ofMinutes(9),
                Duration.ofSeconds(2),
                Duration.ofMinutes(12),
                Duration.ofHours(10))) {
            at = at.plus(pause);
            log.add(BenchStateTest.entry(log.size(), LogEntry.Kind.SET_MADE, units, 8, at));
        }
        BenchState state = BenchState.of(log);
        Pace pace = Pace.of(state, batches);
        assertThat(pace.timed()).isEqualTo(Map.of(Batch.Kind.UNITS, 3));
        assertThat(pace.usual().get(Batch.Kind.UNITS)).isCloseTo(9, Offset.offset(0.05));
        assertThat(pace.slow().get(Batch.Kind.UNITS)).isCloseTo(10.5, Offset.offset(0.05));
        Pace.Estimate rest = pace.rest(state, batches);
        assertThat(rest.usualMinutes()).isCloseTo(4 * 9, Offset.offset(0.3));
        // Blocks, rows and the binding have no time of their own: nothing is claimed of them.
        assertThat(rest.setsWithoutPace()).isEqualTo(20 + 5 + 1);
    }

    @Test
    void hoursAWeekAndADayTellEachOther() {
        LocalDate monday = LocalDate.of(2026, 11, 23);
        assertThat(Pace.doneBy(monday, 600, 5)).isEqualTo(monday.plusDays(14));
        assertThat(Pace.hoursAWeek(monday, 600, monday.plusDays(13))).isCloseTo(5, Offset.offset(1e-9));
        assertThat(Pace.hoursAWeek(monday, 60, monday)).isCloseTo(7, Offset.offset(1e-9));
    }

    /** Pinwheels of 8 in, eight at a time: 80 units are ten pairs. */
    /** One unit of loose triangles: a square of each cloth gives two, so a spoiled unit is sewn of the two left over. */
    @Test
    void aSpoiledUnitIsSewnOfTheTrianglesLeftOver() {
        UnitDesign unit = UnitDesign.of(UnitKind.HALF_SQUARE, 0, "a", "b");
        Block one = new Block("one", "One", List.of(1), List.of(1), List.of(new BlockPart(0, 0, 1, 1, unit)));
        Tops tops = Tops.of(1, 1, "4", "pinwheel").turns("one").choose("half-square", "loose-triangles");
        TopTally tally = TopTally.of(QuiltTop.of(tops.design().withBlocks(List.of(one))), Map.of());
        assertThat(WaysOut.of(units(tally), new Counts(1, 0, 1, 1, 0, 0), tally).ways())
                .startsWith("sew 1 of the 1 of loose triangles that are left over of both fabrics");
        Tops eight = Tops.of(1, 1, "4", "pinwheel").turns("one").choose("half-square", "eight-at-a-time");
        TopTally pairs = TopTally.of(QuiltTop.of(eight.design().withBlocks(List.of(one))), Map.of());
        assertThat(WaysOut.of(units(pairs), new Counts(1, 1, 8, 8, 0, 0), pairs).ways())
                .noneMatch(way -> way.contains("loose triangles that are left"));
    }

    private static Tops eight() {
        return Tops.of(4, 5, "8", "pinwheel").choose("half-square", "eight-at-a-time");
    }

    private static Batch units(TopTally tally) {
        return Batches.of(tally).stream()
                .filter(batch -> batch.kind() == Batch.Kind.UNITS)
                .findFirst()
                .orElseThrow();
    }

    private static TopTally tally(Tops tops, String... shelf) {
        Map<String, List<ShelfPieces>> pieces = new java.util.LinkedHashMap<>();
        for (String line : shelf) {
            ShelfLine read = ShelfLineReader.read("shelf", line.substring(3), MeasureSystem.INCH)
                    .orThrow();
            pieces.computeIfAbsent(line.substring(0, 1), any -> new ArrayList<>())
                    .add(new ShelfPieces(line, read.count(), read.piece()));
        }
        return TopTally.of(tops.top(), pieces);
    }
}

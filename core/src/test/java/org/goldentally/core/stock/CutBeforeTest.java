package org.goldentally.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ClothLedger.Opened;
import org.goldentally.core.account.SheetSteps;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

/** What was cut is never cut again, never forgotten and never counted twice, whatever is changed after it. */
class CutBeforeTest {

    private static final Area NOTHING = Area.ZERO;

    /**
     * A pinwheel of 8 in has four half-square triangles of 4 in, eight at a time from squares of 9 3/4 in, cut over at 10: 4 × 3 blocks have 48
     * of them and take 6 squares of each fabric, 4 × 2 take 4 and 4 × 4 take 8 (worked by hand). With all 6 cut, one row fewer
     * leaves 2 over, and for one row more only 2 are cut.
     */
    @Test
    void oneRowFewerUsesWhatIsCutAndSaysWhatIsSpare() {
        Table table = new Table(Map.of("b", pieces("1 yd ink 42 wide")));
        table.putAwayAll(TopTally.of(Tops.of(4, 3, "8", "pinwheel").top(), table.onHand()), "b");
        assertThat(table.cut.get("b")).singleElement().satisfies(cut -> {
            assertThat(cut.count()).isEqualTo(6);
            assertThat(cut.piece().width()).isEqualTo(Length.inches(10));
        });

        TopTally same = TopTally.of(Tops.of(4, 3, "8", "pinwheel").top(), table.onHand());
        assertThat(stepsOf(same, "b")).isEmpty();
        assertThat(ledger(same, "b").isEnough()).isTrue();
        assertThat(SpareCut.of(same, table.cut.get("b"))).isEmpty();

        TopTally fewer = TopTally.of(Tops.of(4, 2, "8", "pinwheel").top(), table.onHand());
        assertThat(stepsOf(fewer, "b")).isEmpty();
        assertThat(SpareCut.of(fewer, table.cut.get("b")))
                .singleElement()
                .satisfies(spare -> assertThat(spare.count()).isEqualTo(2));

        TopTally more = TopTally.of(Tops.of(4, 4, "8", "pinwheel").top(), table.onHand());
        assertThat(SpareCut.of(more, table.cut.get("b"))).isEmpty();
        assertThat(ledger(more, "b").opened().stream()
                        .filter(opened -> opened.piece().isCutAlready())
                        .mapToLong(Opened::count)
                        .sum())
                .isEqualTo(6);
        assertThat(cutOf(ledger(more, "b"), Length.inches(10))).isEqualTo(8);
    }

    /** What is cut and now has another size is cut down before a whole piece is opened: 6 of 9 3/4 in, where 8 3/4 in are wanted. */
    @Test
    void whatIsTooLargeNowIsTrimmedDown() {
        Table table = new Table(Map.of("b", pieces("1 yd ink 42 wide")));
        table.putAwayAll(TopTally.of(Tops.of(4, 3, "8", "pinwheel").top(), table.onHand()), "b");
        TopTally smaller = TopTally.of(Tops.of(4, 3, "7", "pinwheel").top(), table.onHand());
        assertThat(ledger(smaller, "b").opened())
                .extracting(opened -> opened.piece().piece().form())
                .containsOnly(PieceForm.CUT);
        assertThat(stepsOf(smaller, "b")).isNotEmpty();
        assertThat(SpareCut.of(smaller, table.cut.get("b"))).isEmpty();
    }

    /**
     * A shelf, and quilts that are planned, cut in part and changed, again and again. A model beside it adds up areas: what
     * there was is on the shelf, cut, or trimmed away, at every moment and exactly; no piece is used more often than it is there.
     */
    @Tries(40)
    void nothingIsLostOverManyLives(Chance chance) {
        Map<String, List<ShelfPieces>> start = new LinkedHashMap<>();
        for (String cloth : List.of("a", "b", "c")) {
            start.put(cloth, chance.list(0, 3, () -> line(chance)));
        }
        Table table = new Table(start);
        for (int change = 0; change < 3; change++) {
            Tops tops = Tops.of(
                    chance.between(1, 4),
                    chance.between(1, 3),
                    chance.of("6", "8", "9"),
                    chance.of("pinwheel", "sawtooth-star"));
            TopTally tally = TopTally.of(tops.top(), table.onHand());
            table.checkUse(tally);
            TopTally fromScratch = TopTally.of(tops.top(), table.shelf());
            assertThat(bought(tally)).isLessThanOrEqualTo(bought(fromScratch));
            for (ClothLedger ledger : tally.ledgers()) {
                for (Opened opened : ledger.opened()) {
                    if (chance.flag()) {
                        table.putAway(ledger.cloth(), opened);
                    }
                }
            }
        }
    }

    @Test
    void whatIsReallyLeftIsTakenUnlessItIsMoreThanThereWas() {
        TopTally tally = TopTally.of(Tops.of(4, 3, "8", "pinwheel").top(), Map.of("b", pieces("1 yd ink 42 wide")));
        CutUp planned = CutUp.of(ledger(tally, "b").opened().getFirst());
        ClothPiece measured = CutUp.leftOf(planned.from(), Length.inches(42), Length.inches(10));
        assertThat(measured.form()).isEqualTo(PieceForm.YARDAGE);
        CutUp corrected = planned.leaving(List.of(new CutUp.Left(measured, 1)), "ink", MeasureSystem.INCH);
        assertThat(corrected.kept()).isEqualTo(measured.area());
        assertThat(corrected.cut().plus(corrected.kept()).plus(corrected.trimmed()))
                .isEqualTo(planned.taken());
        assertThatThrownBy(() -> planned.leaving(List.of(new CutUp.Left(planned.from(), 1)), "ink", MeasureSystem.INCH))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("measure what is left again");
    }

    private static ShelfPieces line(Chance chance) {
        String typed = chance.of(
                "1 yd ink 42 wide",
                "1/2 yd ink 40 wide",
                "12 squares 10 in ink",
                "6 strips 2 1/2 in ink",
                "3 fat quarters ink");
        return pieces(typed).getFirst();
    }

    private static List<ShelfPieces> pieces(String typed) {
        ShelfLine line = ShelfLineReader.readForShelf("Shelf line", typed, MeasureSystem.INCH)
                .orThrow();
        return List.of(new ShelfPieces("line", line.count(), line.piece()));
    }

    private static ClothLedger ledger(TopTally tally, String cloth) {
        return tally.ledgers().stream()
                .filter(each -> each.cloth().equals(cloth))
                .findFirst()
                .orElseThrow();
    }

    private static List<SheetSteps.Step> stepsOf(TopTally tally, String cloth) {
        return SheetSteps.of(ledger(tally, cloth)).stream()
                .flatMap(List::stream)
                .toList();
    }

    private static long cutOf(ClothLedger ledger, Length side) {
        return ledger.piecesCut().isEmpty()
                ? 0
                : ledger.opened().stream()
                                .mapToLong(opened -> opened.count() * ofSide(opened, side))
                                .sum()
                        + ledger.toBuy().stream()
                                .flatMap(buy -> buy.piece().cuts().stream())
                                .filter(cut -> cut.cut().size().width().equals(side))
                                .mapToLong(cut -> cut.count())
                                .sum();
    }

    private static long ofSide(Opened opened, Length side) {
        return opened.piece().cuts().stream()
                .filter(cut -> cut.cut().size().width().equals(side))
                .mapToLong(cut -> cut.count())
                .sum();
    }

    private static Length bought(TopTally tally) {
        return tally.ledgers().stream()
                .flatMap(ledger -> ledger.toBuy().stream())
                .map(buy -> buy.purchase().exact())
                .reduce(Length.ZERO, Length::plus);
    }

    /** What lies where, counted by areas alone. */
    private static final class Table {
        private final Map<String, List<ShelfPieces>> whole = new LinkedHashMap<>();
        private final Map<String, List<ShelfPieces>> cut = new LinkedHashMap<>();
        private final Map<String, Area> trimmed = new HashMap<>();
        private final Map<String, Area> had = new HashMap<>();
        private int minted;

        Table(Map<String, List<ShelfPieces>> start) {
            start.forEach((cloth, pieces) -> {
                pieces.forEach(each -> add(whole, cloth, each.count(), each.piece()));
                had.put(cloth, area(whole, cloth));
            });
        }

        private void add(Map<String, List<ShelfPieces>> to, String cloth, long count, ClothPiece piece) {
            to.computeIfAbsent(cloth, any -> new ArrayList<>())
                    .add(new ShelfPieces(cloth + minted++, Math.toIntExact(count), piece));
        }

        Map<String, List<ShelfPieces>> shelf() {
            return whole;
        }

        Map<String, List<ShelfPieces>> onHand() {
            Map<String, List<ShelfPieces>> all = new LinkedHashMap<>();
            whole.forEach((cloth, pieces) ->
                    all.computeIfAbsent(cloth, any -> new ArrayList<>()).addAll(pieces));
            cut.forEach((cloth, pieces) ->
                    all.computeIfAbsent(cloth, any -> new ArrayList<>()).addAll(pieces));
            return all;
        }

        void putAwayAll(TopTally tally, String cloth) {
            ledger(tally, cloth).opened().forEach(opened -> putAway(cloth, opened));
        }

        /** What is cut already stays as it is. */
        void putAway(String cloth, Opened opened) {
            if (opened.piece().isCutAlready()) {
                return;
            }
            CutUp cutUp = CutUp.of(opened);
            take(whole, cloth, opened);
            take(cut, cloth, opened);
            cutUp.left().forEach(left -> add(whole, cloth, left.count(), left.piece()));
            cutUp.heaps().forEach(heap -> add(cut, cloth, heap.count(), heap.piece()));
            trimmed.merge(cloth, cutUp.trimmed(), Area::plus);
            assertThat(cutUp.trimmed()).isGreaterThanOrEqualTo(NOTHING);
            assertThat(area(whole, cloth).plus(area(cut, cloth)).plus(trimmed.get(cloth)))
                    .isEqualTo(had.getOrDefault(cloth, NOTHING));
        }

        private static void take(Map<String, List<ShelfPieces>> from, String cloth, Opened opened) {
            from.computeIfPresent(cloth, (any, pieces) -> {
                List<ShelfPieces> left = new ArrayList<>();
                for (ShelfPieces each : pieces) {
                    int count = each.count() - (each.key().equals(opened.key()) ? Math.toIntExact(opened.count()) : 0);
                    assertThat(count).isNotNegative();
                    if (count > 0) {
                        left.add(new ShelfPieces(each.key(), count, each.piece()));
                    }
                }
                return left;
            });
        }

        /** No piece is used more often than it is there. */
        void checkUse(TopTally tally) {
            Map<String, Long> there = new HashMap<>();
            onHand().values().forEach(pieces -> pieces.forEach(each -> there.put(each.key(), (long) each.count())));
            for (ClothLedger ledger : tally.ledgers()) {
                Map<String, Long> used = new HashMap<>();
                ledger.opened().forEach(opened -> used.merge(opened.key(), opened.count(), Long::sum));
                used.forEach((key, count) -> assertThat(count).isLessThanOrEqualTo(there.get(key)));
            }
        }

        private static Area area(Map<String, List<ShelfPieces>> pieces, String cloth) {
            return pieces.getOrDefault(cloth, List.of()).stream()
                    .map(each -> each.piece().area().times(each.count()))
                    .reduce(NOTHING, Area::plus);
        }
    }
}

package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.BorderDesign.Kind;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;

/** Cards of strips: every strip that is sewn has one, and it says what is sewn of what, in which order. */
class StripStepsTest {

    /** 4 × 3 blocks with pieced sashing have 3 × 3 standing and 2 × 4 lying strips; each of 8 in holds four 2 in units. */
    @Test
    void sashingOfUnitsHasACard() {
        TopTally tally = tally(Tops.of(4, 3, "8", "ohio-star")
                .sash("2", "c", false, UnitDesign.of(UnitKind.HALF_SQUARE, 0, "b", "a")));
        Batch card = card(tally, BatchKey.Once.SASHING);
        assertThat(card.needed()).isEqualTo(3 * 3 + 2 * 4);
        assertThat(card.subtitle()).isEqualTo("17 sewn of units");
        assertThat(new StripSteps(tally).rows(card))
                .extracting(StripSteps.Row::count)
                .containsExactly(17L);
        assertThat(new StripSteps(tally).rows(card).getFirst().notes().getFirst())
                .isEqualTo("4 units: 4 × half-square triangle 2 in finished.");
        assertThat(new CardChecks(tally).of(card))
                .contains(new CardChecks.Check("17 strips, sewn of units, unfinished", "2 1/2 × 8 1/2 in"));
        List<Batch.Kind> order =
                Batches.of(tally).stream().map(Batch::kind).distinct().toList();
        assertThat(order.indexOf(Batch.Kind.SASHING)).isEqualTo(order.indexOf(Batch.Kind.ROWS) - 1);
    }

    /**
     * Rows of six 8 in blocks with 2 in between are 58 in: longer than 40 in of fabric, so the two strips between three rows
     * are joined, 117 in of 3 strips (worked by hand). The fifteen short ones are cut whole, and need no card.
     */
    @Test
    void onlySashingThatIsSewnHasACard() {
        TopTally joined = tally(Tops.of(6, 3, "8", "ohio-star").sash("2", "", false, UnitDesign.plain("c")));
        Batch card = card(joined, BatchKey.Once.SASHING);
        assertThat(card.needed()).isEqualTo(2);
        assertThat(new StripSteps(joined).of(card).getFirst())
                .isEqualTo("Join 3 strips 2 1/2 in wide, cut across the fabric, into one run; press the joins open. Cut"
                        + " from it 2 of 58 1/2 in.");
        TopTally short1 = tally(Tops.of(3, 3, "8", "ohio-star").sash("2", "c", false, UnitDesign.plain("c")));
        assertThat(Batches.of(short1)).extracting(Batch::kind).doesNotContain(Batch.Kind.SASHING);
    }

    /** A taller top has its standing sides sewn on first; the lying ones go over them, or carry the corners. */
    @Test
    void bordersSayWhichSidesComeFirst() {
        assertThat(border(3, 4, Corners.BUTTED)).satisfies(steps -> {
            assertThat(steps.get(0))
                    .startsWith("First right and left: measure the top through the middle, from top to");
            assertThat(steps.get(1)).startsWith("Then above and below: measure");
        });
        assertThat(border(4, 3, Corners.BUTTED).get(0)).startsWith("First above and below:");
        assertThat(border(3, 4, Corners.UNITS).get(1))
                .startsWith("Sew a corner to each end of the strips above and below");
        assertThat(border(3, 4, Corners.MITRED).get(1)).contains("mitre at 45°");
    }

    /** 24 in of 3 in hourglasses are eight a side; their fabrics begin and end the row. */
    @Test
    void aPiecedBorderNamesItsUnits() {
        TopTally tally = tally(Tops.of(3, 3, "8", "ohio-star")
                .border(new BorderDesign(
                        Kind.PIECED,
                        "3",
                        "",
                        List.of(
                                UnitDesign.of(UnitKind.HOURGLASS, 0, "b", "a", "b", "a"),
                                UnitDesign.of(UnitKind.HOURGLASS, 0, "c", "a", "c", "a")),
                        "",
                        false,
                        Corners.UNITS,
                        List.of(UnitDesign.plain("d")))));
        StripSteps.Row row =
                new StripSteps(tally).rows(card(tally, new BatchKey.Border(1))).getFirst();
        assertThat(row.name()).isEqualTo("border 1, above, right, below and left");
        assertThat(row.count()).isEqualTo(4);
        assertThat(row.notes().get(0)).isEqualTo("8 units: 8 × hourglass of two cloths 3 in finished.");
        assertThat(row.notes().get(1))
                .isEqualTo("It begins with hourglass of two cloths (ink, oat) and ends with"
                        + " hourglass of two cloths (marigold, oat).");
    }

    /**
     * Sides of 49 1/2 in above and below are a run of 99 in: three strips reach 119, and what is left gives one of the short
     * sides of 17 1/2 in whole; the other is cut for itself (worked by hand). Along the fabric nothing is joined.
     */
    @Test
    void cardsSayWhereEachStripComesFrom() {
        Tops top = Tops.of(6, 2, "8", "ohio-star").border(BorderDesign.plain("2", "b", Corners.UNITS));
        TopTally tally = tally(top);
        Batch card = card(tally, new BatchKey.Border(1));
        assertThat(new StripSteps(tally).of(card).getFirst())
                .isEqualTo("Join 3 strips 2 1/2 in wide, cut across the fabric, into one run; press the joins open. Cut"
                        + " from it 2 of 49 1/2 in, then 1 of 17 1/2 in, last, where no join falls in them.");
        assertThat(new CardChecks(tally).of(card))
                .extracting(CardChecks.Check::what)
                .contains(
                        "2 strips, cut over-length from the joined run, then trim",
                        "1 strip, cut over-length from the end of the run, where no join falls in it, then trim",
                        "1 strip, cut over-length, then trim");
        TopTally along = tally(Tops.of(6, 2, "8", "ohio-star")
                .border(BorderDesign.plain("2", "b", Corners.UNITS).joined(BorderDesign.Join.ALONG_LENGTH)));
        assertThat(new CardChecks(along).of(card(along, new BatchKey.Border(1))))
                .extracting(CardChecks.Check::what)
                .contains("2 strips, cut over-length along the length of the fabric, then trim");
    }

    /** Where sides are missing, those there are come in turn; a lone strip of sashing, not dressed, is called so. */
    @Test
    void whatIsThereOnceOrNotAtAllIsSaidSo() {
        TopTally below = tally(Tops.of(3, 4, "8", "ohio-star")
                .border(BorderDesign.plain("2", "b", Corners.BUTTED)
                        .unlike(
                                BorderSideDesign.none(BorderSideDesign.Side.LEFT),
                                BorderSideDesign.none(BorderSideDesign.Side.RIGHT),
                                BorderSideDesign.none(BorderSideDesign.Side.UPPER))));
        assertThat(new StripSteps(below).of(card(below, new BatchKey.Border(1))))
                .singleElement()
                .satisfies(
                        step -> assertThat(step).startsWith("First below: measure the top through the middle, from"));
        TopTally one = tally(Tops.of(2, 1, "8", "ohio-star")
                .sash("2", "", false, UnitDesign.of(UnitKind.HALF_SQUARE, 0), UnitDesign.plain("b")));
        StripSteps.Row row =
                new StripSteps(one).rows(card(one, BatchKey.Once.SASHING)).getFirst();
        assertThat(row.name()).isEqualTo("the sashing strip");
        assertThat(row.notes().get(1)).contains("no fabric yet");
        assertThat(new StripSteps(one).of(card(one, BatchKey.Once.ROWS))).isEmpty();
    }

    /** The key of a card of sashing is its own, as it is written and as it was before. */
    @Test
    void sashingHasAKeyOfItsOwn() {
        assertThat(BatchKey.Once.SASHING.inLog())
                .doesNotContainAnyElementsOf(BatchKey.Once.ROWS.inLog())
                .doesNotContainAnyElementsOf(BatchKey.Once.BINDING.inLog());
    }

    private static List<String> border(int across, int down, Corners corners) {
        TopTally tally = tally(Tops.of(across, down, "8", "ohio-star").border(BorderDesign.plain("2", "b", corners)));
        return new StripSteps(tally).of(card(tally, new BatchKey.Border(1)));
    }

    private static Batch card(TopTally tally, BatchKey key) {
        return Batches.of(tally).stream()
                .filter(batch -> batch.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static TopTally tally(Tops tops) {
        return TopTally.of(tops.top(), Map.of());
    }
}

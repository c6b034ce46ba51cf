package org.goldentally.core.versions;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.ideas.OurQuilts;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.versions.Comparison.Row;
import org.goldentally.core.versions.Comparison.Version;
import org.junit.jupiter.api.Test;

class ComparisonTest {

    private final QuiltDesign market =
            OurQuilts.byKey("market-day").orElseThrow().design();

    @Test
    void aWiderBorderDiffersInSizeBordersAndClothAndInNothingOfTheBlocks() {
        List<BorderDesign> borders = new ArrayList<>(market.borders());
        borders.set(1, borders.get(1).ofWidth("6"));
        List<Row> rows = Comparison.of(List.of(version(market), version(market.withBorders(borders))), ClothLedger::of)
                .rows();
        // 3 blocks of 12 in, 2 sashes of 2 in, borders of 2 and 4 in on both sides; 4 blocks and 3 sashes the other
        // way.
        assertThat(values(rows, "Top, finished")).containsExactly("52 × 66 in", "56 × 70 in");
        assertThat(values(rows, "Borders, finished")).containsExactly("2 in cream, 4 in navy", "2 in cream, 6 in navy");
        assertThat(rows.stream().filter(Row::differs).map(Row::what))
                .contains("Fabric, as lengths: navy", "To buy")
                .doesNotContain("Blocks", "Block, finished", "Sashing, finished", "Fabric, as lengths: teal");
        assertThat(values(rows, "Blocks")).containsExactly("12 blocks", "12 blocks");
    }

    @Test
    void aSideUnlikeTheOthersIsToldBehindItsBorder() {
        List<BorderDesign> borders = new ArrayList<>(market.borders());
        borders.set(
                1,
                borders.get(1)
                        .unlike(
                                BorderSideDesign.none(BorderSideDesign.Side.LEFT),
                                BorderSideDesign.plain(
                                        BorderSideDesign.Side.LOWER,
                                        "6",
                                        borders.getFirst().cloth())));
        List<Row> rows = Comparison.of(List.of(version(market), version(market.withBorders(borders))), ClothLedger::of)
                .rows();
        assertThat(values(rows, "Borders, finished"))
                .containsExactly(
                        "2 in cream, 4 in navy", "2 in cream, 4 in navy (left side: none) (lower side: 6 in cream)");
        assertThat(values(rows, "Top, finished")).containsExactly("52 × 66 in", "48 × 68 in");
    }

    /** What only one of them has is told of both. */
    @Test
    void aUnitThatOneHasAndTheOtherHasNotIsADifference() {
        QuiltDesign geese = OurQuilts.byKey("geese-at-dusk").orElseThrow().design();
        List<Row> rows = Comparison.of(List.of(version(market), version(geese)), ClothLedger::of)
                .rows();
        assertThat(rows.stream()
                        .filter(row -> row.what().startsWith("flying goose")
                                && row.values().contains("–")))
                .isNotEmpty();
        assertThat(rows).allSatisfy(row -> assertThat(row.values()).hasSize(2));
    }

    @Test
    void aCopyDiffersInNothing() {
        assertThat(Comparison.of(List.of(version(market), version(market), version(market)), ClothLedger::of)
                        .rows())
                .isNotEmpty()
                .noneMatch(Row::differs);
    }

    private static List<String> values(List<Row> rows, String what) {
        return rows.stream()
                .filter(row -> row.what().equals(what))
                .findFirst()
                .orElseThrow()
                .values();
    }

    private static Version version(QuiltDesign design) {
        TopTally tally = TopTally.of(QuiltTop.of(design), Map.of());
        return new Version(tally, ShoppingList.of(tally, Prices.UNKNOWN));
    }
}

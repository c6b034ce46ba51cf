package org.goldentally.core.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.ideas.OurQuilts;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A tick belongs to what was cut, not to how the sheet says it. */
class SheetStepsTest {

    /** Every word of every piece is another, and no step has another key. */
    @ParameterizedTest
    @EnumSource(CuttingStyle.class)
    void rewordedSheetsKeepTheirTicks(CuttingStyle style) {
        for (ClothLedger ledger : ledgers(style)) {
            assertThat(ids(SheetSteps.of(reworded(ledger)))).isEqualTo(ids(SheetSteps.of(ledger)));
            assertThat(texts(reworded(ledger)))
                    .as("the words did change")
                    .doesNotContainAnyElementsOf(texts(ledger).stream()
                            .filter(text -> text.contains(" for ") || text.contains("For "))
                            .toList());
        }
    }

    /** Two steps of one sheet are never ticked by one tick, not even where they are equal. */
    @ParameterizedTest
    @EnumSource(CuttingStyle.class)
    void eachStepHasAKeyOfItsOwn(CuttingStyle style) {
        for (ClothLedger ledger : ledgers(style)) {
            List<UUID> ids = ids(SheetSteps.of(ledger));
            assertThat(Set.copyOf(ids)).hasSameSizeAs(ids);
        }
    }

    private static List<ClothLedger> ledgers(CuttingStyle style) {
        CuttingChoice choice = new CuttingChoice("", style, 1);
        return OurQuilts.all().stream()
                .map(quilt -> QuiltTop.of(quilt.design()))
                .flatMap(top ->
                        TopTally.of(top, Map.of(), request -> ClothLedger.of(request.with(choice))).ledgers().stream())
                .toList();
    }

    private static List<UUID> ids(List<List<SheetSteps.Step>> steps) {
        return steps.stream().flatMap(List::stream).map(SheetSteps.Step::id).toList();
    }

    private static List<String> texts(ClothLedger ledger) {
        return SheetSteps.of(ledger).stream()
                .flatMap(List::stream)
                .map(each -> each.step().text())
                .toList();
    }

    private static ClothLedger reworded(ClothLedger ledger) {
        return new ClothLedger(
                ledger.request(),
                ledger.cuts().stream().map(SheetStepsTest::reworded).toList(),
                ledger.opened().stream()
                        .map(each -> new ClothLedger.Opened(each.key(), each.count(), reworded(each.piece())))
                        .toList(),
                ledger.untouched(),
                ledger.missing(),
                ledger.toBuy().map(buy -> new ClothLedger.ToBuy(buy.purchase(), reworded(buy.piece()), buy.atLeast())),
                ledger.tooLarge());
    }

    private static OpenedPiece reworded(OpenedPiece piece) {
        return new OpenedPiece(
                piece.piece(),
                piece.cuts().stream()
                        .map(cut -> new OpenedPiece.Cut(reworded(cut.cut()), cut.blocks()))
                        .toList(),
                piece.leftovers(),
                piece.trimmings(),
                piece.strips().stream().map(SheetStepsTest::reworded).toList());
    }

    private static LaidStrip reworded(LaidStrip strip) {
        List<LaidStrip.LaidSegment> segments = new ArrayList<>();
        strip.segments()
                .forEach(segment -> segments.add(new LaidStrip.LaidSegment(
                        segment.x(),
                        segment.width(),
                        segment.pieces().stream()
                                .map(piece ->
                                        new LaidStrip.LaidPiece(reworded(piece.cut()), piece.width(), piece.height()))
                                .toList())));
        return new LaidStrip(strip.x(), strip.y(), strip.width(), strip.height(), segments);
    }

    private static ClothCut reworded(ClothCut cut) {
        return new ClothCut(
                cut.cloth(), cut.size(), "chunk", cut.count(), cut.uses(), "whatever " + cut.useLabel(), cut.again());
    }
}

package org.goldentally.core.account;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.chance.Written;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.SomeQuilts;
import org.junit.jupiter.api.Test;

/** The account of every cloth of a few quilts and the steps of cutting it, in all styles, written out. */
class SheetsWrittenOutTest {

    @Test
    void sheetsOfSomeQuilts() {
        List<String> lines = new ArrayList<>();
        SomeQuilts.tallies().forEach((name, tally) -> {
            lines.add("= " + name);
            for (ClothLedger ledger : tally.ledgers()) {
                StyleChoices choices = StyleChoices.of(
                        tally.request(ledger.cloth(), SomeQuilts.SHELF).orElseThrow(), ClothLedger::of);
                choices.accounts().forEach((style, account) -> lines.addAll(said(style, account)));
            }
        });
        Written.as("sheets.txt", lines);
    }

    private static List<String> said(CuttingStyle style, ClothLedger ledger) {
        List<String> lines = new ArrayList<>();
        lines.add("- " + ledger.cloth() + " " + style + ": needed " + ledger.needed() + ", taken " + ledger.taken()
                + ", used " + ledger.used() + ", left " + ledger.left() + ", trimmed " + ledger.trimmed() + ", layouts "
                + ledger.layouts());
        ledger.toBuy().ifPresent(buy -> lines.add("  to buy " + buy.purchase() + ", " + buy.atLeast()));
        for (ClothLedger.Opened opened : ledger.opened()) {
            lines.add("  " + opened.count() + " of " + opened.key());
        }
        for (OpenedPiece piece : ledger.piecesCut()) {
            CuttingSteps.of(piece, MeasureSystem.INCH)
                    .forEach(step -> lines.add("    " + step.text() + " -> " + step.pieces()));
        }
        return lines;
    }
}

package org.goldentally.app.plan;

import java.util.List;
import org.goldentally.app.tally.LedgerWords;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.offers.ShelfReach;

/** How far the shelf goes with a block, as shown. */
record ReachView(
        int blocks,
        List<ReachLayout> layouts,
        List<RemainsView> remains,
        List<String> runsOut,
        List<String> wholeBlocks) {

    record ReachLayout(int across, int down, int over, String finished) {}

    /** What remains of a cloth when so many blocks are cut. */
    record RemainsView(String name, String colour, List<String> whole, List<String> leftovers) {}

    static ReachView of(ShelfReach reach, QuiltDesign design) {
        MeasureSystem system = design.system();
        LengthWriter writer = system.writer();
        return new ReachView(
                reach.blocks(),
                reach.layouts().stream()
                        .map(layout -> new ReachLayout(
                                layout.across(),
                                layout.down(),
                                layout.over(),
                                writer.write(layout.finishedWidth()) + " × "
                                        + writer.writeWithUnit(layout.finishedHeight()) + " finished"))
                        .toList(),
                reach.accounts().stream().map(ledger -> remains(ledger, design)).toList(),
                reach.firstOut().stream()
                        .map(out -> name(design, out.cloth()) + " runs out first; "
                                + Purchase.write(out.more(), system) + " more of it would make "
                                + (out.blocksWithMore() > reach.blocks()
                                        ? out.blocksWithMore() + " blocks"
                                        : "no more blocks by itself"))
                        .toList(),
                reach.wholeBlocks().stream()
                        .map(whole -> "one " + whole.piece().describe(system) + " of " + name(design, whole.cloth())
                                + " gives every piece of it for a whole block")
                        .toList());
    }

    private static RemainsView remains(ClothLedger ledger, QuiltDesign design) {
        MeasureSystem system = design.system();
        ClothInHand cloth = design.cloth(ledger.cloth()).orElseThrow();
        return new RemainsView(
                cloth.name(),
                cloth.colour(),
                ledger.untouched().stream()
                        .map(pieces -> pieces.piece().describe(pieces.count(), system))
                        .toList(),
                LedgerWords.leftovers(ledger, system));
    }

    private static String name(QuiltDesign design, String cloth) {
        return design.cloth(cloth).map(ClothInHand::name).orElse("a fabric");
    }
}

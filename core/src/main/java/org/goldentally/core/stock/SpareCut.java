package org.goldentally.core.stock;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger.Opened;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.tally.TopTally;

/** Pieces that were cut for a quilt and that its plan, as it is now, has no use for. */
public final class SpareCut {

    private SpareCut() {}

    /**
     * What the plan leaves of them.
     *
     * @param cut all that was cut for the quilt, of fabrics that it has no more too
     */
    public static List<ShelfPieces> of(TopTally tally, List<ShelfPieces> cut) {
        Map<String, Long> used = new HashMap<>();
        tally.ledgers().stream()
                .flatMap(ledger -> ledger.opened().stream())
                .forEach((Opened opened) -> used.merge(opened.key(), opened.count(), Long::sum));
        List<ShelfPieces> spare = new ArrayList<>();
        for (ShelfPieces pieces : cut) {
            int left = pieces.count() - Math.toIntExact(used.getOrDefault(pieces.key(), 0L));
            if (left > 0) {
                spare.add(new ShelfPieces(pieces.key(), left, pieces.piece()));
            }
        }
        return spare;
    }
}

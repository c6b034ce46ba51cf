package org.goldentally.app.files;

import java.util.List;
import org.goldentally.app.blocks.BlockArchive.WholeBlock;
import org.goldentally.app.quilts.QuiltArchive.WholeQuilt;
import org.goldentally.app.shelf.PriceList.PriceEntry;
import org.goldentally.core.problem.Limits;

/**
 * All that is kept, as one file.
 *
 * @param goldenTallyEverything the version of this form of file; {@value #CURRENT}
 * @param shelf cloths by the identities under which the quilts' steps know them
 */
public record Everything(
        int goldenTallyEverything,
        List<WholeCloth> shelf,
        List<PriceEntry> prices,
        List<WholeBlock> blocks,
        List<QuiltWithLog> quilts) {

    public static final int CURRENT = 1;

    private static final int MOST = 20_000;

    public Everything {
        Limits.between(goldenTallyEverything, CURRENT, CURRENT, "goldenTallyEverything");
        Limits.list(shelf, MOST, "shelf");
        Limits.list(prices, MOST, "prices");
        Limits.list(blocks, MOST, "blocks");
        Limits.list(quilts, MOST, "quilts");
        shelf = List.copyOf(shelf);
        prices = List.copyOf(prices);
        blocks = List.copyOf(blocks);
        quilts = List.copyOf(quilts);
    }

    /**
     * A cloth of the shelf with what lies there of it.
     *
     * @param photo small, as PNG in base 64; empty for none
     */
    public record WholeCloth(QuiltFile.FileCloth cloth, String photo) {
        public WholeCloth {
            Limits.required(cloth, "cloth");
            Limits.text(photo, 400_000, "photo");
        }
    }

    /** A quilt with all that was tapped at its bench. */
    public record QuiltWithLog(WholeQuilt quilt, List<QuiltFile.FileEntry> log) {
        public QuiltWithLog {
            Limits.required(quilt, "quilt");
            Limits.list(log, QuiltFile.MOST_ENTRIES, "log");
            log = List.copyOf(log);
        }
    }
}

package org.goldentally.app.shelf;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.cloth.PieceForm;

/** For which quilt the pieces of a line are kept, in words. */
final class KeptWords {

    private KeptWords() {}

    /** {@code cut for Lantern Street}, {@code 12 set aside for Lantern Street, 30 free}; empty where all are free. */
    static String of(ShelfPiece piece, List<SetAside.Share> shares) {
        if (shares.isEmpty()) {
            return piece.cutFor().isEmpty() ? "" : "cut to size, free";
        }
        if (piece.piece().form() == PieceForm.CUT) {
            return "cut for " + shares.getFirst().quilt() + ": " + piece.cutFor();
        }
        List<String> said = new ArrayList<>();
        int kept = 0;
        for (SetAside.Share share : shares) {
            kept += share.count();
            said.add((piece.count() == 1 ? "" : share.count() + " ") + "set aside for " + share.quilt());
        }
        if (kept < piece.count()) {
            said.add((piece.count() - kept) + " free");
        }
        return String.join(", ", said);
    }
}

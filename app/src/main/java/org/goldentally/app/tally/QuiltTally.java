package org.goldentally.app.tally;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.app.shelf.ClothsOfDesign;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.TopTally;
import org.springframework.stereotype.Component;

/**
 * The tally of a design with the cloth that is on the shelf now. Planned cutting takes a moment, so its accounts are
 * remembered by all that goes into them.
 */
@Component
public class QuiltTally {

    private static final int MOST_REMEMBERED = 400;
    private static final int TALLIES_REMEMBERED = 6;

    private final ClothsOfDesign shelf;
    private final Cache<CuttingRequest, ClothLedger> planned =
            Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).build();

    /** Everything that a tally depends on. */
    private record Asked(QuiltDesign design, Map<String, List<ShelfPieces>> pieces) {}

    /**
     * The stations of a quilt ask the same in the same moment, so it is worked out once; whoever comes while it is, waits
     * for it. Large tallies go first when memory is short.
     */
    private final Cache<Asked, TopTally> tallies =
            Caffeine.newBuilder().maximumSize(TALLIES_REMEMBERED).softValues().build();

    private final Cache<Asked, TopTally> former =
            Caffeine.newBuilder().maximumSize(TALLIES_REMEMBERED).softValues().build();

    private final Cache<QuiltDesign, QuiltTop> tops =
            Caffeine.newBuilder().maximumSize(TALLIES_REMEMBERED).softValues().build();

    QuiltTally(ClothsOfDesign shelf) {
        this.shelf = shelf;
    }

    /** A design tallied with what is free on the shelf now, as long as it is nobody's quilt. */
    public TopTally ofNobody(QuiltDesign design) {
        return of(design, free(design));
    }

    /** The design of a quilt tallied with what is on the shelf for it now. */
    public TopTally of(UUID quilt, QuiltDesign design) {
        return of(design, onHand(quilt, design));
    }

    /** A design tallied with these pieces of each cloth on hand; the newest tallies are remembered. */
    public TopTally of(QuiltDesign design, Map<String, List<ShelfPieces>> pieces) {
        return tallies.get(
                new Asked(design, pieces), asked -> TopTally.of(top(asked.design), asked.pieces, this::account));
    }

    /** The same with sheets as they were laid out before. */
    TopTally byFormerRules(UUID quilt, QuiltDesign design) {
        return former.get(
                new Asked(design, onHand(quilt, design)),
                asked -> TopTally.byFormerRules(top(asked.design), asked.pieces, this::account));
    }

    /** The top of a design, laid out once for whoever asks. */
    public QuiltTop top(QuiltDesign design) {
        return tops.get(design, QuiltTop::of);
    }

    /** Account of a cloth; planned ones are remembered, since they take long. */
    public ClothLedger account(CuttingRequest request) {
        return request.choice().style() == CuttingStyle.PLAIN
                ? ClothLedger.of(request)
                : planned.get(request, ClothLedger::of);
    }

    /** Keeps an account that a longer search found. */
    public void remember(CuttingRequest request, ClothLedger ledger) {
        planned.put(request, ledger);
    }

    /** What the shelf has for a quilt of each cloth of its design, by the cloth's key: what is set aside for others is not there. */
    public Map<String, List<ShelfPieces>> onHand(UUID quilt, QuiltDesign design) {
        return byKey(design, shelf.piecesFor(Optional.of(quilt), design));
    }

    /** What nobody has set aside. */
    public Map<String, List<ShelfPieces>> free(QuiltDesign design) {
        return byKey(design, shelf.piecesFor(Optional.empty(), design));
    }

    private static Map<String, List<ShelfPieces>> byKey(QuiltDesign design, Map<String, List<ShelfPieces>> onShelf) {
        Map<String, List<ShelfPieces>> pieces = new LinkedHashMap<>();
        design.cloths().forEach(cloth -> pieces.put(cloth.key(), onShelf.getOrDefault(cloth.shelfCloth(), List.of())));
        return pieces;
    }
}

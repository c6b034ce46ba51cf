package org.goldentally.app.tally;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.app.shelf.Shelf;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.ShelfPieces;
import org.goldentally.core.tally.TopTally;
import org.springframework.stereotype.Component;

/** The tally of a design with the cloth that is on the shelf now. */
@Component
public class QuiltTally {

    private final Shelf shelf;

    QuiltTally(Shelf shelf) {
        this.shelf = shelf;
    }

    public TopTally of(QuiltDesign design) {
        return TopTally.of(QuiltTop.of(design), onHand(design));
    }

    Map<String, List<ShelfPieces>> onHand(QuiltDesign design) {
        Map<String, List<ShelfPieces>> pieces = new LinkedHashMap<>();
        Map<String, List<ShelfPieces>> onShelf = shelf.piecesByCloth();
        design.cloths().forEach(cloth -> pieces.put(cloth.key(), onShelf.getOrDefault(cloth.shelfCloth(), List.of())));
        return pieces;
    }
}

package org.goldentally.app.shelf;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.account.ShelfPieces;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Everything on the shelf as the core dresses tops in it. */
@Service
@Transactional(readOnly = true)
public class ClothsAtHand {

    private final ShelfPieceRepository pieces;
    private final CurrentOwner owner;

    ClothsAtHand(ShelfPieceRepository pieces, CurrentOwner owner) {
        this.pieces = pieces;
        this.owner = owner;
    }

    /** In the order in which they came to the shelf. */
    public List<ShelfCloth> all() {
        Map<Cloth, List<ShelfPieces>> byCloth = new LinkedHashMap<>();
        pieces.all(owner.id())
                .forEach(piece -> byCloth.computeIfAbsent(piece.cloth(), any -> new ArrayList<>())
                        .add(new ShelfPieces(piece.id().toString(), piece.count(), piece.piece())));
        List<ShelfCloth> cloths = new ArrayList<>();
        byCloth.forEach((cloth, ofCloth) -> {
            ClothFacts facts = cloth.facts();
            cloths.add(new ShelfCloth(
                    cloth.id().toString(),
                    cloth.name(),
                    cloth.colour(),
                    facts.lightness(),
                    facts.guessed(),
                    facts.directional(),
                    facts.print(),
                    cloth.pack(),
                    ofCloth));
        });
        return cloths;
    }
}

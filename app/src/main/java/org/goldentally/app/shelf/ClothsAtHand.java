package org.goldentally.app.shelf;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.account.ShelfPieces;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Everything on the shelf that is not set aside for a quilt, as the core dresses tops in it. */
@Service
@Transactional(readOnly = true)
public class ClothsAtHand {

    private final ShelfPieceRepository pieces;
    private final CurrentOwner owner;
    private final SetAside setAside;

    ClothsAtHand(ShelfPieceRepository pieces, CurrentOwner owner, SetAside setAside) {
        this.setAside = setAside;
        this.pieces = pieces;
        this.owner = owner;
    }

    /** In the order in which they came to the shelf. */
    public List<ShelfCloth> all() {
        Map<Cloth, List<ShelfPieces>> byCloth = new LinkedHashMap<>();
        Map<UUID, Integer> taken = setAside.ofOthers(Optional.empty());
        for (ShelfPiece piece : pieces.all(owner.id())) {
            piece.without(taken.getOrDefault(piece.id(), 0))
                    .ifPresent(free -> byCloth.computeIfAbsent(piece.cloth(), any -> new ArrayList<>())
                            .add(free));
        }
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

package org.goldentally.app.shelf;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.design.QuiltDesign;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the shelf has of the cloths that a design uses; only these are looked for, however many there are. */
@Service
@Transactional(readOnly = true)
public class ClothsOfDesign {

    private static final Pattern IDENTITY = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    private final ClothRepository cloths;
    private final ShelfPieceRepository pieces;
    private final CurrentOwner owner;
    private final SetAside setAside;

    ClothsOfDesign(ClothRepository cloths, ShelfPieceRepository pieces, CurrentOwner owner, SetAside setAside) {
        this.setAside = setAside;
        this.cloths = cloths;
        this.pieces = pieces;
        this.owner = owner;
    }

    /**
     * The pieces of a design's cloths as the core counts them, by the identity of their cloth.
     *
     * @param quilt whose design it is: what is set aside for others is not among them; empty for nobody's
     */
    public Map<String, List<ShelfPieces>> piecesFor(Optional<UUID> quilt, QuiltDesign design) {
        Map<String, List<ShelfPieces>> byCloth = new LinkedHashMap<>();
        Set<UUID> wanted = shelfCloths(design);
        if (wanted.isEmpty()) {
            return byCloth;
        }
        Map<UUID, Integer> ofOthers = setAside.ofOthers(quilt);
        for (ShelfPiece piece : pieces.ofCloths(owner.id(), wanted)) {
            piece.without(ofOthers.getOrDefault(piece.id(), 0))
                    .ifPresent(
                            left -> byCloth.computeIfAbsent(piece.cloth().id().toString(), any -> new ArrayList<>())
                                    .add(left));
        }
        return byCloth;
    }

    /** The design with its cloths called and coloured as they are on the shelf; one that is not there stays as it is. */
    public QuiltDesign named(QuiltDesign design) {
        Map<String, Cloth> onShelf = clothsOf(design);
        if (onShelf.isEmpty()) {
            return design;
        }
        return design.withCloths(design.cloths().stream()
                .map(cloth -> {
                    Cloth known = onShelf.get(cloth.shelfCloth());
                    return known == null
                            ? cloth
                            : cloth.asOnShelf(
                                    known.name(),
                                    known.colour(),
                                    known.facts().guessed(),
                                    known.facts().lightness(),
                                    known.facts().directional(),
                                    known.facts().print(),
                                    known.pack());
                })
                .toList());
    }

    /** What is said of each cloth of a design, by its identity. */
    public Map<String, ClothFacts> factsFor(QuiltDesign design) {
        Map<String, ClothFacts> facts = new LinkedHashMap<>();
        clothsOf(design).forEach((id, cloth) -> facts.put(id, cloth.facts()));
        return facts;
    }

    private Map<String, Cloth> clothsOf(QuiltDesign design) {
        Map<String, Cloth> found = new LinkedHashMap<>();
        Set<UUID> wanted = shelfCloths(design);
        if (!wanted.isEmpty()) {
            cloths.findByOwnerIdAndIdIn(owner.id(), wanted)
                    .forEach(cloth -> found.put(cloth.id().toString(), cloth));
        }
        return found;
    }

    /** What is no identity is on no shelf. */
    static Set<UUID> shelfCloths(QuiltDesign design) {
        return design.cloths().stream()
                .flatMap(cloth -> identity(cloth.shelfCloth()).stream())
                .collect(Collectors.toSet());
    }

    static Optional<UUID> identity(String shelfCloth) {
        return IDENTITY.matcher(shelfCloth).matches() ? Optional.of(UUID.fromString(shelfCloth)) : Optional.empty();
    }
}

package org.goldentally.app.shelf;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.problems.StaleVersionException;
import org.goldentally.core.cloth.ColourWords;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.tally.ShelfPieces;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shelf of the current owner: cloths and their pieces, entered line by line. */
@Service
@Transactional
public class Shelf {

    private static final String WHERE = "Shelf line";

    private final ClothRepository cloths;
    private final ShelfPieceRepository pieces;
    private final CurrentOwner owner;

    Shelf(ClothRepository cloths, ShelfPieceRepository pieces, CurrentOwner owner) {
        this.cloths = cloths;
        this.pieces = pieces;
        this.owner = owner;
    }

    /** A line of the shelf: as typed, and as understood. */
    public record ShelfLineView(
            UUID id, int version, String typed, String understood, MeasureSystem system, int count) {}

    /** A cloth with its lines. */
    public record ShelfClothView(UUID id, int version, String name, String colour, List<ShelfLineView> lines) {}

    /** All cloths that have pieces, in the order in which they came to the shelf. */
    @Transactional(readOnly = true)
    public List<ShelfClothView> list() {
        Map<UUID, List<ShelfPiece>> byCloth = new LinkedHashMap<>();
        pieces.findByOwnerIdAndRemovedAtIsNullOrderByAddedAt(owner.id())
                .forEach(piece -> byCloth.computeIfAbsent(piece.cloth().id(), key -> new java.util.ArrayList<>())
                        .add(piece));
        return byCloth.values().stream()
                .map(ofCloth -> view(ofCloth.getFirst().cloth(), ofCloth))
                .toList();
    }

    /** All pieces as the core counts them, by the identity of their cloth. */
    @Transactional(readOnly = true)
    public Map<String, List<ShelfPieces>> piecesByCloth() {
        Map<String, List<ShelfPieces>> byCloth = new LinkedHashMap<>();
        pieces.findByOwnerIdAndRemovedAtIsNullOrderByAddedAt(owner.id())
                .forEach(piece -> byCloth.computeIfAbsent(
                                piece.cloth().id().toString(), any -> new java.util.ArrayList<>())
                        .add(new ShelfPieces(piece.id().toString(), piece.count(), piece.piece())));
        return byCloth;
    }

    /** The design with its cloths called and coloured as they are on the shelf; one that is not there stays as it is. */
    @Transactional(readOnly = true)
    public QuiltDesign named(QuiltDesign design) {
        if (design.cloths().stream().allMatch(cloth -> cloth.shelfCloth().isEmpty())) {
            return design;
        }
        Map<String, Cloth> onShelf = new LinkedHashMap<>();
        cloths.findByOwnerId(owner.id()).forEach(cloth -> onShelf.put(cloth.id().toString(), cloth));
        return design.withCloths(design.cloths().stream()
                .map(cloth -> {
                    Cloth known = onShelf.get(cloth.shelfCloth());
                    return known == null ? cloth : cloth.asOnShelf(known.name(), known.colour());
                })
                .toList());
    }

    public ShelfLineView add(String typed, MeasureSystem system) {
        ShelfLine line = ShelfLineReader.readForShelf(WHERE, typed, system).orThrow();
        return view(pieces.saveAndFlush(
                new ShelfPiece(owner.id(), clothNamed(line.clothName()), typed.strip(), system, line)));
    }

    /**
     * Corrects a line. If it was the only line of its cloth, a new name renames that cloth, so that quilts which use it
     * keep it.
     */
    public ShelfLineView correct(UUID id, int version, String typed) {
        ShelfPiece piece = find(id);
        StaleVersionException.check(version, piece.version());
        ShelfLine line =
                ShelfLineReader.readForShelf(WHERE, typed, piece.system()).orThrow();
        Cloth cloth = piece.cloth();
        if (!cloth.name().equalsIgnoreCase(line.clothName())) {
            boolean onlyLine = pieces.countByClothAndRemovedAtIsNull(cloth) == 1;
            boolean nameIsFree = cloths.findByOwnerIdAndNameIgnoreCase(owner.id(), line.clothName())
                    .isEmpty();
            if (onlyLine && nameIsFree) {
                cloth.rename(line.clothName());
            } else {
                cloth = clothNamed(line.clothName());
            }
        }
        piece.change(cloth, typed.strip(), piece.system(), line);
        return view(pieces.saveAndFlush(piece));
    }

    public void remove(UUID id) {
        ShelfPiece piece = find(id);
        piece.remove();
        pieces.saveAndFlush(piece);
    }

    public ShelfLineView putBack(UUID id) {
        ShelfPiece piece = find(id);
        piece.putBack();
        return view(pieces.saveAndFlush(piece));
    }

    public void recolour(UUID clothId, String colour) {
        Cloth cloth = cloths.findByIdAndOwnerId(clothId, owner.id()).orElseThrow(() -> new NotFoundException("Cloth"));
        cloth.recolour(colour);
        cloths.saveAndFlush(cloth);
    }

    private Cloth clothNamed(String name) {
        return cloths.findByOwnerIdAndNameIgnoreCase(owner.id(), name)
                .orElseGet(() -> cloths.saveAndFlush(new Cloth(owner.id(), name, ColourWords.swatchFor(name))));
    }

    private ShelfPiece find(UUID id) {
        return pieces.findByIdAndOwnerId(id, owner.id()).orElseThrow(() -> new NotFoundException("Shelf line"));
    }

    private static ShelfClothView view(Cloth cloth, List<ShelfPiece> lines) {
        return new ShelfClothView(
                cloth.id(),
                cloth.version(),
                cloth.name(),
                cloth.colour(),
                lines.stream().map(Shelf::view).toList());
    }

    private static ShelfLineView view(ShelfPiece piece) {
        ShelfLine line =
                new ShelfLine(piece.count(), piece.piece(), piece.cloth().name());
        return new ShelfLineView(
                piece.id(),
                piece.version(),
                piece.typed(),
                line.describe(piece.system()),
                piece.system(),
                piece.count());
    }
}

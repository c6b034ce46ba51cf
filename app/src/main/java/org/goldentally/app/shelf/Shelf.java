package org.goldentally.app.shelf;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.account.OwnersTurn;
import org.goldentally.app.drawing.PieceOutline;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.problems.StaleVersionException;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.cloth.Lightness;
import org.goldentally.core.cloth.PrintSwatches;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shelf of the current owner: cloths and their pieces, entered line by line. */
@Service
@Transactional
public class Shelf {

    private static final String WHERE = "Shelf line";

    private final ClothRepository cloths;
    private final ShelfPieceRepository pieces;
    private final ClothPhotos photos;
    private final CurrentOwner owner;
    private final ShelfActs acts;
    private final OwnersTurn turn;
    private final SetAside setAside;

    Shelf(
            ClothRepository cloths,
            ShelfPieceRepository pieces,
            ClothPhotos photos,
            CurrentOwner owner,
            OwnersTurn turn,
            ShelfActs acts,
            SetAside setAside) {
        this.setAside = setAside;
        this.turn = turn;
        this.acts = acts;
        this.cloths = cloths;
        this.photos = photos;
        this.pieces = pieces;
        this.owner = owner;
    }

    /**
     * A line of the shelf: as typed, and as understood; the piece is to be drawn.
     *
     * @param kept for which quilts how many of its pieces are kept, in words; empty where none is
     */
    public record ShelfLineView(
            UUID id,
            int version,
            String typed,
            String understood,
            MeasureSystem system,
            int count,
            PieceOutline piece,
            String kept) {}

    /**
     * A cloth with its lines.
     *
     * @param lightness overruled, as typed
     * @param judged its lightness as it is judged, CIELAB L*, for what is sorted by value
     */
    public record ShelfClothView(
            UUID id,
            int version,
            String name,
            String colour,
            String lightness,
            double judged,
            String value,
            boolean directional,
            String kind,
            String price,
            String pack,
            boolean photographed,
            boolean guessed,
            HousePrint print,
            List<ShelfLineView> lines) {}

    /**
     * What a typed line put on the shelf: one line, or one for each print of a pack.
     *
     * @param cloths those that the lines are of, as they are on the shelf now
     */
    public record Added(String understood, List<ShelfLineView> lines, List<ShelfClothView> cloths) {}

    /** All cloths that have pieces, in the order in which they came to the shelf. */
    @Transactional(readOnly = true)
    public List<ShelfClothView> list() {
        return views(pieces.all(owner.id()));
    }

    private List<ShelfClothView> views(List<ShelfPiece> all) {
        Map<UUID, List<ShelfPiece>> byCloth = new LinkedHashMap<>();
        all.forEach(piece -> byCloth.computeIfAbsent(piece.cloth().id(), key -> new ArrayList<>())
                .add(piece));
        Set<UUID> photographed = photos.photographed();
        Map<UUID, List<SetAside.Share>> kept =
                setAside.shares().stream().collect(Collectors.groupingBy(SetAside.Share::pieceId));
        return byCloth.values().stream()
                .map(ofCloth -> view(ofCloth.getFirst().cloth(), ofCloth, photographed, kept))
                .toList();
    }

    /** Puts all lots of a line on the shelf, as one act; a pack of several prints becomes a cloth and a line for each print. */
    public Added add(String typed, MeasureSystem system) {
        List<ShelfLine> lots = ShelfLineReader.readLots(WHERE, typed, system).orThrow();
        return acts.act(typed.strip(), () -> {
            List<ShelfPiece> kept = new ArrayList<>();
            for (ShelfLine lot : lots) {
                String words = lots.size() == 1 ? typed.strip() : lot.asTyped(system);
                kept.addAll(
                        lot.pack().isPresent()
                                ? addPack(lot, lot.pack().get(), system)
                                : List.of(keep(clothNamed(lot.clothName()), words, system, lot)));
            }
            Set<UUID> cloths = kept.stream().map(piece -> piece.cloth().id()).collect(Collectors.toSet());
            return new Added(
                    String.join(
                            "; ", lots.stream().map(lot -> lot.describe(system)).toList()),
                    kept.stream().map(Shelf::view).toList(),
                    views(pieces.ofCloths(owner.id(), cloths)));
        });
    }

    private List<ShelfPiece> addPack(ShelfLine line, ShelfLine.Pack pack, MeasureSystem system) {
        ClothFacts whole = ClothFacts.ofName(line.clothName());
        List<String> swatches = PrintSwatches.ofPack(line.clothName(), pack.prints());
        List<Cloth> prints = new ArrayList<>();
        for (String swatch : swatches) {
            // The name of a pack says nothing of the colour of each of its prints.
            ClothFacts facts = whole.ofColour(swatch, true).printed(HousePrint.ofPack(line.clothName(), prints.size()));
            String name = line.clothName() + " " + (prints.size() + 1);
            prints.add(cloths.findNamed(owner.id(), name)
                    .orElseGet(() -> cloths.saveAndFlush(new Cloth(owner.id(), name, facts, line.clothName()))));
        }
        return pack.shared(line.piece()).stream()
                .map(each -> keep(prints.get(each.print() - 1), system, each.count(), each.piece()))
                .toList();
    }

    private ShelfPiece keep(Cloth cloth, MeasureSystem system, int count, ClothPiece piece) {
        ShelfLine line = new ShelfLine(count, piece, cloth.name());
        return keep(cloth, line.asTyped(system), system, line);
    }

    private ShelfPiece keep(Cloth cloth, String typed, MeasureSystem system, ShelfLine line) {
        return pieces.saveAndFlush(new ShelfPiece(owner.id(), cloth, typed, system, line));
    }

    /**
     * Corrects a line. If it was the only line of its cloth, a new name renames that cloth, so that quilts which use it
     * keep it.
     */
    public ShelfLineView correct(UUID id, int version, String typed) {
        return acts.act("corrected to " + typed.strip(), () -> corrected(id, version, typed));
    }

    private ShelfLineView corrected(UUID id, int version, String typed) {
        ShelfPiece piece = find(id);
        StaleVersionException.check(version, piece.version());
        ShelfLine line =
                ShelfLineReader.readForShelf(WHERE, typed, piece.system()).orThrow();
        if (line.pack().isPresent()) {
            throw new RefusedException(new Problem(
                    WHERE,
                    "a line of one fabric cannot become a pack of several prints",
                    "take this line away and type the pack as a new line"));
        }
        Cloth cloth = piece.cloth();
        if (!cloth.name().equalsIgnoreCase(line.clothName())) {
            boolean onlyLine = pieces.countByClothAndRemovedAtIsNull(cloth) == 1;
            boolean nameIsFree = cloths.findNamed(owner.id(), line.clothName()).isEmpty();
            if (onlyLine && nameIsFree) {
                cloth.rename(line.clothName());
            } else {
                cloth = clothNamed(line.clothName());
            }
        }
        piece.change(cloth, typed.strip(), piece.system(), line);
        return view(pieces.saveAndFlush(piece));
    }

    /** One that is taken away already stays so. */
    public void remove(UUID id) {
        turn.take();
        ShelfPiece piece = find(id);
        if (piece.isRemoved()) {
            return;
        }
        acts.act("taken away: " + piece.typed(), () -> {
            piece.remove();
            return pieces.saveAndFlush(piece);
        });
    }

    /** Undoes taking a line away; nothing happens where it is there. */
    public ShelfLineView putBack(UUID id) {
        turn.take();
        ShelfPiece piece = find(id);
        if (!piece.isRemoved()) {
            return view(piece);
        }
        return acts.act("put back: " + piece.typed(), () -> {
            piece.putBack();
            return view(pieces.saveAndFlush(piece));
        });
    }

    /**
     * Changes what is said of a cloth.
     *
     * @param version of the cloth that the change was made to; null changes whatever there is
     */
    public void change(UUID clothId, @Nullable Integer version, ClothFacts facts) {
        turn.take();
        Cloth cloth = cloth(clothId);
        if (facts.equals(cloth.facts())) {
            return;
        }
        if (version != null) {
            StaleVersionException.check(version, cloth.version());
        }
        facts.check(cloth.name());
        acts.act(cloth.name() + ": " + cloth.facts().changedTo(facts), () -> {
            cloth.changeTo(facts);
            return cloths.saveAndFlush(cloth);
        });
    }

    /** Keeps what was read from a photograph of the cloth: its swatch, and the picture made small. */
    void photograph(UUID clothId, ClothPhotos.Photo photo) {
        turn.take();
        Cloth cloth = cloth(clothId);
        acts.act(cloth.name() + ": photograph", () -> {
            photos.keep(clothId, photo.small());
            cloth.changeTo(cloth.facts().ofColour(photo.colour(), false));
            return cloths.saveAndFlush(cloth);
        });
    }

    /** A photograph, as PNG. */
    @Transactional(readOnly = true)
    public byte[] photo(UUID clothId) {
        cloth(clothId);
        return photos.of(clothId).orElseThrow(() -> new NotFoundException("Photograph"));
    }

    /** Takes the picture of a cloth away. */
    public void removePhoto(UUID clothId) {
        turn.take();
        Cloth cloth = cloth(clothId);
        acts.act(cloth.name() + ": photograph taken away", () -> {
            photos.remove(clothId);
            return cloth;
        });
    }

    private Cloth cloth(UUID clothId) {
        return cloths.findByIdAndOwnerId(clothId, owner.id()).orElseThrow(() -> new NotFoundException("Cloth"));
    }

    private Cloth clothNamed(String name) {
        return cloths.findNamed(owner.id(), name)
                .orElseGet(() -> cloths.saveAndFlush(new Cloth(owner.id(), name, ClothFacts.ofName(name), "")));
    }

    private ShelfPiece find(UUID id) {
        return pieces.findByIdAndOwnerId(id, owner.id()).orElseThrow(() -> new NotFoundException("Shelf line"));
    }

    private static ShelfClothView view(
            Cloth cloth, List<ShelfPiece> lines, Set<UUID> photographed, Map<UUID, List<SetAside.Share>> kept) {
        ClothFacts facts = cloth.facts();
        double value = Lightness.judged(facts.colour(), facts.lightness());
        return new ShelfClothView(
                cloth.id(),
                cloth.version(),
                cloth.name(),
                cloth.colour(),
                facts.lightness(),
                value,
                facts.guessed() && facts.lightness().isBlank()
                        ? "colour only guessed"
                        : Lightness.word(value) + ", " + Math.round(value) + " of 100",
                facts.directional(),
                facts.kind(),
                facts.price(),
                cloth.pack(),
                photographed.contains(cloth.id()),
                facts.guessed(),
                facts.print(),
                lines.stream()
                        .map(line -> view(line, kept.getOrDefault(line.id(), List.of())))
                        .toList());
    }

    private static ShelfLineView view(ShelfPiece piece) {
        return view(piece, List.of());
    }

    private static ShelfLineView view(ShelfPiece piece, List<SetAside.Share> kept) {
        ShelfLine line =
                new ShelfLine(piece.count(), piece.piece(), piece.cloth().name());
        return new ShelfLineView(
                piece.id(),
                piece.version(),
                piece.typed(),
                line.describe(piece.system()),
                piece.system(),
                piece.count(),
                PieceOutline.of(piece.piece()),
                KeptWords.of(piece, kept));
    }
}

package org.goldentally.app.shelf;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.account.OwnersTurn;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Known;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Many lines of the shelf at once: those of a file that is written or read, those that go with a quilt. */
@Service
@Transactional
public class ShelfLots {

    private final ClothRepository cloths;
    private final ShelfPieceRepository pieces;
    private final CurrentOwner owner;
    private final ShelfActs acts;
    private final OwnersTurn turn;
    private final EntityManager database;
    private final ClothPhotos photos;

    ShelfLots(
            ClothRepository cloths,
            ShelfPieceRepository pieces,
            CurrentOwner owner,
            OwnersTurn turn,
            ShelfActs acts,
            ClothPhotos photos,
            EntityManager database) {
        this.photos = photos;
        this.acts = acts;
        this.turn = turn;
        this.database = database;
        this.cloths = cloths;
        this.pieces = pieces;
        this.owner = owner;
    }

    /** So many pieces of a cloth, with what is said of it. */
    public record Lot(ShelfLine line, MeasureSystem system, ClothFacts facts, String pack) {

        private static Lot of(ShelfPiece piece) {
            Cloth cloth = piece.cloth();
            return new Lot(
                    new ShelfLine(piece.count(), piece.piece(), cloth.name()),
                    piece.system(),
                    cloth.facts(),
                    cloth.pack());
        }
    }

    /**
     * So many pieces of a cloth as a file has them.
     *
     * @param said changes what is known of the cloth to what the file says of it
     */
    public record ReadLot(ShelfLine line, MeasureSystem system, UnaryOperator<ClothFacts> said, String pack) {}

    private static ShelfLine ignoringCase(ShelfLine line) {
        return new ShelfLine(line.count(), line.piece(), line.clothName().toLowerCase(Locale.ROOT));
    }

    /** A cloth with everything that is known of it. */
    public record WholeCloth(String name, String pack, ClothFacts facts, List<Lot> lots) {}

    /** What to do with lots of a file that the shelf has already. */
    public enum Doubles {
        /** Nothing is put on the shelf before that is said. */
        ASK,
        /** Only the others are put there; what is said of their cloths is taken all the same. */
        LEAVE_OUT,
        ADD
    }

    /** Everything on the shelf, for a file. */
    @Transactional(readOnly = true)
    public List<Lot> all() {
        return pieces.all(owner.id()).stream().map(Lot::of).toList();
    }

    /** Those that the shelf does not have: of the same pieces of the same cloth each counts once. */
    @Transactional(readOnly = true)
    public List<ReadLot> newAmong(List<ReadLot> lots) {
        Map<ShelfLine, Integer> there = new HashMap<>();
        all().forEach(lot -> there.merge(ignoringCase(lot.line()), 1, Integer::sum));
        return lots.stream()
                .filter(lot -> there.merge(ignoringCase(lot.line()), -1, Integer::sum) < 0)
                .toList();
    }

    /**
     * Puts lots of a file on the shelf, each with what is said of its cloth.
     *
     * @return how many were put there
     */
    public int addAll(List<ReadLot> lots, Doubles doubles) {
        List<ReadLot> wanted = doubles == Doubles.ADD ? lots : newAmong(lots);
        if (doubles == Doubles.ASK && wanted.size() < lots.size()) {
            return 0;
        }
        return acts.act("a file of " + ShelfWords.lines(lots.size()), () -> put(lots, wanted));
    }

    /** What is known is looked up once, and everything new goes to the database together. */
    private int put(List<ReadLot> lots, List<ReadLot> wanted) {
        Map<String, Cloth> byName = new LinkedHashMap<>();
        cloths.findByOwnerId(owner.id())
                .forEach(cloth -> byName.put(cloth.name().toLowerCase(Locale.ROOT), cloth));
        for (ReadLot lot : lots) {
            String name = lot.line().clothName();
            Cloth cloth = byName.computeIfAbsent(name.toLowerCase(Locale.ROOT), any -> {
                Cloth added = new Cloth(owner.id(), name, ClothFacts.ofName(name), lot.pack());
                database.persist(added);
                return added;
            });
            cloth.changeTo(lot.said().apply(cloth.facts()));
        }
        for (ReadLot lot : wanted) {
            keep(Known.of(byName, lot.line().clothName().toLowerCase(Locale.ROOT)), lot.line(), lot.system());
        }
        database.flush();
        return wanted.size();
    }

    private void keep(Cloth cloth, ShelfLine line, MeasureSystem system) {
        database.persist(new ShelfPiece(owner.id(), cloth, line.asTyped(system), system, line));
    }

    /** Every cloth there is or was, by its identity, with what there is of it. */
    @Transactional(readOnly = true)
    public Map<String, WholeCloth> wholeCloths() {
        Map<UUID, List<Lot>> lots = new LinkedHashMap<>();
        pieces.all(owner.id())
                .forEach(piece -> lots.computeIfAbsent(piece.cloth().id(), any -> new ArrayList<>())
                        .add(Lot.of(piece)));
        Map<String, WholeCloth> whole = new LinkedHashMap<>();
        cloths.findByOwnerId(owner.id())
                .forEach(cloth -> whole.put(
                        cloth.id().toString(),
                        new WholeCloth(
                                cloth.name(), cloth.pack(), cloth.facts(), lots.getOrDefault(cloth.id(), List.of()))));
        return whole;
    }

    /** The photograph of a cloth, small, as PNG; empty where there is none. */
    @Transactional(readOnly = true)
    public Optional<byte[]> photo(UUID cloth) {
        return photos.of(cloth);
    }

    /** A photograph of a file as it is kept: it is read as any that is taken. */
    public static byte[] smallPhoto(byte[] picture) {
        return ClothPhotos.read(picture).small();
    }

    /** Keeps a photograph for a cloth that has none yet. */
    public void bringInPhoto(UUID cloth, byte[] small) {
        if (photos.of(cloth).isEmpty()) {
            photos.keep(cloth, small);
        }
    }

    /**
     * A portion of a file, as part of one act.
     *
     * @param act that the portion before belonged to
     */
    public <T> InPortions<T> portion(Optional<Long> act, String what, Supplier<T> work) {
        ShelfActs.Portion<T> portion = acts.portion(act, what, () -> {
            T result = work.get();
            // What is written after the act has ended is no part of it.
            database.flush();
            return result;
        });
        return new InPortions<>(portion.act(), portion.result());
    }

    /** What a portion gave, and the act that the next one goes on with. */
    public record InPortions<T>(long act, T result) {}

    /** A cloth of the shelf, and whether it came there just now. */
    public record BroughtIn(UUID cloth, boolean isNew) {}

    /** A cloth of that name as it is on the shelf, else a new one with these pieces. */
    public BroughtIn bringIn(
            String name, String pack, ClothFacts facts, List<ShelfLine> lines, List<MeasureSystem> systems) {
        turn.take();
        return cloths.findNamed(owner.id(), name)
                .map(known -> new BroughtIn(known.id(), false))
                .orElseGet(() -> {
                    Cloth kept = new Cloth(owner.id(), name, facts, pack);
                    database.persist(kept);
                    for (int i = 0; i < lines.size(); i++) {
                        keep(kept, lines.get(i), systems.get(i));
                    }
                    return new BroughtIn(kept.id(), true);
                });
    }
}

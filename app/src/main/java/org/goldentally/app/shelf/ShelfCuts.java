package org.goldentally.app.shelf;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.stock.CutUp;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moves what is cut: off the shelf what was cut into, onto it what is left, and to the quilt what was cut for it. */
@Service
@Transactional
public class ShelfCuts {

    private final ClothRepository cloths;
    private final ShelfPieceRepository pieces;
    private final CurrentOwner owner;
    private final ShelfActs acts;
    private final SetAside setAside;

    ShelfCuts(
            ClothRepository cloths,
            ShelfPieceRepository pieces,
            CurrentOwner owner,
            ShelfActs acts,
            SetAside setAside) {
        this.setAside = setAside;
        this.cloths = cloths;
        this.pieces = pieces;
        this.owner = owner;
        this.acts = acts;
    }

    /**
     * Pieces of one fabric that are cut up.
     *
     * @param cloth its identity on the shelf
     * @param piece the line of the shelf that they are of; empty where they were bought to be cut
     */
    public record Cut(UUID cloth, Optional<UUID> piece, CutUp cutUp) {}

    /**
     * As one act of this name, which can be taken back like any other.
     *
     * @return the act
     */
    public long move(UUID quilt, String what, List<Cut> cuts, MeasureSystem system) {
        ShelfActs.Portion<Boolean> done = acts.portion(Optional.empty(), what, () -> {
            cuts.forEach(cut -> move(quilt, cut, system));
            return true;
        });
        // What is set aside whole follows the plan, so it is no part of the act.
        cuts.stream().filter(cut -> !isCutPiece(cut)).forEach(cut -> noLongerKept(quilt, cut));
        return done.act();
    }

    private void move(UUID quilt, Cut cut, MeasureSystem system) {
        Cloth cloth =
                cloths.findByIdAndOwnerId(cut.cloth(), owner.id()).orElseThrow(() -> new NotFoundException("Cloth"));
        if (isCutPiece(cut)) {
            noLongerKept(quilt, cut);
        }
        cut.piece().ifPresent(id -> takeOff(id, cut.cutUp(), cloth));
        cut.cutUp()
                .left()
                .forEach(left ->
                        keep(cloth, new ShelfLine(count(left.count()), left.piece(), cloth.name()), system, ""));
        cut.cutUp().heaps().forEach(heap -> {
            int count = count(heap.count());
            ShelfPiece kept = keep(cloth, new ShelfLine(count, heap.piece(), cloth.name()), system, heap.use());
            setAside.keepCut(quilt, kept.id(), count);
        });
    }

    private static boolean isCutPiece(Cut cut) {
        return cut.cutUp().from().form() == PieceForm.CUT;
    }

    private void noLongerKept(UUID quilt, Cut cut) {
        cut.piece()
                .ifPresent(piece ->
                        setAside.cutInto(quilt, piece, count(cut.cutUp().count())));
    }

    private void takeOff(UUID id, CutUp cutUp, Cloth cloth) {
        ShelfPiece piece =
                pieces.findByIdAndOwnerId(id, owner.id()).orElseThrow(() -> new NotFoundException("Shelf line"));
        int taken = count(cutUp.count());
        if (piece.isRemoved() || piece.count() < taken || !piece.piece().equals(cutUp.from())) {
            throw new RefusedException(new Problem(
                    cloth.name(),
                    "the shelf has changed: what was cut into is not there as it was",
                    "look at the cutting sheet again"));
        }
        piece.take(taken);
        pieces.saveAndFlush(piece);
    }

    private ShelfPiece keep(Cloth cloth, ShelfLine line, MeasureSystem system, String use) {
        return pieces.saveAndFlush(new ShelfPiece(owner.id(), cloth, line.asTyped(system), system, line).cutFor(use));
    }

    private static int count(long count) {
        return Math.toIntExact(count);
    }

    /** Whether a fabric of a quilt is on the shelf; what is no identity is not. */
    @Transactional(readOnly = true)
    public boolean knows(String shelfCloth) {
        return ClothsOfDesign.identity(shelfCloth)
                .flatMap(id -> cloths.findByIdAndOwnerId(id, owner.id()))
                .isPresent();
    }

    /** The fabric of that name on the shelf; one that is not there yet is known there from now on. */
    public UUID named(String name, String colour) {
        return cloths.findNamed(owner.id(), name)
                .orElseGet(() -> cloths.saveAndFlush(
                        new Cloth(owner.id(), name, ClothFacts.ofName(name).ofColour(colour, false), "")))
                .id();
    }
}

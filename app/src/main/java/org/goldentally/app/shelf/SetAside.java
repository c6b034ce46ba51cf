package org.goldentally.app.shelf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.account.OwnersTurn;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.tally.TopTally;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Which pieces of the shelf are kept for which quilt: those that were cut for it, and of a quilt that is going to be made those
 * that its plan takes. That nothing is promised twice is a rule of the database (migration 15).
 */
@Service
@Transactional
public class SetAside {

    private final JdbcClient database;
    private final CurrentOwner owner;
    private final OwnersTurn turn;
    private final ShelfPieceRepository pieces;

    SetAside(JdbcClient database, CurrentOwner owner, OwnersTurn turn, ShelfPieceRepository pieces) {
        this.pieces = pieces;
        this.database = database;
        this.owner = owner;
        this.turn = turn;
    }

    /**
     * Pieces kept for a quilt.
     *
     * @param quilt its name
     */
    public record Share(UUID pieceId, UUID quiltId, String quilt, int count) {}

    /** Everything that is kept, of quilts that are not deleted. */
    @Transactional(readOnly = true)
    public List<Share> shares() {
        return database.sql("select piece_id, quilt_id, quilt.name, set_aside.count from set_aside"
                        + " join quilt on quilt.id = set_aside.quilt_id"
                        + " where set_aside.owner_id = :owner and quilt.deleted_at is null"
                        + " order by quilt.name, quilt.id, set_aside.id")
                .param("owner", owner.id())
                .query((row, number) -> new Share(
                        row.getObject(1, UUID.class), row.getObject(2, UUID.class), row.getString(3), row.getInt(4)))
                .list();
    }

    /** How many of each piece are kept for other quilts than this one; for any where it is none. */
    @Transactional(readOnly = true)
    public Map<UUID, Integer> ofOthers(Optional<UUID> quilt) {
        Map<UUID, Integer> counts = new HashMap<>();
        shares().stream()
                .filter(share -> quilt.filter(share.quiltId()::equals).isEmpty())
                .forEach(share -> counts.merge(share.pieceId(), share.count(), Integer::sum));
        return counts;
    }

    /** Whether a quilt is going to be made, and keeps what its plan takes. */
    @Transactional(readOnly = true)
    public boolean isToBeMade(UUID quilt) {
        return database.sql("select to_be_made from quilt where id = :quilt and owner_id = :owner")
                .param("quilt", quilt)
                .param("owner", owner.id())
                .query(Boolean.class)
                .optional()
                .orElse(false);
    }

    /** A quilt that is going to be made keeps from now on what its plan takes; an idea keeps only what was cut for it. */
    public void toBeMade(UUID quilt, boolean made) {
        turn.take();
        database.sql("update quilt set to_be_made = :made where id = :quilt and owner_id = :owner")
                .param("made", made)
                .param("quilt", quilt)
                .param("owner", owner.id())
                .update();
        if (!made) {
            release(quilt);
        }
    }

    private void release(UUID quilt) {
        database.sql("delete from set_aside using shelf_piece where shelf_piece.id = piece_id and quilt_id = :quilt"
                        + " and shelf_piece.form <> 'CUT'")
                .param("quilt", quilt)
                .update();
    }

    /** Keeps what the plan of a quilt takes now, if it is going to be made; where that is kept already nothing is written. */
    public void follow(UUID quilt, TopTally tally) {
        if (!isToBeMade(quilt)) {
            return;
        }
        Map<UUID, Integer> wanted = takenBy(tally);
        if (wanted.equals(wholeOf(quilt))) {
            return;
        }
        turn.take();
        Map<UUID, Integer> others = ofOthers(Optional.of(quilt));
        release(quilt);
        wanted.forEach((piece, count) -> keep(quilt, piece, count, others.getOrDefault(piece, 0)));
    }

    /** Never more than there is for it: a plan that is a moment old may want what is gone by now. */
    private void keep(UUID quilt, UUID piece, int count, int ofOthers) {
        database.sql("insert into set_aside (owner_id, quilt_id, piece_id, count)"
                        + " select owner_id, :quilt, id, least(:count, count - :others) from shelf_piece"
                        + " where id = :piece and owner_id = :owner and removed_at is null and form <> 'CUT'"
                        + " and least(:count, count - :others) > 0")
                .param("quilt", quilt)
                .param("piece", piece)
                .param("owner", owner.id())
                .param("count", count)
                .param("others", ofOthers)
                .update();
    }

    private Map<UUID, Integer> wholeOf(UUID quilt) {
        Map<UUID, Integer> whole = new HashMap<>();
        database.sql("select piece_id, set_aside.count from set_aside join shelf_piece on shelf_piece.id = piece_id"
                        + " where quilt_id = :quilt and shelf_piece.form <> 'CUT'")
                .param("quilt", quilt)
                .query((row, number) -> Map.entry(row.getObject(1, UUID.class), row.getInt(2)))
                .list()
                .forEach(each -> whole.put(each.getKey(), each.getValue()));
        return whole;
    }

    /** Pieces of the shelf that a plan cuts into, but for those that were cut for it before. */
    private static Map<UUID, Integer> takenBy(TopTally tally) {
        Map<UUID, Integer> taken = new HashMap<>();
        tally.ledgers().stream()
                .flatMap(ledger -> ledger.opened().stream())
                .filter(opened -> !opened.isBought() && opened.piece().piece().form() != PieceForm.CUT)
                .forEach(opened ->
                        taken.merge(UUID.fromString(opened.key()), Math.toIntExact(opened.count()), Integer::sum));
        return taken;
    }

    /**
     * Whole pieces that are kept for a quilt.
     *
     * @param fabric its name on the shelf
     */
    public record KeptPieces(UUID quiltId, String quilt, String fabric, int count, ClothPiece piece) {

        /** {@code 1 length, 36 in (1 yd), 42 in wide – teal}. */
        public String says(MeasureSystem system) {
            return new ShelfLine(count, piece, fabric).describe(system);
        }
    }

    /** What is kept, for whichever quilt, of the fabrics of a design; what is cut already is not among it. */
    @Transactional(readOnly = true)
    public List<KeptPieces> ofFabrics(QuiltDesign design) {
        Map<UUID, ShelfPiece> pieces = new HashMap<>();
        ofDesign(design).forEach(piece -> pieces.put(piece.id(), piece));
        List<KeptPieces> kept = new ArrayList<>();
        for (Share share : shares()) {
            ShelfPiece piece = pieces.get(share.pieceId());
            if (piece != null && piece.piece().form() != PieceForm.CUT) {
                kept.add(new KeptPieces(
                        share.quiltId(), share.quilt(), piece.cloth().name(), share.count(), piece.piece()));
            }
        }
        return kept;
    }

    private List<ShelfPiece> ofDesign(QuiltDesign design) {
        Set<UUID> cloths = ClothsOfDesign.shelfCloths(design);
        return cloths.isEmpty() ? List.of() : pieces.ofCloths(owner.id(), cloths);
    }

    /** Keeps pieces for a quilt that were cut for it. */
    void keepCut(UUID quilt, UUID piece, int count) {
        database.sql(
                        "insert into set_aside (owner_id, quilt_id, piece_id, count) values (:owner, :quilt, :piece, :count)")
                .param("owner", owner.id())
                .param("quilt", quilt)
                .param("piece", piece)
                .param("count", count)
                .update();
    }

    /** Fewer are kept of what was cut into. */
    void cutInto(UUID quilt, UUID piece, int count) {
        database.sql("delete from set_aside where quilt_id = :quilt and piece_id = :piece and count <= :count")
                .param("quilt", quilt)
                .param("piece", piece)
                .param("count", count)
                .update();
        database.sql("update set_aside set count = count - :count where quilt_id = :quilt and piece_id = :piece")
                .param("quilt", quilt)
                .param("piece", piece)
                .param("count", count)
                .update();
    }

    /**
     * Pieces that were cut for a quilt.
     *
     * @param fabric its name
     * @param cutFor what they were cut for, in words
     */
    public record CutPieces(ShelfPieces pieces, String fabric, String cutFor) {}

    /** All that was cut for a quilt and is still there. */
    @Transactional(readOnly = true)
    public List<CutPieces> cutFor(UUID quilt) {
        return new ArrayList<>(database.sql("select piece.id, set_aside.count, piece.width, piece.length, cloth.name,"
                        + " piece.cut_for from set_aside join shelf_piece piece on piece.id = piece_id"
                        + " join cloth on cloth.id = piece.cloth_id where set_aside.quilt_id = :quilt"
                        + " and set_aside.owner_id = :owner and piece.form = 'CUT' and piece.removed_at is null"
                        + " order by piece.added_at, piece.id")
                .param("quilt", quilt)
                .param("owner", owner.id())
                .query((row, number) -> new CutPieces(
                        new ShelfPieces(
                                row.getString(1), row.getInt(2), ShelfPiece.cut(row.getString(3), row.getString(4))),
                        row.getString(5),
                        row.getString(6)))
                .list());
    }

    /** What was cut for a quilt and is not needed there is anybody's. */
    public void free(UUID quilt, UUID piece) {
        turn.take();
        database.sql("delete from set_aside where quilt_id = :quilt and piece_id = :piece and owner_id = :owner")
                .param("quilt", quilt)
                .param("piece", piece)
                .param("owner", owner.id())
                .update();
    }
}

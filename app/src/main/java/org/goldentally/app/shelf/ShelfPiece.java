package org.goldentally.app.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.jspecify.annotations.Nullable;

/** A line of the shelf: equal pieces of one cloth, with the words that were typed. */
@Entity
@Table(name = "shelf_piece")
class ShelfPiece {

    @Id
    private UUID id;

    @Column(nullable = false, updatable = false)
    private UUID ownerId;

    @ManyToOne(fetch = FetchType.EAGER, optional = false)
    @JoinColumn(name = "cloth_id")
    private Cloth cloth;

    @Column(nullable = false)
    private String typed;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private MeasureSystem system;

    @Column(nullable = false)
    private int count;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private PieceForm form;

    @Convert(converter = LengthColumn.class)
    @Column(nullable = false)
    private Length width;

    @Convert(converter = LengthColumn.class)
    @Column(nullable = false)
    private Length length;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private ClothPiece.Edge edge;

    /** What it was cut for, in words; empty where it lies as it came. */
    @Column(nullable = false, updatable = false)
    private String cutFor = "";

    @Version
    private int version;

    @Column(nullable = false, updatable = false)
    private Instant addedAt;

    private @Nullable Instant removedAt;

    protected ShelfPiece() {}

    ShelfPiece(UUID ownerId, Cloth cloth, String typed, MeasureSystem system, ShelfLine line) {
        this.id = UUID.randomUUID();
        this.ownerId = ownerId;
        this.addedAt = Instant.now();
        change(cloth, typed, system, line);
    }

    /** Pieces that were cut for this. */
    ShelfPiece cutFor(String use) {
        this.cutFor = use;
        return this;
    }

    String cutFor() {
        return cutFor;
    }

    /** A cut piece of these sides, as the database has them. */
    static ClothPiece cut(String width, String length) {
        LengthColumn exact = new LengthColumn();
        return new ClothPiece(
                PieceForm.CUT,
                exact.convertToEntityAttribute(width),
                exact.convertToEntityAttribute(length),
                ClothPiece.Edge.STRAIGHT);
    }

    /** Takes so many of its pieces away; with the last one the line is gone. */
    void take(int taken) {
        if (taken == count) {
            remove();
            return;
        }
        this.count -= taken;
        this.typed = new ShelfLine(count, piece(), cloth.name()).asTyped(system);
    }

    final void change(Cloth newCloth, String newTyped, MeasureSystem newSystem, ShelfLine line) {
        this.cloth = newCloth;
        this.typed = newTyped;
        this.system = newSystem;
        this.count = line.count();
        this.form = line.piece().form();
        this.width = line.piece().width();
        this.length = line.piece().length();
        this.edge = line.piece().edge();
    }

    UUID id() {
        return id;
    }

    Cloth cloth() {
        return cloth;
    }

    String typed() {
        return typed;
    }

    MeasureSystem system() {
        return system;
    }

    int version() {
        return version;
    }

    int count() {
        return count;
    }

    ClothPiece piece() {
        return new ClothPiece(form, width, length, edge);
    }

    /** As the core counts it, without so many that are set aside; nothing where none is left. */
    Optional<ShelfPieces> without(int taken) {
        return taken >= count ? Optional.empty() : Optional.of(new ShelfPieces(id.toString(), count - taken, piece()));
    }

    boolean isRemoved() {
        return removedAt != null;
    }

    void remove() {
        this.removedAt = Instant.now();
    }

    void putBack() {
        this.removedAt = null;
    }
}

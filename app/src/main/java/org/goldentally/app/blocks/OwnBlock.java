package org.goldentally.app.blocks;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A block that the quilter keeps for any quilt, with the smaller blocks set into it. */
@Entity
@Table(name = "own_block")
class OwnBlock {

    @Id
    private UUID id;

    @Column(nullable = false, updatable = false)
    private UUID ownerId;

    @Column(nullable = false)
    private String name;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private String block;

    @Version
    private int version;

    @Column(nullable = false)
    private Instant keptAt;

    private @Nullable Instant removedAt;

    protected OwnBlock() {}

    OwnBlock(UUID ownerId, String name, String block) {
        this.id = UUID.randomUUID();
        this.ownerId = ownerId;
        this.name = name;
        change(block);
    }

    final void change(String newBlock) {
        this.block = newBlock;
        this.keptAt = Instant.now();
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    boolean isRemoved() {
        return removedAt != null;
    }

    void remove(Instant now) {
        this.removedAt = now;
    }

    void bringBack() {
        this.removedAt = null;
    }

    String block() {
        return block;
    }
}

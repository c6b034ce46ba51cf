package org.goldentally.app.quilts;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A stored quilt: its owner, its name, and its design as one document. */
@Entity
@Table(name = "quilt")
class Quilt {

    @Id
    private UUID id;

    @Column(nullable = false, updatable = false)
    private UUID ownerId;

    @Column(nullable = false)
    private String name;

    @Version
    private int version;

    /** The document to the letter as it was written. */
    @Column(nullable = false)
    private String design;

    /** The step that is shown. */
    @Column(nullable = false)
    private int step;

    /** The newest step; further ones than the shown one can be done again. */
    @Column(nullable = false)
    private int lastStep;

    @Column(nullable = false, updatable = false)
    private Instant createdAt;

    @Column(nullable = false)
    private Instant updatedAt;

    /** How its writer called the last change, so that one sent twice counts once. */
    private @Nullable UUID lastEdit;

    private @Nullable Instant deletedAt;

    /** Out of the way, but as it was. */
    private @Nullable Instant archivedAt;

    /** The quilt that it is another version of. */
    private @Nullable UUID cameFrom;

    protected Quilt() {}

    Quilt(UUID ownerId, String name, String design) {
        this(UUID.randomUUID(), ownerId, name, design);
    }

    /** One that had its identity elsewhere. */
    Quilt(UUID id, UUID ownerId, String name, String design) {
        this.id = id;
        this.ownerId = ownerId;
        this.createdAt = Instant.now();
        change(name, design);
    }

    final void change(String newName, String newDesign) {
        this.name = newName;
        this.design = newDesign;
        this.updatedAt = Instant.now();
    }

    /** Goes to a step that is kept already, or to a new last one. */
    void goTo(int newStep, int newLastStep) {
        this.step = newStep;
        this.lastStep = newLastStep;
    }

    /** Notes the name of the change that was just made. */
    void calledBy(@Nullable UUID edit) {
        this.lastEdit = edit;
    }

    boolean wasJust(@Nullable UUID edit) {
        return edit != null && edit.equals(lastEdit);
    }

    void archive(@Nullable Instant when) {
        this.archivedAt = when;
    }

    boolean isArchived() {
        return archivedAt != null;
    }

    @Nullable
    UUID cameFrom() {
        return cameFrom;
    }

    void comesFrom(UUID other) {
        this.cameFrom = other;
    }

    void rename(String newName) {
        this.name = newName;
        this.updatedAt = Instant.now();
    }

    void delete(Instant now) {
        this.deletedAt = now;
    }

    void bringBack() {
        this.deletedAt = null;
    }

    boolean isDeleted() {
        return deletedAt != null;
    }

    Instant deletedAt() {
        return Objects.requireNonNull(deletedAt);
    }

    int step() {
        return step;
    }

    int lastStep() {
        return lastStep;
    }

    Instant createdAt() {
        return createdAt;
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    int version() {
        return version;
    }

    String design() {
        return design;
    }

    Instant updatedAt() {
        return updatedAt;
    }
}

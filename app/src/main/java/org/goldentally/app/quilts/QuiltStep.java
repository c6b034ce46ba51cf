package org.goldentally.app.quilts;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.UUID;

/** A state that a quilt's design was in; undo and redo go along them. */
@Entity
@Table(name = "quilt_step")
@IdClass(QuiltStep.Key.class)
class QuiltStep {

    record Key(UUID quiltId, int number) implements Serializable {}

    @Id
    private UUID quiltId;

    @Id
    private int number;

    @Column(nullable = false)
    private String design;

    @Column(nullable = false)
    private Instant at;

    /** What it changed, in words; empty for steps of before they were named. */
    @Column(nullable = false)
    private String what = "";

    protected QuiltStep() {}

    QuiltStep(UUID quiltId, int number, String design, String what) {
        this.quiltId = quiltId;
        this.number = number;
        change(design, what);
    }

    final void change(String newDesign, String newWhat) {
        this.design = newDesign;
        this.what = newWhat;
        this.at = Instant.now();
    }

    int number() {
        return number;
    }

    Instant at() {
        return at;
    }

    String what() {
        return what;
    }

    String design() {
        return design;
    }
}

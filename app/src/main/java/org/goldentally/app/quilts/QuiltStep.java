package org.goldentally.app.quilts;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

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

    /** The document of steps kept before they were packed. */
    private @Nullable String design;

    private byte @Nullable [] packed;

    /** Whether it is packed by itself, or beside the step before it. */
    @Column(nullable = false)
    private boolean whole;

    @Column(nullable = false)
    private Instant at;

    /** What it changed, in words; empty for steps of before they were named. */
    @Column(nullable = false)
    private String what = "";

    protected QuiltStep() {}

    QuiltStep(UUID quiltId, int number, byte[] packed, boolean whole, String what) {
        this.quiltId = quiltId;
        this.number = number;
        change(packed, whole, what);
    }

    final void change(byte[] newlyPacked, boolean byItself, String newWhat) {
        this.design = null;
        this.packed = newlyPacked.clone();
        this.whole = byItself;
        this.what = newWhat;
        this.at = Instant.now();
    }

    Instant at() {
        return at;
    }

    /** When it was made elsewhere, for one that is brought in. */
    void madeAt(Instant then) {
        this.at = then;
    }

    int number() {
        return number;
    }

    String what() {
        return what;
    }

    /** Whether a text is the document of this step, without unpacking it and those before it. */
    boolean isOf(String text) {
        return design != null ? design.equals(text) : PackedText.isPackedFrom(Objects.requireNonNull(packed), text);
    }

    /** @param before the document of the step before it */
    String document(String before) {
        return design != null ? design : PackedText.unpack(Objects.requireNonNull(packed), whole ? "" : before);
    }
}

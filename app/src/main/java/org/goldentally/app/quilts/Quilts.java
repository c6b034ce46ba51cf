package org.goldentally.app.quilts;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.problems.StaleVersionException;
import org.goldentally.app.shelf.Shelf;
import org.goldentally.core.design.QuiltDesign;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The quilts of the current owner: kept as documents, changed only on top of the newest version. */
@Service
@Transactional
public class Quilts {

    private static final int LONGEST_NAME = 80;

    private final QuiltRepository quilts;
    private final QuiltStepRepository steps;
    private final CurrentOwner owner;
    private final DesignDocuments documents;
    private final Shelf shelf;

    Quilts(
            QuiltRepository quilts,
            QuiltStepRepository steps,
            CurrentOwner owner,
            DesignDocuments documents,
            Shelf shelf) {
        this.quilts = quilts;
        this.steps = steps;
        this.owner = owner;
        this.documents = documents;
        this.shelf = shelf;
    }

    /**
     * A quilt as it is kept.
     *
     * @param design with its cloths called and coloured as on the shelf now
     */
    public record StoredQuilt(
            UUID id, String name, int version, boolean canUndo, boolean canRedo, QuiltDesign design) {}

    /** A quilt in the list. */
    public record QuiltSummary(UUID id, String name, Instant changedAt) {}

    @Transactional(readOnly = true)
    public List<QuiltSummary> list() {
        return quilts.findByOwnerIdOrderByUpdatedAtDesc(owner.id()).stream()
                .map(quilt -> new QuiltSummary(quilt.id(), quilt.name(), quilt.updatedAt()))
                .toList();
    }

    @Transactional(readOnly = true)
    public StoredQuilt get(UUID id) {
        return stored(find(id));
    }

    public StoredQuilt create(String name, QuiltDesign design) {
        String document = documents.write(design);
        Quilt quilt = quilts.saveAndFlush(new Quilt(owner.id(), name.strip(), document));
        steps.save(new QuiltStep(quilt.id(), 0, document));
        return stored(quilt, design);
    }

    /** A second quilt with the same design, to try something else. */
    public StoredQuilt copy(UUID id) {
        StoredQuilt quilt = get(id);
        String name = "Copy of " + quilt.name();
        return create(name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name, quilt.design());
    }

    /**
     * Keeps a change as a new step; sizes that cannot be worked out yet are kept as typed, like everything else.
     *
     * @param sameStep whether it goes on with the last one, as the next letter typed in a field does
     */
    public StoredQuilt change(UUID id, int version, String name, QuiltDesign design, boolean sameStep) {
        Quilt quilt =
                quilts.findWithLockByIdAndOwnerId(id, owner.id()).orElseThrow(() -> new NotFoundException("Quilt"));
        StaleVersionException.check(version, quilt.version());
        String document = documents.write(design);
        int step = sameStep && quilt.step() > 0 ? quilt.step() : quilt.step() + 1;
        if (quilt.lastStep() > quilt.step()) {
            steps.deleteAfter(id, quilt.step());
        }
        steps.findByQuiltIdAndNumber(id, step)
                .ifPresentOrElse(known -> known.change(document), () -> steps.save(new QuiltStep(id, step, document)));
        quilt.goTo(step, step);
        quilt.change(name.strip(), document);
        return stored(quilts.saveAndFlush(quilt), design);
    }

    /** Undo, with -1, and redo, with 1. At either end nothing changes. */
    public StoredQuilt goStep(UUID id, int version, int by) {
        Quilt quilt =
                quilts.findWithLockByIdAndOwnerId(id, owner.id()).orElseThrow(() -> new NotFoundException("Quilt"));
        StaleVersionException.check(version, quilt.version());
        int step = quilt.step() + by;
        if (step < 0 || step > quilt.lastStep()) {
            return stored(quilt);
        }
        QuiltStep kept = steps.findByQuiltIdAndNumber(id, step).orElseThrow();
        quilt.goTo(step, quilt.lastStep());
        quilt.change(quilt.name(), kept.design());
        return stored(quilts.saveAndFlush(quilt));
    }

    /** The designs of the steps before the one that is shown, newest first. */
    @Transactional(readOnly = true)
    public List<QuiltDesign> lastSteps(UUID id, int most) {
        Quilt quilt = find(id);
        return steps.findByQuiltIdAndNumberBetweenOrderByNumberDesc(id, quilt.step() - most, quilt.step() - 1).stream()
                .map(step -> documents.read(step.design()))
                .map(shelf::named)
                .toList();
    }

    private Quilt find(UUID id) {
        return quilts.findByIdAndOwnerId(id, owner.id()).orElseThrow(() -> new NotFoundException("Quilt"));
    }

    private StoredQuilt stored(Quilt quilt) {
        return stored(quilt, documents.read(quilt.id(), quilt.version(), quilt.design()));
    }

    private StoredQuilt stored(Quilt quilt, QuiltDesign design) {
        documents.remember(quilt.id(), quilt.version(), design);
        return new StoredQuilt(
                quilt.id(),
                quilt.name(),
                quilt.version(),
                quilt.step() > 0,
                quilt.step() < quilt.lastStep(),
                shelf.named(design));
    }
}

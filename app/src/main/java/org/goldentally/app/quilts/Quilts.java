package org.goldentally.app.quilts;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.problems.StaleVersionException;
import org.goldentally.app.shelf.ClothsOfDesign;
import org.goldentally.core.design.NamedChange;
import org.goldentally.core.design.QuiltDesign;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The quilts of the current owner: kept as documents, changed only on top of the newest version. */
@Service
@Transactional
public class Quilts {

    /** A deleted quilt can be brought back for so long. */
    static final Duration KEPT_DELETED = Duration.ofDays(30);

    private static final int LONGEST_NAME = 80;

    /** Further back nobody looks at steps by name; undo goes on for ever. */
    private static final int MOST_NAMED_STEPS = 100;

    private final QuiltRepository quilts;
    private final QuiltSteps steps;
    private final CurrentOwner owner;
    private final DesignDocuments documents;
    private final ClothsOfDesign shelf;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    Quilts(
            QuiltRepository quilts,
            QuiltSteps steps,
            CurrentOwner owner,
            DesignDocuments documents,
            ClothsOfDesign shelf,
            Clock clock,
            ApplicationEventPublisher events) {
        this.quilts = quilts;
        this.steps = steps;
        this.owner = owner;
        this.documents = documents;
        this.shelf = shelf;
        this.clock = clock;
        this.events = events;
    }

    /**
     * A quilt as it is kept.
     *
     * @param undoes what a step back takes back, in words; empty where there is none
     * @param redoes what a step forth does again; empty where there is none
     * @param design with its cloths called and coloured as on the shelf now
     */
    public record StoredQuilt(
            UUID id,
            String name,
            int version,
            boolean canUndo,
            boolean canRedo,
            String undoes,
            String redoes,
            QuiltDesign design) {}

    /**
     * A quilt in the list.
     *
     * @param cameFrom the quilt that it is another version of; null for none
     * @param archivedAt when it was put out of the way; null where it was not
     */
    public record QuiltSummary(
            UUID id,
            String name,
            Instant changedAt,
            int version,
            @Schema(types = {"string", "null"}) @Nullable UUID cameFrom,
            @Schema(types = {"string", "null"}) @Nullable Instant archivedAt) {}

    /** A quilt that was deleted, and until when it can be brought back. */
    public record DeletedQuilt(UUID id, String name, Instant deletedAt, Instant until) {}

    /**
     * A state that the design was in.
     *
     * @param what led to it, in words
     * @param shown whether it is the one that is shown
     */
    public record NamedStep(int number, String what, Instant at, boolean shown) {}

    /**
     * Which version a change is made to, and how its writer calls it.
     *
     * @param edit a change that comes twice under one name, since its answer was lost, is made once; null has no name
     */
    public record ChangeOf(int version, @Nullable UUID edit) {}

    /** Quilts of the household, the one changed last first; deleted ones are not among them. */
    @Transactional(readOnly = true)
    public List<QuiltSummary> list() {
        return quilts.list(owner.id());
    }

    /** One quilt as it is kept; throws where there is none. */
    @Transactional(readOnly = true)
    public StoredQuilt get(UUID id) {
        return stored(find(id));
    }

    /** The design alone, for whatever is worked out of it; one that was read before is not fetched again. */
    @Transactional(readOnly = true)
    public QuiltDesign design(UUID id) {
        int version = quilts.version(id, owner.id()).orElseThrow(() -> new NotFoundException("Quilt"));
        return shelf.named(documents.known(id, version).orElseGet(() -> {
            Quilt quilt = find(id);
            return documents.read(id, quilt.version(), quilt.design());
        }));
    }

    /** A new quilt of that name. */
    public StoredQuilt create(String name, QuiltDesign design) {
        String document = documents.write(design);
        Quilt quilt = quilts.saveAndFlush(new Quilt(owner.id(), name.strip(), document));
        steps.keepFirst(quilt.id(), document, "the start");
        return stored(quilt, design);
    }

    /** A second quilt with the same design, to try something else. */
    public StoredQuilt copy(UUID id) {
        StoredQuilt quilt = get(id);
        String name = "Copy of " + quilt.name();
        return create(name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name, quilt.design());
    }

    /** Another version of a quilt, beside it, that knows what it came from: {@code Kitchen throw, version 2}. */
    public StoredQuilt version(UUID id) {
        Quilt quilt = find(id);
        UUID first = quilt.cameFrom() == null ? id : quilt.cameFrom();
        String name = freeVersionName(quilt.name());
        StoredQuilt made = create(name, stored(quilt).design());
        Quilt other = find(made.id());
        other.comesFrom(first);
        return stored(quilts.saveAndFlush(other));
    }

    private String freeVersionName(String of) {
        Set<String> taken =
                quilts.list(owner.id()).stream().map(QuiltSummary::name).collect(Collectors.toSet());
        String base = of.replaceFirst(", version \\d+$", "");
        for (int number = 2; ; number++) {
            String end = ", version " + number;
            String name = base.substring(0, Math.min(base.length(), LONGEST_NAME - end.length())) + end;
            if (!taken.contains(name)) {
                return name;
            }
        }
    }

    /** Puts a quilt out of the way, or back among the others; where it is so already nothing happens. */
    public void archive(UUID id, boolean away) {
        Quilt quilt = locked(id);
        if (quilt.isArchived() != away) {
            quilt.archive(away ? clock.instant() : null);
            quilts.saveAndFlush(quilt);
        }
    }

    /** Another name for a quilt, which is no new version of it. */
    public void rename(UUID id, String name) {
        Quilt quilt = locked(id);
        quilt.rename(name.strip());
        quilts.saveAndFlush(quilt);
    }

    /** Takes a quilt off the list, where it is still on it; it can be brought back for thirty days. */
    public void delete(UUID id) {
        Quilt quilt = quilts.findByIdAndOwnerId(id, owner.id()).orElseThrow(() -> new NotFoundException("Quilt"));
        if (!quilt.isDeleted()) {
            quilt.delete(clock.instant());
            quilts.saveAndFlush(quilt);
        }
    }

    /** Quilts that can still be brought back. */
    @Transactional(readOnly = true)
    public List<DeletedQuilt> deleted() {
        return quilts.deleted(owner.id(), oldestDeletion()).stream()
                .map(quilt -> new DeletedQuilt(
                        quilt.getId(),
                        quilt.getName(),
                        quilt.getDeletedAt(),
                        quilt.getDeletedAt().plus(KEPT_DELETED)))
                .toList();
    }

    /** Undoes the deleting of a quilt; throws where it is not among the deleted ones. */
    public StoredQuilt bringBack(UUID id) {
        Quilt quilt = quilts.findByIdAndOwnerId(id, owner.id())
                .filter(any -> !any.isDeleted() || any.deletedAt().isAfter(oldestDeletion()))
                .orElseThrow(() -> new NotFoundException("Deleted quilt"));
        if (!quilt.isDeleted()) {
            return stored(quilt);
        }
        quilt.bringBack();
        return stored(quilts.saveAndFlush(quilt));
    }

    private Instant oldestDeletion() {
        return clock.instant().minus(KEPT_DELETED);
    }

    /** What another design would change in the one that is kept, each in words; its name too. */
    @Transactional(readOnly = true)
    public List<String> differences(UUID id, String name, QuiltDesign other) {
        StoredQuilt kept = get(id);
        List<String> said = new ArrayList<>(NamedChange.all(kept.design(), other));
        if (!kept.name().equals(name.strip())) {
            said.add("the name “" + name.strip() + "”");
        }
        return said;
    }

    /** Keeps a change of the design as a new step. */
    public StoredQuilt change(UUID id, int version, String name, QuiltDesign design, boolean sameStep) {
        return change(id, new ChangeOf(version, null), name, design, sameStep);
    }

    /**
     * Keeps a change as a new step, a change of the name alone as none; sizes that cannot be worked out yet are kept as
     * typed, like everything else.
     *
     * @param sameStep whether it goes on with the last one, as the next letter typed in a field does
     */
    public StoredQuilt change(UUID id, ChangeOf of, String name, QuiltDesign design, boolean sameStep) {
        Quilt quilt = locked(id);
        if (quilt.wasJust(of.edit())) {
            return stored(quilt);
        }
        StaleVersionException.check(of.version(), quilt.version());
        QuiltDesign named = shelf.named(design);
        events.publishEvent(new DesignComing(id, named));
        QuiltDesign now = documents.read(quilt.id(), quilt.version(), quilt.design());
        boolean onlyItsName = design.equals(now);
        String document = documents.write(design);
        if (!onlyItsName) {
            boolean goesOn = sameStep && quilt.step() > 0;
            QuiltDesign before = goesOn ? documents.read(steps.document(id, quilt.step() - 1)) : now;
            keepStep(quilt, goesOn ? quilt.step() : quilt.step() + 1, document, NamedChange.between(before, design));
        }
        quilt.calledBy(of.edit());
        quilt.change(name.strip(), document);
        return stored(quilts.saveAndFlush(quilt), design, named);
    }

    /** Steps after a new one are gone: it leads elsewhere. */
    private void keepStep(Quilt quilt, int number, String document, String what) {
        if (quilt.lastStep() > quilt.step()) {
            steps.deleteAfter(quilt.id(), quilt.step());
        }
        steps.keep(quilt.id(), number, document, what, quilt.design());
        quilt.goTo(number, number);
    }

    /** Undo, with -1, and redo, with 1. At either end nothing changes. */
    public StoredQuilt goStep(UUID id, ChangeOf of, int by) {
        Quilt quilt = locked(id);
        return quilt.wasJust(of.edit()) ? stored(quilt) : goTo(quilt, of, quilt.step() + by);
    }

    /** Goes to any step there is, back or forth. */
    public StoredQuilt goTo(UUID id, ChangeOf of, int step) {
        Quilt quilt = locked(id);
        return quilt.wasJust(of.edit()) ? stored(quilt) : goTo(quilt, of, step);
    }

    private StoredQuilt goTo(Quilt quilt, ChangeOf of, int step) {
        StaleVersionException.check(of.version(), quilt.version());
        if (step < 0 || step > quilt.lastStep()) {
            return stored(quilt);
        }
        String kept = steps.document(quilt.id(), step);
        QuiltDesign design = documents.read(kept);
        QuiltDesign named = shelf.named(design);
        events.publishEvent(new DesignComing(quilt.id(), named));
        quilt.goTo(step, quilt.lastStep());
        quilt.calledBy(of.edit());
        quilt.change(quilt.name(), kept);
        return stored(quilts.saveAndFlush(quilt), design, named);
    }

    /**
     * Takes an earlier change out and keeps the later ones, as a new step; refused where a later one depends on it.
     */
    public StoredQuilt takeOut(UUID id, ChangeOf of, int step) {
        Quilt quilt = locked(id);
        if (quilt.wasJust(of.edit())) {
            return stored(quilt);
        }
        StaleVersionException.check(of.version(), quilt.version());
        if (step < 1 || step > quilt.step()) {
            throw new NotFoundException("Step");
        }
        List<StepTakenOut.Step> later = steps.between(id, step - 1, quilt.step()).stream()
                .map(each -> new StepTakenOut.Step(each.what(), documents.upToDate(each.document())))
                .toList();
        QuiltDesign design = documents.read(StepTakenOut.from(later));
        String document = documents.write(design);
        keepStep(quilt, quilt.step() + 1, document, "taken out: " + later.get(1).what());
        quilt.calledBy(of.edit());
        quilt.change(quilt.name(), document);
        return stored(quilts.saveAndFlush(quilt), design);
    }

    /** The last steps by name, newest first; those that redo reaches are among them. */
    @Transactional(readOnly = true)
    public List<NamedStep> steps(UUID id) {
        Quilt quilt = find(id);
        return steps.names(id, quilt.step() - MOST_NAMED_STEPS).stream()
                .map(step ->
                        new NamedStep(step.getNumber(), named(step), step.getAt(), step.getNumber() == quilt.step()))
                .toList();
    }

    /** Steps of before they were named are told by their place only. */
    private static String named(QuiltStepRepository.StepName step) {
        String unnamed = step.getNumber() == 0 ? "the start" : "a change";
        return step.getWhat().isEmpty() ? unnamed : step.getWhat();
    }

    /** The designs of the steps before the one that is shown, newest first. */
    @Transactional(readOnly = true)
    public List<QuiltDesign> lastSteps(UUID id, int most) {
        Quilt quilt = find(id);
        return steps.between(id, quilt.step() - most, quilt.step() - 1).reversed().stream()
                .map(step -> documents.read(step.document()))
                .map(shelf::named)
                .toList();
    }

    private Quilt find(UUID id) {
        return quilts.findByIdAndOwnerIdAndDeletedAtIsNull(id, owner.id())
                .orElseThrow(() -> new NotFoundException("Quilt"));
    }

    private Quilt locked(UUID id) {
        return quilts.findWithLockByIdAndOwnerIdAndDeletedAtIsNull(id, owner.id())
                .orElseThrow(() -> new NotFoundException("Quilt"));
    }

    private StoredQuilt stored(Quilt quilt) {
        return stored(quilt, documents.read(quilt.id(), quilt.version(), quilt.design()));
    }

    private StoredQuilt stored(Quilt quilt, QuiltDesign design) {
        return stored(quilt, design, shelf.named(design));
    }

    private StoredQuilt stored(Quilt quilt, QuiltDesign design, QuiltDesign named) {
        documents.remember(quilt.id(), quilt.version(), design);
        boolean canUndo = quilt.step() > 0;
        boolean canRedo = quilt.step() < quilt.lastStep();
        List<QuiltStepRepository.StepName> near = steps.names(quilt.id(), quilt.step());
        return new StoredQuilt(
                quilt.id(),
                quilt.name(),
                quilt.version(),
                canUndo,
                canRedo,
                canUndo ? nameOf(near, quilt.step()) : "",
                canRedo ? nameOf(near, quilt.step() + 1) : "",
                named);
    }

    private static String nameOf(List<QuiltStepRepository.StepName> names, int number) {
        return names.stream()
                .filter(step -> step.getNumber() == number)
                .map(Quilts::named)
                .findFirst()
                .orElse("a change");
    }
}

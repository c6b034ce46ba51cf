package org.goldentally.app.quilts;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.core.problem.Limits;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;

/** Quilts with all their steps: out, and in again under the same identities. */
@Service
@Transactional
public class QuiltArchive {

    private static final int MOST_STEPS = 20_000;
    private static final int LONGEST_NAME = 80;

    private final QuiltRepository quilts;
    private final QuiltSteps steps;
    private final DesignDocuments documents;
    private final CurrentOwner owner;

    QuiltArchive(QuiltRepository quilts, QuiltSteps steps, DesignDocuments documents, CurrentOwner owner) {
        this.quilts = quilts;
        this.steps = steps;
        this.documents = documents;
        this.owner = owner;
    }

    /**
     * A quilt with its steps.
     *
     * @param step the one that is shown
     * @param deletedAt when it was deleted; empty for one on the list
     */
    public record WholeQuilt(
            UUID id, String name, int step, String createdAt, String deletedAt, List<WholeStep> steps) {
        public WholeQuilt {
            Limits.required(id, "id");
            Limits.text(name, LONGEST_NAME, "name");
            Limits.text(createdAt, 40, "createdAt");
            Limits.text(deletedAt, 40, "deletedAt");
            Limits.list(steps, MOST_STEPS, "steps");
            Limits.between(step, 0, steps.size() - 1, "step");
            steps = List.copyOf(steps);
        }
    }

    /**
     * A step, numbered by its place in the list.
     *
     * @param packed its document, packed (DEFLATE, RFC 1950, in base 64); but for the first with the document of the step
     *     before it as the dictionary
     */
    public record WholeStep(String what, String at, String packed) {
        public WholeStep {
            Limits.text(what, 2_000, "what");
            Limits.text(at, 40, "at");
            Limits.text(packed, 4_000_000, "packed");
        }
    }

    /** Every quilt of the owner's, deleted ones too. */
    @Transactional(readOnly = true)
    public List<WholeQuilt> all() {
        return quilts.findByOwnerId(owner.id()).stream().map(this::whole).toList();
    }

    private WholeQuilt whole(Quilt quilt) {
        List<WholeStep> whole = new ArrayList<>();
        String before = "";
        for (QuiltSteps.WrittenStep step : steps.between(quilt.id(), 0, quilt.lastStep())) {
            String packed = Base64.getEncoder().encodeToString(PackedText.pack(step.document(), before));
            whole.add(new WholeStep(step.what(), step.at().toString(), packed));
            before = step.document();
        }
        return new WholeQuilt(
                quilt.id(),
                quilt.name(),
                quilt.step(),
                quilt.createdAt().toString(),
                quilt.isDeleted() ? quilt.deletedAt().toString() : "",
                whole);
    }

    /** Whether a quilt is here already, deleted or not. */
    @Transactional(readOnly = true)
    public boolean isHere(UUID id) {
        return quilts.existsById(id);
    }

    /**
     * Reads every step of a quilt of a file; refused with its place where one is none.
     *
     * @param where how it is called in what is said of it
     */
    public void check(String where, WholeQuilt quilt) {
        written(where, quilt, UnaryOperator.identity());
        quilt.steps().forEach(step -> instant(where, step.at()));
        deletedAt(where, quilt);
    }

    private List<String> written(String where, WholeQuilt quilt, UnaryOperator<String> toHere) {
        List<String> written = new ArrayList<>();
        String before = "";
        for (int number = 0; number < quilt.steps().size(); number++) {
            before = document(where + ".steps[" + number + "]", quilt.steps().get(number), before);
            written.add(toHere.apply(before));
        }
        return written;
    }

    private static Optional<Instant> deletedAt(String where, WholeQuilt quilt) {
        return quilt.deletedAt().isEmpty()
                ? Optional.empty()
                : Optional.of(instant(where + ".deletedAt", quilt.deletedAt()));
    }

    /**
     * Brings a quilt in; one that is here already stays as it is.
     *
     * @param where how it is called in what is said of it
     * @param toHere changes the identities of cloths in a document to those that they have here
     * @return whether it came in
     */
    public boolean bringIn(String where, WholeQuilt quilt, UnaryOperator<String> toHere) {
        List<String> written = written(where, quilt, toHere);
        if (quilts.existsById(quilt.id())) {
            return false;
        }
        Quilt kept = new Quilt(quilt.id(), owner.id(), quilt.name(), written.get(quilt.step()));
        kept.goTo(quilt.step(), quilt.steps().size() - 1);
        deletedAt(where, quilt).ifPresent(kept::delete);
        quilts.saveAndFlush(kept);
        for (int number = 0; number < written.size(); number++) {
            WholeStep step = quilt.steps().get(number);
            String before = number == 0 ? "" : written.get(number - 1);
            steps.bringIn(quilt.id(), number, written.get(number), before, step.what(), instant(where, step.at()));
        }
        return true;
    }

    /** A document is believed only once it has been read. */
    private String document(String where, WholeStep step, String before) {
        try {
            String document = PackedText.unpack(Base64.getDecoder().decode(step.packed()), before);
            documents.read(document);
            return document;
        } catch (IllegalArgumentException | IllegalStateException | JacksonException | RefusedException broken) {
            throw new RefusedException(new Problem(
                    where, "what stands here is no step of a quilt", "choose a file that Golden Tally wrote"));
        }
    }

    private static Instant instant(String where, String at) {
        try {
            return Instant.parse(at);
        } catch (java.time.format.DateTimeParseException none) {
            throw new RefusedException(
                    new Problem(where, "“" + at + "” is no time", "choose a file that Golden Tally wrote"));
        }
    }
}

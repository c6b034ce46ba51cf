package org.goldentally.app.quilts;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The steps of undo with their documents, each packed beside the one before it, and every twentieth whole. */
@Component
class QuiltSteps {

    private static final int WHOLE_EVERY = 20;

    private final QuiltStepRepository steps;

    QuiltSteps(QuiltStepRepository steps) {
        this.steps = steps;
    }

    /** A step with its document as it was written. */
    record WrittenStep(int number, String what, Instant at, String document) {}

    /** Keeps the first step. */
    void keepFirst(UUID quiltId, String document, String what) {
        keep(quiltId, 0, document, what, "");
    }

    /**
     * Keeps a step, or changes the newest; those after it are gone.
     *
     * @param likelyBefore what may be the document of the step before it, which then is not unpacked
     */
    void keep(UUID quiltId, int number, String document, String what, String likelyBefore) {
        boolean whole = number % WHOLE_EVERY == 0;
        byte[] packed = PackedText.pack(document, whole ? "" : before(quiltId, number, likelyBefore));
        steps.findByQuiltIdAndNumber(quiltId, number)
                .ifPresentOrElse(
                        known -> known.change(packed, whole, what),
                        () -> steps.save(new QuiltStep(quiltId, number, packed, whole, what)));
    }

    private String before(UUID quiltId, int number, String likely) {
        return steps.findByQuiltIdAndNumber(quiltId, number - 1)
                .filter(step -> step.isOf(likely))
                .map(step -> likely)
                .orElseGet(() -> document(quiltId, number - 1));
    }

    /**
     * Keeps a step that was made elsewhere.
     *
     * @param before document of the step before it
     */
    void bringIn(UUID quiltId, int number, String document, String before, String what, Instant at) {
        boolean whole = number % WHOLE_EVERY == 0;
        QuiltStep step = new QuiltStep(quiltId, number, PackedText.pack(document, whole ? "" : before), whole, what);
        step.madeAt(at);
        steps.save(step);
    }

    void deleteAfter(UUID quiltId, int number) {
        steps.deleteAfter(quiltId, number);
    }

    String document(UUID quiltId, int number) {
        return between(quiltId, number, number).getLast().document();
    }

    /** The steps from one to another, both with them, the oldest first. */
    List<WrittenStep> between(UUID quiltId, int first, int last) {
        List<WrittenStep> written = new ArrayList<>();
        int from = Math.max(0, first);
        String before = "";
        for (QuiltStep step :
                steps.findByQuiltIdAndNumberBetweenOrderByNumber(quiltId, from - from % WHOLE_EVERY, last)) {
            before = step.document(before);
            if (step.number() >= from) {
                written.add(new WrittenStep(step.number(), step.what(), step.at(), before));
            }
        }
        return written;
    }

    List<QuiltStepRepository.StepName> names(UUID quiltId, int first) {
        return steps.names(quiltId, first);
    }
}

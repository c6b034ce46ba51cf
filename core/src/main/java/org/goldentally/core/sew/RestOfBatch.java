package org.goldentally.core.sew;

import java.util.List;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.step.Step;

/**
 * What is done with the other sets of a batch, once the first was made right through to trimming and measured: stage by
 * stage with all of them, chained where it can be (common practice, no source).
 */
public final class RestOfBatch {

    private static final String STACK = "; stack them in tens to count them.";

    private final Batch batch;
    private final List<Step> steps;
    private final Habits habits;

    private RestOfBatch(Batch batch, List<Step> steps, Habits habits) {
        this.batch = batch;
        this.steps = steps;
        this.habits = habits;
    }

    /**
     * In sentences, one after the other; none where one set is all, or a chain is one piece of work.
     *
     * @param steps of one set
     */
    public static List<String> of(Batch batch, List<Step> steps, Habits habits) {
        return new RestOfBatch(batch, steps, habits).sentences();
    }

    /** Sets beside the first. */
    private long others() {
        return batch.setsPlanned() - 1;
    }

    private List<String> sentences() {
        if (others() < 1) {
            return List.of();
        }
        if (batch.kind() == Batch.Kind.BLOCKS) {
            return blocks();
        }
        boolean isStitched = steps.stream().anyMatch(step -> step.kind() == Step.Kind.STITCH);
        if (batch.set().isEmpty() || batch.set().get() instanceof MadeSet.Joined || !isStitched) {
            return List.of();
        }
        if (others() == 1) {
            return List.of("Make " + theOthers() + " in the same way.");
        }
        boolean isPair = steps.stream().anyMatch(step -> step.kind() == Step.Kind.PAIR);
        if (isPair && isSewnRound()) {
            return List.of(
                    "Sew round " + theOthers() + " one after the other: what is sewn all round cannot be chained.",
                    cutToCount());
        }
        // What is sewn a second time, as geese are, is not done when it is cut apart.
        long stages = steps.stream()
                .filter(step -> step.kind() == Step.Kind.STITCH || step.kind() == Step.Kind.JOIN)
                .count();
        return isPair && seams() > 1 && stages == 1 ? chained() : together();
    }

    private List<String> chained() {
        boolean marked = habits.marking() != Habits.Marking.NOTHING;
        String turned = seams() == 2
                ? "Clip them apart, turn them round, and chain the other side of all"
                : "Clip them apart, turn them, and chain the next side of all, until each has its " + seams()
                        + " seams";
        return List.of(
                "Lay " + theOthers() + " beside the machine" + (marked ? ", paired and marked." : ", paired."),
                "Begin on a scrap, so that the first corner is not pulled in. Chain one side of "
                        + (seams() == 2 ? "the line" : "a line")
                        + " through all of them without cutting the thread, and end on a scrap.",
                turned + ". So the thread is started " + seams() + " times, and not " + seams() * others() + ".",
                "Clip. " + cutToCount());
    }

    private String cutToCount() {
        boolean trims = steps.stream().anyMatch(step -> step.kind() == Step.Kind.TRIM);
        return "Cut all of them apart, press all" + (trims ? ", trim all" : "") + STACK;
    }

    private List<String> together() {
        return List.of(
                "Take " + theOthers() + " through together: each step with all of them, before the next.",
                "Chain what is stitched, from a scrap to a scrap, without cutting the thread; clip before you press.",
                "Count them as you stack them, in tens.");
    }

    private List<String> blocks() {
        return List.of(
                "Measure it, and pin it up as the pattern.",
                "Lay out " + theOthers() + (others() == 1 ? " like the pattern." : ", each like the pattern."),
                "Chain the first seam of all. Leave the pieces of a block joined by their threads, which keeps their order;"
                        + " then the next seam of all, pressed before it is crossed.");
    }

    private String theOthers() {
        return others() == 1
                ? "the other " + Recipe.counted(batch.setName(), 1)
                : "the other " + others() + " " + Recipe.counted(batch.setName(), others());
    }

    /** Seams of the first step that stitches. */
    private long seams() {
        return steps.stream()
                .filter(step -> step.kind() == Step.Kind.STITCH)
                .findFirst()
                .map(RestOfBatch::stitches)
                .orElse(0L);
    }

    private static long stitches(Step step) {
        return step.drawing().stream()
                .filter(shape -> shape instanceof Step.LineShape line && line.kind() == Step.LineKind.STITCH)
                .count();
    }

    /** Whether the seams make a closed way: each ends where another begins. */
    private boolean isSewnRound() {
        List<Step.LineShape> seams = steps.stream()
                .filter(step -> step.kind() == Step.Kind.STITCH)
                .findFirst()
                .map(step -> step.drawing().stream()
                        .filter(Step.LineShape.class::isInstance)
                        .map(Step.LineShape.class::cast)
                        .filter(line -> line.kind() == Step.LineKind.STITCH)
                        .toList())
                .orElse(List.of());
        return !seams.isEmpty()
                && seams.stream()
                        .allMatch(each -> seams.stream()
                                .anyMatch(next ->
                                        next.line().from().equals(each.line().to())));
    }
}

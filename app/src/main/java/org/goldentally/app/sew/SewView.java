package org.goldentally.app.sew;

import java.util.List;
import java.util.UUID;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.sew.Batch;

/**
 * The batches of a quilt as they stand.
 *
 * @param tapsElsewhere how many taps belong to batches that the plan does not have any more
 * @param made sets sewn, of so many
 * @param known the newest taps that are counted here, by their ids, so that a page counts none of them twice
 */
record SewView(
        String unitOfLength,
        List<BatchView> batches,
        long made,
        long needed,
        Habits.Marking marking,
        Habits.Pressing pressing,
        PaceView pace,
        int tapsElsewhere,
        List<UUID> known) {

    /**
     * A batch.
     *
     * @param line how it stands in the list of batches
     * @param run what it is one of many of: the same work in other cloths
     * @param choiceKey of its group, for extra units; empty for what is sewn of units
     * @param extraWanted units for mishaps that would cover what the plan has no cloth cut for
     * @param handed whether left and right hands are counted apart
     * @param good made and not spoiled
     */
    record BatchView(
            String key,
            Batch.Kind kind,
            String run,
            String title,
            String subtitle,
            Batch.Line line,
            long needed,
            int perSet,
            String setName,
            boolean handed,
            int setsMade,
            int setsSpoiled,
            int spoiled,
            long good,
            long setsLeft,
            long beyondPlan,
            String choiceKey,
            long extraWanted,
            SewnUnit unit) {}

    /** The finished unit; no patches for what is sewn of units. */
    record SewnUnit(double width, double height, List<String> patches, List<Integer> cloths) {
        static final SewnUnit NONE = new SewnUnit(1, 1, List.of(), List.of());
    }

    /**
     * How long it takes, from the log.
     *
     * @param rest in words; says so where nothing can be told yet
     */
    record PaceView(List<String> paces, String rest, double usualHours, double slowHours, String schedule) {}
}

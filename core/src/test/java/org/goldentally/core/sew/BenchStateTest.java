package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.sew.LogEntry.Kind;
import org.junit.jupiter.api.Test;

class BenchStateTest {

    private static final Instant START = Instant.parse("2026-11-23T08:00:00Z");

    /** Fourteen pairs of eight typed at once, two of the units no good, are one entry, taken back as one. */
    @Test
    void aTypedCountIsOneEntryAndIsTakenBackAsOne() {
        LogEntry typed =
                new LogEntry(new UUID(0, 1), START, Kind.SET_MADE, "a", 14 * 8, 14, 2, "", "", Optional.empty());
        BenchState.Counts counts = BenchState.of(List.of(typed)).counts().getOrDefault("a", BenchState.Counts.NONE);
        assertThat(counts.setsMade()).isEqualTo(14);
        assertThat(counts.good()).isEqualTo(110);
        LogEntry back = new LogEntry(new UUID(0, 2), START, Kind.TAKE_BACK, "a", 0, "", "", Optional.of(typed.id()));
        assertThat(BenchState.of(List.of(typed, back)).counts().getOrDefault("a", BenchState.Counts.NONE))
                .isEqualTo(BenchState.Counts.NONE);
        assertThatThrownBy(() ->
                        new LogEntry(new UUID(0, 3), START, Kind.SET_MADE, "a", 8, 1, 9, "", "", Optional.empty()))
                .hasMessage("spoiled is 9; of what was made it goes from 0 to all");
        assertThat(LogEntry.faults(Kind.SET_MADE, 0, 0, 0, "", false))
                .containsExactly("times is 0; it goes from 1 to 2000");
    }

    /**
     * What the screen showed after each tap, kept by a model that only adds and takes away, is what the log says when it is
     * read up to there; and so is a log in which entries were sent twice.
     */
    @Tries(200)
    void anyPrefixOfTheLogGivesTheStateThatWasShownThen(Chance chance) {
        List<Integer> taps = taps(chance);
        List<LogEntry> log = new ArrayList<>();
        Map<String, int[]> shown = new HashMap<>();
        Map<String, Deque<LogEntry>> standing = new HashMap<>();
        for (int i = 0; i < taps.size(); i++) {
            String batch = taps.get(i) % 2 == 0 ? "a" : "b";
            int[] counts = shown.computeIfAbsent(batch, any -> new int[3]);
            Deque<LogEntry> stack = standing.computeIfAbsent(batch, any -> new ArrayDeque<>());
            Optional<LogEntry> entry = Optional.empty();
            switch (taps.get(i) / 2) {
                case 0, 1 -> {
                    entry = Optional.of(entry(i, Kind.SET_MADE, batch, 8));
                    counts[0] += 8;
                }
                case 2 -> {
                    entry = Optional.of(entry(i, Kind.UNIT_SPOILED, batch, 1));
                    counts[1]++;
                }
                case 3 -> {
                    entry = Optional.of(entry(i, Kind.SET_SPOILED, batch, 0));
                    counts[2]++;
                }
                default -> {
                    if (!stack.isEmpty()) {
                        LogEntry back = stack.pop();
                        log.add(takesBack(i, back));
                        switch (back.kind()) {
                            case SET_MADE -> counts[0] -= 8;
                            case UNIT_SPOILED -> counts[1]--;
                            default -> counts[2]--;
                        }
                    }
                }
            }
            entry.ifPresent(each -> {
                log.add(each);
                stack.push(each);
            });
            check(BenchState.of(log), shown);
            List<LogEntry> twice = new ArrayList<>(log);
            twice.addAll(log);
            check(BenchState.of(twice), shown);
        }
    }

    private static void check(BenchState state, Map<String, int[]> shown) {
        shown.forEach((batch, counts) -> {
            assertThat(state.counts()
                            .getOrDefault(batch, BenchState.Counts.NONE)
                            .units())
                    .isEqualTo(counts[0]);
            assertThat(state.counts()
                            .getOrDefault(batch, BenchState.Counts.NONE)
                            .setsMade())
                    .isEqualTo(counts[0] / 8);
            assertThat(state.counts()
                            .getOrDefault(batch, BenchState.Counts.NONE)
                            .spoiled())
                    .isEqualTo(counts[1]);
            assertThat(state.counts()
                            .getOrDefault(batch, BenchState.Counts.NONE)
                            .setsSpoiled())
                    .isEqualTo(counts[2]);
            assertThat(state.counts()
                            .getOrDefault(batch, BenchState.Counts.NONE)
                            .good())
                    .isEqualTo(counts[0] - counts[1]);
        });
    }

    private static List<Integer> taps(Chance chance) {
        return chance.list(0, 60, () -> chance.between(0, 9));
    }

    @Test
    void takingBackTwiceTakesBackOnce() {
        LogEntry made = entry(1, Kind.SET_MADE, "a", 8);
        BenchState state = BenchState.of(List.of(made, takesBack(2, made), takesBack(3, made)));
        assertThat(state.counts().getOrDefault("a", BenchState.Counts.NONE).units())
                .isZero();
        assertThat(state.standing()).isEmpty();
    }

    /** What was sewn under the key of a version before this one, and what under today's, is sewn of one batch. */
    @Test
    void aBatchIsFoundUnderItsFormerKeyToo() {
        BatchKey batch = new BatchKey.Border(2);
        assertThat(batch.inLog()).containsExactlyInAnyOrder("border(2)", "border 2");
        List<LogEntry> log = List.of(entry(1, Kind.SET_MADE, "border 2", 1), entry(2, Kind.SET_MADE, "border(2)", 3));
        BenchState state = BenchState.of(log);
        assertThat(state.of(batch).units()).isEqualTo(4);
        assertThat(state.of(batch).setsMade()).isEqualTo(2);
        assertThat(state.standing(batch)).isEqualTo(log);
        assertThat(state.of(new BatchKey.Border(3))).isEqualTo(BenchState.Counts.NONE);
    }

    @Test
    void cuttingStepsAreTickedAndUnticked() {
        LogEntry cut = entry(1, Kind.CUT, "step", 0);
        assertThat(BenchState.of(List.of(cut)).cut()).containsExactly("step");
        assertThat(BenchState.of(List.of(cut, takesBack(2, cut))).cut()).isEmpty();
    }

    @Test
    void anEntryThatMakesNoSenseIsRefused() {
        assertThatThrownBy(
                        () -> new LogEntry(UUID.randomUUID(), START, Kind.SET_MADE, "a", -1, "", "", Optional.empty()))
                .hasMessageContaining("units is -1");
        assertThatThrownBy(
                        () -> new LogEntry(UUID.randomUUID(), START, Kind.TAKE_BACK, "a", 0, "", "", Optional.empty()))
                .hasMessageContaining("takesBack");
        assertThatThrownBy(() ->
                        new LogEntry(UUID.randomUUID(), START, Kind.UNIT_SPOILED, "a", 1, "both", "", Optional.empty()))
                .hasMessageContaining("neither left nor right");
    }

    static LogEntry entry(int number, Kind kind, String batch, int units) {
        return entry(number, kind, batch, units, START.plusSeconds(60L * number));
    }

    static LogEntry entry(int number, Kind kind, String batch, int units, Instant at) {
        return new LogEntry(new UUID(0, number), at, kind, batch, units, "", "", Optional.empty());
    }

    private static LogEntry takesBack(int number, LogEntry other) {
        return new LogEntry(
                new UUID(1, number),
                START.plusSeconds(60L * number),
                Kind.TAKE_BACK,
                other.batch(),
                0,
                "",
                "",
                Optional.of(other.id()));
    }
}

package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.goldentally.core.sew.LogEntry.Kind;

/**
 * What the log says up to some entry: reading it from the start gives the state at any moment. An entry that comes twice
 * counts once; one that is taken back does not count, and taking it back twice changes nothing.
 *
 * @param counts by batch
 * @param cut keys of the cutting steps that are done
 * @param putAway steps that were done and of which everything is put away: they are on no sheet any more
 * @param standing entries that count, in order
 */
public record BenchState(Map<String, Counts> counts, Set<String> cut, int putAway, List<LogEntry> standing) {

    /**
     * What is made of a batch.
     *
     * @param units that the sets gave
     * @param spoiled units of these that are no good
     */
    public record Counts(int setsMade, int setsSpoiled, int units, int spoiled, int spoiledLeft, int spoiledRight) {

        public static final Counts NONE = new Counts(0, 0, 0, 0, 0, 0);

        /** Units to be sewn on with. */
        public int good() {
            return units - spoiled;
        }

        Counts and(Counts other) {
            return new Counts(
                    setsMade + other.setsMade,
                    setsSpoiled + other.setsSpoiled,
                    units + other.units,
                    spoiled + other.spoiled,
                    spoiledLeft + other.spoiledLeft,
                    spoiledRight + other.spoiledRight);
        }

        Counts and(LogEntry entry) {
            int n = entry.units();
            return switch (entry.kind()) {
                case SET_MADE ->
                    new Counts(
                            setsMade + entry.times(),
                            setsSpoiled,
                            units + n,
                            spoiled + entry.spoiled(),
                            spoiledLeft,
                            spoiledRight);
                case SET_SPOILED ->
                    new Counts(setsMade, setsSpoiled + entry.times(), units, spoiled, spoiledLeft, spoiledRight);
                case UNIT_SPOILED ->
                    new Counts(
                            setsMade,
                            setsSpoiled,
                            units,
                            spoiled + n,
                            spoiledLeft + (entry.hand().equals("left") ? n : 0),
                            spoiledRight + (entry.hand().equals("right") ? n : 0));
                case CUT, PUT_AWAY, NOTE, MEASURE, TAKE_BACK -> this;
            };
        }
    }

    /** What stands of a log: entries taken back do not count, entries sent twice count once. */
    public static BenchState of(List<LogEntry> log) {
        Map<UUID, LogEntry> known = new LinkedHashMap<>();
        log.forEach(entry -> known.putIfAbsent(entry.id(), entry));
        Set<UUID> takenBack = takenBack(known.values(), Kind.TAKE_BACK, Set.of());
        Set<UUID> putAway = takenBack(known.values(), Kind.PUT_AWAY, takenBack);
        putAway.removeAll(takenBack);
        Map<String, Counts> counts = new LinkedHashMap<>();
        Set<String> cut = new LinkedHashSet<>();
        List<LogEntry> standing = new ArrayList<>();
        for (LogEntry entry : known.values()) {
            if (takenBack.contains(entry.id())
                    || putAway.contains(entry.id())
                    || entry.kind() == Kind.TAKE_BACK
                    || entry.kind() == Kind.PUT_AWAY) {
                continue;
            }
            standing.add(entry);
            if (entry.kind() == Kind.CUT) {
                cut.add(entry.batch());
            } else {
                counts.merge(entry.batch(), Counts.NONE.and(entry), (before, any) -> before.and(entry));
            }
        }
        return new BenchState(Map.copyOf(counts), Set.copyOf(cut), putAway.size(), List.copyOf(standing));
    }

    /** What entries of a kind are about, but for those that do not count themselves. */
    private static Set<UUID> takenBack(Collection<LogEntry> log, Kind kind, Set<UUID> without) {
        Set<UUID> about = new LinkedHashSet<>();
        log.stream()
                .filter(entry -> entry.kind() == kind && !without.contains(entry.id()))
                .forEach(entry -> entry.takesBack().ifPresent(about::add));
        return about;
    }

    /** Counts of a batch, whichever of its keys the log knows it by; nothing yet where it knows none. */
    public Counts of(BatchKey batch) {
        return batch.inLog().stream()
                .map(key -> counts.getOrDefault(key, Counts.NONE))
                .reduce(Counts.NONE, Counts::and);
    }

    /** Entries of a batch that count, in order. */
    public List<LogEntry> standing(BatchKey batch) {
        return standing(batch.inLog());
    }

    /** Entries that count and are of one of these keys, in order. */
    public List<LogEntry> standing(Set<String> keys) {
        return standing.stream().filter(entry -> keys.contains(entry.batch())).toList();
    }
}
